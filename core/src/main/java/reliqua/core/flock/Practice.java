package reliqua.core.flock;

/**
 * The schools of practice the keeper follows. Where keepers differ, each school is a choice; the
 * default is the one most backyard keepers are content with.
 *
 * @param space house floor a bird
 * @param nests hens to a nest box
 * @param vents permanent openings
 * @param growth birds to come, in percent of those there
 * @param underside what becomes of the space below a raised floor
 */
public record Practice(Space space, Nests nests, Vents vents, int growth, Underside underside) {

    /** Standard space, one nest to four, vents by floor, a quarter more birds, closed in below. */
    public static final Practice DEFAULT =
            new Practice(
                    Space.STANDARD, Nests.ONE_PER_FOUR, Vents.BY_FLOOR, 25, Underside.CLOSED_IN);

    /** Refuses a growth below zero or above 200 percent. */
    public Practice {
        if (growth < 0 || growth > 200) {
            throw new IllegalArgumentException(
                    reliqua.core.measure.Words.say("flock.growth", growth));
        }
    }

    /** House floor a bird. */
    public enum Space {
        /** Out all day, in only to sleep. */
        TIGHT,
        /** Out on most days: the default. */
        STANDARD,
        /** Never out: the house is their whole world. */
        ROOMY
    }

    /** Hens to a nest box. */
    public enum Nests {
        /** No queueing. */
        ONE_PER_THREE(3),
        /** The default: they queue for one favourite whatever you build. */
        ONE_PER_FOUR(4),
        /** Enough where eggs are collected often. */
        ONE_PER_FIVE(5);

        private final int hens;

        Nests(int hens) {
            this.hens = hens;
        }

        /** Hens that share one box. */
        public int hens() {
            return hens;
        }
    }

    /** Permanent vent area. */
    public enum Vents {
        /** One square foot to ten of floor: the default. */
        BY_FLOOR,
        /** One square foot a bird, for hot climates. */
        BY_BIRD
    }

    /** The space below a raised floor. */
    public enum Underside {
        /** Left open: birds shade there, dogs can enter. */
        OPEN,
        /** Meshed round, with an apron against digging: the default. */
        CLOSED_IN
    }

    public Practice withSpace(Space other) {
        return new Practice(other, nests, vents, growth, underside);
    }

    public Practice withNests(Nests other) {
        return new Practice(space, other, vents, growth, underside);
    }

    public Practice withVents(Vents other) {
        return new Practice(space, nests, other, growth, underside);
    }

    public Practice withGrowth(int other) {
        return new Practice(space, nests, vents, other, underside);
    }

    public Practice withUnderside(Underside other) {
        return new Practice(space, nests, vents, growth, other);
    }
}
