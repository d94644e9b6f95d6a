package reliqua.core.keep;

import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.flock.Practice.Litter;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

/**
 * What the floor takes in litter and gives back.
 *
 * @param school how it is kept
 * @param start to begin with
 * @param startBales the same in bales
 * @param topUp each time it is topped up or changed
 * @param yearBales bales of a year, the first not counted
 * @param compost a year's yield for the garden
 * @param worms to begin a bed with; nothing for what is not one
 */
public record LitterPlan(
        Litter school,
        Volume start,
        int startBales,
        Volume topUp,
        double yearBales,
        Volume compost,
        Weight worms) {
    /** A pressed bale of shavings, shaken out: about 220 l (8 cu ft). */
    public static final double BALE = 220;

    /** Deep litter grows by so much a month. */
    private static final Length MONTHLY = Length.mm(20);

    /** Mulch in a new bed, a hand deep. */
    private static final Length MULCH = Length.mm(100);

    /** Red worms that a bed begins with, kg/m²: they breed to what the droppings feed. */
    private static final double WORMS = 1;

    private static final int MONTHS = 12;
    private static final int WEEKS = 52;

    /** Litter and droppings lose half their volume as they rot. */
    private static final double ROTTED = 0.5;

    /**
     * Of a coop whose floor is kept that way; nothing is spread on wire, slats or open ground, but
     * the bed below slats is mulched.
     */
    public static LitterPlan of(Coop coop, Litter school) {
        boolean bed = school == Litter.SLATTED;
        Area area = bed ? bed(coop) : coop.measures().floor();
        double start = litres(area, bed ? MULCH : school.depth());
        double topUp = bed || school == Litter.DEEP ? litres(area, MONTHLY) : start;
        double year =
                switch (school) {
                    case DEEP, SLATTED -> topUp * MONTHS;
                    case THIN -> start * WEEKS;
                    case WIRE, GROUND -> 0;
                };
        return new LitterPlan(
                school,
                new Volume(start),
                (int) Math.ceil(start / BALE),
                new Volume(topUp),
                year / BALE,
                new Volume((start + year) * ROTTED),
                Weight.ofKilograms(bed ? area.toSquareMetres() * WORMS : 0));
    }

    /** Within its frame; where there is none, below the whole floor. */
    private static Area bed(Coop coop) {
        return coop.that(Duty.Trait.ROTS).stream()
                .map(p -> p.solid().bounds())
                .reduce(Bounds::with)
                .map(b -> Area.of(b.width(), b.depth()))
                .orElse(coop.measures().floor());
    }

    private static double litres(Area floor, Length deep) {
        return floor.toSquareMetres() * deep.toMetres() * 1000;
    }
}
