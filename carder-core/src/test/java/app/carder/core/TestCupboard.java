package app.carder.core;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.material.Material;
import java.util.Currency;
import java.util.List;
import java.util.Map;

/** The starter cupboard, at hand for tests. */
public final class TestCupboard {

    public static final Currency GBP = Currency.getInstance("GBP");
    private static final Map<String, Stocked> STARTER = CupboardTable.starter(GBP);

    private TestCupboard() {}

    public static Map<String, Stocked> byCode() {
        return STARTER;
    }

    public static Stocked stocked(String code) {
        Stocked stocked = STARTER.get(code);
        if (stocked == null) {
            throw new IllegalArgumentException("No " + code + " in the starter cupboard.");
        }
        return stocked;
    }

    public static Material get(String code) {
        return stocked(code).material();
    }

    public static List<Material> materials() {
        return STARTER.values().stream().map(Stocked::material).toList();
    }
}
