package app.carder.web.lists;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.lists.ListService.Ticking;
import app.carder.web.page.Days;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Lists on the screen, on paper and as tables. */
@Controller
@AllowedTo(Audience.STAFF)
class ListController {

    private final ListService lists;
    private final RoomService rooms;
    private final Printer printer;

    ListController(ListService lists, RoomService rooms, Printer printer) {
        this.lists = lists;
        this.rooms = rooms;
        this.printer = printer;
    }

    @GetMapping("/rooms/{roomId}/lists/{kind}")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("kind") String kind,
            @RequestParam(name = "of", defaultValue = "") String of) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        ModelAndView page = new ModelAndView("lists/list");
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("kinds", ListKind.values());
        page.addObject("list", lists.list(viewer.settingId(), room, ListKind.ofPath(kind), Days.read(of)));
        return page;
    }

    @PostMapping("/rooms/{roomId}/lists/{kind}/ticks")
    ModelAndView tick(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("kind") String path,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        ListKind kind = ListKind.ofPath(path);
        Typed typed = Typed.of(parameters);
        LocalDate of = typed.day("of", new FormErrors()).orElseThrow(NotFound::new);
        Ticking ticking = typed.ticked("done") ? Ticking.DONE : Ticking.UNDONE;
        ListView.Item item;
        try {
            item = lists.tick(viewer, roomId, kind, of, typed.text("item"), ticking);
        } catch (DataIntegrityViolationException somebodyAtTheSameMoment) {
            item = lists.tick(viewer, roomId, kind, of, typed.text("item"), ticking);
        }
        if (!requestType.equals("partial")) {
            return new ModelAndView("redirect:/rooms/" + roomId + "/lists/" + path + "?of=" + of);
        }
        ModelAndView line = new ModelAndView("lists/list :: line");
        line.addObject("room", rooms.get(viewer.settingId(), roomId));
        line.addObject("kind", kind);
        line.addObject("of", of);
        line.addObject("item", item);
        return line;
    }

    @GetMapping("/rooms/{roomId}/lists/{kind}/list.pdf")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("kind") String kind,
            @RequestParam(name = "of", defaultValue = "") String of) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        ListView list = lists.list(viewer.settingId(), room, ListKind.ofPath(kind), Days.read(of));
        return printer.download(
                kind + ".pdf", printer.print("lists/print", Map.of("room", room, "list", list), Map.of()));
    }

    @GetMapping("/rooms/{roomId}/lists/{kind}/list.csv")
    ResponseEntity<byte[]> table(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("kind") String kind,
            @RequestParam(name = "of", defaultValue = "") String of) {
        ListView list = lists.list(
                viewer.settingId(), rooms.get(viewer.settingId(), roomId), ListKind.ofPath(kind), Days.read(of));
        List<List<String>> rows = list.groups().stream()
                .flatMap(group -> group.items().stream()
                        .map(item -> List.of(
                                group.title(),
                                item.what(),
                                item.amount(),
                                item.detail(),
                                item.tickedBy().orElse(""))))
                .toList();
        return Download.table(kind + ".csv", List.of("part", "what", "amount or place", "detail", "done by"), rows);
    }
}
