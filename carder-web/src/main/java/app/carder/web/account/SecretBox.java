package app.carder.web.account;

import java.security.SecureRandom;
import java.util.Base64;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor.CipherAlgorithm;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/** Encrypts what lies in the database and must be had back: AES-GCM with 256 bits, under a key that lies in a file. */
@Component
public class SecretBox {

    private static final String FILE = "database-secrets";
    private static final int KEY_BYTES = 32;
    private static final int IV_BYTES = 16;

    private final KeyFolder keys;
    private @Nullable AesBytesEncryptor made;

    SecretBox(KeyFolder keys) {
        this.keys = keys;
    }

    /** Encrypts. */
    public byte[] close(byte[] open) {
        return encryptor().encrypt(open);
    }

    /** What {@link #close} made, as it was. */
    public byte[] open(byte[] closed) {
        return encryptor().decrypt(closed);
    }

    /** With the key of the folder, which is made once it is needed. */
    private synchronized AesBytesEncryptor encryptor() {
        if (made == null) {
            String key = keys.read(FILE).orElseGet(this::makeKey);
            made = new AesBytesEncryptor(
                    new SecretKeySpec(Base64.getDecoder().decode(key.strip()), "AES"),
                    KeyGenerators.secureRandom(IV_BYTES),
                    CipherAlgorithm.GCM);
        }
        return made;
    }

    private String makeKey() {
        byte[] key = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(key);
        String text = Base64.getEncoder().encodeToString(key);
        keys.write(FILE, text);
        return text;
    }
}
