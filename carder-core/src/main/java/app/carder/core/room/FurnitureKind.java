package app.carder.core.room;

import app.carder.core.said.Said;

/**
 * The palette of furniture: usual sizes for a room of under-sixes, meant to be changed on the plan. Sizes are common practice;
 * table and chair heights lie within EN 1729-1 sizes 00 to 2 (from memory).
 */
public enum FurnitureKind {
    /** A table that children sit or stand at. */
    TABLE(1200, 600, 460, FurnitureUse.PLAYED_AT),
    /** A table lit from within. */
    LIGHT_TABLE(900, 600, 480, FurnitureUse.PLAYED_AT),
    /** A tray on a stand, for dry fills. */
    TRAY_STAND(900, 600, 500, FurnitureUse.PLAYED_AT),
    /** A tray on a stand, for water or wet sand. */
    WATER_TRAY(1000, 700, 500, FurnitureUse.PLAYED_AT),
    /** Shelves that a child sees over when standing. */
    LOW_SHELF(1200, 350, 700, FurnitureUse.SHELF),
    /** Shelves that an adult sees over when standing. */
    HALF_SHELF(1200, 350, 1100, FurnitureUse.SHELF),
    /** A cupboard that nobody sees over. */
    TALL_CUPBOARD(1000, 450, 1900, FurnitureUse.STORAGE),
    /** An easel. */
    EASEL(700, 600, 1150, FurnitureUse.PLAYED_AT),
    /** A counter, a stove, a post office window. */
    PLAY_STAND(1100, 400, 900, FurnitureUse.PLAYED_AT),
    /** A seat for one. */
    CHAIR(320, 320, 260, FurnitureUse.PLAYED_AT),
    /** A seat for an adult and two children. */
    SOFA(1300, 700, 650, FurnitureUse.PLAYED_AT),
    /** A mat that is played on. */
    RUG(2000, 1500, 10, FurnitureUse.FLAT),
    /** A screen between zones. */
    DIVIDER(1200, 50, 1000, FurnitureUse.STORAGE),
    /** A basin with a tap. */
    SINK(700, 450, 600, FurnitureUse.TAP),
    /** A planter or a raised bed. */
    PLANTER(1200, 500, 450, FurnitureUse.PLAYED_AT),
    /** A sand pit in the ground. */
    SAND_PIT(2000, 2000, 200, FurnitureUse.PLAYED_AT),
    /** A bench or a log. */
    BENCH(1200, 350, 320, FurnitureUse.PLAYED_AT);

    /** What children do with it, as far as space is concerned. */
    public enum FurnitureUse {
        /** Its floor counts as play space. */
        PLAYED_AT,
        /** It has places for cards, and its floor is storage. */
        SHELF,
        /** Its floor is storage. */
        STORAGE,
        /** Its floor is not play space; there is water. */
        TAP,
        /** One walks over it. */
        FLAT
    }

    private final int widthMm;
    private final int depthMm;
    private final int heightMm;
    private final FurnitureUse use;

    FurnitureKind(int widthMm, int depthMm, int heightMm, FurnitureUse use) {
        this.widthMm = widthMm;
        this.depthMm = depthMm;
        this.heightMm = heightMm;
        this.use = use;
    }

    /** For people. */
    public String words() {
        return Said.say("furniture." + name());
    }

    /** Usual width, millimetres. */
    public int widthMm() {
        return widthMm;
    }

    /** Usual depth, millimetres. */
    public int depthMm() {
        return depthMm;
    }

    /** Usual height, millimetres. */
    public int heightMm() {
        return heightMm;
    }

    /** What children do with it. */
    public FurnitureUse use() {
        return use;
    }

    /** Whether things stand on it for children to choose from. */
    public boolean isShelf() {
        return use == FurnitureUse.SHELF;
    }

    /** Whether it stands in the way of somebody who walks. */
    public boolean isInTheWay() {
        return use != FurnitureUse.FLAT;
    }
}
