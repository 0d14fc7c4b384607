package app.carder.web.watchlog;

import app.carder.core.watch.PlayKind;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watch.TimeSample.Company;
import app.carder.core.watch.Tries.Prompt;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;

/** What an entry of the log tells. */
public enum EntryKind {
    /** Watching began; number: minutes between looks, where there are any. */
    BEGIN(Child.NONE, Set.of()),
    /** Watching ended. */
    END(Child.NONE, Set.of()),
    /** The entry that it names does not count. */
    TAKEN_BACK(Child.NONE, Set.of()),
    /** The entry that it names happened at another time. */
    RETIMED(Child.NONE, Set.of()),
    /** A tap about a child; code: a name of {@link PlayKind}. */
    TAP(Child.ONE, names(PlayKind.class)),
    /** A look; code: a name of {@link Activity} or empty; company: a name of {@link Company} or empty; number: involvement. */
    LOOK(Child.ONE, names(Activity.class)),
    /** Reached a zone, at a place of the plan. */
    ARRIVED(Child.ONE, Set.of()),
    /** Counted; words: what, number: how many more or fewer. */
    TALLY(Child.ONE, Set.of()),
    /** Checked; words: what, number of ofNumber. */
    CHECK(Child.ONE, Set.of()),
    /** A try; words: at what, number: 1 where it came off, code: a name of {@link Prompt}. */
    TRY(Child.ONE, names(Prompt.class)),
    /** A turn of a game; words: target, number: its value. */
    TURN(Child.ONE, Set.of()),
    /** Found things; words: group, number: how many. */
    GROUP(Child.ONE, Set.of()),
    /** Compared with a named object; words: object, code: LONGER, SHORTER or SAME. */
    COMPARE(Child.ONE, Set.of("LONGER", "SHORTER", "SAME")),
    /** A timed minute; words: what, number: how often, ofNumber: seconds. */
    MINUTE(Child.ONE, Set.of()),
    /** Heard; words: as the child said them, company: language, number: 1 for a question. */
    HEARD(Child.ONE, Set.of());

    private enum Child {
        NONE,
        ONE
    }

    private final Child child;
    private final Set<String> codes;

    EntryKind(Child child, Set<String> codes) {
        this.child = child;
        this.codes = codes;
    }

    /** Whether it is about a child. */
    public boolean isOfChild() {
        return child == Child.ONE;
    }

    /** Whether it corrects another entry. */
    public boolean isCorrection() {
        return this == TAKEN_BACK || this == RETIMED;
    }

    /** Whether a code belongs to it; a look may go without. */
    boolean takes(String code) {
        return codes.contains(code) || (code.isEmpty() && (codes.isEmpty() || this == LOOK));
    }

    private static Set<String> names(Class<? extends Enum<?>> codes) {
        return Arrays.stream(codes.getEnumConstants()).map(Enum::name).collect(Collectors.toUnmodifiableSet());
    }
}
