package app.carder.web.device;

import java.util.Locale;

/** What opens Watch on a device. Its words are {@code device.secret.} and the name. */
enum DeviceSecret {
    /** Six digits: against whoever picks the device up, not against whoever copies its disk. */
    PIN,
    /** Twelve characters or more. */
    PASSPHRASE,
    /** The device's own fingerprint, face or code: a passkey whose key never leaves it (WebAuthn's PRF). */
    PASSKEY;

    /** As the device knows it. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Of its words. */
    public String code() {
        return "device.secret." + name();
    }

    /** Of what it is worth. */
    public String worthCode() {
        return code() + ".worth";
    }
}
