package app.carder.web.provocation;

import app.carder.core.material.Material;
import app.carder.core.measure.Length;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselDrawing;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.provocation.BenchView.PackLevel;
import app.carder.web.provocation.BenchView.Pieces;
import app.carder.web.provocation.CardForm.PackQuestion;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands a card to the core: amounts, drawing, safety for the children who are there. */
@Service
public class BenchService {

    private final MaterialService materials;
    private final ChildService children;
    private final SafetyCheck safety;

    BenchService(MaterialService materials, ChildService children, SafetyCheck safety) {
        this.materials = materials;
        this.children = children;
        this.safety = safety;
    }

    /** Reckons a stored card for the children of its room on a day. */
    @Transactional(readOnly = true)
    public BenchView reckon(SettingId settingId, CardView card, LocalDate on) {
        return reckon(
                settingId,
                card.roomId(),
                card.details().vessel(),
                card.details().lines(),
                List.of(),
                on);
    }

    /**
     * Reckons what is on the bench.
     *
     * @param packs how deep do so many packs lie?
     */
    @Transactional(readOnly = true)
    BenchView reckon(
            SettingId settingId,
            UUID roomId,
            Optional<Vessel> vessel,
            List<CardDetails.Line> lines,
            List<PackQuestion> packs,
            LocalDate on) {
        Map<UUID, MaterialView> cupboard =
                materials.cupboard(settingId).stream().collect(Collectors.toMap(MaterialView::id, Function.identity()));
        Set<Material> putOut = new LinkedHashSet<>();
        List<Layer> layers = new ArrayList<>();
        List<Pieces> pieces = new ArrayList<>();
        for (CardDetails.Line line : lines) {
            MaterialView material = cupboard.get(line.materialId());
            if (material != null) {
                putOut.add(material.material());
                line.depth().ifPresent(depth -> layers.add(new Layer(material.material(), depth, material.pack())));
                line.pieces().ifPresent(count -> pieces.add(new Pieces(material.name(), count)));
            }
        }
        List<Length> depths = layers.stream().map(Layer::depth).toList();
        Length filled = Fill.together(depths);
        boolean fits = vessel.filter(found -> !filled.isMoreThan(found.depth())).isPresent();

        List<ChildView> attending = children.attending(settingId, roomId, on);
        boolean someAttend = !attending.isEmpty();
        List<ChildPresent> present = (someAttend ? attending : children.inRoom(settingId, roomId))
                .stream().map(child -> child.present(on)).toList();
        return new BenchView(
                vessel.map(found -> VesselDrawing.of(found, depths)),
                fits && !layers.isEmpty() ? Optional.of(Fill.reckon(vessel.get(), layers)) : Optional.empty(),
                pieces,
                packs.stream().flatMap(asked -> level(vessel, asked).stream()).toList(),
                safety.check(List.copyOf(putOut), present),
                present.size(),
                someAttend,
                on);
    }

    private static Optional<PackLevel> level(Optional<Vessel> vessel, PackQuestion asked) {
        MaterialView material = asked.material();
        return vessel.filter(found -> material.isPoured())
                .flatMap(found -> material.pack()
                        .map(pack -> new PackLevel(
                                asked.row(),
                                material.name(),
                                asked.packs(),
                                Fill.levelOf(found, material.material(), pack, asked.packs()))));
    }
}
