package app.carder.core.evidence;

import app.carder.core.said.Said;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whom to watch next: those about whom the adults know least come first. It orders the adults' own gaps, not the
 * children: nothing that a child did or can do goes into it. The order is our own rule: never seen; then by whole weeks
 * since the last record; then by how few areas the records of the last weeks touch; then by days; then by name.
 *
 * @param child who
 * @param because why now, in words for the adult
 * @param <C> a child
 */
public record WhomToWatch<C>(C child, Said because) {

    /**
     * What the adults have of a child.
     *
     * @param child who
     * @param name first name
     * @param lastOn day of the newest record; absent where there is none
     * @param areasSeen areas that the records of the last weeks touch
     * @param areasOffered areas of the framework
     */
    public record Known<C>(C child, String name, Optional<LocalDate> lastOn, int areasSeen, int areasOffered) {}

    /** In the order in which to look. */
    public static <C> List<WhomToWatch<C>> order(Collection<Known<C>> known, LocalDate today) {
        return known.stream()
                .sorted(Comparator.<Known<C>, Boolean>comparing(
                                one -> one.lastOn().isPresent())
                        .thenComparing(one -> -days(one, today) / 7)
                        .thenComparing(Known::areasSeen)
                        .thenComparing(one -> -days(one, today))
                        .thenComparing(Known::name))
                .map(one -> new WhomToWatch<>(one.child(), because(one, today)))
                .toList();
    }

    private static long days(Known<?> known, LocalDate today) {
        return known.lastOn().map(day -> ChronoUnit.DAYS.between(day, today)).orElse(0L);
    }

    private static Said because(Known<?> known, LocalDate today) {
        if (known.lastOn().isEmpty()) {
            return Said.of("watch.nobody-wrote");
        }
        long days = days(known, today);
        Said when = days < 14 ? Said.of("watch.days-ago", days) : Said.of("watch.weeks-ago", days / 7);
        return Said.of("watch.areas", when, known.areasSeen(), known.areasOffered());
    }
}
