package app.carder.web.watch;

import app.carder.core.enrolment.EarlierNotes;
import app.carder.exchange.table.CsvTable;
import app.carder.exchange.table.TableFile;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.GivenTables;
import app.carder.web.page.GivenTables.Given;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Notes from before: from a table, or from text that was pasted. What would be brought in is shown first. */
@Controller
@AllowedTo(Audience.STAFF)
class BringInController {

    private static final int MOST_TEXT = 2_000_000;

    private final BringingIn bringing;
    private final RoomService rooms;
    private final SettingService settings;
    private final GivenTables tables;

    BringInController(BringingIn bringing, RoomService rooms, SettingService settings, GivenTables tables) {
        this.bringing = bringing;
        this.rooms = rooms;
        this.settings = settings;
        this.tables = tables;
    }

    @GetMapping("/rooms/{roomId}/earlier-notes")
    ModelAndView choose(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "brought", defaultValue = "-1") int brought) {
        return page(rooms.get(viewer.settingId(), roomId), "", new FormErrors()).addObject("brought", brought);
    }

    /** Shows what would be brought in. */
    @PostMapping("/rooms/{roomId}/earlier-notes")
    ModelAndView look(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "file", required = false) @Nullable MultipartFile file,
            @RequestParam(name = "pasted", defaultValue = "") String pasted)
            throws IOException {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        FormErrors errors = new FormErrors();
        Optional<Given> given = Given.from(file, pasted, errors);
        Optional<String> source = given.flatMap(one -> source(one, errors));
        Optional<EarlierNotes.Result> read =
                source.flatMap(text -> read(viewer, text, given.orElseThrow().field(), errors));
        if (read.isEmpty()) {
            return page(room, pasted, errors);
        }
        return page(room, pasted, errors)
                .addObject("view", bringing.look(viewer.settingId(), room, read.get(), source.orElseThrow()));
    }

    /** Brings in what was shown. */
    @PostMapping("/rooms/{roomId}/earlier-notes/bring-in")
    ModelAndView bringIn(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam("source") String source) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        FormErrors errors = new FormErrors();
        Optional<EarlierNotes.Result> read = read(viewer, source, "pasted", errors);
        if (read.isEmpty()) {
            return page(room, source, errors);
        }
        return new ModelAndView(
                "redirect:/rooms/" + roomId + "/earlier-notes?brought=" + bringing.bring(viewer, room, read.get()));
    }

    /** A file as text with commas, so that it can be sent again with what was decided. */
    private Optional<String> source(Given given, FormErrors errors) {
        return given.file().isEmpty()
                ? Optional.of(given.pasted())
                : tables.read(given, errors).map(rows -> CsvTable.write(rows.get(0), rows.subList(1, rows.size())));
    }

    /** As a table where its heads say so, else as text. */
    private Optional<EarlierNotes.Result> read(Viewer viewer, String source, String field, FormErrors errors) {
        LocalDate today = settings.today(viewer.settingId());
        if (source.length() > MOST_TEXT) {
            errors.add(field, "enrolment.refused.TOO_LARGE", MOST_TEXT / 1_000_000, TableFile.MOST_ROWS - 1);
            return Optional.empty();
        }
        Optional<EarlierNotes.Result> read = tables.ifTable(source).flatMap(rows -> EarlierNotes.ofTable(rows, today));
        Optional<EarlierNotes.Result> found = read.isPresent() ? read : EarlierNotes.ofText(source, today);
        if (found.isEmpty()) {
            errors.add(field, "earlier-notes.unreadable");
        }
        return found;
    }

    private static ModelAndView page(RoomView room, String pasted, FormErrors errors) {
        ModelAndView page = new ModelAndView("watch/earlier-notes");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("pasted", pasted);
        page.addObject("errors", errors);
        return page;
    }
}
