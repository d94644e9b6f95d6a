package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import reliqua.core.measure.Length;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;

/** The rectangles a sheet is left with when its panels are cut out, openings among them. */
final class LeftOfSheet {
    /** Smaller rectangles of a sheet are not kept. */
    private static final Length NARROWEST = Length.mm(150);

    private static final int MOST = 3;

    /** Thinner slices of a face only come of rounding, in millimetres. */
    private static final double THIN = 0.01;

    private static final GeometryFactory SHAPES = new GeometryFactory();

    private final Length width;
    private final Length length;
    private final Length kerf;
    private final List<FlawArea> taken = new ArrayList<>();

    LeftOfSheet(Length width, Length length, List<FlawArea> barred, Length kerf) {
        this.width = width;
        this.length = length;
        this.kerf = kerf;
        taken.addAll(barred);
    }

    /** The largest free rectangle, then the largest beside it, a few times. */
    List<FlawArea> after(List<Ticket.Cut> cuts) {
        cuts.forEach(this::take);
        List<FlawArea> kept = new ArrayList<>();
        for (int n = 0; n < MOST; n++) {
            Optional<FlawArea> largest = largest();
            if (largest.isEmpty()) {
                return kept;
            }
            kept.add(largest.get());
            take(
                    largest.get().x(),
                    largest.get().y(),
                    largest.get().width(),
                    largest.get().length());
        }
        return kept;
    }

    private void take(Ticket.Cut cut) {
        Optional<Geometry> face = PanelFace.lying(cut);
        if (face.isEmpty()) {
            take(cut.x(), cut.y(), cut.across(), cut.along());
        } else {
            slices(face.get()).forEach(this::take);
        }
    }

    private void take(Envelope box) {
        take(
                Length.ofMm(box.getMinX()),
                Length.ofMm(box.getMinY()),
                Length.ofMm(box.getWidth()),
                Length.ofMm(box.getHeight()));
    }

    private void take(Length x, Length y, Length across, Length along) {
        taken.add(
                new FlawArea(
                        Flaw.Kind.MISSING,
                        x.minus(kerf),
                        y.minus(kerf),
                        across.plus(kerf.times(2)),
                        along.plus(kerf.times(2))));
    }

    /**
     * Rectangles that cover a face: between every two heights of its corners what lies side by
     * side. A sloped edge counts as far as it reaches, which is on the safe side.
     */
    private static List<Envelope> slices(Geometry face) {
        TreeSet<Double> heights = new TreeSet<>();
        for (var corner : face.getCoordinates()) {
            heights.add(corner.getY());
        }
        Envelope all = face.getEnvelopeInternal();
        List<Envelope> slices = new ArrayList<>();
        double from = heights.first();
        for (double to : heights.tailSet(from, false)) {
            if (to - from > THIN) {
                Envelope band = new Envelope(all.getMinX(), all.getMaxX(), from, to);
                Geometry part = face.intersection(SHAPES.toGeometry(band));
                for (int n = 0; n < part.getNumGeometries(); n++) {
                    if (part.getGeometryN(n).getArea() > 0) {
                        slices.add(part.getGeometryN(n).getEnvelopeInternal());
                    }
                }
            }
            from = to;
        }
        return slices;
    }

    private Optional<FlawArea> largest() {
        TreeSet<Length> xs = new TreeSet<>(List.of(Length.ZERO));
        TreeSet<Length> ys = new TreeSet<>(List.of(Length.ZERO));
        taken.forEach(
                t -> {
                    xs.add(t.x().plus(t.width()).max(Length.ZERO));
                    ys.add(t.y().plus(t.length()).max(Length.ZERO));
                });
        return xs.stream()
                .flatMap(x -> ys.stream().flatMap(y -> at(x, y).stream()))
                .filter(b -> b.width().atLeast(NARROWEST) && b.length().atLeast(NARROWEST))
                .max(Comparator.comparingDouble(b -> b.width().toMetres() * b.length().toMetres()));
    }

    /** The largest rectangle with this corner: as wide as each obstacle above allows. */
    private Optional<FlawArea> at(Length x, Length y) {
        TreeSet<Length> tops = new TreeSet<>(List.of(length));
        taken.stream().map(FlawArea::y).filter(t -> t.compareTo(y) > 0).forEach(tops::add);
        FlawArea best = null;
        for (Length top : tops) {
            Length right = right(x, y, top.min(length));
            Length high = top.min(length).minus(y);
            Length wide = right.minus(x);
            if (wide.isPositive()
                    && high.isPositive()
                    && (best == null
                            || wide.toMetres() * high.toMetres()
                                    > best.width().toMetres() * best.length().toMetres())) {
                best = new FlawArea(Flaw.Kind.MISSING, x, y, wide, high);
            }
        }
        return Optional.ofNullable(best);
    }

    /** How far right from x nothing stands between the two levels. */
    private Length right(Length x, Length from, Length to) {
        Length right = width;
        for (FlawArea t : taken) {
            boolean level = t.y().compareTo(to) < 0 && t.y().plus(t.length()).compareTo(from) > 0;
            if (level && t.x().plus(t.width()).compareTo(x) > 0) {
                right = right.min(t.x().max(x));
            }
        }
        return right;
    }
}
