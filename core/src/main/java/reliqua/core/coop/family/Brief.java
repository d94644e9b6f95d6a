package reliqua.core.coop.family;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;

/**
 * Whom a coop is for, and what is asked of it.
 *
 * @param needs what the birds need
 * @param keeper who goes in and out, or reaches in
 * @param addOns what is to be built on
 */
public record Brief(Needs needs, Keeper keeper, Set<AddOn> addOns) {
    /** Copies the set. */
    public Brief {
        Set<AddOn> ordered = EnumSet.noneOf(AddOn.class);
        ordered.addAll(addOns);
        addOns = Collections.unmodifiableSet(ordered);
    }

    /** With nothing built on. */
    public Brief(Needs needs, Keeper keeper) {
        this(needs, keeper, Set.of());
    }
}
