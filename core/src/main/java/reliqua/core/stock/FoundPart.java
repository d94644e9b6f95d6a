package reliqua.core.stock;

import java.util.List;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * An odd thing that was made for something else.
 *
 * @param kind what it was
 * @param sizes width, height, depth or length, as far as measured; at most three
 */
public record FoundPart(Kind kind, List<Length> sizes) implements Material {
    /** What a thing can serve as in a coop. */
    public enum Use {
        GLAZING,
        DOOR,
        HATCH,
        NEST,
        FEEDER,
        WATERER,
        WALL_PANEL,
        ARCH,
        WHEELS,
        COVER,
        /** What a droppings board is covered with, to be hosed off. */
        LINING,
        /** The floor of a house, with its frame. */
        PLATFORM,
        /** Nests in a row under a lid, hung outside a wall. */
        NEST_BOX,
        /** One side of a run: it stands in the yard already. */
        RUN_WALL
    }

    /** What a thing was, and what it can serve as. */
    public enum Kind {
        WINDOW(Use.GLAZING, Use.HATCH),
        DOOR(Use.DOOR),
        CABINET_DOOR(Use.HATCH, Use.DOOR),
        CRATE(Use.NEST),
        TUB(Use.WATERER, Use.FEEDER, Use.NEST),
        BUCKET(Use.NEST, Use.FEEDER),
        DRAWER(Use.NEST),
        COOLER(Use.NEST),
        PANEL(Use.WALL_PANEL, Use.HATCH),
        HOOP(Use.ARCH),
        PIPE(Use.ARCH),
        WHEEL(Use.WHEELS),
        AXLE(Use.WHEELS),
        TARP(Use.COVER),
        FLOORING(Use.LINING),
        PLATFORM(Use.PLATFORM),
        NEST_BOX(Use.NEST_BOX),
        /** A wall or close fence that stands in the yard and stays there. */
        STANDING_WALL(Use.RUN_WALL);

        private final Set<Use> uses;

        Kind(Use first, Use... more) {
            this.uses = java.util.EnumSet.of(first, more);
        }

        /** What it can serve as. */
        public Set<Use> uses() {
            return java.util.Collections.unmodifiableSet(uses);
        }
    }

    /** Refuses sizes that are not above zero and more than three of them. */
    public FoundPart {
        sizes = List.copyOf(sizes);
        if (sizes.size() > 3 || sizes.stream().anyMatch(s -> !s.isPositive())) {
            throw new IllegalArgumentException(Words.say("stock.found"));
        }
    }

    /** The largest size; zero when none was measured. */
    public Length longest() {
        return sizes.stream().reduce(Length.ZERO, Length::max);
    }
}
