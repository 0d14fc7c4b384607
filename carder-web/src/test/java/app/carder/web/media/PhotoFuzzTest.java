package app.carder.web.media;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.Limits;
import app.carder.web.kit.Photos;
import app.carder.web.page.Places;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Photos that are almost right: each is cleaned or refused, and nothing else is thrown. {@code -Dcarder.fuzz=100000} is the long form. */
@Timeout(value = 3, unit = TimeUnit.HOURS)
class PhotoFuzzTest {

    private static final PhotoCleaner CLEANER = new PhotoCleaner(Limits.usual(), new Places(1, Duration.ofSeconds(20)));

    private static final int TRIES = Integer.getInteger("carder.fuzz", 300);
    private static final byte[] ODD = {0, 1, 2, 0x7f, (byte) 0x80, (byte) 0xff, (byte) 0xd8, (byte) 0xe1};

    static Stream<Named<byte[]>> photos() {
        return Stream.of(
                Named.of("JPEG", Photos.picture("jpg", 60, 40)),
                Named.of("JPEG with a place", Photos.withPlace(60, 40, 6)),
                Named.of("PNG", Photos.picture("png", 60, 40)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("photos")
    void isCleanedOrRefusedWhateverItsBytesSay(byte[] good) {
        Random random = new Random(20_260_506);
        List<String> faults = new ArrayList<>();
        for (int at = 0; at < TRIES && faults.size() < 5; at++) {
            byte[] tried = broken(good, random);
            try {
                CLEANER.clean(tried);
            } catch (PhotoRefused refused) {
                // As it should be.
                continue;
            } catch (Exception | StackOverflowError | OutOfMemoryError fault) {
                faults.add("try %d: %s at %s"
                        .formatted(
                                at,
                                fault,
                                Arrays.stream(fault.getStackTrace()).limit(3).toList()));
            }
        }
        assertThat(faults).isEmpty();
    }

    /** Headers mostly: that is where sizes and counts stand. */
    private static byte[] broken(byte[] good, Random random) {
        byte[] bytes = random.nextInt(8) == 0 ? Arrays.copyOf(good, random.nextInt(good.length)) : good.clone();
        for (int change = 0; change <= random.nextInt(6) && bytes.length > 0; change++) {
            int at = random.nextInt(random.nextBoolean() ? Math.min(200, bytes.length) : bytes.length);
            bytes[at] = random.nextBoolean() ? ODD[random.nextInt(ODD.length)] : (byte) random.nextInt();
        }
        return bytes;
    }
}
