package app.carder.core.material;

import app.carder.core.said.Said;

/** What a thing of the cupboard is, and how it is measured out. */
public enum MaterialKind {
    /** Loose and dry: by depth, volume and mass. */
    FILL,
    /** Liquid: as a fill; its surface lies level. */
    LIQUID,
    /** By number. */
    PIECES,
    /** Holds a fill. */
    VESSEL,
    /** Moves a fill or pieces: scoop, funnel, tongs. */
    TOOL,
    /** Used up: glue, paper, soap. */
    CONSUMABLE;

    /** For people. */
    public String words() {
        return Said.say("kind-of-thing." + name());
    }

    /** Whether it is poured. */
    public boolean isFill() {
        return this == FILL;
    }

    /** Whether it takes up the vessel by depth. */
    public boolean isPoured() {
        return this == FILL || this == LIQUID;
    }
}
