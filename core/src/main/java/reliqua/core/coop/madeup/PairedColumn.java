package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Roofing;

/**
 * A column of roofing of two sheets narrower than it, side by side with a side lap between them; so
 * sheets of unlike widths come together on one roof.
 */
final class PairedColumn implements Maker {
    private static final int MINUTES = 6;

    private final Supply supply;

    PairedColumn(Supply supply) {
        this.supply = supply;
    }

    @Override
    public List<Seam> options(Part part) {
        List<Seam> seams = new ArrayList<>();
        if (part instanceof Part.RoofPart roof) {
            List<Roofing> narrower = supply.narrower(roof.fullWidth());
            for (int a = 0; a < narrower.size(); a++) {
                for (int b = a; b < narrower.size(); b++) {
                    Length lap = narrower.get(a).sideLap().max(narrower.get(b).sideLap());
                    Length one = narrower.get(a).fullWidth();
                    Length two = narrower.get(b).fullWidth();
                    if (one.plus(two).minus(lap).atLeast(roof.fullWidth())) {
                        seams.add(new Seam(roof.mark(), Seam.Kind.BESIDE, List.of(one, two)));
                    }
                }
            }
        }
        return seams.stream().distinct().toList();
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (!(part instanceof Part.RoofPart roof) || seam.at().size() != 2) {
            return Optional.empty();
        }
        Length one = seam.at().getFirst();
        Length two = seam.at().getLast();
        Length lap = one.plus(two).minus(roof.fullWidth());
        Length x0 = roof.solid().bounds().x0();
        Length x1 = roof.solid().bounds().x1();
        // Drawn edge to edge in the middle of the lap.
        Length parting = x0.plus(one).minus(lap.half());
        boolean narrower =
                one.compareTo(roof.fullWidth()) < 0 && two.compareTo(roof.fullWidth()) < 0;
        Optional<Solid> left = roof.solid().between(Axis.X, x0, parting);
        Optional<Solid> right = roof.solid().between(Axis.X, parting, x1);
        if (!narrower || !lap.isPositive() || left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(piece(roof, 0, one, left.get()), piece(roof, 1, two, right.get())),
                        MINUTES));
    }

    private static Part piece(Part.RoofPart whole, int n, Length width, Solid solid) {
        return new Part.RoofPart(
                MadeUp.mark(whole, n), whole.role(), whole.length(), width, whole.covered(), solid);
    }
}
