package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Length;

/** Mesh round the space below a floor, and the apron on the ground or in it. */
final class UndersideBuilder {
    private static final Length MESH_LAP = Length.mm(50);
    private static final Length MESH_THICKNESS = Length.mm(1);

    private final Footprint at;
    private final PartsBook book;

    UndersideBuilder(Footprint at, PartsBook book) {
        this.at = at;
        this.book = book;
    }

    void build() {
        Length width = at.width();
        Length depth = at.depth();
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        Length legs = at.clear();
        // With a run before it the space below is part of that.
        Length before = lowest(zero, width, zero, zero);
        Length behind = lowest(zero, width, depth, depth);
        Length left = lowest(zero, zero, zero, depth);
        Length right = lowest(width, width, zero, depth);
        if (at.frontToo() || at.runOut().isEmpty()) {
            skirt(width, Solid.box(zero, width, thin.negated(), zero, before, legs));
        }
        skirt(width, Solid.box(zero, width, depth, depth.plus(thin), behind, legs));
        // A run's side frames end at the face of the front, and there the skirts must begin.
        Length begin = at.runOut().isPresent() ? at.skin().negated() : zero;
        Length along = depth.minus(begin);
        skirt(along, Solid.box(thin.negated(), zero, begin, depth, left, legs));
        skirt(along, Solid.box(width, width.plus(thin), begin, depth, right, legs));
        if (at.needs().apron() == Practice.Apron.BURIED) {
            buried(width, depth);
            return;
        }
        if (paved()) {
            return;
        }
        Length out = at.needs().apronFlat();
        Length all0 = out.negated();
        Length all1 = width.plus(out);
        apron(all1.minus(all0), along(all0, all1, depth, behind, depth.plus(out)));
        if (at.runOut().isPresent()) {
            roundRun(out);
        } else {
            apron(all1.minus(all0), along(all0, all1, zero, before, out.negated()));
        }
        apron(depth, beside(zero, left, all0, zero, depth));
        apron(depth, beside(width, right, all1, zero, depth));
    }

    /** Slabs do not lie tight in the corner between a house and its run, nor down a slope. */
    private boolean paved() {
        boolean level = at.terrain().isLevel();
        if (at.needs().apron() != Practice.Apron.PAVED || at.runOut().isPresent() || !level) {
            return false;
        }
        Optional<Finds.Footing> slabs = at.slabs();
        Optional<Paving> paving =
                slabs.map(s -> new Paving(at, s)).filter(p -> p.count() <= slabs.get().count());
        paving.ifPresent(p -> p.lay(book));
        return paving.isPresent();
    }

    /** The run's frames stand beside the house by their own thickness. */
    private void roundRun(Length out) {
        Length left = at.runFrame().negated();
        Length right = at.width().minus(left);
        Length front = runFront();
        Length before = lowest(left, right, front, front);
        // A wall at the left is dug in as it is.
        Length begin = at.wallEnd().isPresent() ? left : left.minus(out);
        apron(
                right.plus(out).minus(begin),
                along(begin, right.plus(out), front, before, front.minus(out)));
        Length zero = Length.ZERO;
        Length beside = at.wallEnd().orElse(front);
        apron(beside.negated(), beside(left, lowestBeside(left), left.minus(out), beside, zero));
        apron(front.negated(), beside(right, lowestBeside(right), right.plus(out), front, zero));
    }

    private Length lowestBeside(Length x) {
        return lowest(x, x, runFront(), Length.ZERO);
    }

    private Length runFront() {
        Length far = at.skin().plus(at.runOut().orElse(Length.ZERO));
        return far.plus(at.runFrame()).negated();
    }

    private void buriedRun() {
        Length thin = MESH_THICKNESS;
        Length left = at.runFrame().negated();
        Length right = at.width().minus(left);
        Length front = runFront();
        Length zero = Length.ZERO;
        Length along = front.negated();
        Length before = lowest(left, right, front, front);
        sunk(right.minus(left), left, right, front.minus(thin), front, before);
        Length beside = at.wallEnd().orElse(front);
        sunk(beside.negated(), left.minus(thin), left, beside, zero, lowestBeside(left));
        sunk(along, right, right.plus(thin), front, zero, lowestBeside(right));
    }

    /** Straight down below the skirt, where flat mesh would be in the way. */
    private void buried(Length width, Length depth) {
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        if (at.runOut().isPresent()) {
            buriedRun();
        } else {
            sunk(width, zero, width, thin.negated(), zero, lowest(zero, width, zero, zero));
        }
        sunk(width, zero, width, depth, depth.plus(thin), lowest(zero, width, depth, depth));
        sunk(depth, thin.negated(), zero, zero, depth, lowest(zero, zero, zero, depth));
        sunk(depth, width, width.plus(thin), zero, depth, lowest(width, width, zero, depth));
    }

    /** From the ground down. */
    private void sunk(Length length, Length x0, Length x1, Length y0, Length y1, Length on) {
        buried(length, Solid.box(x0, x1, y0, y1, on.minus(at.needs().apronBuried()), on));
    }

    private void buried(Length length, Solid solid) {
        book.mesh(Role.APRON, Proof.USUAL_ELSEWHERE, at.needs().apronBuried(), length, solid);
    }

    /** Round the space below the mesh may be as wide as the animals about allow. */
    private Length aperture() {
        return at.needs().proof().elsewhere().value();
    }

    /** On the ground before or behind: from the skirt's foot, and down the slope outward. */
    private Solid along(Length x0, Length x1, Length edge, Length foot, Length out) {
        Length end = lowest(x0, x1, out, out);
        return new Solid(Axis.X, sheet(edge, foot, out, end), List.of(), x0, x1);
    }

    /** The same to the left or the right. */
    private Solid beside(Length edge, Length foot, Length out, Length y0, Length y1) {
        Length end = lowest(out, out, y0, y1);
        return new Solid(Axis.Y, sheet(edge, foot, out, end), List.of(), y0, y1);
    }

    /** Level under the skirt itself. */
    private static List<Corner> sheet(Length edge, Length foot, Length out, Length end) {
        boolean outward = edge.compareTo(out) < 0;
        Length thin = MESH_THICKNESS;
        Length bend = outward ? edge.plus(thin) : edge.minus(thin);
        List<Corner> corners =
                foot.equals(end)
                        ? List.of(
                                new Corner(edge, foot.minus(thin)),
                                new Corner(out, foot.minus(thin)),
                                new Corner(out, foot),
                                new Corner(edge, foot))
                        : List.of(
                                new Corner(edge, foot.minus(thin)),
                                new Corner(bend, foot.minus(thin)),
                                new Corner(out, end.minus(thin)),
                                new Corner(out, end),
                                new Corner(bend, foot),
                                new Corner(edge, foot));
        return outward ? corners : corners.reversed();
    }

    /** The lowest ground along an edge. */
    private Length lowest(Length x0, Length x1, Length y0, Length y1) {
        return at.terrain().lowest(x0, x1, y0, y1).negated();
    }

    private void skirt(Length length, Solid solid) {
        Length high = solid.bounds().height();
        book.mesh(Role.SKIRT, aperture(), high.plus(MESH_LAP), length, solid);
    }

    /** Diggers are as large as foxes: nothing on the ground needs finer mesh than they do. */
    private void apron(Length length, Solid solid) {
        book.mesh(Role.APRON, Proof.USUAL_ELSEWHERE, at.needs().apronFlat(), length, solid);
    }
}
