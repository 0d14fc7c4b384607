package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.stream.Collectors;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** From an empty Carder to the first thing that it is for. Presses are counted, typing is not. */
class JourneyTest {

    private static final List<String> CHILDREN = List.of(
            "Anouk",
            "Bram",
            "Cosima",
            "Idris",
            "Kofi",
            "Quentin",
            "Tamsin",
            "Yusuf",
            "Chidi",
            "Delphine",
            "Esperanza",
            "Florian",
            "Dara",
            "Eskil",
            "Hana",
            "Juno",
            "Nadia",
            "Priya",
            "Rosalind",
            "Viggo",
            "Farida",
            "Goran",
            "Lumi",
            "Odhran");

    private static final String PASSWORD = "willow-bark-and-string";

    /** Whoever presses and types, and how often they pressed. */
    private static final class Hand {
        private final Page page;
        private int presses;

        Hand(Page page) {
            this.page = page;
        }

        void press(Locator what) {
            what.click();
            presses++;
        }

        void button(String name) {
            press(page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)));
        }

        void link(String name) {
            press(page.locator("main, header, nav")
                    .getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions().setName(name).setExact(true))
                    .first());
        }

        /** Opening the list, and the choice. */
        void chooseFirst(Locator list) {
            list.selectOption(new SelectOption().setIndex(1));
            presses += 2;
        }

        void type(String field, String words) {
            page.locator("#" + field).fill(words);
        }
    }

    private static void firstRun(Hand hand, String code, String kind, String style) {
        hand.page.navigate("/");
        hand.type("code", code);
        hand.type("settingName", "Quillmere");
        hand.press(hand.page.locator("label:has([name=kind][value=" + kind + "])"));
        hand.type("roomName", "Loft");
        hand.type("zones", "Writing, Water, Mat, Table");
        hand.press(hand.page.locator("label:has([name=style][value=" + style + "])"));
        hand.type("managerName", "Imelda Farrow");
        hand.type("username", "imelda");
        hand.type("password", PASSWORD);
        hand.button("Create it");
        hand.page.locator("[name=username]").fill("imelda");
        hand.page.locator("[name=password]").fill(PASSWORD);
        hand.button("Sign in");
        assertThat(hand.page.locator("h1")).containsText("Today in Loft");
    }

    private static void everyReadyCard(Hand hand) {
        hand.link("Plan");
        hand.link("Ready cards");
        hand.button("Put all 30 in our deck");
        assertThat(hand.page.locator("main [role=status]").first()).containsText("Cards put in your deck: 30");
    }

    @Test
    void aRoomOfTwentyFourComesFromATableToItsFirstWeekInFewerThanFortyPresses() {
        RunningCarder.get().fromEmpty(RunningCarder.DESKTOP, (desk, code) -> {
            Hand hand = new Hand(desk.page);
            firstRun(hand, code, "NURSERY", "FREE_FLOW");

            hand.link("Make sense");
            hand.link("From a table");
            hand.type("pasted", table());
            hand.button("Show what it would do");
            hand.button("Add 24 children");
            assertThat(desk.page.locator("main")).containsText("Odhran");
            everyReadyCard(hand);

            hand.link("Week board");
            hand.press(desk.page.getByText("Suggest this week"));
            hand.press(desk.page.getByRole(
                    AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName("Put it on the board").setExact(true)));
            assertThat(desk.page.locator("main .board-card").first()).isVisible();

            Assertions.assertThat(hand.presses).isLessThan(40);
            Assertions.assertThat(desk.complaints()).isEmpty();
        });
    }

    private static String table() {
        return "First name\tDate of birth\tDays\tAllergies\n"
                + CHILDREN.stream()
                        .map(name -> "%s\t2022-0%d-11\tMon-Fri\tnone".formatted(name, 1 + name.length() % 9))
                        .collect(Collectors.joining("\n"));
    }

    @Test
    void aChildminderWithSixChildrenComesToTheFirstJournalInFewerThanNinetyPresses() {
        RunningCarder.get().fromEmpty(RunningCarder.PHONE, (phone, code) -> {
            Hand hand = new Hand(phone.page);
            firstRun(hand, code, "CHILDMINDER", "HOME_MIXED_AGE");

            hand.link("Make sense");
            hand.link("Add a child");
            for (String name : List.of("Anouk", "Bram", "Cosima", "Delphine", "Idris", "Kofi")) {
                child(hand, name);
            }
            everyReadyCard(hand);
            for (String note :
                    List.of("Posted cubes through the slot.", "Poured from cup to cup.", "Sorted the socks.")) {
                home(hand);
                hand.link("Write an observation");
                hand.press(phone.page.locator("label:has([name=child])").first());
                hand.type("note", note);
                hand.press(phone.page.locator(".save-bar button"));
                assertThat(phone.page.locator("main [role=status]").first()).isVisible();
            }

            home(hand);
            hand.link("Tell");
            hand.link("Make a journal");
            hand.chooseFirst(phone.page.locator("#child"));
            hand.button("Pick entries");
            assertThat(phone.page.locator("main")).containsText("Sorted the socks.");
            hand.button("Approve");
            assertThat(phone.page.getByText("Open the PDF")).isVisible();

            Assertions.assertThat(hand.presses).isLessThan(90);
            Assertions.assertThat(phone.complaints()).isEmpty();
        });
    }

    private static void home(Hand hand) {
        hand.press(hand.page.locator("header a[href='/']:visible").first());
        assertThat(hand.page.locator("h1")).containsText("Today in Loft");
    }

    private static void child(Hand hand, String name) {
        hand.type("givenName", name);
        hand.type("bornOn", "2023-02-11");
        for (String day : List.of("MONDAY", "WEDNESDAY")) {
            hand.press(hand.page.locator("label:has([name=days][value=" + day + "])"));
        }
        hand.press(hand.page.locator("label:has([name=allergiesAsked][value=yes])"));
        hand.button("Save and add another");
        assertThat(hand.page.locator("main [role=status]").first()).isVisible();
    }
}
