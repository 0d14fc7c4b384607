package app.carder.device;

import app.carder.core.watch.DeviceClock;
import app.carder.core.watch.Episodes;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Listening;
import app.carder.core.watch.Logged;
import app.carder.core.watch.Logged.Happened;
import app.carder.core.watch.Logged.Retimed;
import app.carder.core.watch.Logged.TakenBack;
import app.carder.core.watch.Movement;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.PlaySummary;
import app.carder.core.watch.ScoreSheet;
import app.carder.core.watch.Tally;
import app.carder.core.watch.TimeBand;
import app.carder.core.watch.TimeSample;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watch.TimeSample.Company;
import app.carder.core.watch.TimeSample.Look;
import app.carder.core.watch.Tries;
import app.carder.core.watch.Tries.Prompt;
import app.carder.core.week.FixedPoint;
import app.carder.core.wording.Describing;
import app.carder.core.wording.LanguageRules;
import app.carder.core.wording.LanguageRules.Ease;
import app.carder.core.wording.LanguageRules.Reason;
import app.carder.core.wording.LanguageRules.Watched;
import app.carder.core.wording.ReadingEase;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/** What scripts may ask of the core. Moments are milliseconds since 1970, lengths of time milliseconds. */
public final class DeviceCore {

    private DeviceCore() {}

    /** Where the translation begins; there is nothing to do before somebody asks. */
    public static void main(String[] arguments) {}

    /**
     * One child's record.
     *
     * @return {@code bars}, {@code ticks}, {@code taps} that count with their times, and the figures of the summary
     */
    @JSExport
    public static JSObject record(Given.Entry[] log, double from, double until) {
        List<Happened<PlayEvent>> taps =
                Logged.effective(Arrays.stream(log).map(DeviceCore::entry).toList());
        List<PlayEvent> events = taps.stream()
                .map(tap -> new PlayEvent(tap.at(), tap.what().kind()))
                .toList();
        TimeBand band = TimeBand.of(events, instant(from), instant(Math.max(until, from + 1)));
        PlaySummary summary = PlaySummary.of(Episodes.of(events, instant(until)));
        return new Script()
                .put(
                        "bars",
                        Script.array(
                                band.bars(),
                                bar -> new Script()
                                        .put("fill", bar.fill().name())
                                        .put("start", bar.start())
                                        .put("width", bar.width())
                                        .value()))
                .put(
                        "ticks",
                        Script.array(
                                band.ticks(),
                                tick -> new Script()
                                        .put("kind", tick.kind().name())
                                        .put("at", tick.at())
                                        .value()))
                .put(
                        "taps",
                        Script.array(
                                taps,
                                tap -> new Script()
                                        .put("id", tap.id().toString())
                                        .put("at", tap.at().toEpochMilli())
                                        .put("kind", tap.what().kind().name())
                                        .value()))
                .put("episodes", summary.episodes())
                .put("engaged", summary.engaged().toMillis())
                .put("longest", summary.longestStretch().toMillis())
                .put("longestIsLowerBound", summary.longestIsLowerBound())
                .put("breakInsByAdults", summary.breakInsByAdults())
                .put("breakInsByChildren", summary.breakInsByChildren())
                .put("returned", summary.returned())
                .put("repeats", summary.repeats())
                .value();
    }

    /** Stays, times and ways of a path: {@code zones} with {@code time}, {@code visits}, {@code share}; {@code moves}, {@code never}. */
    @JSExport
    public static JSObject path(Given.Arrival[] arrivals, double until, String[] offered) {
        Movement<String> movement = Movement.of(
                Arrays.stream(arrivals)
                        .map(one -> new Movement.Arrival<>(instant(one.getAt()), one.getZone()))
                        .toList(),
                instant(until),
                new LinkedHashSet<>(List.of(offered)));
        return new Script()
                .put(
                        "zones",
                        Script.array(
                                movement.zones(),
                                zone -> new Script()
                                        .put("zone", zone.zone())
                                        .put("time", zone.time().toMillis())
                                        .put("visits", zone.visits())
                                        .put("percent", Math.round(zone.share() * 100))
                                        .value()))
                .put("moves", movement.moves())
                .put(
                        "never",
                        Script.array(
                                movement.neverVisited(),
                                zone -> new Script().put("zone", zone).value()))
                .value();
    }

    /** The next moment to look. */
    @JSExport
    public static double nextLook(double start, double every, double now) {
        return TimeSample.next(instant(start), millis(every), instant(now)).toEpochMilli();
    }

    /** Counts of looks: {@code looks}, {@code activities}, {@code company}, {@code depths}. */
    @JSExport
    public static JSObject looks(Given.Look[] looks) {
        TimeSample sample = TimeSample.of(Arrays.stream(looks)
                .map(look -> new Look(
                        look.getActivity() == null ? null : Activity.valueOf(look.getActivity()),
                        look.getCompany() == null ? null : Company.valueOf(look.getCompany()),
                        look.getDepth() == 0 ? null : Involvement.ofLevel(look.getDepth())))
                .toList());
        return new Script()
                .put("looks", sample.looks())
                .put("activities", Script.counts(sample.activities()))
                .put("company", Script.counts(sample.company()))
                .put("depths", Script.counts(sample.depths()))
                .value();
    }

    /** Tries in words, such as "4 of 6, 3 alone, 1 helped". */
    @JSExport
    public static String tries(Given.Attempt[] attempts) {
        return Tries.of(Arrays.stream(attempts)
                        .map(one -> new Tries.Try(one.getCameOff(), Prompt.valueOf(one.getPrompt())))
                        .toList())
                .words();
    }

    /** What the strokes of a tally come to. */
    @JSExport
    public static int tally(int[] strokes) {
        return Tally.of(Arrays.stream(strokes).boxed().toList()).count();
    }

    /** Rows of a score sheet: {@code player}, {@code turns}, {@code total}. */
    @JSExport
    public static JSObject scores(Given.Turn[] turns) {
        ScoreSheet<String> sheet = ScoreSheet.of(Arrays.stream(turns)
                .map(one -> new ScoreSheet.Turn<>(one.getPlayer(), one.getPoints()))
                .toList());
        return Script.array(
                sheet.rows(),
                row -> new Script()
                        .put("player", row.player())
                        .put("turns", row.turns().size())
                        .put("total", row.total())
                        .value());
    }

    /** Counts of what was heard: {@code utterances}, {@code words}, {@code differentWords}, {@code questions}. */
    @JSExport
    public static JSObject heard(Given.Heard[] heard) {
        Listening listening = Listening.of(Arrays.stream(heard)
                .map(one -> new Listening.Heard(one.getWords(), one.getLanguage(), one.getQuestion()))
                .toList());
        return new Script()
                .put("utterances", listening.utterances())
                .put("words", listening.words())
                .put("differentWords", listening.differentWords())
                .put("questions", listening.questions())
                .value();
    }

    /** What comes next: {@code name}, {@code left}, {@code noticeSecond}, {@code untilNotice}; null after the last. */
    @JSExport
    public static @Nullable JSObject ahead(Given.Point[] points, double notice, int second) {
        return FixedPoint.next(
                        Arrays.stream(points)
                                .map(point ->
                                        new FixedPoint(point.getName(), LocalTime.ofSecondOfDay(point.getSecond())))
                                .toList(),
                        millis(notice),
                        LocalTime.ofSecondOfDay(second))
                .map(ahead -> new Script()
                        .put("name", ahead.point().name())
                        .put("left", ahead.left().toMillis())
                        .put("noticeSecond", ahead.noticeAt().toSecondOfDay())
                        .put("untilNotice", ahead.untilNotice().map(Duration::toMillis))
                        .value())
                .orElse(null);
    }

    /** How far the clock of this device is off: {@code offset}, {@code uncertainty}, {@code wrong}. */
    @JSExport
    public static JSObject clock(double sentAt, double serverAt, double receivedAt) {
        DeviceClock clock = DeviceClock.measured(instant(sentAt), instant(serverAt), instant(receivedAt));
        return new Script()
                .put("offset", clock.offset().toMillis())
                .put("uncertainty", clock.uncertainty().toMillis())
                .put("wrong", clock.isWrong())
                .value();
    }

    /** Words to look at twice: {@code start}, {@code end}, {@code words}, {@code reason}, {@code instead}. */
    @JSExport
    public static JSObject marks(String text, Given.Language language, String ownName, String[] otherNames) {
        List<Describing.Mark> marks = new Describing(rules(language))
                .marks(text, ownName, ownName.isEmpty() ? Collections.emptyList() : List.of(otherNames));
        return Script.array(
                marks,
                mark -> new Script()
                        .put("start", mark.start())
                        .put("end", mark.end())
                        .put("words", mark.words())
                        .put("reason", mark.reason())
                        .put("instead", mark.instead())
                        .value());
    }

    /** How easy a text is to read, in words. */
    @JSExport
    public static String ease(String text, Given.Language language) {
        return ReadingEase.of(text, rules(language).ease()).band().words();
    }

    /** What a device carries from before has none yet. */
    @JSBody(params = "language", script = "return language.exceptions || [];")
    private static native String[] exceptions(Given.Language language);

    private static LanguageRules rules(Given.Language language) {
        return new LanguageRules(
                language.getCode(),
                Arrays.stream(language.getWatched())
                        .map(word ->
                                new Watched(word.getPattern(), Reason.valueOf(word.getReason()), word.getInstead()))
                        .toList(),
                List.of(exceptions(language)),
                List.of(language.getSigns()),
                new Ease(
                        language.getBase(),
                        language.getPerSentence(),
                        language.getPerWord(),
                        language.getVowels(),
                        language.getSilentE()));
    }

    private static Logged<PlayEvent> entry(Given.Entry entry) {
        UUID id = UUID.fromString(entry.getId());
        Instant at = instant(entry.getAt());
        return switch (entry.getEntry()) {
            case "TAP" ->
                new Happened<>(id, at, new PlayEvent(at, PlayKind.valueOf(Objects.requireNonNull(entry.getKind()))));
            case "TAKEN_BACK" -> new TakenBack<>(id, at, target(entry));
            case "RETIMED" -> new Retimed<>(id, at, target(entry), instant(entry.getHappenedAt()));
            default ->
                throw new IllegalArgumentException(
                        "An entry must be TAP, TAKEN_BACK or RETIMED, got %s.".formatted(entry.getEntry()));
        };
    }

    private static UUID target(Given.Entry entry) {
        return UUID.fromString(Objects.requireNonNull(entry.getTarget()));
    }

    private static Instant instant(double millis) {
        return Instant.ofEpochMilli((long) millis);
    }

    private static Duration millis(double millis) {
        return Duration.ofMillis((long) millis);
    }
}
