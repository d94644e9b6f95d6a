package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Strength;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * The lines of a roof that falls from front to back over any kind of wall. It lies on two plates
 * along the front and the back, whose outer faces are y = 0 and y = depth.
 *
 * @param width outer, along the plates
 * @param depth outer, from plate to plate
 * @param overhang level, beyond the plates at front and back
 * @param frontTop top of the front plate
 * @param backTop top of the back plate
 * @param seat width of the plates
 * @param cladding how far what closes the walls stands out before the plates
 * @param floor top of the floor, from which openings are measured
 * @param needs of the birds
 * @param choices sections of rafters and purlins, and the roofing
 * @param ridge where it begins, when its rafters stand against a board; nothing where they lie on a
 *     front plate and reach out beyond it
 * @param porch how far before the front another plate carries them, if one does
 * @param tucked whether its left edge ends at the wall of a higher house
 * @param lifts whether it is hinged at its low edge and lies on the front plate by its weight
 */
record SingleSlope(
        Length width,
        Length depth,
        Length overhang,
        Length frontTop,
        Length backTop,
        Length seat,
        Length cladding,
        Length floor,
        Needs needs,
        Choices choices,
        Optional<Head> ridge,
        Optional<Length> porch,
        boolean tucked,
        boolean lifts)
        implements HouseRoof {
    /**
     * Depths at which a roof begins that stands against a board.
     *
     * @param rafters at the face of the board
     * @param covering purlins and roofing
     * @param cap the board that covers their upper edge
     */
    record Head(Length rafters, Length covering, Length cap) {}

    /**
     * A little more than 3 in 12, the least for plain laps, so that rounding does not undercut it.
     */
    static final double PLAIN_LAPS = 0.2501;

    private static final Length RAFTERS_CLOSE = Length.mm(480);
    private static final Length RAFTERS_CLOSEST = Length.mm(330);
    private static final Length THICK_PURLIN = Length.mm(30);

    /** From a front plate to a back one. */
    SingleSlope(
            Length width,
            Length depth,
            Length overhang,
            Length frontTop,
            Length backTop,
            Length seat,
            Length cladding,
            Length floor,
            Needs needs,
            Choices choices) {
        this(
                width,
                depth,
                overhang,
                frontTop,
                backTop,
                seat,
                cladding,
                floor,
                needs,
                choices,
                Optional.empty(),
                Optional.empty(),
                false,
                false);
    }

    /** The same ending at the wall of a higher house at its left. */
    SingleSlope besideHigher() {
        return new SingleSlope(
                width, depth, overhang, frontTop, backTop, seat, cladding, floor, needs, choices,
                ridge, porch, true, false);
    }

    /** The same hinged at the back plate. */
    SingleSlope lifting() {
        return new SingleSlope(
                width, depth, overhang, frontTop, backTop, seat, cladding, floor, needs, choices,
                ridge, porch, false, true);
    }

    /** The same reaching out over a porch, whose plate stands so far before the front. */
    SingleSlope over(Length before) {
        return new SingleSlope(
                width,
                depth,
                overhang,
                frontTop,
                backTop,
                seat,
                cladding,
                floor,
                needs,
                choices,
                ridge,
                Optional.of(before),
                tucked,
                lifts);
    }

    /** Where its rafters begin. */
    Length head() {
        return ridge.map(Head::rafters)
                .orElseGet(() -> porch.orElse(Length.ZERO).plus(overhang).negated());
    }

    /** Where its purlins begin. */
    Length covering() {
        return ridge.map(Head::covering).orElseGet(this::head);
    }

    @Override
    public List<Length> bends() {
        return List.of();
    }

    @Override
    public Area eaveVents() {
        Length back = backGap().max(Length.ZERO);
        return Area.of(eaveWidth(), ridge.isPresent() ? back : frontGap().plus(back));
    }

    @Override
    public void frame(PartsBook book) {
        RoofBuilder builder = new RoofBuilder(this, book);
        builder.rafters();
        builder.purlins();
    }

    @Override
    public void cover(PartsBook book) {
        new RoofBuilder(this, book).roofing();
    }

    @Override
    public void vents(PartsBook book, Length strip, Length plate) {
        RoofBuilder builder = new RoofBuilder(this, book);
        builder.vents();
        if (strip.isPositive()) {
            builder.strips(strip, plate);
        }
    }

    @Override
    public Length tie() {
        return frontTop;
    }

    @Override
    public Length walking() {
        return rafterBottom(depth.half());
    }

    /**
     * Refuses a roof that does not fall to the back, or so steep for its rafters that their seats
     * would weaken them.
     */
    @Override
    public void check() throws Unbuildable {
        Unbuildable.unless(
                fall().isPositive(),
                Sum.of("family.fall", frontTop.minus(floor), backTop.minus(floor)));
        Length most = rafter().width().dividedBy(3);
        Unbuildable.unless(seatDepth().atMost(most), Sum.of("family.seat", seatDepth(), most));
    }

    Section rafter() {
        return choices.section(Choices.Group.RAFTERS);
    }

    Section purlin() {
        return choices.section(Choices.Group.PURLINS);
    }

    /** Fall of the roof from the front face to the inner face of the back plate. */
    Length fall() {
        return frontTop.minus(backTop);
    }

    private Length run() {
        return depth.minus(seat);
    }

    @Override
    public Angle pitch() {
        return Angle.ofSlope(fall(), run());
    }

    double slope() {
        return fall().ratio(run());
    }

    /**
     * Underside of the rafters at a depth; it meets the outer edge of the front plate and the inner
     * edge of the back one.
     */
    @Override
    public Length rafterBottom(Length y) {
        return frontTop.minus(y.scaled(slope()));
    }

    /** Depth of a rafter measured upright. */
    Length rafterUpright() {
        return rafter().width().scaled(1 / pitch().cos());
    }

    @Override
    public Length rafterTop(Length y) {
        return rafterBottom(y).plus(rafterUpright());
    }

    /** How deep the seat cuts into the rafter, square to it. */
    Length seatDepth() {
        return seat.scaled(pitch().sin());
    }

    /**
     * A point on a line parallel to the rafters' top: level distance, and distance square to the
     * slope above the top.
     */
    Corner onRoof(Length y, Length above) {
        return new Corner(
                y.plus(above.scaled(pitch().sin())),
                rafterTop(y).plus(above.scaled(pitch().cos())));
    }

    /** Gap between front plate and the purlins: an eave vent. */
    Length frontGap() {
        return rafterUpright();
    }

    /** Gap between back plate and the purlins. */
    Length backGap() {
        return rafterTop(depth).minus(backTop);
    }

    /** Clear width of all eave vents of one side. */
    Length eaveWidth() {
        return width.minus(rafter().thickness().times(rafterEdges().size()));
    }

    List<Length> rafterEdges() {
        return Spacing.even(Length.ZERO, width, rafter().thickness(), raftersApart());
    }

    /**
     * Thin purlins want their rafters closer, and so do rafters that would be too weak: shallow
     * ones of the heap stand closer before deeper ones are bought.
     */
    private Length raftersApart() {
        Length usual =
                purlin().thickness().atLeast(THICK_PURLIN)
                        ? ShedLayout.MEMBERS_APART
                        : RAFTERS_CLOSE;
        double load = Strength.surfaceLoad(needs.weather().roof().kiloPascals(), usual);
        Length across = rafter().thickness();
        Length deep = rafter().width();
        double used = Strength.used(across, deep, run(), load, Strength.ROOF_SAG);
        return used <= 1 ? usual : usual.scaled(1 / used).max(RAFTERS_CLOSEST);
    }
}
