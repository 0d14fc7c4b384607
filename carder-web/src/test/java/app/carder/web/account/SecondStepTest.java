package app.carder.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import jakarta.servlet.http.Cookie;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Signing in with a second step, from setting it up to the day on which the phone is lost. */
class SecondStepTest extends WebTest {

    private static final String PASSWORD = "parcels-and-post";
    private static final int PIXELS = 4;

    private final String username = "second." + UUID.randomUUID();

    @Autowired
    private SecretBox box;

    @AfterEach
    void forget() {
        database.update("delete from sign_in_budget");
        database.update("delete from sign_in_policy");
    }

    private Cookie signIn() {
        Answer answer = send(MockMvcRequestBuilders.post("/sign-in")
                .param("username", username)
                .param("password", PASSWORD)
                .with(csrf()));
        Cookie session = answer.response().getCookie("SESSION");
        assertThat(session).isNotNull();
        return session;
    }

    private Answer open(Cookie session, String path) {
        return send(MockMvcRequestBuilders.get(path).cookie(session));
    }

    private Answer post(Cookie session, String path, String field, String value) {
        return send(MockMvcRequestBuilders.post(path)
                .param(field, value)
                .with(csrf())
                .cookie(session));
    }

    /** Whichever session the answer went on with. */
    private static Cookie after(Answer answer, Cookie before) {
        Cookie fresh = answer.response().getCookie("SESSION");
        return fresh == null ? before : fresh;
    }

    private String codeNow(UUID account) {
        byte[] sealed = database.queryForObject("select secret from second_step where id = ?", byte[].class, account);
        return Totp.code(box.open(sealed), Totp.step(clock.instant()), Totp.DIGITS);
    }

    private List<String> setUp(UUID account) {
        Cookie session = signIn();
        open(session, "/account/second-step");
        Answer done = post(session, "/account/second-step", "code", codeNow(account));
        assertThat(done.status()).isEqualTo(200);
        List<String> codes = done.page().select(".codes code").eachText();
        assertThat(codes).hasSize(10).doesNotHaveDuplicates();
        clock.advance(Totp.STEP);
        return codes;
    }

    @Test
    void thePictureForTheAppHoldsTheSecretThatThePageSpells() throws Exception {
        practitioner(username);

        Document page = open(signIn(), "/account/second-step").page();

        String spelled = page.select("code.secret").text().replace(" ", "");
        assertThat(read(page.selectFirst("svg.qr")))
                .startsWith("otpauth://totp/Carder%20Quillmere")
                .contains("secret=" + spelled);
        assertThat(spelled).hasSize(32);
        assertThat(database.queryForObject(
                        "select encode(secret, 'escape') from second_step s join account a on a.id = s.id where username = ?",
                        String.class,
                        username))
                .doesNotContain(spelled);
    }

    private static String read(Element svg) throws Exception {
        int side = Integer.parseInt(svg.attr("viewBox").split(" ")[2]) * PIXELS;
        int[] pixels = new int[side * side];
        Arrays.fill(pixels, 0xffffff);
        Matcher module = Pattern.compile("M(\\d+) (\\d+)h")
                .matcher(svg.selectFirst("path").attr("d"));
        while (module.find()) {
            int left = Integer.parseInt(module.group(1)) * PIXELS;
            int top = Integer.parseInt(module.group(2)) * PIXELS;
            for (int y = top; y < top + PIXELS; y++) {
                Arrays.fill(pixels, y * side + left, y * side + left + PIXELS, 0);
            }
        }
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, pixels))))
                .getText();
    }

    @Test
    void withoutTheCodeOfTheAppThePasswordOpensNothing() {
        UUID account = practitioner(username);
        setUp(account);

        Cookie half = signIn();

        for (String path : List.of("/", "/children/" + child("Bram"), "/account", "/account/second-step", "/watch/")) {
            assertThat(open(half, path).location()).as(path).isEqualTo("/sign-in/second");
        }
        assertThat(open(half, "/watch/contact").text()).contains("\"person\":null");
        assertThat(post(half, "/sign-in/second", "code", "000000").status()).isEqualTo(422);
        assertThat(open(half, "/").location()).isEqualTo("/sign-in/second");

        String code = codeNow(account);
        Answer passed = post(half, "/sign-in/second", "code", code);

        assertThat(passed.status()).isEqualTo(302);
        assertThat(open(after(passed, half), "/account").status()).isEqualTo(200);
        Cookie again = signIn();
        assertThat(post(again, "/sign-in/second", "code", code).status())
                .as("a code counts once")
                .isEqualTo(422);
    }

    @Test
    void aRecoveryCodeLetsInOnceHoweverItIsTyped() {
        List<String> codes = setUp(practitioner(username));
        String typed = codes.get(3).toLowerCase(java.util.Locale.ROOT).replace("-", " ");

        Cookie half = signIn();
        Answer passed = post(half, "/sign-in/second", "code", typed);

        assertThat(passed.status()).isEqualTo(302);
        assertThat(open(after(passed, half), "/account/second-step").text()).contains("9 recovery codes");
        assertThat(post(signIn(), "/sign-in/second", "code", typed).status()).isEqualTo(422);
    }

    @Test
    void whoGuessesCodesIsSlowedDownAndItIsInTheLog() {
        setUp(practitioner(username));
        Cookie half = signIn();
        for (int tried = 0; tried < SignInGuard.FROM_AN_ADDRESS; tried++) {
            post(half, "/sign-in/second", "code", "12345" + tried % 10);
        }

        assertThat(post(half, "/sign-in/second", "code", "000000").text()).contains("Too many");
        assertThat(database.queryForObject(
                        "select count(*) from security_entry e join account a on a.id = e.account_id"
                                + " where username = ? and event = 'WRONG_SECOND_STEP'",
                        Integer.class,
                        username))
                .isEqualTo(SignInGuard.FROM_AN_ADDRESS);
    }

    @Test
    void aSettingThatAsksForItHasLeadsSetItUpAtTheirNextSignInAndPractitionersNot() {
        UUID account = practitioner(username);
        post("imelda", "/staff/second-step", "asked", "on");
        assertThat(open(signIn(), "/account").status()).isEqualTo(200);
        database.update("update account set role = 'ROOM_LEAD' where id = ?", account);

        Cookie half = signIn();
        Answer asked = open(half, "/sign-in/second");
        assertThat(asked.text()).contains("Your setting asks managers and leads for a second step");
        Answer wrong = post(half, "/sign-in/second", "code", "000000");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.page().select("code.secret").text())
                .isEqualTo(asked.page().select("code.secret").text());
        Answer done = post(half, "/sign-in/second", "code", codeNow(account));

        assertThat(done.page().select(".codes code")).hasSize(10);
        Cookie whole = after(done, half);
        assertThat(open(whole, "/account").status()).isEqualTo(200);
        assertThat(post(whole, "/account/second-step/off", "old", PASSWORD).status())
                .isEqualTo(422);
    }

    @Test
    void itIsTakenAwayWithThePasswordOrByTheManagersNewCode() {
        UUID account = practitioner(username);
        setUp(account);
        Cookie half = signIn();
        Cookie session = after(post(half, "/sign-in/second", "code", codeNow(account)), half);

        assertThat(post(session, "/account/second-step/off", "old", "wrong").status())
                .isEqualTo(422);
        assertThat(post(session, "/account/second-step/codes", "old", PASSWORD)
                        .page()
                        .select(".codes code"))
                .hasSize(10);
        assertThat(post(session, "/account/second-step/off", "old", PASSWORD).status())
                .isEqualTo(302);
        assertThat(open(signIn(), "/account").status()).isEqualTo(200);

        clock.advance(Totp.STEP);
        setUp(account);
        post("imelda", "/staff/" + account + "/code");
        assertThat(database.queryForObject("select count(*) from second_step where id = ?", Integer.class, account))
                .isZero();
    }
}
