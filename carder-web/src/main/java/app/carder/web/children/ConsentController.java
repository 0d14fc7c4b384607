package app.carder.web.children;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What families said about photos, as staff see it, and what was said on paper. */
@Controller
@AllowedTo(Audience.STAFF)
class ConsentController {

    private static final int LONGEST_NAME = 200;

    private final ConsentService consents;
    private final ChildService children;
    private final RoomService rooms;
    private final SettingService settings;
    private final Printer printer;

    ConsentController(
            ConsentService consents,
            ChildService children,
            RoomService rooms,
            SettingService settings,
            Printer printer) {
        this.consents = consents;
        this.children = children;
        this.rooms = rooms;
        this.settings = settings;
        this.printer = printer;
    }

    /** A child of a room and what holds for it. */
    record Row(ChildView child, List<ConsentService.OfUse> uses) {}

    @GetMapping("/rooms/{roomId}/consents")
    String ofRoom(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId, Model model) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        List<ChildView> all = children.inRoom(viewer.settingId(), roomId);
        Map<UUID, List<ConsentService.OfUse>> said =
                consents.of(viewer.settingId(), all.stream().map(ChildView::id).toList());
        model.addAttribute("room", room);
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        model.addAttribute("uses", PhotoUse.values());
        model.addAttribute(
                "rows",
                all.stream()
                        .map(child -> new Row(child, said.getOrDefault(child.id(), List.of())))
                        .toList());
        return "children/consents-room";
    }

    @GetMapping("/children/{childId}/consents")
    ModelAndView ofChild(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return page(viewer, childId, Typed.nothing().with("on", settings.today(viewer.settingId())), new FormErrors());
    }

    /** What somebody said on a form of paper. */
    @PostMapping("/children/{childId}/consents")
    ModelAndView note(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<CarerView> carer = typed.id("carer")
                .flatMap(id -> carers(viewer, childId).stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst());
        String name = carer.map(CarerView::name).orElseGet(() -> typed.optional("name", LONGEST_NAME, errors));
        if (name.isEmpty()) {
            errors.add("name", "consent.who");
        }
        Optional<LocalDate> on = typed.day("on", errors);
        on.filter(day -> day.isAfter(settings.today(viewer.settingId())))
                .ifPresent(ahead -> errors.add("on", "invitation.on.ahead"));
        List<ConsentSaid> said = new ArrayList<>();
        on.ifPresent(day -> {
            for (PhotoUse use : PhotoUse.values()) {
                String answer = typed.text(use.name());
                if (answer.equals("yes") || answer.equals("no")) {
                    said.add(new ConsentSaid(
                            use, answer.equals("yes"), name, carer.map(CarerView::id), ConsentWay.ON_PAPER, day));
                }
            }
        });
        if (said.isEmpty() && !errors.any()) {
            errors.add("answers", "consent.answer");
        }
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        said.forEach(one -> consents.say(viewer.settingId(), childId, one, viewer.name()));
        return new ModelAndView("redirect:/children/" + childId + "/consents?saved");
    }

    /** The questions to sign. */
    @GetMapping("/children/{childId}/consents.pdf")
    ResponseEntity<byte[]> form(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return printer.download(
                "consents.pdf",
                printer.print(
                        "children/consents-print",
                        Map.of(
                                "child",
                                children.get(viewer.settingId(), childId),
                                "setting",
                                settings.get(viewer.settingId()).name(),
                                "uses",
                                PhotoUse.values()),
                        Map.of()));
    }

    private List<CarerView> carers(Viewer viewer, UUID childId) {
        return children.carersOf(viewer.settingId(), childId);
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/consents");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("child", children.get(viewer.settingId(), childId));
        page.addObject("carers", carers(viewer, childId));
        page.addObject("uses", consents.of(viewer.settingId(), List.of(childId)).getOrDefault(childId, List.of()));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
