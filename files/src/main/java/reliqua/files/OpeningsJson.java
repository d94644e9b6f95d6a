package reliqua.files;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Stage;
import reliqua.core.coop.Zone;
import reliqua.core.measure.Length;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The openings of a coop in the open format. Nest entrances lead into boxes that are closed
 * themselves, and openings that are not rectangles have no outline yet: both are left out.
 */
final class OpeningsJson {
    /** What closes an opening is no farther from it. */
    private static final Length NEAR = Length.mm(60);

    private final Coop coop;

    /** Those that are written, by their ids. */
    private final Map<String, Opening> written = new LinkedHashMap<>();

    OpeningsJson(Coop coop) {
        this.coop = coop;
        coop.openings().stream()
                .filter(this::isWritten)
                .forEach(o -> written.put(id(o, written.size() + 1), o));
    }

    void write(ArrayNode openings) {
        written.forEach((id, opening) -> write(openings.addObject(), opening, id));
    }

    /** Ids of the openings the keeper gets or reaches in by. */
    List<String> ways(Zone zone) {
        return written.entrySet().stream()
                .filter(e -> isWay(e.getValue()) && zone(e.getValue()) == zone.kind())
                .filter(e -> isBefore(e.getValue().place(), zone))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** By a hatch for the hand, or for birds in the floor itself, nobody reaches the floor. */
    private static boolean isWay(Opening opening) {
        return opening.isHinged()
                && opening.kind() != Opening.Kind.HAND_HATCH
                && opening.kind() != Opening.Kind.FLOOR_HATCH;
    }

    /** Of two houses side by side each has its own. */
    private boolean isBefore(Bounds place, Zone zone) {
        boolean alone = coop.zones().stream().filter(z -> z.kind() == zone.kind()).count() == 1;
        return alone
                || place.x0().compareTo(zone.floor().x1()) < 0
                        && place.x1().compareTo(zone.floor().x0()) > 0;
    }

    private boolean isWritten(Opening opening) {
        boolean rectangle = opening.height().equals(opening.place().height());
        return rectangle
                && opening.kind() != Opening.Kind.NEST_ENTRANCE
                && !closing(opening).isEmpty();
    }

    private static String id(Opening opening, int number) {
        return opening.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ') + " " + number;
    }

    private Zone.Kind zone(Opening opening) {
        if (opening.kind() == Opening.Kind.YARD_GATE) {
            return Zone.Kind.YARD;
        }
        boolean run = coop.zones().stream().anyMatch(z -> z.kind() == Zone.Kind.RUN);
        return run && opening.kind() == Opening.Kind.GATE ? Zone.Kind.RUN : Zone.Kind.HOUSE;
    }

    private void write(ObjectNode node, Opening opening, String id) {
        List<Part> closing = closing(opening);
        Optional<Part.MeshPart> mesh =
                closing.stream()
                        .filter(Part.MeshPart.class::isInstance)
                        .map(Part.MeshPart.class::cast)
                        .findFirst();
        node.put("id", id).put("what", opening.kind().name().toLowerCase(Locale.ROOT));
        node.put("zone", zone(opening).name().toLowerCase(Locale.ROOT));
        corners(node.putArray("corners"), opening.place());
        node.put("closedBy", closedBy(opening, closing));
        if (closedBy(opening, closing).equals("mesh")) {
            node.put("aperture", mesh.orElseThrow().aperture().toMm());
        } else {
            node.putNull("aperture");
        }
        ArrayNode parts = node.putArray("parts");
        closing.forEach(p -> parts.add(p.mark()));
    }

    private static String closedBy(Opening opening, List<Part> closing) {
        if (opening.isVent()) {
            return "mesh";
        }
        return closing.stream().anyMatch(Part.WholePart.class::isInstance) ? "find" : "leaf";
    }

    private static void corners(ArrayNode corners, Bounds b) {
        boolean front = b.depth().equals(Length.ZERO);
        Length[] ends = front ? new Length[] {b.x0(), b.x1()} : new Length[] {b.y0(), b.y1()};
        corner(corners, front ? ends[0] : b.x0(), front ? b.y0() : ends[0], b.z0());
        corner(corners, front ? ends[1] : b.x0(), front ? b.y0() : ends[1], b.z0());
        corner(corners, front ? ends[1] : b.x0(), front ? b.y0() : ends[1], b.z1());
        corner(corners, front ? ends[0] : b.x0(), front ? b.y0() : ends[0], b.z1());
    }

    private static void corner(ArrayNode corners, Length x, Length y, Length z) {
        corners.addArray().add(x.toMm()).add(y.toMm()).add(z.toMm());
    }

    private List<Part> closing(Opening opening) {
        return coop.parts().stream().filter(p -> closes(p, opening)).toList();
    }

    private static boolean closes(Part part, Opening opening) {
        boolean kind =
                opening.isVent()
                        ? part instanceof Part.MeshPart
                        : part.role().stage() == Stage.DOORS || isOfGate(part, opening);
        return kind && covers(part.solid().bounds(), opening.place());
    }

    private static boolean isOfGate(Part part, Opening opening) {
        boolean gate =
                opening.kind() == Opening.Kind.GATE || opening.kind() == Opening.Kind.YARD_GATE;
        return gate && (part instanceof Part.MeshPart || part.role().stage() == Stage.RUN);
    }

    /** Whether it lies before or in the opening, and beyond its edges no more than it must. */
    private static boolean covers(Bounds part, Bounds place) {
        Length near = NEAR;
        boolean front = place.depth().equals(Length.ZERO);
        boolean across =
                front
                        ? part.x0().compareTo(place.x1()) < 0 && part.x1().compareTo(place.x0()) > 0
                        : part.y0().compareTo(place.y1()) < 0
                                && part.y1().compareTo(place.y0()) > 0;
        boolean up = part.z0().compareTo(place.z1()) < 0 && part.z1().compareTo(place.z0()) > 0;
        boolean in =
                front
                        ? part.y0().minus(near).atMost(place.y0())
                                && part.y1().plus(near).atLeast(place.y0())
                        : part.x0().minus(near).atMost(place.x0())
                                && part.x1().plus(near).atLeast(place.x0());
        return across && up && in;
    }
}
