package app.carder.core.safety;

import app.carder.core.calculation.Source;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Optional;

/**
 * One thing to look out for.
 *
 * @param code of the rule
 * @param level how strict it is
 * @param words what it says
 * @param about what and whom it is about
 * @param authority where it comes from
 * @param gap what is not known, where that is what it is about
 */
public record Finding(String code, Level level, Words words, About about, Authority authority, Optional<Gap> gap) {

    /**
     * What a finding says.
     *
     * @param title of the rule, in a few words
     * @param reason why it speaks here, with the figures that decided
     * @param caution what to do
     */
    public record Words(Said title, Said reason, Said caution) {

        /** What the catalogue has under {@code <code>.title}, {@code .reason} and {@code .caution}. */
        public static Words of(String code, Object... reasonArguments) {
            return new Words(
                    Said.of(code + ".title"), Said.of(code + ".reason", reasonArguments), Said.of(code + ".caution"));
        }

        /** The same with another thing to do. */
        public Words doing(Said caution) {
            return new Words(title, reason, caution);
        }
    }

    /**
     * What it is about.
     *
     * @param subject the material
     * @param children the children concerned; empty where it is about everyone
     */
    public record About(String subject, List<String> children) {
        /** Keeps its own copy. */
        public About {
            children = List.copyOf(children);
        }
    }

    /**
     * Where a rule comes from.
     *
     * @param source publication or trade habit
     * @param jurisdiction where it is law or standard; empty where it is general
     */
    public record Authority(Source source, String jurisdiction) {}

    /** Something that is known. */
    public static Finding known(String code, Level level, Words words, About about, Authority authority) {
        return new Finding(code, level, words, about, authority, Optional.empty());
    }

    /** Whether it holds the set-out. */
    public boolean holds() {
        return level.holds();
    }

    /** Of the rule, in a few words of English. */
    public String title() {
        return words.title().words();
    }

    /** The material that it is about. */
    public String subject() {
        return about.subject();
    }

    /** The children concerned; empty where it is about everyone. */
    public List<String> children() {
        return about.children();
    }

    /** Why it speaks here, with the figures that decided, in English. */
    public String reason() {
        return words.reason().words();
    }

    /** What to do, in English. */
    public String caution() {
        return words.caution().words();
    }

    /** Where the rule comes from. */
    public Source source() {
        return authority.source();
    }

    /** Where it is law or standard; empty where it is general. */
    public String jurisdiction() {
        return authority.jurisdiction();
    }
}
