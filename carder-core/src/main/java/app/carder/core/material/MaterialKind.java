package app.carder.core.material;

/** How a material is measured out. */
public enum MaterialKind {
    /** Loose and dry: by depth, volume and mass. */
    FILL,
    /** Liquid: as a fill; its surface lies level. */
    LIQUID,
    /** By number. */
    PIECES;

    /** Whether it takes up the vessel by depth. */
    public boolean isPoured() {
        return this != PIECES;
    }
}
