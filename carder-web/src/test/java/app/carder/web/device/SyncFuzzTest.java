package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Deliveries that are almost right, sealed ones among them: each is answered, none breaks. {@code -Dcarder.fuzz=100000} is the long form. */
@Timeout(value = 3, unit = TimeUnit.HOURS)
class SyncFuzzTest extends WebTest {

    private static final int TRIES = Integer.getInteger("carder.fuzz", 400);
    private static final List<String> ODD = List.of(
            "null",
            "{}",
            "[]",
            "\"\"",
            "-1",
            "1e999",
            "true",
            "[[",
            "\\u0000",
            "\\ud800",
            "\"",
            "{",
            "}",
            ",",
            ":",
            "9".repeat(30));

    @Autowired
    private SealKeys keys;

    @Autowired
    private JsonMapper json;

    @Autowired
    private TransactionTemplate transaction;

    @Test
    void isAnsweredWhateverItSays() {
        byte[] good = good().getBytes(StandardCharsets.UTF_8);
        assertThat(status(good)).isEqualTo(200);
        Random random = new Random(20_260_506);
        List<String> faults = new ArrayList<>();
        for (int at = 0; at < TRIES && faults.size() < 5; at++) {
            byte[] tried = broken(good, random);
            try {
                int status = status(tried);
                if (status != 200 && status != 400 && status != 413) {
                    faults.add("try %d: %d".formatted(at, status));
                }
            } catch (RuntimeException | AssertionError | StackOverflowError fault) {
                faults.add("try %d: %s".formatted(at, fault));
            }
        }
        assertThat(faults).isEmpty();
    }

    private int status(byte[] body) {
        return transaction.execute(inside -> {
            inside.setRollbackOnly();
            return send("hamish", Deliveries.request(body)).status();
        });
    }

    private String good() {
        UUID entry = UUID.randomUUID();
        Map<String, Object> tap = new HashMap<>(Map.of(
                "id",
                entry,
                "record",
                UUID.randomUUID(),
                "room",
                room("Loft"),
                "sequence",
                1,
                "method",
                "PLAY",
                "kind",
                "TAP",
                "child",
                child("Anouk"),
                "code",
                "TALKED",
                "company",
                "",
                "words",
                "Once more."));
        tap.put("at", clock.instant().toString());
        UUID sealed = UUID.randomUUID();
        Sealed inside = Seals.seal(
                keys.current(),
                sealed.toString(),
                "{\"ticket\":\"none\",\"item\":{}}".getBytes(StandardCharsets.UTF_8));
        return json.writeValueAsString(Deliveries.of(
                UUID.randomUUID(),
                0,
                List.of(
                        Map.of("id", entry, "type", "entry", "entry", tap),
                        Map.of("id", sealed, "type", "sealed", "sequence", 2, "upload", "", "sealed", inside),
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "type",
                                "photo",
                                "photo",
                                Map.of(
                                        "id",
                                        UUID.randomUUID(),
                                        "upload",
                                        "/watch/uploads/x",
                                        "observations",
                                        List.of())))));
    }

    private static byte[] broken(byte[] good, Random random) {
        byte[] bytes = random.nextInt(10) == 0 ? Arrays.copyOf(good, random.nextInt(good.length)) : good.clone();
        for (int change = 0; change <= random.nextInt(4) && bytes.length > 0; change++) {
            int at = random.nextInt(bytes.length);
            if (random.nextBoolean()) {
                bytes[at] = (byte) random.nextInt();
            } else {
                String text = new String(bytes, StandardCharsets.ISO_8859_1);
                int until = Math.min(bytes.length, at + random.nextInt(12));
                bytes = (text.substring(0, at) + ODD.get(random.nextInt(ODD.size())) + text.substring(until))
                        .getBytes(StandardCharsets.ISO_8859_1);
            }
        }
        return bytes;
    }
}
