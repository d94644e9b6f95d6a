package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * A panel of wall or floor of two sheets: side by side with the seam on a stud or joist, or one
 * above the other with blocking let in between the studs or joists behind the seam.
 */
final class TiledPanel implements Maker {
    private static final Length NARROWEST = Length.mm(150);
    private static final int MINUTES = 6;
    private static final int MINUTES_A_BLOCK = 7;

    private final Coop coop;
    private final Supply supply;

    TiledPanel(Coop coop, Supply supply) {
        this.coop = coop;
        this.supply = supply;
    }

    @Override
    public List<Seam> options(Part part) {
        Optional<Flat> seen = Flat.of(part, coop);
        if (seen.isEmpty()) {
            return List.of();
        }
        Flat flat = seen.get();
        List<Seam> seams = new ArrayList<>();
        for (Bounds rib : flat.ribs()) {
            Length middle = middle(rib, flat);
            if (apart(middle, flat.left(), flat.right())) {
                seams.add(new Seam(part.mark(), Seam.Kind.TILED_ACROSS, List.of(middle)));
            }
        }
        if (flat.panel().lowSide().isEmpty()) {
            for (Length side : supply.sides(flat.panel().thickness())) {
                if (apart(flat.bottom().plus(side), flat.bottom(), flat.top())) {
                    seams.add(new Seam(part.mark(), Seam.Kind.TILED_UP, List.of(side)));
                }
            }
        }
        return seams;
    }

    private static Length middle(Bounds rib, Flat flat) {
        Length low = Flat.low(rib, flat.across());
        return low.plus(Flat.high(rib, flat.across()).minus(low).half());
    }

    private static boolean apart(Length seam, Length low, Length high) {
        return seam.minus(low).atLeast(NARROWEST) && high.minus(seam).atLeast(NARROWEST);
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (seam.at().size() != 1) {
            return Optional.empty();
        }
        Length at = seam.at().getFirst();
        return Flat.of(part, coop)
                .flatMap(
                        flat ->
                                seam.kind() == Seam.Kind.TILED_ACROSS
                                        ? across(flat, seam, at)
                                        : up(flat, seam, at));
    }

    private static Optional<MadeUp> across(Flat flat, Seam seam, Length at) {
        boolean onRib = flat.ribs().stream().anyMatch(rib -> near(middle(rib, flat), at));
        if (!onRib || !apart(at, flat.left(), flat.right())) {
            return Optional.empty();
        }
        Solid whole = flat.panel().solid();
        Optional<Solid> left = whole.between(flat.across(), flat.left(), at);
        Optional<Solid> right = whole.between(flat.across(), at, flat.right());
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new MadeUp(
                        seam,
                        List.of(
                                sloped(flat, 0, flat.left(), at, left.get()),
                                sloped(flat, 1, at, flat.right(), right.get())),
                        MINUTES));
    }

    /** A file keeps hundredths of a millimetre at least. */
    private static boolean near(Length a, Length b) {
        return Math.abs(a.minus(b).nm()) < 10_000;
    }

    private static Part sloped(Flat flat, int n, Length from, Length to, Solid solid) {
        Length a = flat.heightAt(from);
        Length b = flat.heightAt(to);
        return panel(
                flat.panel(),
                n,
                to.minus(from),
                a.max(b),
                flat.panel().lowSide().map(_ -> a.min(b)),
                solid);
    }

    private static Part panel(
            Part.PanelPart whole,
            int n,
            Length width,
            Length height,
            Optional<Length> low,
            Solid solid) {
        return new Part.PanelPart(
                MadeUp.mark(whole, n),
                whole.role(),
                whole.thickness(),
                width,
                height,
                low,
                Optional.empty(),
                solid);
    }

    private static Optional<MadeUp> up(Flat flat, Seam seam, Length lower) {
        Length at = flat.bottom().plus(lower);
        if (flat.panel().lowSide().isPresent() || !apart(at, flat.bottom(), flat.top())) {
            return Optional.empty();
        }
        Solid whole = flat.panel().solid();
        Optional<Solid> low = whole.between(flat.up(), flat.bottom(), at);
        Optional<Solid> high = whole.between(flat.up(), at, flat.top());
        if (low.isEmpty() || high.isEmpty() || flat.bays().isEmpty()) {
            return Optional.empty();
        }
        Length width = flat.right().minus(flat.left());
        List<Part> parts = new ArrayList<>();
        parts.add(panel(flat.panel(), 0, width, lower, Optional.empty(), low.get()));
        parts.add(
                panel(flat.panel(), 1, width, flat.top().minus(at), Optional.empty(), high.get()));
        blocking(flat, at, parts);
        int blocks = parts.size() - 2;
        return Optional.of(new MadeUp(seam, parts, MINUTES + blocks * MINUTES_A_BLOCK));
    }

    /** A block in every bay, flat side to the panel, its middle on the line. */
    static void blocking(Flat flat, Length at, List<Part> parts) {
        for (List<Bounds> bay : flat.bays()) {
            Bounds rib = bay.getFirst();
            Length from = Flat.high(rib, flat.across());
            Length to = Flat.low(bay.getLast(), flat.across());
            Section section = section(rib, flat);
            Length half = section.thickness().half();
            parts.add(
                    new Part.StickPart(
                            MadeUp.mark(flat.panel(), parts.size()),
                            Role.BLOCKING,
                            section,
                            to.minus(from),
                            Angle.ZERO,
                            Angle.ZERO,
                            block(rib, flat, from, to, at.minus(half), at.plus(half))));
        }
    }

    private static Section section(Bounds rib, Flat flat) {
        Length thick = Flat.high(rib, flat.across()).minus(Flat.low(rib, flat.across()));
        Length deep =
                switch (flat.across()) {
                    case X -> flat.up() == reliqua.core.coop.Axis.Z ? rib.depth() : rib.height();
                    default -> rib.width();
                };
        return new Section(thick.min(deep), thick.max(deep));
    }

    private static Solid block(
            Bounds rib, Flat flat, Length from, Length to, Length low, Length high) {
        if (flat.up() != reliqua.core.coop.Axis.Z) {
            return Solid.box(from, to, low, high, rib.z0(), rib.z1());
        }
        return flat.across() == reliqua.core.coop.Axis.X
                ? Solid.box(from, to, rib.y0(), rib.y1(), low, high)
                : Solid.box(rib.x0(), rib.x1(), from, to, low, high);
    }
}
