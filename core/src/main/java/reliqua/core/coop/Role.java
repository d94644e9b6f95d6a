package reliqua.core.coop;

import reliqua.core.stock.Straightness;

/** What a part is for. The letter begins its mark; hidden parts may be of poorer looks. */
public enum Role {
    LEG('A', Stage.FLOOR, Straightness.FRAME, false),
    RIM('A', Stage.FLOOR, Straightness.JOIST, true),
    JOIST('A', Stage.FLOOR, Straightness.JOIST, true),
    DECK('B', Stage.FLOOR, Straightness.FRAME, true),
    PLATE('C', Stage.WALLS, Straightness.FRAME, true),
    STUD('C', Stage.WALLS, Straightness.FRAME, true),
    SILL('C', Stage.WALLS, Straightness.FRAME, true),
    HEADER('C', Stage.WALLS, Straightness.FRAME, true),
    RAFTER('D', Stage.RAFTERS, Straightness.FRAME, true),
    PURLIN('D', Stage.RAFTERS, Straightness.BATTEN, true),
    RAKE_FILLER('D', Stage.RAFTERS, Straightness.BATTEN, true),
    SKIN('E', Stage.SKINS, Straightness.FRAME, false),
    ROOF_SHEET('R', Stage.ROOF, Straightness.FRAME, false),
    DOOR_LEAF('F', Stage.DOORS, Straightness.DOOR, false),
    DOOR_FRAME('F', Stage.DOORS, Straightness.DOOR, false),
    POP_DOOR('F', Stage.DOORS, Straightness.DOOR, false),
    POP_GUIDE('F', Stage.DOORS, Straightness.BATTEN, false),
    LITTER_BOARD('F', Stage.DOORS, Straightness.FRAME, true),
    NEST_PANEL('N', Stage.NESTS, Straightness.FRAME, false),
    NEST_LID('N', Stage.NESTS, Straightness.DOOR, false),
    NEST_RAIL('N', Stage.NESTS, Straightness.BATTEN, false),
    DRIP_BOARD('N', Stage.NESTS, Straightness.BATTEN, false),
    ROOST_LEDGER('T', Stage.ROOSTS, Straightness.FRAME, true),
    ROOST_POST('T', Stage.ROOSTS, Straightness.FRAME, true),
    ROOST_BAR('T', Stage.ROOSTS, Straightness.JOIST, true),
    RAMP_BOARD('G', Stage.RAMP, Straightness.FRAME, false),
    RAMP_RUNNER('G', Stage.RAMP, Straightness.BATTEN, true),
    RAMP_CLEAT('G', Stage.RAMP, Straightness.BATTEN, false),
    VENT_MESH('M', Stage.MESH, Straightness.FRAME, false),
    SKIRT('M', Stage.MESH, Straightness.FRAME, false),
    APRON('M', Stage.MESH, Straightness.FRAME, false);

    private final char letter;
    private final Stage stage;
    private final Straightness straightness;
    private final boolean hidden;

    Role(char letter, Stage stage, Straightness straightness, boolean hidden) {
        this.letter = letter;
        this.stage = stage;
        this.straightness = straightness;
        this.hidden = hidden;
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
}
