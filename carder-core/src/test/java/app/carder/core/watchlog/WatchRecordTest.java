package app.carder.core.watchlog;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Attempts;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import app.carder.core.watchlog.Entry.Began;
import app.carder.core.watchlog.Entry.Checked;
import app.carder.core.watchlog.Entry.Compared;
import app.carder.core.watchlog.Entry.Comparison;
import app.carder.core.watchlog.Entry.Counted;
import app.carder.core.watchlog.Entry.Ended;
import app.carder.core.watchlog.Entry.Grouped;
import app.carder.core.watchlog.Entry.TakenBack;
import app.carder.core.watchlog.Entry.Tap;
import app.carder.core.watchlog.Entry.TimedMinute;
import app.carder.core.watchlog.Entry.Tried;
import app.carder.core.watchlog.Entry.Turned;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class WatchRecordTest {

    private static final UUID ANOUK = new UUID(1, 1);
    private static final UUID BRAM = new UUID(2, 2);
    private static final UUID CARD = new UUID(3, 3);

    private int ids;

    private static Instant at(int second) {
        return Instant.parse("2026-05-06T09:00:00Z").plusSeconds(second);
    }

    private Noted noted(int second, Entry entry) {
        ids++;
        return new Noted(new UUID(9, ids), at(second), entry);
    }

    private static WatchRecord record(String author, List<Noted> log) {
        return WatchRecord.of(new RecordHead(UUID.randomUUID(), new UUID(5, 5), CARD, Method.PLAY, author), log);
    }

    @Test
    void lastsFromItsFirstEntryToItsLast() {
        WatchRecord one = record(
                "Hamish",
                List.of(noted(0, new Began(null)), noted(30, new Tap(ANOUK, PlayKind.CHOSE)), noted(90, new Ended())));

        assertThat(List.of(one.from(), one.until())).containsExactly(at(0), at(90));
        assertThat(one.episodes(ANOUK).get(0).engaged()).isEqualTo(Duration.ofSeconds(60));
        assertThat(one.episodes(BRAM)).isEmpty();
    }

    @Test
    void oneOfWhichEverythingWasTakenBackHasNoLength() {
        Noted tap = noted(10, new Tap(ANOUK, PlayKind.CHOSE));
        WatchRecord one = record("Hamish", List.of(tap, noted(20, new TakenBack(tap.id()))));

        assertThat(one.seen()).isEmpty();
        assertThat(List.of(one.from(), one.until())).containsOnly(at(10));
    }

    @Test
    void twoPeopleWhoWatchedTheSamePlayAreSummedUpOnce() {
        List<Noted> log = new ArrayList<>(List.of(
                noted(0, new Began(null)),
                noted(10, new Tap(ANOUK, PlayKind.CHOSE)),
                noted(70, new Tap(ANOUK, PlayKind.LEFT)),
                noted(80, new Ended())));
        WatchRecord one = record("Hamish", log);
        WatchRecord two = record(
                "Tobias",
                List.of(
                        noted(5, new Began(null)),
                        noted(13, new Tap(ANOUK, PlayKind.CHOSE)),
                        noted(15, new Tap(BRAM, PlayKind.CHOSE)),
                        noted(72, new Tap(ANOUK, PlayKind.LEFT)),
                        noted(100, new Ended())));

        List<WatchRecord> merged = WatchRecord.merged(List.of(one, two));

        assertThat(merged).hasSize(1);
        assertThat(merged.get(0).head().author()).isEqualTo("Hamish and Tobias");
        assertThat(merged.get(0).taps(ANOUK))
                .containsExactly(new PlayEvent(at(10), PlayKind.CHOSE), new PlayEvent(at(70), PlayKind.LEFT));
        assertThat(merged.get(0).taps(BRAM)).hasSize(1);
    }

    @Test
    void playOfOtherChildrenAtTheSameCardStaysApart() {
        WatchRecord one = record(
                "Hamish", List.of(noted(0, new Tap(ANOUK, PlayKind.CHOSE)), noted(60, new Tap(ANOUK, PlayKind.LEFT))));
        WatchRecord two = record(
                "Tobias", List.of(noted(5, new Tap(BRAM, PlayKind.CHOSE)), noted(50, new Tap(BRAM, PlayKind.LEFT))));

        assertThat(WatchRecord.merged(List.of(one, two))).hasSize(2);
    }

    @Test
    void whatWasCountedHasALineForEachThing() {
        List<Noted> seen = List.of(
                noted(1, new Counted(ANOUK, "parcels", 1)),
                noted(2, new Counted(ANOUK, "parcels", 2)),
                noted(3, new Tried(ANOUK, "a knot", new Attempts.Attempt(true, Attempts.Prompt.ALONE))),
                noted(4, new Tried(ANOUK, "a knot", new Attempts.Attempt(false, Attempts.Prompt.HELPED))),
                noted(5, new Turned(ANOUK, "ring", 1)),
                noted(6, new Checked(ANOUK, "stamps matched", 5, 6)),
                noted(7, new Grouped(ANOUK, "red labels", 7)),
                noted(8, new Compared(ANOUK, "the long string", Comparison.SAME)),
                noted(9, new TimedMinute(ANOUK, "hops", 14, 60)),
                noted(10, new Counted(BRAM, "parcels", 5)));

        assertThat(CountLines.of(seen, ANOUK))
                .containsExactly(
                        "parcels: 3",
                        "a knot: 1 of 2, 1 alone",
                        "ring: 1 turn, 1 point",
                        "stamps matched: 5 of 6",
                        "red labels: 7",
                        "the same as the long string",
                        "hops: 14 in 60 s");
    }
}
