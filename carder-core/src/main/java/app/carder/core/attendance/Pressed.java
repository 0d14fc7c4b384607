package app.carder.core.attendance;

import java.time.LocalTime;
import java.util.Optional;

/** What a press in the register says. */
public enum Pressed {
    /** It came. */
    ARRIVED {
        @Override
        public Noted after(Noted noted, LocalTime at) {
            return noted.arrived(at);
        }

        @Override
        public Noted before(Noted noted, LocalTime at) {
            boolean isMissing = noted.arrivedAt().isEmpty()
                    && noted.leftAt().filter(left -> !left.isBefore(at)).isPresent();
            return isMissing ? new Noted(Optional.of(at), noted.leftAt(), noted.fetchedBy(), noted.away()) : noted;
        }
    },
    /** It was fetched. */
    LEFT {
        @Override
        public Noted after(Noted noted, LocalTime at) {
            return noted.left(at, "");
        }
    },
    /** The family said that it does not come. */
    AWAY {
        @Override
        public Noted after(Noted noted, LocalTime at) {
            return Noted.away(Away.NO_REASON);
        }
    },
    /** The last that was noted was wrong: whoever was not fetched after all is still here. */
    TAKEN_BACK {
        @Override
        public Noted after(Noted noted, LocalTime at) {
            return noted.leftAt()
                    .flatMap(left -> noted.arrivedAt())
                    .map(Noted.NOTHING::arrived)
                    .orElse(Noted.NOTHING);
        }
    };

    /**
     * What is noted once this is pressed.
     *
     * @param noted before
     * @param at when it was pressed
     */
    public abstract Noted after(Noted noted, LocalTime at);

    /**
     * What is noted once a press comes that was made before what is noted, as from a device that had no connection. The later word counts; only when
     * a child came is still taken, if nobody noted it.
     *
     * @param noted after it
     * @param at when it was pressed
     */
    public Noted before(Noted noted, LocalTime at) {
        return noted;
    }
}
