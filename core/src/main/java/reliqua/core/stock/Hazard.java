package reliqua.core.stock;

/** What may be wrong with a reclaimed thing so that somebody is hurt. */
public enum Hazard {
    /** Methyl bromide or chemical mark on a pallet: never used. */
    BAD_STAMP(true),
    /** A pallet without a mark. */
    NO_STAMP(false),
    /** Coloured or soiled by who knows what: never used. */
    STAINED(true),
    /** Creosote: sleepers, old utility poles. No bird contact. */
    CREOSOTE(true),
    /** Treated before about 2004, or green and of unknown age: arsenic. */
    OLD_TREATED(false),
    /** Flaking old paint: lead. */
    OLD_PAINT(false),
    /** Old cement sheet: asbestos. Never cut, broken or taken; licensed removal. */
    ASBESTOS(true),
    /** Unknown chemicals in a tub or barrel. */
    CHEMICALS(true),
    /** Nails that cannot be seen. */
    HIDDEN_NAILS(false);

    private final boolean barred;

    Hazard(boolean barred) {
        this.barred = barred;
    }

    /** Whether a thing with it is never planned, whatever is decided. */
    public boolean barred() {
        return barred;
    }
}
