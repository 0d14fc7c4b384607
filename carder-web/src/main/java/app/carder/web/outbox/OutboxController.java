package app.carder.web.outbox;

import app.carder.core.said.Said;
import app.carder.core.sending.QuietHours;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.MailAddress;
import app.carder.web.page.Typed;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The outbox, and how mail goes out from it. */
@Controller
@AllowedTo(Audience.LEADS)
class OutboxController {

    private final OutboxService outbox;
    private final MailServer server;
    private final ReturnedMail.Mailbox mailbox;
    private final SettingService settings;
    private final Clock clock;

    OutboxController(
            OutboxService outbox,
            MailServer server,
            ReturnedMail.Mailbox mailbox,
            SettingService settings,
            Clock clock) {
        this.outbox = outbox;
        this.server = server;
        this.mailbox = mailbox;
        this.settings = settings;
        this.clock = clock;
    }

    @GetMapping("/outbox")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        model.addAttribute("messages", outbox.page(viewer, page));
        model.addAttribute("isSet", server.isSet());
        model.addAttribute("isShipped", server.isShipped());
        model.addAttribute("isManager", viewer.role() == Role.MANAGER);
        return "outbox/outbox";
    }

    /** Sends a message anew that reached nobody. */
    @PostMapping("/outbox/{messageId}/again")
    String again(@AuthenticationPrincipal Viewer viewer, @PathVariable("messageId") UUID messageId) {
        outbox.askAnew(viewer.settingId(), messageId);
        return "redirect:/outbox";
    }

    @GetMapping("/settings/mail")
    @AllowedTo(Audience.MANAGERS)
    ModelAndView mail(@AuthenticationPrincipal Viewer viewer) {
        return mail(viewer, hours(viewer), new FormErrors(), null);
    }

    /** When mail rests. */
    @PostMapping("/settings/mail")
    @AllowedTo(Audience.MANAGERS)
    ModelAndView rest(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<QuietHours> quiet = Optional.empty();
        if (typed.ticked("rests")) {
            Optional<LocalTime> from = typed.time("from", errors);
            Optional<LocalTime> until = typed.time("until", errors);
            if (!errors.any() && from.equals(until)) {
                errors.add("until", "outbox.mail.same");
            }
            quiet = errors.any() ? Optional.empty() : from.flatMap(a -> until.map(b -> new QuietHours(a, b)));
        }
        if (errors.any()) {
            return mail(viewer, typed, errors, null);
        }
        outbox.rest(viewer.settingId(), quiet);
        return new ModelAndView("redirect:/settings/mail?saved");
    }

    /** Sends one mail at once, and tells what the server answered. */
    @PostMapping("/settings/mail/test")
    @AllowedTo(Audience.MANAGERS)
    ModelAndView test(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String to = typed.optional("to", MailAddress.LONGEST, errors);
        if (!MailAddress.isPossible(to)) {
            errors.add("to", "outbox.mail.address");
        }
        Typed whole = hours(viewer).with("to", to);
        if (errors.any() || !server.isSet()) {
            return mail(viewer, whole, errors, null);
        }
        String setting = settings.get(viewer.settingId()).name();
        MailServer.Answer answer = server.send(
                Ids.next(),
                setting,
                new Mail(
                        viewer.name(),
                        to,
                        Said.say("outbox.mail.test-subject"),
                        Said.say("outbox.mail.test-body", setting)),
                clock.instant());
        return mail(viewer, whole, errors, answer);
    }

    private Typed hours(Viewer viewer) {
        Optional<QuietHours> quiet = outbox.quiet(viewer.settingId());
        return Typed.nothing()
                .with("rests", quiet.isPresent() ? "yes" : "")
                .with("from", quiet.map(QuietHours::from).orElse(QuietHours.USUAL.from()))
                .with("until", quiet.map(QuietHours::until).orElse(QuietHours.USUAL.until()));
    }

    private ModelAndView mail(Viewer viewer, Typed typed, FormErrors errors, MailServer.@Nullable Answer answer) {
        ModelAndView page = new ModelAndView("outbox/mail");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        page.addObject("isSet", server.isSet());
        page.addObject("isShipped", server.isShipped());
        page.addObject("host", server.properties().host());
        page.addObject("port", String.valueOf(server.properties().port()));
        page.addObject("security", server.properties().security().name());
        page.addObject("from", server.properties().from());
        page.addObject("isRead", mailbox.isSet());
        page.addObject("outcome", answer == null ? "" : answer.outcome().name());
        page.addObject(
                "answer",
                answer == null
                        ? ""
                        : Said.say("outbox.mail.outcome." + answer.outcome().name(), answer.words()));
        return page;
    }
}
