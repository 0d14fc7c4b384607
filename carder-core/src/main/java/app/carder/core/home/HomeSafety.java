package app.carder.core.home;

import app.carder.core.material.Allergen;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What has to be thought of before a card goes home with one child. It knows the child's own facts and nothing of the home: who is there
 * too, brothers and sisters and animals, is for the family to say, and the card asks them.
 *
 * @param verdict whether it may go home
 * @param said what has to be thought of, the reason of the verdict first
 */
public record HomeSafety(Verdict verdict, List<Said> said) {

    /** Small things go into mouths until about this age (common practice; 16 CFR 1501 draws its line at 36 months too). */
    private static final int MOUTHING_UNTIL_MONTHS = 36;

    /** Keeps its own copy. */
    public HomeSafety {
        said = List.copyOf(said);
    }

    /** Whether a card may go home. */
    public enum Verdict {
        /** It may. */
        FINE,
        /** It may, with what is said. */
        CAREFUL,
        /** A fact is missing: it waits until somebody asked the family. */
        ASK_FIRST,
        /** It may not. */
        NOT
    }

    /** What a card brings that has to be thought of. */
    public enum Need {
        /** Things that fit into a mouth. */
        SMALL,
        /** Things that will be put into a mouth. */
        MOUTH,
        /** Water in which a child could come to harm, a few centimetres are enough. */
        WATER,
        /** Something long and soft. */
        STRING,
        /** A hot oven or hob. */
        HEAT,
        /** A bag that could go over a head. */
        BAG,
        /** Something that pinches. */
        PINCH,
        /** Plants that nobody knows. */
        POISON,
        /** Stairs. */
        STEPS
    }

    /**
     * What a setting knows of a child.
     *
     * @param months how old it is
     * @param mouthing whether things still go into the mouth
     * @param isAskedAboutAllergies whether the family was asked
     * @param allergens what must be kept away
     * @param hasOthers whether other allergies or needs are written down in words
     */
    public record Facts(
            int months, boolean mouthing, boolean isAskedAboutAllergies, Set<Allergen> allergens, boolean hasOthers) {

        /** Keeps its own copy. */
        public Facts {
            allergens = Set.copyOf(allergens);
        }
    }

    /** For one card and one child; the worst comes first. */
    public static HomeSafety of(HomeCard card, Facts child) {
        List<Said> said = new ArrayList<>();
        Verdict verdict = Verdict.FINE;
        for (Allergen allergen : card.allergens()) {
            if (child.allergens().contains(allergen)) {
                said.add(Said.of("home-safety.allergen", allergen.words()));
                verdict = Verdict.NOT;
            }
        }
        boolean mouths = child.mouthing() || child.months() < MOUTHING_UNTIL_MONTHS;
        if (card.needs().contains(Need.SMALL) && mouths) {
            said.add(Said.of("home-safety.small"));
            verdict = Verdict.NOT;
        }
        if (verdict == Verdict.FINE && !card.allergens().isEmpty() && !child.isAskedAboutAllergies()) {
            said.add(Said.of("home-safety.not-asked"));
            verdict = Verdict.ASK_FIRST;
        }
        if (child.hasOthers()) {
            said.add(Said.of("home-safety.others"));
            verdict = worse(verdict, Verdict.CAREFUL);
        }
        for (Need need : Need.values()) {
            if (card.needs().contains(need) && need != Need.SMALL) {
                said.add(Said.of("home-safety.need." + need));
                verdict = worse(verdict, Verdict.CAREFUL);
            }
        }
        return new HomeSafety(verdict, said);
    }

    /** What stands on the card for every family, whatever the child. */
    public static List<Said> onTheCard(HomeCard card) {
        List<Said> said = new ArrayList<>();
        for (Need need : Need.values()) {
            if (card.needs().contains(need)) {
                said.add(Said.of("home-safety.need." + need));
            }
        }
        card.allergens().stream()
                .sorted()
                .forEach(allergen -> said.add(Said.of("home-safety.contains", allergen.words())));
        said.add(Said.of("home-safety.at-home"));
        return said;
    }

    /** Whether it may go home. */
    public boolean isSendable() {
        return verdict == Verdict.FINE || verdict == Verdict.CAREFUL;
    }

    private static Verdict worse(Verdict one, Verdict other) {
        return one.compareTo(other) >= 0 ? one : other;
    }
}
