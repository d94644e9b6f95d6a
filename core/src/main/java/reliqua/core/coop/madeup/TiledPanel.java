package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * A panel of wall or floor of several sheets: side by side with the seams on studs or joists, or
 * one above the other with blocking let in between the studs or joists behind the seams.
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
        Set<Seam> seams = new LinkedHashSet<>();
        // What sheets of the heap just give comes first.
        for (Length side : supply.sides(flat.panel().thickness())) {
            strips(flat, side)
                    .map(at -> new Seam(part.mark(), Seam.Kind.TILED_ACROSS, at))
                    .ifPresent(seams::add);
            if (flat.panel().lowSide().isEmpty()) {
                storeys(flat, side)
                        .map(at -> new Seam(part.mark(), Seam.Kind.TILED_UP, at))
                        .ifPresent(seams::add);
            }
        }
        for (Bounds rib : flat.ribs()) {
            Length middle = middle(rib, flat);
            if (apart(middle, flat.left(), flat.right())) {
                seams.add(new Seam(part.mark(), Seam.Kind.TILED_ACROSS, List.of(middle)));
            }
        }
        return List.copyOf(seams);
    }

    /** Seams on framing, each strip as wide as a sheet allows. */
    private static Optional<List<Length>> strips(Flat flat, Length side) {
        List<Length> seams = new ArrayList<>();
        Length at = flat.left();
        while (flat.right().minus(at).compareTo(side) > 0) {
            Length from = at;
            Optional<Length> next =
                    flat.ribs().stream()
                            .map(rib -> middle(rib, flat))
                            .filter(m -> m.minus(from).atMost(side))
                            .filter(m -> apart(m, from, flat.right()))
                            .max(Comparator.naturalOrder());
            if (next.isEmpty()) {
                return Optional.empty();
            }
            seams.add(next.get());
            at = next.get();
        }
        return Optional.of(seams).filter(s -> !s.isEmpty());
    }

    /** Heights of the seams above the bottom, each tile as high as a sheet allows. */
    private static Optional<List<Length>> storeys(Flat flat, Length side) {
        List<Length> seams = new ArrayList<>();
        Length height = flat.top().minus(flat.bottom());
        for (Length at = side; at.compareTo(height) < 0; at = at.plus(side)) {
            // A last strip too narrow to hold takes some of the one below.
            seams.add(at.min(height.minus(NARROWEST)));
        }
        return Optional.of(seams).filter(s -> rising(s, Length.ZERO, height));
    }

    /** Whether there are seams, in order, with tiles wide enough between. */
    private static boolean rising(List<Length> seams, Length low, Length high) {
        Length last = low;
        for (Length at : seams) {
            if (!apart(at, last, high)) {
                return false;
            }
            last = at;
        }
        return !seams.isEmpty();
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
        return Flat.of(part, coop)
                .flatMap(
                        flat ->
                                seam.kind() == Seam.Kind.TILED_ACROSS
                                        ? across(flat, seam)
                                        : up(flat, seam));
    }

    private static Optional<MadeUp> across(Flat flat, Seam seam) {
        boolean onRibs =
                seam.at().stream()
                        .allMatch(
                                at ->
                                        flat.ribs().stream()
                                                .anyMatch(rib -> near(middle(rib, flat), at)));
        if (!onRibs || !rising(seam.at(), flat.left(), flat.right())) {
            return Optional.empty();
        }
        Solid whole = flat.panel().solid();
        List<Part> parts = new ArrayList<>();
        Length from = flat.left();
        for (Length to : ends(seam.at(), flat.right())) {
            Optional<Solid> tile = whole.between(flat.across(), from, to);
            if (tile.isEmpty()) {
                return Optional.empty();
            }
            parts.add(sloped(flat, parts.size(), from, to, tile.get()));
            from = to;
        }
        return Optional.of(new MadeUp(seam, parts, MINUTES * seam.at().size()));
    }

    private static List<Length> ends(List<Length> seams, Length last) {
        List<Length> ends = new ArrayList<>(seams);
        ends.add(last);
        return ends;
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

    private static Optional<MadeUp> up(Flat flat, Seam seam) {
        Length height = flat.top().minus(flat.bottom());
        if (flat.panel().lowSide().isPresent()
                || flat.bays().isEmpty()
                || !rising(seam.at(), Length.ZERO, height)) {
            return Optional.empty();
        }
        Solid whole = flat.panel().solid();
        Length width = flat.right().minus(flat.left());
        List<Part> parts = new ArrayList<>();
        Length from = flat.bottom();
        for (Length above : ends(seam.at(), height)) {
            Length to = flat.bottom().plus(above);
            Optional<Solid> tile = whole.between(flat.up(), from, to);
            if (tile.isEmpty()) {
                return Optional.empty();
            }
            parts.add(
                    panel(
                            flat.panel(),
                            parts.size(),
                            width,
                            to.minus(from),
                            Optional.empty(),
                            tile.get()));
            from = to;
        }
        int tiles = parts.size();
        seam.at().forEach(at -> blocking(flat, flat.bottom().plus(at), parts));
        int blocks = parts.size() - tiles;
        int minutes = MINUTES * seam.at().size() + blocks * MINUTES_A_BLOCK;
        return Optional.of(new MadeUp(seam, parts, minutes));
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
