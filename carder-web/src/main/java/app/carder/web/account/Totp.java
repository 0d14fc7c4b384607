package app.carder.web.account;

import java.nio.ByteBuffer;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** Time-based one-time passwords (RFC 6238), as every authenticator app makes them: SHA-1, six digits, a new one every 30 seconds. */
final class Totp {

    static final Duration STEP = Duration.ofSeconds(30);
    static final int DIGITS = 6;

    private static final int SECRET_BYTES = 20;
    private static final int SIGN = 0x7fffffff;
    private static final int LOW_BITS = 0xf;

    /** Steps before and after now: the clocks of phones differ. */
    private static final int WINDOW = 1;

    private static final String BASE32 = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
    private static final int BITS_OF_A_LETTER = 5;

    private Totp() {}

    /** A new secret: 160 random bits, the length of the hash (RFC 4226, section 4). */
    static byte[] secret() {
        byte[] secret = new byte[SECRET_BYTES];
        new SecureRandom().nextBytes(secret);
        return secret;
    }

    /** The number of a step of time. */
    static long step(Instant at) {
        return Math.floorDiv(at.getEpochSecond(), STEP.toSeconds());
    }

    /** The code of a step. */
    static String code(byte[] secret, long step, int digits) {
        try {
            Mac mac = Mac.getInstance("HmacSHA1");
            mac.init(new SecretKeySpec(secret, "HmacSHA1"));
            byte[] hash =
                    mac.doFinal(ByteBuffer.allocate(Long.BYTES).putLong(step).array());
            int at = hash[hash.length - 1] & LOW_BITS;
            int number = ByteBuffer.wrap(hash, at, Integer.BYTES).getInt() & SIGN;
            return ("%0" + digits + "d").formatted(number % (int) Math.pow(10, digits));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("Impossible state: every Java has HmacSHA1.", missing);
        }
    }

    /** The step whose code was typed, of those about now that come after the last one that counted: a code counts once. */
    static OptionalLong accepted(byte[] secret, String typed, Instant now, long last) {
        long present = step(now);
        return LongStream.rangeClosed(present - WINDOW, present + WINDOW)
                .filter(step -> step > last && code(secret, step, DIGITS).equals(typed))
                .findFirst();
    }

    /** A secret as people and apps read it (RFC 4648, without padding; 20 bytes need none). */
    static String base32(byte[] secret) {
        StringBuilder letters = new StringBuilder();
        for (int bit = 0; bit < secret.length * Byte.SIZE; bit += BITS_OF_A_LETTER) {
            int value = 0;
            for (int i = bit; i < bit + BITS_OF_A_LETTER; i++) {
                value = value << 1
                        | (i < secret.length * Byte.SIZE ? secret[i / Byte.SIZE] >> (7 - i % Byte.SIZE) & 1 : 0);
            }
            letters.append(BASE32.charAt(value));
        }
        return letters.toString();
    }
}
