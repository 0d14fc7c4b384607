package app.carder.web.results;

import app.carder.core.watch.Tally;
import app.carder.core.watch.Tries;
import app.carder.web.watchlog.EntryKind;
import app.carder.web.watchlog.EntryView;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What was counted about a child, a line for each thing. */
final class CountLines {

    private CountLines() {}

    /** The lines of one time of watching, such as {@code blocks stacked: 6 of 6}. */
    static Stream<String> of(Watched one, UUID child) {
        return Stream.of(
                        summed(one, child, EntryKind.TALLY, tallies -> "%d".formatted(sum(tallies))),
                        summed(one, child, EntryKind.TRY, CountLines::tries),
                        summed(
                                one,
                                child,
                                EntryKind.TURN,
                                turns -> "%d turns, %d points".formatted(turns.size(), sum(turns))),
                        each(
                                one,
                                child,
                                EntryKind.CHECK,
                                check -> "%s: %d of %d".formatted(check.words(), number(check), check.ofNumber())),
                        each(one, child, EntryKind.GROUP, group -> "%s: %d".formatted(group.words(), number(group))),
                        each(one, child, EntryKind.COMPARE, PlayWords::compared),
                        each(
                                one,
                                child,
                                EntryKind.MINUTE,
                                minute ->
                                        "%s: %d in %d s".formatted(minute.words(), number(minute), minute.ofNumber())))
                .flatMap(Function.identity());
    }

    private static Stream<String> each(Watched one, UUID child, EntryKind kind, Function<EntryView, String> line) {
        return one.of(child, kind).stream().map(line);
    }

    /** One line for all entries with the same words. */
    private static Stream<String> summed(
            Watched one, UUID child, EntryKind kind, Function<List<EntryView>, String> sum) {
        Map<String, List<EntryView>> byWords = one.of(child, kind).stream()
                .collect(Collectors.groupingBy(EntryView::words, LinkedHashMap::new, Collectors.toList()));
        return byWords.entrySet().stream().map(same -> same.getKey() + ": " + sum.apply(same.getValue()));
    }

    private static int sum(List<EntryView> strokes) {
        return Tally.of(strokes.stream().map(CountLines::number).toList()).count();
    }

    private static String tries(List<EntryView> tries) {
        return Tries.of(tries.stream()
                        .map(one -> new Tries.Try(number(one) == 1, Tries.Prompt.valueOf(one.code())))
                        .toList())
                .words();
    }

    private static int number(EntryView entry) {
        return Optional.ofNullable(entry.number()).orElse(0);
    }
}
