package app.carder.web.undo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

class UndoTest extends WebTest {

    private static final LocalDate MONDAY = LocalDate.of(2027, 2, 1);

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping router;

    /** Where somebody did something: the line with the way back. */
    private Element justDone(String username, Answer did) {
        // The stand-in for a server knows no parameter without a value, such as "?saved".
        return get(username, did.location().replaceAll("\\?\\w+$", "")).page().selectFirst("form.just-done");
    }

    private Answer undo(String username, Element form) {
        return post(
                username,
                form.attr("action"),
                "back",
                form.select("[name=back]").val());
    }

    private String week() {
        return "/rooms/" + room("Nook") + "/week?of=" + MONDAY;
    }

    private String place(int day, int cell) {
        return get("precious", week())
                .page()
                .select(".week-part")
                .get(0)
                .select(".week-line")
                .get(cell)
                .select(".line-days > li")
                .get(day)
                .attr("data-cell");
    }

    private String standing(String place) {
        return planned("select c.title from planned_block b join card c on c.id = b.card_id", place)
                .orElse("");
    }

    private String block(String place) {
        return planned("select b.id::text from planned_block b", place).orElseThrow();
    }

    private Optional<String> planned(String what, String place) {
        return database
                .queryForList(
                        what
                                + " where b.on_day = ?::date and b.session_id = ?::uuid and b.zone_id = ?::uuid and b.place = ?::int",
                        String.class,
                        (Object[]) place.split("_"))
                .stream()
                .findFirst();
    }

    private Answer put(String place, String title) {
        return post(
                "precious",
                "/rooms/" + room("Nook") + "/week/blocks",
                "at",
                place,
                "card",
                card(title).toString());
    }

    @Test
    void whatWasTakenOffTheBoardSaysSoThereAndComesBackWithOnePress() {
        String place = place(0, 0);
        put(place, "Stamp printing");

        Answer removed = post("precious", "/blocks/" + block(place) + "/remove");
        Element line = justDone("precious", removed);
        assertThat(line.text())
                .contains("Precious Adeyemi took Stamp printing off the week board for 1 February 2027.");
        assertThat(standing(place)).isEmpty();

        Answer back = undo("precious", line);
        assertThat(back.location()).isEqualTo(week());
        assertThat(standing(place)).isEqualTo("Stamp printing");
    }

    @Test
    void theLineIsSaidOnce() {
        String place = place(0, 1);
        Answer put = put(place, "Stamp printing");

        assertThat(justDone("precious", put)).isNotNull();
        assertThat(justDone("precious", put)).isNull();
    }

    @Test
    void aDragAnswersWithTheLineInTheBoard() {
        Element line = send(
                        "precious",
                        MockMvcRequestBuilders.post("/rooms/" + room("Nook") + "/week/blocks")
                                .param("at", place(1, 0))
                                .param("card", card("Stamp printing").toString())
                                .header("HX-Request-Type", "partial")
                                .header("X-Page", week())
                                .with(csrf()))
                .page()
                .selectFirst("#just-done form");

        assertThat(line.text()).contains("put Stamp printing on the week board");
        assertThat(line.select("[name=back]").val()).isEqualTo(week());
    }

    @Test
    void whatWasUndoneCanBeDoneAgain() {
        String place = place(1, 1);
        Element put = justDone("precious", put(place, "Stamp printing"));

        Element undone = justDone("precious", undo("precious", put));
        assertThat(standing(place)).isEmpty();
        undo("precious", undone);
        assertThat(standing(place)).isEqualTo("Stamp printing");
    }

    @Test
    void aCopiedDayGoesAgainButForWhatSomebodyHasChangedSinceAndThatIsNamed() {
        put(place(2, 0), "Stamp printing");
        put(place(2, 1), "Shredded paper post");
        Element copied = justDone(
                "precious",
                post(
                        "precious",
                        "/rooms/" + room("Nook") + "/week/copy-day",
                        "from",
                        MONDAY.plusDays(2).toString(),
                        "to",
                        MONDAY.plusDays(3).toString()));
        post("sunniva", "/stays/" + block(place(3, 1)) + "/pin");

        Answer undone = undo("precious", copied);

        assertThat(undone.page().select("[role=alert]").text())
                .contains("has been changed since and stays as it is: Shredded paper post.");
        assertThat(standing(place(3, 0))).isEmpty();
        assertThat(standing(place(3, 1))).isEqualTo("Shredded paper post");
    }

    @Test
    void nothingIsUndoneWhereTheSameHasBeenChangedSince() {
        String lentils = "/materials/" + material("lentils") + "/stock";
        Element first = justDone("tobias", post("tobias", lentils, "stock", "700"));
        post("hamish", lentils, "stock", "650");

        Answer refused = undo("tobias", first);

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.page().select("[role=alert]").text())
                .isEqualTo("Nothing was undone: Lentils, dried has been changed since. What stands there now stays.");
        assertThat(stock("lentils")).isEqualTo(650_000);
    }

    @Test
    void anotherChangeNearbyStays() {
        UUID semolina = material("semolina");
        post("tobias", "/materials/" + semolina + "/stock", "stock", "500");
        Element counted = justDone("tobias", post("tobias", "/materials/" + semolina + "/stock", "stock", "333"));
        database.update("update material set name = 'Semolina, coarse', version = version + 1 where id = ?", semolina);

        undo("tobias", counted);

        assertThat(database.queryForMap("select name, stock_mg from material where id = ?", semolina))
                .isEqualTo(Map.of("name", "Semolina, coarse", "stock_mg", 500_000L));
        database.update("update material set name = 'Semolina' where id = ?", semolina);
    }

    private long stock(String code) {
        Long stock = database.queryForObject("select stock_mg from material where id = ?", Long.class, material(code));
        return stock == null ? 0 : stock;
    }

    @Test
    void whatWasPutAwayComesBackUnlessSomethingHoldsItNow() {
        UUID card = card("Lentils to the line");
        post(
                "tobias",
                "/cards/" + card + "/set-out",
                "zone",
                id("select id from zone where room_id = ? and name = 'Writing' order by 1", room("Loft"))
                        .toString(),
                "adult",
                account("hamish").toString(),
                "reason",
                "Yusuf sits with Hamish today.");
        UUID setOut =
                id("select id from set_out where card_id = ? and put_away_at is null order by set_out_at desc", card);

        undo("tobias", putAway(setOut));
        assertThat(isOut(setOut)).isTrue();

        Element again = putAway(setOut);
        // As if a rule had been added meanwhile: nobody has decided about what holds it.
        database.update("update set_out set overruled_findings = '{}' where id = ?", setOut);
        Answer refused = undo("tobias", again);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.page().select("[role=alert]").text())
                .contains("Lentils to the line cannot come back as it was", "nobody has decided about");
        assertThat(isOut(setOut)).isFalse();
        database.update("delete from set_out where id = ?", setOut);
    }

    private Element putAway(UUID setOut) {
        post("tobias", "/set-outs/" + setOut + "/put-away");
        return get("tobias", "/rooms/" + room("Loft") + "/set-out").page().selectFirst("form.just-done");
    }

    private boolean isOut(UUID setOut) {
        return !database.queryForList("select 1 from set_out where id = ? and put_away_at is null", setOut)
                .isEmpty();
    }

    @Test
    void whatWasChangedInAnObservationIsTakenBackAndStaysAmongItsEarlierWordings() {
        String observation = "/observations/"
                + id(
                        "select observation_id from observation_child where child_id = ? order by observed_at desc limit 1",
                        child("Chidi"));
        Answer changed = change(observation, observation, "note", "Rolled a parcel down the chute, twice.");
        Element line = justDone("tobias", changed);
        assertThat(line.text()).contains("changed an observation of Chidi");

        undo("tobias", line);

        Document page = get("tobias", observation).page();
        assertThat(page.select("[name=note]").text()).doesNotContain("twice");
        assertThat(page.select(".earlier q").eachText()).contains("Rolled a parcel down the chute, twice.");
    }

    @Test
    void whatWasChangedInAChildsRecordIsTakenBack() {
        String record = "/children/" + child("Delphine");
        String before = get("tobias", record).page().select("dl.about").text();
        change(record + "/edit", record + "/edit", "interests", "keys, locks, hinges");
        assertThat(get("tobias", record).page().select("dl.about").text()).contains("hinges");

        undo("tobias", get("tobias", "/day-history").page().selectFirst("form:has([aria-label*=Delphine])"));

        assertThat(get("tobias", record).page().select("dl.about").text()).isEqualTo(before);
        assertThat(get("ravi", "/day-history").text()).doesNotContain("the record of Delphine");
    }

    @Test
    void whatAFamilyWasToldIsNotTakenBack() {
        UUID id = id(
                "select id from journal where approved_at is null and child_id = ? order by id limit 1", child("Bram"));
        String journal = "/journals/" + id;
        Element line = justDone("tobias", change(journal, journal, "greeting", "Dear all at home"));
        database.update("update journal set approved_at = now(), approved_by = 'Tobias Renn' where id = ?", id);

        Answer refused = undo("tobias", line);

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("The journal has been approved since");
        database.update("update journal set approved_at = null, approved_by = null where id = ?", id);
        undo("tobias", line);
        assertThat(get("tobias", journal).page().select("[name=greeting]").text())
                .doesNotContain("Dear all at home");
    }

    /** Sends a form as it stands, with one field changed. */
    private Answer change(String page, String action, String field, String value) {
        Element form = get("tobias", page).page().selectFirst("form[action=" + action + "]");
        assertThat(form).isNotNull();
        List<String> fields = new ArrayList<>();
        ((FormElement) form)
                .formData().stream()
                        .filter(one -> !one.key().equals(field) && !one.key().equals("_csrf"))
                        .forEach(one -> fields.addAll(List.of(one.key(), one.value())));
        fields.addAll(List.of(field, value));
        Answer changed = post("tobias", action, fields.toArray(String[]::new));
        assertThat(changed.status()).as(changed.text()).isEqualTo(302);
        return changed;
    }

    @Test
    void theDayTellsWhatWasDoneToThoseOfTheRoomAndLetsThemUndoTheirOwn() {
        String place = place(4, 0);
        Element line = justDone("precious", put(place, "Stamp printing"));
        String done = line.attr("action");

        assertThat(deed("precious", done).text()).contains("Precious Adeyemi put Stamp printing on the week board");
        assertThat(deed("precious", done).select("button")).hasSize(1);
        assertThat(deed("sunniva", done)).as("seen, but not theirs").isNull();
        assertThat(get("sunniva", "/day-history").text()).contains("put Stamp printing on the week board");
        assertThat(get("ravi", "/day-history").text()).doesNotContain("put Stamp printing on the week board");
        assertThat(get("teodor", "/day-history").text()).doesNotContain("Stamp printing");
        assertThat(deed("imelda", done)).as("the manager may").isNotNull();
        for (String nobody : List.of("sunniva", "ravi", "teodor")) {
            assertThat(post(nobody, done).status()).as(nobody).isEqualTo(404);
        }
        assertThat(standing(place)).isEqualTo("Stamp printing");

        undo("imelda", line);
        assertThat(get("precious", "/day-history").text()).contains("Undone by Imelda Farrow at");
        assertThat(post("precious", done).status()).as("once is enough").isEqualTo(404);
    }

    @Test
    void whoIsAwayIsForLeadsToSeeHereToo() {
        UUID absence = UUID.randomUUID();
        database.update(
                "insert into absence (id, setting_id, account_id, from_day, until_day)"
                        + " select ?, setting_id, id, date '2027-03-01', date '2027-03-02' from account where username = 'hamish'",
                absence);

        post("tobias", "/rooms/" + room("Loft") + "/rota/absences/" + absence + "/remove");

        String done = "took Hamish Vale off the list of people away";
        assertThat(get("tobias", "/day-history").text()).contains(done);
        assertThat(get("hamish", "/day-history").text()).doesNotContain(done);
        assertThat(get("sunniva", "/day-history").text()).doesNotContain(done);
    }

    /** The line of the day's history that can be undone under an address. */
    private Element deed(String username, String action) {
        Element form = get(username, "/day-history").page().selectFirst("form[action=" + action + "]");
        return form == null ? null : form.closest("li");
    }

    @Test
    void leadsBackToOwnPagesOnly() {
        Element line = justDone("precious", put(place(4, 1), "Stamp printing"));

        assertThat(post("precious", line.attr("action"), "back", "//example.org/")
                        .location())
                .isEqualTo("/day-history");
    }

    @Test
    void whatIsOldIsForgotten(@Autowired UndoService undo) {
        Element line = justDone("precious", put(place(3, 2), "Stamp printing"));
        UUID done = UUID.fromString(line.attr("action").split("/")[2]);
        database.update("update done set at = at - interval '15 days' where id = ?", done);

        undo.forget();

        assertThat(database.queryForList("select 1 from done_row where done_id = ?", done))
                .isEmpty();
    }

    /** Whoever adds a route that removes, replaces or moves something lets it be undone, or says here why not. */
    @Test
    void everyRouteThatRemovesOrReplacesCanBeUndoneOrSaysWhyNot() {
        Map<String, String> not = new TreeMap<>();
        not.put("/children/{childId}/home-cards", "a card that went home cannot be called back");
        not.put("/home-answers/{answerId}/seen", "nothing but who has read it first");
        not.put("/home-answers/{answerId}/take-in", "the observation can be changed and put away");
        not.put("/home-answers/{answerId}/apart", "asks first: a matter of safeguarding");
        not.put("/family/language", "chosen again with one press");
        not.put("/family/home-cards/{homeCardId}", "what a family writes");
        not.put("/rooms/{roomId}/journals", "drafts, which nobody sees until they are approved");
        not.put("/rooms/{roomId}/journals/stop", "gone on with by the button beside it");
        not.put("/rooms/{roomId}/journals/resume", "stopped by the button beside it");
        not.put("/rooms/{roomId}/journals/send", "asks first: mail cannot be called back");
        not.put("/journals/{journalId}/recall", "asks first: the links are dead");
        not.put("/journals/{journalId}/read", "reopened for changes on its desk");
        not.put("/journals/{journalId}/approve", "reopened for changes with the button beside it");
        not.put("/journals/{journalId}/take-back", "approved with the button beside it");
        not.put("/journals/{journalId}/settle", "a decision about a home's reply that the family has read");
        not.put("/journals/{journalId}/readers/{readerId}/end", "asks first: a family is shut out");
        not.put("/invitations/{invitationId}/revoke", "asks first: the link is dead");
        not.put("/family/browsers/{browserId}/end", "asks first: a browser is shut out");
        not.put("/calendar/feeds/{feedId}/revoke", "asks first: the address is dead");
        not.put("/devices/{deviceId}/revoke", "asks first: the device is wiped");
        not.put("/account/passkeys/{passkey}/remove", "asks first: the key is dead");
        not.put("/account/second-step/off", "asks for the password first");
        not.put("/account/sessions/end", "sign in again");
        not.put("/staff/{accountId}/sessions/end", "they sign in again");
        not.put("/staff/{accountId}/close", "opened with the button beside it");
        not.put("/staff/{accountId}", "the form is beside it");
        not.put("/carers/{carerId}", "the form is beside it");
        not.put("/carers/{carerId}/end", "asks first: a family is shut out");
        not.put(
                "/rooms/{roomId}/children/archive/take",
                "adds a child, after a look; erased with the button on its form");
        not.put(
                "/children/{childId}/holds/{holdId}/end",
                "asks first, and stays in the list; put there again with the form beside it");
        not.put("/settings/journals/week", "ticked again on the same page");
        not.put("/rooms/{roomId}/journals/rhythm", "the form with the day is beside it");
        not.put("/children/{childId}/pause", "ended by the button beside it");
        not.put("/children/{childId}/pause/end", "begun again by the form in its place");
        not.put("/home-answers/{answerId}/words", "written anew in the same place");
        not.put("/settings/journals", "the form with the numbers is beside it");
        not.put("/settings/sessions", "asks first; the page of the sessions writes them anew");
        not.put("/settings/rooms/{roomId}", "the form is beside it");
        not.put("/outbox/{messageId}/again", "sends a message that reached nobody");
        not.put("/drafts/forget", "asked for by the page after saving");
        not.put("/proposals/{proposalId}/stop", "suggest again with the button beside it");
        not.put("/rooms/{roomId}/framework", "the form is beside it");
        not.put("/cards/{cardId}/preparation/plan", "works it out and saves nothing");
        not.put("/cards/{cardId}/calculations/new/{tool}", "adds one, which is removed with the button beside it");

        Map<String, Boolean> routes = new TreeMap<>();
        router.getHandlerMethods().forEach((info, handler) -> {
            if (handler.getBeanType().getPackageName().startsWith("app.carder")
                    && info.getMethodsCondition().getMethods().contains(RequestMethod.POST)) {
                info.getPatternValues()
                        .forEach(pattern -> routes.put(pattern, handler.hasMethodAnnotation(CanBeUndone.class)));
            }
        });
        TreeSet<String> open = new TreeSet<>();
        routes.forEach((route, canBeUndone) -> {
            boolean changesWhatIsThere = route.matches(
                    ".*(remove|retire|revoke|end|close|forget|withdraw|take-back|put-away|move|stop|off|settle|approve|order|ban|pin|again|take|copy.*)$|.*/\\{\\w+}(/edit)?$|.*/(framework|sessions|plan|ladder|preparation|skills|leads|stock)$");
            if (changesWhatIsThere && !canBeUndone && !not.containsKey(route) && !route.startsWith("/open/")) {
                open.add(route);
            }
        });
        assertThat(open).isEmpty();
        assertThat(not.keySet()).allMatch(routes::containsKey);
        not.forEach((route, why) -> {
            if (why.startsWith("asks first")) {
                assertThat(formsOf(route)).as(route).isNotEmpty().allMatch(form -> form.contains("parts :: ask("));
            }
        });
    }

    /** Every form in the templates that is sent to a route. */
    private static List<String> formsOf(String route) {
        Pattern form = Pattern.compile(
                "(?s)<form[^>]*@\\{" + route.replaceAll("\\{\\w+}", "\\\\{\\\\w+\\\\}") + "[(}].*?</form>");
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            return files.filter(Files::isRegularFile)
                    .flatMap(file -> form.matcher(read(file)).results().map(MatchResult::group))
                    .toList();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
