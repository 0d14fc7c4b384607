package app.carder.core.evidence;

import app.carder.core.framework.Framework;
import app.carder.core.framework.Framework.Area;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a child's observations cover of a framework: for each area how many, and the day last seen. It tells where the
 * adults have looked, not what the child can do.
 *
 * @param areas in the framework's order, those never seen included
 */
public record Coverage(List<AreaCoverage> areas) {

    /** Keeps its own copy. */
    public Coverage {
        areas = List.copyOf(areas);
    }

    /**
     * One area.
     *
     * @param area of the framework
     * @param count of observations that touch it, 0 or more
     * @param lastSeenOn the newest of them; absent where there is none
     */
    public record AreaCoverage(Area area, int count, Optional<LocalDate> lastSeenOn) {}

    /**
     * One observation, as far as coverage is concerned.
     *
     * @param on the day
     * @param areas codes of the areas that it touches
     */
    public record Seen(LocalDate on, Set<String> areas) {}

    /** Counts the observations by area. */
    public static Coverage of(Framework framework, List<Seen> observations) {
        return new Coverage(framework.areas().stream()
                .map(area -> {
                    List<LocalDate> days = observations.stream()
                            .filter(seen -> seen.areas().contains(area.code()))
                            .map(Seen::on)
                            .sorted()
                            .toList();
                    return new AreaCoverage(
                            area,
                            days.size(),
                            days.isEmpty() ? Optional.empty() : Optional.of(days.get(days.size() - 1)));
                })
                .toList());
    }

    /** The areas that nobody has recorded. */
    public List<Area> gaps() {
        return areas.stream()
                .filter(area -> area.count() == 0)
                .map(AreaCoverage::area)
                .toList();
    }
}
