package reliqua.core.project;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.buy.Bill;
import reliqua.core.check.Finding;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;

/**
 * Two designs side by side: what differs between them in money, room, parts, work, and in what the
 * rules say of them.
 *
 * @param rows figures of both, also those that are the same
 * @param findings what a rule holds against one of them and not against the other
 * @param buys lines of the bill that only one of them has, or not so many
 */
public record Beside(List<Row> rows, List<Row> findings, List<Row> buys) {
    /** Which of two is better, where one is. */
    public enum Better {
        LEFT,
        RIGHT,
        NEITHER
    }

    /**
     * One thing told of both.
     *
     * @param what it is
     * @param left of the one; none where it does not apply
     * @param right of the other
     * @param better which of them
     */
    public record Row(Sum what, Optional<Sum> left, Optional<Sum> right, Better better) {}

    /** Copies the lists. */
    public Beside {
        rows = List.copyOf(rows);
        findings = List.copyOf(findings);
        buys = List.copyOf(buys);
    }

    /** Compares two designs for the same birds. */
    public static Beside of(Design left, Design right) {
        return new Beside(rows(left, right), findings(left, right), buys(left, right));
    }

    private static List<Row> rows(Design left, Design right) {
        List<Row> rows = new ArrayList<>();
        Coop.Measures a = left.candidate().coop().measures();
        Coop.Measures b = right.candidate().coop().measures();
        Money bill = left.bill().total();
        rows.add(lower("bill", bill, right.bill().total()));
        rows.add(lower("hours", hours(left), hours(right)));
        rows.add(higher("floor", a.floor(), b.floor()));
        if (!(a.run().equals(Area.ZERO) && b.run().equals(Area.ZERO))) {
            rows.add(higher("run", a.run(), b.run()));
        }
        rows.add(plain("size", size(a), size(b)));
        rows.add(lower("height", a.height(), b.height()));
        rows.add(lower("weight", a.weight(), b.weight()));
        if (a.standing().isPositive() || b.standing().isPositive()) {
            rows.add(higher("standing", a.standing(), b.standing()));
        }
        rows.add(higher("roost", a.roost(), b.roost()));
        rows.add(higher("nests", a.nests(), b.nests()));
        rows.add(lower("parts", parts(left), parts(right)));
        rows.add(lower("cuts", cuts(left), cuts(right)));
        rows.add(lower("steps", left.steps().size(), right.steps().size()));
        return rows;
    }

    private static Sum size(Coop.Measures m) {
        return Sum.of("beside.by", m.width(), m.depth());
    }

    private static long hours(Design design) {
        return Math.round(design.minutes() / 60.0);
    }

    private static int parts(Design design) {
        return design.candidate().coop().parts().size();
    }

    private static int cuts(Design design) {
        return design.candidate().plan().cutCount();
    }

    private static Sum named(String key) {
        return Sum.of("beside." + key);
    }

    private static Optional<Sum> value(Object value) {
        boolean none = value instanceof Length length && !length.isPositive();
        return Optional.of(none ? Sum.of("beside.none") : Sum.of("beside.value", value));
    }

    private static Row plain(String key, Sum left, Sum right) {
        return new Row(named(key), Optional.of(left), Optional.of(right), Better.NEITHER);
    }

    private static <T extends Comparable<T>> Row lower(String key, T left, T right) {
        return compared(key, left, right, right.compareTo(left));
    }

    private static <T extends Comparable<T>> Row higher(String key, T left, T right) {
        return compared(key, left, right, left.compareTo(right));
    }

    private static Row compared(String key, Object left, Object right, int leftBetter) {
        Better better =
                leftBetter == 0 ? Better.NEITHER : leftBetter > 0 ? Better.LEFT : Better.RIGHT;
        return new Row(named(key), value(left), value(right), better);
    }

    /** Rules that find fault with one of them only; the other holds there. */
    private static List<Row> findings(Design left, Design right) {
        Map<String, Finding> bad = bad(right);
        List<Row> rows = new ArrayList<>();
        for (Finding f : bad(left).values()) {
            if (bad.remove(f.rule()) == null) {
                rows.add(new Row(f.sum(), Optional.of(f.sum()), Optional.empty(), Better.RIGHT));
            }
        }
        for (Finding f : bad.values()) {
            rows.add(new Row(f.sum(), Optional.empty(), Optional.of(f.sum()), Better.LEFT));
        }
        return rows;
    }

    private static Map<String, Finding> bad(Design design) {
        Map<String, Finding> bad = new LinkedHashMap<>();
        design.candidate().findings().stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .forEach(f -> bad.putIfAbsent(f.rule(), f));
        return bad;
    }

    private static List<Row> buys(Design left, Design right) {
        Map<String, Integer> other = new HashMap<>();
        right.bill().lines().forEach(l -> other.put(l.id(), l.units()));
        List<Row> rows = new ArrayList<>();
        for (Bill.Line line : left.bill().lines()) {
            int there = other.getOrDefault(line.id(), 0);
            other.remove(line.id());
            if (there != line.units()) {
                rows.add(bought(line, line.units(), there));
            }
        }
        right.bill().lines().stream()
                .filter(l -> other.containsKey(l.id()))
                .forEach(l -> rows.add(bought(l, 0, l.units())));
        return rows;
    }

    private static Row bought(Bill.Line line, int left, int right) {
        return new Row(
                Sum.of("beside.value", line.name()),
                Optional.of(Sum.of("beside.value", left)),
                Optional.of(Sum.of("beside.value", right)),
                left < right ? Better.LEFT : Better.RIGHT);
    }
}
