package reliqua.core.keep;

import java.time.Month;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty.Trait;
import reliqua.core.coop.Part;
import reliqua.core.coop.Part.MeshPart;
import reliqua.core.coop.Part.RoofPart;
import reliqua.core.coop.Part.StickPart;
import reliqua.core.coop.Part.WholePart;
import reliqua.core.coop.Stage;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Practice.Litter;
import reliqua.core.measure.Length;

/**
 * Work that a coop in use asks for again and again. How often is common practice of small flocks;
 * what has no part or habit it belongs to is not asked for.
 */
public enum Chore {
    /** A pen that is the run goes to fresh ground every day, or its ground turns to mud. */
    MOVE(every(1), 5, Where.moved()),
    /** Droppings on a board are dry enough to scrape every other day. */
    DROPPINGS(every(2), 5, Where.trait(Trait.SCRAPED)),
    /** Deep litter composts only where air gets in. */
    TURN_LITTER(every(7), 10, Where.litter(Litter.DEEP)),
    /** Thin litter is changed before it smells. */
    CHANGE_LITTER(every(7), 25, Where.litter(Litter.THIN)),
    /** Green film in a drinker is the commonest cause of loose droppings. */
    WASH_DRINKERS(every(7), 10, Where.always()),
    /** A little each month keeps deep litter dry. */
    TOP_UP(every(30), 10, Where.litter(Litter.DEEP)),
    /** A worm bed under slats dries out or drowns unseen. */
    SLATTED_BED(every(30), 20, Where.trait(Trait.ROTS)),
    /** What falls through wire is taken away before it reaches it. */
    UNDER_WIRE(every(14), 30, Where.litter(Litter.WIRE)),
    /** Red mites breed in the ends of roosts; a fortnight is less than two of their lives. */
    MITES(every(14), 15, Where.stage(Stage.ROOSTS)),
    /** A latch that sticks is left open one evening. */
    LATCHES(every(30), 5, Where.trait(Trait.LEAF)),
    /** Lacing and pegs of the mesh on the ground: frost and mowers lift them. */
    APRON(every(30), 15, Where.trait(Trait.LIES_OUT)),
    /** Crumbs cake and grow mould. */
    WASH_FEEDERS(every(30), 10, Where.always()),
    /** Dust and ash are carried out in the feathers. */
    DUST_BATH(every(30), 10, Where.trait(Trait.FILLED)),
    /** A staple that has lost its hold is the hole of next month. */
    STAPLES(every(90), 20, Where.part(p -> p instanceof MeshPart)),
    /** Wet ground lets stakes go. */
    STAKES(every(90), 10, Where.trait(Trait.ANCHORS)),
    /** Wheels stand all week in the same place. */
    WHEELS(every(180), 15, Where.trait(Trait.ROLLS)),
    /** Hinges sag as wood dries. */
    HINGES(every(180), 15, Where.leaves()),
    /** Sun lifts roofing screws; wind finds them in autumn. */
    ROOF_SCREWS(in(Month.MARCH, Month.OCTOBER), 30, Where.part(p -> p instanceof RoofPart)),
    /** Leaves in the gutter turn the barrel sour. */
    GUTTER(in(Month.APRIL, Month.NOVEMBER), 20, Where.trait(Trait.LEADS_RAIN)),
    /** Shut to a quarter for the winter, never to nothing. */
    VENTS_DOWN(in(Month.NOVEMBER), 10, Where.vented()),
    /** Wide open for the summer. */
    VENTS_UP(in(Month.APRIL), 10, Where.vented()),
    /** Netting comes down under wet snow and takes the run with it. */
    NETTING(in(Month.NOVEMBER), 20, Where.part(Chore::covers)),
    /** Wood that touches the ground rots there first: a screwdriver tells. */
    GROUND(in(Month.SEPTEMBER), 20, Where.low()),
    /** Deep litter is emptied when the garden can take it. */
    EMPTY_LITTER(in(Month.APRIL), 120, Where.litter(Litter.DEEP)),
    /** Paint on the weather side lasts two summers. */
    PAINT(every(730), 240, Where.stage(Stage.SKINS));

    /**
     * When it comes round: every so many days, or in months of the northern half.
     *
     * @param days between two times; zero where it goes by months
     * @param months in which it is due, of the north
     */
    public record Rhythm(int days, List<Month> months) {
        /** Copies the months. */
        public Rhythm {
            months = List.copyOf(months);
        }
    }

    /** Whether a coop and those who live in it ask for it. */
    private interface Where {
        boolean asked(Coop coop, Flock flock);

        /** The parts it is about. */
        default boolean about(Part part) {
            return false;
        }

        static Where always() {
            return (_, _) -> true;
        }

        static Where moved() {
            return (_, flock) -> flock.style() == Flock.Style.MOVED_DAILY;
        }

        static Where litter(Litter litter) {
            return (_, flock) -> flock.practice().litter() == litter;
        }

        static Where trait(Trait trait) {
            return part(p -> p.role().is(trait));
        }

        static Where stage(Stage stage) {
            return part(p -> p.role().stage() == stage);
        }

        static Where leaves() {
            return part(p -> p.role().is(Trait.LEAF) || p.role().is(Trait.LID));
        }

        static Where vented() {
            return new Where() {
                @Override
                public boolean asked(Coop coop, Flock flock) {
                    return !coop.measures()
                            .vents()
                            .equals(reliqua.core.measure.Area.ofSquareMetres(0));
                }

                @Override
                public boolean about(Part part) {
                    return part.role().is(Trait.VENTS);
                }
            };
        }

        /** Wood whose lower edge is on or in the ground. */
        static Where low() {
            return part(
                    p ->
                            (p instanceof StickPart || p instanceof WholePart)
                                    && p.solid().bounds().z0().atMost(Length.mm(20)));
        }

        static Where part(Predicate<Part> about) {
            return new Where() {
                @Override
                public boolean asked(Coop coop, Flock flock) {
                    return coop.parts().stream().anyMatch(about);
                }

                @Override
                public boolean about(Part part) {
                    return about.test(part);
                }
            };
        }
    }

    private final Rhythm rhythm;
    private final int minutes;
    private final Where where;

    Chore(Rhythm rhythm, int minutes, Where where) {
        this.rhythm = rhythm;
        this.minutes = minutes;
        this.where = where;
    }

    /** Mesh that lies flat over heads: it holds wet snow. */
    private static boolean covers(Part part) {
        Bounds b = part.solid().bounds();
        boolean flat = b.height().times(2).atMost(b.width().min(b.depth()));
        return part instanceof MeshPart && flat && b.z0().atLeast(Length.mm(900));
    }

    private static Rhythm every(int days) {
        return new Rhythm(days, List.of());
    }

    private static Rhythm in(Month... months) {
        return new Rhythm(0, List.of(months));
    }

    /** When it comes round. */
    public Rhythm rhythm() {
        return rhythm;
    }

    /** About how long it takes. */
    public int minutes() {
        return minutes;
    }

    /** Its name in files and in the keys of words. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it is asked for. */
    public boolean askedBy(Coop coop, Flock flock) {
        return where.asked(coop, flock);
    }

    /** Marks of the parts it is about, for the picture. */
    public List<String> marks(Coop coop) {
        return coop.parts().stream().filter(where::about).map(Part::mark).toList();
    }
}
