package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Stage;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A bar across every leaf of the keeper's doors in front that drops into a bracket on either side:
 * no clever paw lifts it, and it holds a leaf that has warped. A bracket is a packing as thick as
 * the leaf stands out, a ledge and a keeper.
 */
final class DoorBar implements Addition {
    private static final Length BESIDE = Length.mm(8);
    private static final Length LEDGE = Length.mm(70);
    private static final double[] HEIGHTS = {0.5, 0.62, 0.38, 0.74, 0.26, 0.85, 0.14};

    /** What of a bar, its brackets and the door they hold is where. */
    private record Place(Length x0, Length x1, Length wall, int packings, Length z) {}

    @Override
    public void build(Standing at) throws Unbuildable {
        List<Opening> doors =
                at.coop().openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                        .filter(o -> !o.place().y0().isPositive())
                        .toList();
        Unbuildable.unless(!doors.isEmpty(), Sum.of("addon.noDoor"));
        for (Opening door : doors) {
            bar(at, door);
        }
    }

    private static void bar(Standing at, Opening door) throws Unbuildable {
        Bounds leaf = leaf(at, door.place());
        Length wall = wall(at, door.place());
        Section trim = at.section(Choices.Group.TRIM);
        int packings = (int) Math.ceilDiv(wall.minus(leaf.y0()).nm(), trim.thickness().nm());
        for (double share : HEIGHTS) {
            Length z = leaf.z0().plus(leaf.height().scaled(share)).floorTo(at.choices().step());
            Place place = new Place(leaf.x0(), leaf.x1(), wall, packings, z);
            List<Piece> pieces = pieces(at, place);
            if (pieces.stream().allMatch(p -> at.isFree(p.solid()))) {
                pieces.forEach(p -> at.box(p.role(), p.section(), p.solid()));
                return;
            }
        }
        throw new Unbuildable(Sum.of("addon.noBarRoom"));
    }

    private record Piece(Role role, Section section, Solid solid) {}

    /** All that shuts the door, frame and brace too. */
    private static Bounds leaf(Standing at, Bounds door) throws Unbuildable {
        List<Part> shut =
                at.coop().parts().stream()
                        .filter(p -> p.role().stage() == Stage.DOORS)
                        .filter(p -> p.solid().bounds().y1().atMost(door.y0()))
                        .filter(p -> covers(p.solid().bounds(), door))
                        .toList();
        return Standing.around(shut).orElseThrow(() -> new Unbuildable(Sum.of("addon.noDoor")));
    }

    private static boolean covers(Bounds part, Bounds door) {
        return part.x0().compareTo(door.x1()) < 0
                && part.x1().compareTo(door.x0()) > 0
                && part.z0().compareTo(door.z1()) < 0
                && part.z1().compareTo(door.z0()) > 0;
    }

    /** Outer face of what closes the wall beside the door. */
    private static Length wall(Standing at, Bounds door) {
        Optional<Length> face =
                at.coop().parts().stream()
                        .filter(p -> p.role().stage() == Stage.SKINS)
                        .map(p -> p.solid().bounds())
                        .filter(b -> b.y1().equals(door.y0()) && b.z1().compareTo(door.z0()) > 0)
                        .map(Bounds::y0)
                        .reduce(Length::max);
        return face.orElse(door.y0());
    }

    private static List<Piece> pieces(Standing at, Place place) {
        Section trim = at.section(Choices.Group.TRIM);
        Section bar = at.section(Choices.Group.ROOSTS);
        Length t = trim.thickness();
        Length w = trim.width();
        Length inner = place.wall().minus(t.times(place.packings()));
        Length outer = inner.minus(bar.thickness());
        Length foot = place.z().minus(LEDGE);
        Length top = place.z().plus(bar.width());
        List<Piece> pieces = new ArrayList<>();
        Length left = place.x0().minus(BESIDE).minus(w);
        Length right = place.x1().plus(BESIDE);
        for (Length x : List.of(left, right)) {
            for (int n = 0; n < place.packings(); n++) {
                Length y = place.wall().minus(t.times(n + 1L));
                pieces.add(piece(trim, Solid.box(x, x.plus(w), y, y.plus(t), foot, top)));
            }
            pieces.add(piece(trim, Solid.box(x, x.plus(w), outer.minus(t), outer, foot, top)));
            Length wide = bar.width().min(w);
            Section ledge = Section.of(bar.thickness(), wide);
            pieces.add(piece(ledge, Solid.box(x, x.plus(wide), outer, inner, foot, place.z())));
        }
        pieces.add(
                new Piece(
                        Role.DOOR_BAR,
                        bar,
                        Solid.box(left, right.plus(w), outer, inner, place.z(), top)));
        return pieces;
    }

    private static Piece piece(Section section, Solid solid) {
        return new Piece(Role.BAR_BRACKET, section, solid);
    }
}
