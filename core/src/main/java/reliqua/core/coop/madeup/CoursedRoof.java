package reliqua.core.coop.madeup;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * A column of roofing of two sheets, the upper one over the lower, the lap over a purlin: 150 mm,
 * or 225 on roofs flatter than 3 in 12.
 */
final class CoursedRoof implements Maker {
    private static final Length LAP = Length.mm(150);
    private static final Length LAP_FLAT = Length.mm(225);
    private static final double FLAT = 3.0 / 12;
    private static final Length SHORTEST = Length.mm(400);
    private static final int MINUTES = 8;

    private final Coop coop;

    CoursedRoof(Coop coop) {
        this.coop = coop;
    }

    private Length lap() {
        return coop.measures().pitch().tan() < FLAT ? LAP_FLAT : LAP;
    }

    /** Length on the slope for a level distance. */
    private Length onSlope(Length level) {
        return level.scaled(1 / coop.measures().pitch().cos());
    }

    @Override
    public List<Seam> options(Part part) {
        if (!(part instanceof Part.RoofPart roof)) {
            return List.of();
        }
        Length top = roof.solid().bounds().y0();
        return coop.of(Role.PURLIN).stream()
                .map(p -> p.solid().bounds())
                .map(b -> onSlope(b.y0().plus(b.depth().half()).minus(top)).plus(lap().half()))
                .map(upper -> upper.ceilTo(Length.mm(1)))
                .filter(upper -> suits(roof, upper))
                .distinct()
                .map(upper -> new Seam(roof.mark(), Seam.Kind.COURSES, List.of(upper)))
                .toList();
    }

    private boolean suits(Part.RoofPart roof, Length upper) {
        return upper.atLeast(SHORTEST) && lower(roof, upper).atLeast(SHORTEST);
    }

    private Length lower(Part.RoofPart roof, Length upper) {
        return roof.length().minus(upper).plus(lap());
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (!(part instanceof Part.RoofPart roof)
                || seam.at().size() != 1
                || !suits(roof, seam.at().getFirst())) {
            return Optional.empty();
        }
        Length upper = seam.at().getFirst();
        Bounds b = roof.solid().bounds();
        Length parting =
                b.y0().plus(b.depth().scaled(upper.minus(lap().half()).ratio(roof.length())));
        Optional<Solid> high = roof.solid().between(Axis.Y, b.y0(), parting);
        Optional<Solid> low = roof.solid().between(Axis.Y, parting, b.y1());
        if (high.isEmpty() || low.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(
                                piece(roof, 0, upper, roof.covered(), high.get()),
                                piece(roof, 1, lower(roof, upper), lap(), low.get())),
                        MINUTES));
    }

    private static Part piece(
            Part.RoofPart whole, int n, Length length, Length covered, Solid solid) {
        return new Part.RoofPart(
                MadeUp.mark(whole, n), whole.role(), length, whole.fullWidth(), covered, solid);
    }
}
