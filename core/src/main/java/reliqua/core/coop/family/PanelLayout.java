package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * Lines of a pen whose walls are rigid panels, stood outside a light frame with a post behind every
 * joint. The outer faces of the frame are x = 0, x = width, y = 0, y = depth; panels of front and
 * back reach round the corners, those of the ends stand between them. The closed end is at the
 * left, the last panel of the front is the door.
 */
final class PanelLayout implements SlopedPen {
    /** Between two panels, so that the last swings. */
    static final Length GAP = Length.mm(3);

    /** The door is hung so high that it clears tufts. */
    static final Length LIFT = Length.mm(25);

    /** From front to back, enough to drain with sealed laps. */
    private static final double FALL = BoxPenLayout.FALL;

    private static final Length OVERHANG = Length.mm(100);
    private static final Length LEAST_DOOR = Length.mm(400);
    private static final Length UNDER_NESTS = Length.mm(300);
    private static final Length BAR_ABOVE_GROUND = Length.mm(400);
    private static final Length STOOPED = Length.mm(1500);
    private static final Length BEFORE_ROOST = Length.mm(120);
    private static final Length ROUNDING = Length.mm(1);

    final Choices c;
    final Needs needs;
    final Finds.Panels panel;
    final Length width;
    final Length depth;
    final Section frame;
    final int columns;
    final int rows;

    /** Panels of the front that are closed against weather, and their length. */
    final int closedColumns;

    final Length closed;
    final SingleSlope roof;

    PanelLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.panel =
                c.finds().panels().orElseThrow(() -> new Unbuildable(Sum.of("family.noPanels")));
        this.width = spec.width();
        this.depth = spec.depth();
        this.frame = c.section(Choices.Group.RUN);
        this.columns = count(width(panel, 1), width);
        this.rows = count(depth(panel, 1), depth);
        Length shelter = spec.length(PenSizes.CLOSED);
        this.closedColumns = count(closed(panel, 1), shelter);
        this.closed = shelter;
        Unbuildable.unless(closedColumns < columns, Sum.of("family.closed", shelter, width));
        Unbuildable.unless(
                taken(columns, rows) <= panel.count(),
                Sum.of("family.panelsShort", taken(columns, rows), panel.count()));
        Unbuildable.unless(
                doorTo().minus(doorFrom()).atLeast(LEAST_DOOR),
                Sum.of("family.panelNarrow", panel.width()));
        this.roof =
                new SingleSlope(
                        width,
                        depth,
                        OVERHANG,
                        backTop().plus(depth.scaled(FALL)),
                        backTop(),
                        frame.thickness(),
                        panel.thick().plus(c.skin()),
                        Length.ZERO,
                        needs,
                        c);
        roof.check();
    }

    /** So high that rafters pass over what stands outside the frame. */
    private Length backTop() {
        Length out = panel.thick().plus(c.skin()).plus(PenMesh.THIN);
        return panel.height().plus(out.scaled(FALL * 2)).ceilTo(c.step());
    }

    /** Panels of a pen, its door among them. */
    static int taken(int columns, int rows) {
        return (columns + rows) * 2;
    }

    private static Length pitch(Finds.Panels panel) {
        return panel.width().plus(GAP);
    }

    /** Of the frame behind so many panels of the front. */
    static Length width(Finds.Panels panel, int columns) {
        return pitch(panel).times(columns).minus(GAP).minus(panel.thick().times(2));
    }

    /** Of the frame behind so many panels of an end. */
    static Length depth(Finds.Panels panel, int rows) {
        return pitch(panel).times(rows).minus(GAP);
    }

    /** Up to the joint after so many panels of the front. */
    static Length closed(Finds.Panels panel, int columns) {
        return pitch(panel).times(columns).minus(GAP.half()).minus(panel.thick());
    }

    private int count(Length one, Length side) throws Unbuildable {
        long count = 1 + Math.round(side.minus(one).ratio(pitch(panel)));
        Length off = one.plus(pitch(panel).times(count - 1)).minus(side).abs();
        Unbuildable.unless(
                count >= 1 && off.atMost(ROUNDING),
                Sum.of("family.wholePanels", side, panel.width()));
        return (int) count;
    }

    @Override
    public Needs needs() {
        return needs;
    }

    @Override
    public SingleSlope roof() {
        return roof;
    }

    @Override
    public Length closed() {
        return closed;
    }

    Length thick() {
        return frame.thickness();
    }

    Length wide() {
        return frame.width();
    }

    /** Left edge of a panel of the front or the back. */
    Length column(int n) {
        return pitch(panel).times(n).minus(panel.thick());
    }

    /** Front edge of a panel of an end. */
    Length row(int n) {
        return pitch(panel).times(n);
    }

    /** Left edges of the posts of front and back: in the corners and behind every joint. */
    List<Length> posts() {
        List<Length> posts = new ArrayList<>();
        posts.add(Length.ZERO);
        for (int n = 1; n < columns; n++) {
            posts.add(closed(panel, n).minus(wide().half()));
        }
        posts.add(width.minus(wide()));
        return posts;
    }

    /** Front edges of the posts of an end. */
    List<Length> uprights() {
        List<Length> posts = new ArrayList<>();
        posts.add(thick());
        for (int n = 1; n < rows; n++) {
            posts.add(row(n).minus(GAP.half()).minus(wide().half()));
        }
        posts.add(depth.minus(thick()).minus(wide()));
        return posts;
    }

    /** Clear opening behind the door. */
    Length doorFrom() {
        return closed(panel, columns - 1).plus(wide().half());
    }

    @Override
    public Length doorTo() {
        return width.minus(wide());
    }

    /** Inside of the closed part. */
    Room room() {
        return new Room(thick(), closed, thick(), depth.minus(thick()), Length.ZERO);
    }

    /** Through a door so high one stoops; through a lower one nobody goes. */
    @Override
    public Length standing() {
        return panel.height().atLeast(STOOPED) ? panel.height() : Length.ZERO;
    }

    private Length nestFloor() {
        return needs.nestFloor().max(UNDER_NESTS).ceilTo(c.step());
    }

    @Override
    public Length nestLip() {
        return nestFloor().plus(needs.nestLip());
    }

    @Override
    public int bars() {
        return RoostBuilder.bars(room(), needs);
    }

    /** On a ledger at the left, and on the rail under the end of the closed part. */
    @Override
    public RoostBuilder roosts() {
        Section bar = c.section(Choices.Group.ROOSTS);
        Length from = room().y1().minus(needs.roostSpacing().times(bars())).minus(BEFORE_ROOST);
        Length overNests = nestLip().plus(needs.nestBelowRoost()).minus(bar.thickness());
        Length top = needs.nests() == 0 ? BAR_ABOVE_GROUND : overNests.max(BAR_ABOVE_GROUND);
        return new RoostBuilder(
                room(),
                bars(),
                bar,
                frame,
                from.max(room().y0()),
                top.ceilTo(c.step()),
                needs.roostSpacing(),
                RoostBuilder.Ledgers.LEFT);
    }

    @Override
    public InsideNests nests() {
        Length clear = bars() == 0 ? Length.ZERO : room().y1().minus(roosts().ledgerFrom());
        return new InsideNests(
                room(),
                needs.nests(),
                needs,
                nestFloor(),
                c.skin(),
                c.section(Choices.Group.TRIM),
                clear,
                c.finds().thing(FoundPart.Use.NEST));
    }
}
