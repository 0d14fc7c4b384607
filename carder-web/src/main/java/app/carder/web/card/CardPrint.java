package app.carder.web.card;

import app.carder.core.card.PutOut;
import app.carder.core.card.WrittenStep;
import app.carder.core.cupboard.Picture;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.WeekShopping;
import app.carder.core.drawing.Sketch;
import app.carder.core.ladder.LadderStep;
import app.carder.core.safety.Finding;
import app.carder.core.said.Said;
import app.carder.exchange.pdf.PdfWords;
import app.carder.web.calculator.CalculatorService;
import app.carder.web.calculator.ToolAnswer;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.kits.KitView;
import app.carder.web.material.MaterialView;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.page.Printer;
import app.carder.web.picture.PictureSvg;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts cards on paper: A5, two to a sheet; picture labels; a shopping list that a child can read. */
@Service
class CardPrint {

    private static final int MOST_FINDINGS = 5;
    /** Of the line at the foot of each half: where they cannot be read, something was cut off. */
    private static final int MOST_TALLIES = 12;

    /** The picture of a card on A5, in millimetres. */
    private static final int PICTURE_WIDE = 62;

    private static final int PICTURE_HIGH = 44;

    private final CardService deck;
    private final BenchService bench;
    private final CalculatorService calculator;
    private final ContentsService contents;
    private final CardPictures pictures;
    private final PhotoService photos;
    private final RoomService rooms;
    private final SettingService settings;
    private final Printer printer;

    CardPrint(
            CardService deck,
            BenchService bench,
            CalculatorService calculator,
            ContentsService contents,
            CardPictures pictures,
            PhotoService photos,
            RoomService rooms,
            SettingService settings,
            Printer printer) {
        this.deck = deck;
        this.bench = bench;
        this.calculator = calculator;
        this.contents = contents;
        this.pictures = pictures;
        this.photos = photos;
        this.rooms = rooms;
        this.settings = settings;
        this.printer = printer;
    }

    /**
     * A card as it is printed.
     *
     * @param card the card
     * @param room its room
     * @param bench what was worked out for today's children
     * @param findings the gravest of them
     * @param more how many more there are
     * @param ladderSteps of its ladder
     * @param sets what its calculations say, in a line each
     * @param kit that it asks for
     * @param picture how it looks set out, as SVG; empty where there is nothing to draw
     */
    record Printed(
            CardView card,
            RoomView room,
            BenchView bench,
            List<Finding> findings,
            int more,
            List<WrittenStep> ladderSteps,
            List<String> sets,
            Optional<KitView> kit,
            String picture) {}

    /** What of a card stands on a half of a sheet. */
    enum Part {
        /** All of it. */
        WHOLE,
        /** What is put out, safety and the adult. */
        FRONT,
        /** How it is made, words and ladder. */
        BACK;

        /** Whether it is the front alone. */
        public boolean isFront() {
            return this == FRONT;
        }

        /** Whether it is the back alone. */
        public boolean isBack() {
            return this == BACK;
        }
    }

    /**
     * A half of a sheet.
     *
     * @param card on it
     * @param part of the card
     * @param tight whether it is set in small type
     */
    record Half(Printed card, Part part, boolean tight) {
        /** What it takes where its last line was cut off: front and back, then small type. */
        List<Half> longer() {
            return part == Part.WHOLE
                    ? List.of(new Half(card, Part.FRONT, false), new Half(card, Part.BACK, false))
                    : List.of(new Half(card, part, true));
        }
    }

    /** Two halves. */
    record Sheet(Half left, Optional<Half> right) {}

    /**
     * A thing to label.
     *
     * @param name of it
     * @param picture of it
     * @param photo of it, by the name that its picture has on the page; it stands for the drawing
     */
    record PictureLabel(String name, Sketch picture, Optional<String> photo) {}

    /**
     * A thing to buy.
     *
     * @param name of it
     * @param picture of it
     * @param amount in words
     * @param tallies packs or pieces as strokes, in groups of five; empty where there are too many to count
     */
    record ToBuy(String name, Sketch picture, String amount, String tallies) {}

    /** Cards on A4 across, two A5 to a sheet. A card that is too long for its half goes on on the next one. */
    byte[] cards(SettingId settingId, List<UUID> cardIds) {
        List<Half> halves = cardIds.stream()
                .map(id -> new Half(printed(settingId, deck.get(settingId, id)), Part.WHOLE, false))
                .toList();
        byte[] pdf = print(halves);
        for (int longer = 0; longer < 2; longer++) {
            List<String> read = PdfWords.byColumn(pdf, 2);
            List<Half> whole = new ArrayList<>();
            for (int at = 0; at < halves.size(); at++) {
                Half half = halves.get(at);
                whole.addAll(
                        read.get(at).contains(Said.say("card.not-a-clearance-check-your-local"))
                                ? List.of(half)
                                : half.longer());
            }
            if (whole.equals(halves)) {
                return pdf;
            }
            halves = whole;
            pdf = print(halves);
        }
        return pdf;
    }

    private byte[] print(List<Half> halves) {
        List<Sheet> sheets = new ArrayList<>();
        for (int at = 0; at < halves.size(); at += 2) {
            sheets.add(new Sheet(
                    halves.get(at), at + 1 < halves.size() ? Optional.of(halves.get(at + 1)) : Optional.empty()));
        }
        return printer.print("card/print-cards", Map.of("sheets", sheets), Map.of());
    }

    /** Picture labels for everything that is put out. */
    byte[] labels(SettingId settingId, UUID cardId) {
        CardView card = deck.get(settingId, cardId);
        Map<String, byte[]> taken = new LinkedHashMap<>();
        List<PictureLabel> labels = putOut(settingId, card)
                .map(thing -> {
                    thing.photo().ifPresent(id -> taken.put(id.toString(), photos.picture(settingId, id, Size.LARGE)));
                    return new PictureLabel(
                            thing.name(), thing.picture(), thing.photo().map(UUID::toString));
                })
                .toList();
        return printer.print("card/print-labels", Map.of("title", card.title(), "labels", labels), taken);
    }

    /** What is short of stock, for a child to help with. */
    byte[] shopping(SettingId settingId, UUID cardId) {
        CardView card = deck.get(settingId, cardId);
        return printer.print(
                "card/print-shopping", Map.of("title", card.title(), "list", toBuy(settingId, card)), Map.of());
    }

    /** What is short of stock: packs where they are known, else what is missing. */
    @Transactional(readOnly = true)
    List<ToBuy> toBuy(SettingId settingId, CardView card) {
        LaidOut laid =
                contents.lay(settingId, card.contents(), card.card().usage().term());
        LocalDateTime soon = settings.localNow(settingId);
        Map<String, Stocked> cupboard = new LinkedHashMap<>();
        List<WeekShopping.Wanted> uses = new ArrayList<>();
        for (PutOut.Part part : laid.putOut().parts()) {
            cupboard.put(part.stocked().code(), part.stocked());
            uses.add(new WeekShopping.Wanted(card.title(), part.stocked().code(), part.amount(), 1, 0, List.of(soon)));
        }
        return WeekShopping.of(uses, cupboard).stream()
                .filter(WeekShopping.ToBuy::isMissing)
                .map(CardPrint::toBuy)
                .toList();
    }

    private static ToBuy toBuy(WeekShopping.ToBuy line) {
        Stocked material = line.material();
        Optional<Long> packs = line.packs();
        long count = packs.orElseGet(
                () -> line.missing().pieces().map(Integer::longValue).orElse(0L));
        return new ToBuy(
                material.name(),
                Picture.of(material),
                packs.flatMap(number -> material.bought()
                                .map(bought -> number + " × " + bought.content().forPeople()))
                        .orElse(line.missing().forPeople()),
                count == 0 ? "" : tallies(count));
    }

    private static String tallies(long count) {
        if (count > MOST_TALLIES) {
            return "";
        }
        StringBuilder strokes = new StringBuilder();
        for (int stroke = 1; stroke <= count; stroke++) {
            strokes.append('|').append(stroke % 5 == 0 ? "  " : "");
        }
        return strokes.toString().strip();
    }

    private Printed printed(SettingId settingId, CardView card) {
        BenchView calculated = bench.calculate(settingId, card, Moment.day(settings.today(settingId)));
        List<Finding> gravest =
                calculated.findings().stream().limit(MOST_FINDINGS).toList();
        return new Printed(
                card,
                rooms.get(settingId, card.roomId()),
                calculated,
                gravest,
                calculated.findings().size() - gravest.size(),
                card.ladder().stream()
                        .filter(ladderStep -> ladderStep.ladderStep() != LadderStep.AS_IS)
                        .toList(),
                card.contents().kept().stream()
                        .map(kept -> calculator.ask(settingId, kept.tool(), kept.inputs()))
                        .flatMap(asked -> asked.answer().map(answer -> line(asked, answer)).stream())
                        .toList(),
                calculated.kit(),
                Optional.of(pictures.of(settingId, card))
                        .filter(picture -> !picture.isEmpty())
                        .map(picture -> PictureSvg.printed(picture, card.title(), PICTURE_WIDE, PICTURE_HIGH))
                        .orElse(""));
    }

    private static String line(CalculatorService.Asked asked, ToolAnswer answer) {
        String figures = answer.figures().stream()
                .limit(4)
                .map(figure -> figure.name() + ": " + figure.value())
                .reduce((one, next) -> one + "; " + next)
                .orElse(answer.verdict());
        String rows = answer.table().rows().stream()
                .limit(8)
                .map(row -> row.get(0) + " " + row.get(1))
                .reduce((one, next) -> one + ", " + next)
                .map(all -> ". " + all)
                .orElse("");
        return asked.tool().title() + ": " + figures + rows;
    }

    private Stream<MaterialView> putOut(SettingId settingId, CardView card) {
        return contents.lay(settingId, card.contents(), card.card().usage().term()).inOrder().stream();
    }
}
