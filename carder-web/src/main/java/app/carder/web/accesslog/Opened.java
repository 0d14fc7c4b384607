package app.carder.web.accesslog;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What an address shows, as the log calls it. The first whose address an entry's begins with is meant. */
enum Opened {
    REGISTER("/rooms/{roomId}/register", "/children/{childId}/register", "/rooms/{roomId}/evacuation", "/evacuation"),
    AT_PLAY("/children/{childId}/play"),
    CARERS("/children/{childId}/carers", "/children/{childId}/before-sending", "/carers"),
    ARCHIVE("/children/{childId}/archive.zip"),
    ERASURE("/children/{childId}/erase", "/erasures"),
    RETENTION("/retention"),
    PRIVACY("/privacy"),
    LIFE("/children/{childId}/life"),
    HOLDS("/children/{childId}/holds"),
    CONSENTS("/rooms/{roomId}/consents", "/children/{childId}/consents", "/family/consents"),
    CHILD("/children/{childId}"),
    CHILDREN("/children", "/rooms/{roomId}/children", "/rooms/{roomId}/pegs"),
    CARD_USE("/cards/{cardId}/play"),
    CARD("/cards/{cardId}"),
    OBSERVATION("/observations"),
    PHOTO("/photos", "/family/journals/{journalId}/photos"),
    JOURNAL("/journals/{journalId}", "/family/journals/{journalId}"),
    JOURNALS("/journals", "/rooms/{roomId}/journals", "/rooms/{roomId}/display"),
    WATCHED("/rooms/{roomId}/watched", "/rooms/{roomId}/episodes"),
    WRITING("/rooms/{roomId}/watch", "/rooms/{roomId}/observations", "/rooms/{roomId}/earlier-notes"),
    CARRIED("/watch/bundle"),
    WATCH("/watch"),
    ROTA(
            "/rooms/{roomId}/rota",
            "/rooms/{roomId}/staffing",
            "/rooms/{roomId}/shifts",
            "/rooms/{roomId}/leads",
            "/lead-"),
    REHEARSAL("/rooms/{roomId}/rehearsal"),
    FOCUS("/rooms/{roomId}/focus"),
    LISTS("/rooms/{roomId}/lists"),
    WEEK("/rooms/{roomId}/week", "/blocks", "/stays", "/proposals", "/week"),
    CARDS("/rooms/{roomId}/cards", "/rooms/{roomId}/ready-cards", "/rooms/{roomId}/bench"),
    PLAN("/rooms/{roomId}/plan", "/rooms/{roomId}/sightlines"),
    RULES("/rooms/{roomId}/rules", "/rooms/{roomId}/others"),
    SESSIONS("/rooms/{roomId}/sessions"),
    OUT("/rooms/{roomId}/set-out", "/rooms/{roomId}/zones", "/set-out"),
    INVESTIGATIONS("/rooms/{roomId}/investigations", "/investigations"),
    VISIT("/rooms/{roomId}/visits"),
    ROOMS("/rooms", "/plan"),
    STAFF("/staff"),
    SETTINGS("/settings"),
    DEVICES("/devices"),
    DAY_HISTORY("/day-history", "/done"),
    OUTBOX("/outbox"),
    REPLIES("/replies"),
    HOME_CARDS("/home-cards", "/home-answers", "/children/{childId}/home-cards", "/family/home-cards"),
    ACCESS_LOG("/access-log"),
    SECURITY_LOG("/security-log"),
    FIND("/find"),
    FAMILY("/family", "/open", "/home"),
    INVITATION("/invitations"),
    CALENDAR("/calendar"),
    CUPBOARD("/kits", "/materials"),
    CALCULATION("/calculators"),
    OWN("/about-me", "/account", "/drafts", "/look", "/purposes"),
    CHECKED("/overruled", "/what-carder-looks-at", "/words", "/parts"),
    FIRST_RUN("/first-run", "/sign-in");

    private final List<String> beginnings;

    Opened(String... beginnings) {
        this.beginnings = List.of(beginnings);
    }

    /** What an address shows; empty for the first page, and where the log has no word for it. */
    static Optional<Opened> of(String route) {
        return Arrays.stream(values())
                .filter(one -> one.beginnings.stream().anyMatch(route::startsWith))
                .findFirst();
    }

    /** The code of its words. */
    String code() {
        return "accesslog.of." + name();
    }
}
