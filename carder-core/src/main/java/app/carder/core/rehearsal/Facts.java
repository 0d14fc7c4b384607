package app.carder.core.rehearsal;

import app.carder.core.rehearsal.Duty.Task;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Child;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Out;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What holds at one minute.
 *
 * <p>Duties that name nobody take any adult, so that as many duties as possible are taken when everybody who was named takes one of
 * theirs and the others take what is left: what stays open is counted, not searched for.
 *
 * @param need adults that the children take
 * @param here adults who are there
 * @param duties that take an adult wholly
 * @param bad by kind of clash, what it is about: ids, or a stand-in; how grave it is, is how many
 */
record Facts(int need, List<Adult> here, List<Duty> duties, Map<Clash.Kind, Set<String>> bad) {

    private static final String GARDEN = "garden";

    /** Looks at a minute of a day, with the adults that its children take at each minute. */
    static Facts at(PlannedDay day, int[] needs, int minute) {
        List<Adult> here = here(day, minute);
        List<Duty> duties = new ArrayList<>();
        Map<Clash.Kind, Set<String>> bad = new EnumMap<>(Clash.Kind.class);
        for (Out card : day.cards()) {
            if (card.when().holds(minute)) {
                if (card.hold().held()) {
                    add(bad, Clash.Kind.HELD, card.id());
                }
                if (card.hold().stays()) {
                    duties.add(new Duty(Task.STAY, card.id(), card.title(), Optional.of(card.place()), card.who()));
                }
            }
        }
        for (Group group : day.groups()) {
            if (group.when().holds(minute)) {
                duties.add(new Duty(Task.GROUP, group.id(), group.name(), Optional.empty(), Optional.empty()));
            }
        }
        boolean isOpen = day.garden().isOpen(minute);
        if (isOpen) {
            duties.add(new Duty(Task.GARDEN, GARDEN, "", Optional.empty(), Optional.empty()));
        }
        count(bad, Clash.Kind.ADULTS_MISSING, needs[minute] - here.size());
        hands(bad, here, duties, isOpen && day.garden().isOnPlan());
        if (isOpen && !day.garden().isOnPlan()) {
            add(bad, Clash.Kind.DOOR_UNKNOWN, GARDEN);
        }
        for (Child child : day.children()) {
            if (child.givers().isPresent()
                    && child.there().holds(minute)
                    && !isAny(child.givers().get(), here)) {
                add(bad, Clash.Kind.MEDICINE, child.id());
            }
        }
        if (day.withoutFirstAid().stream().anyMatch(span -> span.holds(minute))) {
            add(bad, Clash.Kind.FIRST_AID, "");
        }
        if (minute > 0 && needs[minute] > 0 && needs[minute - 1] > 0 && isHandOver(day, here, minute)) {
            add(bad, Clash.Kind.HAND_OVER, "");
        }
        return new Facts(needs[minute], here, duties, bad);
    }

    private static boolean isAny(Set<String> ids, List<Adult> adults) {
        for (Adult adult : adults) {
            if (ids.contains(adult.id())) {
                return true;
            }
        }
        return false;
    }

    /** Whether there were some before, there are some now, and none of them are the same. */
    private static boolean isHandOver(PlannedDay day, List<Adult> here, int minute) {
        for (Adult adult : here) {
            if (adult.isThere(minute - 1)) {
                return false;
            }
        }
        return !here.isEmpty() && !here(day, minute - 1).isEmpty();
    }

    private static List<Adult> here(PlannedDay day, int minute) {
        List<Adult> here = new ArrayList<>();
        for (Adult adult : day.adults()) {
            if (adult.isThere(minute)) {
                here.add(adult);
            }
        }
        return here;
    }

    /** Who takes what, as far as it can be told by counting. */
    private static void hands(
            Map<Clash.Kind, Set<String>> bad, List<Adult> here, List<Duty> duties, boolean doorIsOpen) {
        Map<String, Integer> named = new HashMap<>();
        boolean isSeen = false;
        int anybody = 0;
        boolean anybodySees = false;
        for (Duty duty : duties) {
            if (duty.who().isEmpty()) {
                anybody++;
                anybodySees |= duty.seesDoor();
            } else if (here.stream()
                    .anyMatch(adult -> adult.id().equals(duty.who().get()))) {
                named.merge(duty.who().get(), 1, Integer::sum);
                // Who was named for two things takes the one from where the door is seen.
                isSeen |= duty.seesDoor();
            } else {
                add(bad, Clash.Kind.NAMED_AWAY, duty.id());
            }
        }
        named.forEach((adult, times) -> {
            if (times > 1) {
                add(bad, Clash.Kind.NEEDED_TWICE, adult);
            }
        });
        int others = here.size() - named.size();
        count(bad, Clash.Kind.TOO_FEW, anybody - others);
        isSeen |= others > anybody || (anybodySees && others > 0);
        if (doorIsOpen && !isSeen) {
            add(bad, Clash.Kind.DOOR_UNSEEN, GARDEN);
        }
    }

    private static void add(Map<Clash.Kind, Set<String>> bad, Clash.Kind kind, String about) {
        bad.computeIfAbsent(kind, one -> new HashSet<>()).add(about);
    }

    /** One stand-in for each that is missing, so that fewer of them are less of the same. */
    private static void count(Map<Clash.Kind, Set<String>> bad, Clash.Kind kind, int missing) {
        for (int one = 0; one < missing; one++) {
            add(bad, kind, String.valueOf(one));
        }
    }

    /** What is bad of a kind. */
    Set<String> of(Clash.Kind kind) {
        return bad.getOrDefault(kind, Set.of());
    }

    /** Whether nothing is worse than in the other. */
    boolean isNoWorseThan(Facts other) {
        for (Map.Entry<Clash.Kind, Set<String>> one : bad.entrySet()) {
            if (!other.of(one.getKey()).containsAll(one.getValue())) {
                return false;
            }
        }
        return true;
    }
}
