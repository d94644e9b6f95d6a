package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import reliqua.core.measure.Length;

/**
 * Which pieces of a job must be planned together: those of one section, and those that one thing
 * can give.
 */
final class StickFamilies {
    private record Asked(Length thickness, Length width) {}

    private final CutJob job;

    StickFamilies(CutJob job) {
        this.job = job;
    }

    /** The families, in the order of their first pieces, each in the order of the job. */
    List<List<CutJob.Piece>> families() {
        List<Set<CutJob.Piece>> sets = new ArrayList<>();
        job.pieces().forEach(piece -> sets.add(new LinkedHashSet<>(Set.of(piece))));
        job.pieces().stream()
                .map(p -> new Asked(p.thickness(), p.width()))
                .distinct()
                .forEach(asked -> join(sets, p -> asked.equals(new Asked(p.thickness(), p.width()))));
        job.sticks().forEach(stick -> join(sets, p -> serves(stick, p)));
        for (CutJob.Workable thing : job.workables()) {
            join(
                    sets,
                    p ->
                            thing.ways().stream()
                                    .flatMap(w -> w.gives().stream())
                                    .anyMatch(stick -> serves(stick, p)));
        }
        job.shop().stream()
                .filter(item -> !item.sheet())
                .forEach(item -> join(sets, p -> serves(item, p)));
        return sets.stream()
                .map(set -> job.pieces().stream().filter(set::contains).toList())
                .toList();
    }

    private static boolean serves(CutJob.OwnStick stick, CutJob.Piece p) {
        return stick.tip().isPresent()
                ? p.latitude().round().isPresent()
                : StickLanes.takes(p, stick);
    }

    private static boolean serves(CutJob.ShopItem item, CutJob.Piece p) {
        return StickLanes.takes(p, item.thickness(), item.width());
    }

    private static void join(List<Set<CutJob.Piece>> sets, Predicate<CutJob.Piece> linked) {
        List<Set<CutJob.Piece>> touched =
                sets.stream().filter(s -> s.stream().anyMatch(linked)).toList();
        if (touched.size() > 1) {
            touched.stream().skip(1).forEach(touched.getFirst()::addAll);
            sets.removeAll(touched.subList(1, touched.size()));
        }
    }
}
