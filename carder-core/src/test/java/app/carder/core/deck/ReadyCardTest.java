package app.carder.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.TestCupboard;
import app.carder.core.card.Contents;
import app.carder.core.card.Portion;
import app.carder.core.card.PutOut;
import app.carder.core.card.SetOutGate;
import app.carder.core.card.WrittenStep;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.framework.Crosswalk;
import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.ladder.LadderStep;
import app.carder.core.measure.Age;
import app.carder.core.measure.Mass;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.Finding;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.wording.Describing;
import app.carder.core.wording.LanguageRules;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class ReadyCardTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final SafetyCheck CHECK = SafetyCheck.withShippedRules();
    private static final List<ReadyCard> ALL = ReadyCard.shipped();

    /** Until then most children put into their mouths what they hold: common practice. */
    private static final int MOUTHING_UNTIL = 18;

    static List<ReadyCard> all() {
        return ALL;
    }

    private static ReadyCard ready(String code) {
        return ALL.stream()
                .filter(ready -> ready.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private static List<Finding> findings(ReadyCard ready, Contents contents, int months) {
        Mouthing mouthing = months < MOUTHING_UNTIL ? Mouthing.SEEN : Mouthing.NOT_SEEN;
        PutOut putOut = PutOut.of(contents, ready.card().usage().term(), TestCupboard.byCode());
        return CHECK.check(
                putOut.setup(ready.card().said()),
                List.of(new ChildPresent("Anouk", Age.between(TODAY.minusMonths(months), TODAY), mouthing, Set.of())));
    }

    @Nested
    class OfTheDecks {
        @ParameterizedTest
        @EnumSource(PracticeStyle.class)
        void everyDeckHasThirtyForBabiesToSchoolAgeIndoorsAndOut(PracticeStyle style) {
            List<ReadyCard> deck =
                    ALL.stream().filter(ready -> ready.style() == style).toList();

            assertThat(deck).hasSize(30);
            assertThat(deck.stream().filter(ReadyCard::isOutdoors)).hasSizeBetween(3, 20);
            for (int year = 0; year < 6; year++) {
                int age = year;
                assertThat(deck)
                        .as("%s at %d", style, age)
                        .anyMatch(ready -> ready.ages().includeYear(age));
            }
        }

        @Test
        void noTwoShareTitlePurposeMaterialAndAction() {
            assertThat(ALL).extracting(ReadyCard::code).doesNotHaveDuplicates();
            assertThat(ALL).extracting(ReadyCard::title).doesNotHaveDuplicates();
            assertThat(ALL)
                    .extracting(ready -> ready.card()
                                    .coverage()
                                    .areas()
                                    .iterator()
                                    .next() + " "
                            + ready.card().contents().things().findFirst().orElseThrow() + " " + ready.action())
                    .doesNotHaveDuplicates();
        }

        @Test
        void everyAreaIsThePurposeOfSomeAndEveryAgeHasSome() {
            assertThat(ALL.stream()
                            .map(ready ->
                                    ready.card().coverage().areas().iterator().next())
                            .collect(Collectors.toSet()))
                    .containsAll(FrameworkLibrary.shipped().get("sme").areas().stream()
                            .map(area -> area.code())
                            .toList());
            for (int months = 2; months < 72; months++) {
                int age = months;
                assertThat(ALL)
                        .as("%d months", age)
                        .anyMatch(ready ->
                                ready.ages().fromMonths() <= age && ready.ages().toMonths() >= age);
            }
        }

        @Test
        void theirWordsDescribeAndDoNotJudge() {
            Describing english = new Describing(LanguageRules.shipped("en"));

            assertThat(ALL.stream()
                            .flatMap(ready -> english
                                    .marks(ready.card().purpose().mightSee(), "", List.of())
                                    .stream()
                                    .map(mark -> ready.code() + ": " + mark.words())))
                    .isEmpty();
        }
    }

    @Nested
    class EachOfThem {
        @ParameterizedTest(name = "{0}")
        @MethodSource("app.carder.core.deck.ReadyCardTest#all")
        void isWhole(ReadyCard ready) {
            Framework sme = FrameworkLibrary.shipped().get("sme");
            Framework eyfs = FrameworkLibrary.shipped().get("eyfs");
            Set<String> areas = ready.card().coverage().areas();

            assertThat(ready.ages().fromMonths()).isBetween(0, ready.ages().toMonths() - 4);
            assertThat(ready.ages().toMonths()).isLessThanOrEqualTo(72);
            assertThat(areas).isNotEmpty().allMatch(sme::hasArea);
            assertThat(Crosswalk.shipped().into(eyfs, areas).areas()).isNotEmpty();
            assertThat(Stream.of(
                            ready.card().purpose().intention(),
                            ready.card().purpose().adultRole(),
                            ready.card().purpose().mightSee(),
                            ready.card().purpose().atHome(),
                            ready.card().purpose().place()))
                    .noneMatch(String::isBlank);
            assertThat(ready.card().ladder())
                    .extracting(WrittenStep::ladderStep)
                    .containsExactly(LadderStep.SIMPLER, LadderStep.HARDER);
            assertThat(ready.card().ladder())
                    .allMatch(step ->
                            !step.sign().isBlank() && !step.change().note().isBlank());
            assertThat(ready.card().ladder())
                    .allSatisfy(step -> step.change()
                            .replace()
                            .ifPresent(code ->
                                    assertThat(ready.card().contents().things()).contains(code)));
        }

        @ParameterizedTest(name = "{0}")
        @MethodSource("app.carder.core.deck.ReadyCardTest#all")
        void fitsItsContainerAndHasAPicture(ReadyCard ready) {
            Contents contents = ready.card().contents();
            Map<String, Stocked> things =
                    contents.things().collect(Collectors.toMap(code -> code, TestCupboard::stocked));

            assertThat(contents.fits()).isTrue();
            SetUpPicture picture =
                    SetUpPicture.of(contents, things, ready.card().settingOut(), List.of());
            assertThat(picture.isEmpty()).isFalse();
            assertThat(picture.notFitting()).isEmpty();
            // What is much wider than high is a line on a tile, which nobody recognises.
            assertThat(picture.width() / picture.height()).isBetween(0.25, 5.0);
        }

        /** A ready card must not stop itself for the ages that it is made for; nor may its easier and harder versions. */
        @ParameterizedTest(name = "{0}")
        @MethodSource("app.carder.core.deck.ReadyCardTest#all")
        void holdsItselfForNobodyOfItsAges(ReadyCard ready) {
            for (int months = ready.ages().fromMonths(); months <= ready.ages().toMonths(); months++) {
                for (LadderStep step : List.of(LadderStep.SIMPLER, LadderStep.AS_IS, LadderStep.HARDER)) {
                    assertThat(findings(ready, ready.card().contentsOn(step), months))
                            .as("%s at %d months, %s", ready.code(), months, step)
                            .noneMatch(Finding::holds);
                }
            }
        }

        @ParameterizedTest(name = "{0}")
        @MethodSource("app.carder.core.deck.ReadyCardTest#all")
        void doesNotRunByItselfWhereAFindingWantsAnAdult(ReadyCard ready) {
            AdultLoad planned = ready.card().purpose().load();
            for (int months = ready.ages().fromMonths(); months <= ready.ages().toMonths(); months++) {
                assertThat(new SetOutGate(findings(ready, ready.card().contents(), months)).load(planned))
                        .as("%s at %d months", ready.code(), months)
                        .isEqualTo(planned);
            }
        }
    }

    @Nested
    class FittedToACupboard {
        private static Stocked with(Stocked stocked, Amount stock) {
            return new Stocked(
                    stocked.code(),
                    stocked.material(),
                    stocked.vessel(),
                    stocked.bought(),
                    stock,
                    stocked.keptIn(),
                    stocked.keepsDays());
        }

        private static List<String> notes(FittedCard fitted) {
            return fitted.notes().stream().map(Object::toString).toList();
        }

        @Test
        void isTheSameWhereEverythingIsThere() {
            for (ReadyCard ready : ALL) {
                FittedCard fitted = FittedCard.of(ready, TestCupboard.byCode());

                assertThat(fitted.card()).isEqualTo(ready.card());
                assertThat(fitted.notes()).isEmpty();
            }
        }

        /** By hand: 0.528 g/mL is another thing; dry shredded paper aside, a tray of 400 x 300 holds a half of one of 600 x 400. */
        @Test
        void goesIntoTheSmallerTrayThatIsThere() {
            Map<String, Stocked> cupboard = new HashMap<>(TestCupboard.byCode());
            cupboard.keySet().removeAll(Set.of("tray-large", "tray-deep", "parcel-box", "ice-mould", "posting-box"));
            FittedCard fitted = FittedCard.of(ready("tc-planting"), cupboard);

            assertThat(fitted.card().contents().vessel())
                    .isEqualTo(TestCupboard.stocked("tray-small").vessel());
            assertThat(fitted.card().contents().fits()).isTrue();
            assertThat(notes(fitted)).singleElement().asString().startsWith("Small tray is smaller: ");
        }

        @Test
        void takesTheDepthThatTheStockFills() {
            Map<String, Stocked> cupboard = new HashMap<>(TestCupboard.byCode());
            ReadyCard ready = ready("tc-bakery");
            Mass meant = PutOut.of(ready.card().contents(), ready.card().usage().term(), cupboard)
                    .amounts()
                    .orElseThrow()
                    .mass();
            Mass there = Mass.ofGrams(Math.floor(meant.inGrams() * 0.75));
            cupboard.computeIfPresent("dough-cooked", (code, stocked) -> with(stocked, Amount.of(there)));
            FittedCard fitted = FittedCard.of(ready, cupboard);

            PutOut putOut =
                    PutOut.of(fitted.card().contents(), ready.card().usage().term(), cupboard);
            assertThat(putOut.amounts().orElseThrow().mass().isMoreThan(there)).isFalse();
            assertThat(putOut.amounts().orElseThrow().mass().inGrams()).isGreaterThan(there.inGrams() * 0.9);
            assertThat(notes(fitted)).singleElement().asString().contains("Play dough", "less than");
        }

        @Test
        void laysOutThePiecesThatAreThereAndSaysWhereThereAreTooFew() {
            Map<String, Stocked> cupboard = new HashMap<>(TestCupboard.byCode());
            cupboard.computeIfPresent("postcards", (code, stocked) -> with(stocked, Amount.of(9)));
            cupboard.computeIfPresent("wooden-cubes", (code, stocked) -> with(stocked, Amount.of(2)));

            FittedCard sorting = FittedCard.of(ready("pe-sort"), cupboard);
            assertThat(sorting.card().contents().portions())
                    .containsExactly(new Portion.Counted("postcards", java.util.Optional.of(9)));
            FittedCard tongs = FittedCard.of(ready("pe-tongs"), cupboard);
            assertThat(tongs.card().contents())
                    .isEqualTo(ready("pe-tongs").card().contents());
            assertThat(notes(tongs)).singleElement().asString().contains("you have 2, and it takes 8");
        }

        @Test
        void namesWhatTheCupboardDoesNotHave() {
            Map<String, Stocked> cupboard = new HashMap<>(TestCupboard.byCode());
            cupboard.remove("tongs");
            cupboard.remove("tweezers-large");
            FittedCard fitted = FittedCard.of(ready("pe-tongs"), cupboard);

            assertThat(notes(fitted)).containsExactly("Not in your cupboard: Wooden tongs.");
            assertThat(fitted.card()
                            .step(LadderStep.HARDER)
                            .orElseThrow()
                            .change()
                            .replace())
                    .isEmpty();
            assertThat(fitted.keyed(code -> "key of " + code).contents().things())
                    .containsExactly("key of wooden-cubes", "key of bowl-small");
        }

        @Test
        void saysThatNoContainerIsLikeTheOneOnTheCard() {
            Map<String, Stocked> cupboard = new HashMap<>(TestCupboard.byCode());
            cupboard.values().removeIf(thing -> thing.vessel().isPresent());
            FittedCard fitted = FittedCard.of(ready("tc-bakery"), cupboard);

            assertThat(fitted.card().contents().vessel())
                    .isEqualTo(ready("tc-bakery").card().contents().vessel());
            assertThat(notes(fitted)).singleElement().asString().startsWith("No container in your cupboard");
            assertThat(Objects.requireNonNull(fitted.card())).isNotNull();
        }
    }
}
