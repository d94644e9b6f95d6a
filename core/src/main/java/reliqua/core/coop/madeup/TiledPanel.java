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
import reliqua.core.stock.Sheet;

/**
 * A panel of wall or floor of several sheets: side by side with the seams on studs or joists, one
 * above the other with blocking let in between the studs or joists behind the seams, or both.
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
        for (Sheet sheet : supply.sheets(flat.panel().thickness())) {
            both(flat, sheet.width(), sheet.length()).ifPresent(seams::add);
            both(flat, sheet.length(), sheet.width()).ifPresent(seams::add);
        }
        for (Bounds rib : flat.ribs()) {
            Length middle = middle(rib, flat);
            if (apart(middle, flat.left(), flat.right())) {
                seams.add(new Seam(part.mark(), Seam.Kind.TILED_ACROSS, List.of(middle)));
            }
        }
        return List.copyOf(seams);
    }

    /** Rows of tiles, for sheets too narrow and too short. */
    private static Optional<Seam> both(Flat flat, Length wide, Length high) {
        if (flat.panel().lowSide().isPresent()) {
            return Optional.empty();
        }
        return strips(flat, wide)
                .flatMap(
                        places ->
                                storeys(flat, high)
                                        .map(heights -> new Tiling(places, heights))
                                        .map(
                                                tiling ->
                                                        new Seam(
                                                                flat.panel().mark(),
                                                                Seam.Kind.TILED,
                                                                tiling.at())));
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

    /**
     * Where the seams are.
     *
     * @param places of those that run up, in the house
     * @param heights of those that run across, above the bottom
     */
    private record Tiling(List<Length> places, List<Length> heights) {
        static Tiling of(Seam seam) {
            List<Length> at = seam.at();
            return switch (seam.kind()) {
                case TILED_ACROSS -> new Tiling(at, List.of());
                case TILED_UP -> new Tiling(List.of(), at);
                default -> {
                    int between = Math.max(0, at.indexOf(Length.ZERO));
                    yield new Tiling(at.subList(0, between), at.subList(between + 1, at.size()));
                }
            };
        }

        /** Places and heights with a zero between them. */
        List<Length> at() {
            List<Length> at = new ArrayList<>(places);
            at.add(Length.ZERO);
            at.addAll(heights);
            return at;
        }
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        if (seam.kind() == Seam.Kind.TILED && !seam.at().contains(Length.ZERO)) {
            return Optional.empty();
        }
        Tiling tiling = Tiling.of(seam);
        return Flat.of(part, coop)
                .filter(
                        flat ->
                                isOnRibs(flat, tiling.places())
                                        && isBlocked(flat, tiling.heights()))
                .flatMap(flat -> tiles(flat, tiling).map(tiles -> made(flat, seam, tiling, tiles)));
    }

    private static boolean isOnRibs(Flat flat, List<Length> places) {
        return places.isEmpty()
                || rising(places, flat.left(), flat.right())
                        && places.stream()
                                .allMatch(
                                        at ->
                                                flat.ribs().stream()
                                                        .anyMatch(r -> near(middle(r, flat), at)));
    }

    private static boolean isBlocked(Flat flat, List<Length> heights) {
        return heights.isEmpty()
                || flat.panel().lowSide().isEmpty()
                        && !flat.bays().isEmpty()
                        && rising(heights, Length.ZERO, flat.top().minus(flat.bottom()));
    }

    /** Row by row from below, each from the left. */
    private static Optional<List<Part>> tiles(Flat flat, Tiling tiling) {
        List<Part> tiles = new ArrayList<>();
        Length below = Length.ZERO;
        for (Length above : ends(tiling.heights(), flat.top().minus(flat.bottom()))) {
            Length from = flat.left();
            for (Length to : ends(tiling.places(), flat.right())) {
                Optional<Solid> cut = solid(flat, tiling, below, above, from, to);
                if (cut.isEmpty()) {
                    return Optional.empty();
                }
                tiles.add(
                        tiling.heights().isEmpty()
                                ? sloped(flat, tiles.size(), from, to, cut.get())
                                : panel(
                                        flat.panel(),
                                        tiles.size(),
                                        to.minus(from),
                                        above.minus(below),
                                        Optional.empty(),
                                        cut.get()));
                from = to;
            }
            below = above;
        }
        return Optional.of(tiles);
    }

    private static Optional<Solid> solid(
            Flat flat, Tiling tiling, Length below, Length above, Length from, Length to) {
        Solid whole = flat.panel().solid();
        Optional<Solid> row =
                tiling.heights().isEmpty()
                        ? Optional.of(whole)
                        : whole.between(
                                flat.up(), flat.bottom().plus(below), flat.bottom().plus(above));
        return tiling.places().isEmpty()
                ? row
                : row.flatMap(r -> r.between(flat.across(), from, to));
    }

    private static MadeUp made(Flat flat, Seam seam, Tiling tiling, List<Part> tiles) {
        List<Part> parts = new ArrayList<>(tiles);
        tiling.heights().forEach(at -> blocking(flat, flat.bottom().plus(at), parts));
        int blocks = parts.size() - tiles.size();
        int minutes = MINUTES * (tiles.size() - 1) + blocks * MINUTES_A_BLOCK;
        return new MadeUp(seam, parts, minutes);
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
