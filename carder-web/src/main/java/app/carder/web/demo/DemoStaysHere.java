package app.carder.web.demo;

import app.carder.web.account.AccountService;
import app.carder.web.page.PublicAddress;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The demo's passwords are in the manual: where somebody else could reach it, the application does not start. */
@Component
class DemoStaysHere {

    private static final List<String> ACCOUNTS =
            List.of("imelda", "tobias", "precious", "marguerite", "hamish", "sunniva", "ravi", "bronagh", "teodor");

    private final boolean wanted;
    private final @Nullable InetAddress listensOn;
    private final PublicAddress publicAddress;
    private final AccountService accounts;

    DemoStaysHere(
            @Value("${carder.demo}") boolean wanted,
            @Value("${server.address:#{null}}") @Nullable InetAddress listensOn,
            PublicAddress publicAddress,
            AccountService accounts) {
        this.wanted = wanted;
        this.listensOn = listensOn;
        this.publicAddress = publicAddress;
        this.accounts = accounts;
    }

    /** Before anybody can sign in, and before any demo data is made. */
    @EventListener(ApplicationStartedEvent.class)
    @Order(0)
    void refuseToBeReached() {
        if (isOnlyHere() || !wanted && !accounts.anyStillHas(ACCOUNTS, DemoData.PASSWORD)) {
            return;
        }
        throw new IllegalStateException(
                "The demo accounts have passwords that everybody knows, and this server can be reached from elsewhere (it listens on %s, and is"
                                .formatted(listensOn == null ? "every address" : listensOn.getHostAddress())
                        + " called %s). Start without carder.demo on an empty database, or only on 127.0.0.1."
                                .formatted(publicAddress.origin()));
    }

    private boolean isOnlyHere() {
        return listensOn != null && listensOn.isLoopbackAddress() && isLoopback(publicAddress.host());
    }

    private static boolean isLoopback(String host) {
        try {
            return host != null && InetAddress.getByName(host).isLoopbackAddress();
        } catch (UnknownHostException elsewhere) {
            return false;
        }
    }
}
