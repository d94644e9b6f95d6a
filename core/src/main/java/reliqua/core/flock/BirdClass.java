package reliqua.core.flock;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Weight;

/**
 * Classes of birds and what one of each needs. The figures are common husbandry practice; the inch
 * figures of the trade are kept exact (1 sq ft, 12 in).
 */
public enum BirdClass {
    /** Live weight to 1.2 kg. */
    BANTAM(1.2, 250, new Floor(1.5, 2, 3), 8, new Nest(10, 10), 9, 11),
    /** Live weight to 3.6 kg. */
    STANDARD(3.6, 400, new Floor(2, 4, 6), 12, new Nest(12, 12), 12, 14),
    /** Live weight to 7 kg. */
    LARGE(7, 500, new Floor(3.5, 5, 8), 14, new Nest(14, 16), 14, 18),
    /** Meat birds to 3.5 kg: no roost, no nest. */
    MEAT(3.5, 350, new Floor(1.5, 2, 3), 0, new Nest(0, 0), 12, 14),
    /** To 4 kg: sleeps and nests on the floor. */
    DUCK(4, 400, new Floor(3, 4, 6), 0, new Nest(0, 0), 14, 16);

    private record Floor(double tight, double standard, double roomy) {}

    private record Nest(int side, int height) {}

    private final Weight weight;
    private final Length standing;
    private final Floor floor;
    private final Length roost;
    private final Nest nest;
    private final Length popWidth;
    private final Length popHeight;

    BirdClass(
            double kilograms,
            int standingMm,
            Floor floor,
            int roostInches,
            Nest nest,
            int popWidth,
            int popHeight) {
        this.weight = Weight.ofKilograms(kilograms);
        this.standing = Length.mm(standingMm);
        this.floor = floor;
        this.roost = Length.inches(roostInches);
        this.nest = nest;
        this.popWidth = Length.inches(popWidth);
        this.popHeight = Length.inches(popHeight);
    }

    /** The heaviest to be reckoned with. */
    public Weight weight() {
        return weight;
    }

    /** Height of a standing bird. */
    public Length standing() {
        return standing;
    }

    /** House floor for one bird. */
    public Area floor(Practice.Space space) {
        return Area.ofSquareFeet(
                switch (space) {
                    case TIGHT -> floor.tight();
                    case STANDARD -> floor.standard();
                    case ROOMY -> floor.roomy();
                });
    }

    /** Roost for one bird; none for birds that sleep on the floor. */
    public Length roost() {
        return roost;
    }

    /** Whether the class lays in nest boxes. */
    public boolean nests() {
        return nest.side() > 0;
    }

    /** Width and depth of a nest box. */
    public Length nestSide() {
        return Length.inches(nest.side());
    }

    /** Height of a nest box. */
    public Length nestHeight() {
        return Length.inches(nest.height());
    }

    public Length popDoorWidth() {
        return popWidth;
    }

    public Length popDoorHeight() {
        return popHeight;
    }
}
