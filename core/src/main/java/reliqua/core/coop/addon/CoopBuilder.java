package reliqua.core.coop.addon;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Sum;

/** Draws up a design whole: the coop of its family, and what is built on to it. */
public final class CoopBuilder {
    private CoopBuilder() {}

    /**
     * Draws up a design.
     *
     * @throws Unbuildable when its family is not known here, or refuses it, or something that is to
     *     be built on finds no room
     */
    public static Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        CoopFamily family = Families.find(spec.family()).orElse(null);
        if (family == null) {
            throw new Unbuildable(Sum.of("family.unknown", spec.family()));
        }
        Coop bare = family.build(spec, brief);
        Standing standing = new Standing(bare, spec, brief.needs());
        for (AddOn each : spec.addOns()) {
            if (family.addOns().contains(each) && of(each).isPresent()) {
                of(each).get().build(standing);
            }
        }
        List<Part> parts = standing.book().parts();
        return parts.size() == bare.parts().size() ? bare : whole(bare, standing);
    }

    /** What the family itself builds, because its own parts must give way, is not here. */
    private static Optional<Addition> of(AddOn addOn) {
        return switch (addOn) {
            case RUN,
                    WINDOW,
                    TWO_PENS,
                    DOUBLED,
                    LIFTING_ROOF,
                    PALLET_FLOOR,
                    ROLL_AWAY_NESTS,
                    NEST_DRAWER,
                    BACK_HATCH,
                    TWO_LEAF_DOOR,
                    SWING_UP_ROOSTS,
                    TUB_FLAP,
                    FLOOR_VENT,
                    GROUND_LEVEL,
                    WALL_NESTS,
                    PORCH,
                    BALCONY ->
                    Optional.empty();
            case DROPPINGS_BOARD -> Optional.of(new DroppingsBoard());
            case DOOR_BAR -> Optional.of(new DoorBar());
            case GUTTER -> Optional.of(new Gutter());
            case DUST_BATH -> Optional.of(new DustBath());
            case DRINKER_STAND -> Optional.of(new DrinkerStand());
            case BROODER -> Optional.of(new Brooder());
            case FEED_BOX -> Optional.of(new FeedBox());
            case FEEDER_BAR -> Optional.of(new FeederBar());
            case VENT_BOARDS -> Optional.of(new VentBoards());
            case DOOR_OPENER -> Optional.of(new OpenerBoard());
            case SECOND_MESH -> Optional.of(new SecondMesh());
            case YARD -> Optional.of(new Yard());
            case WINDBREAK -> Optional.of(new Windbreak());
            case ROOST_LADDER -> Optional.of(new RoostLadder());
            case ANCHORS -> Optional.of(new Anchors());
            case PERCH -> Optional.of(new Perch());
            case WHEELS -> Optional.of(new Wheels());
            case WIRE_FLOOR -> Optional.of(new WireFloor());
            case SLATTED_FLOOR -> Optional.of(new WormBed());
        };
    }

    private static Coop whole(Coop bare, Standing standing) {
        List<Part> parts =
                standing.book().parts().stream()
                        .sorted(Comparator.comparing(p -> p.role().stage()))
                        .toList();
        return new Coop(
                parts,
                standing.book().openings(),
                standing.zones(),
                bare.measures().weighing(Weights.of(parts)),
                bare.terrain());
    }
}
