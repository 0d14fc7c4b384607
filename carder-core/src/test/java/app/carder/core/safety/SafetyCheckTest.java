package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.TestCupboard;
import app.carder.core.calculation.Source;
import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Age;
import app.carder.core.measure.Length;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import app.carder.core.vessel.Bowl;
import app.carder.core.vessel.Vessel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.ValueSource;

class SafetyCheckTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final SafetyCheck CHECK = SafetyCheck.withShippedRules();
    private static final String FIRINGS = "/app/carder/core/safety/firings.csv";

    private static final ChildPresent BABY = child("Anouk", 14, Mouthing.NOT_SEEN);
    private static final ChildPresent TWO = child("Bram", 30, Mouthing.NOT_SEEN);
    private static final ChildPresent FOUR = child("Cosima", 50, Mouthing.NOT_SEEN);
    private static final ChildPresent FOUR_MOUTHING = child("Dara", 50, Mouthing.SEEN);
    private static final ChildPresent FOUR_GLUTEN = new ChildPresent(
            "Eskil", Age.between(TODAY.minusMonths(50), TODAY), Mouthing.NOT_SEEN, Set.of(Allergen.GLUTEN_CEREALS));
    private static final Map<Character, ChildPresent> CHILDREN = Map.ofEntries(
            Map.entry('B', BABY),
            Map.entry('I', child("Farida", 10, Mouthing.NOT_SEEN)),
            Map.entry('O', child("Goran", 20, Mouthing.NOT_SEEN)),
            Map.entry('T', TWO),
            Map.entry('F', FOUR),
            Map.entry('M', FOUR_MOUTHING),
            Map.entry('G', FOUR_GLUTEN),
            Map.entry('S', child("Hana", 86, Mouthing.NOT_SEEN)),
            Map.entry('E', child("Idris", 110, Mouthing.NOT_SEEN)),
            Map.entry('W', needing("Juno", CareEntry.Kind.SWALLOWING)),
            Map.entry('P', needing("Kofi", CareEntry.Kind.EPILEPSY)),
            Map.entry('H', needing("Lumi", CareEntry.Kind.HEARING_DEVICE)),
            Map.entry('K', needing("Nadia", CareEntry.Kind.SKIN)));

    @ParameterizedTest(name = "{0} speaks of {1}")
    @CsvFileSource(resources = FIRINGS, useHeadersInDisplayName = false, numLinesToSkip = 1)
    void speaksWhereItShouldAndIsSilentWhereItShouldNot(
            String rule, String fires, String there, String silent, String elsewhere) {
        assertThat(codes(fires, there)).contains(rule);
        assertThat(codes(silent, elsewhere)).doesNotContain(rule);
    }

    @Test
    void hasAtLeastSixtyRulesAndAFiringForEachOfThem() throws IOException {
        Set<String> tested = new java.util.HashSet<>();
        Files.readAllLines(Path.of("src/test/resources" + FIRINGS)).stream()
                .filter(line -> !line.startsWith("#"))
                .forEach(line -> tested.add(line.substring(0, line.indexOf(','))));

        assertThat(CHECK.rules()).hasSizeGreaterThanOrEqualTo(120).doesNotHaveDuplicates();
        assertThat(tested).containsAll(CHECK.rules().stream().map(Rule::code).toList());
    }

    @Test
    void namesTheChildrenWithTheAgeThatDecided() {
        Finding finding = CHECK.check(List.of(TestCupboard.get("wooden-beads")), List.of(FOUR, TWO, FOUR_MOUTHING))
                .get(0);

        assertThat(finding.level()).isEqualTo(Level.STOP_FOR);
        assertThat(finding.children()).containsExactly("Bram (30 months)", "Dara (50 months, mouths things)");
        assertThat(finding.reason()).contains("ball 25");
    }

    @Test
    void namesTheAllergenThatConcernsTheChildAndNoOther() {
        Material mix = made("mix", Set.of(Allergen.GLUTEN_CEREALS, Allergen.SESAME), Set.of());

        assertThat(CHECK.check(List.of(mix), List.of(FOUR_GLUTEN)).get(0).reason())
                .isEqualTo("it holds cereals with gluten");
    }

    @Test
    void putsTheGravestFirst() {
        List<Finding> findings = CHECK.check(
                List.of(TestCupboard.get("flour"), TestCupboard.get("water"), TestCupboard.get("water-beads")),
                List.of(BABY));

        assertThat(findings).extracting(Finding::level).isSorted();
        assertThat(findings.get(0).level()).isEqualTo(Level.NEVER);
    }

    @Test
    void givesEveryFindingAReasonACautionAndASource() {
        Setup everything = new Setup(
                TestCupboard.byCode().values().stream()
                        .map(stocked -> Item.of(stocked.material(), stocked.vessel()))
                        .toList(),
                EnumSet.allOf(Feature.class),
                "pink for girls");

        List<Finding> findings = CHECK.check(everything, List.copyOf(CHILDREN.values()));

        assertThat(findings).hasSizeGreaterThan(200).allSatisfy(finding -> {
            assertThat(finding.reason()).isNotBlank().doesNotContain("{");
            assertThat(finding.caution()).isNotBlank();
            assertThat(finding.source().name().words()).isNotBlank();
        });
    }

    @Test
    void theOldestDoNotOutweighTheYoungest() {
        List<ChildPresent> manyOlder = new ArrayList<>(java.util.Collections.nCopies(40, FOUR));
        assertThat(CHECK.check(List.of(TestCupboard.get("marbles")), manyOlder))
                .noneMatch(f -> f.level() == Level.STOP_FOR);
        manyOlder.add(TWO);

        assertThat(CHECK.check(List.of(TestCupboard.get("marbles")), manyOlder))
                .anyMatch(f -> f.level() == Level.STOP_FOR);
    }

    @Nested
    class OfARoom {
        @Test
        void rulesOfItsOwnSpeakBesideTheShippedOnes() {
            Rule ours = rule("material lentils", "under 48");

            List<Finding> findings =
                    CHECK.with(List.of(ours)).check(List.of(TestCupboard.get("lentils")), List.of(TWO, FOUR));

            assertThat(findings)
                    .filteredOn(finding -> finding.code().equals("LOCAL"))
                    .singleElement()
                    .satisfies(finding -> assertThat(finding.children()).containsExactly("Bram (30 months)"));
            assertThat(findings).extracting(Finding::code).contains("SWELLS");
        }

        @ParameterizedTest
        @ValueSource(strings = {"weight 3", "trait ROPE", "shape CUBE", "longer far", "feature FLYING"})
        void refusesATermThatItDoesNotKnow(String when) {
            assertThatThrownBy(() -> rule(when, "anyone")).isInstanceOf(IllegalArgumentException.class);
        }

        @ParameterizedTest
        @ValueSource(strings = {"everyone", "under three", "older 3", ""})
        void refusesChildrenThatItDoesNotKnow(String who) {
            assertThatThrownBy(() -> rule("anything", who)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    private static Rule rule(String when, String who) {
        return new Rule(
                "LOCAL",
                Level.STAY_WITH,
                new Rule.Condition(when, who),
                new Finding.Words(
                        Said.typed("Our lentils"), Said.typed("we agreed so"), Said.typed("Count them back.")),
                new Finding.Authority(Source.entered(Said.typed("the room")), ""),
                Rule.Checked.BY_THE_ROOM);
    }

    @Nested
    class OfWordsThatSortPeople {
        @ParameterizedTest
        @ValueSource(
                strings = {
                    "Sort the clothes by gender",
                    "Cars for boys",
                    "women's jobs and men's jobs",
                    "Mummy cooks the dinner",
                    "a Mother's Day card",
                    "boys and girls race each other",
                    "Sort mum's and dad's things",
                    "a tray of scarves for ladies",
                    "Find mummy's shoes",
                    "a hat for the men",
                    "Daddy\u2019s tools",
                    "Dress up as a postman"
                })
        void offersAKinderWay(String words) {
            List<Finding> findings = CHECK.check(new Setup(List.of(), Set.of(), words), List.of(FOUR));

            assertThat(findings).singleElement().satisfies(finding -> {
                assertThat(finding.code()).isEqualTo("STEREOTYPE");
                assertThat(finding.caution())
                        .isNotBlank()
                        .isNotEqualTo("Sort by what each child likes, wears or does.");
            });
        }

        @ParameterizedTest
        @ValueSource(
                strings = {
                    "Sort the post by street",
                    "Parcels for everyone",
                    "Parcels for girls and boys alike",
                    "boys and girls together carry the sack",
                    "mum and the baby are in the story",
                    "the shoes of the postal worker",
                    "The postal worker rings",
                    "boysenberry jam"
                })
        void isSilentOtherwise(String words) {
            assertThat(CHECK.check(new Setup(List.of(), Set.of(), words), List.of(FOUR)))
                    .isEmpty();
        }
    }

    private static List<String> codes(String what, String who) {
        List<Item> items = new ArrayList<>();
        Set<Feature> features = EnumSet.noneOf(Feature.class);
        String words = "";
        String trait = "";
        Optional<Solid> form = Optional.empty();
        Optional<Length> opening = Optional.empty();
        for (String part : what.split(" ")) {
            String[] bits = part.split(":");
            switch (bits[0]) {
                case "t" -> trait = bits[1];
                case "r" -> form = Optional.of(new Solid.Rod(mm(bits[1]), mm(bits[2])));
                case "b" -> form = Optional.of(new Solid.Block(mm(bits[1]), mm(bits[2]), mm(bits[3])));
                case "o" -> opening = Optional.of(mm(bits[1]));
                case "f" -> features.add(Feature.valueOf(bits[1]));
                case "s" -> words = bits[1].replace('_', ' ');
                case "jar-half" -> items.add(Item.of(TestCupboard.get("jar-plastic"), Optional.of(halfEgg())));
                default ->
                    items.add(Item.of(
                            TestCupboard.get(part), TestCupboard.stocked(part).vessel()));
            }
        }
        if (!trait.isEmpty()) {
            items.add(Item.of(
                    new Material(
                            "made up",
                            MaterialKind.PIECES,
                            Optional.empty(),
                            form,
                            opening,
                            Set.of(),
                            Set.of(Trait.valueOf(trait), Trait.LOOKED_THROUGH),
                            Source.entered(Said.typed("test"))),
                    Optional.empty()));
        }
        List<ChildPresent> children =
                who.chars().mapToObj(letter -> CHILDREN.get((char) letter)).toList();
        return CHECK.check(new Setup(items, features, words), children).stream()
                .map(Finding::code)
                .toList();
    }

    /** 80 mm across, 35 mm deep: 110 mL. */
    private static Vessel halfEgg() {
        return new Bowl(Length.ofMillimetres(80), Length.ofMillimetres(35));
    }

    private static Material made(String name, Set<Allergen> allergens, Set<Trait> traits) {
        return new Material(
                name,
                MaterialKind.PIECES,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                allergens,
                Stream.concat(traits.stream(), Stream.of(Trait.LOOKED_THROUGH, Trait.FINE))
                        .collect(Collectors.toSet()),
                Source.entered(Said.typed("test")));
    }

    private static ChildPresent needing(String name, CareEntry.Kind kind) {
        return new ChildPresent(
                name,
                Optional.of(Age.between(TODAY.minusMonths(50), TODAY)),
                Mouthing.NOT_SEEN,
                Optional.of(Set.of()),
                List.of(new CareEntry(kind, "", "")));
    }

    private static Length mm(String millimetres) {
        return Length.ofMillimetres(Double.parseDouble(millimetres));
    }

    private static ChildPresent child(String name, int months, Mouthing mouthing) {
        return new ChildPresent(name, Age.between(TODAY.minusMonths(months), TODAY), mouthing, Set.of());
    }
}
