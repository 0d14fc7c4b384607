package app.carder.web.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.account.LinkSecrets;
import app.carder.web.account.RecordRooms;
import app.carder.web.kit.WebTest;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every route that the router knows, as every role of the own and of the other setting, with the records of the own
 * setting. A route that is not in the table below fails the test: whoever adds one decides who may open it.
 */
class AccessMatrixTest extends WebTest {

    private static final String MANAGER = "imelda";
    private static final String LEAD = "tobias";
    private static final String PRACTITIONER = "hamish";
    private static final String CARER = "anouk.grandfather";
    private static final List<String> OWN = List.of(MANAGER, LEAD, PRACTITIONER, CARER);
    private static final Map<String, String> OTHERS =
            Map.of(MANAGER, "teodor", LEAD, "teodor", PRACTITIONER, "bronagh", CARER, "ines.mother");

    private static final String PLAN = "<svg data-carder='plan' data-version='1' data-place='INDOORS' data-path='900'>"
            + "<g data-carder='outline' points='0,0 5000,0 5000,4000 0,4000'/></svg>";

    private static final List<String> STAFF = List.of(MANAGER, LEAD, PRACTITIONER);
    private static final List<String> LEADS = List.of(MANAGER, LEAD);

    /** What the record of these routes is belongs to one person: here the manager. */
    private static final Set<String> PERSONAL =
            Set.of("POST /calendar/feeds/{feedId}/revoke", "POST /account/passkeys/{passkey}/remove");

    private static final Map<String, List<String>> ALLOWED = new TreeMap<>();

    static {
        allow(
                STAFF,
                "GET /children",
                "GET /find",
                "GET /parts",
                "GET /day-history",
                "POST /done/{doneId}/undo",
                "POST /rooms/{roomId}/visits",
                "GET /rooms/{roomId}/children",
                "GET /rooms/{roomId}/children/new",
                "POST /rooms/{roomId}/children",
                "GET /children/{childId}",
                "GET /children/{childId}/edit",
                "POST /children/{childId}/edit",
                "GET /rooms/{roomId}/children/import",
                "GET /rooms/{roomId}/earlier-notes",
                "POST /rooms/{roomId}/earlier-notes",
                "POST /rooms/{roomId}/earlier-notes/bring-in",
                "POST /rooms/{roomId}/children/import",
                "POST /rooms/{roomId}/children/import/rows",
                "GET /rooms/{roomId}/children/template.csv",
                "GET /rooms/{roomId}/pegs",
                "GET /rooms/{roomId}/register",
                "POST /children/{childId}/register",
                "GET /rooms/{roomId}/register.csv",
                "GET /rooms/{roomId}/register.pdf",
                "GET /rooms/{roomId}/evacuation.pdf",
                "GET /evacuation.pdf",
                "POST /children/{childId}/peg",
                "GET /materials",
                "GET /materials/new",
                "GET /materials/running-out",
                "POST /materials",
                "GET /materials/{materialId}",
                "GET /materials/{materialId}/relief.svg",
                "POST /materials/{materialId}",
                "POST /materials/{materialId}/stock",
                "POST /materials/{materialId}/retire",
                "GET /materials/{materialId}/substitutes",
                "POST /materials/starter",
                "GET /materials/cupboard.csv",
                "GET /materials/cupboard.json",
                "GET /materials/template.csv",
                "GET /materials/import",
                "POST /materials/import",
                "POST /materials/import/rows",
                "GET /kits",
                "GET /kits/new",
                "POST /kits",
                "GET /kits/{kitId}",
                "POST /kits/{kitId}",
                "POST /kits/{kitId}/retire",
                "GET /kits/{kitId}/checklist.pdf",
                "GET /calculators",
                "GET /calculators/{tool}",
                "GET /calculators/{tool}/strip.pdf",
                "GET /rooms/{roomId}/focus",
                "POST /rooms/{roomId}/focus",
                "POST /rooms/{roomId}/focus/{groupId}/take-back",
                "GET /rooms/{roomId}/investigations",
                "POST /rooms/{roomId}/investigations",
                "GET /investigations/{investigationId}",
                "POST /investigations/{investigationId}/readings",
                "POST /investigations/{investigationId}/end",
                "GET /investigations/{investigationId}/chart.pdf",
                "GET /investigations/{investigationId}/readings.csv",
                "GET /calendar",
                "POST /calendar/feeds",
                "POST /calendar/feeds/{feedId}/revoke",
                "GET /rooms/{roomId}/week.ics",
                "GET /week",
                "GET /rooms/{roomId}/week",
                "POST /rooms/{roomId}/week/blocks",
                "POST /rooms/{roomId}/week/copy-day",
                "POST /rooms/{roomId}/week/copy-last",
                "POST /rooms/{roomId}/week/ban",
                "POST /rooms/{roomId}/week/propose",
                "GET /rooms/{roomId}/rehearsal",
                "POST /rooms/{roomId}/rehearsal/swap",
                "POST /rooms/{roomId}/rehearsal/groups/{groupId}",
                "POST /stays/{blockId}/move",
                "POST /stays/{blockId}/until",
                "POST /stays/{blockId}/pin",
                "POST /stays/{blockId}/remove",
                "POST /blocks/{blockId}/remove",
                "GET /proposals/{proposalId}",
                "POST /proposals/{proposalId}/stop",
                "POST /proposals/{proposalId}/take",
                "POST /proposals/{proposalId}/take-some",
                "GET /rooms/{roomId}/plan",
                "GET /rooms/{roomId}/plan.svg",
                "GET /rooms/{roomId}/plan.pdf",
                "POST /rooms/{roomId}/plan/look",
                "POST /rooms/{roomId}/plan/spots",
                "POST /cards/{cardId}/week",
                "GET /cards/{cardId}/picture",
                "POST /cards/{cardId}/photos",
                "POST /cards/{cardId}/photos/{setOutPhotoId}/remove",
                "POST /materials/{materialId}/photo",
                "POST /materials/{materialId}/photo/remove",
                "GET /cards/{cardId}/pictures/{edition}.svg",
                "POST /cards/{cardId}/arrangement",
                "POST /cards/{cardId}/places",
                "GET /cards/{cardId}/ladder",
                "POST /cards/{cardId}/ladder",
                "GET /cards/{cardId}/preparation",
                "POST /cards/{cardId}/preparation",
                "POST /cards/{cardId}/preparation/plan",
                "POST /cards/{cardId}/answers",
                "GET /what-carder-looks-at",
                "GET /overruled",
                "GET /about-me",
                "GET /look",
                "POST /look",
                "POST /purposes",
                "POST /about-me",
                "GET /cards/{cardId}/calculations",
                "GET /cards/{cardId}/calculations/new",
                "GET /cards/{cardId}/calculations/new/{tool}",
                "POST /cards/{cardId}/calculations/new/{tool}",
                "POST /cards/{cardId}/calculations/{calculationId}/forget",
                "GET /cards/{cardId}/print",
                "GET /cards/{cardId}/card.pdf",
                "GET /cards/{cardId}/labels.pdf",
                "GET /cards/{cardId}/shopping.pdf",
                "GET /cards/{cardId}/card.json",
                "GET /rooms/{roomId}/cards.pdf",
                "GET /rooms/{roomId}/cards.json",
                "GET /rooms/{roomId}/consents",
                "GET /children/{childId}/consents",
                "POST /children/{childId}/consents",
                "GET /children/{childId}/consents.pdf",
                "GET /replies",
                "POST /replies/{replyId}/seen",
                "POST /account/daily-note",
                "GET /rooms/{roomId}/ready-cards",
                "GET /rooms/{roomId}/ready-cards/{code}/{edition}.svg",
                "POST /rooms/{roomId}/ready-cards",
                "GET /rooms/{roomId}/cards/import",
                "POST /rooms/{roomId}/cards/import",
                "POST /rooms/{roomId}/cards/import/cards",
                "GET /plan",
                "GET /rooms/{roomId}/cards",
                "GET /rooms/{roomId}/cards/new",
                "POST /rooms/{roomId}/cards",
                "POST /rooms/{roomId}/bench",
                "GET /cards/{cardId}",
                "POST /cards/{cardId}",
                "GET /cards/{cardId}/history",
                "GET /cards/{cardId}/set-out",
                "POST /cards/{cardId}/set-out",
                "GET /set-out",
                "GET /rooms/{roomId}/set-out",
                "POST /set-outs/{setOutId}/put-away",
                "POST /set-outs/{setOutId}/move",
                "POST /rooms/{roomId}/set-outs",
                "POST /rooms/{roomId}/zones/{zoneId}/order",
                "GET /rooms/{roomId}/lists/{kind}",
                "GET /rooms/{roomId}/lists/{kind}/list.pdf",
                "GET /rooms/{roomId}/lists/{kind}/list.csv",
                "POST /rooms/{roomId}/lists/{kind}/ticks",
                "GET /rooms/{roomId}/week.pdf",
                "GET /rooms/{roomId}/week.csv",
                "GET /rooms/{roomId}/sessions.csv",
                "GET /rooms/{roomId}/focus.csv",
                "GET /rooms/{roomId}/sightlines.csv",
                "GET /children/{childId}/play",
                "GET /cards/{cardId}/play",
                "GET /rooms/{roomId}/watched.csv",
                "GET /rooms/{roomId}/episodes.csv",
                "GET /rooms/{roomId}/watched.json",
                "GET /words",
                "GET /watch",
                "GET /watch/",
                "GET /watch/bundle",
                "POST /watch/sync",
                "POST /watch/sign-ins",
                "GET /watch/refused",
                "POST /watch/refused/seen",
                "POST /watch/uploads",
                "HEAD /watch/uploads/{upload}",
                "PATCH /watch/uploads/{upload}",
                "DELETE /watch/uploads/{upload}",
                "GET /rooms/{roomId}/watch",
                "POST /rooms/{roomId}/observations",
                "GET /observations/{observationId}",
                "POST /observations/{observationId}",
                "GET /photos/{photoId}",
                "GET /journals",
                "GET /journals/new",
                "POST /journals",
                "GET /journals/{journalId}",
                "POST /journals/{journalId}",
                "GET /journals/{journalId}/preview",
                "GET /journals/{journalId}/pdf",
                "GET /home-cards",
                "GET /children/{childId}/home-cards",
                "POST /children/{childId}/home-cards",
                "GET /home-cards/{homeCardId}/print",
                "POST /home-answers/{answerId}/seen",
                "POST /home-answers/{answerId}/take-in",
                "POST /home-answers/{answerId}/apart",
                "POST /home-answers/{answerId}/words",
                "GET /home-answers/{answerId}/photos/{homePhotoId}",
                "GET /rooms/{roomId}/journals",
                "POST /rooms/{roomId}/journals",
                "POST /rooms/{roomId}/journals/stop",
                "POST /rooms/{roomId}/journals/resume",
                "GET /rooms/{roomId}/display",
                "GET /rooms/{roomId}/display/print",
                "POST /journals/{journalId}/entries/{entryId}/translation",
                "GET /rooms/{roomId}/journals/reading",
                "GET /rooms/{roomId}/journals/print",
                "POST /journals/{journalId}/read",
                "GET /journals/{journalId}/file",
                "GET /journals/{journalId}/change",
                "POST /journals/{journalId}/change",
                "GET /journals/{journalId}/records",
                "POST /journals/{journalId}/records");
        allow(
                LEADS,
                "GET /rooms",
                "POST /rooms",
                "GET /children/{childId}/carers",
                "POST /children/{childId}/carers",
                "POST /children/{childId}/before-sending",
                "POST /children/{childId}/pause",
                "POST /children/{childId}/pause/end",
                "POST /rooms/{roomId}/journals/rhythm",
                "GET /carers/{carerId}",
                "POST /carers/{carerId}",
                "POST /carers/{carerId}/end",
                "POST /rooms/{roomId}/framework",
                "POST /rooms/{roomId}/plan",
                "POST /rooms/{roomId}/plan/import",
                "POST /calendar/occasions",
                "POST /calendar/occasions/{occasionId}/remove",
                "POST /calendar/import",
                "POST /calendar/rows",
                "GET /rooms/{roomId}/rota",
                "GET /rooms/{roomId}/shifts.csv",
                "GET /rooms/{roomId}/staffing.csv",
                "GET /rooms/{roomId}/leads.csv",
                "POST /rooms/{roomId}/rota/breaks",
                "POST /rooms/{roomId}/rota/shifts",
                "POST /rooms/{roomId}/rota/shifts/{shiftId}",
                "POST /rooms/{roomId}/rota/shifts/{shiftId}/remove",
                "POST /rooms/{roomId}/rota/absences",
                "POST /rooms/{roomId}/rota/absences/{absenceId}/remove",
                "POST /rooms/{roomId}/rota/leads",
                "POST /rooms/{roomId}/rota/skills",
                "POST /lead-rotas/{rotaId}/again",
                "POST /lead-turns/{turnId}",
                "GET /rooms/{roomId}/sessions",
                "POST /rooms/{roomId}/sessions",
                "GET /rooms/{roomId}/rules",
                "POST /rooms/{roomId}/rules",
                "POST /rooms/{roomId}/rules/{ruleId}/withdraw",
                "POST /rooms/{roomId}/others",
                "POST /rooms/{roomId}/others/{otherId}/remove",
                "GET /outbox",
                "POST /outbox/{messageId}/again",
                "POST /rooms/{roomId}/journals/send",
                "POST /journals/{journalId}/recall",
                "POST /journals/{journalId}/letter",
                "POST /journals/{journalId}/read-together",
                "GET /devices",
                "GET /devices/{deviceId}",
                "GET /devices/lost.pdf",
                "POST /devices/secrets",
                "POST /devices/policy",
                "POST /devices/{deviceId}/revoke",
                "POST /journals/{journalId}/approve",
                "POST /journals/{journalId}/take-back",
                "POST /journals/{journalId}/settle",
                "GET /journals/{journalId}/invitations",
                "POST /journals/{journalId}/invitations",
                "POST /invitations/{invitationId}/revoke",
                "POST /journals/{journalId}/readers/{readerId}/end");
        allow(
                List.of(MANAGER),
                "GET /access-log",
                "GET /access-log/check",
                "GET /security-log",
                "GET /staff",
                "POST /staff",
                "POST /staff/rooms",
                "GET /settings",
                "GET /settings/mail",
                "GET /settings/journals",
                "POST /settings/journals",
                "POST /settings/journals/week",
                "GET /children/{childId}/erase",
                "GET /children/{childId}/archive.zip",
                "POST /children/{childId}/erase",
                "GET /erasures",
                "GET /retention",
                "POST /retention",
                "POST /retention/clear-out",
                "GET /children/{childId}/life",
                "GET /staff/{accountId}/data.json",
                "GET /staff/{accountId}/erase",
                "POST /staff/{accountId}/erase",
                "GET /carers/{carerId}/data.json",
                "GET /carers/{carerId}/erase",
                "POST /carers/{carerId}/erase",
                "GET /privacy/notice",
                "GET /privacy/notice.pdf",
                "GET /privacy/impact",
                "GET /privacy/impact.pdf",
                "GET /rooms/{roomId}/children/archive",
                "POST /rooms/{roomId}/children/archive",
                "POST /rooms/{roomId}/children/archive/take",
                "POST /children/{childId}/life/name",
                "POST /children/{childId}/life/family",
                "POST /children/{childId}/life/death",
                "GET /children/{childId}/holds",
                "POST /children/{childId}/holds",
                "POST /children/{childId}/holds/{holdId}/end",
                "GET /erasures/{erasureId}",
                "POST /settings/mail",
                "POST /settings/mail/test",
                "POST /settings",
                "POST /settings/sessions",
                "POST /settings/rooms/{roomId}",
                "POST /staff/second-step",
                "GET /staff/{accountId}",
                "POST /staff/{accountId}",
                "POST /staff/{accountId}/close",
                "POST /staff/{accountId}/open",
                "POST /staff/{accountId}/code",
                "POST /staff/{accountId}/sessions/end");
        allow(
                List.of(CARER),
                "GET /family",
                "POST /family/browsers/{browserId}/end",
                "GET /family/journals/{journalId}",
                "POST /family/journals/{journalId}/replies",
                "GET /family/consents",
                "POST /family/consents",
                "GET /family/journals/{journalId}/photos/{photoId}",
                "GET /family/journals/{journalId}/pdf",
                "GET /family/journals/{journalId}/file",
                "GET /family/not-yet",
                "GET /family/children/{homeChildId}/archive",
                "GET /family/language",
                "POST /family/language",
                "GET /family/home-cards",
                "GET /family/home-cards/{homeCardId}",
                "POST /family/home-cards/{homeCardId}",
                "GET /family/home-cards/{homeCardId}/photos/{homePhotoId}");
        allow(
                OWN,
                "GET /",
                "GET /account",
                "POST /account/password",
                "POST /account/sessions/end",
                "GET /account/second-step",
                "POST /account/second-step",
                "POST /account/second-step/codes",
                "GET /drafts",
                "POST /drafts",
                "POST /drafts/forget",
                "POST /account/passkeys/{passkey}/remove",
                "POST /account/second-step/off");
        allow(
                Stream.concat(OWN.stream(), Stream.of("nobody")).toList(),
                "GET /sign-in",
                "GET /sign-in/code",
                "POST /sign-in/code",
                "GET /sign-in/second",
                "POST /sign-in/second",
                "GET /calendar/feed/{token}",
                "GET /watch/contact",
                "GET /watch/worker.js",
                "POST /watch/wiped",
                "POST /watch/unlock",
                "GET /home",
                "GET /open/{token}",
                "POST /open/{token}");
        // Closed once there is a setting; see FirstRunTest.
        allow(List.of(), "GET /first-run", "GET /first-run/fits", "POST /first-run");
    }

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping router;

    @Autowired
    private TransactionOperations transaction;

    @Autowired
    private List<RecordRooms> rooms;

    private static void allow(List<String> roles, String... routes) {
        for (String route : routes) {
            ALLOWED.put(route, roles);
        }
    }

    /** Wrong passwords and codes are among what is sent here. */
    @AfterEach
    void forgetFailures() {
        database.update("delete from sign_in_budget");
    }

    @Test
    void hasARuleForEveryRouteAndNoRuleTooMany() {
        assertThat(ALLOWED.keySet()).containsExactlyInAnyOrderElementsOf(routes().keySet());
    }

    @TestFactory
    Stream<DynamicTest> everyRouteForEveryRole() {
        Map<String, String> ids = ids();
        return routes().keySet().stream()
                .filter(route -> !route.contains(" /first-run"))
                .map(route -> DynamicTest.dynamicTest(route, () -> {
                    List<String> allowed = ALLOWED.getOrDefault(route, List.of());
                    checkNobody(route, ids, allowed);
                    for (String role : OWN) {
                        boolean open = allowed.contains(role);
                        int own = status(role, route, ids);
                        if (open && route.contains(" /watch/uploads")) {
                            // Not a word of the protocol was said; whose uploads are whose is in SyncTest.
                            assertThat(own).as(role + " " + route).isIn(400, 412);
                            continue;
                        }
                        if (open && PERSONAL.contains(route) && !role.equals(MANAGER)) {
                            assertThat(own).as(role + " " + route).isEqualTo(404);
                        } else if (open) {
                            // 409: an earlier test of this run was faster with the same plan.
                            assertThat(own).as(role + " " + route).isIn(200, 204, 302, 409, 422, ofAToken(route));
                        } else {
                            assertThat(own).as(role + " " + route).isEqualTo(403);
                        }
                        int other = status(OTHERS.getOrDefault(role, ""), route, ids);
                        if (!open && !(role.equals(LEAD) && allowed.contains(MANAGER))) {
                            assertThat(other).as(OTHERS.getOrDefault(role, "")).isEqualTo(403);
                        } else if (namesARecord(route)
                                && !route.contains("{token}")
                                && !route.contains(" /calculators/")) {
                            assertThat(other).as(OTHERS.getOrDefault(role, "")).isEqualTo(404);
                        } else {
                            assertThat(other)
                                    .as(OTHERS.getOrDefault(role, ""))
                                    .isIn(200, 204, 302, 422, ofAToken(route));
                        }
                    }
                }));
    }

    /** The records of all routes are of the Loft; these two work in the Nook. */
    @TestFactory
    Stream<DynamicTest> noRecordOfARoomForThoseWhoWorkInAnother() {
        Map<String, String> ids = ids();
        return routes().keySet().stream()
                .filter(this::isOfARoom)
                .filter(route -> !route.equals("POST /rooms/{roomId}/visits"))
                .map(route -> DynamicTest.dynamicTest(route, () -> {
                    assertThat(status("precious", route, ids)).isEqualTo(403);
                    assertThat(status("sunniva", route, ids)).isEqualTo(403);
                }));
    }

    /** A route that names a record says in which room it lies, or stands here as one of the whole setting's, or of one person. */
    @Test
    void everyRouteThatNamesARecordIsOfARoomOrSaidToBeOfNone() {
        Set<String> ofNoRoom = Set.of(
                "materialId",
                "kitId",
                "tool",
                "accountId",
                "deviceId",
                "feedId",
                "passkey",
                "occasionId",
                "doneId",
                "erasureId",
                "upload",
                "token");

        assertThat(routes().keySet().stream()
                        .filter(route -> route.contains("{") && !route.contains(" /family/"))
                        .filter(route -> !isOfARoom(route))
                        .filter(route -> ofNoRoom.stream().noneMatch(name -> route.contains("{" + name + "}"))))
                .isEmpty();
    }

    private boolean isOfARoom(String route) {
        return !route.contains(" /family/")
                && rooms.stream().anyMatch(record -> route.contains("{" + record.variable() + "}"));
    }

    @Test
    void writesDownWhoOpenedWhatAndWhatWasRefused() {
        UUID anouk = child("Anouk");

        get(PRACTITIONER, "/children/" + anouk);
        get(CARER, "/children/" + anouk);
        get("teodor", "/children/" + anouk);

        assertThat(database.queryForList(
                        "select person_name || ' ' || status from access_entry where subject_id = ? and route = '/children/{childId}'"
                                + " order by id desc limit 3",
                        String.class,
                        anouk))
                .containsExactly("Teodor Wolski 404", "Anouk's grandfather 403", "Hamish Vale 200");
    }

    /** What a token answers that is nobody's. */
    private static int ofAToken(String route) {
        return route.equals("POST /watch/unlock") ? 401 : 200;
    }

    /** A passkey of the manager. */
    private String passkey() {
        UUID owner = account(MANAGER);
        Base64.Encoder letters = Base64.getUrlEncoder().withoutPadding();
        String passkey = letters.encodeToString(UUID.randomUUID().toString().getBytes(StandardCharsets.UTF_8));
        String handle = letters.encodeToString(ByteBuffer.allocate(16)
                .putLong(owner.getMostSignificantBits())
                .putLong(owner.getLeastSignificantBits())
                .array());
        database.update(
                "insert into user_credentials values (?, ?, ''::bytea, 0, true, false, '', 'public-key', false, null, null, now(), now(), 'Key')",
                passkey,
                handle);
        return passkey;
    }

    private static boolean namesARecord(String route) {
        return route.contains("{") || route.equals("GET /watch/bundle");
    }

    private void checkNobody(String route, Map<String, String> ids, List<String> allowed) {
        Answer answer = send(request(route, ids));
        if (allowed.contains("nobody")) {
            assertThat(answer.status()).isIn(200, 302, 422, ofAToken(route));
        } else {
            assertThat(answer.status()).isEqualTo(302);
            assertThat(answer.location()).endsWith("/sign-in");
        }
    }

    /** The answer's status; what the request changed is rolled back. */
    private int status(String username, String route, Map<String, String> ids) {
        Integer status = transaction.execute(running -> {
            running.setRollbackOnly();
            return send(username, request(route, ids)).status();
        });
        return status == null ? 0 : status;
    }

    /** Something that a practitioner did with a block. */
    private UUID done(UUID block) {
        UUID done = UUID.randomUUID();
        database.update(
                "insert into done select ?, setting_id, now(), id, display_name, 'WEEK_CARD_PINNED' from account where username = ?",
                done,
                PRACTITIONER);
        database.update(
                "insert into done_row (done_id, setting_id, room_id, of_table, label, before, after)"
                        + " select ?, setting_id, room_id, 'planned_block', 'Card', to_jsonb(b), to_jsonb(b) from planned_block b where id = ?",
                done,
                block);
        return done;
    }

    private static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder request(
            String route, Map<String, String> ids) {
        String path = route.substring(route.indexOf(' ') + 1);
        for (Map.Entry<String, String> id : ids.entrySet()) {
            path = path.replace("{" + id.getKey() + "}", id.getValue());
        }
        assertThat(path).as("an id for every variable of " + route).doesNotContain("{");
        var request = MockMvcRequestBuilders.request(HttpMethod.valueOf(route.substring(0, route.indexOf(' '))), path);
        if (route.matches("POST .*/plan(/look|/spots)?")) {
            request.contentType("image/svg+xml").content(PLAN);
        }
        if (route.equals("POST /watch/sign-ins")) {
            request.contentType("application/json")
                    .content("{\"device\": \"" + UUID.randomUUID() + "\", \"name\": \"\"}");
        }
        if (route.startsWith("POST /drafts")) {
            request.contentType("application/json").content("{\"place\": \"/about-me 0\", \"fields\": []}");
        }
        if (route.equals("POST /watch/unlock")) {
            request.contentType("application/json").content("{\"token\": \"nobody's\"}");
        }
        if (route.equals("POST /watch/sync")) {
            request.contentType("application/json")
                    .content("{\"device\": \"" + UUID.randomUUID() + "\", \"name\": \"\", \"clockOffsetMs\": 0,"
                            + " \"clockUncertaintyMs\": 0, \"unsent\": 0, \"items\": []}");
        }
        return request.param("id", UUID.randomUUID().toString())
                .param("device", ids.getOrDefault("deviceId", ""))
                .param("framework", "sme")
                .param("style", "FREE_FLOW")
                .param("language", route.endsWith("/look") || route.endsWith("/language") ? "de" : "english")
                .param("mark", "WHISTLE")
                .param("what", "nothing")
                .param("source", "")
                .param("purpose", "WEEK")
                .param("theme", "dark")
                .param("text", "usual")
                .param("contrast", "system")
                .param("thumb", "either")
                .param("keys", "usual")
                .param("edition", "1")
                .param("adults", "1")
                .param("at", ids.getOrDefault(route.contains("set-out") ? "shelfPlace" : "at", ""))
                .param("adult", ids.getOrDefault("adult", ""))
                .param("on", "2026-05-06")
                .param("of", ids.getOrDefault("of", ""))
                .param("item", ids.getOrDefault("item", ""))
                .param("session", ids.getOrDefault("session", ""))
                .param("child", ids.getOrDefault("childId", ""))
                .param("card", ids.getOrDefault("cardId", ""))
                .param("posture", "SEATED")
                .param("play", "FLOOR")
                .param("fill", "Water")
                .param("from", "Large jug")
                .param("into", "Jug, 1 litre")
                .param("measured", "800")
                .param("toLine", "500")
                .with(csrf());
    }

    private Map<String, RequestMappingInfo> routes() {
        Map<String, RequestMappingInfo> routes = new TreeMap<>();
        router.getHandlerMethods().forEach((info, handler) -> {
            if (handler.getBeanType().getPackageName().startsWith("app.carder")) {
                info.getPatternValues()
                        .forEach(pattern -> info.getMethodsCondition()
                                .getMethods()
                                .forEach(method -> routes.put(method + " " + pattern, info)));
            }
        });
        return routes;
    }

    private Map<String, String> ids() {
        UUID anouk = child("Anouk");
        UUID journal = id("select id from journal where child_id = ? order by 1", anouk);
        Map<String, String> ids = new LinkedHashMap<>();
        ids.put("childId", anouk.toString());
        ids.put("roomId", room("Loft").toString());
        ids.put("cardId", card("Rice by the kilo").toString());
        ids.put("materialId", material("rice-long").toString());
        ids.put(
                "setOutPhotoId",
                id("select id from photo where card_id = ? order by id limit 1", card("Rice by the kilo"))
                        .toString());
        ids.put(
                "setOutId",
                id("select id from set_out where card_id = ? order by id", card("Rice by the kilo"))
                        .toString());
        ids.put(
                "observationId",
                id("select observation_id from observation_child where child_id = ? order by 1", anouk)
                        .toString());
        ids.put("journalId", journal.toString());
        ids.put("homeChildId", anouk.toString());
        ids.put(
                "entryId",
                id("select id from journal_entry where journal_id = ? order by 1 limit 1", journal)
                        .toString());
        ids.put(
                "photoId",
                id(
                                "select p.id from photo p join journal_entry e on e.observation_id = p.observation_id"
                                        + " where e.journal_id = ? and e.photo_shown order by 1",
                                journal)
                        .toString());
        ids.put(
                "invitationId",
                id("select id from invitation where journal_id = ? order by 1", journal)
                        .toString());
        ids.put("readerId", homeReader().toString());
        ids.put(
                "carerId",
                id("select id from carer where child_id = ? order by name limit 1", child("Anouk"))
                        .toString());
        ids.put(
                "browserId",
                id("select browser_id from home_reader where id = ?", homeReader())
                        .toString());
        // Those that were there may have been opened, or have ended, in another test.
        UUID approved = id("select id from journal where child_id = ? and approved_at is not null order by id", anouk);
        Answer invited = post("tobias", "/journals/" + approved + "/invitations", "carer", ids.get("carerId"));
        assertThat(invited.page().select(".big-code")).hasSize(1);
        String message = database.queryForObject(
                "select body from message where body like '%/open/%' and to_name like 'Anouk%' order by id desc limit 1",
                String.class);
        UUID device = UUID.randomUUID();
        database.update(
                "insert into device select ?, setting_id, 0, 'Tablet', 'Hamish Vale', now(), now(), 0, 0 from child where id = ?",
                device,
                anouk);
        ids.put("deviceId", device.toString());
        ids.put("upload", UUID.randomUUID().toString());
        ids.put("passkey", passkey());
        ids.put("tool", "line");
        ids.put("code", "pe-pour");
        UUID erasure = UUID.randomUUID();
        database.update(
                "insert into erasure select ?, setting_id, now(), 'Imelda', 'asked for by the family', '{}', 0, 0, 0 from child where id = ?",
                erasure,
                anouk);
        ids.put("erasureId", erasure.toString());
        UUID hold = UUID.randomUUID();
        database.update(
                "insert into hold select ?, setting_id, id, 'LEGAL', 'asked for by the court', now(), 'Imelda' from child where id = ?",
                hold,
                anouk);
        ids.put("holdId", hold.toString());
        UUID homeCard = UUID.randomUUID();
        database.update(
                "insert into home_card select ?, setting_id, child_id, id, 'BOX-HOUSE', 'A big box', 'A box', 'Leave it.', 'Going in', 'Who?', '', 'Imelda', now()"
                        + " from carer where name = 'Anouk''s grandfather'",
                homeCard);
        ids.put("homeCardId", homeCard.toString());
        UUID answer = UUID.randomUUID();
        database.update(
                "insert into home_answer select ?, setting_id, id, child_id, carer_id, 'Anouk''s grandfather', 'She moved in.', now(), '', null, '' from home_card where id = ?",
                answer,
                homeCard);
        ids.put("answerId", answer.toString());
        UUID homePhoto = UUID.randomUUID();
        database.update(
                "insert into photo (id, setting_id, home_answer_id, width, height, stored_as, stored_at)"
                        + " select ?, setting_id, ?, width, height, stored_as, stored_at from photo where id = ?::uuid",
                homePhoto,
                answer,
                ids.get("photoId"));
        ids.put("homePhotoId", homePhoto.toString());
        ids.put(
                "replyId",
                id("select id from reply where child_id = ? order by sent_at limit 1", anouk)
                        .toString());
        ids.put(
                "messageId",
                id("select id from message where room_id = ? order by id limit 1", room("Loft"))
                        .toString());
        ids.put("edition", "1");
        ids.put("kind", "shopping");
        ids.put("of", "2026-05-04");
        ids.put("item", "2026-05-04/rice-long");
        ids.put(
                "zoneId",
                id("select id from zone where room_id = ? and name = 'Writing' order by 1", room("Loft"))
                        .toString());
        ids.put(
                "kitId",
                id(
                                "select id from kit where name = 'Wrapping kit' and setting_id = (select setting_id from child where id = ?) order by 1",
                                anouk)
                        .toString());
        ids.put(
                "calculationId",
                id("select id from card_calculation where card_id = ? order by 1", card("Lentils to the line"))
                        .toString());
        ids.put("accountId", practitioner("matrix." + UUID.randomUUID()).toString());
        ids.put("ruleId", localRule().toString());
        ids.put("otherId", other().toString());
        ids.put("shelfPlace", ids.get("zoneId") + "_0");
        UUID block = id("select id from planned_block where room_id = ? order by 1", room("Loft"));
        ids.put("blockId", block.toString());
        ids.put(
                "at",
                database.queryForObject(
                        "select on_day || '_' || session_id || '_' || zone_id || '_' || place from planned_block where id = ?",
                        String.class,
                        block));
        ids.put("doneId", done(block).toString());
        ids.put("proposalId", proposal().toString());
        UUID group = focusGroup();
        ids.put("groupId", group.toString());
        ids.put(
                "session",
                id("select session_id from focus_group where id = ?", group).toString());
        ids.put("investigationId", investigation().toString());
        UUID shift = id("select id from shift where room_id = ? order by 1", room("Loft"));
        ids.put("shiftId", shift.toString());
        ids.put("adult", id("select account_id from shift where id = ?", shift).toString());
        ids.put("absenceId", UUID.randomUUID().toString());
        ids.put(
                "occasionId",
                id(
                                "select id from occasion where setting_id = (select setting_id from child where id = ?) order by 1",
                                anouk)
                        .toString());
        UUID rota = leadRota();
        ids.put("rotaId", rota.toString());
        ids.put(
                "turnId",
                id("select id from lead_turn where rota_id = ? order by 1", rota)
                        .toString());
        String token = String.valueOf(message).replaceAll("(?s).*/open/([^\\s?]+).*", "$1");
        ids.put("feedId", feed(token).toString());
        ids.put("token", token);
        return ids;
    }

    /** The manager's own; nobody else may close it. */
    private UUID feed(String token) {
        database.update("delete from calendar_feed where token_hash = ?", LinkSecrets.hash(token));
        UUID feed = UUID.randomUUID();
        database.update(
                "insert into calendar_feed select ?, r.setting_id, r.id, a.id, ?, now(), null, now() + interval '1 day', false from room r, account a"
                        + " where r.id = ? and a.username = 'imelda'",
                feed,
                LinkSecrets.hash(token),
                room("Loft"));
        return feed;
    }

    private UUID homeReader() {
        UUID browser = UUID.randomUUID();
        UUID reader = UUID.randomUUID();
        String ofAnouk = " from carer where name = 'Anouk''s grandfather'";
        database.update(
                "insert into home_browser select ?, setting_id, ?, '', now(), now(), now() + interval '9999 days', null"
                        + ofAnouk,
                browser,
                browser.toString());
        database.update("insert into home_reader select ?, setting_id, ?, id, now(), null" + ofAnouk, reader, browser);
        return reader;
    }

    private UUID leadRota() {
        UUID rota = UUID.randomUUID();
        database.update(
                "insert into lead_rota select ?, setting_id, id, date '2026-05-04', 1, '{}', 'x', now() from room where id = ?",
                rota,
                room("Loft"));
        database.update(
                "insert into lead_turn select gen_random_uuid(), setting_id, ?, 0, id, null, false, false from zone where room_id = ?",
                rota,
                room("Loft"));
        return rota;
    }

    private UUID focusGroup() {
        UUID group = UUID.randomUUID();
        database.update(
                "insert into focus_group select ?, setting_id, room_id, date '2020-01-06', id, '{}', 'x', now() from room_session"
                        + " where room_id = ? and name = 'Free play' limit 1",
                group,
                room("Loft"));
        return group;
    }

    private UUID investigation() {
        UUID investigation = UUID.randomUUID();
        database.update(
                "insert into investigation select ?, setting_id, id, 'Ice', '', '', 'g', date '2020-01-06', 2, 2, 'x', null from room"
                        + " where id = ?",
                investigation,
                room("Loft"));
        return investigation;
    }

    private UUID proposal() {
        UUID proposal = UUID.randomUUID();
        database.update(
                "insert into week_proposal select ?, setting_id, id, date '2026-05-04', 'READY', 'Tobias Renn', now(), now(), 0, false, '{}'"
                        + " from room where id = ?",
                proposal,
                room("Loft"));
        return proposal;
    }

    private UUID other() {
        UUID other = UUID.randomUUID();
        database.update(
                "insert into room_other select ?, setting_id, id, 'Biscuit', 'DOG', null, false, false, null from room where id = ?",
                other,
                room("Loft"));
        return other;
    }

    private UUID localRule() {
        UUID rule = UUID.randomUUID();
        database.update(
                "insert into local_rule select ?, setting_id, id, 'Ours', 'KNOW', 'material moon dust', 'anyone', 'Mind it.', 'Tobias Renn',"
                        + " now(), null, null from room where id = ?",
                rule,
                room("Loft"));
        return rule;
    }
}
