package app.carder.core.chain;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.LongStream;

/** Numbers of links, as stretches that are short to write down: {@code 3-17 21}. */
public final class Numbers {

    /** End of each stretch, by its beginning. */
    private final TreeMap<Long, Long> stretches = new TreeMap<>();

    private Numbers() {}

    /** Of some links. */
    public static Numbers of(Collection<Long> numbers) {
        Numbers all = new Numbers();
        for (long number : new TreeSet<>(numbers)) {
            Map.Entry<Long, Long> last = all.stretches.lastEntry();
            if (last != null && last.getValue() == number - 1) {
                all.stretches.put(last.getKey(), number);
            } else {
                all.stretches.put(number, number);
            }
        }
        return all;
    }

    /**
     * As {@link #written()} gave them.
     *
     * @throws IllegalArgumentException if it did not
     */
    public static Numbers read(String written) {
        Numbers all = new Numbers();
        for (String stretch : written.split(" ", -1)) {
            if (!stretch.isEmpty()) {
                String[] ends = stretch.split("-", -1);
                all.stretches.put(Long.parseLong(ends[0]), Long.parseLong(ends[ends.length - 1]));
            }
        }
        return all;
    }

    /** Whether a number is among them. */
    public boolean include(long number) {
        Map.Entry<Long, Long> stretch = stretches.floorEntry(number);
        return stretch != null && number <= stretch.getValue();
    }

    /** Each of them, in order. */
    public List<Long> all() {
        return stretches.entrySet().stream()
                .flatMap(stretch -> LongStream.rangeClosed(stretch.getKey(), stretch.getValue())
                        .boxed())
                .toList();
    }

    /** To be read again. */
    public String written() {
        StringBuilder written = new StringBuilder();
        stretches.forEach((from, until) -> written.append(written.isEmpty() ? "" : " ")
                .append(from)
                .append(from.equals(until) ? "" : "-" + until));
        return written.toString();
    }
}
