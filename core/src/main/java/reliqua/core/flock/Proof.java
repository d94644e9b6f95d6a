package reliqua.core.flock;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import reliqua.core.measure.Length;

/**
 * What keeps the animals out that are about: of each thing the strongest that one of them asks for.
 *
 * @param nearBirds aperture of mesh where birds sleep near it
 * @param elsewhere aperture of mesh elsewhere
 * @param gap largest gap
 * @param apron against diggers
 * @param latch two motions and a clip
 * @param cover over the run
 * @param feed closed or hung at night
 * @param fence electric, with advice
 */
public record Proof(
        Demand<Length> nearBirds,
        Demand<Length> elsewhere,
        Demand<Length> gap,
        Demand<Boolean> apron,
        Demand<Boolean> latch,
        Demand<Boolean> cover,
        Demand<Boolean> feed,
        Demand<Boolean> fence) {

    /**
     * Something asked for, and by which animals; by none when it is the usual.
     *
     * @param value what is asked for
     * @param by the animals that ask for it
     */
    public record Demand<T>(T value, Set<Predator> by) {
        /** Copies the set. */
        public Demand {
            Set<Predator> all = EnumSet.noneOf(Predator.class);
            all.addAll(by);
            by = java.util.Collections.unmodifiableSet(all);
        }
    }

    /** Rats are everywhere: 12.7 mm near sleeping birds whatever is about. */
    public static final Length USUAL_NEAR_BIRDS = Length.inches(1, 2);

    /** Mesh that no dog or fox breaks. */
    public static final Length USUAL_ELSEWHERE = Length.inches(1);

    /** Mice and rats come through more. */
    public static final Length USUAL_GAP = Length.mm(12);

    /** What the animals about ask for. */
    public static Proof against(Set<Predator> about) {
        return new Proof(
                least(about, USUAL_NEAR_BIRDS, p -> Optional.of(p.apertureNearBirds())),
                least(about, USUAL_ELSEWHERE, p -> Optional.of(p.apertureElsewhere())),
                least(about, USUAL_GAP, Predator::gap),
                any(about, Predator::digs),
                any(about, Predator::opensLatches),
                any(about, Predator::comesFromAbove),
                any(about, Predator::takesFeed),
                any(about, p -> p.reach() == Predator.Reach.BREAKS));
    }

    /** The least of what is usual and what is asked for, and who asks for that little. */
    private static Demand<Length> least(
            Set<Predator> about, Length usual, Function<Predator, Optional<Length>> asked) {
        List<Length> all = about.stream().map(asked).flatMap(Optional::stream).toList();
        Length least = all.stream().min(Comparator.naturalOrder()).orElse(usual).min(usual);
        return new Demand<>(
                least,
                about.stream()
                        .filter(p -> asked.apply(p).filter(l -> l.atMost(least)).isPresent())
                        .collect(java.util.stream.Collectors.toSet()));
    }

    private static Demand<Boolean> any(
            Set<Predator> about, java.util.function.Predicate<Predator> asks) {
        Set<Predator> by = about.stream().filter(asks).collect(java.util.stream.Collectors.toSet());
        return new Demand<>(!by.isEmpty(), by);
    }
}
