package app.carder.web.rights;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import java.io.IOException;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Takes in what another setting kept of a child: first a look at what is in the file, then the taking in. */
@Controller
@AllowedTo(Audience.MANAGERS)
class IntakeController {

    private final ArchiveInbox inbox;
    private final ArchiveIntake intake;
    private final RoomService rooms;

    IntakeController(ArchiveInbox inbox, ArchiveIntake intake, RoomService rooms) {
        this.inbox = inbox;
        this.intake = intake;
        this.rooms = rooms;
    }

    @GetMapping("/rooms/{roomId}/children/archive")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return page(viewer, roomId, new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/children/archive")
    ModelAndView look(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "file", required = false) @Nullable MultipartFile file)
            throws IOException {
        FormErrors errors = new FormErrors();
        if (file == null || file.isEmpty()) {
            errors.add("file", "intake.missing");
            return page(viewer, roomId, errors);
        }
        UUID key = inbox.keep(viewer, file);
        try (ArchiveFile archive = kept(viewer, key)) {
            return page(viewer, roomId, errors)
                    .addObject("preview", intake.preview(viewer.settingId(), archive))
                    .addObject("key", key);
        } catch (ArchiveFile.Refused refused) {
            inbox.forget(viewer, key);
            errors.add("file", refused.code());
            return page(viewer, roomId, errors);
        }
    }

    @PostMapping("/rooms/{roomId}/children/archive/take")
    ModelAndView take(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters)
            throws IOException {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        UUID key = Typed.of(parameters).id("key").orElseGet(UUID::randomUUID);
        FormErrors errors = new FormErrors();
        try (ArchiveFile archive = kept(viewer, key)) {
            ArchiveIntake.Taken taken = intake.take(viewer, room, archive);
            return new ModelAndView("redirect:/children/" + taken.childId() + "/edit?unread=" + taken.unread());
        } catch (ArchiveFile.Refused refused) {
            errors.add("file", refused.code());
            return page(viewer, roomId, errors);
        } finally {
            inbox.forget(viewer, key);
        }
    }

    private ArchiveFile kept(Viewer viewer, UUID key) throws ArchiveFile.Refused {
        return ArchiveFile.open(inbox.get(viewer, key).orElseThrow(() -> new ArchiveFile.Refused("intake.gone")));
    }

    private ModelAndView page(Viewer viewer, UUID roomId, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/archive");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", rooms.get(viewer.settingId(), roomId));
        page.addObject("errors", errors);
        return page;
    }
}
