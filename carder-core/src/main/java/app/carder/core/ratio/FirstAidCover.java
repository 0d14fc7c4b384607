package app.carder.core.ratio;

import app.carder.core.ratio.Staffing.AdultHours;
import app.carder.core.ratio.Staffing.Stretch;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Whether somebody with a paediatric first-aid certificate that is in date is on site whenever children are. England's framework for the
 * early years asks for it at all times (from memory); most others ask for the same or more, so that it is looked at everywhere.
 *
 * @param gaps times with children and nobody who is certified, in order
 */
public record FirstAidCover(List<Gap> gaps) {

    /** Keeps its own copy. */
    public FirstAidCover {
        gaps = List.copyOf(gaps);
    }

    /**
     * A time without cover.
     *
     * @param from included
     * @param until excluded
     */
    public record Gap(LocalTime from, LocalTime until) {}

    /**
     * Looks a day over.
     *
     * @param stretches of the day in a room
     * @param certified hours of those who are certified, in whatever room of the same site
     */
    public static FirstAidCover of(List<Stretch> stretches, List<AdultHours> certified) {
        List<AdultHours> ordered = certified.stream()
                .sorted(Comparator.comparing(AdultHours::from))
                .toList();
        List<Gap> gaps = new ArrayList<>();
        for (Stretch stretch : stretches) {
            if (stretch.children() == 0) {
                continue;
            }
            LocalTime open = stretch.from();
            for (AdultHours adult : ordered) {
                if (adult.from().isAfter(open)) {
                    add(gaps, open, adult.from().isBefore(stretch.until()) ? adult.from() : stretch.until());
                }
                open = adult.until().isAfter(open) ? adult.until() : open;
            }
            add(gaps, open, stretch.until());
        }
        return new FirstAidCover(gaps);
    }

    /** Adds a time; one that goes on from the last is the same. */
    private static void add(List<Gap> gaps, LocalTime from, LocalTime until) {
        if (!from.isBefore(until)) {
            return;
        }
        Gap last = gaps.isEmpty() ? null : gaps.get(gaps.size() - 1);
        if (last != null && !last.until().isBefore(from)) {
            LocalTime later = last.until().isAfter(until) ? last.until() : until;
            gaps.set(gaps.size() - 1, new Gap(last.from(), later));
        } else {
            gaps.add(new Gap(from, until));
        }
    }
}
