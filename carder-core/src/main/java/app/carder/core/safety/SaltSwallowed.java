package app.carder.core.safety;

import app.carder.core.material.Trait;
import app.carder.core.safety.Setup.Item;

/**
 * How much salt a child could swallow from what is put out, against the most salt that a child of that age should have in a day.
 *
 * <p>{@code salt = mouthful x share}. Most a day: under 12 months 1 g, to three years 2 g, four to six years 3 g, seven to ten 5 g
 * (NHS advice, from memory). A mouthful: 10 g of dough or 5 g of loose salt where the child is under 36 months or mouths things,
 * half of that otherwise (our own choice, on the cautious side). Where nobody worked the share out: salt dough 37 %, other dough
 * 18 % (cup weights of USDA SR, computed), anything else salty is taken as salt.
 */
final class SaltSwallowed {

    private static final double MOUTHFUL_OF_DOUGH_G = 10;
    private static final double MOUTHFUL_OF_SALT_G = 5;
    private static final double SHARE_OF_SALT_DOUGH = 0.37;
    private static final double SHARE_OF_DOUGH = 0.18;
    private static final int SMALL_MOUTHFUL_FROM_MONTHS = 36;

    private SaltSwallowed() {}

    /** Whether one mouthful is more than a day's salt; not known where the child's age is not. */
    static Known isMoreThanADay(ChildPresent child, Item item) {
        double share = share(item);
        if (share == 0) {
            return Known.NO;
        }
        double large = share * (item.material().has(Trait.MALLEABLE) ? MOUTHFUL_OF_DOUGH_G : MOUTHFUL_OF_SALT_G);
        Known largeMouthful = child.underMonths(SMALL_MOUTHFUL_FROM_MONTHS).or(child.mouths());
        return overADay(child, large).and(largeMouthful.or(overADay(child, large / 2)));
    }

    private static double share(Item item) {
        return item.saltShare().orElseGet(() -> {
            if (item.material().has(Trait.SALT_DOUGH)) {
                return SHARE_OF_SALT_DOUGH;
            }
            if (item.material().has(Trait.SALT)) {
                return item.material().has(Trait.MALLEABLE) ? SHARE_OF_DOUGH : 1.0;
            }
            return 0.0;
        });
    }

    private static Known overADay(ChildPresent child, double grams) {
        return Known.of(grams > 5)
                .or(child.underMonths(84).and(Known.of(grams > 3)))
                .or(child.underMonths(48).and(Known.of(grams > 2)))
                .or(child.underMonths(12).and(Known.of(grams > 1)));
    }
}
