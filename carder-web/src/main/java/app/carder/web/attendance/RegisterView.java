package app.carder.web.attendance;

import app.carder.core.attendance.Noted;
import app.carder.core.attendance.Presence;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildView;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The register of a room as it stands now.
 *
 * @param now the time that it was looked at
 * @param lines of all children of the room, those who are looked for first
 */
public record RegisterView(LocalDateTime now, List<Line> lines) {

    /** Keeps its own copy. */
    public RegisterView {
        lines = List.copyOf(lines);
    }

    /**
     * A child.
     *
     * @param child who
     * @param presence where it is
     * @param due when it was agreed to come today; empty where it was not
     * @param noted what was noted of today
     * @param carers who may fetch it, by name
     */
    public record Line(
            ChildView child, Presence presence, Optional<LocalTime> due, Noted noted, List<CarerView> carers) {
        /** Keeps its own copy. */
        public Line {
            carers = List.copyOf(carers);
        }

        /** Whether it can arrive: nobody has noted that it is here, or it went home and comes back. */
        public boolean canArrive() {
            return presence != Presence.HERE;
        }

        /** Whether it is here, and can be fetched. */
        public boolean isHere() {
            return presence == Presence.HERE;
        }

        /** Whether it can still be said that it does not come. */
        public boolean canBeAway() {
            return presence == Presence.EXPECTED || presence == Presence.NO_WORD;
        }
    }

    /** The children by where they are, in the order in which somebody has to think of them. */
    public Map<Presence, List<Line>> groups() {
        Map<Presence, List<Line>> groups = new LinkedHashMap<>();
        for (Presence one : ORDER) {
            List<Line> there =
                    lines.stream().filter(line -> line.presence() == one).toList();
            if (!there.isEmpty()) {
                groups.put(one, there);
            }
        }
        return groups;
    }

    private static final List<Presence> ORDER =
            List.of(Presence.NO_WORD, Presence.EXPECTED, Presence.HERE, Presence.LEFT, Presence.AWAY, Presence.NOT_DUE);

    /** How many are here. */
    public long here() {
        return lines.stream().filter(Line::isHere).count();
    }

    /** Those who should be here by now, and of whom nobody said anything. */
    public List<Line> noWord() {
        return groups().getOrDefault(Presence.NO_WORD, List.of());
    }

    /** Whether anybody of the room may be inside. */
    public boolean mayBeInside() {
        return lines.stream().anyMatch(line -> line.presence().mayBeInside());
    }
}
