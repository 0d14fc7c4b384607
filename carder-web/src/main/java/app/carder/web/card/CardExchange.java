package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.Portion;
import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.framework.Crosswalk;
import app.carder.core.safety.Finding;
import app.carder.core.said.Refused;
import app.carder.exchange.json.CardFile;
import app.carder.web.account.Viewer;
import app.carder.web.calculator.CalculatorService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.kits.KitDetails;
import app.carder.web.kits.KitService;
import app.carder.web.kits.KitView;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cards out to a file, and in from one: areas by the crosswalk, materials by code or name, safety checked anew. */
@Service
class CardExchange {

    /** Of a kit's name, so that a number fits behind it. */
    private static final int LONGEST_STEM = 110;

    private final CardService deck;
    private final BenchService bench;
    private final MaterialService materials;
    private final RoomService rooms;
    private final SettingService settings;
    private final CalculatorService calculator;
    private final KitService kits;
    private final ContentsService contents;
    private final Crosswalk crosswalk = Crosswalk.shipped();

    CardExchange(
            CardService deck,
            BenchService bench,
            MaterialService materials,
            RoomService rooms,
            SettingService settings,
            CalculatorService calculator,
            KitService kits,
            ContentsService contents) {
        this.deck = deck;
        this.bench = bench;
        this.materials = materials;
        this.rooms = rooms;
        this.settings = settings;
        this.calculator = calculator;
        this.kits = kits;
        this.contents = contents;
    }

    /**
     * What importing a card would do.
     *
     * @param title of the card
     * @param areas names of the areas that it would have
     * @param lost codes of areas that say nothing here
     * @param newMaterials names of what would be added to the cupboard
     * @param findings for the children of the room, the gravest first
     * @param fault why it is left out; empty where it is not
     */
    record Preview(
            String title,
            List<String> areas,
            List<String> lost,
            List<String> newMaterials,
            List<Finding> findings,
            String fault) {}

    /** Cards as a file. All of them must be of rooms that work by one framework: that of the first. */
    @Transactional(readOnly = true)
    String write(SettingId settingId, List<UUID> cardIds) {
        List<CardView> cards =
                cardIds.stream().map(id -> deck.get(settingId, id)).toList();
        Map<UUID, LaidOut> laid = contents.lay(settingId, cards);
        Map<UUID, MaterialView> used = materials.byId(
                settingId,
                cards.stream()
                        .flatMap(card -> CardFileWriter.materialsOf(card, Required.from(laid, card.id())))
                        .distinct()
                        .toList());
        String framework = cards.isEmpty()
                ? ""
                : rooms.get(settingId, cards.get(0).roomId()).framework().code();
        return CardFile.write(
                framework,
                used.values().stream()
                        .map(material -> CardFileWriter.described(material.stocked()))
                        .toList(),
                cards.stream()
                        .map(card -> CardFileWriter.card(card, Required.from(laid, card.id()), used))
                        .toList());
    }

    /** Looks a file over, without writing anything. */
    @Transactional(readOnly = true)
    List<Preview> preview(SettingId settingId, UUID roomId, CardFile file) {
        RoomView room = rooms.get(settingId, roomId);
        Materials inFile = materials(settingId, file);
        CardFileReader reader = reader(room, inFile);
        return file.cards().stream()
                .map(card -> preview(settingId, room, card, reader, inFile))
                .toList();
    }

    /** Writes the cards that can be read; what the cupboard lacks is added to it. Returns how many. */
    @Transactional
    int putIn(Viewer viewer, UUID roomId, CardFile file) {
        SettingId settingId = viewer.settingId();
        Materials inFile = materials(settingId, file);
        CardFileReader reader = reader(rooms.get(settingId, roomId), inFile);
        Set<UUID> added = new HashSet<>();
        int written = 0;
        for (CardFile.Card card : file.cards()) {
            CardFileReader.Read read;
            try {
                read = reader.read(card);
            } catch (IllegalArgumentException leftOut) {
                continue;
            }
            inFile.lacking(card)
                    .filter(material -> added.add(material.id()))
                    .forEach(material -> add(settingId, material));
            UUID id = Ids.next();
            deck.write(viewer, id, roomId, withKit(settingId, read.card()), Optional.empty());
            deck.writeLadderSteps(viewer, id, read.card().ladder());
            deck.writeSteps(viewer, id, read.card().preparation());
            read.card().contents().kept().forEach(kept -> deck.save(viewer, id, kept));
            written++;
        }
        return written;
    }

    /** The card with a kit that is here: one of the same name and things, or a new one. */
    private Card withKit(SettingId settingId, Card card) {
        return card.contents()
                .kit()
                .map(kit -> new Card(
                        card.purpose(),
                        card.coverage(),
                        card.contents().resolved(portion -> portion.equals(kit) ? kitHere(settingId, kit) : portion),
                        card.usage(),
                        card.ladder(),
                        card.preparation(),
                        card.settingOut()))
                .orElse(card);
    }

    private Portion kitHere(SettingId settingId, Portion.KitThings kit) {
        List<KitDetails.Part> parts = kit.things().orElse(List.of()).stream()
                .flatMap(one -> one.thing().stream()
                        .map(thing -> new KitDetails.Part(
                                UUID.fromString(thing), one.amount().pieces().orElse(1))))
                .toList();
        List<KitView> here = kits.all(settingId);
        Optional<KitView> same = here.stream()
                .filter(one -> one.name().equalsIgnoreCase(kit.name())
                        && one.parts().stream()
                                .map(part -> new KitDetails.Part(part.material().id(), part.pieces()))
                                .toList()
                                .equals(parts))
                .findFirst();
        if (same.isPresent()) {
            return new Portion.KitThings(same.get().id().toString(), kit.name(), kit.things());
        }
        String name = kit.name();
        for (int number = 2; kits.isTaken(settingId, name, Optional.empty()); number++) {
            name = "%s (%d)"
                    .formatted(kit.name().substring(0, Math.min(kit.name().length(), LONGEST_STEM)), number);
        }
        kits.make(settingId, UUID.fromString(kit.kit()), new KitDetails(name, "", "", parts));
        return kit;
    }

    private void add(SettingId settingId, MaterialView lacking) {
        Stocked stocked = lacking.stocked();
        boolean codeTaken = materials.isCodeTaken(settingId, stocked.code());
        materials.add(settingId, lacking.id(), codeTaken ? withCode(stocked, "own-" + lacking.id()) : stocked);
    }

    private static Stocked withCode(Stocked stocked, String code) {
        return new Stocked(
                code,
                stocked.material(),
                stocked.vessel(),
                stocked.bought(),
                stocked.stock(),
                stocked.keptIn(),
                stocked.keepsDays(),
                stocked.seen());
    }

    private Preview preview(
            SettingId settingId, RoomView room, CardFile.Card card, CardFileReader reader, Materials inFile) {
        CardFileReader.Read read;
        try {
            read = reader.read(card);
        } catch (IllegalArgumentException wrong) {
            return new Preview(
                    card.title(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Refused.why(wrong).words());
        }
        BenchView calculated = bench.calculate(
                settingId,
                room,
                new BenchService.Question(read.card(), List.of()),
                inFile.byCode().values().stream()
                        .collect(Collectors.toMap(
                                thing -> LaidOut.key(thing.id()), Function.identity(), (one, same) -> one)),
                Moment.day(settings.today(settingId)));
        return new Preview(
                card.title(),
                room.framework().areas().stream()
                        .filter(area -> read.card().coverage().areas().contains(area.code()))
                        .map(area -> area.name())
                        .toList(),
                crosswalk.into(room.framework(), card.areas()).lost(),
                inFile.lacking(card).map(MaterialView::name).toList(),
                calculated.findings(),
                "");
    }

    private CardFileReader reader(RoomView room, Materials inFile) {
        return new CardFileReader(room.framework(), crosswalk, inFile.byCode(), calculator::knows);
    }

    /**
     * Materials of a file.
     *
     * @param byCode as the cupboard has them, or as they would be added to it
     * @param toAdd ids of those that would be
     */
    private record Materials(Map<String, MaterialView> byCode, Set<UUID> toAdd) {

        /** What the cupboard lacks for a card that can be read. */
        Stream<MaterialView> lacking(CardFile.Card card) {
            return CardFileReader.codes(card)
                    .flatMap(code -> Stream.ofNullable(byCode.get(code)))
                    .filter(material -> toAdd.contains(material.id()))
                    .distinct();
        }
    }

    /** Which of them the cupboard has is told by name, as a code may mean another thing elsewhere; what is described wrongly is left out. */
    private Materials materials(SettingId settingId, CardFile file) {
        Map<String, MaterialView> byName = materials.cupboard(settingId).stream()
                .collect(Collectors.toMap(material -> material.name().toLowerCase(Locale.ROOT), Function.identity()));
        Map<String, MaterialView> byCode = new LinkedHashMap<>();
        Set<UUID> toAdd = new HashSet<>();
        CupboardTable.readRows(file.materials(), materials.currency(settingId))
                .rows()
                .forEach(stocked -> {
                    byCode.put(
                            stocked.code(),
                            byName.computeIfAbsent(stocked.name().toLowerCase(Locale.ROOT), name -> {
                                UUID id = Ids.next();
                                toAdd.add(id);
                                return new MaterialView(id, 0, stocked, Optional.empty());
                            }));
                });
        return new Materials(byCode, toAdd);
    }
}
