package app.carder.web.demo;

import app.carder.core.card.Card;
import app.carder.core.card.Contents;
import app.carder.core.card.Coverage;
import app.carder.core.card.Portion;
import app.carder.core.card.PreparationStep;
import app.carder.core.card.Purpose;
import app.carder.core.card.SettingOut;
import app.carder.core.card.Usage;
import app.carder.core.card.WrittenStep;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.Stocked.Bought;
import app.carder.core.framework.Sense;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.LadderStep;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.prepare.Step.Who;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Answer;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.demo.DemoCards.DemoCard;
import app.carder.web.kits.KitDetails;
import app.carder.web.kits.KitService;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Stocks the demo's cupboard, makes its kit and writes its cards. */
@Component
class DemoBench {

    private static final Map<String, LadderStep> LADDER = Map.of(
            "simpler",
            LadderStep.SIMPLER,
            "harder",
            LadderStep.HARDER,
            "other",
            LadderStep.OTHER_MATERIAL,
            "real",
            LadderStep.REAL_LIFE);

    private final MaterialService materials;
    private final KitService kits;
    private final CardService deck;
    private final SafetyService safety;
    private final SettingService settings;

    DemoBench(
            MaterialService materials,
            KitService kits,
            CardService deck,
            SafetyService safety,
            SettingService settings) {
        this.materials = materials;
        this.kits = kits;
        this.deck = deck;
        this.safety = safety;
        this.settings = settings;
    }

    void stock(SettingId setting) {
        materials.stock(setting);
        DemoCards.PACKS.forEach((code, pack) -> rewrite(
                setting,
                code,
                Optional.of(new Bought(
                        Amount.of(Mass.ofGrams(pack.grams())),
                        Money.of(new BigDecimal(pack.price()), materials.currency(setting)))),
                Amount.of(Mass.ofGrams(pack.stock())),
                "Store cupboard, middle shelf"));
        DemoCards.PIECES_IN_STOCK.forEach((code, pieces) ->
                rewrite(setting, code, Optional.empty(), Amount.of(pieces), "Loft, low shelf by the window"));
    }

    private void rewrite(SettingId setting, String code, Optional<Bought> bought, Amount stock, String keptIn) {
        MaterialView material = materials.byCode(setting, code);
        Stocked known = material.stocked();
        materials.rewrite(
                setting,
                material.id(),
                material.version(),
                new Stocked(code, known.material(), known.vessel(), bought, stock, keptIn, known.keepsDays()));
    }

    void kits(SettingId setting) {
        Map<String, MaterialView> byCode = byCode(setting);
        kits.make(
                setting,
                Ids.next(),
                new KitDetails(
                        "Wrapping kit",
                        "Blue bucket, low shelf by the writing table",
                        "Count scissors back.",
                        List.of(
                                part(byCode, "scissors", 2),
                                part(byCode, "tape", 2),
                                part(byCode, "parcel-string", 4),
                                part(byCode, "bags-paper", 6),
                                part(byCode, "stamps-paper", 12))));
        kits.make(
                setting,
                Ids.next(),
                new KitDetails(
                        "Sweeping-up basket",
                        "Under the tray table",
                        "",
                        List.of(
                                part(byCode, "brush-hand", 1),
                                part(byCode, "towel", 2),
                                part(byCode, "tub-small", 1))));
    }

    private static KitDetails.Part part(Map<String, MaterialView> byCode, String code, int pieces) {
        return new KitDetails.Part(Required.from(byCode, code).id(), pieces);
    }

    /** Writes the cards of a room; their ids by title. */
    Map<String, UUID> cards(Viewer lead, RoomView room) {
        Map<String, MaterialView> byCode = byCode(lead.settingId());
        Map<String, UUID> written = new LinkedHashMap<>();
        for (DemoCard card : DemoCards.of(room.name())) {
            UUID id = Ids.next();
            deck.write(
                    lead, id, room.id(), details(lead.settingId(), room, card, byCode), week(lead.settingId(), card));
            deck.writeLadderSteps(lead, id, ladderSteps(card, byCode));
            deck.writeSteps(
                    lead, id, card.all("step").stream().map(DemoBench::step).toList());
            card.all("tool").forEach(tool -> deck.save(lead, id, calculation(tool)));
            look(lead, room, id);
            written.put(card.title(), id);
        }
        return written;
    }

    /** What a card only names, the lead has looked at; the beads of a pattern are still to be measured. */
    private void look(Viewer lead, RoomView room, UUID cardId) {
        CardView card = deck.get(lead.settingId(), cardId);
        LocalDate today = settings.today(lead.settingId());
        safety.gate(lead.settingId(), room, card, LadderStep.AS_IS, Moment.day(today)).findings().stream()
                .flatMap(finding -> finding.gap().stream())
                .filter(gap -> !gap.subject().startsWith("Beads"))
                .forEach(gap -> deck.answer(
                        lead,
                        cardId,
                        gap.key(),
                        new Answer(
                                Answer.Verdict.IS_NOT,
                                "Looked at and gauged: all too large for the cylinder, nothing sharp.",
                                lead.name(),
                                today.minusDays(7))));
    }

    private Map<String, MaterialView> byCode(SettingId setting) {
        return materials.cupboard(setting).stream().collect(Collectors.toMap(MaterialView::code, Function.identity()));
    }

    private Optional<LocalDate> week(SettingId setting, DemoCard card) {
        LocalDate monday = settings.today(setting).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return Optional.of(card.one("week"))
                .filter(week -> !week.isEmpty())
                .map(week -> monday.plusWeeks(Long.parseLong(week)));
    }

    private Card details(SettingId setting, RoomView room, DemoCard card, Map<String, MaterialView> byCode) {
        Set<String> statements = words(card.one("statements"));
        Set<String> areas = new HashSet<>();
        statements.forEach(code -> room.framework().areaOf(code).ifPresent(area -> areas.add(area.code())));
        Contents contents = new Contents(
                vessel(card.one("vessel"), byCode),
                lines(card.one("put"), byCode),
                words(card.one("features")).stream().map(Feature::valueOf).collect(Collectors.toSet()),
                Map.of());
        return new Card(
                new Purpose(
                        card.title(),
                        card.one("invites"),
                        card.one("adult"),
                        AdultLoad.of(card.one("load")).orElse(AdultLoad.NEAR),
                        Optional.of(card.one("difficulty"))
                                .filter(level -> !level.isEmpty())
                                .map(Integer::valueOf),
                        new Purpose.Alongside(card.one("words"), "", ""),
                        card.one("place")),
                new Coverage(
                        areas,
                        statements,
                        words(card.one("senses")).stream().map(Sense::valueOf).collect(Collectors.toSet())),
                contents.plus(kits.all(setting).stream()
                        .filter(kit -> kit.name().equals(card.one("kit")))
                        .map(kit -> new Portion.KitThings(kit.id().toString(), "", Optional.empty()))
                        .limit(1)
                        .toList()),
                new Usage(use(card.one("use")), Usage.Units.METRIC),
                List.of(),
                List.of(),
                SettingOut.USUAL);
    }

    private static Optional<Vessel> vessel(String said, Map<String, MaterialView> byCode) {
        if (said.isEmpty()) {
            return Optional.empty();
        }
        String[] parts = said.split(" ");
        if (parts.length == 1) {
            return Required.from(byCode, said).stocked().vessel();
        }
        return Optional.of(
                VesselShape.valueOf(parts[0]).of(centimetres(parts[1]), centimetres(parts[2]), centimetres(parts[3])));
    }

    private static Length centimetres(String text) {
        return Length.ofCentimetres(new BigDecimal(text));
    }

    private static List<Portion> lines(String said, Map<String, MaterialView> byCode) {
        List<Portion> lines = new ArrayList<>();
        for (String put : split(said, ";")) {
            String[] parts = put.split(" ");
            MaterialView material = Required.from(byCode, parts[0]);
            lines.add(
                    material.isPoured()
                            ? new Portion.Poured(material.id().toString(), Optional.of(centimetres(parts[1])))
                            : new Portion.Counted(material.id().toString(), Optional.of(Integer.parseInt(parts[1]))));
        }
        return lines;
    }

    private static FillPlan.Use use(String said) {
        if (said.isEmpty()) {
            return Usage.USUAL_TERM;
        }
        int[] numbers =
                Arrays.stream(said.split(" ")).mapToInt(Integer::parseInt).toArray();
        return new FillPlan.Use(numbers[0], numbers[1], numbers[2], numbers[3], numbers[4]);
    }

    private static List<WrittenStep> ladderSteps(DemoCard card, Map<String, MaterialView> byCode) {
        List<WrittenStep> ladderSteps = new ArrayList<>();
        LADDER.forEach((name, ladderStep) -> card.all(name).forEach(said -> {
            String[] parts = said.split("\\|", -1);
            List<String> swap = split(parts[3], ">");
            ladderSteps.add(new WrittenStep(
                    ladderStep,
                    parts[1].strip(),
                    new Change(
                            Integer.parseInt(parts[2].strip()),
                            key(swap, 0, byCode),
                            key(swap, 1, byCode),
                            parts[0].strip())));
        }));
        return ladderSteps;
    }

    private static Optional<String> key(List<String> swap, int at, Map<String, MaterialView> byCode) {
        return at < swap.size()
                ? Optional.of(Required.from(byCode, swap.get(at)).id().toString())
                : Optional.empty();
    }

    private static PreparationStep step(String said) {
        String[] parts = said.split("\\|", -1);
        return new PreparationStep(
                parts[0].strip(),
                Integer.parseInt(parts[1].strip()),
                Integer.parseInt(parts[2].strip()) * 60,
                Who.valueOf(parts[3].strip()),
                Integer.parseInt(parts[4].strip()),
                split(parts[5], ",").stream().map(Integer::valueOf).toList());
    }

    private static Portion.Kept calculation(String said) {
        int space = said.indexOf(' ');
        Map<String, String> inputs = new LinkedHashMap<>();
        String last = "";
        for (String input : said.substring(space + 1).split(";")) {
            int equals = input.indexOf('=');
            // A semicolon inside a value belongs to it: prices are listed with semicolons.
            if (equals < 0) {
                inputs.merge(last, input, (one, more) -> one + ";" + more);
            } else {
                last = input.substring(0, equals);
                inputs.put(last, input.substring(equals + 1));
            }
        }
        return new Portion.Kept(Ids.next().toString(), said.substring(0, space), inputs, Optional.empty());
    }

    private static Set<String> words(String said) {
        return new HashSet<>(split(said, " "));
    }

    private static List<String> split(String said, String by) {
        return Arrays.stream(said.split(by))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .toList();
    }
}
