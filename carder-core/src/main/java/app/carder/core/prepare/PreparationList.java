package app.carder.core.prepare;

import app.carder.core.prepare.OpenHours.Block;
import app.carder.core.prepare.Preparation.Planned;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What is to be prepared for several cards with one pair of hands: the steps of all of them, each as late as its card, the hours and
 * the other cards allow. What must be ready last is placed first, so that it leaves the earlier hours to what is needed earlier.
 *
 * @param due every step, by when it begins
 * @param refused cards whose steps cannot be planned
 */
public record PreparationList(List<Due> due, List<Unplanned> refused) {

    /** Keeps its own copies. */
    public PreparationList {
        due = List.copyOf(due);
        refused = List.copyOf(refused);
    }

    /**
     * A card to be prepared.
     *
     * @param id of the card
     * @param title for people
     * @param steps at most 40
     * @param readyAt when it must be ready
     */
    public record Job(String id, String title, List<Step> steps, LocalDateTime readyAt) {
        /** Keeps its own copy. */
        public Job {
            steps = List.copyOf(steps);
        }
    }

    /**
     * A step in time.
     *
     * @param job the card
     * @param planned when
     * @param late whether it should have begun already
     */
    public record Due(Job job, Planned planned, boolean late) {}

    /**
     * A card that cannot be planned.
     *
     * @param job which
     * @param because in a sentence
     */
    public record Unplanned(Job job, Said because) {}

    /** Lays the steps out. */
    public static PreparationList of(List<Job> jobs, OpenHours open, LocalDateTime now) {
        List<Block> taken = new ArrayList<>();
        List<Due> due = new ArrayList<>();
        List<Unplanned> refused = new ArrayList<>();
        for (Job job : jobs.stream()
                .sorted(Comparator.comparing(Job::readyAt).reversed().thenComparing(Job::title))
                .toList()) {
            List<Block> tried = new ArrayList<>(taken);
            try {
                Preparation.placedLate(job.steps(), open.ready(job.readyAt()), open, tried)
                        .values()
                        .forEach(planned ->
                                due.add(new Due(job, planned, planned.startsAt().isBefore(now))));
                taken = tried;
            } catch (IllegalArgumentException impossible) {
                refused.add(new Unplanned(job, Refused.why(impossible)));
            }
        }
        due.sort(Comparator.comparing((Due one) -> one.planned().startsAt())
                .thenComparing(one -> one.planned().endsAt()));
        return new PreparationList(due, refused);
    }

    /** Steps that should have begun already, and those that begin on a day, in order. */
    public List<Due> lateAndOn(LocalDate day) {
        return due.stream()
                .filter(one ->
                        one.late() || one.planned().startsAt().toLocalDate().equals(day))
                .toList();
    }

    /** Minutes of an adult's work, children's turns with an adult included, in some steps. */
    public static long minutes(List<Due> due) {
        return due.stream()
                .mapToLong(one -> one.planned().step().work().toMinutes())
                .sum();
    }
}
