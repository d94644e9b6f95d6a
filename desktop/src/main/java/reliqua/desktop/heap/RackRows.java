package reliqua.desktop.heap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Remeasured;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import reliqua.desktop.Texts;

/** The lines of the rack: what is found, grouped, with totals, in the order asked for. */
final class RackRows {
    /** In which order lots stand in their groups, and groups in the rack. */
    enum Order {
        RECORDED,
        LENGTH,
        WORTH,
        PLACE
    }

    private final RackIndex index = new RackIndex();

    /** Lots do not change, so each is priced once; thousands are summed at every letter typed. */
    private final Map<Lot, Money> worths = new IdentityHashMap<>();

    private PriceBook priced = PriceBook.EMPTY;

    /** Groups in the order in which they first occur, each with its total. */
    List<RackRow> of(Heap heap, String filter, Order order, PriceBook prices, Tape tape) {
        if (prices != priced) {
            priced = prices;
            worths.clear();
        }
        Map<String, List<Lot>> groups = new LinkedHashMap<>();
        for (Lot lot : heap.lots()) {
            if (index.matches(lot, filter, tape)) {
                groups.computeIfAbsent(group(lot, order, tape), _ -> new ArrayList<>()).add(lot);
            }
        }
        List<RackRow> rows = new ArrayList<>();
        groups.forEach(
                (name, lots) -> {
                    rows.add(new RackRow.Group(name, total(lots, tape)));
                    lots.stream()
                            .sorted(comparator(order))
                            .forEach(lot -> rows.add(new RackRow.OfLot(lot)));
                });
        return rows;
    }

    /** By place the rack is a walk round the yard. */
    private static String group(Lot lot, Order order, Tape tape) {
        if (order != Order.PLACE) {
            return Describe.group(lot.material(), tape);
        }
        String place = lot.provenance().place();
        return place.isEmpty() ? Texts.get("rack.nowhere") : place;
    }

    private Comparator<Lot> comparator(Order order) {
        return switch (order) {
            case RECORDED -> (_, _) -> 0;
            case LENGTH, PLACE ->
                    Comparator.comparing((Lot l) -> Remeasured.length(l.material())).reversed();
            case WORTH -> Comparator.comparing((Lot l) -> worth(l)).reversed();
        };
    }

    private Money worth(Lot lot) {
        return worths.computeIfAbsent(lot, l -> priced.worth(l.material()).times(l.quantity()));
    }

    private String total(List<Lot> lots, Tape tape) {
        int pieces = lots.stream().mapToInt(Lot::quantity).sum();
        List<String> words = new ArrayList<>();
        words.add(Texts.get("heap.total", pieces));
        Length clear = Length.ZERO;
        double metres = 0;
        Money worth = Money.ZERO;
        for (Lot lot : lots) {
            worth = worth.plus(worth(lot));
            if (lot.material() instanceof Stick s) {
                clear = clear.plus(clear(s).times(lot.quantity()));
            } else if (lot.material() instanceof Sheet s) {
                metres += s.squareMetres() * lot.quantity();
            }
        }
        if (clear.isPositive()) {
            words.add(Texts.get("heap.total.clear", tape.sayLong(clear)));
        }
        if (metres > 0) {
            words.add(tape.say(Area.ofSquareMetres(metres)));
        }
        if (!worth.isZero()) {
            words.add(Texts.get("heap.total.worth", tape.say(worth)));
        }
        return String.join(" \u00b7 ", words);
    }

    private static Length clear(Stick stick) {
        return stick.clearSpans().stream()
                .map(span -> span.length())
                .reduce(Length.ZERO, Length::plus);
    }
}
