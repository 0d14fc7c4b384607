package app.carder.web.children;

import app.carder.core.enrolment.Column;
import app.carder.core.enrolment.DayOrder;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.EnrolmentService.Asked;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.GivenTables;
import app.carder.web.page.GivenTables.Given;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Children and their carers from a table: what it would do is shown first. */
@Controller
@AllowedTo(Audience.STAFF)
class EnrolmentController {

    private final EnrolmentService enrolment;
    private final RoomService rooms;
    private final GivenTables tables;

    EnrolmentController(EnrolmentService enrolment, RoomService rooms, GivenTables tables) {
        this.enrolment = enrolment;
        this.rooms = rooms;
        this.tables = tables;
    }

    /** A table with its heads and two rows to write over. */
    @GetMapping("/rooms/{roomId}/children/template.csv")
    ResponseEntity<byte[]> template(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        return Download.table(
                "children.csv",
                Arrays.stream(Column.values()).map(Column::words).toList(),
                List.of(
                        List.of(
                                "Anouk",
                                "",
                                "2023-05-17",
                                room.name(),
                                "Mon-Fri",
                                "",
                                "",
                                "none",
                                "French",
                                "knots",
                                "",
                                "Anouk's grandfather",
                                "",
                                "",
                                ""),
                        List.of(
                                "Bram",
                                "",
                                "2022-11-02",
                                room.name(),
                                "Mon, Wed, Fri",
                                "09:00",
                                "15:00",
                                "peanuts, kiwi",
                                "",
                                "",
                                "",
                                "Bram's aunt",
                                "",
                                "",
                                "")));
    }

    @GetMapping("/rooms/{roomId}/children/import")
    ModelAndView choose(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return page(rooms.get(viewer.settingId(), roomId), new FormErrors());
    }

    /** Reads a file, or what was pasted, and shows what it would do. */
    @PostMapping("/rooms/{roomId}/children/import")
    ModelAndView read(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "file", required = false) @Nullable MultipartFile file,
            @RequestParam(name = "pasted", defaultValue = "") String pasted)
            throws IOException {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        FormErrors errors = new FormErrors();
        Optional<List<List<String>>> rows =
                Given.from(file, pasted, errors).flatMap(given -> tables.read(given, errors));
        if (rows.isEmpty()) {
            return page(room, errors);
        }
        return shown(viewer, room, Asked.first(rows.get()), errors);
    }

    /** The same table with its columns read in another way, or its rows added. */
    @PostMapping("/rooms/{roomId}/children/import/rows")
    ModelAndView rows(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<List<List<String>>> rows = tables.readText(typed.raw("table"), "file", errors);
        if (rows.isEmpty()) {
            return page(room, errors);
        }
        List<Optional<Column>> columns = columns(rows.get().get(0).size(), typed, errors);
        Asked asked = new Asked(
                rows.get(),
                columns,
                typed.has("order", DayOrder.MONTH_FIRST.name()) ? DayOrder.MONTH_FIRST : DayOrder.DAY_FIRST,
                lines(typed.all("again")));
        if (errors.any() || !typed.has("do", "save")) {
            return shown(viewer, room, asked, errors);
        }
        EnrolmentView done = enrolment.enrol(viewer, room, asked);
        return new ModelAndView("redirect:/rooms/" + roomId + "/children?added="
                + done.taken().size() + "&left="
                + done.faults().stream().map(fault -> fault.line()).distinct().count());
    }

    private static List<Optional<Column>> columns(int count, Typed typed, FormErrors errors) {
        List<String> chosen = typed.all("column");
        Set<Column> taken = EnumSet.noneOf(Column.class);
        List<Optional<Column>> columns = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            String name = at < chosen.size() ? chosen.get(at) : "";
            Optional<Column> column = Arrays.stream(Column.values())
                    .filter(one -> one.name().equals(name))
                    .findFirst();
            if (column.isPresent() && !taken.add(column.get())) {
                errors.add(
                        "column-" + at, "enrolment.column-twice", column.get().words());
                column = Optional.empty();
            }
            columns.add(column);
        }
        return columns;
    }

    private static Set<Integer> lines(List<String> typed) {
        return typed.stream()
                .filter(line -> line.matches("[0-9]{1,4}"))
                .map(Integer::parseInt)
                .collect(Collectors.toSet());
    }

    private ModelAndView shown(Viewer viewer, RoomView room, Asked asked, FormErrors errors) {
        ModelAndView page = page(room, errors);
        page.addObject("view", enrolment.look(viewer, room, asked));
        return page;
    }

    private static ModelAndView page(RoomView room, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/import");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("allColumns", Column.values());
        page.addObject("orders", DayOrder.values());
        page.addObject("errors", errors);
        return page;
    }
}
