package app.carder.web.frame;

import app.carder.web.account.Role;
import java.util.EnumSet;
import java.util.Set;

/** A page that people go to by name. Each belongs to one tab, or to the menu of the setting. */
enum Place {
    CARDS("plan", "card.print-cards.cards", "/rooms/{room}/cards"),
    WEEK("plan", "common.week-board", "/rooms/{room}/week"),
    SESSIONS("plan", "week.board.sessions", "/rooms/{room}/sessions"),
    REHEARSAL("plan", "rehearsal.day.name", "/rooms/{room}/rehearsal"),
    ROTA("plan", "rota.rota", "/rooms/{room}/rota"),
    FOCUS("plan", "rota.focus.focus-groups", "/rooms/{room}/focus"),
    INVESTIGATIONS("plan", "investigate.investigation.long-investigations", "/rooms/{room}/investigations"),
    CALCULATE("plan", "calculator.tool.calculate", "/calculators"),
    CALENDAR("plan", "frame.calendar", "/calendar"),

    OUT("setout", "frame.out", "/rooms/{room}/set-out"),
    LISTS("setout", "lists.list.lists", "/rooms/{room}/lists/set-out"),
    ROOM_PLAN("setout", "common.room-plan", "/rooms/{room}/plan"),
    CUPBOARD("setout", "common.cupboard", "/materials"),
    KITS("setout", "kits.kit.kits", "/kits"),

    RECORD("watch", "today.watch-and-record", "/watch/"),
    WRITE("watch", "today.write-an-observation", "/rooms/{room}/watch"),
    REGISTER("watch", "attendance.title", "/rooms/{room}/register"),

    CHILDREN("sense", "common.children", "/rooms/{room}/children"),
    CONSENTS("sense", "consent.title", "/rooms/{room}/consents"),
    OVERRULED("sense", "setout.overruled.what-was-overruled", "/overruled"),

    JOURNALS("tell", "family.home.learning-journals", "/journals"),
    RAIL("tell", "rail.place", "/rooms/{room}/journals"),
    DISPLAY("tell", "display.place", "/rooms/{room}/display"),
    REPLIES("tell", "family.replies.title", "/replies"),
    HOME_CARDS("tell", "homecard.place", "/home-cards"),
    OUTBOX("tell", "page.layout.outbox", "/outbox", EnumSet.of(Role.MANAGER, Role.ROOM_LEAD)),

    ROOMS("menu", "common.rooms", "/rooms", EnumSet.of(Role.MANAGER, Role.ROOM_LEAD)),
    DEVICES("menu", "page.layout.devices", "/devices", EnumSet.of(Role.MANAGER, Role.ROOM_LEAD)),
    SETTINGS("menu", "settings.title", "/settings", EnumSet.of(Role.MANAGER)),
    STAFF("menu", "page.layout.staff", "/staff", EnumSet.of(Role.MANAGER)),
    ACCESS_LOG("menu", "page.layout.access-log", "/access-log", EnumSet.of(Role.MANAGER)),
    RETENTION("menu", "keeping.title", "/retention", EnumSet.of(Role.MANAGER)),
    DAY_HISTORY("menu", "undo.history", "/day-history"),
    LOOKED_AT("menu", "frame.looked-at", "/what-carder-looks-at"),
    LOOK("menu", "look.title", "/look"),
    ABOUT_ME("menu", "adults.me.about-me", "/about-me");

    private final String tab;
    private final String code;
    private final String address;
    private final Set<Role> open;

    Place(String tab, String code, String address) {
        this(tab, code, address, EnumSet.of(Role.MANAGER, Role.ROOM_LEAD, Role.PRACTITIONER));
    }

    Place(String tab, String code, String address, Set<Role> open) {
        this.tab = tab;
        this.code = code;
        this.address = address;
        this.open = open;
    }

    /** The tab that it belongs to. */
    String tab() {
        return tab;
    }

    /** What it is called, in the files of words. */
    String code() {
        return code;
    }

    /** The key that leads there from any page; empty where it has none. */
    String key() {
        return switch (this) {
            case WEEK -> "b";
            case ROTA -> "r";
            case CUPBOARD -> "c";
            default -> "";
        };
    }

    /** Its address, with the room's id at its place. */
    String address(String roomId) {
        return address.replace("{room}", roomId);
    }

    /** Whether the page tells what it is for: Watch has no room for it, and how pages look tells itself. */
    boolean isTold() {
        return this != RECORD && this != LOOK;
    }

    /** Whether it stands in the frame of somebody in this role. */
    boolean isOpenTo(Role role) {
        return open.contains(role);
    }
}
