package app.carder.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class DemoDataTest extends WebTest {

    @Test
    void hasTwoSettingsWithChildrenOfTheScenarioOnly() {
        assertThat(database.queryForList("select name from setting order by name", String.class))
                .containsExactly("Harbour Steps Nursery", "Quillmere Nursery");
        assertThat(database.queryForList("select distinct given_name from child", String.class))
                .contains("Anouk", "Florian", "Rafe")
                .hasSizeGreaterThanOrEqualTo(36);
    }

    @Test
    void holdsTheRoomsToTheirAges() {
        assertThat(ages("Burrow")).isNotEmpty().allMatch(months -> months >= 9 && months <= 24);
        assertThat(ages("Nook")).isNotEmpty().allMatch(months -> months >= 24 && months < 36);
        assertThat(ages("Loft")).isNotEmpty().allMatch(months -> months >= 36 && months < 60);
    }

    @Test
    void givesFortyCardsAndEveryOneIsComputedAndChecked() {
        assertThat(demoCards()).hasSizeGreaterThanOrEqualTo(40).allSatisfy(card -> {
            var margin = get("imelda", "/cards/" + card).page().select(".margin");
            assertThat(margin.select(".amount, .pieces li")).isNotEmpty();
            assertThat(margin.select(".bench-faults")).isEmpty();
            assertThat(margin.text()).contains("Looked at:");
            assertThat(margin.select(".level-never")).isEmpty();
            var sets = get("imelda", "/cards/" + card + "/calculations").page();
            assertThat(sets.select(".bench-faults"))
                    .as(sets.title() + sets.select(".bench-faults").text())
                    .isEmpty();
        });
    }

    @Test
    void plansThePreparationOfEveryCardThatHasSteps() throws IOException {
        // Other tests make cards with steps of their own, and swap these with another setting.
        List<UUID> cards = database.queryForList(
                "select distinct on (title) id from card where id in (select card_id from card_preparation_step)"
                        + " and title = any (?) order by title, id",
                UUID.class,
                (Object) titles());

        assertThat(cards).hasSizeGreaterThanOrEqualTo(5).allSatisfy(card -> {
            var plan = get("imelda", "/cards/" + card + "/preparation?readyOn=2026-05-22&readyAt=09:00")
                    .page();
            assertThat(plan.select("#plan .verdict").text()).isEqualTo("It can be ready in time.");
        });
    }

    @Test
    void stopsKidneyBeansForTheTwosAndOatsForTheChildWhoMayNotHaveGluten() {
        String beans = get("imelda", "/cards/" + card("Kidney beans by the cupful"))
                .page()
                .select(".findings")
                .text();
        String oats = get(
                        "imelda",
                        "/cards/"
                                + id(
                                        "select p.id from card p join room r on r.id = p.room_id where p.title = 'Letters in oats' and r.name = 'Nook'"))
                .page()
                .select(".findings")
                .text();

        assertThat(beans).contains("Stop for Raw beans that make ill", "Dara");
        assertThat(oats).contains("Stop for Allergen: Rolled oats", "Eskil", "cereals with gluten");
    }

    private List<Integer> ages(String room) {
        return database.queryForList(
                "select (extract(year from age(date '2026-05-06', born_on)) * 12 + extract(month from age(date '2026-05-06', born_on)))::int"
                        + " from child where room_id = (select id from room where name = ?) and given_name not like '%<%'",
                Integer.class, room);
    }

    private static String[] titles() throws IOException {
        try (InputStream cards = DemoDataTest.class.getResourceAsStream("cards.txt")) {
            return new String(cards.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.startsWith("card "))
                    .map(line -> line.substring(line.indexOf(": ") + 2))
                    .toArray(String[]::new);
        }
    }
}
