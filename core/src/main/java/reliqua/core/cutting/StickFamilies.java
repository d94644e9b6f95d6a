package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.measure.Length;

/**
 * Which pieces of a job must be planned together: those of one section, and those that one thing
 * can give.
 */
final class StickFamilies {
    private record Asked(Length thickness, Length width) {}

    private record Source(Length thickness, Length width, boolean round) {
        static Source of(OwnStick stick) {
            return new Source(stick.thickness(), stick.width(), stick.tip().isPresent());
        }

        static Source of(CutJob.ShopItem item) {
            return new Source(item.thickness(), item.width(), false);
        }

        boolean serves(WantedPiece p) {
            return round ? p.latitude().round().isPresent() : StickLanes.takes(p, thickness, width);
        }
    }

    private final CutJob job;

    StickFamilies(CutJob job) {
        this.job = job;
    }

    /** The families, in the order of their first pieces, each in the order of the job. */
    List<List<WantedPiece>> families() {
        List<Set<WantedPiece>> sets = new ArrayList<>();
        job.pieces().forEach(piece -> sets.add(new LinkedHashSet<>(Set.of(piece))));
        job.pieces().stream()
                .map(p -> new Asked(p.thickness(), p.width()))
                .distinct()
                .forEach(
                        asked ->
                                join(sets, p -> asked.equals(new Asked(p.thickness(), p.width()))));
        Stream.concat(
                        job.sticks().stream().map(Source::of),
                        job.shop().stream().filter(item -> !item.sheet()).map(Source::of))
                .distinct()
                .forEach(source -> join(sets, source::serves));
        job.workables().stream()
                .map(StickFamilies::sources)
                .distinct()
                .forEach(sources -> join(sets, p -> sources.stream().anyMatch(s -> s.serves(p))));
        return sets.stream()
                .map(set -> job.pieces().stream().filter(set::contains).toList())
                .toList();
    }

    private static Set<Source> sources(CutJob.Workable thing) {
        return thing.ways().stream()
                .flatMap(w -> w.gives().stream())
                .map(Source::of)
                .collect(Collectors.toSet());
    }

    private static void join(List<Set<WantedPiece>> sets, Predicate<WantedPiece> linked) {
        List<Set<WantedPiece>> touched =
                sets.stream().filter(s -> s.stream().anyMatch(linked)).toList();
        if (touched.size() > 1) {
            touched.stream().skip(1).forEach(touched.getFirst()::addAll);
            sets.removeAll(touched.subList(1, touched.size()));
        }
    }
}
