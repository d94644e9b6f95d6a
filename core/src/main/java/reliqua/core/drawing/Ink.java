package reliqua.core.drawing;

/** What a stroke or a fill means; each surface has its own values for it. */
public enum Ink {
    NONE,
    PAPER,
    INK,
    SOFT,
    HAIRLINE,
    WOOD,
    WOOD_EDGE,
    SHEET,
    SHEET_SIDE,
    METAL,
    METAL_EDGE,
    MESH,
    OPEN,
    GRASS,
    LEAF,
    WATER,
    HOLDS,
    DANGER,
    FLAW,
    CHOSEN,
    WASTE
}
