package reliqua.core.keep;

import reliqua.core.coop.Coop;
import reliqua.core.flock.Practice.Litter;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Volume;

/**
 * What the floor takes in litter and gives back.
 *
 * @param school how it is kept
 * @param start to begin with
 * @param startBales the same in bales
 * @param topUp each time it is topped up or changed
 * @param yearBales bales of a year, the first not counted
 * @param compost a year's yield for the garden
 */
public record LitterPlan(
        Litter school,
        Volume start,
        int startBales,
        Volume topUp,
        double yearBales,
        Volume compost) {
    /** A pressed bale of shavings, shaken out: about 220 l (8 cu ft). */
    public static final double BALE = 220;

    /** Deep litter grows by so much a month. */
    private static final Length MONTHLY = Length.mm(20);

    private static final int MONTHS = 12;
    private static final int WEEKS = 52;

    /** Litter and droppings lose half their volume as they rot. */
    private static final double ROTTED = 0.5;

    /** Of a coop whose floor is kept that way; nothing is spread on wire, slats or open ground. */
    public static LitterPlan of(Coop coop, Litter school) {
        Area floor = coop.measures().floor();
        double start = litres(floor, school.depth());
        double topUp = school == Litter.DEEP ? litres(floor, MONTHLY) : start;
        double year =
                switch (school) {
                    case DEEP -> topUp * MONTHS;
                    case THIN -> start * WEEKS;
                    case WIRE, SLATTED, GROUND -> 0;
                };
        return new LitterPlan(
                school,
                new Volume(start),
                (int) Math.ceil(start / BALE),
                new Volume(topUp),
                year / BALE,
                new Volume((start + year) * ROTTED));
    }

    private static double litres(Area floor, Length deep) {
        return floor.toSquareMetres() * deep.toMetres() * 1000;
    }
}
