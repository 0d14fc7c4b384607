package app.carder.web.calculator;

import app.carder.core.card.Ingredient;
import app.carder.core.card.Made;
import app.carder.core.controloferror.ControlOfError;
import app.carder.core.controloferror.PatternStrip;
import app.carder.core.controloferror.PictureGrid;
import app.carder.core.controloferror.PlayShop;
import app.carder.core.controloferror.Sets;
import app.carder.core.controloferror.Sets.Pile;
import app.carder.core.drawing.Handle;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Pull;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.measure.Money;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.web.calculator.Field.Option;
import app.carder.web.calculator.Tool.Group;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Control of error. */
final class ControlOfErrorTools {

    private static final int ROWS = 6;
    /** At 12 mm a bead, across A4. */
    private static final int BEADS_ON_PAPER = 15;

    private static final int MOST_SHOWN = 24;

    private ControlOfErrorTools() {}

    static List<Tool> all() {
        return List.of(
                new Tool(
                        "slots",
                        Said.of("tool.pieces-and-slots"),
                        Said.of("tool.do-they-come-out-even"),
                        Group.CONTROL_OF_ERROR,
                        List.of(
                                Field.whole("pieces", Said.of("tool.pieces"), "", 6, 0, 1000),
                                Field.whole("slots", Said.of("tool.slots"), "", 6, 1, 1000)),
                        inputs -> checked(
                                inputs.set(
                                        Said.say("tool.pieces-of-the-set"),
                                        Map.of(Said.say("tool.the-pieces"), inputs.whole("pieces"))),
                                Sets.slots(inputs.whole("pieces"), inputs.whole("slots")),
                                slots(inputs.whole("pieces"), inputs.whole("slots")))),
                new Tool(
                        "sorting",
                        Said.of("tool.sorting-set"),
                        Said.of("tool.is-every-category-there-even-with"),
                        Group.CONTROL_OF_ERROR,
                        join(
                                Field.piles(
                                        "pile",
                                        Said.of("tool.category-and-pieces"),
                                        List.of("letters 4", "parcels 4", "cards 4"),
                                        ROWS),
                                Field.whole("each", Said.of("tool.pieces-in-each"), "", 4, 1, 1000),
                                Field.whole("examples", Said.of("tool.examples-laid-out"), "", 3, 0, 12)),
                        inputs -> {
                            List<Pile> piles = piles(inputs);
                            return checked(
                                    pieces(inputs, piles),
                                    Sets.sorting(piles, inputs.whole("each"), inputs.whole("examples")),
                                    rows(piles));
                        }),
                new Tool(
                        "pairs",
                        Said.of("tool.pairs"),
                        Said.of("tool.does-every-piece-find-its-partner"),
                        Group.CONTROL_OF_ERROR,
                        Field.piles(
                                "pile",
                                Said.of("tool.sort-and-pieces"),
                                List.of("red stamp 2", "blue stamp 2", "key 2"),
                                ROWS),
                        inputs ->
                                checked(pieces(inputs, piles(inputs)), Sets.pairs(piles(inputs)), rows(piles(inputs)))),
                new Tool(
                        "missing",
                        Said.of("tool.one-is-missing"),
                        Said.of("tool.which-number-was-taken-out"),
                        Group.CONTROL_OF_ERROR,
                        List.of(
                                Field.whole("from", Said.of("tool.from"), "", 1, 0, 1000),
                                Field.whole("to", Said.of("tool.to"), "", 10, 1, 1100),
                                Field.text(
                                        "present",
                                        Said.of("tool.on-the-mat-with-commas-between"),
                                        "1, 2, 3, 4, 5, 6, 8, 9, 10")),
                        ControlOfErrorTools::missing),
                new Tool(
                        "pattern",
                        Said.of("tool.pattern-strip"),
                        Said.of("tool.how-many-beads-of-each"),
                        Group.CONTROL_OF_ERROR,
                        join(
                                List.of(
                                        Field.text("unit", Said.of("tool.pattern-for-instance-ab-abb-abc"), "ABB"),
                                        Field.whole("repeats", Said.of("tool.repeats-on-a-strip"), "", 5, 2, 30),
                                        Field.whole(
                                                "strips", Said.of("tool.strips-one-for-each-child"), "", 12, 1, 100)),
                                Field.text("there", Said.of("tool.beads-there-are-for-instance-a"), "")),
                        ControlOfErrorTools::pattern),
                new Tool(
                        "grid",
                        Said.of("tool.picture-grid"),
                        Said.of("tool.how-many-pictures-to-cut-out"),
                        Group.CONTROL_OF_ERROR,
                        List.of(
                                Field.whole("symbols", Said.of("tool.pictures-rows-and-columns"), "", 4, 2, 6),
                                Field.whole("puzzles", Said.of("tool.puzzles"), "", 8, 1, 60),
                                Field.whole("given", Said.of("tool.printed-into-each-grid-already"), "", 4, 0, 35),
                                Field.text("cutOut", Said.of("tool.cut-out-already-of-each-picture"), "")),
                        ControlOfErrorTools::grid),
                new Tool(
                        "stories",
                        Said.of("tool.cards-in-order"),
                        Said.of("tool.do-the-stories-come-out-whole"),
                        Group.CONTROL_OF_ERROR,
                        List.of(
                                Field.whole("cards", Said.of("tool.cards-in-a-story-3-or"), "", 3, 3, 4),
                                Field.whole("sets", Said.of("tool.stories"), "", 4, 1, 100),
                                Field.whole("basket", Said.of("tool.cards-in-the-basket"), "", 12, 0, 1000)),
                        inputs -> checked(
                                inputs.set(
                                        Said.say("tool.pieces-of-the-set"),
                                        Map.of(Said.say("tool.story-cards"), inputs.whole("basket"))),
                                Sets.sequence(inputs.whole("cards"), inputs.whole("sets"), inputs.whole("basket")),
                                rows(List.of(inputs.whole("cards")), List.of(Said.say("tool.in-order"))))),
                new Tool(
                        "shop",
                        Said.of("tool.play-shop"),
                        Said.of("tool.which-coins-pay-every-price-exactly"),
                        Group.CONTROL_OF_ERROR,
                        List.of(
                                Field.choice(
                                        "currency",
                                        Said.of("tool.coins-and-notes-of"),
                                        "GBP",
                                        PlayShop.currencies().stream()
                                                .map(code -> new Option(code, Said.typed(code)))
                                                .toList()),
                                Field.text(
                                        "prices", Said.of("tool.prices-with-semicolons-between"), "0.37; 1.20; 2.50"),
                                Field.text("coins", Said.of("tool.coins-and-notes-in-purse-and"), "")),
                        ControlOfErrorTools::shop));
    }

    private static List<Field> join(List<Field> fields, Field... more) {
        return Stream.concat(fields.stream(), Stream.of(more)).toList();
    }

    /** {@code "letters 4"}: the last word is the number. */
    private static Pile pile(String text) {
        int space = text.lastIndexOf(' ');
        try {
            return new Pile(text.substring(0, Math.max(0, space)).strip(), Integer.parseInt(text.substring(space + 1)));
        } catch (NumberFormatException noNumber) {
            throw Refused.because("tool.refused.pile", text).from(noNumber);
        }
    }

    private static List<Pile> piles(Inputs inputs) {
        return Stream.iterate(0, row -> row < ROWS, row -> row + 1)
                .map(row -> inputs.text("pile" + row))
                .filter(text -> !text.isBlank())
                .map(ControlOfErrorTools::pile)
                .toList();
    }

    private static List<Ingredient> pieces(Inputs inputs, List<Pile> piles) {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        piles.forEach(pile -> pieces.merge(pile.name(), pile.pieces(), Integer::sum));
        return inputs.set(Said.say("tool.pieces-of-the-set"), pieces);
    }

    private static Made things(List<Ingredient> pieces) {
        return new Made.Things(Said.say("tool.set"), pieces);
    }

    private static ToolAnswer checked(List<Ingredient> pieces, ControlOfError check, Sketch sketch) {
        return said(ToolAnswer.of(things(pieces), check.calculation()), check)
                .sketch(sketch)
                .done();
    }

    private static ToolAnswer.Builder said(ToolAnswer.Builder answer, ControlOfError check) {
        if (!check.leftOver().isEmpty()) {
            answer.figure(Said.say("tool.left-over"), String.join(", ", check.leftOver()));
        }
        if (!check.missing().isEmpty()) {
            answer.figure(Said.say("tool.short"), String.join(", ", check.missing()));
        }
        return answer.verdict(
                        check.closes(),
                        check.closes()
                                ? Said.say("tool.it-comes-out-even-a-mistake")
                                : Said.say("tool.it-does-not-come-out-even"))
                .figure(Said.say("tool.a-child-notices-alone"), check.childNotices());
    }

    private static Sketch rows(List<Pile> piles) {
        return rows(
                piles.stream().map(Pile::pieces).toList(),
                piles.stream().map(Pile::name).toList());
    }

    private static Sketch slots(int pieces, int slots) {
        String ofPieces = Said.say("tool.pieces");
        String ofSlots = Said.say("tool.slots");
        return rows(List.of(pieces, slots), List.of(ofPieces, ofSlots))
                .pulled("pieces", ofPieces, end(0, pieces, 0))
                .pulled("slots", ofSlots, end(1, slots, 1));
    }

    /** Where the end of a row can be pulled to: behind each of its dots. */
    private static Pull end(int row, int count, int least) {
        return new Pull(
                IntStream.rangeClosed(least, MOST_SHOWN)
                        .mapToObj(many -> new Handle.Stop(Integer.toString(many), behind(many), 12 + row * 16))
                        .toList(),
                behind(Math.min(MOST_SHOWN, count)),
                12 + row * 16);
    }

    private static double behind(int dots) {
        return 72.5 + dots * 14.0;
    }

    private static Sketch rows(List<Integer> counts, List<String> names) {
        Sheet sheet = new Sheet();
        int widest = 1;
        for (int row = 0; row < counts.size(); row++) {
            int shown = Math.min(MOST_SHOWN, counts.get(row));
            widest = Math.max(widest, shown);
            sheet.label(34, 14 + row * 16, 7, names.get(row));
            for (int piece = 0; piece < shown; piece++) {
                sheet.round(76 + piece * 14, 12 + row * 16, 5, Style.fill(row));
            }
        }
        return sheet.done(
                80 + widest * 14,
                10 + counts.size() * 16,
                Said.say("tool.what-lies-out"),
                Said.say("tool.one-dot-for-each-piece"));
    }

    private static ToolAnswer missing(Inputs inputs) {
        List<Integer> present = new ArrayList<>();
        for (String number : inputs.list("present")) {
            try {
                present.add(Integer.parseInt(number));
            } catch (NumberFormatException noNumber) {
                throw Refused.because("tool.refused.mat", number).from(noNumber);
            }
        }
        ControlOfError check = Sets.missingMember(inputs.whole("from"), inputs.whole("to"), present);
        Sheet sheet = new Sheet();
        int at = 0;
        for (int number = inputs.whole("from"); number <= inputs.whole("to") && at < 30; number++, at++) {
            boolean there = present.contains(number);
            sheet.box(4 + at % 10 * 24, 4 + at / 10 * 24, 20, 20, there ? Style.FILL : Style.GHOST)
                    .label(14 + at % 10 * 24, 18 + at / 10 * 24, 10, there ? Integer.toString(number) : "?");
        }
        return checked(
                inputs.set(
                        Said.say("tool.pieces-of-the-set"),
                        Map.of(Said.say("tool.numbers-on-the-mat"), present.size())),
                check,
                sheet.done(248, 8 + (at + 9) / 10 * 24, Said.say("tool.the-row"), check.childNotices()));
    }

    private static ToolAnswer pattern(Inputs inputs) {
        Map<Character, Integer> there = new LinkedHashMap<>();
        for (String beads : inputs.list("there")) {
            Pile pile = pile(beads);
            there.merge(Character.toUpperCase(pile.name().charAt(0)), pile.pieces(), Integer::sum);
        }
        PatternStrip strip =
                PatternStrip.of(inputs.text("unit"), inputs.whole("repeats"), inputs.whole("strips"), there);
        ToolAnswer.Builder answer = ToolAnswer.of(
                        things(inputs.set(
                                Said.say("tool.beads-of-the-pattern"),
                                strip.needed().entrySet().stream()
                                        .collect(Collectors.toMap(
                                                bead -> Said.say("tool.bead", bead.getKey()), Map.Entry::getValue)))),
                        strip.check().calculation())
                .figure(Said.say("tool.beads-on-a-strip"), Integer.toString(strip.length()));
        strip.needed().forEach((letter, beads) -> answer.figure(Said.say("tool.beads", letter), beads.toString()));
        if (strip.length() <= BEADS_ON_PAPER) {
            answer.trueSize(strip.sketch());
        }
        return said(answer, strip.check())
                .sketch(strip.sketch().pulled("repeats", Said.say("tool.repeats-on-a-strip"), strip.repeatsPull()))
                .done();
    }

    private static ToolAnswer grid(Inputs inputs) {
        String cutOut = inputs.text("cutOut");
        if (!cutOut.isEmpty() && !cutOut.matches("[0-9]{1,6}")) {
            throw Refused.because("tool.refused.cut-out", cutOut);
        }
        PictureGrid grid = PictureGrid.of(
                inputs.whole("symbols"),
                inputs.whole("puzzles"),
                inputs.whole("given"),
                cutOut.isEmpty() ? -1 : Integer.parseInt(cutOut));
        ToolAnswer.Builder answer = ToolAnswer.of(
                        things(inputs.set(
                                Said.say("tool.pieces-of-the-set"),
                                Map.of(
                                        Said.say("tool.cut-out-pictures"),
                                        grid.copies().stream()
                                                .mapToInt(Integer::intValue)
                                                .sum()))),
                        grid.check().calculation())
                .figure(Said.say("tool.copies-to-cut-out"), copies(grid.copies()))
                .figure(Said.say("tool.sheets-to-print"), Integer.toString(grid.sheets()));
        return said(answer, grid.check()).sketch(grid.sketch()).done();
    }

    /** Such as {@code 24 of picture 1, 22 of picture 2}, or {@code 24 of each picture}. */
    private static String copies(List<Integer> copies) {
        if (copies.stream().distinct().count() == 1) {
            return Said.say("tool.of-each-picture", copies.get(0));
        }
        return IntStream.range(0, copies.size())
                .mapToObj(symbol -> Said.say("tool.of-picture", copies.get(symbol), symbol + 1))
                .collect(Collectors.joining(", "));
    }

    private static int pieces(Map<Long, Integer> coins) {
        return coins.values().stream().mapToInt(Integer::intValue).sum();
    }

    private static List<Money> amounts(String what, String typed, Currency currency) {
        List<Money> amounts = new ArrayList<>();
        for (String amount : typed.split(";")) {
            String plain = amount.strip().replace(',', '.');
            if (!plain.matches("[0-9]{1,4}(\\.[0-9]{1,2})?")) {
                throw Refused.because("tool.refused.amounts", what, amount.strip());
            }
            amounts.add(Money.of(new BigDecimal(plain), currency));
        }
        return amounts;
    }

    private static ToolAnswer shop(Inputs inputs) {
        Currency currency = Currency.getInstance(inputs.text("currency"));
        List<Money> prices = amounts(Said.say("tool.a-price"), inputs.text("prices"), currency);
        List<Money> coins = inputs.text("coins").isBlank()
                ? PlayShop.inCirculation(currency)
                : amounts(Said.say("tool.a-coin"), inputs.text("coins"), currency);
        PlayShop shop = PlayShop.of(prices, coins);
        ToolAnswer.Builder answer = ToolAnswer.of(
                        things(inputs.set(
                                Said.say("tool.money-of-the-play-shop"),
                                Map.of(Said.say("tool.coins-and-notes"), pieces(shop.purse()) + pieces(shop.till())))),
                        shop.calculation())
                .verdict(true, Said.say("tool.the-purse-pays-every-card-exactly"))
                .figure(Said.say("tool.in-the-purse"), PlayShop.inWords(shop.purse(), currency))
                .figure(Said.say("tool.in-the-till-for-change"), PlayShop.inWords(shop.till(), currency))
                .columns(
                        Said.say("tool.price"),
                        Said.say("tool.pays-exactly"),
                        Said.say("tool.handed-over"),
                        Said.say("tool.change"),
                        Said.say("tool.in-coins"));
        Sheet sheet = new Sheet();
        int row = 0;
        for (PlayShop.PriceCard card : shop.cards()) {
            answer.row(
                    card.price().forPeople(),
                    PlayShop.inWords(card.coins(), currency),
                    card.handedOver().forPeople(),
                    card.change().forPeople(),
                    PlayShop.inWords(card.changeCoins(), currency));
            sheet.box(4, 4 + row * 24, 42, 18, Style.OUTLINE)
                    .label(25, 16 + row * 24, 8, card.price().forPeople());
            int at = 0;
            for (Map.Entry<Long, Integer> coin : card.coins().entrySet()) {
                for (int one = 0; one < coin.getValue(); one++, at++) {
                    sheet.round(62 + at * 22, 13 + row * 24, 9, Style.fill((int) (coin.getKey() % 3)))
                            .label(
                                    62 + at * 22,
                                    15 + row * 24,
                                    5,
                                    Money.ofMinor(coin.getKey(), currency)
                                            .amount()
                                            .toPlainString());
                }
            }
            row++;
        }
        return answer.sketch(sheet.done(
                        240,
                        8 + row * 24,
                        Said.say("tool.price-cards-and-their-coins"),
                        Said.say("tool.for-each-card-the-fewest-coins")))
                .done();
    }
}
