package app.carder.web.family;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.journal.JournalFiles;
import app.carder.web.journal.JournalFormat;
import app.carder.web.journal.JournalPages;
import app.carder.web.journal.JournalSheet;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.setting.Ids;
import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

/** What carers see. */
@Controller
@AllowedTo(Audience.CARERS)
class FamilyController {

    private static final int LONGEST_REPLY = 2000;

    private final FamilyService family;
    private final HomeDates dates;
    private final FamilyArchive archive;
    private final JournalFiles files;
    private final PhotoService photos;

    FamilyController(
            FamilyService family, HomeDates dates, FamilyArchive archive, JournalFiles files, PhotoService photos) {
        this.family = family;
        this.dates = dates;
        this.archive = archive;
        this.files = files;
        this.photos = photos;
    }

    @GetMapping("/family")
    String list(@AuthenticationPrincipal Viewer viewer, Model model) {
        model.addAttribute("journals", family.readable(viewer));
        model.addAttribute("closing", dates.closing(viewer));
        model.addAttribute("ahead", dates.ahead(viewer));
        model.addAttribute("weeks", dates.thisWeek(viewer));
        model.addAttribute("browsers", family.browsersOf(viewer));
        model.addAttribute("own", viewer.browser().orElse(null));
        return "family/journals";
    }

    /** Everything about one child that may be read, to keep. */
    @GetMapping("/family/children/{homeChildId}/archive")
    ResponseEntity<byte[]> archive(@AuthenticationPrincipal Viewer viewer, @PathVariable("homeChildId") UUID childId) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("learning-journals.zip")
                                .build()
                                .toString())
                .body(archive.of(viewer, childId));
    }

    /** Ends a browser at home: another one, lost or lent, or this one for good. */
    @PostMapping("/family/browsers/{browserId}/end")
    String end(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("browserId") UUID browserId,
            HttpServletRequest request) {
        family.endBrowser(viewer, browserId);
        if (viewer.browser().filter(browserId::equals).isEmpty()) {
            return "redirect:/family";
        }
        request.getSession().invalidate();
        return "redirect:/home";
    }

    @GetMapping("/family/journals/{journalId}")
    ModelAndView read(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        return page(viewer, journalId, Typed.nothing().with("id", Ids.next()), new FormErrors());
    }

    @PostMapping("/family/journals/{journalId}/replies")
    ModelAndView reply(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        String words = typed.passage("words", LONGEST_REPLY, errors);
        if (words.isEmpty()) {
            errors.add("words", "reply.words.missing");
        }
        if (errors.any()) {
            return page(viewer, journalId, typed, errors);
        }
        try {
            family.reply(viewer, id, journalId, words);
        } catch (DataIntegrityViolationException sameIdAtTheSameMoment) {
            return page(viewer, journalId, Typed.nothing().with("id", Ids.next()), errors);
        }
        return new ModelAndView("redirect:/family/journals/" + journalId + "?sent#reply");
    }

    @GetMapping("/family/journals/{journalId}/photos/{photoId}")
    ResponseEntity<byte[]> picture(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @PathVariable("photoId") UUID photoId) {
        if (!family.read(viewer, journalId).shows(photoId)) {
            throw new NotFound();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(photos.picture(viewer.settingId(), photoId, Size.LARGE));
    }

    @GetMapping("/family/journals/{journalId}/pdf")
    ResponseEntity<byte[]> print(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        return files.download(viewer.settingId(), family.read(viewer, journalId), JournalFormat.PDF);
    }

    @GetMapping("/family/journals/{journalId}/file")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam(name = "as", defaultValue = "PDF") JournalFormat format) {
        return files.download(viewer.settingId(), family.read(viewer, journalId), format);
    }

    private ModelAndView page(Viewer viewer, UUID journalId, Typed typed, FormErrors errors) {
        JournalSheet sheet = family.read(viewer, journalId);
        ModelAndView page = new ModelAndView("family/journal");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("sheet", sheet);
        page.addObject(
                "pages",
                JournalPages.onScreen(
                        sheet, photo -> "/family/journals/" + journalId + "/photos/" + photo + "?size=large"));
        page.addObject("formats", JournalFormat.values());
        page.addObject("own", viewer.browser().isPresent());
        page.addObject("replies", family.ownReplies(viewer, sheet));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
