package reliqua.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Stage;
import reliqua.core.measure.Length;

/**
 * The floor, walls and roof of a coop, read off its geometry whatever its family: sticks that lie
 * in one upright plane are a wall, those of the floor the floor, rafters that rise one way with
 * what lies on them a roof.
 */
public final class Frames {
    /** No stick of a wall is thicker across it: what is lies across several walls. */
    private static final Length THICKEST = Length.mm(160);

    /** So far a leaf or mesh may stand before the sticks of its wall. */
    private static final Length BEFORE = Length.mm(60);

    /** A stud stands on its plate. */
    private static final Length TOUCH = Length.mm(1);

    private final Coop coop;
    private final int building;
    private final Length leftEdge;

    private Frames(Building building) {
        this.coop = building.coop();
        this.building = building.number();
        this.leftEdge = building.left();
    }

    /** Floor first, then walls, then roofs; of a pen, what it has. */
    public static List<Frame> of(Coop coop) {
        return coop.buildings().stream().flatMap(b -> of(b).stream()).toList();
    }

    static List<Frame> of(Building building) {
        Frames frames = new Frames(building);
        List<Frame> all = new ArrayList<>(frames.floor());
        all.addAll(frames.walls());
        all.addAll(RoofFrames.of(building));
        return all.stream().filter(f -> f.members().size() > 1).toList();
    }

    static Stream<Part.StickPart> sticks(Coop coop, Stage stage) {
        return coop.parts().stream()
                .filter(p -> p.role().stage() == stage && !p.role().is(Duty.Trait.SCAB))
                .filter(Part.StickPart.class::isInstance)
                .map(Part.StickPart.class::cast);
    }

    private List<Frame> floor() {
        List<Part.StickPart> sticks = sticks(coop, Stage.FLOOR).toList();
        if (sticks.isEmpty()) {
            return List.of();
        }
        View above = new View(building, Axis.Z, Axis.X, Axis.Y, false);
        return List.of(above.frame(Frame.Side.FLOOR, Length.ZERO, sticks, List.of()));
    }

    /** A wall as it is found: where it stands, and what lies level in it. */
    private record Wall(Axis normal, List<Part.StickPart> sticks) {
        Length from() {
            return ends().map(b -> low(b, normal)).min(Comparator.naturalOrder()).orElseThrow();
        }

        Length to() {
            return ends().map(b -> high(b, normal)).max(Comparator.naturalOrder()).orElseThrow();
        }

        private Stream<Bounds> ends() {
            return sticks.stream().map(s -> s.solid().bounds());
        }

        boolean holds(Bounds other) {
            return overlaps(from(), to(), low(other, normal), high(other, normal));
        }

        /** Whether an upright stands between its ends and beside it. */
        boolean carries(Bounds upright) {
            Axis along = normal == Axis.Y ? Axis.X : Axis.Y;
            Bounds all = ends().reduce(Bounds::with).orElseThrow();
            return holds(upright)
                    && overlaps(
                            all.z0().minus(TOUCH), all.z1().plus(TOUCH), upright.z0(), upright.z1())
                    && low(upright, along).atLeast(low(all, along).minus(BEFORE))
                    && high(upright, along).atMost(high(all, along).plus(BEFORE));
        }
    }

    private List<Frame> walls() {
        List<Wall> walls = new ArrayList<>();
        List<Part.StickPart> upright = new ArrayList<>();
        for (Part.StickPart stick : wallSticks()) {
            Bounds b = stick.solid().bounds();
            boolean thinX = b.width().atMost(THICKEST);
            boolean thinY = b.depth().atMost(THICKEST);
            if (thinX && thinY) {
                upright.add(stick);
            } else if (thinY) {
                join(walls, Axis.Y, stick);
            } else if (thinX) {
                join(walls, Axis.X, stick);
            }
        }
        List<Part.StickPart> alone = new ArrayList<>();
        for (Part.StickPart stick : upright) {
            Bounds b = stick.solid().bounds();
            walls.stream()
                    .filter(w -> w.carries(b))
                    .findFirst()
                    .ifPresentOrElse(w -> w.sticks().add(stick), () -> alone.add(stick));
        }
        walls.addAll(withoutPlates(alone, upright));
        Comparator<Wall> order = Comparator.comparing((Wall w) -> w.normal()).reversed();
        return walls.stream().sorted(order.thenComparing(Wall::from)).map(this::frame).toList();
    }

    /**
     * Uprights between two corners with nothing level over or under them: a wall with the studs of
     * its corners, from which their places are measured.
     */
    private static List<Wall> withoutPlates(
            List<Part.StickPart> alone, List<Part.StickPart> upright) {
        List<Wall> walls = new ArrayList<>();
        alone.forEach(stick -> join(walls, Axis.X, stick));
        for (Wall wall : walls) {
            Length from = wall.from();
            Length to = wall.to();
            upright.stream()
                    .filter(u -> !wall.sticks().contains(u))
                    .filter(
                            u ->
                                    overlaps(
                                            from,
                                            to,
                                            u.solid().bounds().x0(),
                                            u.solid().bounds().x1()))
                    .forEach(wall.sticks()::add);
        }
        return walls;
    }

    /** Of the walls, and posts that reach up into them. */
    private List<Part.StickPart> wallSticks() {
        List<Part.StickPart> sticks = new ArrayList<>(sticks(coop, Stage.WALLS).toList());
        Length lowest =
                sticks.stream()
                        .map(s -> s.solid().bounds().z1())
                        .max(Comparator.naturalOrder())
                        .orElse(Length.ZERO)
                        .half();
        sticks(coop, Stage.FLOOR)
                .filter(s -> s.solid().bounds().z1().compareTo(lowest) > 0)
                .filter(s -> s.solid().along() == Axis.Z)
                .forEach(sticks::add);
        return sticks;
    }

    private static void join(List<Wall> walls, Axis normal, Part.StickPart stick) {
        Bounds b = stick.solid().bounds();
        walls.stream()
                .filter(w -> w.normal() == normal && w.holds(b))
                .findFirst()
                .orElseGet(
                        () -> {
                            Wall wall = new Wall(normal, new ArrayList<>());
                            walls.add(wall);
                            return wall;
                        })
                .sticks()
                .add(stick);
    }

    private Frame frame(Wall wall) {
        Coop.Measures m = coop.measures();
        boolean along = wall.normal() == Axis.Y;
        Length all = along ? m.depth() : m.width();
        Length zero = along ? Length.ZERO : leftEdge;
        boolean first = wall.from().atMost(zero.plus(BEFORE));
        boolean last = wall.to().atLeast(zero.plus(all).minus(BEFORE));
        Frame.Side side =
                first
                        ? along ? Frame.Side.FRONT : Frame.Side.LEFT
                        : last
                                ? along ? Frame.Side.BACK : Frame.Side.RIGHT
                                : along ? Frame.Side.ALONG : Frame.Side.ACROSS;
        // Seen from outside, left is right on the back and on the left wall.
        boolean mirrored = side == Frame.Side.BACK || side == Frame.Side.LEFT;
        View view = new View(building, wall.normal(), along ? Axis.X : Axis.Y, Axis.Z, mirrored);
        return view.frame(side, wall.from().minus(zero), wall.sticks(), holes(wall));
    }

    private List<Opening> holes(Wall wall) {
        return coop.openings().stream()
                .filter(o -> flat(o.place(), wall.normal()))
                .filter(
                        o ->
                                low(o.place(), wall.normal()).atLeast(wall.from().minus(BEFORE))
                                        && high(o.place(), wall.normal())
                                                .atMost(wall.to().plus(BEFORE)))
                .toList();
    }

    private static boolean flat(Bounds place, Axis normal) {
        return low(place, normal).equals(high(place, normal));
    }

    /** Looks square on a plane. */
    private record View(int building, Axis normal, Axis across, Axis up, boolean mirrored) {
        Frame frame(
                Frame.Side side, Length off, List<Part.StickPart> sticks, List<Opening> openings) {
            Bounds all =
                    sticks.stream().map(s -> s.solid().bounds()).reduce(Bounds::with).orElseThrow();
            Length left = mirrored ? high(all, across) : low(all, across);
            Length foot = low(all, up);
            UnaryOperator<Corner> from =
                    c ->
                            new Corner(
                                    mirrored ? left.minus(c.u()) : c.u().minus(left),
                                    c.v().minus(foot));
            List<Frame.Member> members =
                    sticks.stream()
                            .map(s -> new Frame.Member(s, outline(s.solid()).map(from).toList()))
                            .sorted(
                                    Comparator.comparing(Frame.Member::left)
                                            .thenComparing(Frame.Member::low))
                            .toList();
            return new Frame(
                    building,
                    side,
                    off,
                    high(all, across).minus(low(all, across)),
                    high(all, up).minus(foot),
                    members,
                    openings.stream()
                            .filter(o -> low(o.place(), up).compareTo(high(all, up)) < 0)
                            .map(o -> hole(o, left, foot))
                            .toList());
        }

        private Stream<Corner> outline(Solid solid) {
            if (solid.along() == normal) {
                return solid.outline().stream();
            }
            Bounds b = solid.bounds();
            return Solid.rectangle(low(b, across), high(b, across), low(b, up), high(b, up))
                    .stream();
        }

        private Frame.Hole hole(Opening opening, Length left, Length foot) {
            Bounds place = opening.place();
            Length from =
                    mirrored ? left.minus(high(place, across)) : low(place, across).minus(left);
            return new Frame.Hole(
                    opening.kind(),
                    from,
                    low(place, up).minus(foot),
                    high(place, across).minus(low(place, across)),
                    high(place, up).minus(low(place, up)));
        }
    }

    private static Length low(Bounds b, Axis axis) {
        return switch (axis) {
            case X -> b.x0();
            case Y -> b.y0();
            case Z -> b.z0();
        };
    }

    private static Length high(Bounds b, Axis axis) {
        return switch (axis) {
            case X -> b.x1();
            case Y -> b.y1();
            case Z -> b.z1();
        };
    }

    private static boolean overlaps(Length a0, Length a1, Length b0, Length b1) {
        return a0.compareTo(b1) < 0 && b0.compareTo(a1) < 0;
    }
}
