package app.carder.web.card;

import app.carder.core.card.SetOutGate;
import app.carder.core.ladder.LadderStep;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.Finding;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.PegMark;
import app.carder.web.room.RoomView;
import app.carder.web.rules.OtherView;
import app.carder.web.rules.RuleService;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one check of what is put out: the same for bench, set-out, board, proposal, list, print and import. */
@Service
public class SafetyService {

    private final ContentsService contents;
    private final ChildService children;
    private final RuleService rules;
    private final CardService deck;

    SafetyService(ContentsService contents, ChildService children, RuleService rules, CardService deck) {
        this.deck = deck;
        this.contents = contents;
        this.children = children;
        this.rules = rules;
    }

    /**
     * A moment for which something is checked.
     *
     * @param on the day
     * @param from beginning of the session; absent for the whole day
     * @param until end of the session; absent for the whole day
     */
    public record Moment(LocalDate on, Optional<LocalTime> from, Optional<LocalTime> until) {
        /** A whole day. */
        public static Moment day(LocalDate on) {
            return new Moment(on, Optional.empty(), Optional.empty());
        }

        /** A part of a day. */
        public static Moment between(LocalDate on, LocalTime from, LocalTime until) {
            return new Moment(on, Optional.of(from), Optional.of(until));
        }

        /** Whether a child is there. Hours that nobody wrote down count as there. */
        boolean includes(ChildView child) {
            return child.attendsOn(on)
                    && child.leavesOn(on)
                            .flatMap(leaves -> from.map(leaves::isAfter))
                            .orElse(true)
                    && child.arrivesOn(on)
                            .flatMap(arrives -> until.map(arrives::isBefore))
                            .orElse(true);
        }
    }

    /**
     * Who a check looked at.
     *
     * @param children them
     * @param attending whether they attend then; else they are all of the room, as nobody does
     * @param marks of their pegs, by the words that findings name them with
     */
    public record Present(List<ChildPresent> children, boolean attending, Map<String, PegMark> marks) {
        /** Keeps its own copies. */
        public Present {
            children = List.copyOf(children);
            marks = Map.copyOf(marks);
        }
    }

    /** The children of a moment; where nobody attends, all of the room. */
    @Transactional(readOnly = true)
    public Present present(SettingId settingId, RoomView room, Moment moment) {
        return present(children.expected(settingId, room.id()), rules.others(settingId, room.id()), moment);
    }

    /** The children of a moment, with those who are always there. */
    private static Present present(List<ChildView> all, List<OtherView> others, Moment moment) {
        List<ChildPresent> there = all.stream()
                .filter(moment::includes)
                .map(child -> child.present(moment.on()))
                .toList();
        List<ChildPresent> looked = new ArrayList<>(
                there.isEmpty()
                        ? all.stream().map(child -> child.present(moment.on())).toList()
                        : there);
        others.forEach(other -> other.present(moment.on()).ifPresent(looked::add));
        // Two who are called the same cannot be told apart by these words, nor by a mark beside them.
        Map<String, PegMark> marks = new HashMap<>();
        all.stream()
                .collect(Collectors.groupingBy(
                        child -> child.present(moment.on()).forPeople()))
                .forEach((words, called) -> {
                    if (called.size() == 1) {
                        marks.put(words, called.get(0).pegMark());
                    }
                });
        return new Present(looked, !there.isEmpty(), marks);
    }

    /** The findings for what is laid out, in the words of a card. */
    @Transactional(readOnly = true)
    public List<Finding> findings(
            SettingId settingId, RoomView room, LaidOut laid, String said, List<ChildPresent> present) {
        return rules.of(settingId, room.id()).check(laid.putOut().setup(said), present);
    }

    /** The gate of one card at a moment, on a step of its ladder. */
    @Transactional(readOnly = true)
    public SetOutGate gate(SettingId settingId, RoomView room, CardView card, LadderStep ladderStep, Moment moment) {
        LaidOut laid = contents.lay(
                settingId,
                card.card().contentsOn(ladderStep),
                card.card().usage().term());
        RuleService.Here here = rules.here(settingId, room.id());
        return new SetOutGate(here.check()
                .check(
                        laid.putOut().setup(card.card().said()),
                        present(children.expected(settingId, room.id()), here.others(), moment)
                                .children()));
    }

    /** The gates of many cards, as they are stored, at many moments; by card, then by moment. */
    @Remembered({Area.CARDS, Area.PEOPLE, Area.PLACES})
    @Transactional(readOnly = true)
    public Map<UUID, Map<Moment, SetOutGate>> gates(
            SettingId settingId, RoomView room, Set<UUID> cardIds, List<Moment> moments) {
        List<CardView> cards = deck.whole(settingId, cardIds);
        return gates(settingId, room, contents.lay(settingId, cards), cards, moments);
    }

    /** The gates of many cards that are laid out already, in few questions to the database; by card, then by moment. */
    @Transactional(readOnly = true)
    public Map<UUID, Map<Moment, SetOutGate>> gates(
            SettingId settingId, RoomView room, Map<UUID, LaidOut> laid, List<CardView> cards, List<Moment> moments) {
        RuleService.Here here = rules.here(settingId, room.id());
        List<ChildView> all = children.expected(settingId, room.id());
        Map<Moment, List<ChildPresent>> present = new HashMap<>();
        moments.forEach(moment ->
                present.put(moment, present(all, here.others(), moment).children()));
        Map<UUID, Map<Moment, SetOutGate>> gates = new HashMap<>();
        for (CardView card : cards) {
            LaidOut out = laid.get(card.id());
            if (out == null) {
                continue;
            }
            Map<List<ChildPresent>, SetOutGate> known = new HashMap<>();
            Map<Moment, SetOutGate> ofCard = new HashMap<>();
            moments.forEach(moment -> ofCard.put(
                    moment,
                    known.computeIfAbsent(
                            present.getOrDefault(moment, List.of()),
                            there -> new SetOutGate(here.check()
                                    .check(out.putOut().setup(card.card().said()), there)))));
            gates.put(card.id(), ofCard);
        }
        return gates;
    }
}
