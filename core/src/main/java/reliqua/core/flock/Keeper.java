package reliqua.core.flock;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;
import reliqua.core.measure.Words;

/**
 * The person who builds and keeps, and what the place allows.
 *
 * @param body height, reach and strength
 * @param tape how lengths are read and money is written
 * @param budget what may be spent
 * @param kerf of the saw at hand
 * @param tools at hand
 * @param wishes for cleaning and collecting
 * @param hoursAWeek to build
 * @param limits of the place
 * @param trim what is cut off either end of a stick from the heap before its first piece: grit,
 *     paint and small splits sit there; nothing, unless the keeper says otherwise
 * @param hour what an hour of one's own work counts against the bill; nothing, unless the keeper
 *     says otherwise: then money comes first and work second
 */
public record Keeper(
        Body body,
        Tape tape,
        Money budget,
        Length kerf,
        Set<Tool> tools,
        Set<Wish> wishes,
        int hoursAWeek,
        Limits limits,
        Length trim,
        Money hour) {
    /** Kerf of a circular saw, the commonest powered saw in a yard. */
    public static final Length CIRCULAR_SAW = Length.mm(3);

    private static final Length MOST_TRIM = Length.mm(150);
    private static final int LONGEST_WEEK = 80;

    /**
     * Height, reach and strength.
     *
     * @param height standing
     * @param reach of an arm into a hatch
     * @param lift what one may lift; 25 kg is a common limit
     * @param helper whether a second pair of hands is there
     */
    public record Body(Length height, Length reach, Weight lift, boolean helper) {
        /** Of middling height, alone. */
        public static final Body MIDDLING =
                new Body(Length.mm(1700), Length.mm(750), Weight.ofKilograms(25), false);

        /** Refuses bodies that are not human. */
        public Body {
            if (!height.atLeast(Length.mm(900)) || !height.atMost(Length.mm(2300))) {
                throw new IllegalArgumentException(Words.say("keeper.height"));
            }
            if (!reach.atLeast(Length.mm(300)) || !reach.atMost(Length.mm(1200))) {
                throw new IllegalArgumentException(Words.say("keeper.reach"));
            }
            if (lift.grams() < 1000 || lift.grams() > 80_000) {
                throw new IllegalArgumentException(Words.say("keeper.lift"));
            }
        }

        /** What is lifted or pulled with the helper, if there is one. */
        public Weight together() {
            return helper ? new Weight(lift.grams() * 2) : lift;
        }

        public Body withHeight(Length other) {
            return new Body(other, reach, lift, helper);
        }

        public Body withReach(Length other) {
            return new Body(height, other, lift, helper);
        }

        public Body withLift(Weight other) {
            return new Body(height, reach, other, helper);
        }

        public Body withHelper(boolean other) {
            return new Body(height, reach, lift, other);
        }
    }

    /**
     * What the place allows.
     *
     * @param width outer width, if limited
     * @param depth outer depth, if limited
     * @param height height, if limited
     */
    public record Limits(Optional<Length> width, Optional<Length> depth, Optional<Length> height) {
        /** As large as one likes. */
        public static final Limits NONE =
                new Limits(Optional.empty(), Optional.empty(), Optional.empty());

        public Limits withWidth(Optional<Length> most) {
            return new Limits(most, depth, height);
        }

        public Limits withDepth(Optional<Length> most) {
            return new Limits(width, most, height);
        }

        public Limits withHeight(Optional<Length> most) {
            return new Limits(width, depth, most);
        }
    }

    /** Refuses weeks nobody has; copies the sets. */
    public Keeper {
        tools = copy(tools, Tool.class);
        wishes = copy(wishes, Wish.class);
        if (hoursAWeek < 1 || hoursAWeek > LONGEST_WEEK) {
            throw new IllegalArgumentException(Words.say("keeper.hours", LONGEST_WEEK));
        }
        if (trim.nm() < 0 || !trim.atMost(MOST_TRIM)) {
            throw new IllegalArgumentException(Words.say("keeper.trim", MOST_TRIM));
        }
        if (hour.micros() < 0) {
            throw new IllegalArgumentException(Words.say("cutting.hour", hour));
        }
    }

    private static <E extends Enum<E>> Set<E> copy(Set<E> set, Class<E> type) {
        Set<E> all = EnumSet.noneOf(type);
        all.addAll(set);
        return Collections.unmodifiableSet(all);
    }

    /** A keeper of middling height with a circular saw and ordinary hand tools, no limits. */
    public static Keeper with(Tape tape) {
        return new Keeper(
                Body.MIDDLING,
                tape,
                Money.of(60),
                CIRCULAR_SAW,
                EnumSet.of(
                        Tool.HAND_SAW,
                        Tool.CIRCULAR_SAW,
                        Tool.DRILL,
                        Tool.SNIPS,
                        Tool.STAPLE_GUN,
                        Tool.PRY_BAR),
                EnumSet.of(Wish.OUTSIDE_EGGS),
                6,
                Limits.NONE,
                Length.ZERO,
                Money.ZERO);
    }

    public Keeper withBody(Body other) {
        return new Keeper(other, tape, budget, kerf, tools, wishes, hoursAWeek, limits, trim, hour);
    }

    public Keeper withBudget(Money other) {
        return new Keeper(body, tape, other, kerf, tools, wishes, hoursAWeek, limits, trim, hour);
    }

    public Keeper withKerf(Length other) {
        return new Keeper(body, tape, budget, other, tools, wishes, hoursAWeek, limits, trim, hour);
    }

    public Keeper withHours(int other) {
        return new Keeper(body, tape, budget, kerf, tools, wishes, other, limits, trim, hour);
    }

    public Keeper withLimits(Limits other) {
        return new Keeper(body, tape, budget, kerf, tools, wishes, hoursAWeek, other, trim, hour);
    }

    public Keeper withHour(Money other) {
        return new Keeper(body, tape, budget, kerf, tools, wishes, hoursAWeek, limits, trim, other);
    }

    public Keeper withTrim(Length other) {
        return new Keeper(body, tape, budget, kerf, tools, wishes, hoursAWeek, limits, other, hour);
    }

    public Keeper withTape(Tape other) {
        return new Keeper(body, other, budget, kerf, tools, wishes, hoursAWeek, limits, trim, hour);
    }

    /** With a tool at hand, or not. */
    public Keeper with(Tool tool, boolean atHand) {
        Set<Tool> other = changed(tools, tool, atHand, Tool.class);
        return new Keeper(body, tape, budget, kerf, other, wishes, hoursAWeek, limits, trim, hour);
    }

    /** With a wish, or without. */
    public Keeper with(Wish wish, boolean wished) {
        Set<Wish> other = changed(wishes, wish, wished, Wish.class);
        return new Keeper(body, tape, budget, kerf, tools, other, hoursAWeek, limits, trim, hour);
    }

    private static <E extends Enum<E>> Set<E> changed(
            Set<E> set, E element, boolean in, Class<E> type) {
        Set<E> other = EnumSet.noneOf(type);
        other.addAll(set);
        if (in) {
            other.add(element);
        } else {
            other.remove(element);
        }
        return other;
    }

    /** Whether boards can be ripped. */
    public boolean rips() {
        return tools.stream().anyMatch(Tool::rips);
    }

    /** Whether bevels can be cut to a set angle. */
    public boolean bevels() {
        return tools.stream().anyMatch(Tool::bevels);
    }
}
