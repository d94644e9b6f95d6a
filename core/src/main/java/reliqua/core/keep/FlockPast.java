package reliqua.core.keep;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;

/** How many birds there were on a day, counted back from those there are. */
final class FlockPast {
    private final Flock now;
    private final List<Entry> changes;

    FlockPast(Flock now, List<Entry> log) {
        this.now = now;
        this.changes = log.stream().filter(e -> by(e.what()) != 0).toList().reversed();
    }

    /** What a happening does to the number of hens. */
    private static int by(Happening what) {
        return switch (what) {
            case Happening.Joined j when !j.birds().cocks() -> j.birds().count();
            case Happening.Left l when !l.birds().cocks() -> -l.birds().count();
            case Happening.Lost l when !l.birds().cocks() -> -l.birds().count();
            default -> 0;
        };
    }

    private static BirdClass kind(Happening what) {
        return switch (what) {
            case Happening.Joined j -> j.birds().kind();
            case Happening.Left l -> l.birds().kind();
            case Happening.Lost l -> l.birds().kind();
            default -> BirdClass.STANDARD;
        };
    }

    /** Hens of each class at the end of a day; those that came or went later are reckoned back. */
    Map<BirdClass, Integer> hens(LocalDate day) {
        Map<BirdClass, Integer> hens = new java.util.EnumMap<>(BirdClass.class);
        hens.putAll(now.hens());
        for (Entry change : changes) {
            if (!change.day().isAfter(day)) {
                break;
            }
            hens.merge(kind(change.what()), -by(change.what()), Integer::sum);
        }
        hens.replaceAll((_, n) -> Math.max(0, n));
        return hens;
    }
}
