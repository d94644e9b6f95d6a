package reliqua.core.cutting;

import java.util.Set;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/**
 * What the keeper's tools can do to a stick.
 *
 * @param kerf of a cut, along or across
 * @param tools at hand
 * @param trim cut off either end of a stick from the heap
 * @param hour what an hour of work counts
 */
public record Workshop(Length kerf, Set<Tool> tools, Length trim, Money hour) {
    /** The old edge is dressed off once before lanes are measured. */
    public static final Length LOST_EDGE = Length.mm(2);

    /** A lane narrower than this cannot be held against the fence. */
    public static final Length NARROWEST = Length.mm(18);

    /** A small table saw cuts so deep from both faces. */
    public static final Length DEEPEST = Length.mm(140);

    private static final int SET_UP = 3;

    /** Copies the set. */
    public Workshop {
        tools = Set.copyOf(tools);
    }

    /** Where ends are good as they are. */
    Workshop(Length kerf, Set<Tool> tools, Money hour) {
        this(kerf, tools, Length.ZERO, hour);
    }

    public static Workshop of(Keeper keeper) {
        return new Workshop(keeper.kerf(), keeper.tools(), keeper.trim(), keeper.hour());
    }

    /** A saw and nothing else. */
    public static Workshop plain(Length kerf) {
        return new Workshop(kerf, Set.of(), Length.ZERO, Money.ZERO);
    }

    /**
     * What so many minutes of work beforehand count, rounded to a hundredth so that sums stay
     * plain.
     */
    public Money charge(int minutes) {
        return charge(hour, minutes);
    }

    static Money charge(Money hour, int minutes) {
        long cent = Money.cents(1).micros();
        return new Money(Math.round((double) hour.micros() * minutes / 60 / cent) * cent);
    }

    /** Whether boards are ripped: by table saw, or by circular saw along a guide. */
    public boolean rips() {
        return tools.stream().anyMatch(Tool::rips);
    }

    /** Whether boards are sawn thinner: on edge, against the fence of a table saw. */
    public boolean thins() {
        return tools.contains(Tool.TABLE_SAW);
    }

    /** Whether pallets can be pried apart. */
    public boolean pries() {
        return tools.contains(Tool.PRY_BAR);
    }

    /**
     * Minutes for so many cuts along a stick: setting up, then a metre a minute on a table saw and
     * half of that along a guide.
     */
    public int minutes(int cuts, Length length) {
        double perMetre = tools.contains(Tool.TABLE_SAW) ? 1 : 2;
        return (int) Math.ceil(SET_UP + cuts * perMetre * length.toMetres());
    }
}
