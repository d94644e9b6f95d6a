package reliqua.files;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Weights;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A design in the open exchange format of coops, version 1: every part with its shape and place,
 * the zones birds live in, nests and roosts, what meets what and what carries it. Millimetres and
 * kilograms.
 */
public final class CoopJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /** Faces smaller than this hold nothing. */
    private static final double LEAST_FACE = 1;

    /** Where a free place is looked for: heights over the floor, shares of its sides. */
    private static final double[] HEIGHTS = {150, 200, 280, 330, 400, 500};

    private static final double[] SHARES = {0.5, 0.4, 0.6, 0.3, 0.7, 0.25, 0.75};
    private static final double NEAR = 45;
    private static final double ON_THE_GROUND = 0.1;

    private final Coop coop;
    private final ObjectNode root = MAPPER.createObjectNode();

    private final OpeningsJson openings;

    private CoopJson(Coop coop) {
        this.coop = coop;
        this.openings = new OpeningsJson(coop);
    }

    /**
     * Writes a design.
     *
     * @param name of the project
     * @param birds that live in the house
     */
    public static String write(
            String name, DesignSpec spec, Coop coop, Optional<WorkPlan> plan, int birds) {
        return new CoopJson(coop).written(name, spec, plan, birds);
    }

    private String written(String name, DesignSpec spec, Optional<WorkPlan> plan, int birds) {
        root.put("version", 1).put("name", name).put("family", spec.family());
        ObjectNode lengths = root.putObject("lengths");
        spec.lengths().forEach((key, length) -> lengths.put(key, length.toMm()));
        ArrayNode addOns = root.putArray("addOns");
        spec.addOns().forEach(a -> addOns.add(a.id()));
        ArrayNode parts = root.putArray("parts");
        coop.parts().forEach(part -> part(parts.addObject(), part, plan));
        openings.write(root.putArray("openings"));
        zones(root.putArray("zones"), birds);
        fittings(root.putArray("fittings"));
        contacts();
        root.putObject("measures").put("weight", cutWeight()).put("height", height());
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void part(ObjectNode node, Part part, Optional<WorkPlan> plan) {
        node.put("id", part.mark()).put("what", Words.say("role." + part.role().name()));
        node.put("assembly", Words.say("stage." + part.role().stage().name()));
        switch (part) {
            case Part.StickPart stick -> {
                node.put("kind", "stick").put("length", stick.length().toMm());
                pair(node, "section", stick.section().thickness(), stick.section().width());
            }
            case Part.PanelPart panel -> {
                node.put("kind", "panel").put("thickness", panel.thickness().toMm());
                pair(node, "size", panel.width(), panel.height());
            }
            case Part.RoofPart sheet -> {
                node.put("kind", "roofing").put("length", sheet.length().toMm());
                pair(node, "size", sheet.fullWidth(), sheet.length());
            }
            case Part.WholePart whole -> {
                Bounds b = whole.solid().bounds();
                node.put("kind", "whole");
                node.putArray("size")
                        .add(b.width().toMm())
                        .add(b.depth().toMm())
                        .add(b.height().toMm());
            }
            case Part.MeshPart mesh -> {
                node.put("kind", "mesh").put("aperture", mesh.aperture().toMm());
                pair(node, "size", mesh.width(), mesh.length());
            }
        }
        ArrayNode solids = node.putArray("solids");
        ConvexPieces.of(part.solid()).forEach(piece -> solid(solids.addObject(), piece));
        node.put(
                "source",
                plan.flatMap(p -> p.ticketOf(part.mark())).map(t -> t.source()).orElse(null));
        node.put("visible", !part.role().hidden());
        node.put("ground", part.solid().bounds().z0().toMm() <= ON_THE_GROUND);
    }

    private static void pair(ObjectNode node, String field, Length a, Length b) {
        node.putArray(field).add(a.toMm()).add(b.toMm());
    }

    private static void solid(ObjectNode node, ConvexPieces.Piece piece) {
        ArrayNode points = node.putArray("points");
        piece.points().forEach(p -> points.addArray().add(p[0]).add(p[1]).add(p[2]));
        ArrayNode faces = node.putArray("faces");
        for (int[] face : piece.faces()) {
            ArrayNode numbers = faces.addArray();
            for (int number : face) {
                numbers.add(number);
            }
        }
    }

    private void zones(ArrayNode zones, int birds) {
        List<Zone> houses = houses();
        int share = Math.ceilDiv(birds, Math.max(1, houses.size()));
        int left = birds;
        for (Zone zone : coop.zones()) {
            int own = zone.kind() == Zone.Kind.HOUSE ? Math.min(share, left) : 0;
            left -= own;
            zone(zones.addObject(), zone).put("birds", own).put("stand", zone.stand());
        }
    }

    private List<Zone> houses() {
        return coop.zones().stream().filter(z -> z.kind() == Zone.Kind.HOUSE).toList();
    }

    /** By its kind; the second of a kind with its number. */
    private String id(Zone zone) {
        List<Zone> same = coop.zones().stream().filter(z -> z.kind() == zone.kind()).toList();
        int number = same.indexOf(zone) + 1;
        String kind = zone.kind().name().toLowerCase(Locale.ROOT);
        return number < 2 ? kind : kind + " " + number;
    }

    /** The house something is in: the one it lies nearest to from left to right. */
    private String house(Bounds b) {
        return houses().stream()
                .min(Comparator.comparingLong(z -> Math.abs(middle(z.floor()) - middle(b))))
                .map(this::id)
                .orElse("house");
    }

    private static long middle(Bounds b) {
        return b.x0().plus(b.x1()).nm() / 2;
    }

    /** A place over the floor that no part comes near. */
    private double[] freePlace(Bounds floor, double height) {
        for (double up : HEIGHTS) {
            for (double deep : SHARES) {
                for (double wide : SHARES) {
                    double[] place = {
                        floor.x0().toMm() + wide * floor.width().toMm(),
                        floor.y0().toMm() + deep * floor.depth().toMm(),
                        height + up
                    };
                    if (coop.parts().stream().noneMatch(p -> isNear(p.solid(), place))) {
                        return place;
                    }
                }
            }
        }
        throw new IllegalStateException("a house with no free place over its floor");
    }

    /** By its outline: what is bent round a place is not near it. */
    private static boolean isNear(Solid solid, double[] place) {
        Bounds b = solid.bounds();
        boolean boxed =
                within(b.x0(), b.x1(), place[0])
                        && within(b.y0(), b.y1(), place[1])
                        && within(b.z0(), b.z1(), place[2]);
        if (!boxed || solid.isBox()) {
            return boxed;
        }
        Coordinate at =
                switch (solid.along()) {
                    case X -> new Coordinate(place[1], place[2]);
                    case Y -> new Coordinate(place[0], place[2]);
                    case Z -> new Coordinate(place[0], place[1]);
                };
        return solid.profile().isWithinDistance(new GeometryFactory().createPoint(at), NEAR);
    }

    private static boolean within(Length from, Length to, double at) {
        return at > from.toMm() - NEAR && at < to.toMm() + NEAR;
    }

    private ObjectNode zone(ObjectNode node, Zone zone) {
        // The format knows a yard as a run that nothing closes at night.
        boolean yard = zone.kind() == Zone.Kind.YARD;
        String kind = (yard ? Zone.Kind.RUN : zone.kind()).name().toLowerCase(Locale.ROOT);
        node.put("id", id(zone)).put("kind", kind);
        Bounds b = zone.floor();
        ArrayNode outline = node.putArray("floor");
        for (Length[] corner :
                new Length[][] {
                    {b.x0(), b.y0()}, {b.x1(), b.y0()}, {b.x1(), b.y1()}, {b.x0(), b.y1()}
                }) {
            outline.addArray().add(corner[0].toMm()).add(corner[1].toMm());
        }
        double floor = zone.floorHeight().toMm();
        node.put("floorHeight", floor).put("headroom", zone.headroom().toMm());
        ArrayNode access = node.putArray("access");
        openings.ways(zone).forEach(access::add);
        node.put("closed", !yard);
        double[] inside = freePlace(b, floor);
        node.putArray("inside").add(inside[0]).add(inside[1]).add(inside[2]);
        return node;
    }

    private void fittings(ArrayNode fittings) {
        for (Part bar : coop.of(Role.ROOST_BAR)) {
            double length = bar instanceof Part.StickPart stick ? stick.length().toMm() : 0;
            fitting(fittings, "roost " + bar.mark(), "roost", bar.solid().bounds(), List.of(bar))
                    .put("length", length);
        }
        Map<String, List<Part>> sides = new LinkedHashMap<>();
        for (Part panel : coop.of(Role.NEST_PANEL)) {
            sides.computeIfAbsent(side(panel.solid().bounds()), _ -> new ArrayList<>()).add(panel);
        }
        double lip = coop.measures().floorHeight().plus(coop.measures().nestEntrance()).toMm();
        sides.forEach(
                (side, panels) -> {
                    Bounds box =
                            panels.stream()
                                    .map(p -> p.solid().bounds())
                                    .reduce(Bounds::with)
                                    .orElseThrow();
                    fitting(fittings, side, "nest", box, panels)
                            .put("length", 0)
                            .put("entrance", lip);
                });
    }

    private ObjectNode fitting(
            ArrayNode fittings, String id, String what, Bounds b, List<Part> parts) {
        ObjectNode node =
                fittings.addObject().put("id", id).put("what", what).put("zone", house(b));
        ArrayNode box = node.putArray("box");
        box.addArray().add(b.x0().toMm()).add(b.y0().toMm()).add(b.z0().toMm());
        box.addArray().add(b.x1().toMm()).add(b.y1().toMm()).add(b.z1().toMm());
        ArrayNode marks = node.putArray("parts");
        parts.forEach(p -> marks.add(p.mark()));
        return node;
    }

    private String side(Bounds nest) {
        String house = house(nest);
        String side = nest.x0().isPositive() ? "nests right" : "nests left";
        return houses().size() < 2 ? side : "nests of " + house;
    }

    /** Who meets whom; and from the ground up, who is carried by whom. */
    private void contacts() {
        List<Part> parts = coop.parts();
        Map<String, List<String>> neighbours = new HashMap<>();
        parts.forEach(p -> neighbours.put(p.mark(), new ArrayList<>()));
        ArrayNode joints = root.putArray("joints");
        for (int b = 0; b < parts.size(); b++) {
            for (int a = 0; a < b; a++) {
                double area = Contact.area(parts.get(a).solid(), parts.get(b).solid());
                if (area >= LEAST_FACE) {
                    String first = parts.get(a).mark();
                    String second = parts.get(b).mark();
                    joints.addObject().put("a", first).put("b", second).put("area", area);
                    neighbours.get(first).add(second);
                    neighbours.get(second).add(first);
                }
            }
        }
        supports(neighbours);
    }

    private void supports(Map<String, List<String>> neighbours) {
        ArrayNode supports = root.putArray("supports");
        Deque<String> todo = new ArrayDeque<>();
        Map<String, String> on = new LinkedHashMap<>();
        for (Part part : coop.parts()) {
            if (part.solid().bounds().z0().toMm() <= ON_THE_GROUND) {
                on.put(part.mark(), "ground");
                todo.add(part.mark());
            }
        }
        while (!todo.isEmpty()) {
            String next = todo.poll();
            for (String other : neighbours.getOrDefault(next, List.of())) {
                if (on.putIfAbsent(other, next) == null) {
                    todo.add(other);
                }
            }
        }
        on.forEach(
                (part, below) -> supports.addObject().put("part", part).putArray("on").add(below));
    }

    /** Of all that is cut; what things used whole weigh, the format leaves open. */
    private double cutWeight() {
        return coop.parts().stream()
                .filter(p -> !(p instanceof Part.WholePart))
                .mapToDouble(Weights::of)
                .sum();
    }

    private double height() {
        return coop.parts().stream()
                .mapToDouble(p -> p.solid().bounds().z1().toMm())
                .max()
                .orElse(0);
    }
}
