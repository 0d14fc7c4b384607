package app.carder.web.calculator;

import app.carder.core.card.Ingredient;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.vessel.Vessel;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What was typed into a tool, once every field has been found right. */
final class Inputs {

    private final Map<String, String> values;
    private final List<Stocked> cupboard;
    private final Currency currency;

    Inputs(Map<String, String> values, List<Stocked> cupboard, Currency currency) {
        this.values = values;
        this.cupboard = cupboard;
        this.currency = currency;
    }

    String text(String name) {
        return Objects.requireNonNullElse(values.get(name), "");
    }

    int whole(String name) {
        return Integer.parseInt(text(name));
    }

    BigDecimal decimal(String name) {
        return new BigDecimal(text(name).replace(',', '.'));
    }

    Length millimetres(String name) {
        return Length.ofMillimetres(decimal(name).doubleValue());
    }

    Length centimetres(String name) {
        return Length.ofCentimetres(decimal(name));
    }

    Volume millilitres(String name) {
        return Volume.ofMillilitres(decimal(name).doubleValue());
    }

    Mass grams(String name) {
        return Mass.ofGrams(decimal(name));
    }

    <E extends Enum<E>> E choice(String name, Class<E> type) {
        return Enum.valueOf(type, text(name));
    }

    /** Words with commas between. */
    List<String> list(String name) {
        return Arrays.stream(text(name).split("[,;]"))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .toList();
    }

    /**
     * A thing of the cupboard.
     *
     * @throws IllegalArgumentException if it has none of this name
     */
    Stocked thing(String name) {
        String wanted = text(name).strip().toLowerCase(Locale.ROOT);
        return cupboard.stream()
                .filter(stocked -> stocked.name().toLowerCase(Locale.ROOT).equals(wanted))
                .findFirst()
                .orElseThrow(() -> Refused.because("tool.refused.thing", text(name)));
    }

    /**
     * The inside of a vessel of the cupboard.
     *
     * @throws IllegalArgumentException if there is none of this name, or it holds nothing
     */
    Vessel vessel(String name) {
        Stocked stocked = thing(name);
        return stocked.vessel().orElseThrow(() -> Refused.because("tool.refused.holds-nothing", stocked.name()));
    }

    /** So many of a thing of the cupboard. */
    Ingredient pieces(String name, int pieces) {
        Stocked stocked = thing(name);
        return Ingredient.of(stocked.code(), stocked.name(), Amount.of(pieces));
    }

    /** Pieces of a set, by name: those that the cupboard has, and the others together as one thing that somebody must look at. */
    List<Ingredient> set(String called, Map<String, Integer> pieces) {
        List<Ingredient> all = new ArrayList<>();
        Map<String, Integer> others = new LinkedHashMap<>();
        pieces.forEach((name, count) -> cupboard.stream()
                .filter(stocked -> stocked.name().equalsIgnoreCase(name.strip()))
                .findFirst()
                .ifPresentOrElse(
                        stocked -> all.add(Ingredient.of(stocked.code(), stocked.name(), Amount.of(count))),
                        () -> others.put(name, count)));
        if (!others.isEmpty()) {
            all.add(Ingredient.named(
                    "%s (%s)".formatted(called, String.join(", ", others.keySet())),
                    Amount.of(
                            others.values().stream().mapToInt(Integer::intValue).sum())));
        }
        return all;
    }

    List<Stocked> cupboard() {
        return cupboard;
    }

    Map<String, Stocked> byCode() {
        return cupboard.stream().collect(Collectors.toMap(Stocked::code, Function.identity()));
    }

    Currency currency() {
        return currency;
    }
}
