package reliqua.core.cutting;

import java.util.List;
import java.util.Set;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;

/** How much of a section a heap can give at the very most, however things are worked. */
public final class YardLength {
    private YardLength() {}

    /**
     * Metres between flaws of all sticks of the section, and of all that could be made of other
     * things if each were worked for this section alone.
     */
    public static double metres(Heap heap, Workshop workshop, Section section) {
        Workables workables = new Workables(heap, workshop, Set.of(section));
        double plain =
                new YardStock(heap, PriceBook.EMPTY)
                        .sticks().stream()
                                .filter(s -> !workables.contains(s.id()))
                                .mapToDouble(s -> metres(List.of(s), section))
                                .sum();
        double worked =
                workables.jobs().stream()
                        .mapToDouble(
                                w ->
                                        w.quantity()
                                                * w.ways().stream()
                                                        .mapToDouble(
                                                                way -> metres(way.gives(), section))
                                                        .max()
                                                        .orElse(0))
                        .sum();
        return plain + worked;
    }

    private static double metres(List<OwnStick> sticks, Section section) {
        return sticks.stream()
                .filter(s -> s.thickness().equals(section.thickness()))
                .filter(s -> s.width().equals(section.width()))
                .mapToDouble(
                        s ->
                                s.quantity()
                                        * s.clearSpans().stream()
                                                .mapToDouble(c -> c.length().toMetres())
                                                .sum())
                .sum();
    }
}
