package reliqua.core.coop;

import reliqua.core.stock.Latitude;
import reliqua.core.stock.Straightness;

/**
 * What a part is for. The letter begins its mark; hidden parts may be of poorer looks. A latitude
 * is given where a larger stick than the design asks finds room and changes nothing else: the side
 * that others are measured from stays as it is.
 */
public enum Role {
    LEG('A', Stage.FLOOR, Straightness.FRAME, false),
    SKID('A', Stage.FLOOR, Straightness.JOIST, false),
    RIM('A', Stage.FLOOR, Straightness.JOIST, true),
    JOIST('A', Stage.FLOOR, Straightness.JOIST, true, Latitude.mm(15, 0)),
    JOIST_SCAB('A', Stage.FLOOR, Straightness.BATTEN, true, Latitude.mm(15, 0)),
    DECK('B', Stage.FLOOR, Straightness.FRAME, true),
    PLATE('C', Stage.WALLS, Straightness.FRAME, true),
    STUD('C', Stage.WALLS, Straightness.FRAME, true),
    SILL('C', Stage.WALLS, Straightness.FRAME, true),
    HEADER('C', Stage.WALLS, Straightness.FRAME, true),
    BLOCKING('C', Stage.WALLS, Straightness.FRAME, true, Latitude.mm(20, 0)),
    RAFTER('D', Stage.RAFTERS, Straightness.FRAME, true, Latitude.mm(15, 0)),
    RAFTER_SCAB('D', Stage.RAFTERS, Straightness.BATTEN, true, Latitude.mm(15, 0)),
    PURLIN('D', Stage.RAFTERS, Straightness.BATTEN, true, Latitude.mm(0, 50)),
    RAKE_FILLER('D', Stage.RAFTERS, Straightness.BATTEN, true),
    SKIN('E', Stage.SKINS, Straightness.FRAME, false),
    BOARD('E', Stage.SKINS, Straightness.BATTEN, false),
    COVER_BATTEN('E', Stage.SKINS, Straightness.BATTEN, false, Latitude.mm(6, 20)),
    ROOF_SHEET('R', Stage.ROOF, Straightness.FRAME, false),
    DOOR_LEAF('F', Stage.DOORS, Straightness.DOOR, false),
    DOOR_FRAME('F', Stage.DOORS, Straightness.DOOR, false),
    POP_DOOR('F', Stage.DOORS, Straightness.DOOR, false),
    POP_GUIDE('F', Stage.DOORS, Straightness.BATTEN, false),
    LITTER_BOARD('F', Stage.DOORS, Straightness.FRAME, true),
    NEST_PANEL('N', Stage.NESTS, Straightness.FRAME, false),
    NEST_LID('N', Stage.NESTS, Straightness.DOOR, false),
    NEST_RAIL('N', Stage.NESTS, Straightness.BATTEN, false),
    DRIP_BOARD('N', Stage.NESTS, Straightness.BATTEN, false, Latitude.mm(6, 40)),
    ROOST_LEDGER('T', Stage.ROOSTS, Straightness.FRAME, true, Latitude.mm(12, 60)),
    ROOST_POST('T', Stage.ROOSTS, Straightness.FRAME, true, Latitude.mm(12, 60)),
    ROOST_BAR('T', Stage.ROOSTS, Straightness.JOIST, true, Latitude.mm(12, 25).orRound(60, 90)),
    RAMP_BOARD('G', Stage.RAMP, Straightness.FRAME, false),
    RAMP_RUNNER('G', Stage.RAMP, Straightness.BATTEN, true, Latitude.mm(20, 60)),
    RAMP_LEDGER('G', Stage.RAMP, Straightness.BATTEN, false),
    RAMP_CLEAT('G', Stage.RAMP, Straightness.BATTEN, false, Latitude.mm(12, 25)),
    RUN_POST('Q', Stage.RUN, Straightness.FRAME, false, Latitude.mm(0, 40)),
    RUN_RAIL('Q', Stage.RUN, Straightness.FRAME, false),
    GATE_FRAME('Q', Stage.RUN, Straightness.DOOR, false),
    RUN_MESH('M', Stage.MESH, Straightness.FRAME, false),
    VENT_MESH('M', Stage.MESH, Straightness.FRAME, false),
    SKIRT('M', Stage.MESH, Straightness.FRAME, false),
    APRON('M', Stage.MESH, Straightness.FRAME, false);

    private final char letter;
    private final Stage stage;
    private final Straightness straightness;
    private final boolean hidden;
    private final Latitude latitude;

    Role(char letter, Stage stage, Straightness straightness, boolean hidden) {
        this(letter, stage, straightness, hidden, Latitude.NONE);
    }

    Role(char letter, Stage stage, Straightness straightness, boolean hidden, Latitude latitude) {
        this.letter = letter;
        this.stage = stage;
        this.straightness = straightness;
        this.hidden = hidden;
        this.latitude = latitude;
    }

    /** First letter of the marks of such parts. */
    public char letter() {
        return letter;
    }

    public Stage stage() {
        return stage;
    }

    /** How straight a stick of this role must be. */
    public Straightness straightness() {
        return straightness;
    }

    /** Whether it is out of sight when the coop stands. */
    public boolean hidden() {
        return hidden;
    }

    /** Which larger sections, and which poles, serve as well as the one that is designed. */
    public Latitude latitude() {
        return latitude;
    }
}
