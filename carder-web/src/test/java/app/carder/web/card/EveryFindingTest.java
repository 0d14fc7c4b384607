package app.carder.web.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.core.card.SetOutGate;
import app.carder.core.ladder.LadderStep;
import app.carder.core.safety.Finding;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.kit.Pdfs;
import app.carder.web.kit.WebTest;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every card of the Loft, with a dog in the room: whatever door a card is met through, the findings are those of one check. */
class EveryFindingTest extends WebTest {

    private static final LocalDate WEDNESDAY = LocalDate.of(2026, 5, 6);

    @Autowired
    private SafetyService safety;

    @Autowired
    private CardService deck;

    @Autowired
    private RoomService rooms;

    private RoomView loft;

    @BeforeEach
    void aDogLivesThere() {
        UUID setting = id("select setting_id from room where id = ?", room("Loft"));
        loft = rooms.get(new SettingId(setting), room("Loft"));
        post(
                "tobias",
                loft("/others"),
                "otherId",
                UUID.randomUUID().toString(),
                "otherName",
                "Biscuit",
                "other",
                "DOG");
    }

    @AfterEach
    void theDogGoes() {
        database.update("delete from room_other");
    }

    private String loft(String path) {
        return "/rooms/" + room("Loft") + path;
    }

    private SetOutGate gate(UUID card, Moment moment) {
        SettingId setting = new SettingId(id("select setting_id from room where id = ?", room("Loft")));
        return safety.gate(setting, loft, deck.get(setting, card), LadderStep.AS_IS, moment);
    }

    private List<UUID> cards() {
        return demoCards().stream()
                .filter(card ->
                        id("select room_id from card where id = ?", card).equals(room("Loft")))
                .toList();
    }

    /** A page on which findings of one card stand one by one: which of them, how each is written, and how they are read there. */
    private record Door(
            Predicate<Finding> shown,
            BiFunction<String, Finding, String> written,
            BiFunction<EveryFindingTest, UUID, List<String>> read) {}

    static Stream<Named<Door>> doors() {
        BiFunction<String, Finding, String> full =
                (level, finding) -> level + " " + finding.title() + ": " + finding.subject();
        return Stream.of(
                Named.of("bench", new Door(all -> true, full, (test, card) -> test.summaries("/cards/" + card))),
                Named.of(
                        "set-out",
                        new Door(all -> true, full, (test, card) -> test.summaries("/cards/" + card + "/set-out"))),
                Named.of(
                        "ladder",
                        new Door(
                                Finding::holds,
                                (level, finding) -> level + ": " + finding.title(),
                                (test, card) -> test.get("tobias", "/cards/" + card + "/ladder")
                                        .page()
                                        .select(".step-out")
                                        .get(0)
                                        .select(".short-findings .tag")
                                        .eachText())));
    }

    @ParameterizedTest
    @MethodSource("doors")
    void theListIsTheSame(Door door) {
        SoftAssertions softly = new SoftAssertions();
        int findings = 0;
        for (UUID card : cards()) {
            List<String> expected = gate(card, Moment.day(WEDNESDAY)).findings().stream()
                    .filter(door.shown)
                    .map(finding -> door.written.apply(finding.level().words(), finding))
                    .toList();
            findings += expected.size();
            softly.assertThat(door.read.apply(this, card)).isEqualTo(expected);
        }
        softly.assertAll();
        assertThat(findings).as("findings compared").isPositive();
    }

    /** What somebody saw elsewhere says nothing of the things here: of cards with answers, an import asks anew. */
    @Test
    void anImportShowsWhatWouldHoldTheCardHere() {
        List<UUID> unanswered = cards().stream()
                .filter(card -> database.queryForObject(
                                "select count(*) from card_answer where card_id = ?", Integer.class, card)
                        == 0)
                .toList();

        assertThat(unanswered)
                .hasSizeGreaterThan(5)
                .allSatisfy(card -> assertThat(preview(card).select(".tag.stop").eachText())
                        .isEqualTo(gate(card, Moment.day(WEDNESDAY)).findings().stream()
                                .filter(Finding::holds)
                                .map(finding ->
                                        finding.level().words() + ": " + finding.title() + ", " + finding.subject())
                                .toList()));
    }

    private List<String> summaries(String path) {
        List<String> read = new ArrayList<>();
        for (Element summary : get("tobias", path).page().select(".findings .finding summary")) {
            read.add(summary.select(".found").text());
        }
        return read;
    }

    private Document preview(UUID card) {
        byte[] file = get("tobias", "/cards/" + card + "/card.json").text().getBytes(StandardCharsets.UTF_8);
        return send(
                        "tobias",
                        MockMvcRequestBuilders.multipart(loft("/cards/import"))
                                .file(new MockMultipartFile("file", "card.json", "application/json", file))
                                .with(csrf().asHeader()))
                .page();
    }

    @Test
    void thePrintedCardNamesTheGravestAndHowManyMore() {
        for (UUID card : cards()) {
            List<Finding> all = gate(card, Moment.day(WEDNESDAY)).findings();
            String text = words(get("tobias", "/cards/" + card + "/card.pdf"));

            all.stream()
                    .limit(5)
                    .map(finding ->
                            "%s %s (%s).".formatted(finding.level().words(), finding.title(), finding.subject()))
                    .forEach(line -> assertThat(text).contains(packed(line)));
            if (all.size() > 5) {
                assertThat(text).contains(packed("And " + (all.size() - 5) + " more on the screen."));
            }
        }
    }

    /** One planned card: which, and the line that its session's check gives. */
    private record Planned(UUID block, String title, LocalDate on, SetOutGate gate) {}

    private List<Planned> planned() {
        return database.query(
                "select b.id, b.card_id, p.title, b.on_day, b.session_id from planned_block b"
                        + " join card p on p.id = b.card_id"
                        + " where b.room_id = ? and b.on_day between '2026-05-04' and '2026-05-08'",
                (row, number) -> {
                    LocalDate on = row.getObject("on_day", LocalDate.class);
                    UUID session = row.getObject("session_id", UUID.class);
                    Moment moment = loft.sessions().stream()
                            .filter(one -> one.id().equals(session))
                            .map(one -> Moment.between(
                                    on, one.session().startsAt(), one.session().endsAt()))
                            .findFirst()
                            .orElseThrow();
                    return new Planned(
                            row.getObject("id", UUID.class),
                            row.getString("title"),
                            on,
                            gate(row.getObject("card_id", UUID.class), moment));
                },
                room("Loft"));
    }

    @Test
    void theBoardGivesTheLinesOfEachSession() {
        Document board = get("tobias", loft("/week")).page();

        assertThat(planned()).hasSizeGreaterThan(10).allSatisfy(one -> {
            Element bar = board.selectFirst("[data-blocks~=" + one.block + "]");
            assertThat(onItsDay(bar, ".held", one)).isEqualTo(one.gate.held());
            assertThat(onItsDay(bar, ".stays", one)).isEqualTo(one.gate.stays());
        });
    }

    /** A bar says a line once for all its days, and names the days where it is some of them. */
    private static String onItsDay(Element bar, String lines, Planned one) {
        return bar.select(lines + "[data-on~=" + one.on + "] > span:not(.on-days)")
                .text();
    }

    @Test
    void whatIsPrintedAndPassedOnGivesTheSameLinesAndNamesNobody() {
        String pdf = words(get("tobias", loft("/week.pdf")));
        String table = packed(get("tobias", loft("/week.csv")).text());
        String list = packed(get("tobias", loft("/lists/set-out?of=" + WEDNESDAY))
                .page()
                .select("main")
                .text());

        for (Planned one : planned()) {
            for (String line : List.of(one.gate.heldNamingNobody(), one.gate.stays())) {
                assertThat(pdf).contains(packed(line));
                assertThat(table).contains(packed(line));
            }
        }
        assertThat(planned().stream().filter(one -> one.on.equals(WEDNESDAY)))
                .isNotEmpty()
                .allSatisfy(one -> assertThat(list).contains(packed(one.gate.heldNamingNobody())));
    }

    @Test
    void theAppInTheHandGivesTheLinesOfTheDay() {
        JsonNode bundle = JsonMapper.builder()
                .build()
                .readTree(get("tobias", bundle("tobias", room("Loft"))).text());

        for (UUID card : cards()) {
            SetOutGate gate = gate(card, Moment.day(WEDNESDAY));
            String held = bundle.get("cards")
                    .valueStream()
                    .filter(one -> one.get("id").asString().equals(card.toString()))
                    .findFirst()
                    .orElseThrow()
                    .get("held")
                    .asString();
            assertThat(held)
                    .isEqualTo(String.join(
                            ". ",
                            Stream.of(gate.held(), gate.stays())
                                    .filter(line -> !line.isEmpty())
                                    .toList()));
        }
    }

    private static String words(Answer pdf) {
        return packed(Pdfs.text(pdf.response().getContentAsByteArray()));
    }

    /** Lines break elsewhere on paper. */
    private static String packed(String text) {
        return text.replaceAll("[\\s\\u00ad\"]+", "");
    }
}
