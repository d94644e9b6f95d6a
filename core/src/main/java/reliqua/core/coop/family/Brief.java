package reliqua.core.coop.family;

import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;

/**
 * Whom a coop is for.
 *
 * @param needs what the birds need
 * @param keeper who goes in and out, or reaches in
 */
public record Brief(Needs needs, Keeper keeper) {}
