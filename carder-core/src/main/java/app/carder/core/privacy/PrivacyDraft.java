package app.carder.core.privacy;

import app.carder.core.privacy.PrivacyFacts.Fact;
import app.carder.core.retention.RecordKind;
import app.carder.core.retention.Retention;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A draft for people to go through, sentence by sentence: what Carder knows of the setting is filled in, what it cannot know is left to be filled
 * in, and says so. It is no advice on the law. What has to be in it: UK GDPR, Art. 13 and 35, from memory.
 *
 * @param parts in their order
 */
public record PrivacyDraft(List<Part> parts) {

    private static final Set<String> UNITED_KINGDOM = Set.of("ENGLAND", "WALES", "SCOTLAND", "NORTHERN_IRELAND");

    /** Keeps its own copy. */
    public PrivacyDraft {
        parts = List.copyOf(parts);
    }

    /** How much risk is left, as a suggestion. Common practice: three steps. */
    public enum Level {
        /** Nothing more is needed than what is done. */
        LOW,
        /** It depends on what people do. */
        MEDIUM,
        /** Something that Carder offers is not used. */
        HIGH,
        /** No level belongs to it. */
        NONE
    }

    /**
     * One sentence.
     *
     * @param said the sentence
     * @param isOpen whether somebody has to fill it in or decide
     */
    public record Line(Said said, boolean isOpen) {}

    /**
     * One part.
     *
     * @param heading what it is about
     * @param lines of it
     * @param level of the risk that is left, where it is about one
     */
    public record Part(Said heading, List<Line> lines, Level level) {

        /** Keeps its own copy. */
        public Part {
            lines = List.copyOf(lines);
        }

        /** Whether it is about a risk. */
        public boolean isRisk() {
            return level != Level.NONE;
        }
    }

    /** How many sentences somebody has to fill in or decide. */
    public long open() {
        return parts.stream()
                .flatMap(part -> part.lines().stream())
                .filter(Line::isOpen)
                .count();
    }

    /** What a family, or somebody of staff, is told about their data. */
    public static PrivacyDraft notice(PrivacyFacts facts) {
        List<Part> parts = new ArrayList<>();
        parts.add(part("notice.who", known("notice.who.setting", facts.setting()), open("notice.who.contact")));
        parts.add(part(
                "notice.what",
                Stream.of(known("notice.what.child")),
                where(facts.is(Fact.PHOTOS), known("notice.what.photos")),
                where(facts.is(Fact.WATCHED), known("notice.what.watched")),
                where(facts.is(Fact.FAMILIES_READ), known("notice.what.families")),
                Stream.of(known("notice.what.staff"), known("notice.what.log"))));
        parts.add(
                part("notice.why", known("notice.why.purpose"), open("notice.why.basis"), known("notice.why.photos")));
        parts.add(part(
                "notice.who-sees",
                Stream.of(known(facts.is(Fact.ROOMS_OPEN) ? "notice.who-sees.all" : "notice.who-sees.room")),
                where(facts.is(Fact.FAMILIES_READ), known("notice.who-sees.family")),
                Stream.of(open("notice.who-sees.host")),
                where(facts.is(Fact.MAIL), open("notice.who-sees.mail"))));
        parts.add(new Part(Said.of("privacy.notice.how-long"), retention(facts.retention()), Level.NONE));
        parts.add(part(
                "notice.rights",
                known("notice.rights.all"),
                known("notice.rights.deciding"),
                UNITED_KINGDOM.contains(facts.country())
                        ? known("notice.rights.ico")
                        : open("notice.rights.authority")));
        return new PrivacyDraft(parts);
    }

    private static List<Line> retention(Retention retention) {
        List<Line> lines = new ArrayList<>();
        for (RecordKind kind : Retention.KINDS) {
            lines.add(retention
                    .yearsOf(kind)
                    .map(years -> known("kept." + kind.name(), years))
                    .orElseGet(() -> open("not-decided." + kind.name())));
        }
        lines.add(open("notice.how-long.elsewhere"));
        return lines;
    }

    /** What could go wrong, what is done about it, and what is left. */
    public static PrivacyDraft impact(PrivacyFacts facts) {
        List<Part> parts = new ArrayList<>();
        parts.add(part("impact.why", known("impact.why.children"), open("impact.why.asked")));
        if (facts.is(Fact.DEVICES)) {
            parts.add(risk("device", Level.MEDIUM, known("impact.device.done"), open("impact.device.left")));
        }
        parts.add(
                facts.is(Fact.ROOMS_OPEN)
                        ? risk("rooms", Level.HIGH, open("impact.rooms.open"))
                        : risk("rooms", Level.LOW, known("impact.rooms.done")));
        parts.add(
                facts.is(Fact.SECOND_STEP)
                        ? risk("account", Level.LOW, known("impact.account.done"))
                        : risk("account", Level.HIGH, open("impact.account.open")));
        if (facts.is(Fact.FAMILIES_READ)) {
            parts.add(risk("sending", Level.MEDIUM, known("impact.sending.done"), open("impact.sending.left")));
        }
        if (facts.is(Fact.PHOTOS)) {
            parts.add(risk("photos", Level.MEDIUM, known("impact.photos.done"), open("impact.photos.left")));
        }
        parts.add(risk("names", Level.MEDIUM, known("impact.names.done"), open("impact.names.left")));
        boolean isDecided = Retention.KINDS.stream()
                .allMatch(kind -> facts.retention().yearsOf(kind).isPresent());
        parts.add(
                isDecided
                        ? risk("too-long", Level.MEDIUM, known("impact.too-long.done"), open("impact.too-long.left"))
                        : risk("too-long", Level.HIGH, open("impact.too-long.open")));
        parts.add(
                facts.is(Fact.BACKED_UP)
                        ? risk("lost", Level.MEDIUM, known("impact.lost.done"), open("impact.lost.left"))
                        : risk("lost", Level.HIGH, open("impact.lost.open")));
        parts.add(risk("looked-up", Level.LOW, known("impact.looked-up.done")));
        parts.add(part("impact.signed", open("impact.signed.by")));
        return new PrivacyDraft(parts);
    }

    private static Part risk(String about, Level level, Line... lines) {
        return new Part(Said.of("privacy.impact." + about), List.of(lines), level);
    }

    private static Part part(String heading, Line... lines) {
        return new Part(Said.of("privacy." + heading), List.of(lines), Level.NONE);
    }

    private static Line known(String code, Object... arguments) {
        return new Line(Said.of("privacy." + code, arguments), false);
    }

    private static Line open(String code, Object... arguments) {
        return new Line(Said.of("privacy." + code, arguments), true);
    }

    /** A line where something is so, none where it is not. */
    private static Stream<Line> where(boolean is, Line line) {
        return is ? Stream.of(line) : Stream.empty();
    }

    @SafeVarargs
    private static Part part(String heading, Stream<Line>... lines) {
        return new Part(
                Said.of("privacy." + heading),
                Stream.of(lines).flatMap(Function.identity()).toList(),
                Level.NONE);
    }
}
