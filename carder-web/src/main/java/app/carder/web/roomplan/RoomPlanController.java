package app.carder.web.roomplan;

import app.carder.core.room.FurnitureKind;
import app.carder.core.room.PlanDrawing;
import app.carder.core.room.Play;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.ZoneKind;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.exchange.plan.PlanSvg;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Draws plans. The page sends the whole plan with every stroke; nothing of it is worked out in the browser. */
@Controller
@AllowedTo(Audience.STAFF)
class RoomPlanController {

    private static final String SVG = "image/svg+xml";

    private final RoomPlanService plans;
    private final RoomService rooms;
    private final Printer printer;

    RoomPlanController(RoomPlanService plans, RoomService rooms, Printer printer) {
        this.plans = plans;
        this.rooms = rooms;
        this.printer = printer;
    }

    @GetMapping("/rooms/{roomId}/plan")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "place", defaultValue = "INDOORS") String place) {
        return page(viewer, rooms.get(viewer.settingId(), roomId), place(place), new FormErrors());
    }

    /** Keeps a stroke; what comes back is the plan looked over. */
    @PostMapping(path = "/rooms/{roomId}/plan", consumes = SVG)
    @CanBeUndone(Deed.PLAN_CHANGED)
    @AllowedTo(Audience.LEADS)
    ModelAndView save(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam("edition") int edition,
            @RequestBody String svg) {
        RoomPlan plan;
        Optional<PlanView> theirs;
        try {
            plan = PlanSvg.read(svg);
            theirs = plans.save(viewer, roomId, plan, edition);
        } catch (IllegalArgumentException refused) {
            return refused(refused);
        } catch (DataIntegrityViolationException taken) {
            return refused(Refused.because("roomplan.zone-of-another-room"));
        }
        ModelAndView look = look(viewer, roomId, plan);
        look.addObject("edition", theirs.map(PlanView::edition).orElse(edition + 1));
        theirs.ifPresent(faster -> {
            look.addObject("theirs", faster.changedBy());
            look.setStatus(HttpStatus.CONFLICT);
        });
        return look;
    }

    /** Looks a plan over while it is dragged, without keeping it. */
    @PostMapping(path = "/rooms/{roomId}/plan/look", consumes = SVG)
    ModelAndView look(
            @AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId, @RequestBody String svg) {
        try {
            return look(viewer, roomId, PlanSvg.read(svg));
        } catch (IllegalArgumentException refused) {
            return refused(refused);
        }
    }

    /** Where so many adults would see most. */
    @PostMapping(path = "/rooms/{roomId}/plan/spots", consumes = SVG)
    ModelAndView spots(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam("adults") String adults,
            @RequestParam("posture") String posture,
            @RequestParam("play") String play,
            @RequestBody String svg) {
        rooms.get(viewer.settingId(), roomId);
        try {
            FormErrors errors = new FormErrors();
            int many = Typed.whole("adults", adults, 1, 8, errors)
                    .orElseThrow(() -> Refused.because("roomplan.adults-to-place"));
            ModelAndView page = new ModelAndView("roomplan/plan :: proposal");
            page.addObject(
                    "proposal",
                    plans.spots(PlanSvg.read(svg), many, one(Posture.values(), posture), one(Play.values(), play)));
            return page;
        } catch (IllegalArgumentException refused) {
            return refused(refused);
        }
    }

    @GetMapping("/rooms/{roomId}/plan.svg")
    ResponseEntity<byte[]> export(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "place", defaultValue = "INDOORS") String place) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        RoomPlan plan = plans.get(viewer.settingId(), room, place(place)).plan();
        return Download.of(
                "plan-of-" + plan.place().words() + ".svg",
                SVG,
                PlanSvg.write(Said.say("roomplan.plan-of", room.name()), plan));
    }

    @PostMapping("/rooms/{roomId}/plan/import")
    @AllowedTo(Audience.LEADS)
    ModelAndView take(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "file", required = false) MultipartFile file,
            @RequestParam MultiValueMap<String, String> parameters)
            throws IOException {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Place place = place(Typed.of(parameters).text("place"));
        FormErrors errors = new FormErrors();
        if (file == null || file.isEmpty()) {
            errors.add("file", "roomplan.file.missing");
            return page(viewer, room, place, errors);
        }
        try {
            RoomPlan plan =
                    RoomPlanService.adopted(PlanSvg.read(new String(file.getBytes(), StandardCharsets.UTF_8)), room);
            plans.save(
                    viewer,
                    roomId,
                    plan,
                    plans.get(viewer.settingId(), room, plan.place()).edition());
            return new ModelAndView("redirect:/rooms/" + roomId + "/plan?place=" + plan.place());
        } catch (IllegalArgumentException refused) {
            errors.add("file", "roomplan.file.refused", Refused.why(refused).words());
            return page(viewer, room, place, errors);
        }
    }

    @GetMapping("/rooms/{roomId}/plan.pdf")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "place", defaultValue = "INDOORS") String place) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        RoomPlan plan = plans.get(viewer.settingId(), room, place(place)).plan();
        return printer.download(
                "plan.pdf",
                printer.print(
                        "roomplan/print",
                        Map.of(
                                "room",
                                room,
                                "sketch",
                                PlanDrawing.of(room.name(), plan),
                                "look",
                                plans.look(viewer.settingId(), roomId, plan)),
                        Map.of()));
    }

    /** What is seen of each zone, and how many children it takes. */
    @GetMapping("/rooms/{roomId}/sightlines.csv")
    ResponseEntity<byte[]> sightlines(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "place", defaultValue = "INDOORS") String place) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        LookView look = plans.look(
                viewer.settingId(),
                roomId,
                plans.get(viewer.settingId(), room, place(place)).plan());
        return Download.table(
                "sightlines.csv",
                List.of("zone", "seen at the floor in %", "seen at a table in %", "children it takes"),
                look.rows());
    }

    private static Place place(String name) {
        return Arrays.stream(Place.values())
                .filter(place -> place.name().equals(name))
                .findFirst()
                .orElse(Place.INDOORS);
    }

    private static <E extends Enum<E>> E one(E[] choices, String name) {
        return Arrays.stream(choices)
                .filter(choice -> choice.name().equals(name))
                .findFirst()
                .orElseThrow(NotFound::new);
    }

    private ModelAndView look(Viewer viewer, UUID roomId, RoomPlan plan) {
        rooms.get(viewer.settingId(), roomId);
        ModelAndView look = new ModelAndView("roomplan/plan :: look");
        look.addObject("look", plans.look(viewer.settingId(), roomId, plan));
        return look;
    }

    private static ModelAndView refused(IllegalArgumentException refused) {
        ModelAndView page = new ModelAndView("roomplan/plan :: refused");
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        page.addObject("refused", Refused.why(refused).words());
        return page;
    }

    private ModelAndView page(Viewer viewer, RoomView room, Place place, FormErrors errors) {
        PlanView view = plans.get(viewer.settingId(), room, place);
        ModelAndView page = new ModelAndView("roomplan/plan");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("place", place);
        page.addObject("places", Place.values());
        page.addObject("view", view);
        page.addObject("mayEdit", viewer.role() != Role.PRACTITIONER);
        page.addObject("svg", PlanSvg.write(Said.say("roomplan.plan-of-2", room.name(), place.words()), view.plan()));
        page.addObject("look", plans.look(viewer.settingId(), room.id(), view.plan()));
        page.addObject("unplaced", plans.unplaced(viewer.settingId(), room));
        page.addObject("kinds", FurnitureKind.values());
        page.addObject("zoneKinds", ZoneKind.values());
        page.addObject("grounds", Ground.values());
        page.addObject("errors", errors);
        return page;
    }
}
