package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * Rafters seated on both plates with plumb-cut tails, purlins over the plates, at the ends and
 * between, fillers between the purlins at the sides, and roofing in columns with laps.
 */
final class RoofBuilder {
    private static final Length PURLINS_APART = Length.mm(600);
    private static final Length SIDE_LEAST = Length.mm(75);
    private static final Length SIDE_MOST = Length.mm(260);
    private static final Length SIDE_CUT = Length.mm(150);
    private static final Length DRIP = Length.mm(40);

    /** How high roofing stands up over what it lies on. */
    static final Length PROFILE = Length.mm(16);

    private static final Length END_LAP = Length.mm(150);
    private static final Length END_LAP_FLAT = Length.mm(225);
    private static final double FLAT = 3.0 / 12;
    private static final Length MESH_LAP = Length.mm(25);
    private static final Length MESH_THICKNESS = Length.mm(1);

    private final SingleSlope at;
    private final PartsBook book;

    RoofBuilder(SingleSlope at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    private Length depth() {
        return at.depth();
    }

    private Length overhang() {
        return at.overhang();
    }

    /**
     * How far the roof reaches beyond the frame at each open side: what whole sheets give, when
     * that is within reason.
     */
    Length side() {
        Length least = SIDE_LEAST.plus(at.cladding());
        Length whole = wholeWidth().minus(at.width()).dividedBy(openSides());
        return whole.atMost(SIDE_MOST) ? whole.max(least) : SIDE_CUT;
    }

    /** A side that ends at a wall does not reach out. */
    private Length left() {
        return at.tucked() ? Length.ZERO : side();
    }

    private int openSides() {
        return at.tucked() ? 1 : 2;
    }

    private int columns() {
        Length wanted = at.width().plus(SIDE_LEAST.plus(at.cladding()).times(openSides()));
        return (int) Math.max(1, Math.ceilDiv(wanted.minus(sideLap()).nm(), cover().nm()));
    }

    private Length wholeWidth() {
        return cover().times(columns()).plus(sideLap());
    }

    /** One rib; two on a flat roof, where rain is driven up between the sheets. */
    private Length sideLap() {
        Length lap = at.choices().roofing().lap();
        return at.slope() < FLAT ? lap.times(2) : lap;
    }

    private Length cover() {
        return at.choices().roofing().fullWidth().minus(sideLap());
    }

    void rafters() {
        Length rt = at.rafter().thickness();
        Length edge = level().scaled(1 / at.pitch().cos());
        Length blank =
                edge.plus(at.rafter().width().scaled(at.pitch().tan())).ceilTo(at.choices().step());
        for (Length x : at.rafterEdges()) {
            book.stick(
                    at.lifts() ? Role.LIFTED_RAFTER : Role.RAFTER,
                    at.rafter(),
                    blank,
                    at.pitch(),
                    at.pitch(),
                    new Solid(Axis.X, rafterProfile(), List.of(), x, x.plus(rt)));
        }
    }

    /** From where it begins to its tails. */
    private Length level() {
        return depth().plus(overhang()).minus(at.head());
    }

    private List<Corner> rafterProfile() {
        Length head = at.head();
        Length tail = depth().plus(overhang());
        Length sd = at.seat();
        Length inner = depth().minus(sd);
        List<Corner> profile = new ArrayList<>();
        profile.add(new Corner(head, at.rafterBottom(head)));
        at.porch().ifPresent(out -> profile.addAll(seat(out.negated())));
        if (at.ridge().isEmpty()) {
            profile.addAll(seat(Length.ZERO));
        }
        profile.add(new Corner(inner, at.backTop()));
        profile.add(new Corner(depth(), at.backTop()));
        profile.add(new Corner(depth(), at.rafterBottom(depth())));
        profile.add(new Corner(tail, at.rafterBottom(tail)));
        profile.add(new Corner(tail, at.rafterTop(tail)));
        profile.add(new Corner(head, at.rafterTop(head)));
        return profile;
    }

    /** On a plate whose outer face is there. */
    private List<Corner> seat(Length y) {
        Length inner = y.plus(at.seat());
        Length top = at.rafterBottom(y);
        return List.of(
                new Corner(y, top),
                new Corner(inner, top),
                new Corner(inner, at.rafterBottom(inner)));
    }

    /** Level distance of the upper edge of every purlin, from front to back. */
    private List<Length> purlinEdges() {
        Length level = at.purlin().width().scaled(at.pitch().cos());
        Length head = at.covering();
        Length end = depth().plus(overhang()).minus(level);
        boolean ridge = at.ridge().isPresent();
        Length overFront = ridge ? head : at.cladding().negated();
        Length overBack = depth().plus(at.cladding()).minus(level);
        List<Length> edges = new ArrayList<>();
        if (!ridge && head.plus(level).atMost(overFront)) {
            edges.addAll(before(head, overFront, level));
        }
        edges.addAll(Spacing.even(overFront, overBack.plus(level), level, apart()));
        if (end.atLeast(overBack.plus(level))) {
            edges.add(end);
        }
        return edges;
    }

    private Length apart() {
        return PURLINS_APART.scaled(at.pitch().cos());
    }

    /** At the eaves, and over a porch up to the one over the front. */
    private List<Length> before(Length head, Length overFront, Length level) {
        if (at.porch().isEmpty()) {
            return List.of(head);
        }
        List<Length> all = Spacing.even(head, overFront.plus(level), level, apart());
        return all.subList(0, all.size() - 1);
    }

    void purlins() {
        Length from = left().negated();
        Length to = at.width().plus(side());
        List<Length> edges = purlinEdges();
        for (Length y : edges) {
            Length y1 = y.plus(at.purlin().width().scaled(at.pitch().cos()));
            book.stick(
                    Role.PURLIN,
                    at.purlin(),
                    to.minus(from),
                    new Solid(Axis.X, slab(y, y1), List.of(), from, to));
        }
        Length level = at.purlin().width().scaled(at.pitch().cos());
        for (int i = 0; i + 1 < edges.size(); i++) {
            filler(edges.get(i).plus(level), edges.get(i + 1));
        }
    }

    private List<Corner> slab(Length y0, Length y1) {
        Length t = at.purlin().thickness();
        return List.of(
                at.onRoof(y0, Length.ZERO),
                at.onRoof(y1, Length.ZERO),
                at.onRoof(y1, t),
                at.onRoof(y0, t));
    }

    /** Between two purlins the side would be open by their thickness; a short piece closes it. */
    private void filler(Length y0, Length y1) {
        Length gap = y1.minus(y0);
        if (gap.compareTo(Length.mm(5)) < 0) {
            return;
        }
        Length length = gap.scaled(1 / at.pitch().cos()).floorTo(at.choices().step());
        Length end = y0.plus(length.scaled(at.pitch().cos()));
        Length wide = at.purlin().width();
        Length left = at.cladding().negated();
        Length rightEdge = at.width().plus(at.cladding());
        List<Length> sides =
                at.tucked() ? List.of(rightEdge.minus(wide)) : List.of(left, rightEdge.minus(wide));
        for (Length x : sides) {
            book.stick(
                    Role.RAKE_FILLER,
                    at.purlin(),
                    length,
                    new Solid(Axis.X, slab(y0, end), List.of(), x, x.plus(wide)));
        }
    }

    /** Length of the roofing down the slope, with a drip edge at both ends. */
    private Length slopeLength() {
        return depth().plus(overhang())
                .minus(at.covering())
                .scaled(1 / at.pitch().cos())
                .plus(at.ridge().isPresent() ? DRIP : DRIP.times(2))
                .ceilTo(at.choices().step());
    }

    void roofing() {
        Length whole = slopeLength();
        Length lap = at.slope() < FLAT ? END_LAP_FLAT : END_LAP;
        Length longest = at.choices().roofing().longest();
        int courses =
                whole.atMost(longest)
                        ? 1
                        : (int)
                                Math.ceilDiv(
                                        whole.minus(lap).nm(),
                                        Math.max(1, longest.minus(lap).nm()));
        Length each =
                whole.plus(lap.times(courses - 1L)).dividedBy(courses).ceilTo(at.choices().step());
        Length cover = cover();
        for (int column = 0; column < columns(); column++) {
            Length x0 = left().negated().plus(cover.times(column));
            boolean last = column == columns() - 1;
            Length x1 = last ? at.width().plus(side()) : x0.plus(cover);
            for (int course = 0; course < courses; course++) {
                Length from = each.minus(lap).times(course);
                Length to = course == courses - 1 ? whole : each.minus(lap).times(course + 1L);
                book.roofSheet(
                        each,
                        at.choices().roofing().fullWidth(),
                        course == 0 ? Length.ZERO : lap,
                        roofSolid(x0, x1, from, to));
            }
        }
    }

    private Solid roofSolid(Length x0, Length x1, Length from, Length to) {
        double cos = at.pitch().cos();
        Length drip = at.ridge().isPresent() ? Length.ZERO : DRIP.scaled(cos);
        Length head = at.covering().minus(drip);
        Length y0 = head.plus(from.scaled(cos));
        Length y1 = head.plus(to.scaled(cos));
        Length t = at.purlin().thickness();
        Length top = t.plus(PROFILE);
        return new Solid(
                Axis.X,
                List.of(at.onRoof(y0, t), at.onRoof(y1, t), at.onRoof(y1, top), at.onRoof(y0, top)),
                List.of(),
                x0,
                x1);
    }

    /** A board over the upper edge of the roofing, cut plumb at the head of the rafters. */
    void cap() {
        Section batten = at.purlin();
        Length under = capUnder(at);
        Length over = under.plus(batten.thickness());
        double sin = at.pitch().sin();
        double tan = at.pitch().tan();
        Length from = at.ridge().map(SingleSlope.Head::cap).orElseGet(at::head);
        Length end = from.plus(batten.width().minus(over.scaled(tan)).scaled(at.pitch().cos()));
        List<Corner> profile =
                List.of(
                        at.onRoof(from.minus(under.scaled(sin)), under),
                        at.onRoof(end, under),
                        at.onRoof(end, over),
                        at.onRoof(from.minus(over.scaled(sin)), over));
        Length side = side();
        book.stick(
                Role.RIDGE_CAP,
                batten,
                at.width().plus(side.times(2)),
                new Solid(Axis.X, profile, List.of(), side.negated(), at.width().plus(side)));
    }

    private static Length capUnder(SingleSlope at) {
        return at.purlin().thickness().plus(PROFILE);
    }

    /** Top of such a board where it begins. */
    static Length capTop(SingleSlope at) {
        Length over = capUnder(at).plus(at.purlin().thickness());
        return at.onRoof(at.covering().minus(over.scaled(at.pitch().sin())), over).v();
    }

    /** Mesh in the gaps between the rafters over both plates, and over the vent strips. */
    void vents() {
        List<Length> edges = at.rafterEdges();
        for (int i = 0; i + 1 < edges.size(); i++) {
            Length x0 = edges.get(i).plus(at.rafter().thickness());
            Length x1 = edges.get(i + 1);
            if (at.ridge().isEmpty()) {
                eave(
                        x0,
                        x1,
                        Length.ZERO,
                        at.frontTop(),
                        at.frontGap(),
                        at.frontTop().minus(at.floor()));
            }
            eave(
                    x0,
                    x1,
                    depth().minus(MESH_THICKNESS),
                    at.backTop(),
                    at.backGap(),
                    at.backTop().minus(at.floor()));
        }
    }

    private void eave(Length x0, Length x1, Length y, Length bottom, Length gap, Length above) {
        if (!gap.isPositive()) {
            return;
        }
        Length front = at.rafterTop(y.plus(MESH_THICKNESS));
        book.mesh(
                Role.VENT_MESH,
                at.needs().meshAperture(),
                gap.plus(MESH_LAP.times(2)).ceilTo(at.choices().step()),
                x1.minus(x0).plus(MESH_LAP.times(2)).ceilTo(at.choices().step()),
                Solid.box(x0, x1, y, y.plus(MESH_THICKNESS), bottom, front));
        book.opening(
                Opening.inFront(
                        Opening.Kind.EAVE_VENT,
                        x0,
                        x1,
                        y,
                        bottom,
                        bottom.plus(gap),
                        bottom.minus(above)));
    }

    /** Mesh over a strip that is left open below both plates. */
    void strips(Length height, Length plate) {
        if (at.ridge().isEmpty()) {
            strip(MESH_THICKNESS.negated(), at.frontTop().minus(plate), height);
        }
        backStrip(height, plate);
    }

    /** The same below the back plate alone. */
    void backStrip(Length height, Length plate) {
        strip(at.depth(), at.backTop().minus(plate), height);
    }

    private void strip(Length y, Length top, Length height) {
        book.mesh(
                Role.VENT_MESH,
                at.needs().meshAperture(),
                height.plus(MESH_LAP.times(2)),
                at.width(),
                Solid.box(
                        Length.ZERO,
                        at.width(),
                        y,
                        y.plus(MESH_THICKNESS),
                        top.minus(height),
                        top));
    }
}
