package reliqua.core.flock;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Weight;

/**
 * What a flock needs of its house on its ground, each figure with its sum.
 *
 * @param birds birds the house is built for
 * @param floor house floor, at least
 * @param run run, at least
 * @param roosts roosts
 * @param nestBoxes nest boxes
 * @param vents permanent vent area, at least
 * @param popDoorWidth clear width of the pop door, at least
 * @param popDoorHeight clear height of the pop door, at least
 * @param litterSill board at the doors
 * @param litterDepth litter to start with
 * @param proof what keeps the animals out that are about
 * @param apron how diggers are kept out
 * @param cleaning how corners are reached that nobody goes to
 * @param weather loads of snow and wind
 * @param ground how it falls under the coop
 * @param system in whose whole figures all is reckoned
 * @param lines the same for reading, one of every kind
 */
public record Needs(
        int birds,
        Area floor,
        Area run,
        Roosts roosts,
        Nests nestBoxes,
        Area vents,
        Length popDoorWidth,
        Length popDoorHeight,
        Length litterSill,
        Length litterDepth,
        Proof proof,
        Practice.Apron apron,
        Practice.Cleaning cleaning,
        Weather weather,
        Ground ground,
        UnitSystem system,
        List<Need> lines) {
    /**
     * Nest entrances lie at least so far below the lowest roost, else birds sleep in the nests and
     * foul them (6 in).
     */
    static final Length NEST_BELOW_ROOST = Length.inches(6);

    /** A bar this far from the wall and from the next bar keeps tails clear (300 mm is common). */
    private static final Length ROOST_SPACING = Length.mm(300);

    /** Least height of the nests above the house floor. */
    private static final Length NEST_FLOOR = Length.mm(150);

    /** Lip in front of a nest, between 75 and 100 mm. */
    private static final Length NEST_LIP = Length.mm(90);

    /** Apron laid flat outward against digging. */
    static final Length APRON_FLAT = Length.mm(600);

    /** Slabs laid round it against digging; what begins to dig there finds its back too long. */
    static final Length APRON_PAVED = Length.mm(400);

    /** Mesh buried straight down against digging. */
    static final Length APRON_BURIED = Length.mm(300);

    /**
     * Roosts.
     *
     * @param length in all, at least; zero for birds that sleep on the floor
     * @param highest top above the floor, at most
     * @param headroom from roost to roof, at least: a standing bird
     * @param crowd the birds that load a bar most; nobody when none roosts
     */
    public record Roosts(Length length, Length highest, Length headroom, Optional<Crowd> crowd) {}

    /**
     * Birds side by side on a bar.
     *
     * @param bird weight of one
     * @param each bar one takes
     */
    public record Crowd(Weight bird, Length each) {}

    /**
     * Nest boxes.
     *
     * @param count at least
     * @param side width and depth of a box, at least
     * @param height of a box, at least
     */
    public record Nests(int count, Length side, Length height) {}

    /**
     * Loads of the place.
     *
     * @param roof weight of the roof and what lies on it
     * @param wind strongest gust
     */
    public record Weather(Pressure roof, Speed wind) {}

    /** Copies the lines. */
    public Needs {
        lines = List.copyOf(lines);
    }

    /** The needs of a flock on its ground; an empty flock needs nothing. */
    public static Needs of(Flock flock, Site site) {
        return of(flock, site, UnitSystem.MILLIMETRES);
    }

    /** The same in figures that come out even on the keeper's tape. */
    public static Needs of(Flock flock, Site site, UnitSystem system) {
        return new NeedsReckoning(flock, site, system).needs();
    }

    /** The needs of a flock wherever it is. */
    public static Needs of(Flock flock) {
        return of(flock, Site.BARE);
    }

    public Length roost() {
        return roosts.length();
    }

    public Length roostHeight() {
        return roosts.highest();
    }

    public Length headroom() {
        return roosts.headroom();
    }

    public int nests() {
        return nestBoxes.count();
    }

    public Length nestSide() {
        return nestBoxes.side();
    }

    public Length nestHeight() {
        return nestBoxes.height();
    }

    /** Floor of the nests above the house floor: above the litter they start with. */
    public Length nestFloor() {
        return system.natural(NEST_FLOOR).max(litterDepth);
    }

    /** How far below the lowest roost nests are entered, at least. */
    public Length nestBelowRoost() {
        return system.natural(NEST_BELOW_ROOST);
    }

    /** From bar to bar, and from the wall to the first. */
    public Length roostSpacing() {
        return system.natural(ROOST_SPACING);
    }

    /** How far slabs lie out on the ground. */
    public Length apronPaved() {
        return system.natural(APRON_PAVED);
    }

    /** How far an apron lies out on the ground. */
    public Length apronFlat() {
        return system.natural(APRON_FLAT);
    }

    /** How far mesh goes down. */
    public Length apronBuried() {
        return system.natural(APRON_BURIED);
    }

    /** How high the lip before a nest is. */
    public Length nestLip() {
        return system.natural(NEST_LIP);
    }

    /** Mesh where birds sleep near it. */
    public Length meshAperture() {
        return proof.nearBirds().value();
    }

    /**
     * What one of two houses under one run must give of this: half the floor, bars and air. Of
     * birds and nests that cannot be halved the first takes one more; the run is that of both.
     */
    public Needs half(boolean first) {
        int more = first ? 1 : 0;
        return new Needs(
                (birds + more) / 2,
                floor.scaled(0.5),
                run,
                new Roosts(roost().half(), roostHeight(), headroom(), roosts.crowd()),
                new Nests((nests() + more) / 2, nestSide(), nestHeight()),
                vents.scaled(0.5),
                popDoorWidth,
                popDoorHeight,
                litterSill,
                litterDepth,
                proof,
                apron,
                cleaning,
                weather,
                ground,
                system,
                lines);
    }

    /** The line of one kind. */
    public Need line(Need.Kind kind) {
        return lines.stream().filter(n -> n.kind() == kind).findFirst().orElseThrow();
    }

    /** The class in words, for one or several birds. */
    public static Sum name(BirdClass kind, int count) {
        return Sum.of("bird." + kind.name() + (count == 1 ? ".one" : ".many"));
    }
}
