package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.function.Function;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/** Which boards can stand for the sheet of a wall. */
final class Cladding {
    /** Thinner boards split at their nails. */
    private static final Length THINNEST = Length.mm(12);

    /** So much thicker or thinner than the sheet they stand for; doors and nests keep their fit. */
    private static final Length THICKER = Length.mm(7);

    private static final Length THINNER = Length.mm(3);

    private Cladding() {}

    /**
     * A seam for every thickness of boards that fill a wall.
     *
     * @param length of each board, at least
     * @param fill the widths to take of what there is; empty where it does not fill
     */
    static List<Seam> seams(
            Part wall,
            Seam.Kind kind,
            Length skin,
            Length length,
            Supply supply,
            Function<SortedMap<Length, Integer>, List<Length>> fill) {
        List<Seam> seams = new ArrayList<>();
        supply.boards(THINNEST.max(skin.minus(THINNER)), skin.plus(THICKER), length)
                .forEach(
                        (thickness, boards) -> {
                            List<Length> widths = fill.apply(boards);
                            if (!widths.isEmpty()) {
                                List<Length> at = new ArrayList<>(List.of(thickness));
                                at.addAll(widths);
                                seams.add(new Seam(wall.mark(), kind, at));
                            }
                        });
        return seams;
    }
}
