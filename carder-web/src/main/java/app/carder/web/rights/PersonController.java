package app.carder.web.rights;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.audit.AccessLog;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What is kept about somebody of staff, or a carer, for whoever asks; and its erasure. */
@Controller
@AllowedTo(Audience.MANAGERS)
class PersonController {

    private final PersonService people;
    private final ChildService children;

    PersonController(PersonService people, ChildService children) {
        this.people = people;
        this.children = children;
    }

    @GetMapping("/staff/{accountId}/data.json")
    ResponseEntity<byte[]> ofStaff(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        return file(people.ofStaff(viewer.settingId(), accountId));
    }

    @GetMapping("/carers/{carerId}/data.json")
    ResponseEntity<byte[]> ofCarer(@AuthenticationPrincipal Viewer viewer, @PathVariable("carerId") UUID carerId) {
        return file(people.ofCarer(viewer.settingId(), carerId));
    }

    private static ResponseEntity<byte[]> file(byte[] json) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("data.json")
                                .build()
                                .toString())
                .body(json);
    }

    @GetMapping("/staff/{accountId}/erase")
    ModelAndView lookAtStaff(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        return staffPage(viewer, accountId, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/staff/{accountId}/erase")
    ModelAndView eraseStaff(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("accountId") UUID accountId,
            @RequestParam MultiValueMap<String, String> parameters,
            HttpServletRequest request) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String reason = typed.reason(errors);
        if (!people.canBeErased(viewer.settingId(), accountId)) {
            errors.add("reason", "person.not-closed");
        }
        if (errors.any()) {
            return staffPage(viewer, accountId, typed, errors);
        }
        return gone(request, people.eraseStaff(viewer, accountId, reason));
    }

    private ModelAndView staffPage(Viewer viewer, UUID accountId, Typed typed, FormErrors errors) {
        return page(typed, errors)
                .addObject("isClosed", people.canBeErased(viewer.settingId(), accountId))
                .addObject("name", people.nameOfStaff(viewer.settingId(), accountId))
                .addObject("means", "person.staff.means")
                .addObject("path", "/staff/" + accountId);
    }

    @GetMapping("/carers/{carerId}/erase")
    ModelAndView lookAtCarer(@AuthenticationPrincipal Viewer viewer, @PathVariable("carerId") UUID carerId) {
        return carerPage(viewer, carerId, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/carers/{carerId}/erase")
    ModelAndView eraseCarer(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("carerId") UUID carerId,
            @RequestParam MultiValueMap<String, String> parameters,
            HttpServletRequest request) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String reason = typed.reason(errors);
        if (errors.any()) {
            return carerPage(viewer, carerId, typed, errors);
        }
        return gone(request, people.eraseCarer(viewer, carerId, reason));
    }

    private ModelAndView carerPage(Viewer viewer, UUID carerId, Typed typed, FormErrors errors) {
        ChildView child = children.get(
                viewer.settingId(), children.carer(viewer.settingId(), carerId).childId());
        return page(typed, errors)
                .addObject("isClosed", true)
                .addObject("name", children.carer(viewer.settingId(), carerId).name())
                .addObject("of", child.name())
                .addObject("means", "person.carer.means")
                .addObject("path", "/carers/" + carerId);
    }

    private static ModelAndView gone(HttpServletRequest request, UUID proof) {
        request.setAttribute(AccessLog.GONE, true);
        return new ModelAndView("redirect:/erasures/" + proof + "?done");
    }

    private static ModelAndView page(Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("erasure/person");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
