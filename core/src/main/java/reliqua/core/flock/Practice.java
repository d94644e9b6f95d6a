package reliqua.core.flock;

import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * The schools of practice the keeper follows. Where keepers differ, each school is a choice; the
 * default is the one most backyard keepers are content with.
 *
 * @param space house floor a bird
 * @param run run a bird
 * @param roosts roost a bird
 * @param nests hens to a nest box
 * @param vents permanent openings
 * @param litter what lies on the floor
 * @param apron how diggers are kept out
 * @param growth birds to come, in percent of the hens there are
 * @param underside what becomes of the space below a raised floor
 * @param holding what holds a light coop down in a gale
 * @param finish what becomes of the wood outside
 * @param cleaning how the corners of a house are reached that one does not go into
 * @param own figures of the keeper's own, which go before the schools
 */
public record Practice(
        Space space,
        Space run,
        Roosts roosts,
        Nests nests,
        Vents vents,
        Litter litter,
        Apron apron,
        int growth,
        Underside underside,
        Holding holding,
        Finish finish,
        Cleaning cleaning,
        OwnFigures own) {

    /** The default of every school. */
    public static final Practice DEFAULT =
            new Practice(
                    Space.STANDARD,
                    Space.STANDARD,
                    Roosts.USUAL,
                    Nests.ONE_PER_FOUR,
                    Vents.BY_FLOOR,
                    Litter.DEEP,
                    Apron.FLAT,
                    25,
                    Underside.CLOSED_IN,
                    Holding.STAKES,
                    Finish.PAINTED,
                    Cleaning.REACHED,
                    OwnFigures.NONE);

    /** Refuses a growth below zero or above 200 percent. */
    public Practice {
        if (growth < 0 || growth > 200) {
            throw new IllegalArgumentException(Words.say("flock.growth", growth));
        }
    }

    /** Floor or run a bird. */
    public enum Space {
        /** Out all day, in only to sleep. */
        TIGHT,
        /** Out on most days: the default. */
        STANDARD,
        /** Never out: this is their whole world. */
        ROOMY
    }

    /** Roost a bird. */
    public enum Roosts {
        /** Closer together, for cold winters. */
        SNUG,
        /** Room to settle and to quarrel: the default. */
        USUAL
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

    /** What lies on the house floor, with the depth it starts at and the board that holds it in. */
    public enum Litter {
        /** Topped up and turned, emptied once or twice a year: the default. */
        DEEP(120, 200),
        /** Emptied every week. */
        THIN(60, 100),
        /** Droppings fall through wire of 12.7 mm; hard on the feet of heavy birds. */
        WIRE(0, 50),
        /** Slats of 25 to 40 mm with gaps of 20 to 25 mm over a composting bed. */
        SLATTED(0, 50),
        /** No floor: the pen is moved every day. */
        GROUND(0, 50);

        private final Length depth;
        private final Length sill;

        Litter(int depthMm, int sillMm) {
            this.depth = Length.mm(depthMm);
            this.sill = Length.mm(sillMm);
        }

        /** Depth to start with. */
        public Length depth() {
            return depth;
        }

        /** Height of the board at the doors; without litter a toe board against draught. */
        public Length sill() {
            return sill;
        }

        /** Whether the floor is closed boards under litter. */
        public boolean boarded() {
            return this == DEEP || this == THIN;
        }
    }

    /** What stops diggers. */
    public enum Apron {
        /** 600 mm of mesh flat on the ground outward, laced and pegged: the default. */
        FLAT,
        /** 300 mm of mesh straight down; no mowing over it, more digging. */
        BURIED,
        /** Slabs laid tight round it on level ground where there are enough; else flat mesh. */
        PAVED
    }

    /** The space below a raised floor. */
    public enum Underside {
        /** Left open: birds shade there, dogs can enter. */
        OPEN,
        /** Meshed round, with an apron against digging: the default. */
        CLOSED_IN
    }

    /** What holds a coop down that a gust of the place would tip over. */
    public enum Holding {
        /** Stakes driven at its corners and bolted to it, where there is room: the default. */
        STAKES,
        /** The keeper sees to it: ballast, straps, a place out of the wind. */
        OWN
    }

    /** What becomes of the wood outside. */
    public enum Finish {
        /** Two coats before the birds come: the default, since sheets come apart in the rain. */
        PAINTED,
        /** It greys; thick boards last so for years. */
        BARE
    }

    /** How the corners of a house are reached that nobody goes into. */
    public enum Cleaning {
        /**
         * By arm: where the door leaves corners out of reach and a back that opens does not, it
         * opens. The default, since what is not reached is not cleaned.
         */
        REACHED,
        /** The keeper sees to it: a rake, or a child that crawls in. */
        OWN
    }

    public Practice withSpace(Space other) {
        return new Practice(
                other, run, roosts, nests, vents, litter, apron, growth, underside, holding, finish,
                cleaning, own);
    }

    public Practice withRun(Space other) {
        return new Practice(
                space, other, roosts, nests, vents, litter, apron, growth, underside, holding,
                finish, cleaning, own);
    }

    public Practice withRoosts(Roosts other) {
        return new Practice(
                space, run, other, nests, vents, litter, apron, growth, underside, holding, finish,
                cleaning, own);
    }

    public Practice withNests(Nests other) {
        return new Practice(
                space, run, roosts, other, vents, litter, apron, growth, underside, holding, finish,
                cleaning, own);
    }

    public Practice withVents(Vents other) {
        return new Practice(
                space, run, roosts, nests, other, litter, apron, growth, underside, holding, finish,
                cleaning, own);
    }

    public Practice withLitter(Litter other) {
        return new Practice(
                space, run, roosts, nests, vents, other, apron, growth, underside, holding, finish,
                cleaning, own);
    }

    public Practice withApron(Apron other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, other, growth, underside, holding, finish,
                cleaning, own);
    }

    public Practice withGrowth(int other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, apron, other, underside, holding, finish,
                cleaning, own);
    }

    public Practice withUnderside(Underside other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, apron, growth, other, holding, finish,
                cleaning, own);
    }

    public Practice withHolding(Holding other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, apron, growth, underside, other, finish,
                cleaning, own);
    }

    public Practice withFinish(Finish other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, apron, growth, underside, holding, other,
                cleaning, own);
    }

    public Practice withCleaning(Cleaning other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, apron, growth, underside, holding, finish,
                other, own);
    }

    public Practice withOwn(OwnFigures other) {
        return new Practice(
                space, run, roosts, nests, vents, litter, apron, growth, underside, holding, finish,
                cleaning, other);
    }
}
