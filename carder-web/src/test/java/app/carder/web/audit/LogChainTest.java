package app.carder.web.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.chain.LogCheck;
import app.carder.core.chain.LogCheck.Fault;
import app.carder.core.chain.LogCheck.Finding;
import app.carder.core.chain.Part;
import app.carder.core.chain.Seal;
import app.carder.core.premises.Premises;
import app.carder.web.kit.WebTest;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingDetails;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import jakarta.persistence.EntityManager;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.LongStream;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.support.TransactionTemplate;

/** Every log is one of a setting that is there for a test alone and gone again after it: the tampering with it as well. */
class LogChainTest extends WebTest {

    private static final int ENTRIES = 30;

    @Autowired
    private LogChain chain;

    @Autowired
    private SettingService settings;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private ApplicationContext application;

    @Autowired
    private EntityManager entities;

    /** What somebody does with a log of thirty entries that are sealed. */
    private interface Deed {
        void with(SettingId settingId);
    }

    private void inALog(Deed deed) {
        transaction.executeWithoutResult(status -> {
            SettingId settingId = settings.create(new SettingDetails(
                            "Lock house", ZoneId.of("Europe/London"), Currency.getInstance("GBP"), Premises.USUAL, 30))
                    .id();
            entities.flush();
            for (int number = 1; number <= ENTRIES; number++) {
                written(settingId, "Imelda Farrow", number);
            }
            assertThat(chain.seal(settingId)).isEqualTo(ENTRIES);
            deed.with(settingId);
            status.setRollbackOnly();
        });
    }

    private void written(SettingId settingId, String person, int minute) {
        database.update(
                "insert into access_entry (id, setting_id, person_id, person_name, role, method, route, subject_id, status, at, browser)"
                        + " values (?, ?, ?, ?, 'MANAGER', 'GET', '/children/{childId}', ?, 200, timestamptz '2026-05-06 09:00Z' + ? * interval '1 minute', '')",
                Ids.next(),
                settingId.value(),
                Ids.next(),
                person,
                Ids.next(),
                minute);
    }

    private LogCheck.Report checked(SettingId settingId, Seal... noted) {
        return chain.check(settingId, List.of(noted));
    }

    @Test
    void aLogThatNobodyTouchedIsWholeAndGoesOn() {
        inALog(settingId -> {
            Seal before = chain.head(settingId).orElseThrow();
            written(settingId, "Hamish Vale", ENTRIES + 1);
            assertThat(chain.waiting(settingId)).isEqualTo(1);
            chain.seal(settingId);

            LogCheck.Report report = checked(settingId, before);

            assertThat(report.isWhole()).isTrue();
            assertThat(report.entries()).isEqualTo(ENTRIES + 1);
            assertThat(report.confirmed()).containsExactly((long) ENTRIES);
            assertThat(chain.at(settingId, ENTRIES)).contains(before);
        });
    }

    @Test
    void whoeverChangesTakesOutOrMovesARowIsFoundOut() {
        inALog(settingId -> {
            database.update(
                    "update access_entry set person_name = 'Nobody' where setting_id = ? and link = 7",
                    settingId.value());
            database.update(
                    "update access_entry set status = 403 where setting_id = ? and link = 9", settingId.value());
            database.update("delete from access_entry where setting_id = ? and link = 12", settingId.value());
            // As if it had never been sealed: it would be sealed anew at the end.
            database.update(
                    "update access_entry set link = null where setting_id = ? and link = 20", settingId.value());
            chain.seal(settingId);

            assertThat(checked(settingId).findings())
                    .contains(
                            new Finding(Fault.CONTENT_CHANGED, 7, Optional.of(Part.PERSON)),
                            new Finding(Fault.CONTENT_CHANGED, 9, Optional.of(Part.DEED)),
                            new Finding(Fault.CONTENT_GONE, 12, Optional.of(Part.SUBJECT)),
                            new Finding(Fault.CONTENT_GONE, 20, Optional.of(Part.DEED)))
                    .hasSize(8);
        });
    }

    @Test
    void theDatabaseLetsNobodyChangeALink() {
        for (String change : List.of("update chain_link set number = number + 1000", "delete from chain_link")) {
            inALog(settingId -> assertThatThrownBy(
                            () -> database.update(change + " where setting_id = ?", settingId.value()))
                    .isInstanceOf(DataAccessException.class)
                    .hasMessageContaining("A link of the log stays as it is."));
        }
    }

    @Test
    void anEndThatWasCutOffIsGivenAwayByTheFile() {
        inALog(settingId -> {
            Seal head = chain.head(settingId).orElseThrow();
            database.execute("alter table chain_link disable trigger links_stay");
            database.update("delete from chain_link where setting_id = ? and number > 25", settingId.value());

            assertThat(checked(settingId).isWhole()).as("without the seal").isTrue();
            assertThat(checked(settingId, head).findings())
                    .containsExactly(new Finding(Fault.CUT_OFF, ENTRIES, Optional.empty()));
        });
    }

    @Test
    void aPartThatWasErasedAsWrittenDownLeavesTheLogWhole() {
        inALog(settingId -> {
            database.update(
                    "update access_entry set subject_id = null, subject_salt = null where setting_id = ? and link in (3, 4, 5)",
                    settingId.value());
            assertThat(checked(settingId).faults()).as("nothing tells of it").isEqualTo(3);
            database.update(
                    "insert into erasure (id, setting_id, erased_at, erased_by, reason, went, files, replaced, left_standing, subject_links)"
                            + " values (?, ?, now(), 'Imelda Farrow', 'Asked for by the family.', '{}', 0, 0, 0, '3-5')",
                    Ids.next(),
                    settingId.value());
            chain.seal(settingId);

            assertThat(checked(settingId).isWhole()).isTrue();
            assertThat(checked(settingId).erasedParts()).isEqualTo(3);
        });
    }

    @Test
    void twoServersThatSealAtOnceMakeOneOrder() throws Exception {
        SettingId settingId = new SettingId(id("select setting_id from account where username = 'imelda'"));
        for (int page = 0; page < ENTRIES; page++) {
            get("hamish", "/children/" + child("Anouk"));
        }
        ExecutorService servers = Executors.newFixedThreadPool(2);
        try {
            List<Callable<Integer>> both = new ArrayList<>();
            both.add(() -> chain.seal(settingId));
            both.add(() -> chain.seal(settingId));
            for (Future<Integer> one : servers.invokeAll(both)) {
                one.get();
            }
        } finally {
            servers.shutdown();
        }

        List<Long> numbers = database.queryForList(
                "select number from chain_link where setting_id = ? order by number", Long.class, settingId.value());
        assertThat(numbers)
                .hasSizeGreaterThan(ENTRIES)
                .containsExactlyElementsOf(
                        LongStream.rangeClosed(1, numbers.size()).boxed().toList());
        assertThat(checked(settingId).findings())
                .extracting(Finding::fault)
                .doesNotContain(Fault.LINK_CHANGED, Fault.OUT_OF_ORDER);
    }

    @Test
    void theFileKeepsASealEveryQuarterOfAnHourAndTellsLinesThatItCannotRead(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("log").resolve("seals.txt");
        SettingId settingId = new SettingId(Ids.next());
        Seal first = Seal.read("7 0011-2233-4455-6677-8899-AABB").orElseThrow();
        Seal second = Seal.read("9 FF11-2233-4455-6677-8899-AABB").orElseThrow();
        Instant nine = Instant.parse("2026-05-06T09:00:00Z");

        notedAt(file, nine).note(settingId, first);
        NotedSeals quarter = notedAt(file, nine.plusSeconds(900));
        quarter.note(settingId, second);
        quarter.note(settingId, first);
        quarter.note(new SettingId(Ids.next()), first);

        assertThat(quarter.of(settingId)).isEqualTo(new NotedSeals.Noted(List.of(first, second), 0));
        Files.writeString(file, Files.readString(file) + "2026-05-06T10:00:00Z " + settingId + " 12 rubbish\n");
        assertThat(quarter.of(settingId)).isEqualTo(new NotedSeals.Noted(List.of(first, second), 1));
        assertThat(notedAt(folder.resolve("nowhere"), nine).of(settingId).seals())
                .isEmpty();
    }

    private static NotedSeals notedAt(Path file, Instant at) {
        return new NotedSeals(file, Duration.ofMinutes(15), Clock.fixed(at, ZoneOffset.UTC));
    }

    @Test
    void theConsoleSaysOfEachSettingWhetherItsLogIsWholeAndFailsOtherwise(@TempDir Path folder) {
        inALog(settingId -> {
            Seal seal = chain.head(settingId).orElseThrow();

            assertThat(console(folder, "rubbish")).contains("That is not a seal.");
            assertThat(console(folder, seal.forPeople()))
                    .contains("Lock house: All 30 entries stand as written", "Seal now: " + seal.forPeople())
                    .doesNotContain("none of the logs here");
            assertThat(console(folder, "30 0011-2233-4455-6677-8899-AABB"))
                    .contains("That seal is of none of the logs here.");
            database.update("delete from access_entry where setting_id = ? and link = 12", settingId.value());
            assertThat(console(folder, "all"))
                    .contains(
                            "Lock house: This log was changed after it was written: 3 faults.",
                            "Entry 12: who did it is gone",
                            "failed");
        });
    }

    private String console(Path folder, String seal) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream console = new PrintStream(said, true, StandardCharsets.UTF_8);
        boolean isWell = new ConsoleVerify(
                        seal, chain, notedAt(folder.resolve("seals.txt"), Instant.EPOCH), settings, application)
                .print(seal, console);
        return said.toString(StandardCharsets.UTF_8) + (isWell ? "well" : "failed");
    }

    @Test
    void theManagerSeesTheSealAndWhetherTheLogWasChanged() {
        get("hamish", "/children/" + child("Anouk"));
        SettingId settingId = new SettingId(id("select setting_id from account where username = 'imelda'"));
        chain.seal(settingId);
        Seal seal = chain.head(settingId).orElseThrow();

        assertThat(get("imelda", "/access-log").page().text()).contains("Seal now: ");
        Document right = get(
                        "imelda", "/access-log/check?seal=" + seal.forPeople().replace(' ', '+'))
                .page();
        assertThat(right.select("svg.log-band line.right")).isNotEmpty();
        assertThat(get("imelda", "/access-log/check?seal=" + seal.number() + "+0011-2233-4455-6677-8899-AABB")
                        .page()
                        .text())
                .contains(": its seal was noted elsewhere and is another one.");
        assertThat(get("imelda", "/access-log/check?seal=12+rubbish")
                        .page()
                        .select(".faults")
                        .text())
                .contains("That is not a seal.");
    }
}
