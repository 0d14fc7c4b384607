package app.carder.web.device;

import app.carder.core.said.Said;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A device, for the page.
 *
 * @param id its own
 * @param name what kind of device it is
 * @param lastPerson who used it last
 * @param lastContactAt when it was last in contact
 * @param unsent records that were not sent then
 * @param clockOffset what must be added to its clock; less than a second where it is right
 * @param revokedAt when somebody decided that it is to be wiped
 * @param revokedBy who
 * @param wipedAt when it said that nothing is left on it
 */
record DeviceView(
        UUID id,
        String name,
        String lastPerson,
        LocalDateTime lastContactAt,
        int unsent,
        Duration clockOffset,
        Optional<LocalDateTime> revokedAt,
        Optional<String> revokedBy,
        Optional<LocalDateTime> wipedAt) {

    /** How its clock goes, in the largest unit of which there are two: nobody reads days in seconds. */
    public String clock() {
        if (clockOffset.toSeconds() == 0) {
            return Said.say("device.devices.clock-right");
        }
        Duration off = clockOffset.abs();
        ChronoUnit unit = Stream.of(ChronoUnit.DAYS, ChronoUnit.HOURS, ChronoUnit.MINUTES)
                .filter(larger -> off.compareTo(larger.getDuration().multipliedBy(2)) >= 0)
                .findFirst()
                .orElse(ChronoUnit.SECONDS);
        long howMany = off.dividedBy(unit.getDuration());
        return clockOffset.isNegative()
                ? Said.say("device.devices.clock-fast." + unit.name(), howMany)
                : Said.say("device.devices.clock-slow." + unit.name(), howMany);
    }
}
