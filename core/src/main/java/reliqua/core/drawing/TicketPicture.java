package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Bevel;
import reliqua.core.cutting.PanelFace;
import reliqua.core.cutting.PanelOutline;
import reliqua.core.cutting.Slants;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * What is cut from one thing, drawn to scale: strips with running tape marks, sheets with their
 * panels.
 */
public final class TicketPicture {
    /** Strips are drawn so high whatever their width, so that marks can be read. */
    private static final double STRIP = 150;

    private static final double ABOVE = 40;

    /** Room a figure takes along the stick. */
    private static final double FIGURE = 330;

    /** Shorter pieces have room for a small mark only. */
    private static final double SHORT = 130;

    /** How much higher the next row of figures stands, in points. */
    private static final double RAISED = 15;

    private static final int MOST_ROWS = 4;

    /** A panel lower than this share of its sheet's length has no room for its size. */
    private static final double LOW = 0.075;

    /** How far above and below the middle mark and size stand, in points. */
    private static final double BESIDE = 8;

    /** Room a character of a size, and a mark over two lines of it, take on a sheet in the list. */
    private static final double CHARACTER = 45;

    private static final double THREE_LINES = 400;

    private TicketPicture() {}

    /** The drawing of a ticket. */
    public static Picture of(Ticket ticket, Tape tape) {
        return switch (ticket.material()) {
            case Stick s -> strip(ticket, s.length(), s.flaws(), Ink.WOOD, Ink.WOOD_EDGE, tape);
            case Pole p -> strip(ticket, p.length(), List.of(), Ink.WOOD, Ink.WOOD_EDGE, tape);
            case Roofing r -> strip(ticket, r.length(), r.flaws(), Ink.METAL, Ink.METAL_EDGE, tape);
            case Sheet s -> sheet(ticket, s, Ink.SHEET, tape);
            case Mesh m ->
                    sheet(
                            ticket,
                            new Sheet(
                                    Sheet.Kind.BOARD,
                                    m.aperture(),
                                    m.width(),
                                    m.length(),
                                    List.of()),
                            Ink.MESH,
                            tape);
            case Pallet _, FoundPart _, Block _, Hardware _ -> LotPicture.of(ticket.material());
        };
    }

    /**
     * Where the tape is marked: the far edge of every piece, and where one begins beyond a flaw or
     * a gap.
     */
    public static List<Length> marks(Ticket ticket) {
        List<Length> marks = new ArrayList<>();
        Length last = Length.ZERO;
        for (Ticket.Cut cut : ticket.cuts()) {
            if (cut.x().minus(last).compareTo(Length.mm(6)) > 0) {
                marks.add(cut.x());
            }
            marks.add(cut.end());
            last = cut.end();
        }
        return marks;
    }

    private static Picture strip(
            Ticket ticket, Length length, List<Flaw> flaws, Ink fill, Ink edge, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        double whole = length.toMm();
        Lanes lanes = Lanes.of(ticket, STRIP);
        sketch.rectangle(0, 0, whole, STRIP, Ink.WASTE, edge, "");
        for (int n = 0; n < ticket.cuts().size(); n++) {
            piece(sketch, ticket.cuts(), n, fill, lanes);
        }
        for (Flaw flaw : flaws) {
            double from = Math.max(0, flaw.from().toMm());
            double to = Math.min(whole, flaw.to().toMm());
            sketch.rectangle(from, lanes.top(), to, lanes.bottom(), Ink.FLAW, Ink.DANGER, "");
        }
        lanes.ripLines(sketch, whole, tape);
        sketch.line(0, -ABOVE / 2, whole, -ABOVE / 2, Ink.SOFT, false);
        tapeMarks(sketch, ticket, whole, tape);
        sketch.line(0, -ABOVE, 0, STRIP + 12, Ink.INK, true);
        sketch.reach(new Picture.Point(whole, STRIP + 40));
        return sketch.picture();
    }

    /**
     * Figures that would run into one another stand in rows, each in the lowest that has room; the
     * last keeps within the stick.
     */
    private static void tapeMarks(Picture.Sketch sketch, Ticket ticket, double whole, Tape tape) {
        double[] last = new double[MOST_ROWS];
        Arrays.fill(last, Double.NEGATIVE_INFINITY);
        int highest = 0;
        for (Length mark : marks(ticket)) {
            double x = mark.toMm();
            if (x < whole - 0.5) {
                sketch.line(x, -ABOVE, x, STRIP + 12, Ink.INK, true);
            }
            int row = row(last, x);
            last[row] = x;
            highest = Math.max(highest, row);
            Picture.Anchor anchor =
                    x > whole - FIGURE / 3 ? Picture.Anchor.RIGHT : Picture.Anchor.MIDDLE;
            sketch.label(
                    x,
                    -ABOVE - 16,
                    tape.mark(mark),
                    Picture.Size.FIGURE,
                    anchor,
                    Ink.INK,
                    -RAISED * row);
        }
        sketch.reach(new Picture.Point(0, -ABOVE - 90 - 100 * highest));
    }

    /** The lowest row with room at x; where none has, the one with most. */
    private static int row(double[] last, double x) {
        int best = 0;
        for (int row = 0; row < last.length; row++) {
            if (x - last[row] >= FIGURE) {
                return row;
            }
            best = last[row] < last[best] ? row : best;
        }
        return best;
    }

    /** The part a piece becomes; none for one that serves nothing any more. */
    private static Optional<Part> first(Ticket.Cut cut) {
        return cut.parts().stream().findFirst();
    }

    private static String tag(Ticket.Cut cut) {
        return first(cut).map(Part::mark).orElse("");
    }

    private static void piece(
            Picture.Sketch sketch, List<Ticket.Cut> cuts, int n, Ink fill, Lanes lanes) {
        Ticket.Cut cut = cuts.get(n);
        double from = cut.x().toMm();
        double to = cut.end().toMm();
        double startLean = 0;
        double endLean = 0;
        if (first(cut).orElse(null) instanceof Part.StickPart stick) {
            Optional<Bevel> slant = Slants.of(stick);
            boolean both = slant.filter(Bevel::bothEnds).isPresent();
            boolean turned = Slants.isTurned(cuts, n, stick);
            double run = slant.map(b -> b.run().toMm()).orElseGet(() -> pointed(stick, to - from));
            startLean = both || turned ? run : 0;
            endLean = both || !turned || slant.isEmpty() ? run : 0;
        }
        // All slants lean the same way, so that what is nested lies side by side.
        List<Picture.Point> outline =
                List.of(
                        new Picture.Point(from + startLean, lanes.top()),
                        new Picture.Point(to, lanes.top()),
                        new Picture.Point(to - endLean, lanes.bottom()),
                        new Picture.Point(from, lanes.bottom()));
        sketch.area(outline, List.of(), fill, Ink.INK, tag(cut));
        sketch.label(
                (from + to) / 2,
                lanes.top() + (lanes.bottom() - lanes.top()) * 0.62,
                cut.marks(),
                to - from < SHORT ? Picture.Size.NOTE : Picture.Size.FIGURE,
                Picture.Anchor.MIDDLE,
                Ink.INK);
    }

    /** How far back a pointed end is drawn. */
    private static double pointed(Part.StickPart stick, double length) {
        return Math.min(length / 2, Math.abs(stick.endCut().tan()) * STRIP);
    }

    private static Picture sheet(Ticket ticket, Sheet laid, Ink fill, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        // Laid on its side: length runs across the paper.
        double across = laid.length().toMm();
        double down = laid.width().toMm();
        sketch.area(LotPicture.edge(laid), List.of(), Ink.WASTE, Ink.WOOD_EDGE, "");
        sketch.reach(new Picture.Point(across, down));
        for (Ticket.Cut cut : ticket.cuts()) {
            double x = cut.y().toMm();
            double y = cut.x().toMm();
            double x1 = x + cut.along().toMm();
            double y1 = y + cut.across().toMm();
            Optional<Geometry> face = face(cut);
            if (face.isPresent()) {
                shape(sketch, face.get(), fill, tag(cut));
            } else {
                sketch.rectangle(x, y, x1, y1, fill, Ink.INK, tag(cut));
                diagonal(sketch, cut, x, y, x1, y1);
            }
            Picture.Point middle = face.map(TicketPicture::within).orElse(middle(x, y, x1, y1));
            List<String> lines =
                    y1 - y > LOW * across ? sizeLines(cut, x1 - x, y1 - y, tape) : List.of();
            double up = -BESIDE * lines.size();
            label(sketch, middle, cut.marks(), Picture.Size.FIGURE, up);
            for (int n = 0; n < lines.size(); n++) {
                label(sketch, middle, lines.get(n), Picture.Size.NOTE, up + 2 * BESIDE * (n + 1));
            }
        }
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
        return sketch.picture();
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

    private static Picture.Point middle(double x0, double y0, double x1, double y1) {
        return new Picture.Point((x0 + x1) / 2, (y0 + y1) / 2);
    }

    /** A place on the wood, not in an opening; laid on its side. */
    private static Picture.Point within(Geometry face) {
        Coordinate at = face.getInteriorPoint().getCoordinate();
        return new Picture.Point(at.getY(), at.getX());
    }

    private static void label(
            Picture.Sketch sketch, Picture.Point at, String words, Picture.Size size, double down) {
        sketch.label(at.x(), at.y(), words, size, Picture.Anchor.MIDDLE, Ink.INK, down);
    }

    /** A panel that is no rectangle, as it lies on its sheet. */
    private static Optional<Geometry> face(Ticket.Cut cut) {
        if (cut.parts().size() != 1 || !(first(cut).orElse(null) instanceof Part.PanelPart panel)) {
            return Optional.empty();
        }
        return PanelFace.of(panel)
                .map(
                        outline ->
                                AffineTransformation.translationInstance(
                                                cut.x().toMm(), cut.y().toMm())
                                        .transform(
                                                PanelOutline.turned(
                                                        outline.polygon(),
                                                        panel.width(),
                                                        panel.height(),
                                                        cut.quarters())));
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
        if (!(first(cut).orElse(null) instanceof Part.PanelPart panel)
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
