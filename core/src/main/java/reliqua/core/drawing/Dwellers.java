package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Length;

/**
 * Birds to scale in a coop, for whoever looks in: one in each nest as long as there are enough,
 * most of the others on the roosts, the rest on the floor or in the run. They are drawn like parts,
 * and have no mark.
 */
public final class Dwellers {
    /** A body is so broad beside how tall the bird stands. */
    private static final double BROAD = 0.34;

    /** Of those that are not in a nest, so many sit on the roosts. */
    private static final double ROOSTING = 0.7;

    private static final Length STEP = Length.mm(100);
    private static final double SLIVER = 100;

    private final Coop coop;
    private final List<Part> birds = new ArrayList<>();
    private final Role role;

    private Dwellers(Coop coop) {
        this.coop = coop;
        this.role = coop.parts().getFirst().role();
    }

    /** Whether a part is a bird: what has no mark is no part. */
    public static boolean isBird(Part part) {
        return part.mark().isEmpty();
    }

    /** The coop with its birds in it. */
    public static Coop in(Coop coop, Flock flock) {
        if (coop.parts().isEmpty() || flock.total() == 0) {
            return coop;
        }
        Dwellers dwellers = new Dwellers(coop);
        dwellers.settle(kinds(flock));
        List<Part> all = new ArrayList<>(coop.parts());
        all.addAll(dwellers.birds);
        return coop.withParts(all);
    }

    private static List<BirdClass> kinds(Flock flock) {
        List<BirdClass> kinds = new ArrayList<>();
        for (BirdClass each : flock.classes()) {
            for (int n = 0; n < flock.count(each); n++) {
                kinds.add(each);
            }
        }
        return kinds;
    }

    private void settle(List<BirdClass> kinds) {
        List<BirdClass> left = new ArrayList<>(kinds);
        for (Opening nest : nests()) {
            if (left.size() > 2) {
                sit(nest, left.removeLast());
            }
        }
        roost(left, (int) Math.ceil(left.size() * ROOSTING));
        left.forEach(this::stand);
    }

    private List<Opening> nests() {
        return coop.openings().stream()
                .filter(o -> o.kind() == Opening.Kind.NEST_ENTRANCE)
                .limit(2)
                .toList();
    }

    /** Beyond the entrance, away from the room. */
    private void sit(Opening nest, BirdClass kind) {
        Bounds door = nest.place();
        Bounds room = coop.zones().getFirst().floor();
        boolean side = !door.width().isPositive();
        double tall = kind.standing().toMm();
        double x = (door.x0().toMm() + door.x1().toMm()) / 2;
        double y = (door.y0().toMm() + door.y1().toMm()) / 2;
        double out = tall * 0.45;
        if (side) {
            x += x > middle(room.x0(), room.x1()) ? out : -out;
        } else {
            y += y > middle(room.y0(), room.y1()) ? out : -out;
        }
        double z = door.z0().toMm() - tall * 0.2;
        add(BirdShapes.sitting(0, 0, tall * 0.8), side ? Axis.Y : Axis.X, x, y, z, tall);
    }

    private static double middle(Length a, Length b) {
        return (a.toMm() + b.toMm()) / 2;
    }

    /** From the lowest bar up, as close as their class sits. */
    private void roost(List<BirdClass> left, int most) {
        List<Bounds> bars =
                coop.parts().stream()
                        .filter(p -> p.role().duty().load() == Duty.Load.ROOST)
                        .map(p -> p.solid().bounds())
                        .sorted(Comparator.comparing(Bounds::z1).thenComparing(Bounds::y0))
                        .toList();
        int seated = 0;
        for (Bounds bar : bars) {
            double at = bar.x0().toMm();
            while (seated < most && !left.isEmpty()) {
                double tall = left.getLast().standing().toMm();
                double wide = tall * BROAD * 1.9;
                if (at + wide > bar.x1().toMm()) {
                    break;
                }
                double y = middle(bar.y0(), bar.y1());
                double z = bar.z1().toMm();
                List<Picture.Point> shape = BirdShapes.sitting(0, 0, tall);
                add(shape, Axis.X, at + wide / 2, y, z - tall * 0.02, tall);
                left.removeLast();
                at += wide;
                seated++;
            }
        }
    }

    private void stand(BirdClass kind) {
        double tall = kind.standing().toMm();
        Zone ground =
                coop.zones().stream()
                        .filter(z -> z.kind() != Zone.Kind.HOUSE)
                        .reduce((_, outer) -> outer)
                        .orElse(coop.zones().getFirst());
        free(ground.floor(), tall)
                .ifPresent(
                        c ->
                                add(
                                        BirdShapes.outline(kind, false, 0, 0, tall),
                                        Axis.Y,
                                        c.u().toMm(),
                                        c.v().toMm(),
                                        ground.floor().z0().toMm(),
                                        tall));
    }

    /** The first free place on a floor, scattered a little. */
    private Optional<Corner> free(Bounds floor, double tall) {
        Length half = Length.ofMm(tall * 0.45);
        int skip = 3 + birds.size() % 3;
        for (Length y = floor.y0().plus(half);
                y.plus(half).atMost(floor.y1());
                y = y.plus(STEP.times(skip))) {
            for (Length x = floor.x0().plus(half);
                    x.plus(half).atMost(floor.x1());
                    x = x.plus(STEP.times(skip))) {
                Solid room =
                        Solid.box(
                                x.minus(half),
                                x.plus(half),
                                y.minus(half),
                                y.plus(half),
                                floor.z0(),
                                floor.z0().plus(Length.ofMm(tall)));
                if (isFree(room)) {
                    return Optional.of(new Corner(x, y));
                }
            }
        }
        return Optional.empty();
    }

    private boolean isFree(Solid room) {
        return coop.parts().stream().allMatch(p -> Contact.overlap(p.solid(), room) < SLIVER)
                && birds.stream().allMatch(p -> Contact.overlap(p.solid(), room) < SLIVER);
    }

    /**
     * Drawn by hand, an outline crosses itself at the feet: the largest part of it that does not.
     */
    private static List<Corner> whole(List<Corner> outline) {
        Coordinate[] ring = new Coordinate[outline.size() + 1];
        for (int n = 0; n < ring.length; n++) {
            Corner c = outline.get(n % outline.size());
            ring[n] = new Coordinate(c.u().toMm(), c.v().toMm());
        }
        Geometry fixed = GeometryFixer.fix(new GeometryFactory().createPolygon(ring));
        Polygon largest = (Polygon) fixed.getGeometryN(0);
        for (int n = 1; n < fixed.getNumGeometries(); n++) {
            Polygon other = (Polygon) fixed.getGeometryN(n);
            largest = other.getArea() > largest.getArea() ? other : largest;
        }
        Coordinate[] edge = largest.getExteriorRing().getCoordinates();
        return Arrays.stream(edge)
                .limit(edge.length - 1L)
                .map(c -> new Corner(Length.ofMm(c.x), Length.ofMm(c.y)))
                .toList();
    }

    /** An outline with its feet at nothing, cut out as thick as a body. */
    private void add(
            List<Picture.Point> shape, Axis along, double x, double y, double z, double tall) {
        double half = tall * BROAD / 2;
        double across = along == Axis.X ? y : x;
        double at = along == Axis.X ? x : y;
        List<Corner> outline = new ArrayList<>();
        for (Picture.Point p : shape) {
            Corner corner =
                    new Corner(Length.ofMm(Math.rint(across + p.x())), Length.ofMm(z - p.y()));
            if (outline.isEmpty() || !outline.getLast().equals(corner)) {
                outline.add(corner);
            }
        }
        Solid solid =
                new Solid(
                        along,
                        whole(outline),
                        List.of(),
                        Length.ofMm(at - half),
                        Length.ofMm(at + half));
        birds.add(
                new Part.PanelPart(
                        "",
                        role,
                        Length.ofMm(2 * half),
                        Length.ofMm(tall),
                        Length.ofMm(tall),
                        Optional.empty(),
                        Optional.empty(),
                        solid));
    }
}
