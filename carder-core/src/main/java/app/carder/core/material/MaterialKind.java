package app.carder.core.material;

/** What a thing of the cupboard is, and how it is measured out. */
public enum MaterialKind {
    /** Loose and dry: by depth, volume and mass. */
    FILL("fill"),
    /** Liquid: as a fill; its surface lies level. */
    LIQUID("liquid"),
    /** By number. */
    PIECES("pieces"),
    /** Holds a fill. */
    VESSEL("vessel"),
    /** Moves a fill or pieces: scoop, funnel, tongs. */
    TOOL("tool"),
    /** Used up: glue, paper, soap. */
    CONSUMABLE("consumable");

    private final String words;

    MaterialKind(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** Whether it takes up the vessel by depth. */
    public boolean isPoured() {
        return this == FILL || this == LIQUID;
    }
}
