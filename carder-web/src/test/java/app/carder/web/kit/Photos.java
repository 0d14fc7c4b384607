package app.carder.web.kit;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;

/** Files to send as photos: honest ones, and others. */
public final class Photos {

    /** Stands in the Exif block of {@link #withPlace}, where a camera writes its maker. */
    public static final String MAKER = "SECRETCAMERA";

    private Photos() {}

    /** A picture whose left half is red and whose right half is blue. */
    public static byte[] picture(String format, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D paper = image.createGraphics();
        paper.setColor(Color.RED);
        paper.fillRect(0, 0, width / 2, height);
        paper.setColor(Color.BLUE);
        paper.fillRect(width / 2, 0, width - width / 2, height);
        paper.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    /** A JPEG with an Exif block that tells orientation, maker and a place by GPS. */
    /** A PNG that cannot be squeezed, about three bytes for each pixel: several chunks of an upload. */
    public static byte[] noise(int width, int height) {
        java.util.Random random = new java.util.Random(5);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        return out.toByteArray();
    }

    public static byte[] withPlace(int width, int height, int orientation) {
        byte[] jpeg = picture("jpg", width, height);
        byte[] exif = exif(orientation);
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + exif.length + 4);
        out.put(jpeg, 0, 2);
        out.putShort((short) 0xFFE1).putShort((short) (exif.length + 2)).put(exif);
        return out.put(jpeg, 2, jpeg.length - 2).array();
    }

    private static byte[] exif(int orientation) {
        byte[] maker = (MAKER + "\0").getBytes(StandardCharsets.US_ASCII);
        ByteBuffer out = ByteBuffer.allocate(200);
        out.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        out.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        out.putShort((short) 3);
        int afterDirectory = 8 + 2 + 3 * 12 + 4;
        entry(out, 0x010F, 2, maker.length, afterDirectory);
        out.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        entry(out, 0x8825, 4, 1, afterDirectory + maker.length + 1);
        out.putInt(0);
        out.put(maker).put((byte) 0);
        out.putShort((short) 1);
        out.putShort((short) 1).putShort((short) 2).putInt(2).put(new byte[] {'N', 0, 0, 0});
        out.putInt(0);
        byte[] filled = new byte[out.position()];
        out.rewind();
        out.get(filled);
        return filled;
    }

    private static void entry(ByteBuffer out, int tag, int type, int count, int value) {
        out.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }

    /** A PNG of a few hundred kilobytes that would unfold to 2.5 thousand million pixels. */
    public static byte[] bomb() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A});
        chunk(
                out,
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(50_000)
                        .putInt(50_000)
                        .put(new byte[] {1, 0, 0, 0, 0})
                        .array());
        Deflater deflater = new Deflater(9);
        deflater.setInput(new byte[1_000_000]);
        deflater.finish();
        byte[] packed = new byte[20_000];
        int length = deflater.deflate(packed);
        chunk(out, "IDAT", java.util.Arrays.copyOf(packed, length));
        chunk(out, "IEND", new byte[0]);
        return out.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] content) {
        byte[] named = new byte[content.length + 4];
        System.arraycopy(type.getBytes(StandardCharsets.US_ASCII), 0, named, 0, 4);
        System.arraycopy(content, 0, named, 4, content.length);
        CRC32 crc = new CRC32();
        crc.update(named);
        out.writeBytes(ByteBuffer.allocate(4).putInt(content.length).array());
        out.writeBytes(named);
        out.writeBytes(ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
    }

    /** A small PNG with more pieces of one kind after its head. */
    public static byte[] withChunks(byte[] chunk, int times) {
        byte[] png = picture("png", 120, 80);
        int afterHead = 8 + 12 + 13;
        ByteBuffer whole =
                ByteBuffer.allocate(png.length + chunk.length * times).put(png, 0, afterHead);
        for (int time = 0; time < times; time++) {
            whole.put(chunk);
        }
        return whole.put(png, afterHead, png.length - afterHead).array();
    }

    /** A piece of a PNG, with its sum. */
    public static byte[] chunk(String type, byte[] data) {
        CRC32 sum = new CRC32();
        sum.update(type.getBytes(StandardCharsets.ISO_8859_1));
        sum.update(data);
        return ByteBuffer.allocate(data.length + 12)
                .putInt(data.length)
                .put(type.getBytes(StandardCharsets.ISO_8859_1))
                .put(data)
                .putInt((int) sum.getValue())
                .array();
    }

    /** A piece of words that unfold to so many megabytes. */
    public static byte[] folded(int megabytes) {
        ByteArrayOutputStream words = new ByteArrayOutputStream();
        words.writeBytes("k\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream out = new DeflaterOutputStream(words)) {
            for (int megabyte = 0; megabyte < megabytes; megabyte++) {
                out.write(new byte[1024 * 1024]);
            }
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return chunk("zTXt", words.toByteArray());
    }

    /** Black, one bit for each pixel: small on the way, large where it is unfolded. */
    public static byte[] black(int width, int height) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}
