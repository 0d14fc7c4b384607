package app.carder.web.provocation;

import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.measure.Mass;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.Level;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.safety.Setup;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.Vessel;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.kits.KitService;
import app.carder.web.kits.KitView;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.room.RoomView;
import app.carder.web.rules.RuleService;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a week asks of a whole deck: which cards a safety finding stops on which day, and what they take from the stock. */
@Service
public class DemandService {

    private final MaterialService materials;
    private final KitService kits;
    private final RuleService rules;
    private final ChildService children;

    DemandService(MaterialService materials, KitService kits, RuleService rules, ChildService children) {
        this.materials = materials;
        this.kits = kits;
        this.rules = rules;
        this.children = children;
    }

    /** What a week asks of many cards, in few questions to the database; by card. */
    @Transactional(readOnly = true)
    public Map<UUID, Demand> demands(SettingId settingId, RoomView room, List<CardView> cards, List<LocalDate> days) {
        Map<UUID, MaterialView> byId = materials(settingId, cards);
        Map<UUID, KitView> kitsById = kits.all(settingId).stream().collect(Collectors.toMap(KitView::id, kit -> kit));
        SafetyCheck check = rules.of(settingId, room.id());
        List<ChildView> all = children.inRoom(settingId, room.id());
        Map<UUID, Demand> demands = new LinkedHashMap<>();
        for (CardView card : cards) {
            CardDetails details = card.details();
            List<MaterialView> inReach = Stream.concat(
                            details.lines().stream().flatMap(line -> Stream.ofNullable(byId.get(line.materialId()))),
                            details.kitId().stream()
                                    .flatMap(id -> Stream.ofNullable(kitsById.get(id)))
                                    .flatMap(kit -> kit.parts().stream().map(KitView.Part::material)))
                    .distinct()
                    .toList();
            Setup setup = BenchService.setup(details, inReach);
            Set<Integer> stopped = new HashSet<>();
            for (int day = 0; day < days.size(); day++) {
                LocalDate on = days.get(day);
                List<ChildPresent> present = all.stream()
                        .filter(child -> child.attendsOn(on))
                        .map(child -> child.present(on))
                        .toList();
                if (check.check(setup, present).stream()
                        .anyMatch(finding -> finding.level() != Level.STAY_WITH && finding.level() != Level.KNOW)) {
                    stopped.add(day);
                }
            }
            demands.put(card.id(), demand(details, byId, stopped));
        }
        return demands;
    }

    /** What cards put out at once, by card. */
    @Transactional(readOnly = true)
    public Map<UUID, PutOut> putOut(SettingId settingId, List<CardView> cards) {
        Map<UUID, MaterialView> byId = materials(settingId, cards);
        return cards.stream().collect(Collectors.toMap(CardView::id, card -> putOut(card.details(), byId)));
    }

    private Map<UUID, MaterialView> materials(SettingId settingId, List<CardView> cards) {
        return materials.byId(
                settingId,
                cards.stream()
                        .flatMap(card -> card.details().lines().stream())
                        .map(CardDetails.Line::materialId)
                        .distinct()
                        .toList());
    }

    private static PutOut putOut(CardDetails card, Map<UUID, MaterialView> byId) {
        List<PutOut.Part> parts = new ArrayList<>();
        List<Layer> layers = new ArrayList<>();
        List<MaterialView> poured = new ArrayList<>();
        for (CardDetails.Line line : card.lines()) {
            MaterialView material = byId.get(line.materialId());
            if (material != null) {
                line.depth().filter(depth -> material.isPoured()).ifPresent(depth -> {
                    layers.add(new Layer(material.material(), depth, material.pack()));
                    poured.add(material);
                });
                line.pieces()
                        .ifPresent(count -> parts.add(new PutOut.Part(
                                material, Amount.of(count * card.use().vessels()))));
            }
        }
        Optional<Vessel> vessel = card.vessel();
        boolean fits = vessel.filter(found -> !Fill.together(
                                layers.stream().map(Layer::depth).toList())
                        .isMoreThan(found.depth()))
                .isPresent();
        if (!fits || layers.isEmpty()) {
            return new PutOut(parts, Optional.empty());
        }
        Fill.Amounts amounts = Fill.reckon(vessel.orElseThrow(), layers);
        List<Mass> needs =
                FillPlan.of(amounts, Collections.nCopies(layers.size(), Mass.ZERO), card.use()).lines().stream()
                        .map(FillPlan.Line::need)
                        .toList();
        for (int at = 0; at < poured.size(); at++) {
            parts.add(at, new PutOut.Part(poured.get(at), Amount.of(needs.get(at))));
        }
        return new PutOut(parts, Optional.of(amounts.mass()).filter(mass -> amounts.needsTwoPeople()));
    }

    private static Demand demand(CardDetails card, Map<UUID, MaterialView> byId, Set<Integer> stopped) {
        Map<UUID, Long> needs = new LinkedHashMap<>();
        Map<UUID, Long> stock = new LinkedHashMap<>();
        for (PutOut.Part part : putOut(card, byId).parts()) {
            UUID id = part.material().id();
            Amount there = part.material().stocked().stock();
            part.amount()
                    .pieces()
                    .ifPresent(count -> there.pieces().ifPresent(pieces -> {
                        needs.merge(id, (long) count, Long::sum);
                        stock.put(id, (long) pieces);
                    }));
            part.amount()
                    .mass()
                    .ifPresent(need -> there.mass().ifPresent(mass -> {
                        needs.merge(id, Math.round(need.inGrams()), Long::sum);
                        stock.put(id, Math.round(mass.inGrams()));
                    }));
        }
        boolean wet = card.lines().stream()
                .flatMap(line -> Optional.ofNullable(byId.get(line.materialId())).stream())
                .map(MaterialView::material)
                .anyMatch(material -> material.kind() == MaterialKind.LIQUID || material.has(Trait.WATER));
        return new Demand(stopped, needs, stock, wet);
    }
}
