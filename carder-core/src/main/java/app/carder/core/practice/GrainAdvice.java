package app.carder.core.practice;

import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import java.util.Optional;

/**
 * What a style says about a grain at an age. Practice differs: prepared environments keep rice for about four years and up and
 * start with big grains that are easy to tidy; others give toddlers rice in a tray on a sheet. Common practice. It is advice, and
 * says nothing about safety.
 *
 * @param words the advice
 * @param source where it comes from
 */
public record GrainAdvice(String words, Source source) {

    private static final Source PRACTICE =
            Source.commonPractice(Said.of("source.common-practice-which-differs-between-styles"));

    /** How coarse a fill is. */
    public enum GrainClass {
        /** A powder, or under 1 mm. */
        POWDER,
        /** 1 mm to under 4 mm across its middle measure: rice, millet. */
        FINE,
        /** 4 mm to under 9 mm: lentils, chickpeas, macaroni. */
        MEDIUM,
        /** 9 mm and more: large pasta, pebbles, shavings. */
        BIG,
        /** Flows level. */
        LIQUID;

        /** For people. */
        public String words() {
            return Said.say("grain." + name());
        }

        /** The class of what is poured; absent for everything else. */
        public static Optional<GrainClass> of(Material material) {
            if (material.kind() == MaterialKind.LIQUID) {
                return Optional.of(LIQUID);
            }
            if (material.kind() != MaterialKind.FILL) {
                return Optional.empty();
            }
            return Optional.of(material.form()
                    .map(form -> {
                        Length across = form.middle();
                        if (under(across, 1)) {
                            return POWDER;
                        }
                        if (under(across, 4)) {
                            return FINE;
                        }
                        return under(across, 9) ? MEDIUM : BIG;
                    })
                    .orElse(POWDER));
        }

        private static boolean under(Length across, double millimetres) {
            return Length.ofMillimetres(millimetres).isMoreThan(across);
        }
    }

    /**
     * What the style has to say, if anything.
     *
     * @param youngestMonths of the children who will be there
     */
    public static Optional<GrainAdvice> of(PracticeStyle style, Material material, int youngestMonths) {
        return GrainClass.of(material)
                .flatMap(grain -> words(style, material, grain, youngestMonths))
                .map(words -> new GrainAdvice(words, PRACTICE));
    }

    private static Optional<String> words(PracticeStyle style, Material material, GrainClass grain, int months) {
        boolean small = grain == GrainClass.FINE || grain == GrainClass.POWDER;
        return switch (style) {
            case PREPARED_ENVIRONMENT ->
                small && months < 48
                        ? Optional.of(Said.say("working.is-a-this-style-keeps-it", material.name(), grain.words()))
                        : Optional.empty();
            case THEMED_CENTRES ->
                small && months < 36
                        ? Optional.of(Said.say("working.in-a-deep-bin-on-a", material.name()))
                        : Optional.empty();
            case FREE_FLOW ->
                small && months < 36
                        ? Optional.of(Said.say("working.in-a-wide-tray-on-a", material.name()))
                        : Optional.empty();
            case HOME_MIXED_AGE ->
                grain != GrainClass.LIQUID && months < 36
                        ? Optional.of(Said.say("working.with-a-younger-one-about-on", material.name()))
                        : Optional.empty();
            case ADULT_LED_GAMES ->
                small ? Optional.of(Said.say("working.runs-away-in-a-game-with", material.name())) : Optional.empty();
        };
    }
}
