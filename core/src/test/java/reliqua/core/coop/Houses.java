package reliqua.core.coop;

import java.util.List;
import java.util.Random;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.RaisedDimensions;
import reliqua.core.coop.family.RaisedHouse;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** Raised houses for tests: one ordinary, and any number of random ones. */
public final class Houses {
    private Houses() {}

    public static Needs needs(int hens) {
        return Needs.of(Flock.of(BirdClass.STANDARD, hens));
    }

    /** Needs of a flock kept in any way, with any animals about. */
    private static Needs needs(int hens, Random random) {
        Practice practice =
                Practice.DEFAULT
                        .withLitter(any(Practice.Litter.values(), random))
                        .withApron(any(Practice.Apron.values(), random))
                        .withRoosts(any(Practice.Roosts.values(), random));
        Site site = Site.BARE.with(any(Predator.values(), random), random.nextBoolean());
        return Needs.of(Flock.of(BirdClass.STANDARD, hens).with(practice), site);
    }

    private static <E> E any(E[] values, Random random) {
        return values[random.nextInt(values.length)];
    }

    public static Choices choices(Section wall, Section trim, Length skin, Length step) {
        return new Choices(
                List.of(
                        Section.mm(89, 89),
                        Section.mm(38, 89),
                        wall,
                        Section.mm(38, 89),
                        Section.mm(19, 64),
                        trim,
                        Section.mm(38, 64)),
                Length.mm(15),
                skin,
                Length.mm(1220),
                new Choices.RoofingChoice(Length.mm(840), Length.mm(760), Length.mm(2400)),
                Practice.Underside.CLOSED_IN,
                step);
    }

    public static Coop ordinary() {
        RaisedDimensions dimensions =
                new RaisedDimensions(
                        Length.mm(1600),
                        Length.mm(1400),
                        Length.mm(500),
                        Length.mm(1350),
                        Length.mm(1150),
                        Length.mm(180));
        try {
            return RaisedHouse.build(
                    dimensions,
                    choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1)),
                    needs(8));
        } catch (Unbuildable e) {
            throw new AssertionError(e.reason().words(reliqua.core.measure.Tape.METRIC), e);
        }
    }

    /** A random house; draws again until the family accepts the dimensions. */
    public static Coop random(Random random) {
        while (true) {
            RaisedDimensions dimensions =
                    new RaisedDimensions(
                            mm(random, 1000, 2600),
                            mm(random, 900, 2000),
                            mm(random, 350, 700),
                            mm(random, 1000, 1700),
                            mm(random, 900, 1500),
                            mm(random, 100, 260));
            Section wall = random.nextBoolean() ? Section.mm(38, 64) : Section.mm(38, 89);
            Section trim = random.nextBoolean() ? Section.mm(19, 38) : Section.mm(22, 64);
            Length skin = Length.mm(random.nextBoolean() ? 9 : 12);
            Length step = random.nextBoolean() ? Length.mm(1) : Length.inches(1, 16);
            try {
                return RaisedHouse.build(
                        dimensions,
                        choices(wall, trim, skin, step),
                        needs(3 + random.nextInt(14), random));
            } catch (Unbuildable e) {
                continue;
            }
        }
    }

    private static Length mm(Random random, int least, int most) {
        return new Length((long) ((least + random.nextDouble() * (most - least)) * 1e6));
    }
}
