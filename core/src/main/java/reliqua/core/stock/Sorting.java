package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * What each thing of a heap is best for, most demanding use first: the straightest wood goes to
 * doors before anything else may have it, short and bent wood to blocking, where it costs nothing.
 */
public final class Sorting {
    /** Shorter door stiles and rails are cut from what is left over anyway. */
    private static final Length DOOR_PIECE = Length.mm(600);

    private static final Length FRAME_PIECE = Length.mm(600);
    private static final Length ROOST_PIECE = Length.mm(900);
    private static final Length BATTEN_PIECE = Length.mm(300);

    /** Thicker than this a board is too heavy for a door, and no batten. */
    private static final Length THICK = Length.mm(45);

    private static final Length THIN = Length.mm(26);
    private static final Section LEAST_FRAME = Section.mm(32, 62);
    private static final Section LEAST_JOIST = Section.mm(32, 85);
    private static final Length LEAST_BAR = Length.mm(32);
    private static final Length WIDEST_BAR = Length.mm(92);

    /** Two battens and a kerf come out of a board as wide as this. */
    private static final Length WORTH_RIPPING = Length.mm(80);

    private static final Length FLOOR_THICKNESS = Length.ofMm(11.9);
    private static final Length SKIN_THICKNESS = Length.ofMm(5.9);
    private static final Length GUSSET = Length.mm(300);
    private static final Length ROOF_PIECE = Length.mm(900);
    private static final Length SLEEPING_MESH = Length.mm(13);
    private static final Length RUN_MESH = Length.mm(26);

    /** What a thing can be used for. */
    public enum Use {
        DOORS,
        GROUND,
        FRAMES,
        JOISTS,
        ROOSTS,
        BATTENS,
        RIPPING,
        BLOCKING,
        FLOOR,
        SKINS,
        GUSSETS,
        DRYING,
        ROOF,
        DRIP_BOARDS,
        VENTS,
        RUN_SIDES,
        OVERHEAD,
        BREAKING_DOWN,
        FOOTINGS,
        FITTINGS,
        FASTENING,
        NOTHING
    }

    /**
     * A use and how far it goes.
     *
     * @param use for what
     * @param upTo longest piece that serves, where length matters
     * @param why in words
     */
    public record Suit(Use use, Optional<Length> upTo, Sum why) {
        private static Suit of(Use use) {
            return new Suit(use, Optional.empty(), Sum.of("sort." + use));
        }

        private static Suit of(Use use, Length upTo) {
            return new Suit(use, Optional.of(upTo), Sum.of("sort." + use, upTo));
        }
    }

    private Sorting() {}

    /** The uses of a lot, best first; never empty. */
    public static List<Suit> of(Lot lot) {
        if (!lot.condition().usable()) {
            return List.of(Suit.of(Use.NOTHING));
        }
        return of(lot.material());
    }

    private static List<Suit> of(Material material) {
        return switch (material) {
            case Stick s -> stick(s);
            case Sheet s -> sheet(s);
            case Roofing r ->
                    List.of(
                            r.longestClear().atLeast(ROOF_PIECE)
                                    ? Suit.of(Use.ROOF, r.longestClear())
                                    : Suit.of(Use.DRIP_BOARDS));
            case Mesh m -> List.of(Suit.of(mesh(m)));
            case Pole p -> List.of(Suit.of(Use.ROOSTS, p.length()));
            case Pallet _ -> List.of(Suit.of(Use.BREAKING_DOWN));
            case FoundPart _ -> List.of(Suit.of(Use.FITTINGS));
            case Block _ -> List.of(Suit.of(Use.FOOTINGS));
            case Hardware _ -> List.of(Suit.of(Use.FASTENING));
        };
    }

    private static List<Suit> stick(Stick s) {
        List<Suit> suits = new ArrayList<>();
        Section section = s.section();
        boolean light = section.thickness().atMost(THICK) && section.width().atMost(Length.mm(102));
        if (light) {
            add(suits, Use.DOORS, s, Straightness.DOOR, DOOR_PIECE);
        }
        if (s.treatment() == Treatment.PRESSURE_TREATED) {
            add(suits, Use.GROUND, s, Straightness.FRAME, BATTEN_PIECE);
        }
        if (section.serves(LEAST_FRAME)) {
            add(suits, Use.FRAMES, s, Straightness.FRAME, FRAME_PIECE);
        }
        if (section.serves(LEAST_JOIST)) {
            add(suits, Use.JOISTS, s, Straightness.JOIST, FRAME_PIECE);
        }
        if (section.thickness().atLeast(LEAST_BAR) && section.width().atMost(WIDEST_BAR)) {
            add(suits, Use.ROOSTS, s, Straightness.JOIST, ROOST_PIECE);
        }
        if (section.thickness().atMost(THIN)) {
            if (section.width().atLeast(WORTH_RIPPING)) {
                add(suits, Use.RIPPING, s, Straightness.BATTEN, BATTEN_PIECE);
            }
            add(suits, Use.BATTENS, s, Straightness.BATTEN, BATTEN_PIECE);
        }
        suits.add(Suit.of(Use.BLOCKING, s.longestClear()));
        return suits;
    }

    private static void add(
            List<Suit> suits, Use use, Stick stick, Straightness straight, Length least) {
        Length upTo = stick.longestClear().min(stick.straightTo(straight.tolerance()));
        if (upTo.atLeast(least)) {
            suits.add(Suit.of(use, upTo));
        }
    }

    private static List<Suit> sheet(Sheet s) {
        List<Suit> suits = new ArrayList<>();
        boolean wet = s.flaws().stream().anyMatch(f -> f.kind() == Flaw.Kind.WET);
        if (wet) {
            suits.add(Suit.of(Use.DRYING));
        }
        boolean small = s.width().min(s.length()).compareTo(GUSSET) < 0;
        if (!small && !wet && s.thickness().atLeast(FLOOR_THICKNESS)) {
            suits.add(Suit.of(Use.FLOOR));
        }
        if (!small && s.thickness().atLeast(SKIN_THICKNESS)) {
            suits.add(Suit.of(Use.SKINS));
        }
        suits.add(Suit.of(Use.GUSSETS));
        return suits;
    }

    private static Use mesh(Mesh m) {
        if (m.kind() != Mesh.Kind.WELDED) {
            return Use.OVERHEAD;
        }
        if (m.aperture().atMost(SLEEPING_MESH)) {
            return Use.VENTS;
        }
        return m.aperture().atMost(RUN_MESH) ? Use.RUN_SIDES : Use.OVERHEAD;
    }
}
