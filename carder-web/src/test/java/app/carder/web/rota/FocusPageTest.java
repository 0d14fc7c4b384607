package app.carder.web.rota;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.HashSet;
import java.util.List;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

/** The clock stands on a Wednesday morning; the demo's twos attend on different days. */
class FocusPageTest extends WebTest {

    private String url() {
        return "/rooms/" + room("Nook") + "/focus";
    }

    @Test
    void bringsEverybodyInOnceWithinTheCycle() {
        Document page = get("precious", url() + "?size=2&weeks=2").page();

        List<String> drawn = page.select(".focus-group .pegs span").eachText();
        assertThat(new HashSet<>(drawn)).hasSameSizeAs(drawn);
        assertThat(drawn.size()
                        + page.select("section:has(h2:contains(No group left)) li")
                                .size())
                .isEqualTo(10);
        assertThat(page.select(".focus-group"))
                .allSatisfy(group -> assertThat(group.select(".pegs li").size()).isBetween(1, 2));
    }

    @Test
    void whoWasDrawnDoesNotComeAgainUntilItIsTakenBack() {
        Document before = get("precious", url() + "?size=3&weeks=1").page();
        List<String> next = before.select(".focus-group.next .pegs span").eachText();
        List<String> ids = before.select(".focus-group.next input[name=child]").eachAttr("value");

        post(
                "precious",
                url(),
                "on",
                before.select(".focus-group.next input[name=on]").val(),
                "session",
                before.select(".focus-group.next input[name=session]").val(),
                "child",
                ids.get(0));

        Document after = get("precious", url() + "?size=3&weeks=1").page();
        assertThat(after.select(".focus-group .pegs span").eachText()).doesNotContain(next.get(0));
        assertThat(after.text()).contains("Groups so far in this cycle", next.get(0) + " (Precious Adeyemi)");
        post("precious", after.select("form[action$=/take-back]").attr("action"));
        assertThat(get("precious", url() + "?size=3&weeks=1")
                        .page()
                        .select(".focus-group .pegs span")
                        .eachText())
                .contains(next.get(0));
    }

    @Test
    void refusesSizesAndGroupsThatAreNone() {
        assertThat(get("precious", url() + "?size=99&weeks=1").status()).isEqualTo(422);
        assertThat(post("precious", url(), "on", "2026-05-06").status()).isEqualTo(404);
    }
}
