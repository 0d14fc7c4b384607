package app.carder.web.account;

import app.carder.web.page.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** One's own passkeys. Making one, and signing in with it, are Spring Security's filters. */
@Controller
@AllowedTo(Audience.SIGNED_IN)
class PasskeyController {

    private final UserCredentialRepository passkeys;
    private final OwnPasswordService own;

    PasskeyController(UserCredentialRepository passkeys, OwnPasswordService own) {
        this.passkeys = passkeys;
        this.own = own;
    }

    @PostMapping("/account/passkeys/{passkey}/remove")
    String remove(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("passkey") String passkey,
            HttpServletRequest request) {
        Bytes id = passkeys.findByUserId(PasskeyHandles.handle(viewer.personId())).stream()
                .filter(one -> one.getCredentialId().toBase64UrlString().equals(passkey))
                .findFirst()
                .orElseThrow(NotFound::new)
                .getCredentialId();
        passkeys.delete(id);
        own.passkeyRemoved(viewer, SignInFrom.of(request));
        return "redirect:/account?removed";
    }
}
