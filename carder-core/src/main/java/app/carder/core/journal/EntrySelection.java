package app.carder.core.journal;

import app.carder.core.said.Said;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Chooses which observations make a balanced journal.
 *
 * <p>The objective is {@code F(S) = sum over areas of sqrt(w_a) + 0.8 sum over stretches of sqrt(n_t) + 0.1 p}: w_a
 * adds {@code 1 / k^2} for each chosen entry that touches area a and k areas in all, so that an entry that ticks everything counts for
 * no more than one that is about one thing; n_t counts those in stretch t when the period is cut into as many equal
 * stretches as there are entries to choose (at most six), p those with a photo that the family may see. The roots
 * make a second entry on the same area or in the same stretch worth less than the first on another: F is monotone and
 * submodular. The entry that adds most is taken, again and again; the result is at least {@code 1 - (1 - 1/k)^k} of the best
 * possible (Nemhauser, Wolsey and Fisher 1978, Mathematical Programming 14:265, doi 10.1007/BF01588971, from memory). Between equals the newer
 * entry is taken, then the one whose id comes first, so that the same record always gives the same journal.
 */
public final class EntrySelection {

    /** Weight of a stretch of time against an area. */
    static final double TIME_WEIGHT = 0.8;

    /** Weight of a photo against an area. */
    static final double PHOTO_WEIGHT = 0.1;

    private static final int MOST_STRETCHES = 6;
    private static final double SAME = 1e-9;

    private final LocalDate startsOn;
    private final LocalDate endsOn;
    private final int size;

    private EntrySelection(LocalDate startsOn, LocalDate endsOn, int size) {
        this.startsOn = startsOn;
        this.endsOn = endsOn;
        this.size = size;
    }

    /**
     * One chosen entry.
     *
     * @param candidate what was chosen
     * @param gain what it added to the objective
     * @param because in words
     */
    public record Choice(Candidate candidate, double gain, Said because) {}

    /**
     * A selection for a period.
     *
     * @param startsOn first day
     * @param endsOn last day, included
     * @param size how many entries at most, 1 or more
     * @throws IllegalArgumentException if the period ends before it starts, or nothing is to be chosen
     */
    public static EntrySelection over(LocalDate startsOn, LocalDate endsOn, int size) {
        if (endsOn.isBefore(startsOn)) {
            throw new IllegalArgumentException(
                    "Period must not end before it starts, got %s to %s.".formatted(startsOn, endsOn));
        }
        if (size < 1) {
            throw new IllegalArgumentException("Journal must have 1 entry or more, got %d.".formatted(size));
        }
        return new EntrySelection(startsOn, endsOn, size);
    }

    /** The chosen entries, in the order in which they were taken; those outside the period are never taken. */
    public List<Choice> choose(Collection<Candidate> candidates) {
        List<Candidate> left = candidates.stream()
                .filter(candidate ->
                        !candidate.on().isBefore(startsOn) && !candidate.on().isAfter(endsOn))
                .sorted(Comparator.comparing(Candidate::on).reversed().thenComparing(Candidate::id))
                .collect(Collectors.toCollection(ArrayList::new));
        List<Choice> chosen = new ArrayList<>();
        Tally tally = new Tally();
        while (chosen.size() < size && !left.isEmpty()) {
            Candidate best = left.get(0);
            double most = tally.gain(best);
            for (Candidate candidate : left) {
                double gain = tally.gain(candidate);
                if (gain > most + SAME) {
                    best = candidate;
                    most = gain;
                }
            }
            chosen.add(new Choice(best, most, tally.because(best)));
            tally.add(best);
            left.remove(best);
        }
        return chosen;
    }

    /** The value of a set of entries. */
    public double objective(Collection<Candidate> entries) {
        Tally tally = new Tally();
        double value = 0;
        for (Candidate entry : entries) {
            value += tally.gain(entry);
            tally.add(entry);
        }
        return value;
    }

    /** How many equal stretches the period is cut into. */
    int stretches() {
        long days = ChronoUnit.DAYS.between(startsOn, endsOn) + 1;
        return (int) Math.min(Math.min(size, MOST_STRETCHES), days);
    }

    private int stretchOf(LocalDate day) {
        long days = ChronoUnit.DAYS.between(startsOn, endsOn) + 1;
        return (int) (ChronoUnit.DAYS.between(startsOn, day) * stretches() / days);
    }

    /** Counts of what is chosen so far. */
    private final class Tally {
        private final Map<String, Double> byArea = new HashMap<>();
        private final Map<Integer, Integer> byStretch = new HashMap<>();

        double gain(Candidate candidate) {
            double areas = candidate.areas().stream()
                    .mapToDouble(area -> {
                        double before = byArea.getOrDefault(area, 0.0);
                        return Math.sqrt(before + share(candidate)) - Math.sqrt(before);
                    })
                    .sum();
            double time = TIME_WEIGHT * step(byStretch.getOrDefault(stretchOf(candidate.on()), 0));
            return areas + time + (candidate.photo() == Candidate.Photo.SHOWN ? PHOTO_WEIGHT : 0);
        }

        void add(Candidate candidate) {
            candidate.areas().forEach(area -> byArea.merge(area, share(candidate), Double::sum));
            byStretch.merge(stretchOf(candidate.on()), 1, Integer::sum);
        }

        Said because(Candidate candidate) {
            TreeSet<String> fresh = new TreeSet<>(candidate.areas());
            fresh.removeAll(byArea.keySet());
            List<Said> reasons = new ArrayList<>();
            if (!fresh.isEmpty()) {
                reasons.add(Said.of("journal.areas", fresh.size()));
            }
            if (!byStretch.containsKey(stretchOf(candidate.on()))) {
                reasons.add(Said.of("journal.stretch"));
            }
            if (candidate.photo() == Candidate.Photo.SHOWN) {
                reasons.add(Said.of("journal.photo"));
            }
            return reasons.isEmpty() ? Said.of("journal.more") : Said.oneAfterTheOther(reasons);
        }

        /** What an entry gives to each of its areas: {@code 1 / k^2}, so that its areas together give 1 where they are new. */
        private double share(Candidate candidate) {
            return 1.0 / (candidate.areas().size() * candidate.areas().size());
        }

        private double step(int count) {
            return Math.sqrt(count + 1.0) - Math.sqrt(count);
        }
    }
}
