package app.carder.web.media;

import app.carder.web.media.PhotoRefused.Reason;
import app.carder.web.page.LimitProperties;
import app.carder.web.page.Places;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.stereotype.Component;

/**
 * Makes a clean photo out of an untrusted file: what it is, is told from its content; its pixels are counted before they
 * are decoded; it is turned as the camera held it; and only pixels are written again, in sRGB, so that place, time,
 * maker and hidden thumbnails stay behind.
 */
@Component
final class PhotoCleaner {

    /** The longest side of the large picture, in pixels. */
    static final int LARGE = 1600;

    /** The longest side of the small picture, in pixels. */
    static final int SMALL = 480;

    private static final int PNG_HEAD = 8;
    private static final int CHUNK_AROUND = 12;

    /** Four channels of two bytes. */
    private static final int WORST_PIXEL = 8;

    private static final double QUALITY = 0.85;

    private final LimitProperties.Photos limits;
    private final Places places;

    PhotoCleaner(LimitProperties limits, Places places) {
        this.limits = limits.photos();
        this.places = places;
    }

    /**
     * A clean photo.
     *
     * @throws PhotoRefused if the file is not a photo that can be read
     */
    CleanPhoto clean(byte[] file) throws PhotoRefused {
        String format = format(file);
        if (format.equals("png") && chunks(file, limits.chunks()) > limits.chunks()) {
            throw new PhotoRefused(Reason.UNREADABLE);
        }
        if (!places.take()) {
            throw new PhotoRefused(Reason.BUSY);
        }
        try {
            BufferedImage upright = turned(decode(file, format), format.equals("jpeg") ? orientation(file) : 1);
            BufferedImage large = scaled(upright, LARGE);
            return new CleanPhoto(jpeg(large), jpeg(scaled(large, SMALL)), large.getWidth(), large.getHeight());
        } catch (IOException | RuntimeException | OutOfMemoryError broken) {
            throw new PhotoRefused(Reason.UNREADABLE, broken);
        } finally {
            places.giveBack();
        }
    }

    private static String format(byte[] file) throws PhotoRefused {
        if (startsWith(file, 0xFF, 0xD8, 0xFF)) {
            return "jpeg";
        }
        if (startsWith(file, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A)) {
            return "png";
        }
        throw new PhotoRefused(Reason.NOT_A_PHOTO);
    }

    /** Pieces of a PNG file, counted by their lengths without a look inside. */
    private static int chunks(byte[] file, int most) {
        ByteBuffer bytes = ByteBuffer.wrap(file);
        int chunks = 0;
        long at = PNG_HEAD;
        while (at >= 0 && at + CHUNK_AROUND <= file.length && chunks <= most) {
            at += CHUNK_AROUND + Integer.toUnsignedLong(bytes.getInt((int) at));
            chunks++;
        }
        return chunks;
    }

    private static boolean startsWith(byte[] file, int... magic) {
        if (file.length < magic.length) {
            return false;
        }
        for (int i = 0; i < magic.length; i++) {
            if ((file[i] & 0xFF) != magic[i]) {
                return false;
            }
        }
        return true;
    }

    private BufferedImage decode(byte[] file, String format) throws IOException, PhotoRefused {
        ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Deadline deadline = new Deadline(limits.decoding());
            reader.addIIOReadProgressListener(deadline);
            reader.setInput(in, true, true);
            long width = reader.getWidth(0);
            long height = reader.getHeight(0);
            if (width * height > limits.pixels() || Math.max(width, height) > limits.side()) {
                throw new PhotoRefused(Reason.TOO_MANY_PIXELS);
            }
            int every = every(width, height, bytesForEach(reader));
            ImageReadParam param = reader.getDefaultReadParam();
            param.setSourceSubsampling(every, every, 0, 0);
            BufferedImage read = reader.read(0, param);
            if (deadline.isPassed()) {
                throw new PhotoRefused(Reason.UNREADABLE);
            }
            return read;
        } catch (IIOException broken) {
            throw new PhotoRefused(Reason.UNREADABLE, broken);
        } finally {
            reader.dispose();
        }
    }

    /** Every so many pixels are read: as few as a sharp large picture needs, and never more than fit. */
    private int every(long width, long height, int bytesForEach) {
        double tooMany =
                (double) width * height * bytesForEach / limits.decoded().toBytes();
        return (int) Math.max(Math.max(1, Math.min(width, height) / (2L * LARGE)), Math.ceil(Math.sqrt(tooMany)));
    }

    /** What one pixel takes as it is read and once more as it is turned; the worst where the file does not say. */
    private static int bytesForEach(ImageReader reader) throws IOException {
        ImageTypeSpecifier raw = reader.getRawImageType(0);
        int read = raw == null
                ? WORST_PIXEL
                : raw.getNumBands()
                        * Math.max(
                                1,
                                DataBuffer.getDataTypeSize(raw.getSampleModel().getDataType()) / Byte.SIZE);
        return read + Integer.BYTES;
    }

    /** The camera's orientation, 1 to 8 by Exif tag 0x0112; 1 where there is none. */
    private static int orientation(byte[] file) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException unreadable) {
            return 1;
        }
    }

    /** Upright, on white, without an alpha channel. */
    private static BufferedImage turned(BufferedImage image, int orientation) {
        int width = image.getWidth();
        int height = image.getHeight();
        boolean onItsSide = orientation >= 5 && orientation <= 8;
        BufferedImage upright =
                new BufferedImage(onItsSide ? height : width, onItsSide ? width : height, BufferedImage.TYPE_INT_RGB);
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
            default -> new AffineTransform();
        };
        Graphics2D paper = upright.createGraphics();
        paper.setColor(Color.WHITE);
        paper.fillRect(0, 0, upright.getWidth(), upright.getHeight());
        paper.drawImage(image, turn, null);
        paper.dispose();
        return upright;
    }

    private static BufferedImage scaled(BufferedImage image, int longest) throws IOException {
        if (Math.max(image.getWidth(), image.getHeight()) <= longest) {
            return image;
        }
        return Thumbnails.of(image).size(longest, longest).asBufferedImage();
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return out.toByteArray();
    }
}
