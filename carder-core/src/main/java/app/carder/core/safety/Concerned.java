package app.carder.core.safety;

import app.carder.core.material.Material;
import java.util.Arrays;
import java.util.List;

/**
 * Whom a rule is about, written in words so that rules are data: {@code anyone}, or one or more of {@code under 36},
 * {@code from 36}, {@code 36 to 96} (months completed, the last not included), {@code mouths}, {@code allergic} (to this
 * material) and {@code has allergy}, joined by {@code or}. With {@code nobody} before it, the rule speaks to everyone where no
 * child is meant. The youngest and the mouthing children decide, never an average.
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
        boolean meant(ChildPresent child, Material material);
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
    boolean isEveryone(List<ChildPresent> children, Material material) {
        return anyone || nobody && children.stream().noneMatch(child -> meant(child, material));
    }

    /** The children who are meant; empty where it speaks to everyone, or to none of them. */
    List<ChildPresent> of(List<ChildPresent> children, Material material) {
        return anyone || nobody
                ? List.of()
                : children.stream().filter(child -> meant(child, material)).toList();
    }

    private boolean meant(ChildPresent child, Material material) {
        return parts.stream().anyMatch(part -> part.meant(child, material));
    }

    private static Part part(String words) {
        String[] parts = words.split("\\s+");
        if (words.equals("mouths")) {
            return (child, material) -> child.mouths();
        }
        if (words.equals("allergic")) {
            return (child, material) -> child.allergens().stream().anyMatch(material.allergens()::contains);
        }
        if (words.equals("has allergy")) {
            return (child, material) -> !child.allergens().isEmpty();
        }
        try {
            if (parts.length == 2 && parts[0].equals("under")) {
                int months = Integer.parseInt(parts[1]);
                return (child, material) -> child.age().isUnderMonths(months);
            }
            if (parts.length == 2 && parts[0].equals("from")) {
                int months = Integer.parseInt(parts[1]);
                return (child, material) -> !child.age().isUnderMonths(months);
            }
            if (parts.length == 3 && parts[1].equals("to")) {
                int from = Integer.parseInt(parts[0]);
                int to = Integer.parseInt(parts[2]);
                return (child, material) ->
                        !child.age().isUnderMonths(from) && child.age().isUnderMonths(to);
            }
        } catch (NumberFormatException notMonths) {
            throw new IllegalArgumentException(
                    "Months must be a whole number, got \"%s\".".formatted(words), notMonths);
        }
        throw new IllegalArgumentException("Rule must be about children in known words, got \"%s\".".formatted(words));
    }
}
