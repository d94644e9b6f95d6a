package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;

/**
 * Which sizes of a house are worth drawing up: enough floor, within the place, using up the boards
 * there are.
 */
final class HouseSizes {
    private static final String WIDTH = "width";
    private static final String DEPTH = "depth";

    /**
     * A front from a little narrower than a square house to nearly twice its side is worth looking
     * at.
     */
    private static final double WIDEST_FROM = 0.9;

    private static final double WIDEST_TO = 1.75;

    /** What lies there may be of a longer or deeper house than one would choose. */
    private static final double NARROWEST = 0.5;

    private static final double WIDEST = 2.3;

    private static final double BEYOND_LEAST = 1.3;
    private static final int SIZES = 10;
    private static final Length STEP = Length.mm(25);
    private static final Length FINE = Length.mm(3);
    private static final int ROUNDS = 6;

    private final FitRequest request;
    private final CoopFamily family;
    private final SheetOptions sheets;
    private final Sizes sizes;
    private final Length step;

    HouseSizes(FitRequest request, SheetOptions sheets, Sizes sizes) {
        this.request = request;
        this.family = request.family();
        this.sheets = sheets;
        this.sizes = sizes;
        this.step = request.keeper().tape().step();
    }

    /** The same with what follows from other lengths, where the keeper has not fixed it. */
    DesignSpec settled(DesignSpec spec) {
        return family.settled(spec, request.brief(), request.held());
    }

    DesignSpec sized(Choices choices, Length width, Length depth) {
        return family.sized(choices, request.brief(), request.held(), width, depth);
    }

    /**
     * Four feet deep and as wide as the floor needs in whole feet (or 300 mm): what one would build
     * by habit.
     */
    DesignSpec standardSize(Choices choices) {
        boolean inches = UnitSystem.ofStep(step) == UnitSystem.INCHES;
        Length module = inches ? Length.inches(12) : Length.mm(300);
        Length depth = module.times(4).max(family.depth(choices).least().ceilTo(module));
        Length width = standardWidth(depth, choices, module);
        while (width.compareTo(module.times(8)) > 0 && depth.compareTo(module.times(6)) < 0) {
            depth = depth.plus(module);
            width = standardWidth(depth, choices, module);
        }
        return sized(choices, width, depth);
    }

    private Length standardWidth(Length depth, Choices choices, Length module) {
        return leastOther(depth, choices).max(family.width(choices).least()).ceilTo(module);
    }

    /** The other outer side that gives the floor needed, inside the framing. */
    Length leastOther(Length side, Choices choices) {
        return family.leastOther(side, choices, request.brief());
    }

    /** Each width worth trying with the least depth for it, and the other way round. */
    List<DesignSpec> tightSizes(Choices choices) {
        List<DesignSpec> tight = new ArrayList<>();
        Length leastWidth = family.width(choices).least();
        Length leastDepth = family.depth(choices).least();
        widths(choices)
                .forEach(w -> tight.add(sized(choices, w, leastOther(w, choices).max(leastDepth))));
        depths(choices)
                .forEach(d -> tight.add(sized(choices, leastOther(d, choices).max(leastWidth), d)));
        return tight;
    }

    boolean within(DesignSpec spec) {
        boolean enough = leastOther(spec.depth(), spec.choices()).atMost(spec.width());
        boolean bothHeld = request.held().containsKey(WIDTH) && request.held().containsKey(DEPTH);
        return (enough || bothHeld)
                && spec.width().atMost(widthMost(spec.choices()))
                && spec.depth().atMost(depthMost(spec.choices()));
    }

    /** Why no size at all can be tried: what is held is more than the place or the kind allows. */
    Optional<Sum> obstacle(Choices choices) {
        Optional<Sum> wide = tooLong(WIDTH, widthMost(choices));
        return wide.or(() -> tooLong(DEPTH, depthMost(choices))).or(() -> tooSmall(choices));
    }

    private Optional<Sum> tooLong(String key, Length most) {
        return held(key)
                .filter(length -> length.compareTo(most) > 0)
                .map(length -> Sum.of("fit.heldLong", Sum.of("dimension." + key), length, most));
    }

    private Optional<Sum> tooSmall(Choices choices) {
        Length wide = held(WIDTH).orElseGet(() -> widthMost(choices));
        Length deep = held(DEPTH).orElseGet(() -> depthMost(choices));
        return leastOther(deep, choices).atMost(wide)
                ? Optional.empty()
                : Optional.of(Sum.of("fit.tooSmall", wide, deep, request.needs().floor()));
    }

    private Length widthMost(Choices choices) {
        Length most = family.width(choices).most();
        return request.keeper().limits().width().orElse(most).min(most);
    }

    private Length depthMost(Choices choices) {
        Length most = family.depth(choices).most();
        return request.keeper().limits().depth().orElse(most).min(most);
    }

    List<Length> widths(Choices choices) {
        return held(WIDTH).isPresent() ? List.of(held(WIDTH).get()) : freeWidths(choices);
    }

    /** Every width from the least to the most worth looking at, in small steps. */
    List<Length> widthsInSteps(Choices choices) {
        CoopFamily.Side side = family.width(choices);
        if (held(WIDTH).isPresent() || !side.only().isEmpty()) {
            return widths(choices);
        }
        return steps(range(side, choices, NARROWEST, WIDEST, widthMost(choices)), STEP);
    }

    /** Widths up to such a step away, in finer ones. */
    List<Length> widthsNear(DesignSpec house) {
        CoopFamily.Side side = family.width(house.choices());
        if (held(WIDTH).isPresent() || !side.only().isEmpty()) {
            return List.of();
        }
        Length least = house.width().minus(STEP).max(side.least());
        Length most = house.width().plus(STEP).min(widthMost(house.choices()));
        return steps(new Range(least, most), FINE);
    }

    private List<Length> steps(Range range, Length by) {
        List<Length> widths = new ArrayList<>();
        Length next = range.least().ceilTo(step);
        while (next.atMost(range.most())) {
            widths.add(next);
            next = next.plus(by.ceilTo(step));
        }
        return widths;
    }

    private Optional<Length> held(String key) {
        return Optional.ofNullable(request.held().get(key));
    }

    private List<Length> freeWidths(Choices choices) {
        return worthTrying(
                family.width(choices), choices, WIDEST_FROM, WIDEST_TO, widthMost(choices));
    }

    List<Length> depths(Choices choices) {
        return held(DEPTH).isPresent() ? List.of(held(DEPTH).get()) : freeDepths(choices);
    }

    private List<Length> freeDepths(Choices choices) {
        List<Length> depths =
                worthTrying(
                        family.depth(choices),
                        choices,
                        1 / WIDEST_TO,
                        1 / WIDEST_FROM,
                        depthMost(choices));
        return Stream.concat(depths.stream(), reached(choices).stream()).distinct().toList();
    }

    /** The deepest floor whose every corner is reached by a back that opens. */
    private Optional<Length> reached(Choices choices) {
        if (request.practice().cleaning() == Practice.Cleaning.OWN
                || !family.addOns().contains(AddOn.BACK_HATCH)) {
            return Optional.empty();
        }
        Length wall = choices.section(Choices.Group.WALLS).width();
        Length depth = request.keeper().body().reach().plus(wall).floorTo(step);
        boolean fits = depth.atLeast(family.depth(choices).least());
        return Optional.of(depth).filter(_ -> fits).filter(d -> d.atMost(depthMost(choices)));
    }

    /** From and to so many sides of a square house, and always some beyond the least side. */
    private List<Length> worthTrying(
            CoopFamily.Side side, Choices choices, double from, double to, Length most) {
        if (!side.only().isEmpty()) {
            return side.only().stream().filter(s -> s.atMost(most)).toList();
        }
        Range range = range(side, choices, from, to, most);
        return sizes.worthTrying(
                choices, side.groups(), side.less(), sheets, range.least(), range.most(), SIZES);
    }

    private record Range(Length least, Length most) {}

    private Range range(
            CoopFamily.Side side, Choices choices, double from, double to, Length most) {
        Length square = square(choices);
        return new Range(
                square.scaled(from).max(side.least()),
                square.scaled(to).max(side.least().scaled(BEYOND_LEAST)).min(most));
    }

    /**
     * Side of a square one that is large enough: the mean of a side and what it asks of the other
     * comes close in a few rounds, as a square root does.
     */
    private Length square(Choices choices) {
        Length side = family.depth(choices).most();
        for (int round = 0; round < ROUNDS; round++) {
            side = side.plus(leastOther(side, choices)).half();
        }
        return side;
    }
}
