package app.carder.core.cupboard;

import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.said.Refused;
import app.carder.core.week.OpenDays;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the cards of a week take from the cupboard, and what must be bought in whole packs.
 *
 * <p>Fills, liquids and consumables are used up: each new fill counts. Pieces, tools and vessels come back into the cupboard: of them,
 * as many are needed as are out at once.
 */
public final class WeekShopping {

    private WeekShopping() {}

    /**
     * One material of one card, over the week.
     *
     * @param card for people
     * @param code of the material
     * @param perFill what one set-up takes
     * @param sessionsPerFill sessions until a fill is replaced, 1 or more
     * @param stoodBefore sessions that the present fill has stood already, 0 where the card is set up anew
     * @param sessions beginnings of the sessions in which it is out, one for each place where it stands
     */
    public record Wanted(
            String card,
            String code,
            Amount perFill,
            int sessionsPerFill,
            int stoodBefore,
            List<LocalDateTime> sessions) {
        /**
         * Keeps its own copy, in order.
         *
         * @throws IllegalArgumentException if a number is out of range or there is no session
         */
        public Wanted {
            sessions = sessions.stream().sorted().toList();
            if (sessionsPerFill < 1 || stoodBefore < 0 || sessions.isEmpty()) {
                throw Refused.because(
                        "refused.week-shopping.use-must-have", sessions.size(), sessionsPerFill, stoodBefore);
            }
        }

        /** The same, of a card that is called so. */
        public Wanted of(String name) {
            return new Wanted(name, code, perFill, sessionsPerFill, stoodBefore, sessions);
        }

        /** Places in which it stands at once, at most. */
        int atOnce() {
            Map<LocalDateTime, Integer> count = new HashMap<>();
            sessions.forEach(session -> count.merge(session, 1, Integer::sum));
            return count.values().stream().max(Integer::compare).orElse(0);
        }

        /**
         * Fills that are made this week: one more whenever the sessions of the one before are over, and at least one for each place
         * where it stands at once.
         */
        public int fills() {
            int there = rounded(stoodBefore);
            int standing = stoodBefore > 0 ? 1 : 0;
            return Math.max(atOnce() - standing, rounded(stoodBefore + sessions.size()) - there);
        }

        private int rounded(int sessionsInAll) {
            return (sessionsInAll + sessionsPerFill - 1) / sessionsPerFill;
        }
    }

    /**
     * Sessions that a set-up has stood without a break before a day: as many as were planned for each open day on which it was out,
     * and one for a day on which it was set out without a plan.
     *
     * @param out days on which it was out
     * @param planned sessions on each day that was planned
     * @param before the day of interest, itself not counted
     */
    public static int stood(
            Collection<LocalDate> out, Map<LocalDate, Integer> planned, LocalDate before, OpenDays open) {
        int sessions = 0;
        for (LocalDate day = open.before(before); out.contains(day); day = open.before(day)) {
            sessions += Math.max(1, planned.getOrDefault(day, 0));
        }
        return sessions;
    }

    /**
     * One line of the list.
     *
     * @param material what
     * @param need for the week
     * @param missing what the stock does not cover; all of the need where the stock is not written down
     * @param packs to buy; absent where the pack is not known, or nothing is missing
     * @param cost of those packs
     * @param neededBy when it is needed first
     * @param cards that take it
     */
    public record ToBuy(
            Stocked material,
            Amount need,
            Amount missing,
            Optional<Long> packs,
            Optional<Money> cost,
            LocalDateTime neededBy,
            List<String> cards) {
        /** Keeps its own copy. */
        public ToBuy {
            cards = List.copyOf(cards);
        }

        /** Whether anything is missing. */
        public boolean isMissing() {
            return missing.mass().map(mass -> !mass.isZero()).orElse(false)
                    || missing.pieces().map(count -> count > 0).orElse(false);
        }
    }

    /**
     * Sums the week up; what is needed first comes first.
     *
     * @param uses of the week; those whose material is not in the cupboard are left out
     * @param cupboard by code
     */
    public static List<ToBuy> of(List<Wanted> uses, Map<String, Stocked> cupboard) {
        Map<String, List<Wanted>> byMaterial = new LinkedHashMap<>();
        uses.stream()
                .filter(use -> cupboard.containsKey(use.code()))
                .forEach(use -> byMaterial
                        .computeIfAbsent(use.code(), key -> new ArrayList<>())
                        .add(use));
        List<ToBuy> lines = new ArrayList<>();
        byMaterial.forEach((code, taken) -> Optional.ofNullable(cupboard.get(code))
                .flatMap(material -> line(material, taken))
                .ifPresent(lines::add));
        lines.sort(Comparator.comparing(ToBuy::neededBy)
                .thenComparing(line -> line.material().name()));
        return lines;
    }

    private static Optional<ToBuy> line(Stocked material, List<Wanted> uses) {
        Amount need = need(material, uses);
        if (need.mass().map(Mass::isZero).orElse(true)
                && need.pieces().map(count -> count == 0).orElse(true)) {
            return Optional.empty();
        }
        Amount missing = missing(need, material.stock());
        Optional<Long> packs = material.bought()
                .flatMap(bought -> packs(missing, bought.content()))
                .filter(count -> count > 0);
        return Optional.of(new ToBuy(
                material,
                need,
                missing,
                packs,
                packs.flatMap(
                        count -> material.bought().map(bought -> bought.price().multipliedBy(count))),
                uses.stream()
                        .map(use -> use.sessions().get(0))
                        .min(Comparator.naturalOrder())
                        .orElseThrow(),
                uses.stream().map(Wanted::card).distinct().toList()));
    }

    private static Amount need(Stocked material, List<Wanted> uses) {
        if (material.material().kind().isPoured()) {
            return Amount.of(uses.stream()
                    .map(use -> use.perFill().mass().orElse(Mass.ZERO).multipliedBy(use.fills()))
                    .reduce(Mass.ZERO, Mass::plus));
        }
        if (material.material().kind() == MaterialKind.CONSUMABLE) {
            return Amount.of(uses.stream()
                    .mapToInt(use -> use.perFill().pieces().orElse(0) * use.fills())
                    .sum());
        }
        Map<LocalDateTime, Integer> out = new HashMap<>();
        uses.forEach(use -> use.sessions()
                .forEach(session -> out.merge(session, use.perFill().pieces().orElse(0), Integer::sum)));
        return Amount.of(out.values().stream().max(Integer::compare).orElse(0));
    }

    private static Amount missing(Amount need, Amount stock) {
        return need.mass()
                .map(mass -> Amount.of(mass.lessOrNothing(stock.mass().orElse(Mass.ZERO))))
                .orElseGet(() -> Amount.of(
                        Math.max(0, need.pieces().orElse(0) - stock.pieces().orElse(0))));
    }

    private static Optional<Long> packs(Amount missing, Amount pack) {
        Optional<Long> byMass =
                missing.mass().flatMap(mass -> pack.mass().map(one -> roundedUp(mass.milligrams(), one.milligrams())));
        return byMass.or(() -> missing.pieces().flatMap(count -> pack.pieces().map(one -> roundedUp(count, one))));
    }

    private static long roundedUp(long amount, long pack) {
        return -Math.floorDiv(-amount, pack);
    }
}
