package reliqua.core.coop.family;

import java.util.Optional;
import reliqua.core.coop.Terrain;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * Every height, line and place of a raised house that more than one builder needs, derived from its
 * few dimensions. The outer faces of the wall frames are x = 0, x = width, y = 0, y = depth; skins
 * lie outside them.
 */
final class ShedLayout {
    /** Members stand no more than this apart, so that 10 mm sheets and thin purlins carry. */
    static final Length MEMBERS_APART = Length.mm(610);

    /** A skin laps onto the framing around a door, which so becomes its stop. */
    static final Length DOOR_STOP = Length.mm(12);

    /** Air around a leaf. */
    static final Length DOOR_GAP = Length.mm(3);

    private static final Length DOOR_WIDEST = Length.mm(800);
    private static final Length DOOR_NARROWEST = Length.mm(450);

    /** Wide enough for somebody with a bucket. */
    private static final Length DOOR_TO_WALK_THROUGH = Length.mm(610);

    /** A cabinet's door is narrower than one would make, and does for a rake. */
    private static final Length HATCH_NARROWEST = Length.mm(350);

    private static final Length DOOR_TO_STOOP_THROUGH = Length.mm(1500);

    /** The guides of the pop door stand out so far; rafters may fall in front of them. */
    private static final Length POP_SLIDE_OUT = Length.mm(80);

    private static final Length DOOR_BELOW_PLATE = Length.mm(100);
    private static final Length WALL_VENT_HIGHEST = Length.mm(300);
    private static final Length NEST_OPENING_LOW = Length.mm(200);
    private static final Length NEST_OPENING_HIGH = Length.mm(230);

    /** Birds go under nests that are so high, and a broom does. */
    private static final Length NESTS_HIGH = Length.mm(350);

    /** Ledgers begin so far before the foremost bar. */
    private static final Length BEFORE_ROOSTS = Length.mm(120);

    private static final Length LEDGER_WITHOUT_NESTS = Length.mm(400);

    private static final Length LID_ABOVE_OPENING = Length.mm(50);

    final ShedDimensions d;
    final Choices c;
    final Needs needs;

    final ShedKind kind;
    final Half half;
    final HouseRoof roof;

    /** What rolls lies on the ground as it is. */
    final Terrain terrain;

    /** The found floor that it stands on, in place of frame and deck. */
    final Optional<FoundFloor> found;

    /** What was found to be nests; they stand inside, along the left wall. */
    final Optional<Finds.Thing> crates;

    /** The box of nests from elsewhere that hangs outside the right wall. */
    final Optional<FoundNests> box;

    /** The found door or hatch that closes the keeper's opening. */
    final Optional<FoundLeaf> leaf;

    /** The wall in the yard that is one side of the run. */
    final Optional<RunWall> runWall;

    private final Optional<Length> runOut;
    private final boolean withWindow;
    private final boolean slatted;

    /** Whether birds stand on mesh, through which droppings fall. */
    final boolean wired;

    private final boolean rollAway;
    private final boolean twoLeaf;

    /** Whether the back opens from side to side. */
    final boolean backHatch;

    final boolean balcony;

    /** Whether the roof is hinged and lifted. */
    private final boolean lifts;

    private final boolean swings;
    private final boolean wallNests;
    private final boolean nestDrawer;

    /** Whether there is a vent in the floor. */
    final boolean floorVent;

    /** Whether birds go down through the floor to the ground below. */
    final boolean inLevels;

    /** Of a house by itself. */
    ShedLayout(ShedDimensions d, DesignSpec spec, Brief brief, ShedKind kind) throws Unbuildable {
        this(d, spec, brief, kind, Half.WHOLE);
    }

    ShedLayout(ShedDimensions d, DesignSpec spec, Brief brief, ShedKind kind, Half half)
            throws Unbuildable {
        this.d = d;
        this.half = half;
        this.c = spec.choices();
        this.runOut =
                spec.addOns().contains(AddOn.RUN)
                        ? Optional.of(spec.length(ShedSizes.RUN_LENGTH))
                        : Optional.empty();
        this.runWall = runOut.isPresent() && !half.joined() ? RunWall.in(c) : Optional.empty();
        this.withWindow = spec.addOns().contains(AddOn.WINDOW);
        this.slatted = spec.addOns().contains(AddOn.SLATTED_FLOOR);
        this.wired = spec.addOns().contains(AddOn.WIRE_FLOOR);
        this.rollAway = spec.addOns().contains(AddOn.ROLL_AWAY_NESTS);
        this.backHatch = spec.addOns().contains(AddOn.BACK_HATCH);
        this.swings = spec.addOns().contains(AddOn.SWING_UP_ROOSTS);
        this.nestDrawer = spec.addOns().contains(AddOn.NEST_DRAWER);
        this.floorVent = spec.addOns().contains(AddOn.FLOOR_VENT);
        this.inLevels = spec.addOns().contains(AddOn.GROUND_LEVEL);
        this.wallNests = spec.addOns().contains(AddOn.WALL_NESTS);
        this.lifts = spec.addOns().contains(AddOn.LIFTING_ROOF);
        this.balcony = spec.addOns().contains(AddOn.BALCONY);
        this.twoLeaf = spec.addOns().contains(AddOn.TWO_LEAF_DOOR);
        this.needs = brief.needs();
        this.kind = kind;
        this.leaf = half.hasPopDoor() ? kind.leaf(c) : Optional.empty();
        this.found = kind.base() == ShedKind.Base.WHEELS ? Optional.empty() : FoundFloor.in(c);
        this.crates =
                kind.standing() && needs.nests() > 0
                        ? c.finds().thing(FoundPart.Use.NEST)
                        : Optional.empty();
        this.box = needs.nests() > 0 && half.hasPopDoor() ? FoundNests.in(c) : Optional.empty();
        this.terrain = terrain();
        this.roof = roof();
        roof.check();
        new ShedAdditions(this, spec.addOns()).check();
        checkDoor();
        Unbuildable.unless(
                popTop().plus(wall().thickness()).atMost(lintel()),
                Sum.of("family.popDoorHigh", d.front(), popTop().minus(deckTop())));
    }

    private Terrain terrain() {
        if (kind.base() == ShedKind.Base.WHEELS) {
            return Terrain.LEVEL;
        }
        Length front = runOut.map(out -> out.plus(skin()).negated()).orElse(Length.ZERO);
        Length left = half.joined() ? Doubled.beyond(d.width(), skin()).negated() : Length.ZERO;
        return new Terrain(
                half == Half.SECOND ? needs.ground().mirrored() : needs.ground(),
                left,
                d.width(),
                front,
                d.depth());
    }

    private HouseRoof roof() {
        return switch (kind.shape()) {
            case SINGLE_SLOPE -> singleSlope();
            case GABLE -> gable(d.rise().orElseThrow());
            case SPLIT -> split(d.rise().orElseThrow());
        };
    }

    private HouseRoof split(Length rise) {
        return new SplitRoof(
                d.width(),
                d.depth(),
                d.overhang(),
                frontTop(),
                backTop(),
                rise,
                skin(),
                deckTop(),
                needs,
                c,
                FloorBuilder.joistMiddles(this));
    }

    private HouseRoof gable(Length rise) {
        return new GableRoof(
                d.width(), d.depth(), d.overhang(), backTop(), rise, skin(), deckTop(), needs, c);
    }

    private HouseRoof singleSlope() {
        SingleSlope own =
                new SingleSlope(
                        d.width(),
                        d.depth(),
                        d.overhang(),
                        frontTop(),
                        backTop(),
                        wall().width(),
                        skin(),
                        deckTop(),
                        needs,
                        c);
        if (lifts) {
            return own.lifting();
        }
        return half == Half.SECOND ? own.besideHigher() : own;
    }

    private void checkDoor() throws Unbuildable {
        Length narrowest = kind.standing() ? DOOR_TO_WALK_THROUGH : DOOR_NARROWEST;
        Unbuildable.unless(
                doorRoom().width().atLeast(narrowest), Sum.of("family.narrow", d.width()));
        if (leaf.isEmpty()) {
            return;
        }
        FoundLeaf found = leaf.get();
        Unbuildable.unless(
                found.width().atLeast(narrowest.min(HATCH_NARROWEST)),
                Sum.of("family.findSmall", found.width(), found.height()));
        Unbuildable.unless(
                door().width().atMost(doorRoom().width()),
                Sum.of("family.findWide", found.width(), d.width()));
        Unbuildable.unless(
                doorTop().plus(wall().thickness()).atMost(lintel()),
                Sum.of("family.findHigh", found.height(), d.front()));
        Unbuildable.unless(
                !kind.standing() || found.height().atLeast(DOOR_TO_STOOP_THROUGH),
                Sum.of("family.findSmall", found.width(), found.height()));
    }

    Section leg() {
        return c.section(Choices.Group.LEGS);
    }

    Section floor() {
        return c.section(Choices.Group.FLOOR);
    }

    Section wall() {
        return c.section(Choices.Group.WALLS);
    }

    Section rafter() {
        return c.section(Choices.Group.RAFTERS);
    }

    Section purlin() {
        return c.section(Choices.Group.PURLINS);
    }

    Section trim() {
        return c.section(Choices.Group.TRIM);
    }

    Section roost() {
        return c.section(Choices.Group.ROOSTS);
    }

    Length skin() {
        return c.skin();
    }

    /** How far a run reaches out before the front, if there is one. */
    Optional<Length> runOut() {
        return runOut;
    }

    /** Clear height where the keeper walks. */
    Length standing() {
        return roof.walking().minus(deckTop());
    }

    /** Whether birds stand on slats, through which droppings fall. */
    boolean slatted() {
        return slatted;
    }

    /** Laid flat. */
    Section slat() {
        return c.section(Choices.Group.TRIM);
    }

    /** Top of joists and legs. */
    Length joistTop() {
        return d.clear().plus(floor().width());
    }

    Length deckTop() {
        Length laid = slatted ? slat().thickness() : wired ? FloorBuilder.MESH : c.deck();
        Length own = joistTop().plus(laid);
        return found.map(f -> foundTop(f).plus(f.pallet().isPresent() ? c.deck() : Length.ZERO))
                .orElse(own);
    }

    /** Top of a found floor: between legs it lies on a beam in front and one behind. */
    Length foundTop(FoundFloor floor) {
        return foundUnder().plus(floor.thick());
    }

    /** Underside of a found floor. */
    Length foundUnder() {
        return kind.base() == ShedKind.Base.LEGS ? joistTop() : d.clear();
    }

    /** Top of the front plate. */
    Length frontTop() {
        return deckTop().plus(d.front());
    }

    /** Top of the back plate. */
    Length backTop() {
        return deckTop().plus(d.back());
    }

    /** Underside of the rafters at a depth. */
    Length rafterBottom(Length y) {
        return roof.rafterBottom(y);
    }

    /** Height of the vent strips below both plates; zero when the eaves give enough. */
    Length wallVent() {
        double wanted = (needs.vents().um2() - roof.eaveVents().um2()) * 1e6;
        if (wanted <= 0) {
            return Length.ZERO;
        }
        Length clear = d.width().minus(wall().thickness().times(6)).times(2);
        return new Length((long) (wanted / clear.nm()))
                .ceilTo(c.step())
                .max(Length.mm(40).ceilTo(c.step()))
                .min(WALL_VENT_HIGHEST);
    }

    /**
     * Lower edge of what may not be opened below the front plate: the plate itself, or the vent
     * strip and its sill.
     */
    Length lintel() {
        Length plate = frontTop().minus(wall().thickness());
        return wallVent().isPositive() ? plate.minus(wallVent()).minus(wall().thickness()) : plate;
    }

    /** A stretch from one edge to the other. */
    record Between(Length from, Length to) {
        Length width() {
            return to.minus(from);
        }
    }

    /**
     * The pop door's clear opening along the front: beside the left corner, with room for its
     * slide.
     */
    Between pop() {
        Length from = wall().thickness().times(2).max(PopHole.SLIDE.plus(trim().width()));
        return new Between(from, from.plus(needs.popDoorWidth()));
    }

    /** Above the litter, and above the sill that lies on the wall plate. */
    Length popSill() {
        return deckTop().plus(needs.litterSill().max(wall().thickness().times(2)));
    }

    Length popTop() {
        return popSill().plus(needs.popDoorHeight());
    }

    /** Where birds go through the left wall to the house beside it, if there is one. */
    Optional<Between> passage() {
        Length from = wall().width().plus(wall().thickness());
        return half.joined()
                ? Optional.of(new Between(from, from.plus(needs.popDoorWidth())))
                : Optional.empty();
    }

    /** Upper edge of the passage: below what the roosts rest on, along the wall it is in. */
    Length passageTop() {
        Length high = passageSill().plus(needs.popDoorHeight());
        return roostBars() == 0 ? high : high.min(ledgerTop().minus(wall().width()));
    }

    /** Lower edge of the passage, the plate of the wall: litter lies on both sides of it. */
    Length passageSill() {
        return deckTop().plus(wall().thickness());
    }

    /** Whether the front needs a stud in the middle to carry a seam. */
    boolean frontHasSeam() {
        return d.width().compareTo(c.widestPanel()) > 0;
    }

    /** The clean-out door's clear opening along the front: beside the right corner. */
    Between door() {
        Between room = doorRoom();
        Length to = room.to();
        return leaf.map(l -> new Between(to.minus(l.width().minus(leafLaps())), to))
                .orElseGet(() -> new Between(to.minus(room.width().min(DOOR_WIDEST)), to));
    }

    /** A leaf is so much wider and higher than the opening it shuts. */
    private static Length leafLaps() {
        return DOOR_STOP.minus(DOOR_GAP).times(2);
    }

    /** Where there is room for it. */
    private Between doorRoom() {
        Length st = wall().thickness();
        Length to = d.width().minus(st.times(2));
        Length apart =
                frontHasSeam()
                        ? st.plus(Length.mm(160))
                        : PopHole.SLIDE
                                .plus(trim().width())
                                .plus(DOOR_STOP)
                                .plus(Length.mm(5))
                                .minus(st.times(2))
                                .max(Length.ZERO);
        Length most = to.minus(pop().to()).minus(st.times(2)).minus(apart);
        return new Between(to.minus(most), to);
    }

    /**
     * Where the door is sawn across, if it has two leaves: over the backs of the birds.
     *
     * @throws Unbuildable when it is a found door, or too low for two leaves
     */
    Optional<Length> doorSplit() throws Unbuildable {
        if (!twoLeaf) {
            return Optional.empty();
        }
        Unbuildable.unless(leaf.isEmpty(), Sum.of("family.leafFound"));
        return Optional.of(TwoLeaves.split(doorBottom(), doorTop(), c.step()));
    }

    Length doorBottom() {
        return deckTop().plus(wall().thickness());
    }

    Length doorTop() {
        return leaf.map(l -> doorBottom().plus(l.height()).minus(leafLaps()))
                .orElseGet(() -> lintel().minus(DOOR_BELOW_PLATE));
    }

    /**
     * Where the window goes, if one is wanted.
     *
     * @param nests in the left wall
     * @throws Unbuildable when it is too large for the wall
     */
    Optional<WindowPlace> window(int nests) throws Unbuildable {
        return withWindow ? Optional.of(WindowPlace.in(this, nests)) : Optional.empty();
    }

    /**
     * Whether the floor of the nests falls away to a tray.
     *
     * @throws Unbuildable when the birds lay on the floor
     */
    boolean rollAway() throws Unbuildable {
        Unbuildable.unless(!rollAway || needs.nests() > 0, Sum.of("family.noNestBoxes"));
        return rollAway;
    }

    /** Whether the floor of the nests is drawn out. */
    boolean nestDrawer() {
        return nestDrawer;
    }

    /** Whether the nests are within the walls. */
    boolean wallNests() {
        return wallNests;
    }

    /** Where the longer row of nests ends. */
    Length nestsEnd() throws Unbuildable {
        return nestOpening(nestsRight()).to().plus(skin());
    }

    /** Nests within the house stand so much higher: the floor below them stays the birds'. */
    private Length raised() {
        return wallNests() || crates.isPresent()
                ? NESTS_HIGH.ceilTo(c.step()).minus(needs.nestFloor()).max(Length.ZERO)
                : Length.ZERO;
    }

    /** Floor of the nests. */
    Length nestFloor() {
        return deckTop().plus(needs.nestFloor()).plus(raised());
    }

    /** Lower edge of the opening in the wall: for hens, or for the hand that takes eggs. */
    Length nestSill() {
        return wallNests() ? nestFloor() : nestLip();
    }

    Length nestLip() {
        return nestFloor().plus(needs.nestLip());
    }

    Length nestOpeningTop() {
        return deckTop().plus(nestTop(needs)).plus(raised());
    }

    private static Length nestTop(Needs needs) {
        Length open =
                needs.nestHeight()
                        .minus(needs.nestLip())
                        .max(NEST_OPENING_LOW)
                        .min(NEST_OPENING_HIGH);
        return needs.nestFloor().plus(needs.nestLip()).plus(open);
    }

    /** Underside of the roost ledgers above the deck: over the nest openings. */
    static Length roostLedgerBottom(Needs needs) {
        return needs.nests() == 0 ? LEDGER_WITHOUT_NESTS : nestTop(needs);
    }

    /** Underside of the nest lid where it meets the wall. */
    Length lidAtWall() {
        return nestOpeningTop().plus(LID_ABOVE_OPENING).max(nestFloor().plus(needs.nestHeight()));
    }

    /** Length of the opening for so many nests side by side. */
    Length nestRow(int nests) {
        Length own = needs.nestSide().times(nests).plus(skin().times(nests - 1L));
        return box.map(FoundNests::row).orElse(own);
    }

    /**
     * How many nests fit into one side wall; where it needs a seam, the seam must come right after
     * them.
     */
    int nestsPerSide() {
        Length ends = wall().width().plus(wall().thickness());
        Length room = nestsTo().minus(ends);
        Length walled = roof.parting().orElse(d.depth().plus(skin()));
        boolean oneSheet = walled.plus(skin()).atMost(c.widestPanel());
        Length toSeam = c.widestPanel().minus(ends).minus(skin()).minus(wall().thickness().half());
        Length most = oneSheet ? room : room.min(toSeam);
        int nests = 0;
        while (nests < needs.nests() && nestRow(nests + 1).atMost(most)) {
            nests++;
        }
        return nests;
    }

    /** Nests in or outside the side walls. */
    int hung() {
        return crates.isPresent() ? 0 : needs.nests();
    }

    /** Nests in the right wall; the left takes the rest. */
    int nestsRight() throws Unbuildable {
        if (hung() == 0) {
            return 0;
        }
        int most = nestsPerSide();
        Unbuildable.unless(
                most * 2 >= needs.nests(), Sum.of("family.nests", needs.nests(), d.depth()));
        return Math.min(most, needs.nests());
    }

    /** Before the studs of the back corner, or those under the step of the roof. */
    private Length nestsTo() {
        Length corner = wall().width().plus(wall().thickness());
        return roof.parting()
                .map(step -> step.minus(wall().thickness().times(2)))
                .orElse(d.depth().minus(corner));
    }

    /**
     * Where the nest opening of a side wall begins and ends; a rest too narrow for a stud is added
     * to it.
     */
    Between nestOpening(int nests) {
        Length from = wall().width().plus(wall().thickness());
        Length end = nestsTo();
        Length to = from.plus(nestRow(nests));
        boolean noRoomForStud = end.minus(to).compareTo(wall().thickness()) < 0;
        return new Between(from, noRoomForStud ? end : to);
    }

    /** Underside of the roost bars: top of the ledgers that carry them, above the nest openings. */
    Length ledgerTop() {
        Length over = wallNests() || crates.isPresent() ? raised().plus(skin()) : Length.ZERO;
        return deckTop().plus(roostLedgerBottom(needs)).plus(over).plus(wall().width());
    }

    Length roostTop() {
        return ledgerTop().plus(roost().thickness());
    }

    /** Clear inside between the framing. */
    Room room() {
        Length sd = wall().width();
        return new Room(sd, d.width().minus(sd), sd, d.depth().minus(sd), deckTop());
    }

    /** The roosts; only where any bird roosts. */
    RoostBuilder roosts() {
        RoostBuilder all = roosts(room().y0());
        return crates.isPresent() ? roosts(beforeRoosts(all)) : all;
    }

    private RoostBuilder roosts(Length ledgerFrom) {
        RoostBuilder all =
                new RoostBuilder(
                        roostRoom(),
                        roostBars(),
                        roost(),
                        wall(),
                        ledgerFrom,
                        ledgerTop(),
                        needs.roostSpacing());
        return wired ? all.postsOn(FloorBuilder.joistMiddles(this)) : all;
    }

    private Length beforeRoosts(RoostBuilder roosts) {
        return roosts.front().minus(BEFORE_ROOSTS).max(room().y0());
    }

    /** The crates, before the space that is kept free for the roosts. */
    Optional<InsideNests> insideNests() {
        Length clear =
                roostBars() == 0
                        ? Length.ZERO
                        : room().y1().minus(beforeRoosts(roosts(room().y0())));
        return crates.map(
                found ->
                        new InsideNests(
                                room(),
                                needs.nests(),
                                needs,
                                nestFloor(),
                                skin(),
                                trim(),
                                clear,
                                Optional.of(found)));
    }

    /** How far out before the frame the ramp's foot is. */
    Length rampRun() {
        PopHole hole = popHole();
        Length flat = balcony ? BalconyBuilder.run(hole) : RampBuilder.run(hole);
        return flat.plus(below(hole.middle(), flat.negated()).scaled(1 / RampBuilder.RAMP.tan()));
    }

    /** How much lower the ground is at a point than at the highest corner. */
    Length below(Length x, Length y) {
        return terrain.below(x, y).ceilTo(c.step());
    }

    /** The pop door's opening. */
    PopHole popHole() {
        return new PopHole(
                pop().from(),
                pop().to(),
                popSill(),
                popTop(),
                frontTop().min(rafterBottom(POP_SLIDE_OUT.negated())),
                needs.popDoorHeight().half(),
                skin(),
                c.skin(),
                trim(),
                c.step());
    }

    int roostBars() {
        return RoostBuilder.bars(roostRoom(), needs);
    }

    /** Whether the roosts are on a frame that is swung up. */
    boolean swings() {
        return swings;
    }

    private Room roostRoom() {
        return swings ? room().within(SwungRoosts.AIR) : room();
    }
}
