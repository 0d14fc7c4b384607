package app.carder.web.account;

import app.carder.web.setting.SettingService;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.DisabledException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationRequestToken;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.stereotype.Component;

/** Signs in by passkey: into the same session as by password and second step. */
@Component
class PasskeyAuthentication implements AuthenticationManager, AuthenticationSuccessHandler {

    private final WebAuthnRelyingPartyOperations relyingParty;
    private final PasskeyHandles handles;
    private final SettingService settings;
    private final SecondStepGate gate;

    PasskeyAuthentication(
            WebAuthnRelyingPartyOperations relyingParty,
            PasskeyHandles handles,
            SettingService settings,
            SecondStepGate gate) {
        this.relyingParty = relyingParty;
        this.handles = handles;
        this.settings = settings;
        this.gate = gate;
    }

    @Override
    public Authentication authenticate(Authentication attempt) {
        Account owner = handles.account(proven((WebAuthnAuthenticationRequestToken) attempt))
                .orElseThrow(() -> new BadCredentialsException("The passkey is nobody's."));
        if (!owner.isOpenOn(settings.today(owner.settingId()))) {
            throw new DisabledException("The account is closed.");
        }
        return AccountAuthentication.signedIn(owner.viewer());
    }

    private Bytes proven(WebAuthnAuthenticationRequestToken attempt) {
        try {
            return relyingParty.authenticate(attempt.getWebAuthnRequest()).getId();
        } catch (RuntimeException wrong) {
            // Whatever is wrong with it: the library throws many kinds, and a stranger learns none of them.
            throw new BadCredentialsException("The passkey does not hold.", wrong);
        }
    }

    @Override
    public void onAuthenticationSuccess(
            HttpServletRequest request, HttpServletResponse response, Authentication signedIn) throws IOException {
        gate.open((Viewer) Objects.requireNonNull(signedIn.getPrincipal()), request, response);
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.getWriter().write("{\"next\": \"/\"}");
    }
}
