package app.carder.core.journal;

import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What is not there yet for a child's next journal. It tells what nobody wrote down, which says nothing of the child.
 *
 * @param records how many there are
 * @param seen codes of the areas that they touch
 * @param wanted what a journal usually has and these have not, in the order of {@link Want}
 */
public record Missing(int records, Set<String> seen, List<Want> wanted) {

    /** Fewer make no journal: our own figure. */
    public static final int FEWEST_RECORDS = 4;

    /** Keeps its own copies. */
    public Missing {
        seen = Set.copyOf(seen);
        wanted = List.copyOf(wanted);
    }

    /** What a journal usually has. */
    public enum Want {
        /** Enough records. */
        RECORDS,
        /** Each area of the framework once. */
        AREAS,
        /** What the child said, signed or pointed at. */
        VOICE,
        /** A photo that may be shown. */
        PHOTO,
        /** What adults will offer next. */
        NEXT_STEP;

        /** For people. */
        public String words() {
            return Said.say("journal-missing." + name());
        }
    }

    /**
     * Looks through the records of a period.
     *
     * @param records all of them
     * @param areas codes of all areas of the framework
     */
    public static Missing of(Collection<Candidate> records, Collection<String> areas) {
        Set<String> seen = new TreeSet<>();
        records.forEach(one -> seen.addAll(one.of(Facet.AREA)));
        List<Want> wanted = new ArrayList<>();
        if (records.size() < FEWEST_RECORDS) {
            wanted.add(Want.RECORDS);
        }
        if (!seen.containsAll(areas)) {
            wanted.add(Want.AREAS);
        }
        if (nobodyShows(records, Facet.VOICE)) {
            wanted.add(Want.VOICE);
        }
        if (nobodyShows(records, Facet.PHOTO)) {
            wanted.add(Want.PHOTO);
        }
        if (nobodyShows(records, Facet.NEXT_STEP)) {
            wanted.add(Want.NEXT_STEP);
        }
        return new Missing(records.size(), seen, wanted);
    }

    private static boolean nobodyShows(Collection<Candidate> records, Facet facet) {
        return records.stream().allMatch(one -> one.of(facet).isEmpty());
    }

    /** Whether nothing is. */
    public boolean isNothing() {
        return wanted.isEmpty();
    }
}
