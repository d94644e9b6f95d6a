package reliqua.core.coop;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.Straightness;

/**
 * What a part is to everybody who works with it: the saw, the rules, the steps and the pictures ask
 * for this and never for a role by its name.
 *
 * @param straightness how straight a stick must be
 * @param latitude which larger sections, and which poles, serve as well as the one designed
 * @param load what it has to carry
 * @param crown which way a bent stick is turned
 * @param minutes to fit one once it is cut, for somebody with a drill
 * @param check what to measure when it is on
 * @param caution the key of what can hurt while it goes on
 * @param side from where it is seen best
 * @param assembly what it is made into first, if anything
 * @param traits what else is true of it
 */
public record Duty(
        Straightness straightness,
        Latitude latitude,
        Load load,
        Crown crown,
        int minutes,
        Check check,
        Optional<String> caution,
        Side side,
        Optional<Assembly> assembly,
        Set<Trait> traits) {

    /** What a member carries, and how it lies to that. */
    public enum Load {
        NONE,
        /** Birds and litter, on edge. */
        FLOOR,
        /** Roof, snow and its own weight, on edge. */
        ROOF,
        /** The same from rafter to rafter, laid flat. */
        ROOF_FLAT,
        /** Half of all rafters, with as many like it as lie beside it. */
        ROOF_BEAM,
        /** Birds that land on it, laid flat. */
        ROOST
    }

    /** Which way a bent stick is turned. */
    public enum Crown {
        ANY,
        /** Hollow side down, so that the load straightens it. */
        UP,
        /** All of a wall the same way. */
        SAME,
        /** The straightest there are. */
        STRAIGHTEST
    }

    /** What to measure when parts are on. */
    public enum Check {
        NONE,
        SQUARE,
        LEVEL,
        PLUMB,
        PITCH,
        SWING,
        MESH
    }

    /** From where a part is seen best. */
    public enum Side {
        FRONT,
        SIDE,
        PLAN
    }

    /** What is true of a part, or is not. */
    public enum Trait {
        /** Out of sight when the coop stands; looks do not matter. */
        HIDDEN,
        /** Drawn in a small picture from the outside. */
        SHOWN,
        /** Too awkward for one pair of hands: tipped up or passed up. */
        AWKWARD,
        /** Of the roof: lifted off to look in from above. */
        OVERHEAD,
        /** Mesh that lies out on the ground, beyond the outline. */
        LIES_OUT,
        /** Mesh that closes the space below the floor. */
        CLOSES_BELOW,
        /** Is drawn out of a wall, and held in by a catch. */
        DRAWN_OUT,
        /** A leaf or lid behind which eggs lie. */
        GIVES_EGGS,
        /** A hinged leaf in an opening. */
        LEAF,
        /** A lid hinged by itself, with a catch of its own. */
        LID,
        /** Held by four screws or bolts a joint. */
        BOLTED,
        /** Driven into the ground, and holds down what it is bolted to. */
        ANCHORS,
        /** Lies by its weight: nothing is screwed to it. */
        LOOSE,
        /**
         * Of a thing of several pieces that stands or leans by its weight: screwed to them only.
         */
        STANDS_LOOSE,
        /** Is hinged at its end, and is swung up with all that lies on it. */
        SWINGS_UP,
        /** What that is hinged to. */
        TAKES_HINGES,
        /**
         * Of a roof that is lifted: hinged to the wall behind, lies on the others by its weight.
         */
        LIFTS,
        /** Hangs from two strips of belt and swings both ways; nothing catches it. */
        SWINGS_FREE,
        /** A leg that turns on one screw and stands on the floor by its weight. */
        HANGS_PLUMB,
        /** Put on beside a joint in another. */
        SCAB,
        /** Stood in the yard before the coop, and stays when that goes. */
        STANDS_ALREADY,
        /** A panel that bends from one member below to the next. */
        WALKED_ON,
        /** Scraped every few days. */
        SCRAPED,

        /** Found larger than it is wanted, and cut to what it lies on. */
        CUT_TO_FIT,
        /** Filled with dry earth. */
        FILLED,
        /** Holds what rots: it is kept moist and harvested. */
        ROTS,
        /** Turns on an axle. */
        ROLLS,
        /** Birds eat or drink from it, or bathe in it. */
        KEPT_CLEAN,
        /** A foothold on a ramp. */
        TREAD,
        /** Keeps litter in at a door. */
        HOLDS_LITTER,
        /** Leads rain away. */
        LEADS_RAIN,
        /** Lets air in above the birds, and is shut down for the winter. */
        VENTS,
        /** Lies across a leaf that opens outward. */
        BARS,
        /** Shuts a vent for a while. */
        SHUTS_VENTS,
        /** Of a yard: it stands by itself, and is no bar to what comes by night. */
        BY_DAY,
        /** A nest's floor that eggs roll down, out of the hens' reach. */
        ROLLS_EGGS,
        /** Of a wall that is framed lying flat and tipped up whole. */
        TIPPED_UP,
        /** Ripped by hand to its width where the heap has only wider ones. */
        RIPPED_TO_FIT,
        /** Ends cut at a slant across the width. */
        SLANTS_ACROSS_WIDTH,
        /** Ends cut at a slant across the thickness. */
        SLANTS_ACROSS_THICKNESS
    }

    /** What is put together of parts of several roles before it goes on, and so is one step. */
    public enum Assembly {
        FLOOR_FRAME,
        DOOR,
        NEST_BOX,
        NEST_DRAWER,
        ROOST_FRAME,
        LADDER,
        RAMP,
        BALCONY,
        DRINKER_STAND,
        BROODER,
        FEED_BOX,
        RUN_FRAMES
    }

    /** Copies the set. */
    public Duty {
        Set<Trait> ordered = EnumSet.noneOf(Trait.class);
        ordered.addAll(traits);
        traits = Collections.unmodifiableSet(ordered);
    }

    /** Of a part that only has to be so straight. */
    static Duty of(Straightness straightness, Trait... traits) {
        return new Duty(
                straightness,
                Latitude.NONE,
                Load.NONE,
                Crown.ANY,
                5,
                Check.NONE,
                Optional.empty(),
                Side.FRONT,
                Optional.empty(),
                Set.of(traits));
    }

    Duty serving(Latitude other) {
        return new Duty(
                straightness, other, load, crown, minutes, check, caution, side, assembly, traits);
    }

    Duty carrying(Load other, Crown turned) {
        return new Duty(
                straightness,
                latitude,
                other,
                turned,
                minutes,
                check,
                caution,
                side,
                assembly,
                traits);
    }

    Duty turned(Crown other) {
        return carrying(load, other);
    }

    Duty minutes(int each) {
        return new Duty(
                straightness, latitude, load, crown, each, check, caution, side, assembly, traits);
    }

    Duty checked(Check other) {
        return new Duty(
                straightness,
                latitude,
                load,
                crown,
                minutes,
                other,
                caution,
                side,
                assembly,
                traits);
    }

    Duty warned(String key) {
        return new Duty(
                straightness,
                latitude,
                load,
                crown,
                minutes,
                check,
                Optional.of(key),
                side,
                assembly,
                traits);
    }

    Duty seenFrom(Side other) {
        return new Duty(
                straightness,
                latitude,
                load,
                crown,
                minutes,
                check,
                caution,
                other,
                assembly,
                traits);
    }

    Duty in(Assembly whole) {
        return new Duty(
                straightness,
                latitude,
                load,
                crown,
                minutes,
                check,
                caution,
                side,
                Optional.of(whole),
                traits);
    }

    /** Whether this is true of it. */
    public boolean is(Trait trait) {
        return traits.contains(trait);
    }
}
