package app.carder.core.batch;

import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;

/**
 * A volume in whole household measures: cups of 250 mL in quarters, tablespoons of 15 mL, teaspoons of 5 mL in quarters (metric
 * household measures, common practice). From one cup up it is rounded to whole tablespoons, from one tablespoon up to whole
 * teaspoons, below to quarter teaspoons, and never to nothing.
 *
 * @param quarterCups of 62.5 mL
 * @param tablespoons of 15 mL, 0 to 4
 * @param quarterTeaspoons of 1.25 mL, 0 to 11
 */
public record Spoonfuls(int quarterCups, int tablespoons, int quarterTeaspoons) {

    private static final double QUARTER_CUP = 62.5;
    private static final double TABLESPOON = 15;
    private static final double TEASPOON = 5;

    /** The nearest whole measures. */
    public static Spoonfuls nearest(Volume volume) {
        double millilitres = volume.inMillilitres();
        int quarters = (int) Math.floor(millilitres / QUARTER_CUP + 1e-9);
        double rest = millilitres - quarters * QUARTER_CUP;
        if (millilitres >= 4 * QUARTER_CUP) {
            return carried(quarters, (int) Math.round(rest / TABLESPOON), 0);
        }
        int spoons = (int) Math.floor(rest / TABLESPOON + 1e-9);
        double drops = rest - spoons * TABLESPOON;
        if (millilitres >= TABLESPOON) {
            return carried(quarters, spoons, 4 * (int) Math.round(drops / TEASPOON));
        }
        long fine = Math.round(drops / TEASPOON * 4);
        return carried(quarters, spoons, (int) (volume.isZero() ? 0 : Math.max(1, fine)));
    }

    private static Spoonfuls carried(int quarters, int spoons, int fine) {
        int tablespoons = spoons + fine / 12;
        int left = fine % 12;
        // Four tablespoons and a teaspoon are more than a quarter of a cup, which is one scoop.
        return tablespoons * TABLESPOON + left * TEASPOON / 4 >= QUARTER_CUP
                ? new Spoonfuls(quarters + 1, 0, 0)
                : new Spoonfuls(quarters, tablespoons, left);
    }

    /** What these measures hold together. */
    public Volume volume() {
        return Volume.ofMillilitres(
                quarterCups * QUARTER_CUP + tablespoons * TABLESPOON + quarterTeaspoons * TEASPOON / 4);
    }

    /** For people: {@code 2¼ cups + 1 tablespoon}. */
    public String forPeople() {
        List<String> parts = new ArrayList<>();
        if (quarterCups > 0) {
            parts.add(Said.say("working.cups-of", quarters(quarterCups), quarterCups <= 4 ? 1 : 2));
        }
        if (tablespoons > 0) {
            parts.add(Said.say("working.tablespoons", tablespoons));
        }
        if (quarterTeaspoons > 0) {
            parts.add(Said.say("working.teaspoons", quarters(quarterTeaspoons), quarterTeaspoons <= 4 ? 1 : 2));
        }
        return parts.isEmpty() ? Said.say("working.no-spoonful") : String.join(" + ", parts);
    }

    private static String quarters(int quarters) {
        String fraction = List.of("", "¼", "½", "¾").get(quarters % 4);
        return quarters < 4 ? fraction : quarters / 4 + fraction;
    }
}
