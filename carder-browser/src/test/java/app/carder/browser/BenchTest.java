package app.carder.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.carder.browser.RunningCarder.Device;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

/** The bench by mouse, by touch and by keyboard. */
class BenchTest {

    @Test
    void looksUpImportsAndCountsTheCupboardByMouse() throws Exception {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/materials");
            page.locator("#q").pressSequentially("cous");
            assertThat(page.locator(".cupboard > li")).hasCount(1);
            page.getByLabel("In stock (Couscous, dry)").fill("750");
            button(page, "Save stock of Couscous, dry").click();
            assertThat(page.getByLabel("In stock (Couscous, dry)")).hasValue("750");

            page.navigate("/materials/import");
            page.getByLabel("A table (CSV) or a cupboard file (JSON)")
                    .setInputFiles(new FilePayload(
                            "mine.csv",
                            "text/csv",
                            "name,kind,density_g_per_ml\nBran flakes,fill,0.12\nWrong,fill,\n"
                                    .getBytes(StandardCharsets.UTF_8)));
            button(page, "Show what it would do").click();
            assertThat(page.locator(".import-faults")).containsText("Line 3");
            button(page, "Put it in the cupboard").click();
            assertThat(page.locator("main [role=status]")).containsText("1 added");

            Download file = page.waitForDownload(() -> page.getByText("CSV", new Page.GetByTextOptions().setExact(true))
                    .click());
            org.assertj.core.api.Assertions.assertThat(Files.readString(file.path()))
                    .contains("Bran flakes,FILL,0.12");
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void makesACardFromAReadyOneKeepsASetAndSetsOutAStepByTouch() {
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.arriveSignedIn("tobias");
            Page page = phone.page;
            page.navigate("/plan");
            link(page, "Make a card").tap();
            link(page, "Start from a ready card").tap();
            page.getByLabel("Way of working").selectOption("PREPARED_ENVIRONMENT");
            button(page, "Show").tap();
            link(page, "Open and change Sorting the post").tap();
            assertThat(page.locator("#title")).hasValue("Sorting the post");
            page.locator("#title").fill("Sorting by touch");
            button(page, "Save the card").tap();
            assertThat(page.locator("main [role=status]").first()).containsText("Saved");

            tab(page, "Sets and mixes").tap();
            link(page, "Add a calculation").tap();
            page.locator(".tool-groups a", new Page.LocatorOptions().setHasText("Pieces and slots"))
                    .tap();
            page.locator("#pieces").fill("7");
            assertThat(page.locator("#answer")).containsText("1 × piece");
            page.locator("#pieces").fill("6");
            assertThat(page.locator("#answer")).containsText("It comes out even");
            button(page, "Save it on the card").tap();
            assertThat(page.locator(".kept")).containsText("Pieces and slots");

            tab(page, "Easier and harder").tap();
            Locator harder = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Harder"));
            harder.getByLabel("What changes").fill("Twice as many, in three places");
            harder.getByLabel("Amounts").fill("200");
            button(page, "Save the steps").tap();
            Locator ladderStep = page.locator(".step-out", new Page.LocatorOptions().setHasText("Harder"));
            assertThat(ladderStep).containsText("24 Postcards");
            ladderStep.getByRole(AriaRole.LINK).tap();
            assertThat(page.locator("#step")).hasValue("HARDER");
            answerEveryQuestion(page, "Each piece is as large as my fist, and one solid block.");
            assertThat(page.locator("#step")).hasValue("HARDER");
            page.getByLabel("Where").selectOption("Writing");
            button(page, "Set out").tap();
            assertThat(page.locator("main")).containsText("Sorting by touch");
            org.assertj.core.api.Assertions.assertThat(phone.complaints()).isEmpty();
        }
    }

    @Test
    void makesAKitAndChangesItByTouch() {
        try (Device phone = RunningCarder.get().device(RunningCarder.PHONE)) {
            phone.arriveSignedIn("tobias");
            Page page = phone.page;
            page.navigate("/kits");
            link(page, "Make a kit").tap();
            page.getByLabel("Name on the bucket").fill("Weighing bucket");
            page.getByLabel("Thing 1").fill("Wooden scoops");
            button(page, "Save the kit").tap();
            assertThat(page.locator("main [role=status]")).containsText("Saved.");

            page.getByLabel("Thing 2").fill("Towel");
            page.getByLabel("How many").nth(1).fill("2");
            button(page, "Save the kit").tap();

            assertThat(page.getByLabel("Thing 1")).hasValue("Wooden scoops");
            assertThat(page.getByLabel("How many").nth(1)).hasValue("2");
            org.assertj.core.api.Assertions.assertThat(phone.complaints()).isEmpty();
        }
    }

    @Test
    void whatIsTypedBeforeThePageListensIsCalculatedToo() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            AtomicReference<Route> script = new AtomicReference<>();
            page.route("**/js/htmx.min.js", script::set);
            page.navigate("/calculators/dice", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
            page.locator("#squares").fill("30");
            page.waitForCondition(() -> script.get() != null);

            script.get().resume();

            assertThat(page.locator("#answer .verdict")).containsText("Too long for 8 minutes");
        }
    }

    @Test
    void calculatesAGameAndPlansThePreparationByKeyboard() {
        try (Device laptop = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            laptop.arriveSignedIn("tobias");
            Page page = laptop.page;
            page.navigate("/calculators");
            page.locator(".tool-groups a", new Page.LocatorOptions().setHasText("Dice game"))
                    .focus();
            page.keyboard().press("Enter");
            page.locator("#squares").focus();
            page.keyboard().press("ControlOrMeta+a");
            page.keyboard().type("30");
            assertThat(page.locator("#answer .verdict")).containsText("Too long for 8 minutes");
            page.keyboard().press("Tab");
            page.keyboard().press("ControlOrMeta+a");
            page.keyboard().type("20");
            assertThat(page.locator("#answer .verdict")).containsText("Nine games out of ten");

            page.navigate("/plan");
            page.locator(".tiles a", new Page.LocatorOptions().setHasText("The post shop"))
                    .focus();
            page.keyboard().press("Enter");
            tab(page, "Preparation").focus();
            page.keyboard().press("Enter");
            page.locator("#step-0").focus();
            page.keyboard().type("Write price cards");
            page.keyboard().press("Tab");
            page.keyboard().type("25");
            page.keyboard().press("Tab");
            page.keyboard().type("1");
            assertThat(page.locator("#plan")).containsText("Write price cards");
            button(page, "Save the steps").focus();
            page.keyboard().press("Enter");
            assertThat(page.locator("main [role=status]")).containsText("Saved");
            assertThat(page.locator("#wait-0")).hasValue("1");
            org.assertj.core.api.Assertions.assertThat(laptop.complaints()).isEmpty();
        }
    }

    @Test
    void swapsACardWithAnotherSetting() throws Exception {
        String json;
        try (Device ours = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            ours.arriveSignedIn("tobias");
            ours.page.navigate("/plan");
            ours.page
                    .locator(".tiles a", new Page.LocatorOptions().setHasText("Airmail beads"))
                    .click();
            tab(ours.page, "Print and share").click();
            Download file = ours.page.waitForDownload(
                    () -> ours.page.getByText("For another setting").click());
            json = Files.readString(file.path());
        }
        try (Device theirs = RunningCarder.get().device(RunningCarder.DESKTOP)) {
            theirs.arriveSignedIn("teodor");
            Page page = theirs.page;
            page.navigate("/plan");
            link(page, "import").click();
            page.getByLabel("A card file (JSON)")
                    .setInputFiles(
                            new FilePayload("card.json", "application/json", json.getBytes(StandardCharsets.UTF_8)));
            button(page, "Show what it would do").click();
            assertThat(page.locator(".previews")).containsText("Stop for: Small ball, Wooden beads, 25 mm");
            button(page, "Import those that are right").click();
            assertThat(page.locator("main [role=status]")).containsText("Cards imported: 1");
            link(page, "Airmail beads").click();
            assertThat(page.locator(".edge").first().locator(".notch")).not().hasCount(0);
            org.assertj.core.api.Assertions.assertThat(theirs.complaints()).isEmpty();
        }
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    private static Locator tab(Page page, String name) {
        return page.locator(".card-tabs a", new Page.LocatorOptions().setHasText(name));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void answerEveryQuestion(Page page, String because) {
        Locator questions = page.locator("form.answer");
        while (questions.count() > 0) {
            String key = questions.first().locator("[name=question]").inputValue();
            questions.first().getByRole(AriaRole.TEXTBOX).fill(because);
            questions.first().getByText("It is all right").tap();
            assertThat(page.locator("form.answer [name=question][value=\"" + key + "\"]"))
                    .hasCount(0);
        }
    }
}
