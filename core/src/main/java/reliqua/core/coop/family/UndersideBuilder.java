package reliqua.core.coop.family;

import java.util.Optional;
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
        if (at.frontToo() || at.runOut().isEmpty()) {
            skirt(width, Solid.box(zero, width, thin.negated(), zero, zero, legs));
        }
        skirt(width, Solid.box(zero, width, depth, depth.plus(thin), zero, legs));
        // A run's side frames end at the face of the front, and there the skirts must begin.
        Length begin = at.runOut().isPresent() ? at.skin().negated() : zero;
        Length along = depth.minus(begin);
        skirt(along, Solid.box(thin.negated(), zero, begin, depth, zero, legs));
        skirt(along, Solid.box(width, width.plus(thin), begin, depth, zero, legs));
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
        apron(all1.minus(all0), ground(all0, all1, depth, depth.plus(out)));
        if (at.runOut().isPresent()) {
            roundRun(out);
        } else {
            apron(all1.minus(all0), ground(all0, all1, out.negated(), zero));
        }
        apron(depth, ground(all0, zero, zero, depth));
        apron(depth, ground(width, all1, zero, depth));
    }

    /** Slabs do not lie tight in the corner between a house and its run. */
    private boolean paved() {
        if (at.needs().apron() != Practice.Apron.PAVED || at.runOut().isPresent()) {
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
        apron(
                right.minus(left).plus(out.times(2)),
                ground(left.minus(out), right.plus(out), front.minus(out), front));
        apron(front.negated(), ground(left.minus(out), left, front, Length.ZERO));
        apron(front.negated(), ground(right, right.plus(out), front, Length.ZERO));
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
        Length down = at.needs().apronBuried().negated();
        Length zero = Length.ZERO;
        Length wide = right.minus(left);
        buried(wide, Solid.box(left, right, front.minus(thin), front, down, zero));
        buried(front.negated(), Solid.box(left.minus(thin), left, front, zero, down, zero));
        buried(front.negated(), Solid.box(right, right.plus(thin), front, zero, down, zero));
    }

    /** Straight down below the skirt, where flat mesh would be in the way. */
    private void buried(Length width, Length depth) {
        Length thin = MESH_THICKNESS;
        Length zero = Length.ZERO;
        Length down = at.needs().apronBuried().negated();
        if (at.runOut().isPresent()) {
            buriedRun();
        } else {
            buried(width, Solid.box(zero, width, thin.negated(), zero, down, zero));
        }
        buried(width, Solid.box(zero, width, depth, depth.plus(thin), down, zero));
        buried(depth, Solid.box(thin.negated(), zero, zero, depth, down, zero));
        buried(depth, Solid.box(width, width.plus(thin), zero, depth, down, zero));
    }

    private void buried(Length length, Solid solid) {
        book.mesh(Role.APRON, Proof.USUAL_ELSEWHERE, at.needs().apronBuried(), length, solid);
    }

    /** Round the space below the mesh may be as wide as the animals about allow. */
    private Length aperture() {
        return at.needs().proof().elsewhere().value();
    }

    private static Solid ground(Length x0, Length x1, Length y0, Length y1) {
        return Solid.box(x0, x1, y0, y1, MESH_THICKNESS.negated(), Length.ZERO);
    }

    private void skirt(Length length, Solid solid) {
        book.mesh(Role.SKIRT, aperture(), at.clear().plus(MESH_LAP), length, solid);
    }

    /** Diggers are as large as foxes: nothing on the ground needs finer mesh than they do. */
    private void apron(Length length, Solid solid) {
        book.mesh(Role.APRON, Proof.USUAL_ELSEWHERE, at.needs().apronFlat(), length, solid);
    }
}
