package app.carder.web.device;

import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PublicKey;
import java.security.interfaces.ECPublicKey;
import java.security.spec.ECGenParameterSpec;
import java.security.spec.ECPoint;
import java.security.spec.ECPublicKeySpec;
import java.util.Arrays;
import java.util.Base64;
import javax.crypto.Cipher;
import javax.crypto.KeyAgreement;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;

/** Seals as a device does. */
final class Seals {

    private Seals() {}

    static Sealed seal(SealKeys.Handed server, String id, byte[] bytes) {
        try {
            KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
            generator.initialize(new ECGenParameterSpec(SealCipher.CURVE));
            KeyPair own = generator.generateKeyPair();
            byte[] point = SealCipher.point(own.getPublic());
            KeyAgreement agreement = KeyAgreement.getInstance("ECDH");
            agreement.init(own.getPrivate());
            agreement.doPhase(
                    publicKey(Base64.getUrlDecoder().decode(server.point()), (ECPublicKey) own.getPublic()), true);
            byte[] key = SealCipher.derive(
                    agreement.generateSecret(), point, "carder sealed record".getBytes(StandardCharsets.UTF_8));
            byte[] iv = Arrays.copyOf(id.getBytes(StandardCharsets.UTF_8), 12);
            Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
            cipher.init(Cipher.ENCRYPT_MODE, new SecretKeySpec(key, "AES"), new GCMParameterSpec(128, iv));
            cipher.updateAAD(id.getBytes(StandardCharsets.UTF_8));
            return new Sealed(server.name(), letters(point), letters(iv), letters(cipher.doFinal(bytes)));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException(missing);
        }
    }

    private static String letters(byte[] bytes) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    private static PublicKey publicKey(byte[] point, ECPublicKey sameCurve) throws GeneralSecurityException {
        return KeyFactory.getInstance("EC")
                .generatePublic(new ECPublicKeySpec(
                        new ECPoint(
                                new BigInteger(1, Arrays.copyOfRange(point, 1, 33)),
                                new BigInteger(1, Arrays.copyOfRange(point, 33, 65))),
                        sameCurve.getParams()));
    }
}
