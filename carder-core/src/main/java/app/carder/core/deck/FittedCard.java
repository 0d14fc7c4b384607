package app.carder.core.deck;

import app.carder.core.card.Card;
import app.carder.core.card.Contents;
import app.carder.core.card.Portion;
import app.carder.core.card.Portion.Counted;
import app.carder.core.card.Portion.Poured;
import app.carder.core.card.PutOut;
import app.carder.core.card.WrittenStep;
import app.carder.core.cupboard.Stocked;
import app.carder.core.ladder.Change;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A ready card as a setting can put it out: in a container that it has, with what is in its cupboard.
 *
 * @param card things by their codes in the cupboard
 * @param notes what is different from the card as it ships, and what is missing
 */
public record FittedCard(Card card, List<Said> notes) {

    /** A container may hold so many times more or less than the one on the card, and still be offered for it. Common practice. */
    private static final double FARTHEST_SIZE = 4;

    /** Less than this part of what the card asks for is another card: it is told as missing, and the amount stays. Common practice. */
    private static final double LEAST_PART = 0.5;

    /** Keeps its own copy. */
    public FittedCard {
        notes = List.copyOf(notes);
    }

    /**
     * Fits a card.
     *
     * @param cupboard of the setting, by code; stock that nobody wrote down is taken as enough, which the set-out asks about
     */
    public static FittedCard of(ReadyCard ready, Map<String, Stocked> cupboard) {
        List<Said> notes = new ArrayList<>();
        Contents there = present(ready.card().contents(), cupboard, notes);
        Contents inVessel = ready.vessel()
                .map(code -> inVessel(ready, code, there, cupboard, notes))
                .orElse(there);
        Contents stocked = fromStock(ready.card(), inVessel, cupboard, notes);
        Card card = ready.card();
        return new FittedCard(
                new Card(
                        card.purpose(),
                        card.coverage(),
                        stocked,
                        card.usage(),
                        card.ladder().stream()
                                .map(step -> new WrittenStep(
                                        step.ladderStep(), step.sign(), present(step.change(), cupboard)))
                                .toList(),
                        card.preparation(),
                        card.settingOut()),
                notes);
    }

    /** The card with its things called by other keys. */
    public Card keyed(UnaryOperator<String> key) {
        return new Card(
                card.purpose(),
                card.coverage(),
                card.contents().resolved(portion -> keyed(portion, key)),
                card.usage(),
                card.ladder().stream()
                        .map(step -> new WrittenStep(
                                step.ladderStep(),
                                step.sign(),
                                new Change(
                                        step.change().amountPercent(),
                                        step.change().replace().map(key),
                                        step.change().with().map(key),
                                        step.change().note())))
                        .toList(),
                card.preparation(),
                card.settingOut());
    }

    private static Portion keyed(Portion portion, UnaryOperator<String> key) {
        return portion instanceof Poured poured
                ? new Poured(key.apply(poured.thing()), poured.depth())
                : portion instanceof Counted counted
                        ? new Counted(key.apply(counted.thing()), counted.pieces())
                        : portion;
    }

    private static Contents present(Contents contents, Map<String, Stocked> cupboard, List<Said> notes) {
        List<String> missing =
                contents.things().filter(code -> !cupboard.containsKey(code)).toList();
        if (!missing.isEmpty()) {
            Map<String, Stocked> starter = ReadyCard.starter();
            notes.add(Said.of(
                    "fitting.missing",
                    Said.oneAfterTheOther(missing.stream()
                            .flatMap(code -> Stream.ofNullable(starter.get(code)))
                            .map(Stocked::name)
                            .toList())));
        }
        return with(
                contents,
                contents.vessel(),
                contents.portions().stream()
                        .filter(portion -> cupboard.containsKey(code(portion)))
                        .toList());
    }

    /** A step that would bring in something that is not there changes nothing but what its note says. */
    private static Change present(Change change, Map<String, Stocked> cupboard) {
        boolean isThere =
                Stream.concat(change.replace().stream(), change.with().stream()).allMatch(cupboard::containsKey);
        return isThere ? change : new Change(change.amountPercent(), Optional.empty(), Optional.empty(), change.note());
    }

    private static Contents inVessel(
            ReadyCard ready, String code, Contents contents, Map<String, Stocked> cupboard, List<Said> notes) {
        Vessel meant = contents.vessel().orElseThrow();
        Optional<Stocked> own = Optional.ofNullable(cupboard.get(code))
                .filter(one -> one.vessel().isPresent())
                .or(() -> nearest(meant, cupboard));
        if (own.isEmpty()) {
            notes.add(Said.of("fitting.no-container", meant.forPeople()));
            return contents;
        }
        Vessel vessel = own.get().vessel().orElseThrow();
        double share = Math.min(1, vessel.depth().dividedBy(meant.depth()));
        Contents fitted = with(
                contents,
                Optional.of(vessel),
                contents.portions().stream()
                        .map(portion -> deep(portion, share))
                        .toList());
        if (!vessel.equals(meant)) {
            notes.add(sized(ready, own.get(), fitted, cupboard));
        }
        return fitted;
    }

    private static Said sized(ReadyCard ready, Stocked own, Contents fitted, Map<String, Stocked> cupboard) {
        Optional<Mass> before = mass(ready.card(), ready.card().contents(), ReadyCard.starter());
        Optional<Mass> after = mass(ready.card(), fitted, cupboard);
        if (before.isEmpty() || after.isEmpty()) {
            return Said.of("fitting.other-container", own.name());
        }
        return after.get().isMoreThan(before.get())
                ? Said.of(
                        "fitting.larger-container",
                        own.name(),
                        after.get().forPeople(),
                        before.get().forPeople())
                : Said.of(
                        "fitting.smaller-container",
                        own.name(),
                        after.get().forPeople(),
                        before.get().forPeople());
    }

    private static Optional<Mass> mass(Card card, Contents contents, Map<String, Stocked> cupboard) {
        return PutOut.of(contents, card.usage().term(), cupboard).amounts().map(amounts -> amounts.mass());
    }

    /** Of the same shape if there is one, and then nearest in what it holds. */
    private static Optional<Stocked> nearest(Vessel meant, Map<String, Stocked> cupboard) {
        return cupboard.values().stream()
                .filter(one -> one.vessel()
                        .filter(vessel -> farness(meant, vessel) <= FARTHEST_SIZE)
                        .isPresent())
                .min(Comparator.comparing(
                                (Stocked one) -> one.vessel().orElseThrow().shape() != meant.shape())
                        .thenComparing(one -> farness(meant, one.vessel().orElseThrow()))
                        .thenComparing(Stocked::code));
    }

    private static double farness(Vessel one, Vessel other) {
        double times = (double) one.capacity().microlitres()
                / Math.max(1, other.capacity().microlitres());
        return Math.max(times, 1 / times);
    }

    private static Contents fromStock(Card card, Contents contents, Map<String, Stocked> cupboard, List<Said> notes) {
        PutOut putOut = PutOut.of(contents, card.usage().term(), cupboard);
        List<Portion> fitted = new ArrayList<>(contents.portions());
        for (PutOut.Part part : putOut.parts()) {
            double share = part(part);
            if (share < 1) {
                notes.add(Said.of(
                        share < LEAST_PART ? "fitting.too-little" : "fitting.less",
                        part.stocked().name(),
                        part.stocked().stock().forPeople(),
                        part.amount().forPeople()));
                if (share >= LEAST_PART) {
                    fitted.replaceAll(portion -> code(portion).equals(part.thing()) ? scaled(portion, share) : portion);
                }
            }
        }
        return with(contents, contents.vessel(), fitted);
    }

    /** How much of what is asked for is in stock; 1 where nobody wrote it down. */
    private static double part(PutOut.Part part) {
        Stocked.Amount stock = part.stocked().stock();
        return part.amount()
                .mass()
                .flatMap(need -> stock.mass().map(there -> there.inGrams() / need.inGrams()))
                .or(() -> part.amount().pieces().flatMap(need -> stock.pieces().map(there -> there / (double) need)))
                .filter(share -> share < 1)
                .orElse(1.0);
    }

    /** In a container that widens upwards less depth holds less than its share, so that what is there is always enough. */
    private static Portion scaled(Portion portion, double share) {
        return portion instanceof Counted counted
                ? new Counted(counted.thing(), counted.pieces().map(pieces -> (int) Math.floor(pieces * share + 1e-9)))
                : deep(portion, share);
    }

    private static Portion deep(Portion portion, double share) {
        return portion instanceof Poured poured && share < 1
                ? new Poured(
                        poured.thing(),
                        poured.depth()
                                .map(depth ->
                                        Length.ofMillimetres(Math.max(1, Math.floor(depth.inMillimetres() * share)))))
                : portion;
    }

    private static String code(Portion portion) {
        return portion instanceof Poured poured
                ? poured.thing()
                : portion instanceof Counted counted ? counted.thing() : "";
    }

    private static Contents with(Contents contents, Optional<Vessel> vessel, List<Portion> portions) {
        return new Contents(vessel, portions, contents.features(), contents.answers());
    }
}
