package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import app.carder.web.kit.Photos;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Watching with a connection that comes and goes, and with files that are no photos. */
class OfflineTest {

    private Device phone;
    private Page page;

    @BeforeEach
    void takeAPhone() {
        phone = RunningCarder.get().device(RunningCarder.PHONE);
        page = phone.page;
        phone.signIn("hamish");
        page.navigate("/watch");
    }

    @AfterEach
    void putItDown() {
        assertThat(phone.complaints()).isEmpty();
        phone.close();
    }

    @Test
    void aDraftWithItsPhotoSurvivesAReload() {
        tap("Chidi");
        page.getByLabel("What did they do? How?").fill("Lay down to look along the ramp.");
        choose("ramp.png", "image/png", Photos.picture("png", 300, 200));
        page.locator(".levels label").nth(4).click();

        page.reload();

        assertThat(page.getByLabel("What did they do? How?")).hasValue("Lay down to look along the ramp.");
        assertThat(page.locator(".peg-choice input:checked")).hasCount(1);
        assertThat(page.locator("[name=involvement][value='5']")).isChecked();
        assertThat(page.locator("[data-photo-preview]")).isVisible();
        keep();
        assertThat(page.locator("[data-queue]")).hasText("Kept.");
        page.reload();
        assertThat(page.locator(".newest")).containsText("Lay down to look along the ramp.");
        assertThat(count("select count(*) from photo p join observation o on o.id = p.observation_id"
                        + " where o.note = 'Lay down to look along the ramp.'"))
                .isEqualTo(1);
    }

    @Test
    void whatIsKeptWithoutAConnectionIsSentExactlyOnceWhenItIsBack() {
        phone.context.setOffline(true);
        for (String note : new String[] {"First without a net.", "Second without a net."}) {
            tap("Kofi");
            page.getByLabel("What did they do? How?").fill(note);
            keep();
            assertThat(page.getByLabel("What did they do? How?")).hasValue("");
        }
        assertThat(page.locator("[data-queue]")).containsText("2 No connection");

        phone.context.setOffline(false);

        assertThat(page.locator("[data-queue]")).hasText("Kept.");
        page.reload();
        assertThat(page.locator("[data-queue]")).hasText("");
        assertThat(count("select count(*) from observation where note like '%without a net.'"))
                .isEqualTo(2);
    }

    @Test
    void anAnswerThatGotLostDoesNotMakeASecondRecord() {
        page.route("**/observations", route -> {
            route.fetch();
            route.abort();
        });
        tap("Kofi");
        page.getByLabel("What did they do? How?").fill("The answer got lost.");
        keep();
        assertThat(page.locator("[data-queue]")).containsText("waiting to be sent");

        page.unroute("**/observations");
        page.reload();

        assertThat(page.locator("[data-queue]")).hasText("Kept.");
        assertThat(count("select count(*) from observation where note = 'The answer got lost.'"))
                .isEqualTo(1);
    }

    @Test
    void aDoubleClickKeepsOneRecord() {
        tap("Kofi");
        page.getByLabel("What did they do? How?").fill("Pressed twice.");

        button("Keep it").dblclick();

        assertThat(page.locator("[data-queue]")).hasText("Kept.");
        assertThat(page.locator("[role=alert]:visible")).hasCount(0);
        assertThat(count("select count(*) from observation where note = 'Pressed twice.'"))
                .isEqualTo(1);
    }

    @Test
    void aFileThatOnlyClaimsToBeAPhotoComesBackWithTheWords() {
        tap("Kofi");
        page.getByLabel("What did they do? How?").fill("With a false photo.");
        choose("photo.jpg", "image/jpeg", "not a photo at all".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        keep();

        assertThat(page.locator("[data-refused]")).containsText("not a photo that Carder reads");
        assertThat(page.getByLabel("What did they do? How?")).hasValue("With a false photo.");
        button("Leave the photo out").click();
        keep();
        assertThat(page.locator("[data-queue]")).hasText("Kept.");
        assertThat(count("select count(*) from observation where note = 'With a false photo.'"))
                .isEqualTo(1);
    }

    @Test
    void aPhotoOfThreeHundredMegabytesIsRefusedBeforeItIsSent(@TempDir Path folder) throws Exception {
        Path huge = folder.resolve("huge.jpg");
        try (var file = new java.io.RandomAccessFile(huge.toFile(), "rw")) {
            file.write(Photos.picture("jpg", 100, 100));
            file.setLength(300L * 1024 * 1024);
        }
        assertThat(Files.size(huge)).isEqualTo(300L * 1024 * 1024);
        page.getByLabel("What did they do? How?").fill("With a huge photo.");

        page.getByLabel("Take or choose a photo").setInputFiles(huge);

        assertThat(page.locator("[data-photo-fault]")).containsText("larger than 25 MB");
        assertThat(page.getByLabel("What did they do? How?")).hasValue("With a huge photo.");
        assertThat(page.locator("[data-photo-preview]")).isHidden();
        page.getByLabel("What did they do? How?").fill("");
    }

    @Test
    void aVisitorAtTheDoorGetsNoSession() throws Exception {
        for (String path : new String[] {"/sign-in", "/plan"}) {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(
                                            URI.create(RunningCarder.get().address() + path))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());

            assertThat(answer.headers().allValues("set-cookie"))
                    .isNotEmpty()
                    .noneMatch(cookie -> cookie.startsWith("SESSION"));
        }
    }

    private void tap(String child) {
        page.locator(".peg-choice", new Page.LocatorOptions().setHasText(child)).click();
    }

    private void choose(String name, String type, byte[] content) {
        page.getByLabel("Take or choose a photo").setInputFiles(new FilePayload(name, type, content));
    }

    private void keep() {
        button("Keep it").click();
    }

    private com.microsoft.playwright.Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Integer count(String sql) {
        return RunningCarder.get().application().getBean(JdbcTemplate.class).queryForObject(sql, Integer.class);
    }
}
