package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
    private final List<Shadow> shadows;

    private DepthOrder(List<Part> parts) {
        this.parts = parts;
        this.bounds = parts.stream().map(p -> p.solid().bounds()).toList();
        this.shadows = bounds.stream().map(Shadow::of).toList();
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
                    beneath(beneath, a, b);
                    under[a]++;
                } else if (hides(b, a)) {
                    over.get(a).add(b);
                    beneath(beneath, b, a);
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

    private void beneath(List<List<Integer>> beneath, int near, int far) {
        if (shadows.get(near).covers(shadows.get(far))) {
            beneath.get(near).add(far);
        }
    }

    /**
     * Where parts lie over one another in a ring, one that covers nothing unpainted in the picture;
     * else, of those that do cover one another in a ring, the farthest. What only lies over such a
     * ring waits for it.
     */
    private static int farthestOfRing(int from, List<List<Integer>> beneath, boolean[] done) {
        List<Integer> way = new ArrayList<>();
        int part = from;
        while (!way.contains(part)) {
            way.add(part);
            Optional<Integer> below = beneath.get(part).stream().filter(b -> !done[b]).findFirst();
            if (below.isEmpty()) {
                return part;
            }
            part = below.get();
        }
        return Collections.min(way.subList(way.indexOf(part), way.size()));
    }

    /**
     * The outline of a box in the picture, a hexagon, between three pairs of parallel lines: one
     * pair along each of its edges.
     */
    private record Shadow(double[] low, double[] high) {
        /** Towards the eye, for every step to the front: so far to the right, and so far up. */
        private static final double RIGHT = 0.611;

        private static final double UP = 0.373;

        static Shadow of(Bounds b) {
            double x0 = b.x0().toMm();
            double x1 = b.x1().toMm();
            double y0 = b.y0().toMm();
            double y1 = b.y1().toMm();
            double z0 = b.z0().toMm();
            double z1 = b.z1().toMm();
            return new Shadow(
                    new double[] {UP * y0 + z0, UP * x0 - RIGHT * z1, x0 + RIGHT * y0},
                    new double[] {UP * y1 + z1, UP * x1 - RIGHT * z0, x1 + RIGHT * y1});
        }

        boolean covers(Shadow other) {
            for (int n = 0; n < low.length; n++) {
                if (high[n] <= other.low[n] || other.high[n] <= low[n]) {
                    return false;
                }
            }
            return true;
        }
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
