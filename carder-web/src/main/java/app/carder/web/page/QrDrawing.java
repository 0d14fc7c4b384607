package app.carder.web.page;

import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/**
 * A QR code as the path of a drawing.
 *
 * @param size of its side in modules, with the quiet zone
 * @param path one square for each dark module
 */
public record QrDrawing(int size, String path) {

    /** ISO/IEC 18004: four modules around it stay empty. */
    private static final int QUIET = 4;

    /**
     * Of a text.
     *
     * @throws IllegalArgumentException if it is too long for one
     */
    public static QrDrawing of(String text) {
        try {
            ByteMatrix modules = Encoder.encode(
                            text,
                            ErrorCorrectionLevel.M,
                            Map.of(EncodeHintType.CHARACTER_SET, StandardCharsets.UTF_8.name()))
                    .getMatrix();
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < modules.getHeight(); y++) {
                for (int x = 0; x < modules.getWidth(); x++) {
                    if (modules.get(x, y) == 1) {
                        path.append("M%d %dh1v1h-1z".formatted(x + QUIET, y + QUIET));
                    }
                }
            }
            return new QrDrawing(modules.getWidth() + 2 * QUIET, path.toString());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("Too long for a QR code.", tooLong);
        }
    }
}
