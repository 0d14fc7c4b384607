package app.carder.web.rights;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.audit.LogChain;
import app.carder.web.kit.WebTest;
import app.carder.web.outbox.Recipients;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A child of the Loft with a grandmother, who was written about once. */
class LifeTest extends WebTest {

    private static final String MAIL = "grandmother@example.org";

    @Autowired
    private LogChain log;

    @Autowired
    private Recipients recipients;

    private UUID ottilie = new UUID(0, 0);

    @BeforeEach
    void aChild() {
        ottilie = enrolled("Loft", "Ottilie", "2022-02-02", "mayFetch", "Grandmother, rowan");
        post("imelda", path("/carers"), "carerName", "A grandmother", "email", MAIL, "phone", "", "home", "The mill");
        post(
                "imelda",
                "/rooms/" + room("Loft") + "/observations",
                "id",
                Ids.next().toString(),
                "note",
                "Ottilie carried the parcel.",
                "child",
                ottilie.toString());
        database.update(
                "update observation set note = 'Ottilie carried the parcel.' where id in (select observation_id from observation_child where child_id = ?)",
                ottilie);
    }

    @AfterEach
    void isErasedAgain() {
        String name = database.queryForObject("select given_name from child where id = ?", String.class, ottilie);
        erased(ottilie, name);
        assertThat(database.queryForList("select 1 from child where id = ?", ottilie))
                .isEmpty();
        database.update("delete from message where to_address = ?", MAIL);
    }

    private String path(String what) {
        return "/children/" + ottilie + what;
    }

    private SettingId setting() {
        return new SettingId(id("select setting_id from child where id = ?", ottilie));
    }

    private UUID carer() {
        return id("select id from carer where email = ?", MAIL);
    }

    private String note() {
        return database.queryForObject(
                "select note from observation where id in (select observation_id from observation_child where child_id = ?)",
                String.class,
                ottilie);
    }

    private void waits() {
        database.update(
                "insert into message (id, setting_id, room_id, to_name, to_address, subject, body, written_at, standing, tries, next_try_at, asked_at, answer)"
                        + " values (?, ?, ?, 'A grandmother', ?, 'A learning journal', '', now(), 'WAITING', 0, now() + interval '1 day', now(), '')",
                Ids.next(),
                setting().value(),
                room("Loft"),
                MAIL);
    }

    private String standingOfTheMessage() {
        return database.queryForObject("select standing from message where to_address = ?", String.class, MAIL);
    }

    private Answer renamed(String name, String... more) {
        List<String> fields = new ArrayList<>(List.of("newName", name));
        get("imelda", path("/life"))
                .page()
                .select("[name=place]")
                .forEach(place -> fields.addAll(List.of("place", place.val())));
        fields.addAll(Arrays.asList(more));
        return post("imelda", path("/life/name"), fields.toArray(String[]::new));
    }

    @Test
    void anotherNameIsUsedFromNowOnAndTheEarlierOneStaysInTheHistory() {
        assertThat(renamed("Oda").location()).startsWith(path("/life"));

        assertThat(note()).isEqualTo("Oda carried the parcel.");
        assertThat(get("imelda", path("")).page().select("h1").text()).contains("Oda");
        assertThat(database.queryForList(
                        "select before from history_entry where subject_id = ? and field = 'name'",
                        String.class,
                        ottilie))
                .containsExactly("Ottilie");
    }

    @Test
    void aNameThatIsNotToBeShownAnyMoreIsNowhereButIsStillTakenOutOfWhatOthersWrite() {
        log.seal(setting());
        int faults = log.check(setting(), List.of()).faults();
        renamed("Otto");
        log.seal(setting());

        renamed("Oda", "hides", "yes");

        log.seal(setting());
        assertThat(log.check(setting(), List.of()).faults())
                .as("what was erased is written down")
                .isEqualTo(faults);
        for (String page : List.of(path(""), path("/life"), path("/edit"))) {
            assertThat(get("imelda", page).page().text()).as(page).doesNotContain("Otto", "Ottilie");
        }
        assertThat(database.queryForList(
                        "select before from history_entry where subject_id = ? and field = 'name'",
                        String.class,
                        ottilie))
                .isEmpty();
        assertThat(get("imelda", "/erasures").page().text()).contains("A name that is not to be used any more.");
        UUID written = Ids.next();
        post(
                "imelda",
                "/rooms/" + room("Loft") + "/observations",
                "id",
                written.toString(),
                "note",
                "Bram gave it to Otto.",
                "child",
                child("Bram").toString());
        assertThat(database.queryForObject("select note from observation where id = ?", String.class, written))
                .isEqualTo("Bram gave it to a friend.");
        database.update("delete from observation_child where observation_id = ?", written);
        database.update("delete from observation where id = ?", written);
    }

    @Test
    void aPlaceThatWasNotTickedStaysAndAWrongNameIsRefused() {
        post("imelda", path("/life/name"), "newName", "Oda");

        assertThat(note()).isEqualTo("Ottilie carried the parcel.");
        assertThat(post("imelda", path("/life/name"), "newName", "Oda")
                        .page()
                        .select(".faults")
                        .text())
                .contains("This is the name now.");
        assertThat(post("imelda", path("/life/name"), "newName", " ").status()).isEqualTo(422);
        assertThat(post("tobias", path("/life/name"), "newName", "Oda").status())
                .isEqualTo(403);
    }

    @Test
    void anotherFamilyEndsWhoReadsStopsWhatWaitsAndAsksAboutPhotosAnew() {
        post("imelda", path("/consents"), "name", "A grandmother", "on", "2026-05-06", "DISPLAY", "yes");
        waits();
        assertThat(recipients.mayBeWrittenTo(setting(), MAIL)).isTrue();

        Answer changed = post("imelda", path("/life/family"), "ending", carer().toString());

        assertThat(get("imelda", changed.location().replace("saved&", ""))
                        .page()
                        .text())
                .contains("Another family");
        assertThat(changed.location()).endsWith("stopped=1");
        assertThat(standingOfTheMessage()).isEqualTo("STOPPED");
        assertThat(recipients.mayBeWrittenTo(setting(), MAIL)).isFalse();
        assertThat(get("imelda", path("/carers")).page().text()).contains("The mill");
        assertThat(database.queryForObject("select may_fetch from child where id = ?", String.class, ottilie))
                .isEmpty();
        assertThat(database.queryForObject("select consent_display from child where id = ?", Boolean.class, ottilie))
                .isFalse();
        assertThat(post("imelda", path("/life/family")).page().select(".faults").text())
                .contains("Tick who is not to read any more.");
    }

    @Test
    void afterADeathTheChildIsOnNoListNothingGoesOutByItselfAndTheFamilyStillReads() {
        waits();

        post("imelda", path("/life/death"), "diedOn", "2026-05-05");

        assertThat(standingOfTheMessage()).isEqualTo("STOPPED");
        assertThat(recipients.mayBeWrittenTo(setting(), MAIL))
                .as("somebody may write all the same")
                .isTrue();
        assertThat(get("hamish", "/rooms/" + room("Loft") + "/children").page().text())
                .doesNotContain("Ottilie");
        assertThat(get("hamish", "/rooms/" + room("Loft") + "/register").page().text())
                .doesNotContain("Ottilie");
        assertThat(get("imelda", path("/life")).page().text()).contains("Ottilie died on 5 May 2026.");
        database.update("update child set ends_on = date '2016-05-05' where id = ?", ottilie);
        database.update("update setting_change set people = people + 1");
        assertThat(get("imelda", "/retention")
                        .page()
                        .select(".keeping > li:contains(Ottilie)")
                        .text())
                .contains("you decide, with the family", "due, but held");
        assertThat(get("imelda", "/retention").page().select("[name=goes][value^=" + ottilie + "]"))
                .isEmpty();

        assertThat(post("imelda", path("/life/death"), "diedOn", "2030-01-01").status())
                .isEqualTo(422);
        post("imelda", path("/life/death"), "mistake", "yes");
        assertThat(get("hamish", "/rooms/" + room("Loft") + "/children").page().text())
                .contains("Ottilie");
    }

    @Test
    void aFosterCarerOfWhomNobodyHasAskedHasNoSayAboutPhotos() {
        UUID carer = id(
                "select id from carer where account_id = (select id from account where username = 'anouk.grandfather')");
        try {
            assertThat(get("anouk.grandfather", "/family/consents").page().select("button"))
                    .isNotEmpty();
            database.update("update carer set fosters = true where id = ?", carer);
            database.update("update setting_change set people = people + 1");

            Document page = get("anouk.grandfather", "/family/consents").page();
            assertThat(page.select("main button")).isEmpty();
            assertThat(page.text())
                    .contains("Whoever has parental responsibility for Anouk says")
                    .doesNotContain("You decide");
            assertThat(post(
                                    "anouk.grandfather",
                                    "/family/consents",
                                    "child",
                                    child("Anouk").toString(),
                                    "use",
                                    "DISPLAY",
                                    "answer",
                                    "yes")
                            .status())
                    .isEqualTo(403);
        } finally {
            database.update("update carer set fosters = false where id = ?", carer);
            database.update("update setting_change set people = people + 1");
        }
    }
}
