package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import reliqua.core.coop.Part;
import reliqua.core.cutting.PanelFace;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.Sheet;

/** What is cut from a sheet or a roll: its panels as they lie, the sheet on its side. */
final class SheetPicture {
    /** A panel lower than this share of its sheet's length has no room for its size. */
    private static final double LOW = 0.075;

    /** Near enough for the place of a word, in millimetres. */
    private static final double FINE = 5;

    /** How far above and below the middle mark and size stand, in points. */
    private static final double BESIDE = 8;

    /** Room a character of a size, and a mark over two lines of it, take on a sheet in the list. */
    private static final double CHARACTER = 45;

    private static final double THREE_LINES = 400;

    private SheetPicture() {}

    static Picture of(Ticket ticket, Sheet laid, Ink fill, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        // Laid on its side: length runs across the paper.
        double across = laid.length().toMm();
        double down = laid.width().toMm();
        sketch.area(LotPicture.edge(laid), List.of(), Ink.WASTE, Ink.WOOD_EDGE, "");
        sketch.reach(new Picture.Point(across, down));
        ticket.cuts().forEach(cut -> piece(sketch, cut, fill));
        for (FlawArea flaw : laid.flaws()) {
            sketch.rectangle(
                    Math.max(0, flaw.y().toMm()),
                    Math.max(0, flaw.x().toMm()),
                    Math.min(across, flaw.y().plus(flaw.length()).toMm()),
                    Math.min(down, flaw.x().plus(flaw.width()).toMm()),
                    Ink.FLAW,
                    Ink.DANGER,
                    "");
        }
        ticket.cuts().forEach(cut -> words(sketch, cut, across, tape));
        return sketch.picture();
    }

    private static void piece(Picture.Sketch sketch, Ticket.Cut cut, Ink fill) {
        double x = cut.y().toMm();
        double y = cut.x().toMm();
        double x1 = x + cut.along().toMm();
        double y1 = y + cut.across().toMm();
        Optional<Geometry> face = PanelFace.lying(cut);
        if (face.isPresent()) {
            shape(sketch, face.get(), fill, TicketPicture.tag(cut));
        } else {
            sketch.rectangle(x, y, x1, y1, fill, Ink.INK, TicketPicture.tag(cut));
            diagonal(sketch, cut, x, y, x1, y1);
        }
    }

    /** Mark and size, on the wood: of a panel with an opening where it is broadest. */
    private static void words(Picture.Sketch sketch, Ticket.Cut cut, double across, Tape tape) {
        double wide = cut.along().toMm();
        double high = cut.across().toMm();
        Picture.Point middle =
                new Picture.Point(cut.y().toMm() + wide / 2, cut.x().toMm() + high / 2);
        Optional<Geometry> face = PanelFace.lying(cut);
        if (face.isPresent() && isOpen(face.get())) {
            MaximumInscribedCircle broadest = new MaximumInscribedCircle(face.get(), FINE);
            middle = onItsSide(broadest.getCenter().getCoordinate());
            wide = 2 * broadest.getRadiusLine().getLength();
            high = wide;
        } else if (face.isPresent()) {
            middle = onItsSide(face.get().getInteriorPoint().getCoordinate());
        }
        List<String> lines = high > LOW * across ? sizeLines(cut, wide, high, tape) : List.of();
        double up = -BESIDE * lines.size();
        label(sketch, middle, cut.marks(), Picture.Size.FIGURE, up);
        for (int n = 0; n < lines.size(); n++) {
            label(sketch, middle, lines.get(n), Picture.Size.NOTE, up + 2 * BESIDE * (n + 1));
        }
    }

    private static boolean isOpen(Geometry face) {
        return face instanceof Polygon polygon && polygon.getNumInteriorRing() > 0;
    }

    private static Picture.Point onItsSide(Coordinate at) {
        return new Picture.Point(at.getY(), at.getX());
    }

    /** Its size in one line, or two, or not at all where it would run over the edges. */
    private static List<String> sizeLines(Ticket.Cut cut, double wide, double high, Tape tape) {
        String along = tape.mark(cut.along());
        String across = tape.mark(cut.across());
        String line = along + " x " + across;
        if (line.length() * CHARACTER <= wide) {
            return List.of(line);
        }
        boolean two = Math.max(along.length() + 2, across.length()) * CHARACTER <= wide;
        return two && high >= THREE_LINES ? List.of(along + " x", across) : List.of();
    }

    private static void label(
            Picture.Sketch sketch, Picture.Point at, String words, Picture.Size size, double down) {
        sketch.label(at.x(), at.y(), words, size, Picture.Anchor.MIDDLE, Ink.INK, down);
    }

    private static void shape(Picture.Sketch sketch, Geometry face, Ink fill, String tag) {
        if (face instanceof Polygon polygon) {
            List<List<Picture.Point>> holes = new ArrayList<>();
            for (int n = 0; n < polygon.getNumInteriorRing(); n++) {
                holes.add(points(polygon.getInteriorRingN(n)));
            }
            sketch.area(points(polygon.getExteriorRing()), holes, fill, Ink.INK, tag);
        }
    }

    /** Laid on its side. */
    private static List<Picture.Point> points(LinearRing ring) {
        Coordinate[] corners = ring.getCoordinates();
        return Arrays.stream(corners)
                .limit(corners.length - 1L)
                .map(c -> new Picture.Point(c.getY(), c.getX()))
                .toList();
    }

    /** The sloped cut that parts two panels in one rectangle. */
    private static void diagonal(
            Picture.Sketch sketch, Ticket.Cut cut, double x, double y, double x1, double y1) {
        if (!(TicketPicture.first(cut).orElse(null) instanceof Part.PanelPart panel)
                || panel.lowSide().isEmpty()) {
            return;
        }
        double high = panel.height().toMm();
        double low = panel.lowSide().get().toMm();
        boolean lengthwise = Math.abs(panel.width().toMm() - (y1 - y)) < 1;
        if (lengthwise) {
            sketch.line(x + high, y, x + low, y1, Ink.INK, true);
        } else {
            sketch.line(x, y + high, x1, y + low, Ink.INK, true);
        }
    }
}
