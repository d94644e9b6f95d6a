package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/**
 * Mesh of two strips that overlap by 50 mm and are laced with wire through every second opening, so
 * that short and narrow pieces of a roll are of use.
 */
final class LacedMesh implements Maker {
    private static final Length LAP = Length.mm(50);
    private static final Length NARROWEST = Length.mm(150);
    private static final int MINUTES = 12;

    private final Supply supply;

    LacedMesh(Supply supply) {
        this.supply = supply;
    }

    @Override
    public List<Seam> options(Part part) {
        List<Seam> seams = new ArrayList<>();
        if (part instanceof Part.MeshPart mesh) {
            for (Length side : supply.rolls(mesh.aperture())) {
                for (Length whole : List.of(mesh.length(), mesh.width())) {
                    boolean wide = whole.equals(mesh.width());
                    if (parts(side, whole)) {
                        seams.add(
                                new Seam(
                                        mesh.mark(),
                                        wide ? Seam.Kind.LACED_WIDE : Seam.Kind.LACED_LONG,
                                        List.of(side)));
                    }
                }
            }
        }
        return seams.stream().distinct().toList();
    }

    /** Whether a first strip of this size leaves a second one worth lacing on. */
    private static boolean parts(Length first, Length whole) {
        return first.atLeast(NARROWEST)
                && whole.minus(first).plus(LAP).atLeast(NARROWEST)
                && first.compareTo(whole) < 0;
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (!(part instanceof Part.MeshPart mesh) || seam.at().size() != 1) {
            return Optional.empty();
        }
        boolean wide = seam.kind() == Seam.Kind.LACED_WIDE;
        Length whole = wide ? mesh.width() : mesh.length();
        Length first = seam.at().getFirst();
        if (!parts(first, whole)) {
            return Optional.empty();
        }
        Axis axis = axis(mesh, wide);
        Bounds b = mesh.solid().bounds();
        Length low = Flat.low(b, axis);
        Length high = Flat.high(b, axis);
        // What is cut is larger than what is seen: the edges are turned in or stapled down.
        Length middle = low.plus(high.minus(low).scaled(first.minus(LAP.half()).ratio(whole)));
        Optional<Solid> one = mesh.solid().between(axis, low, middle);
        Optional<Solid> two = mesh.solid().between(axis, middle, high);
        if (one.isEmpty() || two.isEmpty()) {
            return Optional.empty();
        }
        Length second = whole.minus(first).plus(LAP);
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(
                                strip(mesh, 0, first, wide, one.get()),
                                strip(mesh, 1, second, wide, two.get())),
                        MINUTES));
    }

    /** The longer extent in space is the strip's length. */
    private static Axis axis(Part.MeshPart mesh, boolean wide) {
        Bounds b = mesh.solid().bounds();
        List<Axis> bySize =
                java.util.stream.Stream.of(Axis.values())
                        .sorted(
                                java.util.Comparator.comparing(
                                        (Axis a) -> Flat.low(b, a).minus(Flat.high(b, a))))
                        .toList();
        boolean lengthIsLonger = mesh.length().atLeast(mesh.width());
        return bySize.get(wide == lengthIsLonger ? 1 : 0);
    }

    private static Part strip(Part.MeshPart whole, int n, Length size, boolean wide, Solid solid) {
        return new Part.MeshPart(
                MadeUp.mark(whole, n),
                whole.role(),
                whole.aperture(),
                wide ? size : whole.width(),
                wide ? whole.length() : size,
                solid);
    }
}
