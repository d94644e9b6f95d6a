package reliqua.core.coop.family;

import java.util.Comparator;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * Draws up a house under a single slope: front with pop door and door, high; back low, where the
 * roof drains; nests hung outside the right wall, and the left where one side is too short.
 */
final class ShedHouse {
    /** Softwood, dry, kg/m³. */
    private static final double WOOD = 450;

    /** Sheet, kg/m³. */
    private static final double SHEET = 620;

    /** Steel roofing of 0.4 mm, kg/m². */
    private static final double ROOFING = 4.5;

    /** Welded mesh of 12.7 mm, kg/m². */
    private static final double MESH = 1.2;

    private ShedHouse() {}

    /**
     * Draws up the house.
     *
     * @throws Unbuildable when the dimensions or choices do not make one
     */
    static Coop build(ShedDimensions dimensions, DesignSpec spec, Brief brief, ShedKind kind)
            throws Unbuildable {
        ShedLayout at = new ShedLayout(dimensions, spec, brief, kind);
        Needs needs = brief.needs();
        PartsBook book = new PartsBook();
        int right = at.nestsRight();
        int left = needs.nests() - right;
        new FloorBuilder(at, book).build();
        EndWallBuilder ends = new EndWallBuilder(at, book);
        SideWallBuilder leftWall = new SideWallBuilder(at, book, false, left);
        SideWallBuilder rightWall = new SideWallBuilder(at, book, true, right);
        ends.frame();
        leftWall.frame();
        rightWall.frame();
        RoofBuilder roof = new RoofBuilder(at, book);
        roof.rafters();
        roof.purlins();
        String doorPanel = ends.skins();
        leftWall.skin();
        rightWall.skin();
        roof.roofing();
        new DoorBuilder(at, book).build(doorPanel);
        nestBoxes(at, book, left, right);
        new RoostBuilder(at, book).build();
        GroundBuilder ground = new GroundBuilder(at, book);
        ground.ramp();
        roof.vents();
        if (at.runOut().isPresent()) {
            new RunBuilder(at, book).build();
        }
        ground.underside();
        checkHeadroom(at);
        List<Part> parts =
                book.parts().stream().sorted(Comparator.comparing(p -> p.role().stage())).toList();
        return new Coop(parts, book.openings(), measures(at, parts, book.openings()));
    }

    private static void nestBoxes(ShedLayout at, PartsBook book, int left, int right) {
        if (right > 0) {
            new NestBoxBuilder(at, book, true, right).build();
        }
        if (left > 0) {
            new NestBoxBuilder(at, book, false, left).build();
        }
    }

    private static void checkHeadroom(ShedLayout at) throws Unbuildable {
        if (at.roostBars() > 0) {
            ShedLayout.require(
                    headroom(at).atLeast(at.needs.headroom()),
                    Sum.of("family.headroom", headroom(at), at.needs.headroom(), at.d.back()));
            Length top = at.roostTop().minus(at.deckTop());
            ShedLayout.require(
                    top.atMost(at.needs.roostHeight()),
                    Sum.of("family.roostHigh", top, at.needs.roostHeight()));
        }
    }

    private static Length headroom(ShedLayout at) {
        return at.rafterBottom(at.roostAt(0)).minus(at.roostTop());
    }

    private static Coop.Measures measures(ShedLayout at, List<Part> parts, List<Opening> openings) {
        Length sd = at.wall().width().times(2);
        Area vents =
                openings.stream()
                        .filter(Opening::isVent)
                        .map(Opening::area)
                        .reduce(Area.ZERO, Area::plus);
        Length height =
                parts.stream().map(p -> p.solid().bounds().z1()).reduce(Length.ZERO, Length::max);
        return new Coop.Measures(
                at.d.width(),
                at.d.depth(),
                height,
                Area.of(at.d.width().minus(sd), at.d.depth().minus(sd)),
                at.deckTop(),
                at.d.clear(),
                at.roostSpan().times(at.roostBars()),
                at.roostBars() == 0 ? Length.ZERO : at.roostTop().minus(at.deckTop()),
                at.needs.nests(),
                at.needs.nests() == 0 ? Length.ZERO : at.nestLip().minus(at.deckTop()),
                vents,
                at.roostBars() == 0 ? at.d.back() : headroom(at),
                at.runOut().map(length -> Area.of(at.d.width(), length)).orElse(Area.ZERO),
                at.kind.standing() ? at.standing() : Length.ZERO,
                reach(at),
                at.pitch(),
                GroundBuilder.RAMP,
                weight(parts));
    }

    /** From the nearer jamb of the clean-out door to the corner of the floor farthest from it. */
    private static Length reach(ShedLayout at) {
        Length sd = at.wall().width();
        Length deep = at.d.depth().minus(sd);
        Length sideways =
                at.door().from().minus(sd).max(at.d.width().minus(sd).minus(at.door().to()));
        return new Length(Math.round(Math.hypot(deep.nm(), sideways.nm())));
    }

    private static Weight weight(List<Part> parts) {
        double kilograms = 0;
        for (Part part : parts) {
            kilograms +=
                    switch (part) {
                        case Part.StickPart stick -> stick.solid().cubicMetres() * WOOD;
                        case Part.PanelPart panel -> panel.solid().cubicMetres() * SHEET;
                        case Part.RoofPart roof ->
                                Area.of(roof.length(), roof.fullWidth()).toSquareMetres() * ROOFING;
                        case Part.MeshPart mesh ->
                                mesh.role() == Role.APRON ? 0 : mesh.area().toSquareMetres() * MESH;
                    };
        }
        return Weight.ofKilograms(kilograms);
    }
}
