package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.jspecify.annotations.Nullable;

/**
 * Finds fillings of whole sheets without any waste, from the panels up: two rectangles with a side
 * in common are joined, a kerf between them, into a larger one, as long as there are panels for it
 * (after Wang 1983, with no waste allowed). A flaw counts as a panel that lies in its place. Every
 * filling can be cut from edge to edge by its joins, undone from the last.
 *
 * <p>Without waste few rectangles fit each other, so the closure is small; where it is not, the
 * search stops at a number of rectangles and gives what it has.
 *
 * <p>A rectangle with a flaw in it can lie in one place only, where the flaw is; so it is joined to
 * others only on the side on which there is room, and to another with a flaw only when both places
 * agree.
 */
final class WholeFills {
    private static final int MOST_NODES = 60_000;
    private static final int MOST_FILLS = 200;
    private static final int LARGE_FIRST_RUNS = 4;
    private static final int FEW_PARTNERS = 60;
    private static final double JITTER = 0.3;
    private static final int MOST_JOINS = 1_500_000;
    private static final int FLAW = -1;
    private static final long ANYWHERE = -1;

    private final SheetKinds kinds;
    private final long kerf;
    private final Progress progress;

    private final RandomGenerator random;
    private long joinsLeft;

    /** Looks at no more than {@code joins} pairs of rectangles in all. */
    WholeFills(SheetKinds kinds, long kerf, long joins, long seed, Progress progress) {
        this.kinds = kinds;
        this.joinsLeft = joins;
        this.kerf = kerf;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.progress = progress;
    }

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
    private record Node(
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
        Key key() {
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

    /**
     * The fillings of every own kind of sheet: all there are where the closure is small, otherwise
     * those that a few searches for large rectangles first come upon.
     */
    List<SheetPattern> all() {
        Set<SheetPattern> fills = new LinkedHashSet<>();
        return search(fills, false) ? List.copyOf(fills) : more(fills);
    }

    /** Those that a few more searches for large rectangles first come upon. */
    List<SheetPattern> more() {
        return more(new LinkedHashSet<>());
    }

    private List<SheetPattern> more(Set<SheetPattern> fills) {
        boolean complete = false;
        for (int run = 0;
                run < LARGE_FIRST_RUNS && !complete && joinsLeft > 0 && !progress.cancelled();
                run++) {
            complete = search(fills, true);
            if (fills.isEmpty()) {
                // Large rectangles were looked for and none came about: these panels were not cut
                // from whole sheets.
                break;
            }
        }
        return List.copyOf(fills);
    }

    /** Pairs of rectangles that may still be looked at. */
    long joinsLeft() {
        return joinsLeft;
    }

    /** One search; whether it came to its end. */
    private boolean search(Set<SheetPattern> fills, boolean largeFirst) {
        Closure plain = new Closure(longest(true), longest(false), largeFirst);
        plain.grow(panels());
        boolean complete = plain.complete();
        for (int kind = 0; kind < kinds.kinds().size(); kind++) {
            SheetProblem.Bin bin = kinds.kinds().get(kind).bin();
            if (!kinds.kinds().get(kind).own() || progress.cancelled()) {
                continue;
            }
            Closure closure = plain;
            List<Node> flaws = flaws(bin);
            if (!flaws.isEmpty()) {
                closure = new Closure(bin.width(), bin.length(), largeFirst);
                closure.growFrom(plain, flaws);
                complete &= closure.complete();
            }
            fills.addAll(fills(kind, bin, closure, (1 << flaws.size()) - 1));
        }
        return complete;
    }

    private long longest(boolean width) {
        return kinds.kinds().stream()
                .filter(SheetKinds.Kind::own)
                .mapToLong(k -> width ? k.bin().width() : k.bin().length())
                .max()
                .orElse(0);
    }

    private List<Node> panels() {
        List<Node> leaves = new ArrayList<>();
        for (int type = 0; type < kinds.types().size(); type++) {
            SheetProblem.PanelType panel = kinds.types().get(type);
            byte[] counts = new byte[kinds.types().size()];
            counts[type] = 1;
            leaves.add(leaf(panel.width(), panel.length(), counts, type, false));
            boolean turns = kinds.kinds().stream().allMatch(k -> panel.mayTurn(k.bin()));
            if (turns && panel.width() != panel.length()) {
                leaves.add(leaf(panel.length(), panel.width(), counts, type, true));
            }
        }
        return leaves;
    }

    private static Node leaf(long width, long length, byte[] counts, int type, boolean turned) {
        return new Node(
                width, length, counts, 0, ANYWHERE, ANYWHERE, type, turned, false, null, null);
    }

    /** Flaws that lie wholly inside; others cannot be closed up against. */
    private List<Node> flaws(SheetProblem.Bin bin) {
        List<Node> leaves = new ArrayList<>();
        for (int n = 0; n < Math.min(8, bin.flaws().size()); n++) {
            SheetProblem.Rect flaw = bin.flaws().get(n);
            leaves.add(
                    new Node(
                            flaw.width(),
                            flaw.length(),
                            new byte[kinds.types().size()],
                            1 << n,
                            flaw.x0(),
                            flaw.y0(),
                            FLAW,
                            false,
                            false,
                            null,
                            null));
        }
        return leaves;
    }

    private record Waiting(Node node, double rank) {}

    /** All rectangles that can be joined without waste. */
    private final class Closure {
        private final long widest;
        private final long longest;
        private final Map<Long, List<Node>> byWidth = new HashMap<>();
        private final Map<Long, List<Node>> byLength = new HashMap<>();
        private final Set<Key> seen = new HashSet<>();
        private final PriorityQueue<Waiting> open;
        private int joins;

        private final boolean largeFirst;

        Closure(long widest, long longest, boolean largeFirst) {
            this.widest = widest;
            this.longest = longest;
            this.largeFirst = largeFirst;
            this.open = new PriorityQueue<>(Comparator.comparingDouble(Waiting::rank));
        }

        boolean complete() {
            return open.isEmpty();
        }

        /** In the order found, or large ones first with a little chance. */
        private double rank(Node node) {
            if (!largeFirst) {
                return seen.size();
            }
            double area = (double) node.width() * node.length();
            return -area * (1 + JITTER * random.nextDouble());
        }

        /** Partners to join with; by chance a few of many when only large ones are looked for. */
        private List<Node> partners(List<Node> all) {
            List<Node> some = new ArrayList<>(all);
            if (largeFirst && some.size() > FEW_PARTNERS) {
                java.util.Collections.shuffle(some, java.util.Random.from(random));
                return some.subList(0, FEW_PARTNERS);
            }
            return some;
        }

        void grow(List<Node> leaves) {
            leaves.forEach(this::add);
            run();
        }

        /** The rectangles of another closure, and all that come about with flaws. */
        void growFrom(Closure plain, List<Node> flaws) {
            plain.byWidth.values().forEach(nodes -> nodes.forEach(this::keep));
            flaws.forEach(this::add);
            run();
        }

        private void run() {
            while (!open.isEmpty()
                    && seen.size() < MOST_NODES
                    && joins < MOST_JOINS
                    && joinsLeft > 0
                    && !progress.cancelled()) {
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
            joinsLeft--;
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
    }

    private List<SheetPattern> fills(
            int kind, SheetProblem.Bin bin, Closure closure, int allFlaws) {
        List<SheetPattern> fills = new ArrayList<>();
        for (Node node : closure.byWidth.getOrDefault(bin.width(), List.of())) {
            if (node.length() == bin.length()
                    && node.flaws() == allFlaws
                    && fills.size() < MOST_FILLS) {
                List<SheetPattern.Spot> spots = new ArrayList<>();
                lay(node, 0, 0, spots);
                fills.add(SheetPattern.of(kind, spots, kinds.types().size()));
            }
        }
        return fills;
    }

    private void lay(Node node, long x, long y, List<SheetPattern.Spot> spots) {
        Node first = node.first();
        Node second = node.second();
        if (first == null || second == null) {
            if (node.type() != FLAW) {
                spots.add(new SheetPattern.Spot(node.type(), x, y, node.turned()));
            }
            return;
        }
        lay(first, x, y, spots);
        if (node.across()) {
            lay(second, x + first.width() + kerf, y, spots);
        } else {
            lay(second, x, y + first.length() + kerf, spots);
        }
    }
}
