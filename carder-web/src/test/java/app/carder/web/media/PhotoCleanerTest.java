package app.carder.web.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.web.kit.Limits;
import app.carder.web.kit.Photos;
import app.carder.web.media.PhotoRefused.Reason;
import app.carder.web.page.Places;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhotoCleanerTest {

    private static final PhotoCleaner CLEANER = new PhotoCleaner(Limits.usual(), new Places(1, Duration.ofSeconds(20)));

    @Test
    void leavesPlaceMakerAndEveryOtherMetadataBehind() throws Exception {
        byte[] sent = Photos.withPlace(400, 300, 1);
        Metadata before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent));
        assertThat(before.getFirstDirectoryOfType(GpsDirectory.class)).isNotNull();
        assertThat(before.getFirstDirectoryOfType(ExifIFD0Directory.class)).isNotNull();

        CleanPhoto clean = CLEANER.clean(sent);

        for (byte[] picture : new byte[][] {clean.large(), clean.small()}) {
            Metadata after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(picture));
            assertThat(after.getFirstDirectoryOfType(GpsDirectory.class)).isNull();
            assertThat(after.getFirstDirectoryOfType(ExifIFD0Directory.class)).isNull();
            assertThat(new String(picture, StandardCharsets.ISO_8859_1)).doesNotContain(Photos.MAKER, "Exif");
        }
    }

    /** Where the red half must lie after turning, by Exif orientation (Exif 2.3, tag 0x0112, from memory). */
    @ParameterizedTest(name = "orientation {0}: red is {1}")
    @CsvSource({
        "1,left", "2,right", "3,right", "4,left",
        "5,top", "6,top", "7,bottom", "8,bottom"
    })
    void turnsThePictureAsTheCameraHeldIt(int orientation, String red) throws Exception {
        CleanPhoto clean = CLEANER.clean(Photos.withPlace(400, 200, orientation));

        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(clean.large()));
        boolean onItsSide = orientation >= 5;
        assertThat(upright.getWidth()).isEqualTo(onItsSide ? 200 : 400);
        int x = red.equals("right") ? upright.getWidth() - 20 : 20;
        int y = red.equals("bottom") ? upright.getHeight() - 20 : 20;
        assertThat(new Color(upright.getRGB(x, y)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(upright.getWidth() - 1 - x, upright.getHeight() - 1 - y)).getBlue())
                .isGreaterThan(200);
    }

    @Test
    void makesLargePhotosSmaller() throws Exception {
        CleanPhoto clean = CLEANER.clean(Photos.picture("jpg", 4000, 3000));

        assertThat(clean.width()).isEqualTo(PhotoCleaner.LARGE);
        assertThat(clean.height()).isEqualTo(1200);
        assertThat(size(clean.small()).getWidth()).isEqualTo(PhotoCleaner.SMALL);
    }

    @Test
    void takesPngAndNeverMakesSmallOnesLarger() throws Exception {
        CleanPhoto clean = CLEANER.clean(Photos.picture("png", 120, 80));

        assertThat(clean.width()).isEqualTo(120);
        assertThat(clean.large()).startsWith(0xFF, 0xD8, 0xFF);
    }

    @Test
    void refusesAFileThatOnlyClaimsToBeAPhoto() {
        assertRefused("<html><script>alert(1)</script></html>".getBytes(StandardCharsets.UTF_8), Reason.NOT_A_PHOTO);
        assertRefused(new byte[0], Reason.NOT_A_PHOTO);
        assertRefused(Photos.picture("gif", 10, 10), Reason.NOT_A_PHOTO);
    }

    @Test
    void refusesABombBeforeUnfoldingIt() {
        assertThat(Photos.bomb().length).isLessThan(100_000);
        assertRefused(Photos.bomb(), Reason.TOO_MANY_PIXELS);
    }

    @Test
    void refusesAPictureThatIsLongAndThin() {
        assertRefused(Photos.picture("png", 20_001, 2), Reason.TOO_MANY_PIXELS);
        assertRefused(Photos.picture("jpg", 2, 20_001), Reason.TOO_MANY_PIXELS);
    }

    @Test
    void refusesAPictureOfTensOfThousandsOfPieces() {
        byte[] words = Photos.chunk("tEXt", "k\0v".getBytes(StandardCharsets.ISO_8859_1));

        assertRefused(Photos.withChunks(words, 20_001), Reason.UNREADABLE);
    }

    @Test
    void unfoldsNoWordsThatComeWithAPicture() throws Exception {
        byte[] picture = Photos.withChunks(Photos.folded(200), 1);
        long before = allocated();

        CleanPhoto clean = CLEANER.clean(picture);

        assertThat(clean.width()).isEqualTo(120);
        assertThat(allocated() - before).as("bytes made while it was cleaned").isLessThan(100L * 1024 * 1024);
    }

    /** Small on the way, half a gigabyte where it would be unfolded whole. */
    @Test
    void readsALargePictureMoreCoarselyInsteadOfFillingTheMemory() throws Exception {
        byte[] picture = Photos.black(19_900, 6000);
        long before = allocated();

        CleanPhoto clean = CLEANER.clean(picture);

        assertThat(clean.width()).isEqualTo(PhotoCleaner.LARGE);
        assertThat(allocated() - before).as("bytes made while it was cleaned").isLessThan(250L * 1024 * 1024);
    }

    private static long allocated() {
        return ((com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean()).getCurrentThreadAllocatedBytes();
    }

    @Test
    void refusesABrokenPhoto() {
        byte[] jpeg = Photos.picture("jpg", 200, 200);
        assertRefused(Arrays.copyOf(jpeg, 60), Reason.UNREADABLE);
        byte[] png = Photos.picture("png", 200, 200);
        assertRefused(Arrays.copyOf(png, 40), Reason.UNREADABLE);
    }

    private static void assertRefused(byte[] file, Reason reason) {
        assertThatThrownBy(() -> CLEANER.clean(file))
                .isInstanceOfSatisfying(
                        PhotoRefused.class,
                        refused -> assertThat(refused.reason()).isEqualTo(reason));
    }

    private static BufferedImage size(byte[] picture) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(picture));
    }
}
