package app.carder.web.staff;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.account.StaffAccountService;
import app.carder.web.kit.WebTest;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;

class ConsoleManagerTest extends WebTest {

    @Autowired
    private StaffAccountService staff;

    @Autowired
    private ApplicationContext application;

    @AfterEach
    void forgetFailuresAndTheSecondManager() {
        database.update("delete from sign_in_budget");
        database.update("update account set role = 'PRACTITIONER' where username = 'alone.at.home'");
    }

    @Test
    void letsBackInWhoeverIsLockedOutAndMakesThemTheManager() {
        UUID account = practitioner("alone.at.home");
        database.update("update account set closed_at = now() where id = ?", account);

        String said = said("alone.at.home", true);

        Matcher code = Pattern.compile("(?:[A-Z2-9]{4}-){3}[A-Z2-9]{4}").matcher(said);
        assertThat(code.find()).isTrue();
        postAsNobody(
                "/sign-in/code", "username", "alone.at.home", "code", code.group(), "password", "three blue buckets");
        assertThat(postAsNobody("/sign-in", "username", "alone.at.home", "password", "three blue buckets")
                        .location())
                .isEqualTo("/");
        assertThat(database.queryForObject("select role from account where id = ?", String.class, account))
                .isEqualTo("MANAGER");
        assertThat(database.queryForObject(
                        "select by_name from security_entry where account_id = ? and event = 'CODE_MADE'",
                        String.class,
                        account))
                .isEqualTo("the server's console");
    }

    @Test
    void makesNobodyWhereItIsNotClearInWhichSettingAndNoManagerOfACarer() {
        assertThat(said("nobody.here", false)).contains("Nobody signs in as");
        assertThat(said("anouk.grandfather", false)).contains("account of a carer");
    }

    private String said(String username, boolean done) {
        ByteArrayOutputStream console = new ByteArrayOutputStream();
        boolean was = new ConsoleManager(username, staff, application)
                .print(new PrintStream(console, true, StandardCharsets.UTF_8));
        assertThat(was).isEqualTo(done);
        return console.toString(StandardCharsets.UTF_8);
    }
}
