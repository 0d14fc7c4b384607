package app.carder.web.card;

import app.carder.core.cupboard.Substitute;
import app.carder.core.safety.ChildPresent;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.rules.RuleService;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** "We have no …": what can stand in, for the children of a room. */
@Controller
@AllowedTo(Audience.STAFF)
class SubstituteController {

    private final MaterialService materials;
    private final ChildService children;
    private final RoomService rooms;
    private final RuleService rules;
    private final SettingService settings;

    SubstituteController(
            MaterialService materials,
            ChildService children,
            RoomService rooms,
            RuleService rules,
            SettingService settings) {
        this.materials = materials;
        this.children = children;
        this.rooms = rooms;
        this.rules = rules;
        this.settings = settings;
    }

    @GetMapping("/materials/{materialId}/substitutes")
    ModelAndView propose(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("materialId") UUID materialId,
            @RequestParam(name = "room", required = false) @Nullable UUID roomId) {
        MaterialView wanted = materials.get(viewer.settingId(), materialId);
        RoomView room = roomId == null ? rooms.home(viewer) : rooms.get(viewer.settingId(), roomId);
        LocalDate today = settings.today(viewer.settingId());
        List<ChildPresent> present = Stream.concat(
                        children.inRoom(viewer.settingId(), room.id()).stream().map(child -> child.present(today)),
                        rules.others(viewer.settingId(), room.id()).stream()
                                .flatMap(other -> other.present(today).stream()))
                .toList();
        List<MaterialView> cupboard = materials.cupboard(viewer.settingId());
        ModelAndView page = new ModelAndView("card/substitutes");
        page.addObject("wanted", wanted);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject(
                "proposal",
                Substitute.propose(
                        wanted.stocked(),
                        cupboard.stream().map(MaterialView::stocked).toList(),
                        present,
                        rules.of(viewer.settingId(), room.id())));
        Map<String, UUID> ids =
                cupboard.stream().collect(Collectors.toMap(MaterialView::code, MaterialView::id, (one, same) -> one));
        page.addObject("ids", ids);
        return page;
    }
}
