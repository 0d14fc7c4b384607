package app.carder.core.week;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.PlannedSession.Garden;
import app.carder.core.week.PlannedSession.Moves;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How long play is left alone on a day, who breaks it, and what to move so that it is left alone longer.
 *
 * <p>A stretch is one session of free play, indoors or out, or several of one kind that touch. Going out together is a break of its
 * own, unless the garden is open during free play. A break is counted wherever a stretch ends and another follows later in the day.
 * That long stretches matter is common practice; there is no statutory figure in here.
 *
 * @param longest the longest stretch; absent without free play
 * @param stretches of free play, in order
 * @param breaks made by the adults' plan
 * @param outdoors in sessions out of doors
 * @param gardenOpen of free play with the garden open
 * @param led by an adult, in group time
 * @param secondLanguage spoken in sessions by plan, never longer than these are
 * @param day from the first start to the last end, without gaps
 * @param advice what would lengthen the longest stretch, the greatest gain first
 */
public record ProtectedPlay(
        Optional<Stretch> longest,
        List<Stretch> stretches,
        int breaks,
        Duration outdoors,
        Duration gardenOpen,
        Duration led,
        Duration secondLanguage,
        Duration day,
        List<Advice> advice) {

    private static final int MOST_ADVICE = 3;

    /** Keeps its own copies. */
    public ProtectedPlay {
        stretches = List.copyOf(stretches);
        advice = List.copyOf(advice);
    }

    /**
     * A stretch of free play.
     *
     * @param from included
     * @param until excluded
     */
    public record Stretch(LocalTime from, LocalTime until) {
        /** How long. */
        public Duration length() {
            return Duration.between(from, until);
        }

        /** The latest moment to tell children that it ends. */
        public LocalTime noticeAt(Duration notice) {
            return notice.compareTo(length()) > 0 ? from : until.minus(notice);
        }
    }

    /** What can be done with a session that breaks play. */
    public enum Change {
        /** It takes place at another time. */
        MOVE,
        /** Food that rolls: children come when they are ready, and play goes on. */
        ROLL
    }

    /**
     * One thing to change.
     *
     * @param change how
     * @param session name of the session
     * @param from when it begins now
     * @param to when it would begin; the same where it rolls
     * @param longest the longest stretch then
     * @param gain how much longer that is
     * @param sessions the whole day then
     */
    public record Advice(
            Change change,
            String session,
            LocalTime from,
            LocalTime to,
            Duration longest,
            Duration gain,
            List<PlannedSession> sessions) {
        /** Keeps its own copy. */
        public Advice {
            sessions = List.copyOf(sessions);
        }

        /** For people. */
        public String words() {
            return change == Change.MOVE
                    ? Said.say(
                            "working.move-from-to-the-longest-stretch",
                            session,
                            from,
                            to,
                            longest.toMinutes(),
                            gain.toMinutes())
                    : Said.say(
                            "working.let-at-run-within-free-play",
                            session,
                            from,
                            longest.toMinutes(),
                            gain.toMinutes());
        }
    }

    /**
     * Looks a day over.
     *
     * @param sessions of one day; they must not overlap
     * @throws IllegalArgumentException if two overlap
     */
    public static ProtectedPlay of(List<PlannedSession> sessions) {
        List<PlannedSession> day = ordered(sessions);
        List<Stretch> stretches = stretches(day);
        Optional<Stretch> longest = longest(stretches);
        return new ProtectedPlay(
                longest,
                stretches,
                Math.max(0, stretches.size() - 1),
                sum(day.stream()
                        .filter(one -> one.session().kind() == Kind.OUTDOORS)
                        .toList()),
                sum(day.stream()
                        .filter(one -> one.session().kind() == Kind.PROTECTED_PLAY && one.garden() == Garden.OPEN)
                        .toList()),
                sum(day.stream()
                        .filter(one -> one.session().kind() == Kind.GROUP)
                        .toList()),
                day.stream().map(PlannedSession::inOtherLanguage).reduce(Duration.ZERO, Duration::plus),
                sum(day),
                advice(day, longest.map(Stretch::length).orElse(Duration.ZERO)));
    }

    private static List<PlannedSession> ordered(List<PlannedSession> sessions) {
        List<PlannedSession> day = sessions.stream()
                .sorted(Comparator.comparing(one -> one.session().startsAt()))
                .toList();
        for (int at = 1; at < day.size(); at++) {
            DayStrip.Session before = day.get(at - 1).session();
            DayStrip.Session next = day.get(at).session();
            if (next.startsAt().isBefore(before.endsAt())) {
                throw Refused.because(
                        "refused.protected-play.sessions-must-not",
                        before.name(),
                        before.endsAt(),
                        next.name(),
                        next.startsAt());
            }
        }
        return day;
    }

    private static List<Stretch> stretches(List<PlannedSession> day) {
        List<Stretch> stretches = new ArrayList<>();
        PlannedSession last = null;
        for (PlannedSession one : day) {
            if (one.isPlay()) {
                boolean goesOn = last != null
                        && last.session().kind() == one.session().kind()
                        && last.session().endsAt().equals(one.session().startsAt());
                LocalTime from = goesOn
                        ? stretches.remove(stretches.size() - 1).from()
                        : one.session().startsAt();
                stretches.add(new Stretch(from, one.session().endsAt()));
            }
            last = one;
        }
        return stretches;
    }

    private static Optional<Stretch> longest(List<Stretch> stretches) {
        // The earlier of two that are as long.
        return stretches.stream().reduce((one, other) -> other.length().compareTo(one.length()) > 0 ? other : one);
    }

    private static Duration sum(List<PlannedSession> sessions) {
        return sessions.stream().map(PlannedSession::length).reduce(Duration.ZERO, Duration::plus);
    }

    private static List<Advice> advice(List<PlannedSession> day, Duration now) {
        List<Advice> advice = new ArrayList<>();
        for (int at = 0; at < day.size(); at++) {
            PlannedSession one = day.get(at);
            if (one.isPlay() || one.moves() == Moves.FIXED) {
                continue;
            }
            best(day, at, now).ifPresent(advice::add);
            if (one.session().kind() == Kind.CARE) {
                rolled(day, at, now).ifPresent(advice::add);
            }
        }
        return advice.stream()
                .sorted(Comparator.comparing(Advice::gain).reversed().thenComparing(Advice::change))
                .limit(MOST_ADVICE)
                .toList();
    }

    /** The best other place of one session; of equals the nearest. */
    private static Optional<Advice> best(List<PlannedSession> day, int at, Duration now) {
        Optional<Advice> best = Optional.empty();
        for (int distance = 1; distance < day.size(); distance++) {
            for (int to : new int[] {at - distance, at + distance}) {
                Optional<Advice> moved = moved(day, at, to)
                        .flatMap(then -> advice(
                                Change.MOVE, day.get(at), then.get(to).session().startsAt(), then, now));
                if (moved.isPresent()
                        && best.map(found -> moved.get().gain().compareTo(found.gain()) > 0)
                                .orElse(true)) {
                    best = moved;
                }
            }
        }
        return best;
    }

    private static Optional<Advice> advice(
            Change change, PlannedSession session, LocalTime to, List<PlannedSession> then, Duration now) {
        Duration longest = longest(stretches(then)).map(Stretch::length).orElse(Duration.ZERO);
        return longest.compareTo(now) > 0
                ? Optional.of(new Advice(
                        change,
                        session.session().name(),
                        session.session().startsAt(),
                        to,
                        longest,
                        longest.minus(now),
                        then))
                : Optional.empty();
    }

    /** The day with one session in another place; those between shift by its length, which fixed ones and gaps do not allow. */
    private static Optional<List<PlannedSession>> moved(List<PlannedSession> day, int at, int to) {
        if (to < 0 || to >= day.size()) {
            return Optional.empty();
        }
        int first = Math.min(at, to);
        int last = Math.max(at, to);
        for (int index = first; index <= last; index++) {
            boolean gap = index > first
                    && !day.get(index - 1)
                            .session()
                            .endsAt()
                            .equals(day.get(index).session().startsAt());
            if (gap || index != at && !day.get(index).isPlay() && day.get(index).moves() == Moves.FIXED) {
                return Optional.empty();
            }
        }
        List<PlannedSession> order = new ArrayList<>(day);
        order.add(to, order.remove(at));
        LocalTime start = day.get(first).session().startsAt();
        for (int index = first; index <= last; index++) {
            order.set(index, order.get(index).at(start));
            start = order.get(index).session().endsAt();
        }
        return Optional.of(order);
    }

    /** The day with food that rolls: the play before it goes on to the end of the play after it. */
    private static Optional<Advice> rolled(List<PlannedSession> day, int at, Duration now) {
        if (at == 0 || at == day.size() - 1) {
            return Optional.empty();
        }
        PlannedSession before = day.get(at - 1);
        PlannedSession after = day.get(at + 1);
        boolean touches = before.session().endsAt().equals(day.get(at).session().startsAt())
                && day.get(at).session().endsAt().equals(after.session().startsAt());
        if (!touches
                || !before.isPlay()
                || before.session().kind() != after.session().kind()) {
            return Optional.empty();
        }
        List<PlannedSession> then = new ArrayList<>(day);
        then.set(at - 1, before.until(after.session().endsAt()));
        then.remove(at + 1);
        then.remove(at);
        return advice(Change.ROLL, day.get(at), day.get(at).session().startsAt(), then, now);
    }

    /** Part of the day in the second language, per cent rounded down; 0 for an empty day. */
    public int secondLanguagePercent() {
        return day.isZero() ? 0 : (int) (100 * secondLanguage.toMinutes() / day.toMinutes());
    }

    /** Minutes of an aim in per cent of the day, rounded up. */
    public long minutesOf(int aimPercent) {
        return -Math.floorDiv(-day.toMinutes() * aimPercent, 100L);
    }

    /** Minutes that are missing to an aim for the second language, 0 or more, rounded up. */
    public long minutesToAim(int aimPercent) {
        return Math.max(0, minutesOf(aimPercent) - secondLanguage.toMinutes());
    }
}
