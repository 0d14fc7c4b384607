package app.carder.device;

import app.carder.core.attendance.Away;
import app.carder.core.attendance.Presence;
import app.carder.core.attendance.Pressed;
import app.carder.core.watch.DeviceClock;
import app.carder.core.watch.Episode;
import app.carder.core.watch.Episodes;
import app.carder.core.watch.Listening;
import app.carder.core.watch.Movement;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlaySummary;
import app.carder.core.watch.TimeBand;
import app.carder.core.watch.TimeSample;
import app.carder.core.watchlog.CountLines;
import app.carder.core.watchlog.Entry;
import app.carder.core.watchlog.Entry.Arrived;
import app.carder.core.watchlog.Entry.Began;
import app.carder.core.watchlog.Entry.Ended;
import app.carder.core.watchlog.Entry.Looked;
import app.carder.core.watchlog.Entry.Tap;
import app.carder.core.watchlog.EntryCodec;
import app.carder.core.watchlog.EntryKind;
import app.carder.core.watchlog.EntryLine;
import app.carder.core.watchlog.Noted;
import app.carder.core.week.FixedPoint;
import app.carder.core.wording.Describing;
import app.carder.core.wording.LanguageRules;
import app.carder.core.wording.LanguageRules.Ease;
import app.carder.core.wording.LanguageRules.Reason;
import app.carder.core.wording.LanguageRules.WordRule;
import app.carder.core.wording.ReadingEase;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArray;

/** What scripts may ask of the core. Moments are milliseconds since 1970, lengths of time milliseconds. */
public final class DeviceCore {

    private static final int MOST_READ = 5000;
    private static final Map<String, Noted> READ = new HashMap<>();

    /** The rules read last, kept because a text is looked at with every letter. */
    private static @Nullable Describing describing;

    private static Given.@Nullable Language describingFrom;

    private DeviceCore() {}

    /** Where the translation begins; there is nothing to do before somebody asks. */
    public static void main(String[] arguments) {}

    /** The words of the page, in its language: before anything is said. */
    @JSExport
    public static void speak(String[] codes, String[] words) {
        for (int at = 0; at < codes.length; at++) {
            PageWords.set(codes[at], words[at]);
        }
    }

    /**
     * One child's record.
     *
     * @param entries of the whole record, as they travel
     * @param shortest least length of the band
     * @return {@code shapes} of the band, of each style one with all its {@code boxes}, x, y, width and height in turn; {@code tapped}, how
     *     many taps count; the figures of the summary; and {@code effect} of the latest tap, absent where there is none
     */
    @JSExport
    public static JSObject record(Given.Entry[] entries, String child, double from, double now, double shortest) {
        List<PlayEvent> events = new ArrayList<>();
        for (Noted noted : tapsOf(entries, child)) {
            events.add(new PlayEvent(noted.at(), ((Tap) noted.entry()).kind()));
        }
        List<Episode> episodes = Episodes.of(events, instant(now));
        TimeBand band = TimeBand.of(events, episodes, instant(from), instant(Math.max(now, from + shortest)));
        PlaySummary summary = PlaySummary.of(episodes);
        Script record = new Script()
                .put("shapes", shapes(band))
                .put("tapped", events.size())
                .put("episodes", summary.episodes())
                .put("engaged", summary.engaged().toMillis())
                .put("longest", summary.longestStretch().toMillis())
                .put("longestIsLowerBound", summary.longestIsLowerBound())
                .put("interruptionsByAdults", summary.interruptionsByAdults())
                .put("interruptionsByChildren", summary.interruptionsByChildren())
                .put("returned", summary.returned())
                .put("repeats", summary.repeats());
        if (!events.isEmpty()) {
            record.put("effect", Episodes.ofLatest(events).name());
        }
        return record.value();
    }

    /** A band of an hour has hundreds of shapes in ten styles: a style is said once, and a box is four numbers. */
    private static JSObject shapes(TimeBand band) {
        Map<String, JSObject> byStyle = new LinkedHashMap<>();
        band.shapes()
                .forEach(shape -> Script.push(
                        byStyle.computeIfAbsent(shape.style(), style -> new JSArray<>()),
                        shape.x(),
                        shape.y(),
                        shape.width(),
                        shape.height()));
        return Script.array(
                List.copyOf(byStyle.entrySet()),
                one -> new Script()
                        .put("style", one.getKey())
                        .put("boxes", one.getValue())
                        .value());
    }

    /** The taps about one child that count: {@code id}, {@code at}, {@code kind} of each. */
    @JSExport
    public static JSObject taps(Given.Entry[] entries, String child) {
        return Script.array(
                tapsOf(entries, child),
                tap -> new Script()
                        .put("id", tap.id().toString())
                        .put("at", tap.at().toEpochMilli())
                        .put("kind", ((Tap) tap.entry()).kind().name())
                        .value());
    }

    private static List<Noted> tapsOf(Given.Entry[] entries, String child) {
        UUID who = UUID.fromString(child);
        List<Noted> taps = new ArrayList<>();
        for (Noted noted : counting(entries)) {
            if (noted.entry() instanceof Tap tap && tap.child().equals(who)) {
                taps.add(noted);
            }
        }
        return taps;
    }

    /** The entry that was entered last and still counts, by its id; null where there is none. */
    @JSExport
    public static @Nullable String latest(Given.Entry[] entries) {
        Set<UUID> counting = counting(entries).stream().map(Noted::id).collect(Collectors.toSet());
        String latest = null;
        for (Given.Entry entry : entries) {
            Noted noted = noted(entry);
            boolean isMark = noted.entry() instanceof Began || noted.entry() instanceof Ended;
            if (!isMark && counting.contains(noted.id())) {
                latest = noted.id().toString();
            }
        }
        return latest;
    }

    /**
     * Stays, times and ways of a path: {@code zones} with {@code time}, {@code visits}, {@code share}; {@code moves},
     * {@code never}; {@code steps} in order, with {@code zone} or {@code x} and {@code y} where they are known.
     */
    @JSExport
    public static JSObject path(Given.Entry[] entries, double until, String[] offered) {
        List<Noted> steps = counting(entries).stream()
                .filter(noted -> noted.entry() instanceof Arrived)
                .toList();
        Movement<String> movement = Movement.of(
                steps.stream()
                        .filter(step -> ((Arrived) step.entry()).zone() != null)
                        .map(step -> new Movement.Arrival<>(step.at(), String.valueOf(((Arrived) step.entry()).zone())))
                        .toList(),
                instant(until),
                new LinkedHashSet<>(List.of(offered)));
        return new Script()
                .put("steps", Script.array(steps, step -> step((Arrived) step.entry())))
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

    private static JSObject step(Arrived arrived) {
        Script step = new Script();
        if (arrived.zone() != null) {
            step.put("zone", arrived.zone().toString());
        }
        if (arrived.spot() != null) {
            step.put("x", arrived.spot().xMm()).put("y", arrived.spot().yMm());
        }
        return step.value();
    }

    /** The next moment to look. */
    @JSExport
    public static double nextLook(double start, double every, double now) {
        return TimeSample.next(instant(start), millis(every), instant(now)).toEpochMilli();
    }

    /** Counts of looks: {@code looks}, {@code activities}, {@code company}, {@code depths}. */
    @JSExport
    public static JSObject looks(Given.Entry[] entries) {
        TimeSample sample = TimeSample.of(counting(entries).stream()
                .filter(noted -> noted.entry() instanceof Looked)
                .map(noted -> ((Looked) noted.entry()).look())
                .toList());
        return new Script()
                .put("looks", sample.looks())
                .put("activities", Script.counts(sample.activities()))
                .put("company", Script.counts(sample.company()))
                .put("depths", Script.counts(sample.depths()))
                .value();
    }

    /** What was counted about a child: {@code line} for each thing. */
    @JSExport
    public static JSObject counted(Given.Entry[] entries, String child) {
        return Script.array(
                CountLines.of(counting(entries), UUID.fromString(child)),
                line -> new Script().put("line", line).value());
    }

    /**
     * What was heard: {@code utterances}, {@code words}, {@code differentWords}, {@code questions}; {@code said} in order,
     * with {@code child}, {@code words}, {@code language}.
     */
    @JSExport
    public static JSObject heard(Given.Entry[] entries) {
        List<Entry.Heard> heard = counting(entries).stream()
                .filter(noted -> noted.entry() instanceof Entry.Heard)
                .map(noted -> (Entry.Heard) noted.entry())
                .toList();
        Listening listening =
                Listening.of(heard.stream().map(Entry.Heard::heard).toList());
        return new Script()
                .put("utterances", listening.utterances())
                .put("words", listening.words())
                .put("differentWords", listening.differentWords())
                .put("questions", listening.questions())
                .put(
                        "said",
                        Script.array(
                                heard,
                                one -> new Script()
                                        .put("child", one.child().toString())
                                        .put("words", one.heard().words())
                                        .put("language", one.heard().language())
                                        .value()))
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

    /**
     * A child's day as it is known here: {@code presence}, {@code mayBeInside}, {@code arrived} and {@code left} where they were noted. What was
     * pressed here counts before what the server told.
     *
     * @param told null where the server has told nothing of the day
     */
    @JSExport
    public static JSObject day(Given.@Nullable Day told, Given.Press[] pressed) {
        app.carder.core.attendance.Noted noted = told == null
                ? app.carder.core.attendance.Noted.NOTHING
                : new app.carder.core.attendance.Noted(
                        time(told.getArrived()),
                        time(told.getLeft()),
                        "",
                        told.getAway().isEmpty() ? Optional.empty() : Optional.of(Away.NO_REASON));
        for (Given.Press press : pressed) {
            noted = Pressed.valueOf(press.getWhat()).after(noted, LocalTime.parse(press.getTime()));
        }
        Presence presence = told == null ? Presence.ofUntold(noted) : Presence.of(noted, time(told.getDue()));
        Script day = new Script().put("presence", presence.name()).put("mayBeInside", presence.mayBeInside());
        noted.arrivedAt().ifPresent(at -> day.put("arrived", at.toString()));
        noted.leftAt().ifPresent(at -> day.put("left", at.toString()));
        return day.value();
    }

    private static Optional<LocalTime> time(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(LocalTime.parse(text));
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
        if (describing == null || !isSame(describingFrom, language)) {
            describing = new Describing(rules(language));
            describingFrom = language;
        }
        List<Describing.Mark> marks =
                describing.marks(text, ownName, ownName.isEmpty() ? Collections.emptyList() : List.of(otherNames));
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

    /** The sentences of a text that are hard to read. */
    @JSExport
    public static String[] hard(String text, Given.Language language) {
        return ReadingEase.hardSentences(text, rules(language).ease()).toArray(new String[0]);
    }

    @JSBody(
            params = {"one", "other"},
            script = "return one === other;")
    private static native boolean isSame(@Nullable JSObject one, JSObject other);

    /** What a device carries from before has none yet. */
    @JSBody(params = "language", script = "return language.exceptions || [];")
    private static native String[] exceptions(Given.Language language);

    private static LanguageRules rules(Given.Language language) {
        return new LanguageRules(
                language.getCode(),
                Arrays.stream(language.getWatched())
                        .map(word ->
                                new WordRule(word.getPattern(), Reason.valueOf(word.getReason()), word.getInstead()))
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

    private static List<Noted> counting(Given.Entry[] entries) {
        List<Noted> log = new ArrayList<>(entries.length);
        for (Given.Entry entry : entries) {
            log.add(noted(entry));
        }
        return Noted.counting(log);
    }

    /** Read once, because a record is drawn at every tap. */
    private static Noted noted(Given.Entry entry) {
        if (READ.size() > MOST_READ) {
            READ.clear();
        }
        return READ.computeIfAbsent(
                entry.getId(),
                id -> new Noted(
                        UUID.fromString(id),
                        instant(parsed(entry.getAt())),
                        EntryCodec.read(line(entry))
                                .orElseThrow(() -> new IllegalArgumentException(
                                        "An entry of the kind %s lacks something.".formatted(entry.getKind())))));
    }

    private static EntryLine line(Given.Entry entry) {
        return new EntryLine(
                EntryKind.valueOf(entry.getKind()),
                uuid(entry.getChild()),
                uuid(entry.getZone()),
                entry.getCode(),
                entry.getCompany(),
                entry.getWords(),
                number(entry, "number"),
                number(entry, "ofNumber"),
                number(entry, "xMm"),
                number(entry, "yMm"),
                uuid(entry.getTarget()),
                entry.getCorrectedTo() == null ? null : instant(parsed(entry.getCorrectedTo())));
    }

    private static @Nullable UUID uuid(@Nullable String id) {
        return id == null ? null : UUID.fromString(id);
    }

    private static @Nullable Integer number(Given.Entry entry, String name) {
        return hasNumber(entry, name) ? Integer.valueOf(numberOf(entry, name)) : null;
    }

    @JSBody(
            params = {"entry", "name"},
            script = "return typeof entry[name] === 'number';")
    private static native boolean hasNumber(Given.Entry entry, String name);

    @JSBody(
            params = {"entry", "name"},
            script = "return entry[name];")
    private static native int numberOf(Given.Entry entry, String name);

    /** By the browser's own reading of ISO 8601. */
    @JSBody(params = "text", script = "return Date.parse(text);")
    private static native double parsed(String text);

    private static Instant instant(double millis) {
        return Instant.ofEpochMilli((long) millis);
    }

    private static Duration millis(double millis) {
        return Duration.ofMillis((long) millis);
    }
}
