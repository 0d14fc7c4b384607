package app.carder.core.framework;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** Areas of one framework said in those of another, from a table of pairs that is read both ways. */
public final class Crosswalk {

    private final List<Pair> pairs;

    private Crosswalk(List<Pair> pairs) {
        this.pairs = List.copyOf(pairs);
    }

    private record Pair(String from, String to) {}

    /**
     * Areas in another framework.
     *
     * @param areas in the framework asked for
     * @param lost codes that say nothing there
     */
    public record Mapped(Set<String> areas, List<String> lost) {
        /** Keeps its own copies. */
        public Mapped {
            areas = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(areas));
            lost = List.copyOf(lost);
        }
    }

    /** The table that ships with the application. */
    public static Crosswalk shipped() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        try (Reader reader = new InputStreamReader(
                        Objects.requireNonNull(Crosswalk.class.getResourceAsStream("crosswalk.csv")),
                        StandardCharsets.UTF_8);
                CSVParser rows = format.parse(reader)) {
            return new Crosswalk(rows.stream()
                    .map(row -> new Pair(row.get("from"), row.get("to")))
                    .toList());
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the crosswalk cannot be read.", broken);
        }
    }

    /** Says areas in the words of a framework; those that it knows already stay as they are. */
    public Mapped into(Framework framework, Collection<String> areas) {
        Set<String> mapped = new LinkedHashSet<>();
        List<String> lost = new ArrayList<>();
        for (String area : areas) {
            if (framework.hasArea(area)) {
                mapped.add(area);
                continue;
            }
            List<String> found = pairs.stream()
                    .filter(pair -> pair.from().equals(area) || pair.to().equals(area))
                    .map(pair -> pair.from().equals(area) ? pair.to() : pair.from())
                    .filter(framework::hasArea)
                    .toList();
            if (found.isEmpty()) {
                lost.add(area);
            }
            mapped.addAll(found);
        }
        return new Mapped(mapped, lost);
    }
}
