package app.carder.core.deck;

import app.carder.core.card.Card;
import app.carder.core.card.Contents;
import app.carder.core.card.Coverage;
import app.carder.core.card.Portion;
import app.carder.core.card.Purpose;
import app.carder.core.card.SettingOut;
import app.carder.core.card.Usage;
import app.carder.core.card.WrittenStep;
import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.framework.Sense;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.LadderStep;
import app.carder.core.measure.Length;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Feature;
import app.carder.core.table.ShippedTable;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collections;
import java.util.Currency;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;

/**
 * A card that ships; everything can be changed on it.
 *
 * @param style whose deck it belongs to
 * @param code its own
 * @param ages that it is made for
 * @param action what is done with the main material: no two cards share purpose, main material and action
 * @param vessel code of its container in the starter cupboard; absent where nothing is poured
 * @param card the card, things by their codes in the starter cupboard, areas by those of the framework {@code sme}
 */
public record ReadyCard(
        PracticeStyle style, String code, Ages ages, String action, Optional<String> vessel, Card card) {

    private static final int MONTHS_A_YEAR = 12;

    /** No prices are looked at. */
    private static final Map<String, Stocked> STARTER =
            Collections.unmodifiableMap(CupboardTable.starter(Currency.getInstance("XXX")));

    /**
     * From one age to another.
     *
     * @param fromMonths youngest, in whole months
     * @param toMonths oldest, in whole months, more than {@code fromMonths}
     */
    public record Ages(int fromMonths, int toMonths) {

        /** Whether it is made for some children who are so many years old. */
        public boolean includeYear(int years) {
            return fromMonths < MONTHS_A_YEAR * (years + 1) && toMonths >= MONTHS_A_YEAR * years;
        }
    }

    /** The things that ready cards are made of, by code. */
    public static Map<String, Stocked> starter() {
        return STARTER;
    }

    /** The ready cards that ship with the application, in the order of their decks. */
    public static List<ReadyCard> shipped() {
        return ShippedTable.rows(ReadyCard.class, "ready-cards.csv").stream()
                .map(row -> of(row, STARTER))
                .toList();
    }

    private static ReadyCard of(CSVRecord row, Map<String, Stocked> starter) {
        PracticeStyle style = PracticeStyle.valueOf(row.get("style"));
        Optional<String> vessel = Optional.of(row.get("vessel")).filter(code -> !code.isEmpty());
        return new ReadyCard(
                style,
                row.get("code"),
                new Ages(Integer.parseInt(row.get("from_months")), Integer.parseInt(row.get("to_months"))),
                row.get("action"),
                vessel,
                new Card(
                        new Purpose(
                                row.get("title"),
                                row.get("intention"),
                                row.get("adult_role"),
                                AdultLoad.valueOf(row.get("load")),
                                Optional.empty(),
                                new Purpose.Alongside(row.get("words"), row.get("might_see"), row.get("at_home")),
                                row.get("place")),
                        new Coverage(
                                words(row.get("areas")),
                                Set.of(),
                                words(row.get("senses")).stream()
                                        .map(Sense::valueOf)
                                        .collect(Collectors.toCollection(LinkedHashSet::new))),
                        new Contents(
                                vessel.flatMap(code -> starter(code, starter).vessel()),
                                words(row.get("put")).stream()
                                        .map(pair -> portion(pair, starter))
                                        .toList(),
                                words(row.get("features")).stream()
                                        .map(Feature::valueOf)
                                        .collect(Collectors.toSet()),
                                Map.of()),
                        new Usage(
                                Usage.USUAL_TERM,
                                style == PracticeStyle.HOME_MIXED_AGE ? Usage.Units.HOUSEHOLD : Usage.Units.METRIC),
                        Stream.of(LadderStep.SIMPLER, LadderStep.HARDER)
                                .map(step -> step(row, step))
                                .toList(),
                        List.of(),
                        SettingOut.USUAL));
    }

    private static Stocked starter(String code, Map<String, Stocked> starter) {
        return Objects.requireNonNull(starter.get(code), code);
    }

    private static Portion portion(String pair, Map<String, Stocked> starter) {
        int at = pair.indexOf('=');
        String code = pair.substring(0, at);
        BigDecimal amount = new BigDecimal(pair.substring(at + 1));
        return starter(code, starter).material().kind().isPoured()
                ? new Portion.Poured(code, Optional.of(Length.ofCentimetres(amount)))
                : new Portion.Counted(code, Optional.of(amount.intValueExact()));
    }

    private static WrittenStep step(CSVRecord row, LadderStep step) {
        String column = step == LadderStep.SIMPLER ? "simpler_" : "harder_";
        String[] replaced = row.get(column + "replace").split(">", -1);
        return new WrittenStep(
                step,
                row.get(column + "sign"),
                new Change(
                        Integer.parseInt(row.get(column + "percent")),
                        Optional.of(replaced[0]).filter(code -> !code.isEmpty()),
                        replaced.length > 1 ? Optional.of(replaced[1]) : Optional.empty(),
                        row.get(column + "note")));
    }

    private static Set<String> words(String cell) {
        return Arrays.stream(cell.split("\\s+"))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** For people. */
    public String title() {
        return card.purpose().title();
    }

    /** Whether it takes place out of doors. */
    public boolean isOutdoors() {
        return card.contents().features().contains(Feature.OUTDOORS);
    }
}
