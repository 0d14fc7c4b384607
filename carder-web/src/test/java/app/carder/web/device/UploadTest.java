package app.carder.web.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import app.carder.web.page.LimitProperties;
import java.net.URI;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Pictures in pieces: so many for each person and each setting, and none of them lies about. */
class UploadTest extends WebTest {

    @Autowired
    private LimitProperties limits;

    @AfterEach
    void away() {
        database.update("delete from open_upload");
    }

    private Answer begin(String username, Object length) {
        return send(
                username,
                MockMvcRequestBuilders.post("/watch/uploads")
                        .with(csrf())
                        .header("Tus-Resumable", "1.0.0")
                        .header("Upload-Length", length));
    }

    private static String address(Answer begun) {
        return URI.create(Objects.requireNonNull(begun.response().getHeader("Location")))
                .getPath();
    }

    private int open() {
        return Objects.requireNonNull(database.queryForObject("select count(*) from open_upload", Integer.class));
    }

    private void others(UUID account, int uploads, long bytes) {
        database.update(
                "insert into open_upload select gen_random_uuid(), a.setting_id, a.id, ?, null, now() from account a, generate_series(1, ?) where a.id = ?",
                bytes,
                uploads,
                account);
    }

    @Test
    void somebodyWhoHasAHundredOpenBeginsNoMoreUntilOneIsAway() {
        practitioner("upload.many");
        String first = address(begin("upload.many", 10));
        others(account("upload.many"), limits.uploads().ofPerson() - 1, 10);

        Answer refused = begin("upload.many", 10);
        assertThat(refused.status()).isEqualTo(429);
        assertThat(refused.response().getHeader("Retry-After")).isEqualTo("3600");
        assertThat(begin("hamish", 10).status()).as("a colleague").isEqualTo(201);

        assertThat(send(
                                "upload.many",
                                MockMvcRequestBuilders.delete(first)
                                        .with(csrf())
                                        .header("Tus-Resumable", "1.0.0"))
                        .status())
                .isEqualTo(204);
        assertThat(begin("upload.many", 10).status()).isEqualTo(201);
    }

    @Test
    void bytesThatAreSaidCountBeforeOneOfThemIsSent() {
        practitioner("upload.large");
        int fit = (int) (limits.uploads().bytesOfPerson().toBytes()
                / limits.uploads().one().toBytes());
        others(account("upload.large"), fit, limits.uploads().one().toBytes());

        assertThat(begin("upload.large", limits.uploads().one().toBytes()).status())
                .isEqualTo(429);
        assertThat(begin("upload.large", 1000).status()).isEqualTo(201);
    }

    @Test
    void oneSettingLeavesRoomForAnother() {
        for (String one : List.of("upload.a", "upload.b", "upload.c", "upload.d", "upload.e")) {
            practitioner(one);
            others(account(one), limits.uploads().ofPerson(), 10);
        }

        assertThat(begin("hamish", 10).status()).isEqualTo(429);
        assertThat(begin("bronagh", 10).status()).as("another setting").isEqualTo(201);
    }

    @Test
    void whatNeverBeganDoesNotCount() {
        assertThat(begin("hamish", "many").status()).isEqualTo(400);
        assertThat(begin("hamish", -1).status()).isEqualTo(400);
        assertThat(begin("hamish", limits.uploads().one().toBytes() + 1).status())
                .isEqualTo(413);
        assertThat(open()).isZero();
    }
}
