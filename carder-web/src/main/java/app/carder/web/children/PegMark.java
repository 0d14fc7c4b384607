package app.carder.web.children;

import app.carder.core.said.Said;
import java.util.Locale;

/** A simple drawn symbol by which a child is found, as on a coat peg. Drawn in {@code page/peg-marks.html}. */
public enum PegMark {
    ANCHOR,
    APPLE,
    ARROW,
    BALL,
    BELL,
    BIRD,
    BOAT,
    BOOK,
    BRIDGE,
    BUTTON,
    CLOUD,
    COMB,
    CUP,
    DIAMOND,
    DROP,
    DRUM,
    ENVELOPE,
    FISH,
    FLAG,
    GLOVE,
    HAT,
    HEART,
    HOUSE,
    KEY,
    KITE,
    LADDER,
    LAMP,
    MOON,
    PARCEL,
    PEAR,
    SAIL,
    SHELL,
    SPOON,
    STAR,
    SUN,
    WHEEL,
    BASKET,
    BEE,
    BOOT,
    BROOM,
    BUS,
    CARROT,
    CASTLE,
    CHAIR,
    CLOCK,
    DOOR,
    EGG,
    FEATHER,
    FROG,
    GLASSES,
    HAMMER,
    JUG,
    LEAF,
    MUSHROOM,
    PENCIL,
    ROCKET,
    SCISSORS,
    SNAIL,
    SOCK,
    TENT,
    TRAIN,
    TREE,
    UMBRELLA,
    WHISTLE;

    /** The name of its drawing. */
    public String drawing() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** For people. */
    public String words() {
        return Said.say("peg." + name());
    }
}
