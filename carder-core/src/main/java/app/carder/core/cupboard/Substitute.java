package app.carder.core.cupboard;

import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.practice.GrainAdvice.GrainClass;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.safety.Setup;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What can stand in for something that is not there: the same role (kind), the same class of grain or a like size, and
 * nothing that holds it with the children who will be there.
 *
 * @param instead what is in the cupboard
 * @param changes what will be different, in words
 */
public record Substitute(Stocked instead, List<String> changes) {

    private static final double LIKE_SIZE = 2;
    private static final double LIKE_CAPACITY = 1.35;
    private static final int MOST = 6;

    /** Keeps its own copy. */
    public Substitute {
        changes = List.copyOf(changes);
    }

    /**
     * What was looked through.
     *
     * @param offered best first: what is in stock before what is not, then what changes least
     * @param leftOut things of the same role that are not offered, and why
     */
    public record Proposal(List<Substitute> offered, List<LeftOut> leftOut) {
        /** Keeps its own copies. */
        public Proposal {
            offered = List.copyOf(offered);
            leftOut = List.copyOf(leftOut);
        }
    }

    /**
     * A thing that is not offered.
     *
     * @param thing in the cupboard
     * @param findings that hold it for these children
     */
    public record LeftOut(Stocked thing, List<Finding> findings) {
        /** Keeps its own copy. */
        public LeftOut {
            findings = List.copyOf(findings);
        }
    }

    /**
     * Looks through the cupboard. Whatever a finding holds for these children (an allergen, a choking danger, a poison, or something
     * that is not known) is never offered, whether or not the wanted thing is held as well; nor is what needs more of an adult.
     *
     * @param wanted that is not there
     * @param cupboard everything; the wanted thing itself and what is known to be used up is left out
     * @param children who will be there
     */
    public static Proposal propose(
            Stocked wanted, List<Stocked> cupboard, List<ChildPresent> children, SafetyCheck check) {
        Optional<Level> gravest =
                findings(wanted, children, check).stream().map(Finding::level).findFirst();
        List<Substitute> offered = new ArrayList<>();
        List<LeftOut> leftOut = new ArrayList<>();
        for (Stocked other : cupboard) {
            if (other.code().equals(wanted.code()) || isUsedUp(other) || !sameRole(wanted, other)) {
                continue;
            }
            List<Finding> findings = findings(other, children, check);
            List<Finding> against = findings.stream()
                    .filter(finding -> finding.holds() || isGraver(Optional.of(finding.level()), gravest))
                    .toList();
            if (against.isEmpty()) {
                offered.add(new Substitute(other, changes(wanted, other)));
            } else {
                leftOut.add(new LeftOut(other, against));
            }
        }
        return new Proposal(
                offered.stream()
                        .sorted(Comparator.comparing((Substitute one) ->
                                        !one.instead().stock().isKnown())
                                .thenComparing(one -> one.changes().size())
                                .thenComparingDouble(one -> distance(wanted, one.instead()))
                                .thenComparing(one -> one.instead().name()))
                        .limit(MOST)
                        .toList(),
                leftOut);
    }

    private static boolean isUsedUp(Stocked other) {
        return other.stock().mass().map(mass -> mass.isZero()).orElse(false)
                || other.stock().pieces().map(count -> count == 0).orElse(false);
    }

    private static boolean sameRole(Stocked wanted, Stocked other) {
        Material a = wanted.material();
        Material b = other.material();
        if (a.kind() != b.kind()) {
            return false;
        }
        if (a.kind().isPoured()) {
            return GrainClass.of(a).equals(GrainClass.of(b));
        }
        if (a.kind() == MaterialKind.VESSEL) {
            return a.opening().isPresent() == b.opening().isPresent()
                    && within(capacity(wanted), capacity(other), LIKE_CAPACITY);
        }
        if (a.kind() == MaterialKind.TOOL) {
            return a.opening().isPresent() == b.opening().isPresent()
                    && wanted.vessel().isPresent() == other.vessel().isPresent()
                    && within(longest(a), longest(b), LIKE_SIZE);
        }
        return a.form().isPresent() && b.form().isPresent() && within(longest(a), longest(b), LIKE_SIZE);
    }

    private static boolean within(double a, double b, double factor) {
        return Math.max(a, b) <= Math.min(a, b) * factor;
    }

    private static double capacity(Stocked stocked) {
        return stocked.vessel()
                .map(Vessel::capacity)
                .map(volume -> volume.inMillilitres())
                .orElse(0.0);
    }

    private static double longest(Material material) {
        return material.form().map(Solid::longest).map(Length::inMillimetres).orElse(0.0);
    }

    private static double distance(Stocked wanted, Stocked other) {
        double a = wanted.vessel().isPresent() ? capacity(wanted) : longest(wanted.material());
        double b = other.vessel().isPresent() ? capacity(other) : longest(other.material());
        return a == 0 || b == 0 ? 0 : Math.abs(Math.log(a / b));
    }

    private static List<Finding> findings(Stocked stocked, List<ChildPresent> children, SafetyCheck check) {
        return check.check(
                new Setup(List.of(Setup.Item.of(stocked.material(), stocked.vessel())), Set.of(), ""), children);
    }

    /** What is only good to know weighs no more than nothing. */
    private static boolean isGraver(Optional<Level> other, Optional<Level> wanted) {
        return other.orElse(Level.KNOW).compareTo(wanted.orElse(Level.KNOW)) < 0;
    }

    private static List<String> changes(Stocked wanted, Stocked other) {
        List<String> changes = new ArrayList<>();
        Material a = wanted.material();
        Material b = other.material();
        if (a.density().isPresent() && b.density().isPresent()) {
            long percent = Math.round((b.density().get().dividedBy(a.density().get()) - 1) * 100);
            if (Math.abs(percent) >= 5) {
                changes.add(
                        Said.say("working.weighs-at-the-same-depth", Math.abs(percent), percent > 0 ? "more" : "less"));
            }
        }
        if (wanted.vessel().isPresent() && other.vessel().isPresent()) {
            long percent = Math.round((capacity(other) / capacity(wanted) - 1) * 100);
            if (Math.abs(percent) >= 5) {
                changes.add(Said.say("working.holds-2", Math.abs(percent), percent > 0 ? "more" : "less"));
            }
        } else if (!within(longest(a), longest(b), 1.25)) {
            changes.add(Said.say(
                    "working.pieces-of-instead-of",
                    b.form().map(Solid::forPeople).orElse(Said.say("working.another-size")),
                    a.form().map(Solid::forPeople).orElse(Said.say("working.another-size"))));
        }
        words(b.allergens(), a.allergens()).ifPresent(more -> changes.add(Said.say("working.holds-3", more)));
        words(a.allergens(), b.allergens()).ifPresent(less -> changes.add(Said.say("working.no", less)));
        traits(b.traits(), a.traits()).ifPresent(more -> changes.add(Said.say("working.is-also", more)));
        traits(a.traits(), b.traits()).ifPresent(less -> changes.add(Said.say("working.no-longer", less)));
        return changes;
    }

    private static Optional<String> words(Set<Allergen> these, Set<Allergen> without) {
        return joined(these.stream()
                .filter(allergen -> !without.contains(allergen))
                .map(Allergen::words)
                .collect(Collectors.toCollection(TreeSet::new)));
    }

    private static Optional<String> traits(Set<Trait> these, Set<Trait> without) {
        return joined(these.stream()
                .filter(trait -> !without.contains(trait) && trait != Trait.LOOKED_THROUGH && trait != Trait.FINE)
                .map(Trait::words)
                .collect(Collectors.toCollection(TreeSet::new)));
    }

    private static Optional<String> joined(Set<String> words) {
        return words.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", words));
    }
}
