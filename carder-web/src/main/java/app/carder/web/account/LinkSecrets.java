package app.carder.web.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/** Makes the secrets of a link: a token that nobody guesses, and codes that a person can type. */
public final class LinkSecrets {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int TOKEN_BYTES = 24;

    /** Characters of a {@link #token}. */
    static final int TOKEN_LENGTH = TOKEN_BYTES * 4 / 3;

    private static final int CODES = 1_000_000;

    /** Without letters and digits that look alike. */
    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";

    private static final int GROUPS = 4;
    private static final int LETTERS_OF_A_GROUP = 4;

    private LinkSecrets() {}

    /** 192 random bits, safe in an address. */
    public static String token() {
        byte[] bytes = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Six digits. */
    public static String code() {
        return "%06d".formatted(RANDOM.nextInt(CODES));
    }

    /** 80 random bits to type: four groups of four letters and digits. */
    static String longCode() {
        StringBuilder code = new StringBuilder();
        for (int group = 0; group < GROUPS; group++) {
            code.append(group == 0 ? "" : "-");
            for (int i = 0; i < LETTERS_OF_A_GROUP; i++) {
                code.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
            }
        }
        return code.toString();
    }

    /** Of a {@link #longCode} as somebody typed it: in small letters, without the hyphens, with blanks. */
    static String hashOfTyped(String longCode) {
        return hash(longCode.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", ""));
    }

    /** SHA-256 of a token: it is random enough to need no salt. */
    public static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", missing);
        }
    }
}
