package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Fitter;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** What the coop would become if something about birds, heap or shop were otherwise. */
public final class WhatIfs {
    private static final int BIRDS = 3;

    private WhatIfs() {}

    /**
     * Something that might be otherwise.
     *
     * @param id name in files and tests
     * @param words the question
     * @param change makes the project so
     */
    public record Ask(String id, Sum words, UnaryOperator<Project> change) {}

    /** The questions that make sense for a project. */
    public static List<Ask> of(Project project) {
        List<Ask> asks = new ArrayList<>();
        Flock flock = project.flock();
        flock.classes().stream()
                .max(Comparator.comparingInt(flock::count))
                .filter(kind -> flock.count(kind) > 0)
                .filter(_ -> flock.total() + BIRDS <= Flock.MOST_BIRDS)
                .ifPresent(kind -> asks.add(birds(kind)));
        oneMore(project, Pallet.class, "pallet").ifPresent(asks::add);
        oneMore(project, Sheet.class, "sheet").ifPresent(asks::add);
        oneMore(project, Stick.class, "stick").ifPresent(asks::add);
        Set<String> tin =
                project.heap().usable().stream()
                        .filter(l -> l.material() instanceof Roofing)
                        .map(Lot::id)
                        .collect(Collectors.toSet());
        if (!tin.isEmpty()) {
            asks.add(new Ask("tin", Sum.of("whatif.tin"), p -> p.withHeap(p.heap().minus(tin))));
        }
        asks.add(new Ask("nothing", Sum.of("whatif.nothing"), WhatIfs::withoutShop));
        return asks;
    }

    private static Ask birds(BirdClass kind) {
        return new Ask(
                "birds",
                Sum.of("whatif.birds", BIRDS),
                p -> p.withFlock(p.flock().with(kind, p.flock().count(kind) + BIRDS)));
    }

    private static Project withoutShop(Project project) {
        return project.withPrices(
                new PriceBook(project.prices().merchant(), List.of(), new TreeMap<>()));
    }

    /** One more of what there is most of. */
    private static Optional<Ask> oneMore(
            Project project, Class<? extends Material> kind, String id) {
        return project.heap().usable().stream()
                .filter(l -> kind.isInstance(l.material()))
                .max(Comparator.comparingInt(Lot::quantity).thenComparing(Lot::id))
                .map(
                        lot ->
                                new Ask(
                                        id,
                                        Sum.of("whatif." + id),
                                        p -> p.withHeap(more(p.heap(), lot.id()))));
    }

    private static Heap more(Heap heap, String id) {
        return heap.changed(Set.of(id), l -> l.with(l.quantity() + 1, l.material()));
    }

    /** The best coop of the same kind if it were so; takes as long as a search. */
    public static Optional<Design> answer(
            Project project, DesignSpec now, Ask ask, Progress progress) {
        Project kind =
                project.withChosen(Optional.empty())
                        .seeking(Families.find(now.family()).orElse(project.kind()));
        Project asked = ask.change().apply(kind);
        return Fitter.fit(asked.fitRequest(), progress, _ -> {})
                .best()
                .map(c -> Design.of(c, asked));
    }
}
