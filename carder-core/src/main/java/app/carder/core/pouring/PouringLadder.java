package app.carder.core.pouring;

import app.carder.core.batch.Spoonfuls;
import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The pouring ladder: for each step the sets that can be made from the vessels in the cupboard, and the fill to measure out.
 *
 * <p>A vessel is filled to nine tenths at most, so that a small hand does not spill at the first tilt, and a cup to eight
 * tenths (both common practice).
 */
public final class PouringLadder {

    private static final double FULL_JUG = 0.9;
    private static final double FULL_CUP = 0.8;
    private static final double CLEARLY_UNEQUAL = 1.2;
    private static final double REMAINDER = 0.1;
    private static final double LINE = 0.6;
    private static final double LEAST_OF_A_BOTTLE = 0.3;
    private static final int MOST_SETS = 6;

    private static final Source PRACTICE = Source.commonPractice(Said.of("source.jugs-nine-tenths-full-cups-eight"));

    private PouringLadder() {}

    /** The steps, each harder than the one before. */
    public enum PouringStep {
        /** All of it from one jug to another. */
        JUG_TO_JUG,
        /** Shared evenly, nothing stays. */
        TWO_EQUAL,
        /** More in the jug than the cups take. */
        TWO_UNEQUAL,
        /** Stop at a line. */
        TO_A_LINE,
        /** Through a funnel into a bottle. */
        NARROW_NECK;

        /** What it is called. */
        public Said said() {
            return Said.of("pouring-step." + name());
        }

        /** For people. */
        public String words() {
            return said().words();
        }

        /** What the child sees by itself at the end. */
        public String sign() {
            return Said.say("pouring-step." + name() + ".sign");
        }
    }

    /**
     * A vessel or funnel in the cupboard.
     *
     * @param name for people
     * @param vessel its inside
     * @param neck its narrowest way through, where it has one
     */
    public record Named(String name, Vessel vessel, Optional<Length> neck) {}

    /**
     * A funnel.
     *
     * @param name for people
     * @param outlet inside diameter
     */
    public record Funnel(String name, Length outlet) {}

    /**
     * Sets for one step, the ones that use most of their vessels first, six at most.
     *
     * @param all vessels in the cupboard; trays, boxes and bowls are left out, bottles have a neck
     * @param funnels for the last step
     * @param tolerance how much two equal cups may differ, as a share, 0 to 0.2
     * @param heaviest of what is measured out; see {@link #heaviestFor}
     * @throws IllegalArgumentException if the fill is not poured, or the tolerance out of its range
     */
    public static List<PouringSet> propose(
            PouringStep step, List<Named> all, List<Funnel> funnels, Material fill, double tolerance, Mass heaviest) {
        requirePoured(fill);
        if (!(tolerance >= 0 && tolerance <= 0.2)) {
            throw Refused.because("refused.pouring-ladder.tolerance-must-be", tolerance);
        }
        List<Sized> vessels = all.stream()
                .filter(named -> pours(named.vessel()))
                .map(named -> new Sized(named, named.vessel().capacity()))
                .toList();
        List<Candidate> candidates = new ArrayList<>();
        for (Sized from : vessels) {
            for (int first = 0; first < vessels.size(); first++) {
                Sized into = vessels.get(first);
                if (into == from) {
                    continue;
                }
                switch (step) {
                    case JUG_TO_JUG -> jugToJug(from, into, fill).ifPresent(candidates::add);
                    case TO_A_LINE -> toALine(from, into, fill).ifPresent(candidates::add);
                    case NARROW_NECK -> narrowNeck(from, into, funnels, fill).ifPresent(candidates::add);
                    case TWO_EQUAL, TWO_UNEQUAL ->
                        vessels.subList(first + 1, vessels.size()).stream()
                                .filter(second -> second != from)
                                .flatMap(second -> two(step, from, into, second, fill, tolerance).stream())
                                .forEach(candidates::add);
                }
            }
        }
        Density density = fill.density().orElseThrow();
        return candidates.stream()
                .filter(one -> !one.fill().times(density).isMoreThan(heaviest))
                .sorted(Comparator.comparingDouble((Candidate one) -> -one.used())
                        .thenComparing(Candidate::fill))
                .limit(MOST_SETS)
                .map(one -> one.build().get())
                .toList();
    }

    /**
     * The most that a child of an age lifts and pours from a jug: under three 300 g, under four 500 g, from four 800 g, under two
     * 200 g. Common practice.
     *
     * @param months completed months of the youngest
     */
    public static Mass heaviestFor(int months) {
        if (months < 24) {
            return Mass.ofGrams(200);
        }
        return Mass.ofGrams(months < 36 ? 300 : months < 48 ? 500 : 800);
    }

    private static void requirePoured(Material fill) {
        if (!fill.kind().isPoured()) {
            throw Refused.because(
                    "refused.pouring-ladder.fill-must-be", fill.kind().words(), fill.name());
        }
    }

    /** A vessel with what it holds, worked out once. */
    private record Sized(Named named, Volume capacity) {}

    /** A set that would do, and how well; its calculation is written down only if it is among the best. */
    private record Candidate(double used, Volume fill, Supplier<PouringSet> build) {}

    /** How much of the jug and of its partners is used: the closer they match, the easier the set is to read. */
    private static Candidate candidate(Volume fill, Sized from, List<Sized> into, Supplier<PouringSet> build) {
        double cups =
                into.stream().mapToDouble(cup -> fill.dividedBy(cup.capacity())).sum();
        return new Candidate(fill.dividedBy(from.capacity()) + Math.min(1, cups / into.size()), fill, build);
    }

    /** Round, and about as deep as it is wide: one can pour from it and into it without a tray's edge. Common practice. */
    private static boolean pours(Vessel vessel) {
        boolean round = vessel.shape() == VesselShape.TAPERED_JUG
                || vessel.shape() == VesselShape.ROUND_TUB
                || vessel.shape() == VesselShape.STATED_VOLUME;
        return round && vessel.depth().dividedBy(vessel.widthAt(vessel.depth())) >= 0.8;
    }

    private static boolean isOpen(Sized vessel) {
        return vessel.named().neck().isEmpty();
    }

    private static Volume smaller(Sized a, Sized b) {
        return a.capacity().isMoreThan(b.capacity()) ? b.capacity() : a.capacity();
    }

    private static Optional<Candidate> jugToJug(Sized from, Sized into, Material fill) {
        Volume less = smaller(from, into);
        boolean alike = from.capacity().orMore(into.capacity()).dividedBy(less) <= CLEARLY_UNEQUAL;
        boolean onceOnly = from.named().name().compareTo(into.named().name()) <= 0;
        if (!isOpen(from) || !isOpen(into) || !alike || !onceOnly) {
            return Optional.empty();
        }
        Volume measured = less.scaledBy(FULL_JUG);
        return Optional.of(candidate(
                measured,
                from,
                List.of(into),
                () -> set(
                        PouringStep.JUG_TO_JUG,
                        from.named(),
                        List.of(into.named()),
                        measured,
                        List.of(measured),
                        Volume.ZERO,
                        Optional.empty(),
                        "",
                        fill,
                        notebook(from.named(), List.of(into.named()))
                                .step(
                                        Said.say("working.fill-nine-tenths-of-the-smaller"),
                                        "0.9 × " + less.forPeople(),
                                        measured.forPeople()))));
    }

    private static Optional<Candidate> two(
            PouringStep step, Sized from, Sized a, Sized b, Material fill, double tolerance) {
        if (!isOpen(from) || !isOpen(a) || !isOpen(b)) {
            return Optional.empty();
        }
        return step == PouringStep.TWO_EQUAL ? twoEqual(from, a, b, fill, tolerance) : twoUnequal(from, a, b, fill);
    }

    private static Optional<Candidate> twoEqual(Sized from, Sized a, Sized b, Material fill, double tolerance) {
        Volume small = smaller(a, b);
        Volume large = a.capacity().orMore(b.capacity());
        double ratio = large.dividedBy(small);
        Volume each = small.scaledBy(FULL_CUP);
        Volume measured = each.multipliedBy(2);
        if (ratio > 1 + tolerance || measured.isMoreThan(from.capacity().scaledBy(FULL_JUG))) {
            return Optional.empty();
        }
        List<Named> cups = List.of(a.named(), b.named());
        return Optional.of(candidate(
                measured,
                from,
                List.of(a, b),
                () -> set(
                        PouringStep.TWO_EQUAL,
                        from.named(),
                        cups,
                        measured,
                        List.of(each, each),
                        Volume.ZERO,
                        Optional.empty(),
                        "",
                        fill,
                        notebook(from.named(), cups)
                                .step(
                                        Said.say("working.the-cups-differ-by"),
                                        large.forPeople() + " ÷ " + small.forPeople() + " − 1",
                                        percent(ratio - 1))
                                .step(
                                        Said.say("working.fill-2-eight-tenths-of-a"),
                                        "2 × 0.8 × " + small.forPeople(),
                                        measured.forPeople()))));
    }

    private static Optional<Candidate> twoUnequal(Sized from, Sized a, Sized b, Material fill) {
        double ratio = a.capacity().orMore(b.capacity()).dividedBy(smaller(a, b));
        Volume intoA = a.capacity().scaledBy(FULL_CUP);
        Volume intoB = b.capacity().scaledBy(FULL_CUP);
        Volume both = intoA.plus(intoB);
        Volume toTheRim = a.capacity().plus(b.capacity());
        Volume measured = toTheRim.scaledBy(1 / (1 - REMAINDER));
        if (ratio < CLEARLY_UNEQUAL || measured.isMoreThan(from.capacity().scaledBy(FULL_JUG))) {
            return Optional.empty();
        }
        Volume stays = measured.minus(both);
        List<Named> cups = List.of(a.named(), b.named());
        return Optional.of(candidate(
                measured,
                from,
                List.of(a, b),
                () -> set(
                        PouringStep.TWO_UNEQUAL,
                        from.named(),
                        cups,
                        measured,
                        List.of(intoA, intoB),
                        stays,
                        Optional.empty(),
                        "",
                        fill,
                        notebook(from.named(), cups)
                                .step(
                                        Said.say("working.into-the-cups-to-their-lines"),
                                        intoA.forPeople() + " + " + intoB.forPeople(),
                                        both.forPeople())
                                .step(
                                        Said.say("working.fill-what-both-hold-to-the"),
                                        toTheRim.forPeople() + " ÷ 0.9",
                                        measured.forPeople())
                                .step(
                                        Said.say("working.stays-fill-cups"),
                                        measured.forPeople() + " − " + both.forPeople(),
                                        stays.forPeople()))));
    }

    private static Optional<Candidate> toALine(Sized from, Sized into, Material fill) {
        Volume measured = from.capacity().scaledBy(FULL_JUG);
        Volume toLine = into.capacity().scaledBy(LINE);
        double ratio = measured.dividedBy(toLine);
        if (!isOpen(from) || !isOpen(into) || ratio < 1 + REMAINDER || ratio > 3) {
            return Optional.empty();
        }
        return Optional.of(candidate(
                measured, from, List.of(into), () -> lineSet(from.named(), into.named(), measured, toLine, fill)));
    }

    /**
     * Pour to a line of one's own.
     *
     * @param from the jug
     * @param into the vessel with the line
     * @param measured fill in the jug, more than goes to the line
     * @param toLine volume up to the line
     * @throws IllegalArgumentException if nothing would stay in the jug, it does not go in, or it cannot be poured
     */
    public static PouringSet toLine(Named from, Named into, Volume measured, Volume toLine, Material fill) {
        requirePoured(fill);
        if (!measured.isMoreThan(toLine)) {
            throw Refused.because("refused.pouring-ladder.fill-must-be-2", toLine.forPeople(), measured.forPeople());
        }
        if (measured.isMoreThan(from.vessel().capacity())) {
            throw Refused.because(
                    "refused.pouring-ladder.fill-must-go",
                    from.name(),
                    from.vessel().capacity().forPeople(),
                    measured.forPeople());
        }
        return lineSet(from, into, measured, toLine, fill);
    }

    private static PouringSet lineSet(Named from, Named into, Volume measured, Volume toLine, Material fill) {
        Length height = into.vessel().depthFor(toLine);
        Volume stays = measured.minus(toLine);
        return set(
                PouringStep.TO_A_LINE,
                from,
                List.of(into),
                measured,
                List.of(toLine),
                stays,
                Optional.of(LineStrip.of(into.vessel(), height)),
                Said.say("working.tape-on-the-strip-that-marks"),
                fill,
                notebook(from, List.of(into))
                        .given(Said.say("working.up-to-the-line"), toLine.forPeople())
                        .step(
                                Said.say(
                                        "working.height-of-the-line-solved-from",
                                        into.vessel().rule()),
                                toLine.forPeople(),
                                height.forPeople())
                        .step(
                                Said.say("working.stays-fill-line"),
                                measured.forPeople() + " − " + toLine.forPeople(),
                                stays.forPeople()));
    }

    private static Optional<Candidate> narrowNeck(Sized from, Sized into, List<Funnel> funnels, Material fill) {
        Volume measured = from.capacity().scaledBy(FULL_JUG);
        if (!isOpen(from)
                || isOpen(into)
                || measured.isMoreThan(into.capacity())
                || measured.dividedBy(into.capacity()) < LEAST_OF_A_BOTTLE) {
            return Optional.empty();
        }
        Length neck = into.named().neck().orElseThrow();
        return funnels.stream()
                .filter(funnel -> !funnel.outlet().isMoreThan(neck))
                .filter(funnel -> Neck.of(fill, funnel.outlet()).flow() == Neck.Flow.RUNS)
                .max(Comparator.comparing(Funnel::outlet))
                .map(funnel -> candidate(
                        measured,
                        from,
                        List.of(into),
                        () -> neckSet(from.named(), into.named(), measured, neck, funnel, fill)));
    }

    private static PouringSet neckSet(
            Named from, Named into, Volume measured, Length neck, Funnel funnel, Material fill) {
        String across = Neck.of(fill, funnel.outlet())
                .ratio()
                .map(ratio -> Said.say("working.grains-across-at-least-6", ratio))
                .orElse(Said.say("working.a-liquid"));
        return set(
                PouringStep.NARROW_NECK,
                from,
                List.of(into),
                measured,
                List.of(measured),
                Volume.ZERO,
                Optional.empty(),
                Said.say(
                        "working.stands-in-the-neck-outlet-in",
                        funnel.name(),
                        funnel.outlet().forPeople(),
                        neck.forPeople()),
                fill,
                notebook(from, List.of(into))
                        .given(
                                Said.say("working.funnel"),
                                Said.say(
                                        "working.outlet-2",
                                        funnel.name(),
                                        funnel.outlet().forPeople()))
                        .step(
                                Said.say("working.outlet-neck"),
                                Said.say("working.against", funnel.outlet().forPeople(), neck.forPeople()),
                                Said.say("working.goes-in"))
                        .step(Said.say("working.outlet-against-the-grain"), across, Said.say("working.runs"))
                        .step(
                                Said.say("working.fill-nine-tenths-of-the-jug"),
                                "0.9 × " + from.vessel().capacity().forPeople(),
                                measured.forPeople()));
    }

    private static Calculation.Notebook notebook(Named from, List<Named> into) {
        Calculation.Notebook notebook = Calculation.asking(Said.say("working.what-is-measured-out"))
                .given(
                        Said.say("working.from", from.name()),
                        Said.say(
                                "working.holds",
                                from.vessel().forPeople(),
                                from.vessel().capacity().forPeople()));
        into.forEach(cup -> notebook.given(
                Said.say("working.into", cup.name()),
                Said.say(
                        "working.holds",
                        cup.vessel().forPeople(),
                        cup.vessel().capacity().forPeople())));
        return notebook;
    }

    private static PouringSet set(
            PouringStep step,
            Named from,
            List<Named> into,
            Volume measured,
            List<Volume> each,
            Volume stays,
            Optional<LineStrip> line,
            String note,
            Material fill,
            Calculation.Notebook notebook) {
        Density density = fill.density().orElseThrow();
        Mass mass = measured.times(density);
        return new PouringSet(
                step,
                from,
                into,
                measured,
                mass,
                Spoonfuls.nearest(measured),
                each,
                stays,
                line,
                note,
                notebook.step(
                                Said.say("working.mass-fill-density"),
                                measured.forPeople() + " × " + density.forPeople(),
                                mass.forPeople())
                        .from(PRACTICE)
                        .from(fill.source())
                        .close());
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", share * 100);
    }
}
