package app.carder.core.home;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.home.HomeSafety.Facts;
import app.carder.core.home.HomeSafety.Need;
import app.carder.core.home.HomeSafety.Verdict;
import app.carder.core.material.Allergen;
import app.carder.core.said.Said;
import app.carder.core.wording.Describing;
import app.carder.core.wording.LanguageRules;
import app.carder.core.wording.ReadingEase;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class HomeCardTest {

    private static final Facts FOUR = new Facts(48, false, true, Set.of(), false);

    static List<HomeCard> all() {
        return HomeCard.shipped();
    }

    @Test
    void thereAreFortyAtLeastAndSomethingForEveryAge() {
        assertThat(all()).hasSizeGreaterThanOrEqualTo(40);
        assertThat(all()).extracting(HomeCard::code).doesNotHaveDuplicates();
        assertThat(all()).extracting(HomeCard::title).doesNotHaveDuplicates();
        for (int months = 6; months <= 84; months += 6) {
            int age = months;
            assertThat(all())
                    .as("at %d months", months)
                    .filteredOn(card -> card.suits(age))
                    .hasSizeGreaterThanOrEqualTo(3);
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachIsSaidInPlainWordsAndInOneBreath(HomeCard card) {
        String words = card.title() + ". " + card.toTry() + " " + card.mightSee() + ". " + card.words();

        LanguageRules rules = LanguageRules.forFamilies("en");
        assertThat(new Describing(rules).marks(words))
                .as(words)
                .noneMatch(mark -> mark.reason().equals(LanguageRules.Reason.TRADE.words()));
        assertThat(ReadingEase.hardSentences(words, rules.ease())).isEmpty();
        assertThat(card.fromMonths()).isLessThan(card.untilMonths());
        assertThat(card.toTry().split(" ").length).isLessThan(40);
        assertThat(HomeSafety.onTheCard(card)).isNotEmpty();
    }

    /** Whatever is named in the words of a card stands among its needs: water, small things, flour and bread, bags. */
    @ParameterizedTest
    @MethodSource("all")
    void whatACardNamesIsThoughtOf(HomeCard card) {
        String words = (card.with() + " " + card.toTry()).toLowerCase(Locale.ROOT);

        if (words.contains("water") || words.contains("bath") || words.contains("puddle")) {
            assertThat(card.needs().contains(Need.WATER) || card.allergens().contains(Allergen.GLUTEN_CEREALS))
                    .as(words)
                    .isTrue();
        }
        if (words.matches(".*\\b(flour|bread|dough)\\b.*")) {
            assertThat(card.allergens()).as(words).contains(Allergen.GLUTEN_CEREALS);
        }
        if (words.matches(".*\\b(rice|peas|a bean)\\b.*") && !words.contains("sieve")) {
            assertThat(card.needs()).as(words).contains(Need.SMALL);
        }
        if (words.contains("bags with handles")) {
            assertThat(card.needs()).contains(Need.BAG);
        }
    }

    @Test
    void whatAChildMayNotHaveDoesNotGoHome() {
        HomeCard bread = HomeCard.shipped("BREAD-SPREAD").orElseThrow();
        Facts allergic = new Facts(48, false, true, Set.of(Allergen.GLUTEN_CEREALS), false);
        Facts notAsked = new Facts(48, false, false, Set.of(), false);

        assertThat(HomeSafety.of(bread, FOUR).verdict()).isEqualTo(Verdict.FINE);
        assertThat(HomeSafety.of(bread, allergic).verdict()).isEqualTo(Verdict.NOT);
        assertThat(HomeSafety.of(bread, allergic).said().get(0).words()).startsWith("Not for this child: allergic to");
        assertThat(HomeSafety.of(bread, notAsked).verdict()).isEqualTo(Verdict.ASK_FIRST);
        assertThat(HomeSafety.of(bread, notAsked).isSendable()).isFalse();
    }

    @Test
    void smallThingsDoNotGoHomeWithAChildWhoMouthsOrIsUnderThree() {
        HomeCard rice = HomeCard.shipped("POUR-RICE").orElseThrow();

        assertThat(HomeSafety.of(rice, FOUR).isSendable()).isTrue();
        assertThat(HomeSafety.of(rice, new Facts(48, true, true, Set.of(), false))
                        .verdict())
                .isEqualTo(Verdict.NOT);
        assertThat(HomeSafety.of(rice, new Facts(35, false, true, Set.of(), false))
                        .verdict())
                .isEqualTo(Verdict.NOT);
    }

    @Test
    void whatIsWrittenDownBesideTheListIsForAPersonToRead() {
        HomeCard box = HomeCard.shipped("BOX-HOUSE").orElseThrow();

        HomeSafety safety = HomeSafety.of(box, new Facts(48, false, true, Set.of(), true));

        assertThat(safety.verdict()).isEqualTo(Verdict.CAREFUL);
        assertThat(safety.said()).extracting(Said::code).containsExactly("home-safety.others");
    }

    /** The words were translated by us and are unread by a speaker; that each language has all of them is all that is shown here. */
    @ParameterizedTest
    @ValueSource(strings = {"ar", "cy", "de", "es", "fr", "ga", "pl", "ro", "tr", "uk", "ur"})
    void everyCardIsThereInEveryLanguageOfTheFamiliesWithTheSameCare(String language) {
        for (HomeCard card : HomeCard.shipped()) {
            HomeCard other = card.in(language).orElseThrow(() -> new AssertionError(card.code()));
            assertThat(List.of(other.title(), other.with(), other.toTry(), other.mightSee(), other.words()))
                    .as(card.code())
                    .allSatisfy(words -> assertThat(words).isNotBlank())
                    .doesNotContain(card.toTry());
            assertThat(other.needs()).isEqualTo(card.needs());
            assertThat(other.allergens()).isEqualTo(card.allergens());
        }
        assertThat(HomeCard.shipped().get(0).in("xx")).isEmpty();
    }
}
