package app.carder.web.week;

import app.carder.core.ratio.RatioRule;
import app.carder.core.said.Refused;
import app.carder.core.week.DayStrip;
import app.carder.core.week.PlannedSession;
import app.carder.core.week.PlannedSession.Garden;
import app.carder.core.week.PlannedSession.Moves;
import app.carder.core.week.PlannedSession.Spoken;
import app.carder.core.week.ProtectedPlay;
import app.carder.core.week.Rotation;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService.KeptSession;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionDetails;
import app.carder.web.room.SessionView;
import app.carder.web.room.WeekRules;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Reads a room's sessions and how it keeps its week. A row without a name is no session. */
final class SessionForm {

    static final int MOST_ROWS = 16;

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_LANGUAGE = 40;
    private static final int MOST_MINUTES = 1440;

    private final Typed typed;
    private final FormErrors errors;
    private final List<DayOfWeek> days;

    /**
     * A form.
     *
     * @param days that can be chosen
     */
    SessionForm(Typed typed, FormErrors errors, List<DayOfWeek> days) {
        this.typed = typed;
        this.errors = errors;
        this.days = days;
    }

    /** The days on which the setting is open, and those on which the room has sessions all the same. */
    static List<DayOfWeek> days(List<DayOfWeek> open, RoomView room) {
        return Stream.concat(
                        open.stream(),
                        room.sessions().stream().flatMap(session -> session.details().weekdays().stream()))
                .distinct()
                .sorted()
                .toList();
    }

    /** The form as a room's record fills it. */
    static Typed of(RoomView room) {
        Typed typed = Typed.nothing();
        int row = 0;
        for (SessionView session : room.sessions()) {
            if (session.details().weekdays().isEmpty()) {
                continue;
            }
            PlannedSession planned = session.details().planned();
            typed.with("id-" + row, session.id())
                    .with("name-" + row, planned.session().name())
                    .with("kind-" + row, planned.session().kind())
                    .with("from-" + row, planned.session().startsAt())
                    .with("to-" + row, planned.session().endsAt())
                    .with("language-" + row, planned.spoken().language())
                    .with(
                            "minutes-" + row,
                            planned.spoken()
                                    .length()
                                    .map(length -> Long.toString(length.toMinutes()))
                                    .orElse(""))
                    .with(
                            "days-" + row,
                            session.details().weekdays().stream()
                                    .map(Enum::name)
                                    .toList());
            if (planned.moves() == Moves.MOVABLE) {
                typed.with("movable-" + row, "on");
            }
            if (planned.garden() == Garden.OPEN) {
                typed.with("garden-" + row, "on");
            }
            row++;
        }
        WeekRules week = room.week();
        return typed.with("ratio", week.ratio().code())
                .with("everyDays", week.rotation().everyOpenDays())
                .with("restDays", week.rotation().restOpenDays())
                .with("stillChosen", week.rotation().stillChosenBy())
                .with("evening", week.eveningMinutes())
                .with("notice", week.noticeMinutes())
                .with("secondLanguage", week.secondLanguage())
                .with("percent", week.secondLanguagePercent());
    }

    /** Rows to show: those that are filled in, and one more. */
    static int rows(Typed typed) {
        int rows = 0;
        for (int row = 0; row < MOST_ROWS; row++) {
            if (!typed.text("name-" + row).isEmpty()
                    || !typed.text("from-" + row).isEmpty()) {
                rows = row + 1;
            }
        }
        return Math.min(MOST_ROWS, rows + 1);
    }

    /** All sessions, where nothing is wrong. */
    Optional<List<KeptSession>> sessions() {
        List<KeptSession> sessions = new ArrayList<>();
        for (int row = 0; row < MOST_ROWS; row++) {
            if (!typed.text("name-" + row).isEmpty()) {
                session(row).ifPresent(sessions::add);
            }
        }
        if (sessions.isEmpty() && !errors.any()) {
            errors.add("name-0", "session.none");
        }
        if (!errors.any()) {
            checkOverlaps(sessions);
        }
        return errors.any() ? Optional.empty() : Optional.of(sessions);
    }

    private Optional<KeptSession> session(int row) {
        String name = typed.optional("name-" + row, LONGEST_NAME, errors);
        String language = typed.optional("language-" + row, LONGEST_LANGUAGE, errors);
        Optional<DayStrip.Kind> kind = Arrays.stream(DayStrip.Kind.values())
                .filter(one -> typed.has("kind-" + row, one.name()))
                .findFirst();
        if (kind.isEmpty()) {
            errors.add("kind-" + row, "session.kind.missing", name);
        }
        Optional<LocalTime> from = typed.time("from-" + row, errors);
        Optional<LocalTime> to = typed.time("to-" + row, errors);
        if (from.isPresent() && to.isPresent() && !to.get().isAfter(from.get())) {
            errors.add("to-" + row, "session.ends.early", name, from.get(), to.get());
        }
        Optional<Duration> spoken = from.isPresent() && to.isPresent()
                ? spoken(row, name, Duration.between(from.get(), to.get()))
                : Optional.empty();
        Set<DayOfWeek> chosen = EnumSet.noneOf(DayOfWeek.class);
        days.stream().filter(day -> typed.has("days-" + row, day.name())).forEach(chosen::add);
        if (chosen.isEmpty()) {
            errors.add("days-" + row, "session.days.missing", name);
        }
        if (errors.any()) {
            return Optional.empty();
        }
        return Optional.of(new KeptSession(
                typed.id("id-" + row),
                new SessionDetails(
                        new PlannedSession(
                                new DayStrip.Session(name, kind.orElseThrow(), from.orElseThrow(), to.orElseThrow()),
                                typed.ticked("movable-" + row) ? Moves.MOVABLE : Moves.FIXED,
                                typed.ticked("garden-" + row) ? Garden.OPEN : Garden.CLOSED,
                                new Spoken(language, spoken)),
                        chosen)));
    }

    /** Minutes of a session in the second language; empty for all of it. */
    private Optional<Duration> spoken(int row, String name, Duration session) {
        String field = "minutes-" + row;
        if (typed.text(field).isEmpty()) {
            return Optional.empty();
        }
        Optional<Integer> minutes = whole(field, 1, MOST_MINUTES);
        if (minutes.isPresent() && minutes.get() > session.toMinutes()) {
            errors.add(field, "session.minutes.long", name, session.toMinutes(), minutes.get());
        }
        return minutes.map(Duration::ofMinutes);
    }

    private void checkOverlaps(List<KeptSession> sessions) {
        for (DayOfWeek day : days) {
            try {
                ProtectedPlay.of(sessions.stream()
                        .filter(one -> one.details().weekdays().contains(day))
                        .map(one -> one.details().planned())
                        .toList());
            } catch (IllegalArgumentException overlap) {
                errors.add("name-0", "session.overlap", Refused.why(overlap).words());
                return;
            }
        }
    }

    /** How the room keeps its week, where nothing is wrong. */
    Optional<WeekRules> rules() {
        Optional<RatioRule> ratio = RatioRule.byCode(typed.text("ratio"));
        if (ratio.isEmpty()) {
            errors.add("ratio", "session.ratio.missing");
        }
        Optional<Integer> every = whole("everyDays", 1, 40);
        Optional<Integer> rest = whole("restDays", 1, 120);
        Optional<Integer> chosen = whole("stillChosen", 1, 60);
        Optional<Integer> evening = whole("evening", 0, 600);
        Optional<Integer> notice = whole("notice", 1, 30);
        Optional<Integer> percent = whole("percent", 0, 100);
        String language = typed.optional("secondLanguage", LONGEST_LANGUAGE, errors);
        return errors.any()
                ? Optional.empty()
                : Optional.of(new WeekRules(
                        ratio.orElseThrow(),
                        new Rotation(every.orElseThrow(), rest.orElseThrow(), chosen.orElseThrow()),
                        evening.orElseThrow(),
                        notice.orElseThrow(),
                        language,
                        percent.orElseThrow()));
    }

    private Optional<Integer> whole(String name, int least, int most) {
        return Typed.whole(name, typed.text(name), least, most, errors);
    }
}
