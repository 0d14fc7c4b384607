package app.carder.core.card;

import app.carder.core.card.Portion.Counted;
import app.carder.core.card.Portion.Poured;
import app.carder.core.ladder.Change;
import app.carder.core.measure.Length;
import app.carder.core.safety.Answer;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Everything that a card puts in front of children, whichever way it was put on the card. Safety, shopping, cost, preparation, print
 * and pictures read this and nothing else.
 *
 * @param vessel that holds the fills; absent where nothing is poured, or its measures could not be read
 * @param portions from the floor of the vessel up, then the others
 * @param features what is done with it, as far as safety is concerned
 * @param answers that somebody gave to what could not be judged, by key
 */
public record Contents(
        Optional<Vessel> vessel, List<Portion> portions, Set<Feature> features, Map<String, Answer> answers) {

    /** Nothing. */
    public static final Contents NOTHING = new Contents(Optional.empty(), List.of(), Set.of(), Map.of());

    /** Keeps its own copies. */
    public Contents {
        portions = List.copyOf(portions);
        features = Set.copyOf(features);
        answers = Map.copyOf(answers);
    }

    /** Keys of everything in the cupboard that it names, each once. */
    public Stream<String> things() {
        return portions.stream().flatMap(Contents::thingsOf).distinct();
    }

    private static Stream<String> thingsOf(Portion portion) {
        if (portion instanceof Poured poured) {
            return Stream.of(poured.thing());
        }
        if (portion instanceof Counted counted) {
            return Stream.of(counted.thing());
        }
        return ingredients(portion).flatMap(ingredient -> ingredient.thing().stream());
    }

    private static Stream<Ingredient> ingredients(Portion portion) {
        if (portion instanceof Portion.KitThings kit) {
            return kit.things().stream().flatMap(List::stream);
        }
        if (portion instanceof Portion.Kept kept) {
            return kept.made().stream().flatMap(made -> made.ingredients().stream());
        }
        return Stream.empty();
    }

    /** The layers and pieces that are written on the card itself. */
    public List<Portion> lines() {
        return portions.stream()
                .filter(portion -> portion instanceof Poured || portion instanceof Counted)
                .toList();
    }

    /** The answers of calculators that are kept with it. */
    public List<Portion.Kept> kept() {
        return portions.stream()
                .flatMap(portion -> portion instanceof Portion.Kept kept ? Stream.of(kept) : Stream.empty())
                .toList();
    }

    /** The kit that it asks for. */
    public Optional<Portion.KitThings> kit() {
        return portions.stream()
                .flatMap(portion -> portion instanceof Portion.KitThings kit ? Stream.of(kit) : Stream.empty())
                .findFirst();
    }

    /** All layers together. */
    public Length filled() {
        return Fill.together(portions.stream()
                .flatMap(portion -> portion instanceof Poured poured ? poured.depth().stream() : Stream.empty())
                .toList());
    }

    /** Whether the layers go into the vessel; without layers they do. */
    public boolean fits() {
        Length filled = filled();
        return filled.isZero()
                || vessel.filter(around -> !filled.isMoreThan(around.depth())).isPresent();
    }

    /** The same with every portion looked up. */
    public Contents resolved(UnaryOperator<Portion> lookUp) {
        return new Contents(vessel, portions.stream().map(lookUp).toList(), features, answers);
    }

    /** The same with more on it. */
    public Contents plus(List<? extends Portion> more) {
        List<Portion> all = new ArrayList<>(portions);
        all.addAll(more);
        return new Contents(vessel, all, features, answers);
    }

    /** The same with what somebody answered. */
    public Contents answered(Map<String, Answer> given) {
        return new Contents(vessel, portions, features, given);
    }

    /** What is put out on a step of the ladder: layers, pieces and things changed as it says; kit and kept answers stay. */
    public Contents changed(Change change) {
        List<Change.Put> put = portions.stream().flatMap(Contents::put).toList();
        List<Portion> changed = new ArrayList<>();
        change.applyTo(put, vessel.map(Vessel::depth)).forEach(one -> changed.add(portion(one)));
        portions.stream().filter(portion -> put(portion).findAny().isEmpty()).forEach(changed::add);
        return new Contents(vessel, changed, features, answers);
    }

    private static Stream<Change.Put> put(Portion portion) {
        if (portion instanceof Poured poured) {
            return Stream.of(
                    new Change.Put(poured.thing(), poured.depth(), Optional.empty(), Change.Measured.BY_DEPTH));
        }
        if (portion instanceof Counted counted) {
            return Stream.of(
                    new Change.Put(counted.thing(), Optional.empty(), counted.pieces(), Change.Measured.BY_NUMBER));
        }
        return Stream.empty();
    }

    private static Portion portion(Change.Put put) {
        return put.measured() == Change.Measured.BY_DEPTH
                ? new Poured(put.code(), put.depth())
                : new Counted(put.code(), put.pieces());
    }
}
