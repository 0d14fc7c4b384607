package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.web.account.KeyFolder;
import app.carder.web.kit.SettableClock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SealKeysTest {

    private static final Duration MONTH = Duration.ofDays(30);

    @TempDir
    private Path folder;

    private final SettableClock clock = new SettableClock();
    private SealKeys keys;

    @BeforeEach
    void begin() {
        keys = begun();
    }

    private SealKeys begun() {
        return new SealKeys(new KeyFolder(folder.resolve("keys")), new DeviceProperties(MONTH, folder), clock);
    }

    private static byte[] opened(SealKeys keys, Sealed sealed, String id) throws SealBroken {
        return keys.open(sealed, id, sealed.dataBytes());
    }

    /** RFC 5869, appendix A.1, its first 32 bytes. */
    @Test
    void derivesKeysAsTheStandardSays() throws Exception {
        HexFormat hex = HexFormat.of();
        byte[] secret = new byte[22];
        Arrays.fill(secret, (byte) 0x0b);

        assertThat(SealCipher.derive(
                        secret, hex.parseHex("000102030405060708090a0b0c"), hex.parseHex("f0f1f2f3f4f5f6f7f8f9")))
                .asHexString()
                .isEqualToIgnoringCase("3cb25f25faacd57a90434f64d0362f2a2d2d0a90cf1a5a4c5db02d56ecc4c5bf");
    }

    @Test
    void opensWhatWasSealedAlsoAfterARestartAndAfterItsKeyWasReplaced() throws Exception {
        SealKeys.Handed first = keys.current();
        Sealed sealed = Seals.seal(first, "a record's own id", "Kofi".getBytes(StandardCharsets.UTF_8));
        clock.advance(MONTH.plusDays(1));

        SealKeys again = begun();

        assertThat(again.current().name()).isNotEqualTo(first.name());
        again.throwAwayOldOnes();
        assertThat(opened(again, sealed, "a record's own id")).asString().isEqualTo("Kofi");
        clock.advance(SealKeys.KEPT);
        again.throwAwayOldOnes();
        assertThatThrownBy(() -> opened(again, sealed, "a record's own id")).isInstanceOf(SealBroken.class);
        assertThat(folder.resolve("keys").resolve(first.name() + ".key")).doesNotExist();
    }

    @Test
    void opensNothingThatWasChangedOrBelongsToAnotherRecord() {
        Sealed sealed = Seals.seal(keys.current(), "a record's own id", new byte[40]);
        byte[] changed = sealed.dataBytes();
        changed[3] ^= 1;

        assertThatThrownBy(() -> keys.open(sealed, "a record's own id", changed))
                .isInstanceOf(SealBroken.class);
        assertThatThrownBy(() -> opened(keys, sealed, "another record's id")).isInstanceOf(SealBroken.class);
        for (Sealed odd : new Sealed[] {
            new Sealed("nobody's", sealed.point(), sealed.iv(), sealed.data()),
            new Sealed("../../etc/passwd", sealed.point(), sealed.iv(), sealed.data()),
            new Sealed(sealed.key(), "", sealed.iv(), sealed.data()),
            new Sealed(sealed.key(), "?", sealed.iv(), sealed.data()),
            new Sealed(sealed.key(), sealed.point(), "", sealed.data()),
            new Sealed(sealed.key(), sealed.point(), sealed.iv(), "")
        }) {
            assertThatThrownBy(() -> opened(keys, odd, "a record's own id")).isInstanceOf(SealBroken.class);
        }
    }

    /** Points off the curve are how a private key is learned bit by bit. */
    @Test
    void refusesAPointThatIsNotOnTheCurve() {
        Sealed sealed = Seals.seal(keys.current(), "a record's own id", new byte[4]);
        byte[] point = sealed.pointBytes();
        point[64] ^= 1;
        String off = Base64.getUrlEncoder().withoutPadding().encodeToString(point);

        assertThatThrownBy(() ->
                        opened(keys, new Sealed(sealed.key(), off, sealed.iv(), sealed.data()), "a record's own id"))
                .isInstanceOf(SealBroken.class)
                .hasRootCauseMessage("Not on the curve.");
    }

    @Test
    void keepsItsKeysFromOtherUsersOfTheMachine() throws Exception {
        Path file = folder.resolve("keys").resolve(keys.current().name() + ".key");

        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
    }
}
