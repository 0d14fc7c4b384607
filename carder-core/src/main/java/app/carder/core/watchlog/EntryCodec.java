package app.carder.core.watchlog;

import app.carder.core.watch.Attempts;
import app.carder.core.watch.DeviceClock;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Listening;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watch.TimeSample.Company;
import app.carder.core.watch.TimeSample.Look;
import app.carder.core.watchlog.Entry.Arrived;
import app.carder.core.watchlog.Entry.Began;
import app.carder.core.watchlog.Entry.Checked;
import app.carder.core.watchlog.Entry.Compared;
import app.carder.core.watchlog.Entry.Comparison;
import app.carder.core.watchlog.Entry.Counted;
import app.carder.core.watchlog.Entry.Ended;
import app.carder.core.watchlog.Entry.Grouped;
import app.carder.core.watchlog.Entry.Heard;
import app.carder.core.watchlog.Entry.Looked;
import app.carder.core.watchlog.Entry.Retimed;
import app.carder.core.watchlog.Entry.Spot;
import app.carder.core.watchlog.Entry.TakenBack;
import app.carder.core.watchlog.Entry.Tap;
import app.carder.core.watchlog.Entry.TimedMinute;
import app.carder.core.watchlog.Entry.Tried;
import app.carder.core.watchlog.Entry.Turned;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The one place where entries become flat and flat ones become entries: for what devices send, for the table, for files,
 * and on the device itself.
 */
public final class EntryCodec {

    /** The longest words of an entry, in characters. */
    public static final int LONGEST_WORDS = 1000;

    /** The longest company or language, in characters. */
    public static final int LONGEST_COMPANY = 120;

    /** Larger numbers and places are slips of the finger. */
    static final int LARGEST = 1_000_000;

    private EntryCodec() {}

    /**
     * Reads an entry. Numbers that an entry of long ago does not give count as none, and a look's company or depth that
     * is not known is left out, so that whatever was once kept can still be read.
     *
     * @return empty where it lacks what its kind cannot be without: a child, a target, a time, a known code
     */
    public static Optional<Entry> read(EntryLine line) {
        return switch (line.kind()) {
            case BEGIN -> Optional.of(new Began(line.number()));
            case END -> Optional.of(new Ended());
            case TAKEN_BACK -> Optional.ofNullable(line.target()).map(TakenBack::new);
            case RETIMED ->
                Optional.ofNullable(line.target())
                        .flatMap(target ->
                                Optional.ofNullable(line.correctedTo()).map(at -> new Retimed(target, at)));
            default -> Optional.ofNullable(line.child()).flatMap(child -> ofChild(line, child));
        };
    }

    private static Optional<Entry> ofChild(EntryLine line, UUID child) {
        return switch (line.kind()) {
            case TAP -> code(PlayKind.values(), line.code()).map(kind -> new Tap(child, kind));
            case LOOK ->
                line.code().isEmpty() || code(Activity.values(), line.code()).isPresent()
                        ? Optional.of(new Looked(child, line.zone(), look(line)))
                        : Optional.empty();
            case ARRIVED -> Optional.of(new Arrived(child, line.zone(), spot(line)));
            case TALLY -> Optional.of(new Counted(child, line.words(), number(line.number())));
            case CHECK -> Optional.of(new Checked(child, line.words(), number(line.number()), number(line.ofNumber())));
            case TRY ->
                code(Attempts.Prompt.values(), line.code())
                        .map(prompt -> new Tried(
                                child, line.words(), new Attempts.Attempt(number(line.number()) == 1, prompt)));
            case TURN -> Optional.of(new Turned(child, line.words(), number(line.number())));
            case GROUP -> Optional.of(new Grouped(child, line.words(), number(line.number())));
            case COMPARE -> code(Comparison.values(), line.code()).map(how -> new Compared(child, line.words(), how));
            case MINUTE ->
                Optional.of(new TimedMinute(child, line.words(), number(line.number()), number(line.ofNumber())));
            case HEARD ->
                Optional.of(new Heard(
                        child, new Listening.Heard(line.words(), line.company(), number(line.number()) == 1)));
            default -> Optional.empty();
        };
    }

    /**
     * Whether an entry that is sent says what its kind needs, and nothing that cannot be.
     *
     * @param line as it came
     */
    public static boolean isAcceptable(EntryLine line) {
        boolean brief = line.words().length() <= LONGEST_WORDS && line.company().length() <= LONGEST_COMPANY;
        boolean small = Stream.of(line.number(), line.ofNumber(), line.xMm(), line.yMm())
                .allMatch(value -> value == null || (value >= -LARGEST && value <= LARGEST));
        boolean datable = line.correctedTo() == null || DeviceClock.canSay(line.correctedTo());
        return brief && small && datable && needsNoCode(line) && read(line).isPresent();
    }

    private static boolean needsNoCode(EntryLine line) {
        return switch (line.kind()) {
            case TAP, LOOK, TRY, COMPARE -> true;
            default -> line.code().isEmpty();
        };
    }

    /** The flat form of an entry. */
    public static EntryLine write(Entry entry) {
        if (entry instanceof Began began) {
            return line(EntryKind.BEGIN, null, "", "", began.everyMinutes(), null);
        } else if (entry instanceof Ended) {
            return line(EntryKind.END, null, "", "", null, null);
        } else if (entry instanceof TakenBack back) {
            return correction(EntryKind.TAKEN_BACK, back.target(), null);
        } else if (entry instanceof Retimed retimed) {
            return correction(EntryKind.RETIMED, retimed.target(), retimed.happenedAt());
        } else if (entry instanceof Tap tap) {
            return line(EntryKind.TAP, tap.child(), tap.kind().name(), "", null, null);
        } else if (entry instanceof Looked looked) {
            return look(looked);
        } else if (entry instanceof Arrived arrived) {
            return arrived(arrived);
        } else if (entry instanceof Counted counted) {
            return line(EntryKind.TALLY, counted.child(), "", counted.what(), counted.by(), null);
        } else if (entry instanceof Checked check) {
            return line(EntryKind.CHECK, check.child(), "", check.what(), check.number(), check.of());
        } else if (entry instanceof Tried tried) {
            String prompt = tried.attempt().prompt().name();
            return line(
                    EntryKind.TRY,
                    tried.child(),
                    prompt,
                    tried.what(),
                    tried.attempt().managed() ? 1 : 0,
                    null);
        } else if (entry instanceof Turned turn) {
            return line(EntryKind.TURN, turn.child(), "", turn.what(), turn.points(), null);
        } else if (entry instanceof Grouped group) {
            return line(EntryKind.GROUP, group.child(), "", group.what(), group.number(), null);
        } else if (entry instanceof Compared compared) {
            return line(
                    EntryKind.COMPARE, compared.child(), compared.comparison().name(), compared.what(), null, null);
        } else if (entry instanceof TimedMinute minute) {
            return line(EntryKind.MINUTE, minute.child(), "", minute.what(), minute.times(), minute.seconds());
        } else if (entry instanceof Heard heard) {
            return heard(heard);
        }
        throw new IllegalArgumentException("There is no flat form of %s.".formatted(entry));
    }

    private static EntryLine line(
            EntryKind kind,
            @Nullable UUID child,
            String code,
            String words,
            @Nullable Integer number,
            @Nullable Integer ofNumber) {
        return new EntryLine(kind, child, null, code, "", words, number, ofNumber, null, null, null, null);
    }

    private static EntryLine correction(EntryKind kind, UUID target, @Nullable Instant correctedTo) {
        return new EntryLine(kind, null, null, "", "", "", null, null, null, null, target, correctedTo);
    }

    private static EntryLine look(Looked looked) {
        Look look = looked.look();
        return new EntryLine(
                EntryKind.LOOK,
                looked.child(),
                looked.zone(),
                name(look.activity()),
                name(look.company()),
                "",
                look.depth() == null ? null : look.depth().level(),
                null,
                null,
                null,
                null,
                null);
    }

    private static EntryLine arrived(Arrived arrived) {
        Spot spot = arrived.spot();
        return new EntryLine(
                EntryKind.ARRIVED,
                arrived.child(),
                arrived.zone(),
                "",
                "",
                "",
                null,
                null,
                spot == null ? null : spot.xMm(),
                spot == null ? null : spot.yMm(),
                null,
                null);
    }

    private static EntryLine heard(Heard heard) {
        Listening.Heard said = heard.heard();
        return new EntryLine(
                EntryKind.HEARD,
                heard.child(),
                null,
                "",
                said.language(),
                said.words(),
                said.isQuestion() ? 1 : 0,
                null,
                null,
                null,
                null,
                null);
    }

    private static Look look(EntryLine line) {
        Integer level = line.number();
        return new Look(
                code(Activity.values(), line.code()).orElse(null),
                code(Company.values(), line.company()).orElse(null),
                level == null || level < 1 || level > 5 ? null : Involvement.ofLevel(level));
    }

    private static @Nullable Spot spot(EntryLine line) {
        return line.xMm() == null || line.yMm() == null ? null : new Spot(line.xMm(), line.yMm());
    }

    private static <E extends Enum<E>> Optional<E> code(E[] codes, String name) {
        return Arrays.stream(codes).filter(code -> code.name().equals(name)).findFirst();
    }

    private static String name(@Nullable Enum<?> code) {
        return code == null ? "" : code.name();
    }

    private static int number(@Nullable Integer number) {
        return number == null ? 0 : number;
    }
}
