package app.carder.core.premises;

import app.carder.core.said.Refused;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Set;

/**
 * What kind of place a setting is, where, and when it is open.
 *
 * @param kind what it is
 * @param country code of where it lies
 * @param openOn days of the week, at least one
 * @param opens on those days
 * @param closes later on the same day, an hour or more
 */
public record Premises(SettingKind kind, String country, Set<DayOfWeek> openOn, LocalTime opens, LocalTime closes) {

    private static final Duration SHORTEST = Duration.ofHours(1);

    /** A nursery in England, Monday to Friday. */
    public static final Premises USUAL = new Premises(
            SettingKind.NURSERY,
            "ENGLAND",
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY),
            LocalTime.of(8, 0),
            LocalTime.of(16, 30));

    /**
     * Checks, and keeps its own copy.
     *
     * @throws IllegalArgumentException if it is open on no day, or for less than an hour
     */
    public Premises {
        openOn = Set.copyOf(openOn);
        if (openOn.isEmpty()) {
            throw Refused.because("refused.open-days.at-least-one");
        }
        if (Duration.between(opens, closes).compareTo(SHORTEST) < 0) {
            throw Refused.because("refused.premises.too-short");
        }
    }
}
