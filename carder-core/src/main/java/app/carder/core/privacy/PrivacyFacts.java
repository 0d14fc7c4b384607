package app.carder.core.privacy;

import app.carder.core.retention.Retention;
import java.util.Set;

/**
 * What a setting does with data about people, as far as Carder can know it.
 *
 * @param setting what it is called
 * @param country code of where it lies
 * @param does what is so
 * @param retention for how long what is kept
 */
public record PrivacyFacts(String setting, String country, Set<Fact> does, Retention retention) {

    /** Keeps its own copy. */
    public PrivacyFacts {
        does = Set.copyOf(does);
    }

    /** Something that is so or not. */
    public enum Fact {
        /** There are photos of children. */
        PHOTOS,
        /** Play is watched tap by tap. */
        WATCHED,
        /** Devices carry records. */
        DEVICES,
        /** Families read by private links, or sign in. */
        FAMILIES_READ,
        /** A mail server is set. */
        MAIL,
        /** Staff see the children of every room. */
        ROOMS_OPEN,
        /** Everybody of staff needs a second step to sign in. */
        SECOND_STEP,
        /** The last backup is not old. */
        BACKED_UP
    }

    /** Whether it is so. */
    boolean is(Fact fact) {
        return does.contains(fact);
    }
}
