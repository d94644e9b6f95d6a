package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;

/** A plate of a wall of two sticks end to end, the joint over the middle of a stud. */
final class ButtedPlate implements Maker {
    private static final Set<Role> PLATES = Set.of(Role.PLATE, Role.BAND_PLATE);
    private static final Set<Role> STUDS = Set.of(Role.STUD, Role.BAND_STUD);

    /** A shorter piece splits at its screws. */
    private static final Length SHORTEST = Length.mm(300);

    /** One more cut, and four more screws at a slant. */
    private static final int MINUTES = 5;

    private final Coop coop;
    private final Supply supply;

    ButtedPlate(Coop coop, Supply supply) {
        this.coop = coop;
        this.supply = supply;
    }

    @Override
    public List<Seam> options(Part part) {
        List<Seam> seams = new ArrayList<>();
        if (part instanceof Part.StickPart plate && PLATES.contains(plate.role())) {
            List<Length> joints = joints(plate);
            for (Length clear : supply.sticks(plate.section())) {
                joints.stream()
                        .filter(first -> first.atMost(clear))
                        .reduce(Length::max)
                        .map(at -> new Seam(plate.mark(), Seam.Kind.BUTTED, List.of(at)))
                        .filter(seam -> !seams.contains(seam))
                        .ifPresent(seams::add);
            }
        }
        return seams;
    }

    private static Axis along(Part plate) {
        Bounds b = plate.solid().bounds();
        return b.width().compareTo(b.depth()) > 0 ? Axis.X : Axis.Y;
    }

    /** From the end of a plate to the middles of the studs that it lies on or under. */
    private List<Length> joints(Part.StickPart plate) {
        Axis axis = along(plate);
        Length start = Flat.low(plate.solid().bounds(), axis);
        return coop.parts().stream()
                .filter(p -> STUDS.contains(p.role()))
                .filter(p -> Contact.area(p.solid(), plate.solid()) > 0)
                .map(p -> p.solid().bounds())
                .map(b -> Flat.low(b, axis).plus(Flat.high(b, axis)).half().minus(start))
                .filter(first -> suits(plate, first))
                .distinct()
                .toList();
    }

    private static boolean suits(Part.StickPart plate, Length first) {
        return first.atLeast(SHORTEST) && plate.length().minus(first).atLeast(SHORTEST);
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (!(part instanceof Part.StickPart plate)
                || !PLATES.contains(plate.role())
                || seam.at().size() != 1
                || !joints(plate).contains(seam.at().getFirst())) {
            return Optional.empty();
        }
        Length first = seam.at().getFirst();
        Axis axis = along(plate);
        Bounds b = plate.solid().bounds();
        Length start = Flat.low(b, axis);
        Length joint = start.plus(first);
        Optional<Solid> one = plate.solid().between(axis, start, joint);
        Optional<Solid> two = plate.solid().between(axis, joint, Flat.high(b, axis));
        if (one.isEmpty() || two.isEmpty()) {
            return Optional.empty();
        }
        Length second = plate.length().minus(first);
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(
                                piece(plate, 0, first, one.get()),
                                piece(plate, 1, second, two.get())),
                        MINUTES));
    }

    private static Part piece(Part.StickPart whole, int n, Length length, Solid solid) {
        return new Part.StickPart(
                MadeUp.mark(whole, n),
                whole.role(),
                whole.section(),
                length,
                Angle.ZERO,
                Angle.ZERO,
                solid);
    }
}
