package reliqua.core.coop.family;

import java.util.Set;
import reliqua.core.measure.Sum;

/**
 * Which additions and finds go together in a house on a floor frame; the others are refused in
 * words.
 */
record ShedAdditions(ShedLayout at, Set<AddOn> on) {
    void check() throws Unbuildable {
        foundFloor();
        floor();
        nests();
        roof();
    }

    private boolean has(AddOn addOn) {
        return on.contains(addOn);
    }

    private static void never(boolean both, String why) throws Unbuildable {
        Unbuildable.unless(!both, Sum.of(why));
    }

    private void foundFloor() throws Unbuildable {
        boolean pallets = at.found.flatMap(FoundFloor::pallet).isPresent();
        never(has(AddOn.PALLET_FLOOR) && !pallets, "family.noFloorPallets");
        if (at.found.isEmpty()) {
            return;
        }
        FoundFloor floor = at.found.get();
        Unbuildable.unless(
                floor.carries(at.d.width(), at.d.depth()),
                Sum.of("family.floorSize", floor.side(), floor.other()));
        boolean open = has(AddOn.SLATTED_FLOOR) || has(AddOn.WIRE_FLOOR);
        never(open || has(AddOn.FLOOR_VENT), "family.floorWhole");
        never(at.half.joined(), "family.floorOne");
    }

    private void floor() throws Unbuildable {
        boolean wire = has(AddOn.WIRE_FLOOR);
        boolean slats = has(AddOn.SLATTED_FLOOR);
        boolean vent = has(AddOn.FLOOR_VENT);
        never(wire && slats, "family.wireOrSlats");
        never(wire && has(AddOn.SWING_UP_ROOSTS), "family.wireSwung");
        never(vent && (slats || wire), "family.ventOrSlats");
        never(vent && has(AddOn.GROUND_LEVEL), "family.ventOrLevel");
    }

    private void nests() throws Unbuildable {
        boolean wall = has(AddOn.WALL_NESTS);
        boolean roll = has(AddOn.ROLL_AWAY_NESTS);
        boolean drawer = has(AddOn.NEST_DRAWER);
        boolean none = at.needs.nests() == 0;
        boolean made = wall || roll || drawer;
        boolean crates = at.crates.isPresent();
        never(at.box.isPresent() && (made || crates), "family.boxOrOther");
        if (at.box.isPresent()) {
            at.box.get().check(at);
        }
        never(crates && made, "family.cratesOrOther");
        never(crates && at.half.joined(), "family.cratesDoubled");
        never(wall && none, "family.noWallNests");
        never(wall && roll, "family.rollOrWall");
        never(drawer && none, "family.noDrawer");
        never(drawer && (roll || wall), "family.drawerOrOther");
    }

    /** Whoever lifts the roof stands before the front, and its low edge swings down behind. */
    private void roof() throws Unbuildable {
        boolean lifts = has(AddOn.LIFTING_ROOF);
        never(lifts && has(AddOn.RUN), "family.liftRun");
        never(lifts && at.half.joined(), "family.liftDoubled");
        never(lifts && has(AddOn.GUTTER), "family.liftGutter");
    }
}
