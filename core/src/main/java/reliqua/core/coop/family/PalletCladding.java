package reliqua.core.coop.family;

/** What closes the walls of a house of pallets outside. */
sealed interface PalletCladding permits PalletSheets, PalletBoards {
    /** Puts it on. */
    void close() throws Unbuildable;

    /** The one a design asks for. */
    static PalletCladding of(PalletLayout at, PartsBook book) {
        return at.boarded() ? new PalletBoards(at, book) : new PalletSheets(at, book);
    }
}
