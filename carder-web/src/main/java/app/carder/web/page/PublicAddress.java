package app.carder.web.page;

import java.net.URI;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where people reach this server. Whatever is sent to them begins with it: never with the name that a request happened to call. */
@Component
public class PublicAddress {

    private final URI address;

    /**
     * An address, as {@code https://carder.example}.
     *
     * @throws IllegalArgumentException if it is none, or has more than a scheme, a host and a port
     */
    public PublicAddress(@Value("${carder.address}") String address) {
        this.address = URI.create(address);
        if (this.address.getHost() == null
                || !(isHttps() || "http".equals(this.address.getScheme()))
                || !this.address.getRawPath().isEmpty()) {
            throw new IllegalArgumentException(
                    "carder.address is to be like https://carder.example, without a slash at the end, and not "
                            + address);
        }
    }

    /** A page under it. */
    public String of(String path) {
        return address + path;
    }

    /** Its scheme, host and port, as browsers name them. */
    public String origin() {
        return address.toString();
    }

    /** In small letters. */
    public String host() {
        return address.getHost().toLowerCase(Locale.ROOT);
    }

    /** Whether browsers come by TLS, so that cookies go by nothing else. */
    public final boolean isHttps() {
        return "https".equals(address.getScheme());
    }
}
