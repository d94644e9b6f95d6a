package reliqua.core.flock;

import java.util.Optional;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * Figures the keeper goes by instead of a school's.
 *
 * @param floor house floor a bird
 * @param run run a bird
 * @param roost roost a bird
 * @param nests hens to a nest box
 * @param vents vents a bird
 * @param litter depth to start with
 */
public record OwnFigures(
        Optional<Area> floor,
        Optional<Area> run,
        Optional<Length> roost,
        Optional<Integer> nests,
        Optional<Area> vents,
        Optional<Length> litter) {
    /** All by the schools. */
    public static final OwnFigures NONE =
            new OwnFigures(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());

    private static final Area LARGEST = Area.ofSquareMetres(100);
    private static final Length LONGEST = Length.mm(2000);

    /** Refuses figures that are not above zero, or beyond any bird. */
    public OwnFigures {
        floor.ifPresent(OwnFigures::area);
        run.ifPresent(OwnFigures::area);
        vents.ifPresent(OwnFigures::area);
        roost.ifPresent(OwnFigures::length);
        litter.ifPresent(OwnFigures::length);
        nests.ifPresent(hens -> require(hens >= 1 && hens <= Flock.MOST_BIRDS, hens));
    }

    private static void area(Area area) {
        require(area.um2() > 0 && LARGEST.atLeast(area), area);
    }

    private static void length(Length length) {
        require(length.isPositive() && length.atMost(LONGEST), length);
    }

    private static void require(boolean holds, Object figure) {
        if (!holds) {
            throw new IllegalArgumentException(
                    Words.say("flock.own", reliqua.core.measure.Tape.METRIC.word(figure)));
        }
    }

    public OwnFigures withFloor(Optional<Area> other) {
        return new OwnFigures(other, run, roost, nests, vents, litter);
    }

    public OwnFigures withRun(Optional<Area> other) {
        return new OwnFigures(floor, other, roost, nests, vents, litter);
    }

    public OwnFigures withRoost(Optional<Length> other) {
        return new OwnFigures(floor, run, other, nests, vents, litter);
    }

    public OwnFigures withNests(Optional<Integer> other) {
        return new OwnFigures(floor, run, roost, other, vents, litter);
    }

    public OwnFigures withVents(Optional<Area> other) {
        return new OwnFigures(floor, run, roost, nests, other, litter);
    }

    public OwnFigures withLitter(Optional<Length> other) {
        return new OwnFigures(floor, run, roost, nests, vents, other);
    }
}
