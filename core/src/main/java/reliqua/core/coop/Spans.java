package reliqua.core.coop;

import java.util.List;
import java.util.TreeSet;
import reliqua.core.measure.Length;

/** How far members reach between what carries them, found by what they touch. */
public final class Spans {
    /** A back that hangs between two wheels farther apart catches on every hump. */
    public static final Length BETWEEN_WHEELS = Length.mm(1800);

    private Spans() {}

    /**
     * Largest level distance between what a member lies on or hangs between: the parts it touches
     * that stand before it, from the middle of one bearing to the middle of the next. A member that
     * touches nothing of the kind spans its whole length.
     */
    public static Length of(Part member, Coop coop) {
        boolean across = alongX(member);
        Bounds b = member.solid().bounds();
        TreeSet<Length> held = new TreeSet<>();
        for (Part part : coop.parts()) {
            if (carries(part, member)) {
                Bounds other = part.solid().bounds();
                Length from = low(b, across).max(low(other, across));
                Length to = high(b, across).min(high(other, across));
                held.add(from.plus(to).half());
            }
        }
        if (held.size() < 2) {
            return high(b, across).minus(low(b, across));
        }
        Length most = Length.ZERO;
        Length last = held.first();
        for (Length at : held) {
            most = most.max(at.minus(last));
            last = at;
        }
        return most;
    }

    /** Largest distance from one of these members to the next, centre to centre. */
    public static Length apart(List<? extends Part> members) {
        List<Length> edges =
                members.stream()
                        .map(p -> low(p.solid().bounds(), !alongX(p)))
                        .distinct()
                        .sorted()
                        .toList();
        Length most = Length.ZERO;
        for (int i = 0; i + 1 < edges.size(); i++) {
            most = most.max(edges.get(i + 1).minus(edges.get(i)));
        }
        return most;
    }

    private static boolean carries(Part part, Part member) {
        return part.role().ordinal() < member.role().ordinal()
                && !(part instanceof Part.PanelPart)
                && !(part instanceof Part.MeshPart)
                && Contact.area(part.solid(), member.solid()) > 0;
    }

    /** Whether it runs along the front rather than from front to back. */
    private static boolean alongX(Part member) {
        Bounds b = member.solid().bounds();
        return b.width().compareTo(b.depth()) > 0;
    }

    private static Length low(Bounds b, boolean alongX) {
        return alongX ? b.x0() : b.y0();
    }

    private static Length high(Bounds b, boolean alongX) {
        return alongX ? b.x1() : b.y1();
    }
}
