package app.carder.web.account;

import app.carder.web.page.PublicAddress;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** Under which names this server answers: its public address, and this machine. */
@Component
class HostNames {

    private final Set<String> ours = new TreeSet<>(Set.of("localhost", "127.0.0.1", "[::1]", "::1"));

    HostNames(PublicAddress address) {
        ours.add(address.host());
    }

    boolean isOurs(String host) {
        return ours.contains(host.toLowerCase(Locale.ROOT));
    }
}
