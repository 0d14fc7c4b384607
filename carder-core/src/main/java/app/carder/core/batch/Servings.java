package app.carder.core.batch;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;

/**
 * How many of something are needed when each gives, or serves, a known amount.
 *
 * @param needed how many to get ready, rounded up
 * @param over what is more than enough, in the words of what was asked
 * @param calculation how it was found
 */
public record Servings(long needed, String over, Calculation calculation) {

    /**
     * Fruits for so many cups, from what the first one gave.
     *
     * @param cups 1 to 500
     * @param cup one cup
     * @param measured juice of the first fruit
     * @throws IllegalArgumentException if there is no cup, or the first fruit gave nothing
     */
    public static Servings ofJuice(int cups, Volume cup, Volume measured) {
        require(Said.say("working.cups"), cups, 500);
        if (measured.isZero() || cup.isZero()) {
            throw Refused.because("refused.servings.cup-and-juice");
        }
        Volume wanted = cup.multipliedBy(cups);
        long fruits = (wanted.microlitres() + measured.microlitres() - 1) / measured.microlitres();
        Volume over = measured.multipliedBy(fruits).minus(wanted);
        return new Servings(
                fruits,
                over.forPeople(),
                Calculation.asking(Said.say("working.how-many-fruits-for-cups", cups))
                        .given(Said.say("working.cup"), cup.forPeople())
                        .given(Said.say("working.the-first-fruit-gave"), measured.forPeople())
                        .step(Said.say("working.needed-cups-cup"), cups + " × " + cup.forPeople(), wanted.forPeople())
                        .step(
                                Said.say("working.fruits-needed-the-first-ones-juice"),
                                wanted.forPeople() + " ÷ " + measured.forPeople(),
                                Long.toString(fruits))
                        .from(Source.entered(Said.of("source.measured-with-the-first-fruit-the")))
                        .close());
    }

    /**
     * Kits for so many children: a kit for six and twenty children is four kits.
     *
     * @param children 1 to 500
     * @param perKit children that one kit serves, 1 to 500
     * @throws IllegalArgumentException if one of them is out of its range
     */
    public static Servings ofKits(int children, int perKit) {
        require(Said.say("working.children"), children, 500);
        require(Said.say("working.children-per-kit"), perKit, 500);
        int kits = (children + perKit - 1) / perKit;
        return new Servings(
                kits,
                Said.say("working.places", kits * perKit - children),
                Calculation.asking(Said.say("working.how-many-kits-for-children", children))
                        .given(Said.say("working.one-kit-serves"), Integer.toString(perKit))
                        .step(
                                Said.say("working.kits-children-children-per-kit-rounded"),
                                children + " ÷ " + perKit,
                                Integer.toString(kits))
                        .from(Source.derived(Said.of("source.arithmetic")))
                        .close());
    }

    private static void require(String thing, int number, int most) {
        if (number < 1 || number > most) {
            throw Refused.because("refused.servings.must-be-from", thing, most, number);
        }
    }
}
