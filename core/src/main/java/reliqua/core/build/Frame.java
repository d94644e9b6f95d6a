package reliqua.core.build;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;

/**
 * A floor, wall or roof as it is nailed together lying flat: every stick by its distances from one
 * corner, the lower left one. Walls are seen from outside, floors and roofs from above.
 *
 * @param building number of the house it is of, from 0
 * @param side which
 * @param off how far it stands from the front, or from the left; only told for what stands inside
 * @param width from the left end of what lies most to the left
 * @param height from the foot of what lies lowest; of a roof, up its slope
 * @param members its sticks, from left to right and then upwards
 * @param holes the openings in it
 */
public record Frame(
        int building,
        Side side,
        Length off,
        Length width,
        Length height,
        List<Member> members,
        List<Hole> holes) {
    /** Which floor, wall or roof. */
    public enum Side {
        FLOOR,
        FRONT,
        BACK,
        LEFT,
        RIGHT,
        /** A wall within, from left to right. */
        ALONG,
        /** A wall within, from front to back. */
        ACROSS,
        /** A roof that rises from the front to the back, or the half that does. */
        ROOF_FRONT,
        /** A roof that rises from the back to the front, or the half that does. */
        ROOF_BACK
    }

    /** Copies the lists. */
    public Frame {
        members = List.copyOf(members);
        holes = List.copyOf(holes);
    }

    /**
     * A stick in its frame.
     *
     * @param part the stick
     * @param outline of it, from the corner
     */
    public record Member(Part.StickPart part, List<Corner> outline) {
        /** Copies the outline. */
        public Member {
            outline = List.copyOf(outline);
        }

        /** To its nearer edge, from the left. */
        public Length left() {
            return u().min(Comparator.naturalOrder()).orElseThrow();
        }

        public Length right() {
            return u().max(Comparator.naturalOrder()).orElseThrow();
        }

        /** To its lower edge, from below. */
        public Length low() {
            return v().min(Comparator.naturalOrder()).orElseThrow();
        }

        public Length high() {
            return v().max(Comparator.naturalOrder()).orElseThrow();
        }

        /** Whether it is marked out along the foot of the frame: taller than it is wide. */
        public boolean upright() {
            return high().minus(low()).compareTo(right().minus(left())) >= 0;
        }

        private Stream<Length> u() {
            return outline.stream().map(Corner::u);
        }

        private Stream<Length> v() {
            return outline.stream().map(Corner::v);
        }
    }

    /**
     * An opening in a frame.
     *
     * @param kind what for
     * @param left from the left, clear
     * @param low from below
     * @param width clear
     * @param height clear
     */
    public record Hole(Opening.Kind kind, Length left, Length low, Length width, Length height) {}

    /** What stands at its distance from the left, by role. */
    public List<Member> uprights(Role role) {
        return members.stream().filter(m -> m.part().role() == role && m.upright()).toList();
    }

    /** What lies at its height, by role. */
    public List<Member> levels(Role role) {
        return members.stream().filter(m -> m.part().role() == role && !m.upright()).toList();
    }

    /** The roles of its sticks, in the order in which they go on. */
    public List<Role> roles() {
        return members.stream().map(m -> m.part().role()).distinct().sorted().toList();
    }

    /** Whether a part of that mark belongs to it. */
    public boolean holds(String mark) {
        return members.stream().anyMatch(m -> m.part().mark().equals(mark));
    }
}
