package app.carder.web.device;

import app.carder.core.wording.LanguageRules;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a device carries for a room, so that everything works for a day without a connection. Times of day are seconds
 * since midnight in the setting's zone, moments ISO 8601, lengths millimetres.
 *
 * @param person id of whoever is signed in
 * @param personName for people
 * @param setting that this person belongs to
 * @param room which
 * @param rooms all of the setting, to change to
 * @param zoneId time zone of the setting
 * @param clockAheadMs how far the nursery's time is ahead of the machine's, in milliseconds
 * @param children of the room, whom to watch first
 * @param names first names of the room's children, to keep them out of each other's records
 * @param cards that are out today, and all of the room's
 * @param zones of the room
 * @param plan of the room, where it is drawn
 * @param areas of the framework with their statements
 * @param frameworkName for people
 * @param days fixed points of each day of the week, 1 is Monday
 * @param sessions of each day of the week, 1 is Monday
 * @param noticeSeconds how long before its end play is told to end
 * @param stepIn answers to "should I step in?"
 * @param policy the setting's own words on it
 * @param languages rules for words that describe
 */
record BundleView(
        UUID person,
        String personName,
        UUID setting,
        Named room,
        List<Named> rooms,
        String zoneId,
        long clockAheadMs,
        List<Child> children,
        List<String> names,
        List<Card> cards,
        List<Named> zones,
        @Nullable Plan plan,
        List<Area> areas,
        String frameworkName,
        Map<Integer, List<Point>> days,
        Map<Integer, List<Session>> sessions,
        long noticeSeconds,
        List<GuideAnswer> stepIn,
        String policy,
        List<LanguageRules> languages) {

    /** A thing with a name. */
    record Named(UUID id, String name) {}

    /**
     * A child.
     *
     * @param mark drawing of its peg mark
     * @param days of the week on which it attends
     * @param languages at home
     * @param day what is known of its day
     * @param care allergies, needs, the medical plan and medicine in words; empty where nothing is to be known
     * @param because why it is to be watched now
     */
    record Child(
            UUID id,
            String name,
            String mark,
            List<Integer> days,
            Day day,
            String languages,
            String care,
            String because) {}

    /**
     * A child's day as it stood at the last contact. Times are hours and minutes; empty where there is none.
     *
     * @param on the day
     * @param due when it was agreed to come
     * @param arrived when it came
     * @param left when it was fetched
     * @param away why it does not come
     */
    record Day(String on, String due, String arrived, String left, String away) {}

    /**
     * A card.
     *
     * @param zone where it is out; null where it is not
     * @param setOutAt when it was set out today
     * @param picture how it looks set out, as SVG, for cards that are out
     * @param held what holds it for today's children, and why an adult stays with it; empty where nothing does
     * @param ladder its written steps, in words
     * @param fitting which step fits each child, for cards that are out
     */
    record Card(
            UUID id,
            String title,
            @Nullable UUID zone,
            @Nullable String setOutAt,
            @Nullable String picture,
            String held,
            List<LadderStep> ladder,
            Map<UUID, String> fitting) {}

    /** A step and how it differs. */
    record LadderStep(String name, String words) {}

    /** The plan, as far as it is drawn on the device. */
    record Plan(List<List<Integer>> outline, List<Place> zones, List<Place> pieces, List<List<Integer>> walls) {}

    /** A rectangle around its middle, turned clockwise by degrees. */
    record Place(String id, String name, int x, int y, int width, int depth, int turn) {}

    /** An area with its statements. */
    record Area(String code, String name, List<Statement> statements) {}

    /** A statement. */
    record Statement(String code, String words) {}

    /** A session. */
    record Session(String name, int second, int endSecond) {}

    /** A moment at which play ends. */
    record Point(String name, int second) {}

    /** An answer of the guide. */
    record GuideAnswer(String situation, String urgency, String soon, String action, String say) {}
}
