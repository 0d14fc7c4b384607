package app.carder.web.account;

import java.security.SecureRandom;
import java.util.Base64;
import javax.crypto.spec.SecretKeySpec;
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

    private final AesBytesEncryptor encryptor;

    SecretBox(KeyFolder keys) {
        String key = keys.read(FILE).orElseGet(() -> make(keys));
        encryptor = new AesBytesEncryptor(
                new SecretKeySpec(Base64.getDecoder().decode(key.strip()), "AES"),
                KeyGenerators.secureRandom(IV_BYTES),
                CipherAlgorithm.GCM);
    }

    /** Encrypts. */
    public byte[] close(byte[] open) {
        return encryptor.encrypt(open);
    }

    /** What {@link #close} made, as it was. */
    public byte[] open(byte[] closed) {
        return encryptor.decrypt(closed);
    }

    private static String make(KeyFolder keys) {
        byte[] key = new byte[KEY_BYTES];
        new SecureRandom().nextBytes(key);
        String text = Base64.getEncoder().encodeToString(key);
        keys.write(FILE, text);
        return text;
    }
}
