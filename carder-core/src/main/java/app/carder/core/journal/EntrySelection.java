package app.carder.core.journal;

import app.carder.core.journal.Selection.Choice;
import app.carder.core.journal.Selection.Only;
import app.carder.core.journal.SelectionProblem.Feature;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Chooses which observations make a balanced journal of a given length.
 *
 * <p>The objective is {@code F(S) = sum over facets f, and over the values v of each, of weight(f) * curve(n_fv)}: n_fv adds {@code 1 / k}
 * for each chosen entry that shows v and k values of the facet in all, so that an entry that ticks everything counts for no more than one
 * that is about one thing; {@link SelectionProblem#curve} is the square root at whole numbers, so that a second entry on the same is worth
 * less than the first on another. The period is cut into as many equal stretches as the journal has quarters of a page, at most six, and
 * the stretch of an entry is a facet of it too. F is monotone and submodular.
 *
 * <p>For usual sizes the best set is found and proven ({@link BestSelection}); where the work for that is too much, the best one that was
 * met is taken and how far it can be from the best at most is told. Between sets that are equal the one with newer entries comes first, so
 * that the same record always gives the same journal.
 */
public final class EntrySelection {

    private static final int MOST_STRETCHES = 6;

    private final LocalDate startsOn;
    private final LocalDate endsOn;
    private final int quarters;
    private final Set<String> pinned;
    private final Set<String> banned;
    private final long mostWork;

    private EntrySelection(
            LocalDate startsOn, LocalDate endsOn, int quarters, Set<String> pinned, Set<String> banned, long mostWork) {
        this.startsOn = startsOn;
        this.endsOn = endsOn;
        this.quarters = quarters;
        this.pinned = Set.copyOf(pinned);
        this.banned = Set.copyOf(banned);
        this.mostWork = mostWork;
    }

    /**
     * A selection for a period.
     *
     * @param startsOn first day
     * @param endsOn last day, included
     * @param quarters how much room there is, in quarters of a page, 1 or more
     * @throws IllegalArgumentException if the period ends before it starts, or there is no room
     */
    public static EntrySelection over(LocalDate startsOn, LocalDate endsOn, int quarters) {
        if (endsOn.isBefore(startsOn)) {
            throw new IllegalArgumentException(
                    "Period must not end before it starts, got %s to %s.".formatted(startsOn, endsOn));
        }
        if (quarters < 1) {
            throw new IllegalArgumentException(
                    "Journal must have a quarter of a page or more, got %d.".formatted(quarters));
        }
        return new EntrySelection(startsOn, endsOn, quarters, Set.of(), Set.of(), BestSelection.MOST_WORK);
    }

    /** The same with entries that are in whatever they bring, those from outside the period too. */
    public EntrySelection pinning(Collection<String> ids) {
        return new EntrySelection(startsOn, endsOn, quarters, Set.copyOf(ids), banned, mostWork);
    }

    /** The same with entries that stay out. */
    public EntrySelection banning(Collection<String> ids) {
        return new EntrySelection(startsOn, endsOn, quarters, pinned, Set.copyOf(ids), mostWork);
    }

    /** The same cut off after other work, to be told apart in tests. */
    EntrySelection working(long most) {
        return new EntrySelection(startsOn, endsOn, quarters, pinned, banned, most);
    }

    /** The chosen entries; those outside the period are taken only where they are pinned, and what is pinned and banned stays out. */
    public Selection choose(Collection<Candidate> candidates) {
        List<Candidate> open = candidates.stream()
                .filter(candidate -> !banned.contains(candidate.id()))
                .filter(candidate -> pinned.contains(candidate.id()) || isWithin(candidate.on()))
                .sorted(Comparator.comparing(Candidate::on).reversed().thenComparing(Candidate::id))
                .toList();
        SelectionProblem problem = SelectionProblem.of(open, this::shows, quarters);
        BestSelection.Found found = BestSelection.of(
                problem,
                IntStream.range(0, open.size())
                        .filter(item -> pinned.contains(open.get(item).id()))
                        .toArray(),
                mostWork);
        List<Candidate> chosen = IntStream.range(0, open.size())
                .filter(item -> found.items()[item])
                .mapToObj(open::get)
                .sorted(Comparator.comparing(Candidate::on).thenComparing(Candidate::id))
                .toList();
        return new Selection(
                choices(chosen),
                found.value(),
                found.bound(),
                chosen.stream().mapToInt(Candidate::quarters).sum());
    }

    /** What each of some entries brings that the others do not, in their order. */
    public List<Choice> choices(List<Candidate> entries) {
        SelectionProblem problem = SelectionProblem.of(entries, this::shows, quarters);
        List<Feature> features =
                List.copyOf(SelectionProblem.features(entries, this::shows).keySet());
        int[] shownBy = new int[features.size()];
        double[] shares = new double[features.size()];
        for (int item = 0; item < entries.size(); item++) {
            problem.add(item, shares, 1);
            for (int feature : problem.features()[item]) {
                shownBy[feature]++;
            }
        }
        double whole = problem.value(shares);
        List<Choice> choices = new ArrayList<>();
        for (int item = 0; item < entries.size(); item++) {
            problem.add(item, shares, -1);
            double lost = whole - problem.value(shares);
            problem.add(item, shares, 1);
            Map<Facet, Set<String>> alone = new TreeMap<>();
            for (int feature : problem.features()[item]) {
                if (shownBy[feature] == 1) {
                    alone.computeIfAbsent(features.get(feature).facet(), facet -> new TreeSet<>())
                            .add(features.get(feature).value());
                }
            }
            choices.add(new Choice(
                    entries.get(item),
                    lost,
                    alone.entrySet().stream()
                            .map(one -> new Only(one.getKey(), List.copyOf(one.getValue())))
                            .toList()));
        }
        return choices;
    }

    /** The value of a set of entries. */
    public double objective(Collection<Candidate> entries) {
        List<Candidate> all = List.copyOf(entries);
        SelectionProblem problem = SelectionProblem.of(all, this::shows, quarters);
        double[] shares = new double[problem.weights().length];
        for (int item = 0; item < all.size(); item++) {
            problem.add(item, shares, 1);
        }
        return problem.value(shares);
    }

    /** What a candidate shows, its stretch of the period among it; one from outside the period stands for no stretch. */
    Map<Facet, Set<String>> shows(Candidate candidate) {
        Map<Facet, Set<String>> shows = new EnumMap<>(Facet.class);
        shows.putAll(candidate.shows());
        shows.remove(Facet.TIME);
        if (isWithin(candidate.on())) {
            shows.put(Facet.TIME, Set.of(String.valueOf(stretchOf(candidate.on()))));
        }
        return shows;
    }

    /** First and last day of the stretch that a day lies in. */
    public List<LocalDate> stretch(LocalDate day) {
        int stretch = stretchOf(day);
        return List.of(firstOf(stretch), firstOf(stretch + 1).minusDays(1));
    }

    private LocalDate firstOf(int stretch) {
        return startsOn.plusDays((stretch * days() + stretches() - 1) / stretches());
    }

    private boolean isWithin(LocalDate day) {
        return !day.isBefore(startsOn) && !day.isAfter(endsOn);
    }

    private long days() {
        return ChronoUnit.DAYS.between(startsOn, endsOn) + 1;
    }

    /** How much room there is, in quarters of a page. */
    int quarters() {
        return quarters;
    }

    /** How many equal stretches the period is cut into. */
    int stretches() {
        return (int) Math.min(Math.min(quarters, MOST_STRETCHES), days());
    }

    private int stretchOf(LocalDate day) {
        return (int) (ChronoUnit.DAYS.between(startsOn, day) * stretches() / days());
    }
}
