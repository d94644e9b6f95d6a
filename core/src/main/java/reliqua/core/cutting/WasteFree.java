package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Random;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;

/**
 * All rectangles that can be joined without waste, two with a side in common at a time, until there
 * are no more or too many.
 *
 * <p>A rectangle with a flaw in it can lie in one place only, where the flaw is; so it is joined to
 * others only on the side on which there is room, and to another with a flaw only when both places
 * agree.
 */
final class WasteFree {
    /** No panel: a flaw, or several joined. */
    static final int FLAW = -1;

    static final long ANYWHERE = -1;

    private static final int MOST_NODES = 60_000;
    private static final int FEW_PARTNERS = 60;
    private static final double JITTER = 0.3;
    private static final int MOST_JOINS = 1_500_000;

    /**
     * A rectangle without waste.
     *
     * @param counts panels of each type in it
     * @param flaws flaws of the sheet in it, one bit each
     * @param x where it lies, when there is a flaw in it; ANYWHERE otherwise
     * @param y where it lies, when there is a flaw in it; ANYWHERE otherwise
     * @param type of a single panel; FLAW for a flaw
     * @param across whether the parts lie side by side, else one above the other
     */
    record Node(
            long width,
            long length,
            byte[] counts,
            int flaws,
            long x,
            long y,
            int type,
            boolean turned,
            boolean across,
            @Nullable Node first,
            @Nullable Node second) {
        private Key key() {
            return new Key(width, length, flaws, x, y, Arrays.hashCode(counts), counts);
        }
    }

    private record Key(
            long width, long length, int flaws, long x, long y, int hash, byte[] counts) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key k
                    && k.width == width
                    && k.length == length
                    && k.flaws == flaws
                    && k.x == x
                    && k.y == y
                    && k.hash == hash
                    && Arrays.equals(k.counts, counts);
        }

        @Override
        public int hashCode() {
            return (int) (31 * (31 * (31 * (31 * width + length) + hash) + flaws + 17 * x) + y);
        }
    }

    private record Waiting(Node node, double rank) {}

    /** Pairs of rectangles that may still be looked at, by several searches together. */
    static final class Budget {
        private long left;

        Budget(long joins) {
            this.left = joins;
        }

        long left() {
            return left;
        }

        private void spend() {
            left--;
        }
    }

    /**
     * How to look.
     *
     * @param largeFirst large rectangles first, each joined with a few others by chance; else in
     *     the order in which they come about
     */
    record Hunt(boolean largeFirst, RandomGenerator random, Budget budget, Progress progress) {}

    private final SheetKinds kinds;
    private final long kerf;
    private final Hunt hunt;
    private final long widest;
    private final long longest;
    private final Map<Long, List<Node>> byWidth = new HashMap<>();
    private final Map<Long, List<Node>> byLength = new HashMap<>();
    private final Set<Key> seen = new HashSet<>();
    private final PriorityQueue<Waiting> open;
    private int joins;

    /** Of rectangles no larger than {@code widest} by {@code longest}. */
    WasteFree(SheetKinds kinds, long kerf, Hunt hunt, long widest, long longest) {
        this.kinds = kinds;
        this.kerf = kerf;
        this.hunt = hunt;
        this.widest = widest;
        this.longest = longest;
        this.open = new PriorityQueue<>(Comparator.comparingDouble(Waiting::rank));
    }

    /** Whether there are no more. */
    boolean complete() {
        return open.isEmpty();
    }

    /** In the order found, or large ones first with a little chance. */
    private double rank(Node node) {
        if (!hunt.largeFirst()) {
            return seen.size();
        }
        double area = (double) node.width() * node.length();
        return -area * (1 + JITTER * hunt.random().nextDouble());
    }

    /** Partners to join with; by chance a few of many when only large ones are looked for. */
    private List<Node> partners(List<Node> all) {
        List<Node> some = new ArrayList<>(all);
        if (hunt.largeFirst() && some.size() > FEW_PARTNERS) {
            Collections.shuffle(some, Random.from(hunt.random()));
            return some.subList(0, FEW_PARTNERS);
        }
        return some;
    }

    /** Everything that comes of these. */
    void grow(List<Node> leaves) {
        leaves.forEach(this::add);
        run();
    }

    /** The rectangles of another closure, and all that come about with flaws. */
    void growFrom(WasteFree plain, List<Node> flaws) {
        plain.byWidth.values().forEach(nodes -> nodes.forEach(this::keep));
        flaws.forEach(this::add);
        run();
    }

    private void run() {
        while (!open.isEmpty()
                && seen.size() < MOST_NODES
                && joins < MOST_JOINS
                && hunt.budget().left() > 0
                && !hunt.progress().cancelled()) {
            Node node = open.remove().node();
            for (Node other : partners(byLength.getOrDefault(node.length(), List.of()))) {
                if (node.width() + kerf + other.width() <= widest) {
                    join(node, other, true);
                }
            }
            for (Node other : partners(byWidth.getOrDefault(node.width(), List.of()))) {
                if (node.length() + kerf + other.length() <= longest) {
                    join(node, other, false);
                }
            }
        }
    }

    private void join(Node a, Node b, boolean across) {
        joins++;
        hunt.budget().spend();
        if ((a.flaws() & b.flaws()) != 0 || !enough(a, b)) {
            return;
        }
        if (a.flaws() == 0 && b.flaws() == 0) {
            add(joined(a, b, across, ANYWHERE, ANYWHERE));
            return;
        }
        place(a, b, across);
        place(b, a, across);
    }

    private boolean enough(Node a, Node b) {
        for (int t = 0; t < a.counts().length; t++) {
            if (a.counts()[t] + b.counts()[t] > Math.min(kinds.demand(t), Byte.MAX_VALUE)) {
                return false;
            }
        }
        return true;
    }

    /** One before the other, if that agrees with where their flaws are. */
    private void place(Node before, Node after, boolean across) {
        long stepX = across ? before.width() + kerf : 0;
        long stepY = across ? 0 : before.length() + kerf;
        long x = before.flaws() != 0 ? before.x() : after.x() - stepX;
        long y = before.flaws() != 0 ? before.y() : after.y() - stepY;
        boolean agrees =
                before.flaws() == 0
                        || after.flaws() == 0
                        || after.x() == x + stepX && after.y() == y + stepY;
        boolean inside =
                x >= 0
                        && y >= 0
                        && x + stepX + after.width() <= widest
                        && y + stepY + after.length() <= longest;
        if (agrees && inside) {
            add(joined(before, after, across, x, y));
        }
    }

    private Node joined(Node before, Node after, boolean across, long x, long y) {
        byte[] counts = before.counts().clone();
        for (int t = 0; t < counts.length; t++) {
            counts[t] += after.counts()[t];
        }
        long width = across ? before.width() + kerf + after.width() : before.width();
        long length = across ? before.length() : before.length() + kerf + after.length();
        int flaws = before.flaws() | after.flaws();
        return new Node(width, length, counts, flaws, x, y, FLAW, false, across, before, after);
    }

    private void add(Node node) {
        if (node.width() <= widest && node.length() <= longest && seen.add(node.key())) {
            keep(node);
            open.add(new Waiting(node, rank(node)));
        }
    }

    private void keep(Node node) {
        byWidth.computeIfAbsent(node.width(), _ -> new ArrayList<>()).add(node);
        byLength.computeIfAbsent(node.length(), _ -> new ArrayList<>()).add(node);
    }

    /** Those of just this size. */
    List<Node> of(long width, long length) {
        return byWidth.getOrDefault(width, List.of()).stream()
                .filter(n -> n.length() == length)
                .toList();
    }
}
