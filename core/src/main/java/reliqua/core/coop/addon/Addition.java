package reliqua.core.coop.addon;

import reliqua.core.coop.family.Unbuildable;

/** Builds one thing on to a coop that stands. */
interface Addition {
    /**
     * Adds its parts.
     *
     * @throws Unbuildable when there is no room for it, or nothing it could be made of
     */
    void build(Standing coop) throws Unbuildable;
}
