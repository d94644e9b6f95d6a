package reliqua.core.coop.family;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import reliqua.core.stock.FoundPart;

/** What can be built on to a coop of any family that has room for it. */
public enum AddOn {
    /**
     * A meshed run in front, up to under the eaves, with a gate; on legs, the space below is part
     * of it.
     */
    RUN("run", List.of("run-length"), List.of(Choices.Group.RUN), FoundPart.Use.RUN_WALL),
    /** A window in the left wall: what the heap has, else mesh with a flap. */
    WINDOW("window", FoundPart.Use.GLAZING),
    /** A board below the roosts that is pulled out and scraped; found flooring covers it. */
    DROPPINGS_BOARD("droppings-board", FoundPart.Use.LINING),
    /** A bar across the keeper's door, in brackets. */
    DOOR_BAR("door-bar"),
    /** A wooden gutter at the low eaves, over a tub where the heap has one. */
    GUTTER("gutter", List.of(Choices.Group.BOARDS), FoundPart.Use.WATERER),
    /** A frame for dry earth. */
    DUST_BATH("dust-bath", List.of(Choices.Group.BOARDS)),
    /** A low table that keeps the drinker out of the litter. */
    DRINKER_STAND("drinker-stand", List.of(Choices.Group.BOARDS)),
    /** A corner of the house for chicks. */
    BROODER("brooder"),
    /** A bar under the rafters that a feeder hangs from: a bucket where the heap has one. */
    FEEDER_BAR("feeder-bar", FoundPart.Use.FEEDER),
    /** A box of feed with ports for the heads of the birds. */
    FEED_BOX("feed-box"),
    /** Loose boards that shut every second vent in a storm. */
    VENT_BOARDS("vent-boards"),
    /** A board for a machine that opens and shuts the pop door. */
    DOOR_OPENER("door-opener"),
    /** A ladder from the floor up to the roosts, for heavy birds. */
    ROOST_LADDER("roost-ladder"),
    /** Stakes that hold it down in a gale. */
    ANCHORS("anchors", List.of(Choices.Group.LEGS)),
    /** A bar on stakes in the run. */
    PERCH("perch"),
    /** Fine mesh outside the foot of a run. */
    SECOND_MESH("second-mesh"),
    /** What keeps the wind out of the foot of a run. */
    WINDBREAK("windbreak"),
    /** Ground under netting before run or house, for the day. */
    YARD("yard", List.of("yard-length"), List.of(Choices.Group.RUN)),
    /** A landing before the pop door, at whose edge the ramp begins. */
    BALCONY("balcony"),
    /** The roof goes on over a dry place before the keeper's door. */
    PORCH("porch", List.of("porch")),
    /** Two wheels under one end of a pen that is moved, and a third between where it is wide. */
    WHEELS("wheels", FoundPart.Use.WHEELS),
    /** Mesh under a pen, or in place of the deck of a house one does not go into. */
    WIRE_FLOOR("wire-floor"),
    /** Nests whose floor falls away to a tray, so that eggs roll out of the hens' reach. */
    ROLL_AWAY_NESTS("roll-away-nests"),
    /** Nests whose floor is drawn out to the outside. */
    NEST_DRAWER("nest-drawer"),
    /** A back that opens from side to side, in a house one does not go into. */
    BACK_HATCH("back-hatch"),
    /** A hole in the deck over mesh, for hot nights, with a lid for the winter. */
    FLOOR_VENT("floor-vent"),
    /** Ground to scratch on below a house that rolls, within flaps of netting. */
    GROUND_LEVEL("ground-level", List.of("level")),
    /** The keeper's door sawn in two: the lower leaf holds birds and litter in. */
    TWO_LEAF_DOOR("two-leaf-door"),
    /** Nests within a side wall, emptied from outside by a hatch. */
    WALL_NESTS("wall-nests"),
    /** A flap low in the side, and the tub behind it filled from outside. */
    TUB_FLAP("tub-flap", FoundPart.Use.WATERER),
    /** Roosts on a frame that is hinged to the back wall and swung up to clean below. */
    SWING_UP_ROOSTS("swing-up-roosts"),
    /** Slats in place of the deck, over a bed on the ground that worms turn into earth. */
    SLATTED_FLOOR("slatted-floor", List.of(Choices.Group.BOARDS)),
    /** Pallets side by side under the deck, in place of joists. */
    PALLET_FLOOR("pallet-floor"),
    /** A roof hinged at its low edge, that is lifted to reach roosts and corners from above. */
    LIFTING_ROOF("lifting-roof"),
    /** The same house once more at its left end, as in a mirror, and a passage between them. */
    DOUBLED("doubled"),
    /** A wall through the middle, each half with doors, roosts and nests of its own. */
    TWO_PENS("two-pens");

    /** What a house on the ground or off it has room for. */
    static final Set<AddOn> OF_HOUSES =
            Collections.unmodifiableSet(
                    EnumSet.of(
                            DROPPINGS_BOARD,
                            DOOR_BAR,
                            GUTTER,
                            DUST_BATH,
                            DRINKER_STAND,
                            BROODER,
                            FEEDER_BAR,
                            FEED_BOX,
                            VENT_BOARDS,
                            DOOR_OPENER,
                            ROOST_LADDER,
                            YARD,
                            ANCHORS));

    /** What stands in or on a run, and so wants one. */
    private static final Set<AddOn> IN_RUN = EnumSet.of(PERCH, SECOND_MESH, WINDBREAK);

    /** What a pen that is moved has room for. */
    static final Set<AddOn> OF_PENS =
            Collections.unmodifiableSet(EnumSet.of(WHEELS, WIRE_FLOOR, ANCHORS));

    private final String id;
    private final List<String> keys;
    private final List<Choices.Group> groups;
    private final Set<FoundPart.Use> places;

    AddOn(String id, List<String> keys, List<Choices.Group> groups, FoundPart.Use... places) {
        this.id = id;
        this.keys = keys;
        this.groups = groups;
        this.places = Set.of(places);
    }

    AddOn(String id, List<String> keys) {
        this(id, keys, List.of());
    }

    AddOn(String id, FoundPart.Use... places) {
        this(id, List.of(), List.of(), places);
    }

    AddOn(String id, List<Choices.Group> groups, FoundPart.Use... places) {
        this(id, List.of(), groups, places);
    }

    /** Whether it is of pallets that are used whole. */
    public boolean isOfPallets() {
        return this == PALLET_FLOOR;
    }

    /** Whether it wants a run to be built on as well. */
    public boolean wantsRun() {
        return IN_RUN.contains(this);
    }

    /** What odd things it has a place for. */
    public Set<FoundPart.Use> places() {
        return places;
    }

    /** Its name in files and in the keys of words. */
    public String id() {
        return id;
    }

    /** The groups of sticks that only it is made of. */
    public List<Choices.Group> groups() {
        return groups;
    }

    /** The keys of the lengths it brings. */
    public List<String> keys() {
        return keys;
    }
}
