package reliqua.core.coop;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.madeup.MadeUp;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Weight;

/**
 * A coop, whole: what it is made of and what can be measured of it.
 *
 * @param parts every part, in the order of the build
 * @param openings every hole in the closed boundary
 * @param zones the rooms birds live in, the house first
 * @param measures what can be measured
 * @param terrain the ground it stands on
 */
public record Coop(
        List<Part> parts,
        List<Opening> openings,
        List<Zone> zones,
        Measures measures,
        Terrain terrain) {
    /** Copies the lists. */
    public Coop {
        parts = List.copyOf(parts);
        openings = List.copyOf(openings);
        zones = List.copyOf(zones);
    }

    /** On level ground. */
    public Coop(List<Part> parts, List<Opening> openings, List<Zone> zones, Measures measures) {
        this(parts, openings, zones, measures, Terrain.LEVEL);
    }

    /** The same on its ground with other parts. */
    public Coop withParts(List<Part> others) {
        return new Coop(others, openings, zones, measures, terrain);
    }

    /** The houses it is made of, by number; most coops are one. */
    public List<Building> buildings() {
        return Building.of(this);
    }

    /** Whether it is more than one house. */
    public boolean isSeveral() {
        return Building.count(this) > 1;
    }

    /** The part with this mark. */
    public Optional<Part> find(String mark) {
        return parts.stream().filter(p -> p.mark().equals(mark)).findFirst();
    }

    /** The same house with some parts made up of several, each in the place of the whole. */
    public Coop with(Collection<MadeUp> madeUp) {
        Map<String, MadeUp> byMark = new HashMap<>();
        madeUp.forEach(m -> byMark.put(m.seam().mark(), m));
        List<Part> built =
                parts.stream()
                        .flatMap(
                                p ->
                                        byMark.containsKey(p.mark())
                                                ? byMark.get(p.mark()).parts().stream()
                                                : Stream.of(p))
                        .sorted(Comparator.comparing(p -> p.role().stage()))
                        .toList();
        return withParts(built);
    }

    /** Parts of which this is true. */
    public List<Part> that(Duty.Trait trait) {
        return parts.stream().filter(p -> p.role().is(trait)).toList();
    }

    /** Parts of one role. */
    public List<Part> of(Role role) {
        return parts.stream().filter(p -> p.role() == role).toList();
    }

    /** The box that holds the house without the apron on the ground. */
    public Bounds bounds() {
        return parts.stream()
                .filter(p -> !p.role().is(Duty.Trait.LIES_OUT))
                .map(p -> p.solid().bounds())
                .reduce(Bounds::with)
                .orElseThrow();
    }

    /**
     * What can be measured of a coop.
     *
     * @param width outer width of the frame
     * @param depth outer depth of the frame
     * @param height from the ground to the ridge
     * @param floor clear floor inside the framing
     * @param floorHeight of the deck above the ground
     * @param clearBelow from the ground to the floor frame
     * @param roost length of all bars
     * @param roostTop of the lowest bar above the floor
     * @param nests boxes
     * @param nestEntrance lip of the nest entrances above the floor
     * @param vents permanent openings
     * @param headroom least from a roost to the rafters
     * @param run ground of the run; nothing where none is built on
     * @param standing clear height where the keeper stands inside; zero in a house that one does
     *     not go into
     * @param reach from the nearest way in to the farthest point of the floor
     * @param pitch of the roof
     * @param rampPitch of the ramp
     * @param weight of everything, dry
     */
    public record Measures(
            Length width,
            Length depth,
            Length height,
            Area floor,
            Length floorHeight,
            Length clearBelow,
            Length roost,
            Length roostTop,
            int nests,
            Length nestEntrance,
            Area vents,
            Length headroom,
            Area run,
            Length standing,
            Length reach,
            Angle pitch,
            Angle rampPitch,
            Weight weight) {
        /** The same of another width. */
        Measures wide(Length other) {
            return with(other, weight);
        }

        /** The same of another weight. */
        public Measures weighing(Weight other) {
            return with(width, other);
        }

        private Measures with(Length otherWidth, Weight otherWeight) {
            return new Measures(
                    otherWidth,
                    depth,
                    height,
                    floor,
                    floorHeight,
                    clearBelow,
                    roost,
                    roostTop,
                    nests,
                    nestEntrance,
                    vents,
                    headroom,
                    run,
                    standing,
                    reach,
                    pitch,
                    rampPitch,
                    otherWeight);
        }
    }
}
