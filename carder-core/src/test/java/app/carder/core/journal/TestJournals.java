package app.carder.core.journal;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

/** Made-up records of a term, in the proportions of a nursery: areas unevenly met, a photo on a third, a child's own words on a quarter. */
public final class TestJournals {

    /** First day of the term. */
    public static final LocalDate FIRST = LocalDate.of(2026, 1, 5);

    /** Last day of the term. */
    public static final LocalDate LAST = FIRST.plusDays(83);

    private TestJournals() {}

    /** So many records that could go into a journal. */
    public static List<Candidate> candidates(Random random, int count) {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Map<Facet, Set<String>> shows = new EnumMap<>(Facet.class);
            Set<String> areas = new TreeSet<>();
            for (int area = random.nextInt(4); area > 0; area--) {
                areas.add("area " + (int) Math.abs(random.nextGaussian() * 3));
            }
            shows.put(Facet.AREA, areas);
            shows.put(Facet.CARD, Set.of("card " + random.nextInt(15)));
            shows.put(Facet.PLACE, Set.of("place " + random.nextInt(8)));
            shows.put(Facet.ADULT, Set.of("adult " + random.nextInt(4)));
            if (random.nextInt(3) == 0) {
                shows.put(Facet.PHOTO, Set.of("photo"));
            }
            if (random.nextInt(4) == 0) {
                shows.put(Facet.VOICE, Set.of(random.nextBoolean() ? "SPOKEN" : "POINTED"));
            }
            if (random.nextInt(5) == 0) {
                shows.put(Facet.NEXT_STEP, Set.of("next"));
            }
            candidates.add(new Candidate("id" + i, FIRST.plusDays(random.nextInt(84)), shows, 1 + random.nextInt(3)));
        }
        return candidates;
    }
}
