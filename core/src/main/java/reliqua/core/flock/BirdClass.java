package reliqua.core.flock;

import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

/**
 * Classes of birds and what one of each needs. The figures are common husbandry practice; the inch
 * figures of the trade are kept exact (1 sq ft, 12 in).
 */
public enum BirdClass {
    /** Live weight to 1.2 kg. */
    BANTAM(
            new Body(1.2, 250, 60, 0.25),
            new Ground(1.5, 2, 3),
            new Ground(4, 6, 15),
            new Roost(7, 8),
            new Box(10, 10),
            new Box(9, 11)),
    /** Live weight to 3.6 kg. */
    STANDARD(
            new Body(3.6, 400, 120, 0.5),
            new Ground(2, 4, 6),
            new Ground(8, 10, 40),
            new Roost(10, 12),
            new Box(12, 12),
            new Box(12, 14)),
    /** Live weight to 7 kg. */
    LARGE(
            new Body(7, 500, 160, 0.6),
            new Ground(3.5, 5, 8),
            new Ground(10, 14, 50),
            new Roost(12, 14),
            new Box(14, 16),
            new Box(14, 18)),
    /** Meat birds to 3.5 kg in a pen moved daily, which is their run: no roost, no nest. */
    MEAT(
            new Body(3.5, 350, 150, 0.6),
            new Ground(1.5, 2, 3),
            new Ground(0, 0, 0),
            new Roost(0, 0),
            new Box(0, 0),
            new Box(12, 14)),
    /** To 4 kg: sleeps and nests on the floor, and dips its head. */
    DUCK(
            new Body(4, 400, 180, 1),
            new Ground(3, 4, 6),
            new Ground(10, 14, 50),
            new Roost(0, 0),
            new Box(0, 0),
            new Box(14, 16));

    private record Body(double kilograms, int standingMm, int feedGrams, double waterLitres) {}

    private record Ground(double tight, double standard, double roomy) {
        Area of(Practice.Space space) {
            return Area.ofSquareFeet(
                    switch (space) {
                        case TIGHT -> tight;
                        case STANDARD -> standard;
                        case ROOMY -> roomy;
                    });
        }
    }

    private record Roost(int snug, int usual) {}

    private record Box(int width, int height) {}

    private final Body body;
    private final Ground floor;
    private final Ground run;
    private final Roost roost;
    private final Box nest;
    private final Box popDoor;

    BirdClass(Body body, Ground floor, Ground run, Roost roost, Box nest, Box popDoor) {
        this.body = body;
        this.floor = floor;
        this.run = run;
        this.roost = roost;
        this.nest = nest;
        this.popDoor = popDoor;
    }

    /** The heaviest to be reckoned with. */
    public Weight weight() {
        return Weight.ofKilograms(body.kilograms());
    }

    /** Height of a standing bird. */
    public Length standing() {
        return Length.mm(body.standingMm());
    }

    /** Feed of a day. */
    public Weight feed() {
        return new Weight(body.feedGrams());
    }

    /** Water of a mild day; hot days double it. */
    public Volume water() {
        return new Volume(body.waterLitres());
    }

    /** House floor for one bird. */
    public Area floor(Practice.Space space) {
        return floor.of(space);
    }

    /** Run for one bird; none for birds whose pen is their run. */
    public Area run(Practice.Space space) {
        return run.of(space);
    }

    /** Whether the class sleeps on a roost. */
    public boolean roosts() {
        return roost.usual() > 0;
    }

    /** Roost for one bird; none for birds that sleep on the floor. */
    public Length roost(Practice.Roosts school) {
        return Length.inches(school == Practice.Roosts.SNUG ? roost.snug() : roost.usual());
    }

    /** Whether the class lays in nest boxes. */
    public boolean nests() {
        return nest.width() > 0;
    }

    /** Width and depth of a nest box. */
    public Length nestSide() {
        return Length.inches(nest.width());
    }

    /** Height of a nest box. */
    public Length nestHeight() {
        return Length.inches(nest.height());
    }

    public Length popDoorWidth() {
        return Length.inches(popDoor.width());
    }

    public Length popDoorHeight() {
        return Length.inches(popDoor.height());
    }

    /** A class one size up; large hens, meat birds and ducks have none. */
    public BirdClass larger() {
        return switch (this) {
            case BANTAM -> STANDARD;
            case STANDARD -> LARGE;
            case LARGE, MEAT, DUCK -> this;
        };
    }
}
