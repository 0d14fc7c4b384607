package app.carder.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.TestCupboard;
import app.carder.core.card.Made.Mix;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.ladder.Change;
import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Age;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.Finding;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.vessel.Box;
import app.carder.core.vessel.FillPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is not known is never read as "no": over every thing of the starter cupboard and every way of putting it on a card, one fact
 * after the other is taken away. Where any value of it would hold the set-out, not knowing it holds it too; where any value would bring
 * a caution, not knowing it brings the caution or asks.
 */
class SilenceTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final SafetyCheck CHECK = SafetyCheck.withShippedRules();
    private static final List<ChildPresent> CHILDREN =
            List.of(child("Anouk", 50, Set.of()), child("Bram", 40, Set.of(Allergen.LUPIN)));

    /** A way of putting a thing on a card. */
    enum Way {
        LINE {
            @Override
            Contents of(Stocked thing, Optional<Length> depth, Optional<Integer> pieces) {
                return on(line(thing, depth, pieces));
            }
        },
        KIT {
            @Override
            Contents of(Stocked thing, Optional<Length> depth, Optional<Integer> pieces) {
                return on(
                        new Portion.KitThings("kit", "Wrapping kit", Optional.of(List.of(ingredient(thing, pieces)))));
            }
        },
        KEPT {
            @Override
            Contents of(Stocked thing, Optional<Length> depth, Optional<Integer> pieces) {
                return on(new Portion.Kept(
                        "1",
                        "tool",
                        Map.of(),
                        Optional.of(new Made.Things("set", List.of(ingredient(thing, pieces))))));
            }
        },
        MIX {
            @Override
            Contents of(Stocked thing, Optional<Length> depth, Optional<Integer> pieces) {
                return on(new Portion.Kept(
                        "1",
                        "dough",
                        Map.of(),
                        Optional.of(
                                new Mix("dough", Mix.Heat.RAW, Mix.Kind.DOUGH, List.of(ingredient(thing, pieces))))));
            }
        },
        LADDER {
            @Override
            Contents of(Stocked thing, Optional<Length> depth, Optional<Integer> pieces) {
                return on(new Portion.Counted("other", Optional.of(2)))
                        .plus(List.of(line(thing, depth, pieces)))
                        .changed(new Change(150, Optional.of("other"), Optional.empty(), ""));
            }
        };

        abstract Contents of(Stocked thing, Optional<Length> depth, Optional<Integer> pieces);

        private static Contents on(Portion portion) {
            return new Contents(
                    Optional.of(new Box(Length.ofCentimetres(60), Length.ofCentimetres(40), Length.ofCentimetres(20))),
                    List.of(portion),
                    Set.of(),
                    Map.of());
        }

        private static Portion line(Stocked thing, Optional<Length> depth, Optional<Integer> pieces) {
            return thing.material().kind().isPoured()
                    ? new Portion.Poured(thing.code(), depth)
                    : new Portion.Counted(thing.code(), pieces);
        }

        private static Ingredient ingredient(Stocked thing, Optional<Integer> amount) {
            return Ingredient.of(
                    thing.code(),
                    thing.name(),
                    amount.map(count -> thing.material().kind().isPoured()
                                    ? Amount.of(Mass.ofGrams(100 * count))
                                    : Amount.of(count))
                            .orElse(Amount.UNKNOWN));
        }
    }

    static Stream<Way> ways() {
        return Arrays.stream(Way.values());
    }

    private static List<Finding> findings(Contents contents, Stocked thing, List<ChildPresent> children) {
        Map<String, Stocked> cupboard = Map.of("other", TestCupboard.stocked("envelopes"), thing.code(), thing);
        return CHECK.check(PutOut.of(contents, FillPlan.Use.ONCE, cupboard).setup("Deliver the post"), children);
    }

    private static List<Finding> findings(Way way, Stocked thing, List<ChildPresent> children) {
        return findings(way.of(thing, Optional.of(Length.ofCentimetres(3)), Optional.of(4)), thing, children);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void notKnowingTheSizeIsAsGraveAsTheWorstSize(Way way) {
        List<Solid> sizes = List.of(
                new Solid.Ball(Length.ofMillimetres(2)),
                new Solid.Ball(Length.ofMillimetres(9)),
                new Solid.Ball(Length.ofMillimetres(43)),
                new Solid.Rod(Length.ofMillimetres(3), Length.ofMillimetres(900)),
                new Solid.Block(Length.ofMillimetres(300), Length.ofMillimetres(200), Length.ofMillimetres(100)));
        List<ChildPresent> young = List.of(child("Cosima", 26, Set.of()));

        everyThing()
                .filter(thing -> thing.material().form().isPresent())
                .forEach(thing -> isNotSilent(
                        way,
                        thing,
                        sizes,
                        (stocked, size) -> findings(way, changed(stocked, Optional.of(size)), young),
                        stocked -> findings(way, changed(stocked, Optional.empty()), young)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void notHavingLookedIsAsGraveAsTheWorstProperty(Way way) {
        everyThing()
                .forEach(thing -> isNotSilent(
                        way,
                        thing,
                        List.of(Trait.values()),
                        (stocked, trait) ->
                                findings(way, changed(stocked, EnumSet.of(trait, Trait.LOOKED_THROUGH)), CHILDREN),
                        stocked -> findings(way, changed(stocked, Set.of()), CHILDREN)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void aMissingAmountIsAlwaysAskedAboutAndHolds(Way way) {
        everyThing().forEach(thing -> {
            List<Finding> found = findings(way.of(thing, Optional.empty(), Optional.empty()), thing, CHILDREN);

            assertThat(found)
                    .describedAs("%s, %s", way, thing.code())
                    .anyMatch(finding -> finding.code().equals("NOT_KNOWN_AMOUNT") && finding.holds());
        });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void notKnowingTheAgeIsAsGraveAsTheWorstAge(Way way) {
        everyThing()
                .forEach(thing -> isNotSilent(
                        way,
                        thing,
                        List.of(4, 10, 17, 20, 26, 34, 40, 50, 70, 90, 110),
                        (stocked, months) -> findings(way, stocked, List.of(child("Dara", months, Set.of()))),
                        stocked -> findings(
                                way,
                                stocked,
                                List.of(new ChildPresent(
                                        "Dara",
                                        Optional.empty(),
                                        Mouthing.NOT_SEEN,
                                        Optional.of(Set.of()),
                                        List.of())))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void notHavingAskedAboutAllergiesIsAsGraveAsTheWorstAllergy(Way way) {
        everyThing()
                .forEach(thing -> isNotSilent(
                        way,
                        thing,
                        List.of(Allergen.values()),
                        (stocked, allergen) -> findings(way, stocked, List.of(child("Eskil", 50, Set.of(allergen)))),
                        stocked -> findings(
                                way,
                                stocked,
                                List.of(new ChildPresent(
                                        "Eskil",
                                        Optional.of(Age.between(TODAY.minusMonths(50), TODAY)),
                                        Mouthing.NOT_SEEN,
                                        Optional.empty(),
                                        List.of())))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void notKnowingWhoComesIsAsGraveAsTheWorstRoom(Way way) {
        List<ChildPresent> rooms = List.of(
                child("Farida", 10, Set.of(Allergen.values())),
                child("Goran", 26, Set.of(Allergen.values())),
                child("Hana", 50, Set.of(Allergen.values())),
                child("Idris", 50, Set.of()));

        everyThing()
                .forEach(thing -> isNotSilent(
                        way,
                        thing,
                        rooms,
                        (stocked, child) -> findings(way, stocked, List.of(child)),
                        stocked -> findings(way, stocked, List.of())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ways")
    void whatIsNoLongerInTheCupboardOrOnlyNamedHolds(Way way) {
        everyThing().forEach(thing -> {
            Contents contents = way.of(thing, Optional.of(Length.ofCentimetres(3)), Optional.of(4));
            List<Finding> gone =
                    CHECK.check(PutOut.of(contents, FillPlan.Use.ONCE, Map.of()).setup(""), CHILDREN);

            assertThat(gone).describedAs("%s, %s", way, thing.code()).anyMatch(Finding::holds);
        });
        List<Finding> named = CHECK.check(
                PutOut.of(
                                Contents.NOTHING.plus(List.of(new Portion.Named("acorn cups from the park"))),
                                FillPlan.Use.ONCE,
                                Map.of())
                        .setup(""),
                CHILDREN);
        assertThat(named).anyMatch(Finding::holds);
    }

    private static <V> void isNotSilent(
            Way way,
            Stocked thing,
            List<V> values,
            BiFunction<Stocked, V, List<Finding>> known,
            Function<Stocked, List<Finding>> notKnown) {
        List<Finding> silent = notKnown.apply(thing);
        boolean held = silent.stream().anyMatch(Finding::holds);
        boolean asks = silent.stream().anyMatch(finding -> finding.gap().isPresent());
        Set<String> said = silent.stream().map(Finding::code).collect(Collectors.toSet());
        List<String> missed = new ArrayList<>();
        for (V value : values) {
            for (Finding finding : known.apply(thing, value)) {
                if (finding.holds() && !held) {
                    missed.add(value + " holds by " + finding.code());
                }
                if (!said.contains(finding.code()) && !asks) {
                    missed.add(value + " brings " + finding.code());
                }
            }
        }
        assertThat(missed).describedAs("%s, %s", way, thing.code()).isEmpty();
    }

    private static Stream<Stocked> everyThing() {
        return TestCupboard.byCode().values().stream();
    }

    private static Stocked changed(Stocked thing, Optional<Solid> form) {
        Material was = thing.material();
        return with(
                thing,
                new Material(
                        was.name(),
                        was.kind(),
                        was.density(),
                        form,
                        was.opening(),
                        was.allergens(),
                        was.traits(),
                        was.source()));
    }

    private static Stocked changed(Stocked thing, Set<Trait> traits) {
        Material was = thing.material();
        return with(
                thing,
                new Material(
                        was.name(),
                        was.kind(),
                        was.density(),
                        was.form(),
                        was.opening(),
                        was.allergens(),
                        traits,
                        was.source()));
    }

    private static Stocked with(Stocked thing, Material material) {
        return new Stocked(
                thing.code(),
                material,
                thing.vessel(),
                thing.bought(),
                thing.stock(),
                thing.keptIn(),
                thing.keepsDays());
    }

    private static ChildPresent child(String name, int months, Set<Allergen> allergens) {
        return new ChildPresent(name, Age.between(TODAY.minusMonths(months), TODAY), Mouthing.NOT_SEEN, allergens);
    }
}
