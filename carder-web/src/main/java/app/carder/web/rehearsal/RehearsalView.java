package app.carder.web.rehearsal;

import app.carder.core.drawing.Sketch;
import app.carder.core.rehearsal.Change;
import app.carder.core.rehearsal.Change.MoveGroup;
import app.carder.core.rehearsal.Change.ShiftBreak;
import app.carder.core.rehearsal.Change.Swap;
import app.carder.core.rehearsal.Clash;
import app.carder.core.rehearsal.Duty;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.Rehearsal;
import app.carder.core.rehearsal.Rehearsal.Mended;
import app.carder.core.rehearsal.Rehearsal.Moment;
import app.carder.core.rehearsal.Span;
import app.carder.core.room.PlanDrawing;
import app.carder.core.room.PlanDrawing.Busy;
import app.carder.core.room.RoomPlan;
import app.carder.core.said.Said;
import app.carder.web.room.RoomView;
import app.carder.web.week.BlockPlace;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What the page of a played day shows.
 *
 * @param first minute of the day
 * @param last minute of the day
 * @param changes minutes at which something changes, in order
 * @param clashes gravest first
 * @param now how it stands at the minute that is looked at; absent where nobody is due and nobody comes
 */
record RehearsalView(int first, int last, List<Integer> changes, List<Line> clashes, Optional<Now> now) {

    RehearsalView {
        changes = List.copyOf(changes);
        clashes = List.copyOf(clashes);
    }

    /**
     * A clash.
     *
     * @param when in words
     * @param from its first minute
     * @param words what it is
     * @param offers changes that mend it together; empty where no small one does
     * @param because why they do
     * @param hint that none was found, or not all were tried; empty where there is nothing to say
     * @param card the card that may not be set out as it is; absent where it is about something else
     */
    record Line(
            String when, int from, String words, List<Offer> offers, String because, String hint, Optional<UUID> card) {
        Line {
            offers = List.copyOf(offers);
        }
    }

    /**
     * A change with the form that makes it.
     *
     * @param words what to do
     * @param action where the form goes
     * @param fields what it sends
     * @param weekday of the change where it holds every week; absent where it is for this day alone
     */
    record Offer(String words, String action, Map<String, String> fields, Optional<LocalDate> weekday) {
        Offer {
            fields = Map.copyOf(fields);
        }
    }

    /**
     * How it stands at a minute.
     *
     * @param minute of the day
     * @param time as the clock shows it
     * @param children who are there, by number
     * @param need adults that they take
     * @param adults names of those who are there
     * @param resting names of those who have a break
     * @param duties what takes an adult wholly, in words
     * @param free adults whom nothing takes
     * @param out cards that are out
     * @param clashes what clashes now, in words
     * @param before the change before; absent at the first
     * @param after the next change; absent at the last
     * @param day the day over its hours
     * @param room the room with what is going on; absent where nobody has drawn it
     */
    record Now(
            int minute,
            LocalTime time,
            int children,
            int need,
            List<String> adults,
            List<String> resting,
            List<String> duties,
            int free,
            List<OutNow> out,
            List<String> clashes,
            Optional<Integer> before,
            Optional<Integer> after,
            Sketch day,
            Optional<Sketch> room) {
        Now {
            adults = List.copyOf(adults);
            resting = List.copyOf(resting);
            duties = List.copyOf(duties);
            out = List.copyOf(out);
            clashes = List.copyOf(clashes);
        }
    }

    /**
     * A card that is out.
     *
     * @param cardId which
     * @param title for people
     * @param place where
     * @param stays whether an adult stays within arm's reach
     * @param held whether it may not be set out as it is
     */
    record OutNow(UUID cardId, String title, String place, boolean stays, boolean held) {}

    /**
     * Lays a played day out.
     *
     * @param cards which card stands in which place
     * @param asked the minute that is looked at; one outside the day is the nearest within
     */
    static RehearsalView of(
            Rehearsal rehearsal,
            RoomView room,
            LocalDate on,
            Map<BlockPlace, UUID> cards,
            Optional<RoomPlan> plan,
            int asked) {
        List<Integer> changes =
                rehearsal.moments().stream().map(moment -> moment.when().from()).toList();
        Optional<Span> length = rehearsal.day().length();
        int first = length.map(Span::from).orElse(0);
        int last = length.map(span -> span.until() - 1).orElse(0);
        int minute = Math.max(first, Math.min(last, asked));
        return new RehearsalView(
                first,
                last,
                changes,
                rehearsal.clashes().stream()
                        .map(one -> line(one, room.id(), on, cards))
                        .toList(),
                rehearsal
                        .at(minute)
                        .map(moment -> new Now(
                                minute,
                                Span.clock(minute),
                                moment.children().size(),
                                moment.need(),
                                moment.adults().stream().map(Adult::name).toList(),
                                moment.resting().stream().map(Adult::name).toList(),
                                moment.duties().stream()
                                        .map(Duty::said)
                                        .map(Object::toString)
                                        .toList(),
                                moment.free(),
                                out(moment, cards),
                                rehearsal.clashesAt(minute).stream()
                                        .map(Mended::clash)
                                        .map(Clash::said)
                                        .map(Object::toString)
                                        .toList(),
                                changes.stream()
                                        .filter(change -> change < minute)
                                        .reduce((one, later) -> later),
                                changes.stream()
                                        .filter(change -> change > minute)
                                        .findFirst(),
                                rehearsal.drawing(minute).orElseThrow(),
                                plan.map(drawn -> PlanDrawing.of(room.name(), drawn, busy(moment))))));
    }

    private static List<OutNow> out(Moment moment, Map<BlockPlace, UUID> cards) {
        return moment.out().stream()
                .flatMap(card -> Optional.ofNullable(cards.get(BlockPlace.ofKey(card.id()))).stream()
                        .map(id -> new OutNow(
                                id,
                                card.title(),
                                card.place().name(),
                                card.hold().stays(),
                                card.hold().held())))
                .toList();
    }

    private static Map<String, Busy> busy(Moment moment) {
        Map<String, Busy> busy = new HashMap<>();
        moment.out()
                .forEach(card -> busy.merge(
                        card.place().id(),
                        new Busy(1, card.hold().stays() ? 1 : 0),
                        (one, other) -> new Busy(one.cards() + other.cards(), one.adults() + other.adults())));
        return busy;
    }

    private static Line line(Mended one, UUID roomId, LocalDate on, Map<BlockPlace, UUID> cards) {
        return new Line(
                one.clash().when().said().words(),
                one.clash().when().from(),
                one.clash().said().words(),
                one.changes().stream().map(change -> offer(change, roomId, on)).toList(),
                one.changes().isEmpty() ? "" : one.because().words(),
                hint(one),
                one.clash().kind() == Clash.Kind.HELD
                        ? one.clash().ids().stream()
                                .flatMap(id -> BlockPlace.read(id).stream())
                                .flatMap(at -> Optional.ofNullable(cards.get(at)).stream())
                                .findFirst()
                        : Optional.empty());
    }

    /** What is said of the search: that it found nothing, or did not get to its end. */
    private static String hint(Mended one) {
        if (!one.clash().kind().canBeMended()) {
            return "";
        }
        if (one.changes().isEmpty()) {
            return Said.say(one.isWhole() ? "rehearsal.day.no-small-change" : "rehearsal.day.not-all-tried");
        }
        return one.isWhole() ? "" : Said.say("rehearsal.day.maybe-smaller");
    }

    private static Offer offer(Change change, UUID roomId, LocalDate on) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("day", on.toString());
        String words = change.said().words();
        if (change instanceof Swap swap) {
            fields.put("one", swap.one().id());
            fields.put("other", swap.other().id());
            return new Offer(words, "/rooms/" + roomId + "/rehearsal/swap", fields, Optional.empty());
        }
        if (change instanceof MoveGroup move) {
            fields.put("startsAt", move.to().begins().toString());
            return new Offer(
                    words,
                    "/rooms/" + roomId + "/rehearsal/groups/" + move.group().id(),
                    fields,
                    Optional.empty());
        }
        ShiftBreak shift = (ShiftBreak) change;
        fields.put("adult", shift.adult().id());
        fields.put("fromTime", shift.rest().begins().toString());
        fields.put("untilTime", shift.rest().ends().toString());
        fields.put("minutes", String.valueOf(shift.minutes()));
        return new Offer(words, "/rooms/" + roomId + "/rota/breaks", fields, Optional.of(on));
    }
}
