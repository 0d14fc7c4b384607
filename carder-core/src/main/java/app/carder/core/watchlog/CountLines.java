package app.carder.core.watchlog;

import app.carder.core.said.Said;
import app.carder.core.watch.Attempts;
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
import java.util.UUID;
import java.util.function.Function;

/** What was counted about a child, a line for each thing. */
public final class CountLines {

    private CountLines() {}

    /**
     * The lines, such as {@code blocks stacked: 6 of 6}: tallies, tries and turns added up for each thing, the rest one by
     * one.
     *
     * @param seen what counts of one record
     */
    public static List<String> of(List<Noted> seen, UUID child) {
        List<Named> named = new ArrayList<>();
        for (Noted noted : seen) {
            if (noted.entry() instanceof Named one && one.child().equals(child)) {
                named.add(one);
            }
        }
        List<String> lines = new ArrayList<>();
        lines.addAll(summed(named, Counted.class, all -> Integer.toString(tally(all, Counted::by))));
        lines.addAll(summed(
                named,
                Tried.class,
                all -> Attempts.of(all.stream().map(Tried::attempt).toList()).words()));
        lines.addAll(summed(named, Turned.class, CountLines::turns));
        lines.addAll(each(
                named, Checked.class, check -> said("working.counted-of", check.what(), check.number(), check.of())));
        lines.addAll(each(named, Grouped.class, group -> said("working.counted", group.what(), group.number())));
        lines.addAll(each(
                named,
                Compared.class,
                compared -> said("working.compared", compared.comparison().words(), compared.what())));
        lines.addAll(each(
                named,
                TimedMinute.class,
                minute -> said("working.counted-in-seconds", minute.what(), minute.times(), minute.seconds())));
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

    private static <E extends Named> List<String> each(List<Named> named, Class<E> kind, Function<E, String> line) {
        return named.stream().filter(kind::isInstance).map(kind::cast).map(line).toList();
    }

    private static <E extends Named> List<String> summed(
            List<Named> named, Class<E> kind, Function<List<E>, String> sum) {
        Map<String, List<E>> byName = new LinkedHashMap<>();
        named.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .forEach(one -> byName.computeIfAbsent(one.what(), what -> new ArrayList<>())
                        .add(one));
        return byName.entrySet().stream()
                .map(same -> said("working.counted", same.getKey(), sum.apply(same.getValue())))
                .toList();
    }
}
