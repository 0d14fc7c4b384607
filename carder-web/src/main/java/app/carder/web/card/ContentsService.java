package app.carder.web.card;

import app.carder.core.card.Contents;
import app.carder.core.card.Ingredient;
import app.carder.core.card.Made;
import app.carder.core.card.Portion;
import app.carder.core.card.PutOut;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.vessel.FillPlan;
import app.carder.web.calculator.CalculatorService;
import app.carder.web.kits.KitService;
import app.carder.web.kits.KitView;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks into everything that a card puts out: the one way from a card to what safety, lists, cost and print read. */
@Service
public class ContentsService {

    private final MaterialService materials;
    private final KitService kits;
    private final CalculatorService calculator;

    ContentsService(MaterialService materials, KitService kits, CalculatorService calculator) {
        this.materials = materials;
        this.kits = kits;
        this.calculator = calculator;
    }

    /** Everything that is needed to look into cards: read once for many of them. */
    private record Store(Map<String, MaterialView> byKey, Map<String, KitView> kits, List<MaterialView> cupboard) {}

    /** One card's contents. */
    @Transactional(readOnly = true)
    public LaidOut lay(SettingId settingId, Contents contents, FillPlan.Use use) {
        return lay(settingId, contents, use, store(settingId, List.of(contents), Map.of()));
    }

    /**
     * One card's contents.
     *
     * @param atHand things that need not be read again, by key, also such as are not in the cupboard yet
     */
    @Transactional(readOnly = true)
    public LaidOut lay(SettingId settingId, Contents contents, FillPlan.Use use, Map<String, MaterialView> atHand) {
        return lay(settingId, contents, use, store(settingId, List.of(contents), atHand));
    }

    /** The contents of many cards, in few questions to the database; by card. */
    @Transactional(readOnly = true)
    public Map<UUID, LaidOut> lay(SettingId settingId, List<CardView> cards) {
        Store store = store(settingId, cards.stream().map(CardView::contents).toList(), Map.of());
        return cards.stream()
                .collect(Collectors.toMap(
                        CardView::id,
                        card -> lay(
                                settingId, card.contents(), card.card().usage().term(), store)));
    }

    private Store store(SettingId settingId, Collection<Contents> all, Map<String, MaterialView> atHand) {
        boolean anyKit = all.stream().anyMatch(contents -> contents.kit().isPresent());
        boolean anyKept = all.stream().anyMatch(contents -> !contents.kept().isEmpty());
        Map<String, MaterialView> byKey = new HashMap<>();
        List<MaterialView> cupboard = anyKept ? materials.cupboard(settingId) : List.of();
        cupboard.forEach(material -> byKey.put(LaidOut.key(material.id()), material));
        List<UUID> missing = all.stream()
                .flatMap(Contents::things)
                .distinct()
                .filter(key -> !atHand.containsKey(key) && !byKey.containsKey(key))
                .map(UUID::fromString)
                .toList();
        if (!missing.isEmpty()) {
            materials.byId(settingId, missing).forEach((id, material) -> byKey.put(LaidOut.key(id), material));
        }
        byKey.putAll(atHand);
        Map<String, KitView> kitsByKey = anyKit
                ? kits.all(settingId).stream()
                        .collect(Collectors.toMap(kit -> kit.id().toString(), Function.identity()))
                : Map.of();
        kitsByKey.values().stream()
                .flatMap(kit -> kit.parts().stream())
                .map(KitView.Part::material)
                .forEach(material -> byKey.putIfAbsent(LaidOut.key(material.id()), material));
        return new Store(byKey, kitsByKey, cupboard);
    }

    private LaidOut lay(SettingId settingId, Contents contents, FillPlan.Use use, Store store) {
        Contents resolved = contents.resolved(portion -> lookedUp(settingId, portion, store));
        Map<String, MaterialView> things = resolved.things()
                .flatMap(thing -> Stream.ofNullable(store.byKey().get(thing)))
                .collect(Collectors.toMap(thing -> LaidOut.key(thing.id()), Function.identity()));
        Map<String, Stocked> stocked = things.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, thing -> thing.getValue().stocked()));
        return new LaidOut(resolved, PutOut.of(resolved, use, stocked), things);
    }

    private Portion lookedUp(SettingId settingId, Portion portion, Store store) {
        if (portion instanceof Portion.KitThings kit) {
            return Optional.ofNullable(store.kits().get(kit.kit()))
                    .map(found -> new Portion.KitThings(
                            kit.kit(),
                            found.name(),
                            Optional.of(found.parts().stream()
                                    .map(part -> Ingredient.of(
                                            LaidOut.key(part.material().id()),
                                            part.material().name(),
                                            Amount.of(part.pieces())))
                                    .toList())))
                    .orElse(kit);
        }
        if (portion instanceof Portion.Kept kept) {
            Map<String, String> keys = store.cupboard().stream()
                    .collect(
                            Collectors.toMap(MaterialView::code, thing -> LaidOut.key(thing.id()), (one, same) -> one));
            Made made = calculator.made(
                    kept.tool(),
                    kept.inputs(),
                    store.cupboard().stream().map(MaterialView::stocked).toList(),
                    materials.currency(settingId));
            return new Portion.Kept(
                    kept.id(),
                    kept.tool(),
                    kept.inputs(),
                    Optional.of(made.mapped(
                            one -> one.under(one.thing().flatMap(code -> Optional.ofNullable(keys.get(code)))))));
        }
        return portion;
    }
}
