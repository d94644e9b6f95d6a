package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/**
 * The order in which parts are painted for somebody who looks from the front, the right and above:
 * the hidden before what hides it. Of two parts that a plane across an axis parts, the one on the
 * far side cannot hide the other; where planes disagree neither hides the other. What no plane
 * parts is parted by a slanting one along an edge ({@link SlantedParting}) - a lid over its box, a
 * rafter and the roofing on it - or goes by the order given.
 */
final class DepthOrder {
    private static final Length TOUCHING = new Length(100_000);

    private final List<Part> parts;
    private final List<Bounds> bounds;

    private DepthOrder(List<Part> parts) {
        this.parts = parts;
        this.bounds = parts.stream().map(p -> p.solid().bounds()).toList();
    }

    /** The parts, farthest first; {@code otherwise} puts the nearer of two last. */
    static List<Part> of(List<Part> parts, Comparator<Part> otherwise) {
        return new DepthOrder(parts.stream().sorted(otherwise).toList()).sorted();
    }

    /** Always the first by the order given of those that hide nothing unpainted. */
    private List<Part> sorted() {
        int count = parts.size();
        List<List<Integer>> over = new ArrayList<>();
        List<List<Integer>> beneath = new ArrayList<>();
        int[] under = new int[count];
        for (int a = 0; a < count; a++) {
            over.add(new ArrayList<>());
            beneath.add(new ArrayList<>());
        }
        for (int a = 0; a < count; a++) {
            for (int b = 0; b < a; b++) {
                if (hides(a, b)) {
                    over.get(b).add(a);
                    beneath.get(a).add(b);
                    under[a]++;
                } else if (hides(b, a)) {
                    over.get(a).add(b);
                    beneath.get(b).add(a);
                    under[b]++;
                }
            }
        }
        PriorityQueue<Integer> free = new PriorityQueue<>();
        boolean[] done = new boolean[count];
        for (int n = 0; n < count; n++) {
            if (under[n] == 0) {
                free.add(n);
            }
        }
        List<Part> sorted = new ArrayList<>();
        int next = 0;
        while (sorted.size() < count) {
            while (free.isEmpty() && done[next]) {
                next++;
            }
            int part = free.isEmpty() ? farthestOfRing(next, beneath, done) : free.poll();
            if (done[part]) {
                continue;
            }
            done[part] = true;
            sorted.add(parts.get(part));
            for (int other : over.get(part)) {
                if (--under[other] == 0 && !done[other]) {
                    free.add(other);
                }
            }
        }
        return sorted;
    }

    /**
     * Of parts that hide one another in a ring the farthest goes first; what only lies over such a
     * ring waits for it.
     */
    private static int farthestOfRing(int from, List<List<Integer>> beneath, boolean[] done) {
        List<Integer> way = new ArrayList<>();
        int part = from;
        while (!way.contains(part)) {
            way.add(part);
            part = beneath.get(part).stream().filter(b -> !done[b]).findFirst().orElseThrow();
        }
        return Collections.min(way.subList(way.indexOf(part), way.size()));
    }

    private boolean hides(int near, int far) {
        Bounds a = bounds.get(near);
        Bounds b = bounds.get(far);
        if (isBefore(a, b) || isBefore(b, a)) {
            return isBefore(a, b) && !isBefore(b, a);
        }
        return SlantedParting.of(parts.get(near).solid(), parts.get(far).solid())
                .filter(before -> before)
                .isPresent();
    }

    /** Whether a plane across some axis has it on the side of the eye. */
    private static boolean isBefore(Bounds a, Bounds b) {
        return beyond(b.x1(), a.x0()) || beyond(a.y1(), b.y0()) || beyond(b.z1(), a.z0());
    }

    private static boolean beyond(Length low, Length high) {
        return low.minus(high).compareTo(TOUCHING) <= 0;
    }
}
