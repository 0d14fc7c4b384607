package app.carder.core.watchlog;

import app.carder.core.said.Said;
import app.carder.core.watch.Attempts;
import app.carder.core.watch.Dots;
import app.carder.core.watch.Tally;
import app.carder.core.watchlog.Entry.Checked;
import app.carder.core.watchlog.Entry.Compared;
import app.carder.core.watchlog.Entry.Counted;
import app.carder.core.watchlog.Entry.Grouped;
import app.carder.core.watchlog.Entry.Named;
import app.carder.core.watchlog.Entry.TimedMinute;
import app.carder.core.watchlog.Entry.Tried;
import app.carder.core.watchlog.Entry.Turned;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** What was counted about a child, a line for each thing. */
public final class CountLines {

    private CountLines() {}

    /**
     * A line.
     *
     * @param words such as {@code blocks stacked: 6 of 6}
     * @param dots the same to look at; absent where it is no count
     */
    public record Line(String words, Optional<Dots> dots) {}

    /** The lines in words. */
    public static List<String> of(List<Noted> seen, UUID child) {
        return lines(seen, child).stream().map(Line::words).toList();
    }

    /**
     * The lines: tallies, tries and turns added up for each thing, the rest one by one.
     *
     * @param seen what counts of one record
     */
    public static List<Line> lines(List<Noted> seen, UUID child) {
        List<Named> named = new ArrayList<>();
        for (Noted noted : seen) {
            if (noted.entry() instanceof Named one && one.child().equals(child)) {
                named.add(one);
            }
        }
        List<Line> lines = new ArrayList<>();
        lines.addAll(summed(named, Counted.class, all -> {
            int count = tally(all, Counted::by);
            return new Line(Integer.toString(count), Dots.of(count));
        }));
        lines.addAll(summed(named, Tried.class, all -> {
            Attempts attempts = Attempts.of(all.stream().map(Tried::attempt).toList());
            return new Line(attempts.words(), Dots.of(attempts.hits(), attempts.tries()));
        }));
        lines.addAll(summed(named, Turned.class, turns -> new Line(turns(turns), Optional.empty())));
        lines.addAll(each(
                named,
                Checked.class,
                check -> new Line(
                        said("working.counted-of", check.what(), check.number(), check.of()),
                        Dots.of(check.number(), check.of()))));
        lines.addAll(each(
                named,
                Grouped.class,
                group -> new Line(said("working.counted", group.what(), group.number()), Dots.of(group.number()))));
        lines.addAll(each(
                named,
                Compared.class,
                compared -> new Line(
                        said("working.compared", compared.comparison().words(), compared.what()), Optional.empty())));
        lines.addAll(each(
                named,
                TimedMinute.class,
                minute -> new Line(
                        said("working.counted-in-seconds", minute.what(), minute.times(), minute.seconds()),
                        Dots.of(minute.times()))));
        return lines;
    }

    private static String turns(List<Turned> turns) {
        int points = tally(turns, Turned::points);
        return Said.say("working.turns-and-points", turns.size(), points);
    }

    /** Numbers as they were tapped, without marks between thousands. */
    private static String said(String code, Object... about) {
        return Said.say(code, Arrays.stream(about).map(String::valueOf).toArray());
    }

    private static <E> int tally(List<E> all, Function<E, Integer> strokes) {
        return Tally.of(all.stream().map(strokes).toList()).count();
    }

    private static <E extends Named> List<Line> each(List<Named> named, Class<E> kind, Function<E, Line> line) {
        return named.stream().filter(kind::isInstance).map(kind::cast).map(line).toList();
    }

    private static <E extends Named> List<Line> summed(List<Named> named, Class<E> kind, Function<List<E>, Line> sum) {
        Map<String, List<E>> byName = new LinkedHashMap<>();
        named.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .forEach(one -> byName.computeIfAbsent(one.what(), what -> new ArrayList<>())
                        .add(one));
        return byName.entrySet().stream()
                .map(same -> {
                    Line sums = sum.apply(same.getValue());
                    return new Line(said("working.counted", same.getKey(), sums.words()), sums.dots());
                })
                .toList();
    }
}
