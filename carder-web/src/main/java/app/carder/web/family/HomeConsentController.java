package app.carder.web.family;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.ConsentSaid;
import app.carder.web.children.ConsentService;
import app.carder.web.children.ConsentWay;
import app.carder.web.children.PhotoUse;
import app.carder.web.page.Required;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Where carers say what photos of their child may be used for, and take it back. */
@Controller
@AllowedTo(Audience.CARERS)
class HomeConsentController {

    private final FamilyService family;
    private final ChildService children;
    private final ConsentService consents;
    private final SettingService settings;

    HomeConsentController(
            FamilyService family, ChildService children, ConsentService consents, SettingService settings) {
        this.family = family;
        this.children = children;
        this.consents = consents;
        this.settings = settings;
    }

    /**
     * A child and what its family said.
     *
     * @param mayAnswer whether whoever reads has a say about it
     */
    record OfChild(ChildView child, List<ConsentService.OfUse> uses, boolean mayAnswer) {}

    @GetMapping("/family/consents")
    String list(@AuthenticationPrincipal Viewer viewer, Model model) {
        List<UUID> ids = family.childrenOf(viewer);
        Map<UUID, ChildView> byId = children.byId(viewer.settingId(), ids);
        Map<UUID, List<ConsentService.OfUse>> said = consents.of(viewer.settingId(), ids);
        List<OfChild> all = ids.stream()
                .filter(byId::containsKey)
                .map(id ->
                        new OfChild(Required.from(byId, id), said.getOrDefault(id, List.of()), mayAnswer(viewer, id)))
                .toList();
        model.addAttribute("children", all);
        // Until somebody who speaks the language has checked these words, the English stands beside them.
        model.addAttribute(
                "inEnglish", Catalogue.spoken().isToBeDoubted() ? Catalogue.ENGLISH.say("consent.home-intro") : null);
        model.addAttribute("mayAnswer", all.stream().anyMatch(OfChild::mayAnswer));
        return "family/consents";
    }

    /** An answer to one question; it holds at the next opening of whatever the photo is in. */
    @PostMapping("/family/consents")
    String say(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        Optional<UUID> asked = typed.id("child");
        Optional<PhotoUse> use = Arrays.stream(PhotoUse.values())
                .filter(one -> one.name().equals(typed.text("use")))
                .findFirst();
        boolean given = typed.has("answer", "yes");
        if (asked.isEmpty() || use.isEmpty() || !given && !typed.has("answer", "no")) {
            // No form of ours sends that; what it wants to say is not guessed.
            return "redirect:/family/consents";
        }
        UUID child = asked.get();
        FamilyService.Speaker speaker = family.speaker(viewer, child);
        if (!mayAnswer(viewer, child)) {
            throw new AccessDeniedException("Without parental responsibility.");
        }
        consents.say(
                viewer.settingId(),
                child,
                new ConsentSaid(
                        use.get(),
                        given,
                        speaker.name(),
                        Optional.of(speaker.carerId()),
                        ConsentWay.AT_HOME,
                        settings.today(viewer.settingId())),
                "");
        return "redirect:/family/consents?saved";
    }

    private boolean mayAnswer(Viewer viewer, UUID childId) {
        return children.carer(
                        viewer.settingId(), family.speaker(viewer, childId).carerId())
                .bond()
                .mayConsent();
    }
}
