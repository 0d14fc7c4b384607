package app.carder.web.device;

import app.carder.web.account.KeyFolder;
import app.carder.web.page.Required;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.spec.ECGenParameterSpec;
import java.security.spec.PKCS8EncodedKeySpec;
import java.security.spec.X509EncodedKeySpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** The server's keys that devices seal to. The newest is handed out; older ones still open what lay on a device for long. */
@Component
class SealKeys {

    /** A device may lie in a drawer over a long leave; after a year its records are given up. */
    static final Duration KEPT = Duration.ofDays(365);

    private static final Logger LOG = LoggerFactory.getLogger(SealKeys.class);
    private static final String SUFFIX = ".key";

    private final KeyFolder folder;
    private final Duration lasts;
    private final Clock clock;
    private final Map<String, KeyPair> byName = new ConcurrentHashMap<>();

    SealKeys(KeyFolder folder, DeviceProperties properties, Clock clock) {
        this.folder = folder;
        this.lasts = properties.keyLasts();
        this.clock = clock;
        read();
    }

    /**
     * What a device needs to seal.
     *
     * @param name of the key
     * @param point the public key, 65 bytes in base64url
     */
    record Handed(String name, String point) {}

    /** The newest key, made where there is none or it is too old. */
    synchronized Handed current() {
        String newest = newest().filter(this::isFresh).orElseGet(this::make);
        return new Handed(
                newest,
                Base64.getUrlEncoder()
                        .withoutPadding()
                        .encodeToString(
                                SealCipher.point(Required.from(byName, newest).getPublic())));
    }

    /**
     * Opens what a device has sealed.
     *
     * @param id that it was sealed with
     * @param bytes encrypted, the tag at the end
     * @throws SealBroken if the key is not known (any more), or it was changed on its way
     */
    byte[] open(Sealed sealed, String id, byte[] bytes) throws SealBroken {
        KeyPair pair = byName.get(sealed.key());
        if (pair == null) {
            throw new SealBroken("There is no such key any more.");
        }
        try {
            return SealCipher.open(pair.getPrivate(), sealed, id, bytes);
        } catch (GeneralSecurityException | IllegalArgumentException changed) {
            throw new SealBroken("It does not open.", changed);
        }
    }

    private Optional<String> newest() {
        return byName.keySet().stream().max(Comparator.naturalOrder());
    }

    private boolean isFresh(String name) {
        return madeAt(name).plus(lasts).isAfter(clock.instant());
    }

    /** Names grow with time: seconds since 1970. */
    private static Instant madeAt(String name) {
        return Instant.ofEpochSecond(Long.parseLong(name));
    }

    private String make() {
        try {
            KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
            generator.initialize(new ECGenParameterSpec(SealCipher.CURVE));
            KeyPair pair = generator.generateKeyPair();
            String name = "%012d".formatted(clock.instant().getEpochSecond());
            write(name, pair);
            byName.put(name, pair);
            return name;
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("Impossible state: every Java has " + SealCipher.CURVE + ".", missing);
        }
    }

    /** The public key goes in front: it cannot be had from the private one. */
    private void write(String name, KeyPair pair) {
        Base64.Encoder base64 = Base64.getEncoder();
        folder.write(
                name + SUFFIX,
                base64.encodeToString(pair.getPublic().getEncoded()) + "\n"
                        + base64.encodeToString(pair.getPrivate().getEncoded()) + "\n");
    }

    private void read() {
        for (String file : folder.names(SUFFIX)) {
            folder.read(file)
                    .ifPresent(text -> byName.put(
                            file.replace(SUFFIX, ""), pair(text.lines().toArray(String[]::new))));
        }
    }

    private static KeyPair pair(String[] lines) {
        try {
            KeyFactory factory = KeyFactory.getInstance("EC");
            Base64.Decoder base64 = Base64.getDecoder();
            PublicKey open = factory.generatePublic(new X509EncodedKeySpec(base64.decode(lines[0])));
            PrivateKey own = factory.generatePrivate(new PKCS8EncodedKeySpec(base64.decode(lines[1])));
            return new KeyPair(open, own);
        } catch (GeneralSecurityException | IllegalArgumentException unreadable) {
            throw new IllegalStateException(
                    "A key cannot be read; without it what devices have sealed is lost.", unreadable);
        }
    }

    /** Keys that are too old are thrown away, and with them what was sealed to them, wherever it lies. */
    @Scheduled(fixedDelayString = "P1D", initialDelayString = "PT10M")
    void throwAwayOldOnes() {
        Instant oldest = clock.instant().minus(lasts).minus(KEPT);
        for (String name : List.copyOf(byName.keySet())) {
            if (madeAt(name).isBefore(oldest)) {
                folder.delete(name + SUFFIX);
                byName.remove(name);
                LOG.info("The key {} was too old and is gone", name);
            }
        }
    }
}
