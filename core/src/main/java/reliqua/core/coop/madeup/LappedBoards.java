package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * A level wall panel of boards laid across, each over the one below by 25 mm or more: what the
 * widths add up to beyond the height is taken up by larger laps, so mixed widths always fit. They
 * are nailed to the studs and need no blocking.
 */
final class LappedBoards implements Maker {
    private static final Length LAP = Length.mm(25);
    private static final int MINUTES_A_BOARD = 6;

    private final Coop coop;
    private final Supply supply;

    LappedBoards(Coop coop, Supply supply) {
        this.coop = coop;
        this.supply = supply;
    }

    private Optional<Flat> wall(Part part) {
        return Flat.of(part, coop).filter(f -> f.up() == Axis.Z && f.panel().lowSide().isEmpty());
    }

    @Override
    public List<Seam> options(Part part) {
        return wall(part)
                .map(
                        flat ->
                                Cladding.seams(
                                        part,
                                        Seam.Kind.WEATHERBOARDED,
                                        flat.panel().thickness(),
                                        flat.right().minus(flat.left()),
                                        supply,
                                        boards -> courses(height(flat), boards)))
                .orElse(List.of());
    }

    private static Length height(Flat flat) {
        return flat.top().minus(flat.bottom());
    }

    /** Widest first until the height is covered; empty where the boards do not reach. */
    private static List<Length> courses(Length height, SortedMap<Length, Integer> boards) {
        List<Length> courses = new ArrayList<>();
        Length covered = LAP;
        for (Map.Entry<Length, Integer> kind : new ArrayList<>(boards.entrySet()).reversed()) {
            for (int n = 0; n < kind.getValue(); n++) {
                if (covered.atLeast(height)) {
                    return courses;
                }
                courses.add(kind.getKey());
                covered = covered.plus(kind.getKey()).minus(LAP);
            }
        }
        return covered.atLeast(height) ? courses : List.of();
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        return wall(part).filter(_ -> seam.at().size() > 2).flatMap(flat -> made(flat, seam));
    }

    private static Optional<MadeUp> made(Flat flat, Seam seam) {
        Length thickness = seam.at().getFirst();
        List<Length> widths = seam.at().subList(1, seam.at().size());
        Length sum = widths.stream().reduce(Length.ZERO, Length::plus);
        Length spare = sum.minus(height(flat));
        if (spare.compareTo(LAP.times(widths.size() - 1L)) < 0) {
            return Optional.empty();
        }
        List<Part> parts = new ArrayList<>();
        Length shown = Length.ZERO;
        for (int i = 0; i < widths.size(); i++) {
            // Laps are equal; the topmost board shows its whole width.
            Length lap = i == widths.size() - 1 ? Length.ZERO : spare.dividedBy(widths.size() - 1L);
            Length from = flat.bottom().plus(shown);
            Length to = i == widths.size() - 1 ? flat.top() : from.plus(widths.get(i)).minus(lap);
            Optional<Solid> solid = flat.panel().solid().between(flat.up(), from, to);
            if (solid.isEmpty()) {
                return Optional.empty();
            }
            parts.add(
                    new Part.StickPart(
                            MadeUp.mark(flat.panel(), i),
                            Role.BOARD,
                            Section.of(thickness, widths.get(i)),
                            flat.right().minus(flat.left()),
                            Angle.ZERO,
                            Angle.ZERO,
                            solid.get()));
            shown = to.minus(flat.bottom());
        }
        return Optional.of(new MadeUp(seam, parts, parts.size() * MINUTES_A_BOARD));
    }
}
