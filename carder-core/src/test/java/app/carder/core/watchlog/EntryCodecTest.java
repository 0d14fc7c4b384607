package app.carder.core.watchlog;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Attempts;
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
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.FieldSource;

class EntryCodecTest {

    private static final UUID CHILD = new UUID(1, 1);
    private static final UUID ZONE = new UUID(2, 2);
    private static final UUID TARGET = new UUID(3, 3);
    private static final Instant AT = Instant.parse("2026-05-06T09:00:00Z");

    static final List<Entry> ENTRIES = List.of(
            new Began(null),
            new Began(5),
            new Ended(),
            new TakenBack(TARGET),
            new Retimed(TARGET, AT),
            new Tap(CHILD, PlayKind.CHOSE),
            new Looked(CHILD, ZONE, new Look(Activity.HANDLING, Company.PAIR, Involvement.ofLevel(4))),
            new Looked(CHILD, null, new Look(null, null, null)),
            new Arrived(CHILD, ZONE, null),
            new Arrived(CHILD, null, new Spot(1200, 3400)),
            new Counted(CHILD, "parcels", -1),
            new Checked(CHILD, "stamps matched", 5, 6),
            new Tried(CHILD, "a knot", new Attempts.Attempt(true, Attempts.Prompt.ALONE)),
            new Tried(CHILD, "a knot", new Attempts.Attempt(false, Attempts.Prompt.HELPED)),
            new Turned(CHILD, "ring", 10),
            new Grouped(CHILD, "red labels", 7),
            new Compared(CHILD, "the long string", Comparison.SHORTER),
            new TimedMinute(CHILD, "hops", 14, 60),
            new Heard(CHILD, new Listening.Heard("Is tomorrow heavy?", "English", true)),
            new Heard(CHILD, new Listening.Heard("Más.", "Spanish", false)));

    private static EntryLine line(EntryKind kind, @Nullable UUID child, String code, @Nullable Integer number) {
        return new EntryLine(kind, child, null, code, "", "stamps", number, null, null, null, TARGET, AT);
    }

    @ParameterizedTest
    @FieldSource("ENTRIES")
    void whatIsWrittenIsReadAgain(Entry entry) {
        EntryLine flat = EntryCodec.write(entry);

        assertThat(EntryCodec.read(flat)).contains(entry);
        assertThat(EntryCodec.isAcceptable(flat)).isTrue();
    }

    @Test
    void everyKindIsAmongThese() {
        assertThat(ENTRIES.stream().map(EntryCodec::write).map(EntryLine::kind)).contains(EntryKind.values());
        assertThat(ENTRIES.stream().map(Object::getClass).distinct())
                .hasSameSizeAs(leaves(Entry.class).toList());
    }

    private static Stream<Class<?>> leaves(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .flatMap(one -> one.isSealed() ? leaves(one) : Stream.of(one))
                .distinct();
    }

    @ParameterizedTest
    @EnumSource(
            value = EntryKind.class,
            names = {"BEGIN", "END", "TAKEN_BACK", "RETIMED"},
            mode = EnumSource.Mode.EXCLUDE)
    void whatIsAboutAChildNeedsOne(EntryKind kind) {
        assertThat(EntryCodec.read(line(kind, null, "", 1))).isEmpty();
    }

    @Test
    void oneIsAQuestionWhereWordsWereHeardAndSuccessWhereSomethingWasTried() {
        assertThat(EntryCodec.read(line(EntryKind.HEARD, CHILD, "", 1)))
                .contains(new Heard(CHILD, new Listening.Heard("stamps", "", true)));
        assertThat(EntryCodec.read(line(EntryKind.TRY, CHILD, "ALONE", 1)))
                .contains(new Tried(CHILD, "stamps", new Attempts.Attempt(true, Attempts.Prompt.ALONE)));
    }

    @Test
    void whatWasKeptLongAgoIsReadWithoutWhatItDoesNotSay() {
        assertThat(EntryCodec.read(line(EntryKind.CHECK, CHILD, "", null)))
                .contains(new Checked(CHILD, "stamps", 0, 0));
        assertThat(EntryCodec.read(line(EntryKind.LOOK, CHILD, "WAITING", 9)))
                .contains(new Looked(CHILD, null, new Look(Activity.WAITING, null, null)));
    }

    @Test
    void unknownCodesAndWhatIsTooLongOrTooLargeAreNotAccepted() {
        assertThat(EntryCodec.isAcceptable(line(EntryKind.TAP, CHILD, "SANG", null)))
                .isFalse();
        assertThat(EntryCodec.isAcceptable(line(EntryKind.TALLY, CHILD, "CHOSE", 1)))
                .isFalse();
        assertThat(EntryCodec.isAcceptable(line(EntryKind.TALLY, CHILD, "", 1_000_001)))
                .isFalse();
        assertThat(EntryCodec.isAcceptable(EntryCodec.write(new Counted(CHILD, "x".repeat(1001), 1))))
                .isFalse();
        assertThat(EntryCodec.isAcceptable(EntryCodec.write(new Retimed(TARGET, Instant.MAX))))
                .isFalse();
    }
}
