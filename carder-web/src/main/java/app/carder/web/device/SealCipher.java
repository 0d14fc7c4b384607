package app.carder.web.device;

import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.security.AlgorithmParameters;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.interfaces.ECPublicKey;
import java.security.spec.ECFieldFp;
import java.security.spec.ECGenParameterSpec;
import java.security.spec.ECParameterSpec;
import java.security.spec.ECPoint;
import java.security.spec.ECPublicKeySpec;
import java.util.Arrays;
import javax.crypto.Cipher;
import javax.crypto.KeyAgreement;
import javax.crypto.Mac;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;

/** How a device seals: see {@link Sealed}. */
final class SealCipher {

    static final String CURVE = "secp256r1";

    private static final int COORDINATE = 32;
    private static final byte UNCOMPRESSED = 4;
    private static final int TAG_BITS = 128;
    private static final byte[] PURPOSE = "carder sealed record".getBytes(StandardCharsets.UTF_8);

    private SealCipher() {}

    static byte[] open(PrivateKey own, Sealed sealed, String id, byte[] bytes) throws GeneralSecurityException {
        if (bytes.length < TAG_BITS / Byte.SIZE) {
            throw new GeneralSecurityException("Shorter than its own tag.");
        }
        KeyAgreement agreement = KeyAgreement.getInstance("ECDH");
        agreement.init(own);
        agreement.doPhase(publicKey(sealed.pointBytes()), true);
        byte[] key = derive(agreement.generateSecret(), sealed.pointBytes(), PURPOSE);
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(
                Cipher.DECRYPT_MODE, new SecretKeySpec(key, "AES"), new GCMParameterSpec(TAG_BITS, sealed.ivBytes()));
        cipher.updateAAD(id.getBytes(StandardCharsets.UTF_8));
        return cipher.doFinal(bytes);
    }

    /** HKDF with SHA-256 (RFC 5869), its first 32 bytes. */
    static byte[] derive(byte[] secret, byte[] salt, byte[] info) throws GeneralSecurityException {
        byte[] block = Arrays.copyOf(info, info.length + 1);
        block[info.length] = 1;
        return hmac(hmac(salt, secret), block);
    }

    private static byte[] hmac(byte[] key, byte[] message) throws GeneralSecurityException {
        Mac mac = Mac.getInstance("HmacSHA256");
        mac.init(new SecretKeySpec(key, "HmacSHA256"));
        return mac.doFinal(message);
    }

    /** The public key of a point; one that is not on the curve is refused, or it could be used to learn the private key. */
    private static PublicKey publicKey(byte[] point) throws GeneralSecurityException {
        if (point.length != 1 + 2 * COORDINATE || point[0] != UNCOMPRESSED) {
            throw new GeneralSecurityException("No uncompressed point of " + CURVE + ".");
        }
        ECPoint read = new ECPoint(
                new BigInteger(1, Arrays.copyOfRange(point, 1, 1 + COORDINATE)),
                new BigInteger(1, Arrays.copyOfRange(point, 1 + COORDINATE, point.length)));
        AlgorithmParameters parameters = AlgorithmParameters.getInstance("EC");
        parameters.init(new ECGenParameterSpec(CURVE));
        ECParameterSpec curve = parameters.getParameterSpec(ECParameterSpec.class);
        if (!isOn(curve, read)) {
            throw new GeneralSecurityException("Not on the curve.");
        }
        return KeyFactory.getInstance("EC").generatePublic(new ECPublicKeySpec(read, curve));
    }

    private static boolean isOn(ECParameterSpec curve, ECPoint point) {
        BigInteger p = ((ECFieldFp) curve.getCurve().getField()).getP();
        BigInteger x = point.getAffineX();
        BigInteger right = x.pow(3)
                .add(curve.getCurve().getA().multiply(x))
                .add(curve.getCurve().getB())
                .mod(p);
        return x.compareTo(p) < 0
                && point.getAffineY().compareTo(p) < 0
                && point.getAffineY().pow(2).mod(p).equals(right);
    }

    /** The 65 bytes that a browser takes a public key from. */
    static byte[] point(PublicKey key) {
        ECPoint point = ((ECPublicKey) key).getW();
        byte[] bytes = new byte[1 + 2 * COORDINATE];
        bytes[0] = UNCOMPRESSED;
        put(point.getAffineX(), bytes, 1);
        put(point.getAffineY(), bytes, 1 + COORDINATE);
        return bytes;
    }

    private static void put(BigInteger number, byte[] into, int at) {
        byte[] bytes = number.toByteArray();
        int length = Math.min(COORDINATE, bytes.length);
        System.arraycopy(bytes, bytes.length - length, into, at + COORDINATE - length, length);
    }
}
