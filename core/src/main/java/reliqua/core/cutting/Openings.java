package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/**
 * What comes out of the openings of panels anyway, a door leaf or a hatch: it needs no sheet of its
 * own as long as the panel about it is still to be cut.
 */
final class Openings {
    private static final GeometryFactory SHAPES = new GeometryFactory();

    private final Set<String> wanted = new HashSet<>();
    private final Map<String, List<Part.PanelPart>> out = new HashMap<>();

    Openings(List<Part> wanted) {
        for (Part part : wanted) {
            this.wanted.add(part.mark());
            if (part instanceof Part.PanelPart panel) {
                panel.cutFrom()
                        .ifPresent(
                                from ->
                                        out.computeIfAbsent(from, _ -> new ArrayList<>())
                                                .add(panel));
            }
        }
    }

    /** Whether it comes out of another panel that is wanted too. */
    boolean comesOut(Part.PanelPart panel) {
        return panel.cutFrom().filter(wanted::contains).isPresent();
    }

    /** What comes out of a panel. */
    List<Part.PanelPart> outOf(Part panel) {
        return List.copyOf(out.getOrDefault(panel.mark(), List.of()));
    }

    /** Where what comes out of a panel lies, with the panel as it lies on its sheet. */
    List<Ticket.Cut> lying(Ticket.Cut cut) {
        if (cut.parts().size() != 1 || !(cut.parts().getFirst() instanceof Part.PanelPart panel)) {
            return List.of();
        }
        return outOf(panel).stream().map(out -> lying(out, panel, cut)).toList();
    }

    private static Ticket.Cut lying(Part.PanelPart out, Part.PanelPart panel, Ticket.Cut cut) {
        Envelope whole = panel.solid().profile().getEnvelopeInternal();
        Envelope box = PanelFace.seen(out, panel);
        box.translate(-whole.getMinX(), -whole.getMinY());
        boolean upright = PanelFace.isUpright(panel);
        Geometry shape =
                SHAPES.toGeometry(
                        upright
                                ? box
                                : new Envelope(
                                        box.getMinY(),
                                        box.getMaxY(),
                                        box.getMinX(),
                                        box.getMaxX()));
        Envelope lies =
                PanelOutline.turned(shape, panel.width(), panel.height(), cut.quarters())
                        .getEnvelopeInternal();
        boolean turned = Math.floorMod(cut.quarters(), 2) == 1;
        return new Ticket.Cut(
                List.of(out),
                cut.x().plus(Length.ofMm(lies.getMinX())),
                cut.y().plus(Length.ofMm(lies.getMinY())),
                turned == upright ? out.height() : out.width(),
                turned == upright ? out.width() : out.height(),
                cut.quarters());
    }
}
