package app.carder.web.device;

import java.util.Base64;
import java.util.Objects;

/**
 * What a device wrote so that only the server can read it: ephemeral-static ECDH on P-256, HKDF with SHA-256, AES-GCM with 256 bits (NIST SP
 * 800-56A and 800-38D). All of it in base64url.
 *
 * @param key name of the server's key
 * @param point the public key that was made for this one record: 65 bytes, uncompressed
 * @param iv 12 bytes
 * @param data encrypted, its tag at the end; empty where the bytes travel apart
 */
record Sealed(String key, String point, String iv, String data) {

    /** Makes sure that all is there. */
    Sealed {
        Objects.requireNonNull(key);
        Objects.requireNonNull(point);
        Objects.requireNonNull(iv);
        Objects.requireNonNull(data);
    }

    byte[] pointBytes() {
        return bytes(point);
    }

    byte[] ivBytes() {
        return bytes(iv);
    }

    byte[] dataBytes() {
        return bytes(data);
    }

    private static byte[] bytes(String text) {
        return Base64.getUrlDecoder().decode(text);
    }
}
