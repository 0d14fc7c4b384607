package app.carder.core.enrolment;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Tells from its head what a column is about.
 *
 * @param <C> what columns can be about
 */
public final class Headings<C extends Enum<C>> {

    /** Of a table of children. */
    public static final Headings<Column> OF_CHILDREN = new Headings<>(Column.class, "headings.csv");

    /** Of a table of notes. */
    static final Headings<NoteColumn> OF_NOTES = new Headings<>(NoteColumn.class, "note-headings.csv");

    private final Class<C> kind;
    private final Map<String, C> known;

    private Headings(Class<C> kind, String file) {
        this.kind = kind;
        this.known = read(kind, file);
    }

    /**
     * What each column is about; empty where its head is not known, or an earlier column is about the same.
     *
     * @param heads of the columns, in order
     */
    public List<Optional<C>> match(List<String> heads) {
        Set<C> taken = EnumSet.noneOf(kind);
        List<Optional<C>> matched = new ArrayList<>();
        for (String head : heads) {
            matched.add(Optional.ofNullable(known.get(plain(head))).filter(taken::add));
        }
        return matched;
    }

    /** Letters and digits alone: {@code Child’s first-name:} is {@code childsfirstname}. */
    private static String plain(String head) {
        return head.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    private static <C extends Enum<C>> Map<String, C> read(Class<C> kind, String file) {
        Map<String, C> known = new HashMap<>();
        try (InputStream in = Headings.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("Impossible state: the headings are not shipped.");
            }
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .forEach(line -> {
                        int comma = line.indexOf(',');
                        C column = Enum.valueOf(kind, line.substring(0, comma));
                        for (String head : line.substring(comma + 1).split("\\|")) {
                            C other = known.put(plain(head), column);
                            if (other != null && other != column) {
                                throw new IllegalStateException("Heading \"" + head + "\" is for two columns.");
                            }
                        }
                    });
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the headings cannot be read.", broken);
        }
        return Map.copyOf(known);
    }
}
