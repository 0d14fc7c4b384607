package app.carder.core.safety;

import app.carder.core.safety.Setup.Item;
import java.util.Arrays;
import java.util.List;

/**
 * Whom a rule is about, written in words so that rules are data: {@code anyone}, or one or more of {@code under 36},
 * {@code from 36}, {@code 36 to 96} (months completed, the last not included), {@code mouths}, {@code allergic} (to this
 * material), {@code has allergy}, {@code salt over} (a mouthful holds more than a day's salt) and {@code needs SKIN} (an entry of
 * that kind), joined by {@code or}. With {@code nobody} before it, the rule speaks to everyone where no child is meant. The youngest
 * and the mouthing children decide, never an average; of whom the facts are missing, it is not known whether they are meant.
 */
final class Concerned {

    private static final String NOBODY = "nobody ";

    private final boolean anyone;
    private final boolean nobody;
    private final List<Part> parts;

    private Concerned(boolean anyone, boolean nobody, List<Part> parts) {
        this.anyone = anyone;
        this.nobody = nobody;
        this.parts = parts;
    }

    private interface Part {
        Known meant(ChildPresent child, Item item);
    }

    /**
     * Reads whom it is about.
     *
     * @throws IllegalArgumentException if a word is not known
     */
    static Concerned parse(String words) {
        if (words.equals("anyone")) {
            return new Concerned(true, false, List.of());
        }
        boolean nobody = words.startsWith(NOBODY);
        String meant = nobody ? words.substring(NOBODY.length()) : words;
        return new Concerned(
                false,
                nobody,
                Arrays.stream(meant.split(" or "))
                        .map(String::strip)
                        .map(Concerned::part)
                        .toList());
    }

    /** Whether it speaks to everyone, with these children there. */
    Known isEveryone(List<ChildPresent> children, Item item) {
        if (anyone) {
            return Known.YES;
        }
        if (!nobody) {
            return Known.NO;
        }
        Known somebody = Known.NO;
        for (ChildPresent child : children) {
            somebody = somebody.or(meant(child, item));
            if (somebody.isYes()) {
                break;
            }
        }
        return somebody.not();
    }

    /** Whether it is about single children. */
    boolean isAboutChildren() {
        return !anyone && !nobody;
    }

    /** Whether one child is meant. */
    Known meant(ChildPresent child, Item item) {
        // Asked for every child, thing and rule, thousands of times for one card: a loop that ends as soon as it can.
        Known meant = Known.NO;
        for (Part part : parts) {
            meant = meant.or(part.meant(child, item));
            if (meant.isYes()) {
                return meant;
            }
        }
        return meant;
    }

    private static Part part(String words) {
        String[] parts = words.split("\\s+");
        switch (words) {
            case "mouths":
                return (child, item) -> child.mouths();
            case "allergic":
                return (child, item) -> child.mustAvoid(item.material().allergens());
            case "has allergy":
                return (child, item) -> child.mustAvoidSomething();
            case "salt over":
                return SaltSwallowed::isMoreThanADay;
            default:
        }
        try {
            if (parts.length == 2 && parts[0].equals("needs")) {
                CareEntry.Kind kind = CareEntry.Kind.valueOf(parts[1]);
                return (child, item) -> Known.of(child.has(kind));
            }
            if (parts.length == 2 && parts[0].equals("under")) {
                int months = Integer.parseInt(parts[1]);
                return (child, item) -> child.underMonths(months);
            }
            if (parts.length == 2 && parts[0].equals("from")) {
                int months = Integer.parseInt(parts[1]);
                return (child, item) -> child.underMonths(months).not();
            }
            if (parts.length == 3 && parts[1].equals("to")) {
                int from = Integer.parseInt(parts[0]);
                int to = Integer.parseInt(parts[2]);
                return (child, item) -> child.underMonths(from).not().and(child.underMonths(to));
            }
        } catch (NumberFormatException notMonths) {
            throw new IllegalArgumentException(
                    "Months must be a whole number, got \"%s\".".formatted(words), notMonths);
        }
        throw new IllegalArgumentException("Rule must be about children in known words, got \"%s\".".formatted(words));
    }
}
