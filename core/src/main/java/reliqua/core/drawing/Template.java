package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Sum;

/**
 * A piece of paper to cut out and lay on wood: an end or a seat of a stick that is not cut square,
 * or a small panel, at its true size.
 *
 * @param role what such parts are
 * @param where on the part it lies
 * @param marks of the parts it serves; for some it is turned over
 * @param picture a millimetre of it is a millimetre of wood
 */
public record Template(Role role, Where where, List<String> marks, Picture picture) {
    /** Where on a part a template lies. */
    public enum Where {
        /** All of it. */
        WHOLE,
        END,
        /** Between the ends: where it sits on another. */
        SEAT
    }

    /** What goes on a page with its margins, along and across. */
    private static final double ALONG = 168;

    private static final double ACROSS = 190;

    /** Corners nearer to each other than this are one. */
    private static final double FINE = 0.5;

    /** Round things have more corners. */
    private static final int MOST_CORNERS = 14;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Copies the marks. */
    public Template {
        marks = List.copyOf(marks);
    }

    /** What it is of, in words. */
    public Sum words() {
        return Sum.of("template." + where.name(), Sum.of("role." + role.name()));
    }

    /** All that a coop is marked out with, those for most parts first. */
    public static List<Template> of(Coop coop) {
        Map<List<Object>, Cut> alike = new LinkedHashMap<>();
        Map<List<Object>, List<String>> marks = new LinkedHashMap<>();
        for (Part part : coop.parts()) {
            for (Cut cut : cuts(part)) {
                alike.putIfAbsent(cut.key(), cut);
                List<String> served = marks.computeIfAbsent(cut.key(), _ -> new ArrayList<>());
                if (!served.contains(part.mark())) {
                    served.add(part.mark());
                }
            }
        }
        return alike.entrySet().stream()
                .map(e -> e.getValue().template(marks.get(e.getKey())))
                .sorted(Comparator.comparing(t -> -t.marks().size()))
                .toList();
    }

    private static List<Cut> cuts(Part part) {
        if (part.solid().isBox() || part.solid().outline().size() > MOST_CORNERS) {
            return List.of();
        }
        return switch (part) {
            case Part.StickPart stick -> ofStick(stick);
            case Part.PanelPart panel -> ofPanel(panel).stream().toList();
            case Part.RoofPart _, Part.MeshPart _, Part.WholePart _ -> List.of();
        };
    }

    private static List<Cut> ofStick(Part.StickPart stick) {
        Polygon flat = flat(stick);
        Envelope all = flat.getEnvelopeInternal();
        boolean lengthwise = all.getWidth() > stick.length().toMm() * 0.8;
        if (!lengthwise || all.getHeight() > ACROSS) {
            return List.of();
        }
        if (all.getWidth() <= ALONG) {
            return window(stick.role(), Where.WHOLE, flat, 0).stream().toList();
        }
        List<Cut> cuts = new ArrayList<>();
        window(stick.role(), Where.END, flat, 0).ifPresent(cuts::add);
        window(stick.role(), Where.END, flat, all.getWidth() - ALONG).ifPresent(cuts::add);
        double shown = ALONG;
        for (double seat : seats(flat)) {
            if (seat > shown && seat < all.getWidth() - ALONG) {
                window(stick.role(), Where.SEAT, flat, seat - ALONG / 2).ifPresent(cuts::add);
                shown = seat + ALONG / 2;
            }
        }
        return cuts;
    }

    private static Optional<Cut> ofPanel(Part.PanelPart panel) {
        Polygon flat = flat(panel);
        Envelope all = flat.getEnvelopeInternal();
        return all.getWidth() <= ALONG && all.getHeight() <= ACROSS
                ? window(panel.role(), Where.WHOLE, flat, 0)
                : Optional.empty();
    }

    /** The outline in millimetres, its longest edge level, its least corner at zero. */
    private static Polygon flat(Part part) {
        List<Corner> outline = part.solid().outline();
        Coordinate[] ring = new Coordinate[outline.size() + 1];
        for (int n = 0; n < ring.length; n++) {
            Corner c = outline.get(n % outline.size());
            ring[n] = new Coordinate(c.u().toMm(), c.v().toMm());
        }
        int longest = 0;
        for (int n = 0; n + 1 < ring.length; n++) {
            if (ring[n].distance(ring[n + 1]) > ring[longest].distance(ring[longest + 1])) {
                longest = n;
            }
        }
        double angle =
                Math.atan2(
                        ring[longest + 1].y - ring[longest].y,
                        ring[longest + 1].x - ring[longest].x);
        Geometry turned =
                AffineTransformation.rotationInstance(-angle)
                        .transform(GEOMETRY.createPolygon(ring));
        Envelope all = turned.getEnvelopeInternal();
        return (Polygon)
                AffineTransformation.translationInstance(-all.getMinX(), -all.getMinY())
                        .transform(turned);
    }

    /** Where the outline turns in: the heels of seats, along the stick. */
    private static List<Double> seats(Polygon flat) {
        Coordinate[] ring = flat.getExteriorRing().getCoordinates();
        double turn = Math.signum(signedArea(ring));
        List<Double> seats = new ArrayList<>();
        for (int n = 0; n + 1 < ring.length; n++) {
            Coordinate a = ring[(n + ring.length - 2) % (ring.length - 1)];
            Coordinate b = ring[n];
            Coordinate c = ring[n + 1];
            double cross = (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
            if (cross * turn < -FINE) {
                seats.add(b.x);
            }
        }
        seats.sort(Comparator.naturalOrder());
        return seats;
    }

    private static double signedArea(Coordinate[] ring) {
        double area = 0;
        for (int n = 0; n + 1 < ring.length; n++) {
            area += ring[n].x * ring[n + 1].y - ring[n + 1].x * ring[n].y;
        }
        return area;
    }

    /** What of an outline lies on a piece of paper; nothing where that is cut square. */
    private static Optional<Cut> window(Role role, Where where, Polygon flat, double from) {
        Envelope all = flat.getEnvelopeInternal();
        Geometry paper =
                GEOMETRY.toGeometry(new Envelope(from, from + ALONG, -1, all.getMaxY() + 1));
        Geometry seen = flat.intersection(paper);
        if (!(seen instanceof Polygon piece)
                || piece.getEnvelopeInternal().getArea() - piece.getArea() < FINE) {
            return Optional.empty();
        }
        Geometry moved = AffineTransformation.translationInstance(-from, 0).transform(piece);
        return Optional.of(new Cut(role, where, (Polygon) moved));
    }

    private record Cut(Role role, Where where, Polygon piece) {
        /** The same for pieces that are each other's mirror images: paper is turned over. */
        private List<Object> key() {
            List<Object> key = new ArrayList<>(List.of(role, where));
            Stream.of(piece, turned(-1, 1), turned(1, -1), turned(-1, -1))
                    .map(Cut::corners)
                    .min(Comparator.naturalOrder())
                    .ifPresent(key::add);
            return key;
        }

        private Polygon turned(int x, int y) {
            Geometry turned = AffineTransformation.scaleInstance(x, y).transform(piece);
            Envelope all = turned.getEnvelopeInternal();
            return (Polygon)
                    AffineTransformation.translationInstance(-all.getMinX(), -all.getMinY())
                            .transform(turned);
        }

        private static String corners(Geometry polygon) {
            StringBuilder corners = new StringBuilder();
            for (Coordinate c : polygon.norm().getCoordinates()) {
                corners.append(Math.round(c.x / FINE)).append(' ');
                corners.append(Math.round(c.y / FINE)).append(' ');
            }
            return corners.toString();
        }

        private Template template(List<String> marks) {
            Picture.Sketch sketch = new Picture.Sketch();
            List<Picture.Point> outline = new ArrayList<>();
            Coordinate[] ring = piece.getExteriorRing().getCoordinates();
            double high = piece.getEnvelopeInternal().getMaxY();
            for (int n = 0; n + 1 < ring.length; n++) {
                outline.add(new Picture.Point(ring[n].x, high - ring[n].y));
            }
            sketch.area(outline, List.of(), Ink.NONE, Ink.INK, "");
            Coordinate middle = piece.getInteriorPoint().getCoordinate();
            sketch.label(
                    middle.x,
                    high - middle.y,
                    marks.getFirst(),
                    Picture.Size.NOTE,
                    Picture.Anchor.MIDDLE,
                    Ink.INK);
            return new Template(role, where, marks, sketch.picture());
        }
    }
}
