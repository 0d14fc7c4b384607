package app.carder.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.logout.LogoutHandler;
import org.springframework.stereotype.Component;

/** Writes down that somebody signed out. */
@Component
class SessionEnding implements LogoutHandler {

    private final AccountRepository accounts;
    private final SecurityLog log;

    SessionEnding(AccountRepository accounts, SecurityLog log) {
        this.accounts = accounts;
        this.log = log;
    }

    @Override
    public void logout(
            HttpServletRequest request, HttpServletResponse response, @Nullable Authentication authentication) {
        if (authentication != null && authentication.getPrincipal() instanceof Viewer viewer) {
            accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                    .ifPresent(account -> log.of(account, SecurityEvent.SIGNED_OUT, SignInFrom.of(request)));
        }
    }
}
