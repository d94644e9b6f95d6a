package reliqua.core.stock;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import reliqua.core.measure.Words;

/**
 * Everything the keeper has lying about, in the order it was recorded.
 *
 * @param lots the lots; ids are unique
 */
public record Heap(List<Lot> lots) {
    /** Nothing. */
    public static final Heap EMPTY = new Heap(List.of());

    /** Refuses a heap in which an id occurs twice. */
    public Heap {
        lots = List.copyOf(lots);
        Set<String> seen = new HashSet<>();
        for (Lot lot : lots) {
            if (!seen.add(lot.id())) {
                throw new IllegalArgumentException(Words.say("stock.heap.twice", lot.id()));
            }
        }
    }

    /** The lot with this id, if there is one. */
    public Optional<Lot> find(String id) {
        return lots.stream().filter(lot -> lot.id().equals(id)).findFirst();
    }

    /** With a lot added at the end. */
    public Heap plus(Lot lot) {
        List<Lot> more = new ArrayList<>(lots);
        more.add(lot);
        return new Heap(more);
    }

    /** With the lot of the same id replaced; unchanged when there is none. */
    public Heap replace(Lot lot) {
        return new Heap(lots.stream().map(l -> l.id().equals(lot.id()) ? lot : l).toList());
    }

    /** With every lot of these ids changed in the same way. */
    public Heap changed(Set<String> ids, UnaryOperator<Lot> change) {
        return new Heap(
                lots.stream().map(l -> ids.contains(l.id()) ? change.apply(l) : l).toList());
    }

    /** Without the lots of these ids. */
    public Heap minus(Set<String> ids) {
        return new Heap(lots.stream().filter(lot -> !ids.contains(lot.id())).toList());
    }

    /** Without the lot of this id. */
    public Heap minus(String id) {
        return new Heap(lots.stream().filter(lot -> !lot.id().equals(id)).toList());
    }

    /** An id not in use. */
    public String freshId(Material material) {
        return freshId(material, Set.of());
    }

    /**
     * An id not in use: the letter of the kind and the next number.
     *
     * @param spent ids of lots that are used up; they are not given again
     */
    public String freshId(Material material, Set<String> spent) {
        Set<String> taken = ids();
        taken.addAll(spent);
        return freshId(material, taken, 1);
    }

    private Set<String> ids() {
        Set<String> ids = new HashSet<>();
        lots.forEach(lot -> ids.add(lot.id()));
        return ids;
    }

    private static String freshId(Material material, Set<String> taken, int from) {
        String letter = letter(material);
        int number = from;
        while (taken.contains(letter + number)) {
            number++;
        }
        return letter + number;
    }

    private static String letter(Material material) {
        return switch (material) {
            case Stick _ -> "S";
            case Sheet _ -> "P";
            case Roofing _ -> "R";
            case Mesh _ -> "M";
            case Pole _ -> "O";
            case Pallet _ -> "T";
            case FoundPart _ -> "F";
            case Block _ -> "B";
            case Hardware _ -> "H";
        };
    }

    /**
     * With many lots added at the end, in time that grows with their number: under their own ids
     * where those are free, else under fresh ones.
     *
     * @param spent ids of lots that are used up; they are not given again
     */
    public Heap plus(List<Lot> added, Set<String> spent) {
        Set<String> taken = ids();
        taken.addAll(spent);
        Map<String, Integer> next = new HashMap<>();
        List<Lot> more = new ArrayList<>(lots);
        for (Lot lot : added) {
            Lot fresh = lot;
            if (taken.contains(lot.id())) {
                String letter = letter(lot.material());
                String id = freshId(lot.material(), taken, next.getOrDefault(letter, 1));
                next.put(letter, Integer.parseInt(id.substring(1)));
                fresh = lot.withId(id);
            }
            taken.add(fresh.id());
            more.add(fresh);
        }
        return new Heap(more);
    }

    /** The lots plans may use: neither refused nor barred by what they are. */
    public List<Lot> usable() {
        return lots.stream().filter(lot -> lot.condition().usable()).toList();
    }

    /**
     * What a design can reckon with: the usable lots, and in place of every pallet the boards and
     * bearers it is expected to give in the quickest way the keeper allows, each as a lot of its
     * own ({@code T1 boards}). A pallet kept whole gives nothing.
     */
    public Heap worked() {
        List<Lot> ready = new ArrayList<>();
        for (Lot lot : usable()) {
            if (lot.material() instanceof Pallet pallet) {
                pallet.breaking().ways().stream()
                        .limit(1)
                        .forEach(way -> ready.addAll(brokenDown(lot, PalletYield.of(pallet, way))));
            } else {
                ready.add(lot);
            }
        }
        return new Heap(ready);
    }

    /**
     * With some of a lot set apart as a lot of their own, right at the end.
     *
     * @param spent ids that are not given again
     */
    public Heap apart(String id, int some, Set<String> spent) {
        Lot lot = find(id).orElseThrow();
        Lot rest = lot.with(lot.quantity() - some, lot.material());
        Lot taken = lot.with(some, lot.material()).withId(freshId(lot.material(), spent));
        return replace(rest).plus(taken);
    }

    /** Without one of a lot: one fewer, or none. */
    public Heap less(String id) {
        Lot lot = find(id).orElseThrow();
        return lot.quantity() == 1
                ? minus(id)
                : replace(lot.with(lot.quantity() - 1, lot.material()));
    }

    /** With one thing more: in its lot, if that is there unchanged, else as a lot again. */
    public Heap plusOne(Lot one) {
        return find(one.id())
                .filter(lot -> lot.material().equals(one.material()))
                .map(lot -> replace(lot.with(lot.quantity() + 1, lot.material())))
                .orElseGet(
                        () ->
                                plus(
                                        find(one.id()).isEmpty()
                                                ? one
                                                : one.withId(freshId(one.material()))));
    }

    /** With what came out of a broken-down lot of pallets in its place, under ids of their own. */
    public Heap brokenDown(String id, PalletYield yield, Set<String> spent) {
        Heap after = minus(id);
        Lot lot = find(id).orElseThrow();
        for (Lot sticks : brokenDown(lot, yield)) {
            after = after.plus(sticks.withId(after.freshId(sticks.material(), spent)));
        }
        return after;
    }

    private static List<Lot> brokenDown(Lot lot, PalletYield yield) {
        List<Lot> sticks = new ArrayList<>();
        if (yield.boards() > 0) {
            int boards = yield.boards() * lot.quantity();
            sticks.add(new Lot(lot.id() + " boards", boards, yield.board(), lot.provenance()));
        }
        int bearers = yield.bearers() * lot.quantity();
        sticks.add(new Lot(lot.id() + " bearers", bearers, yield.bearer(), lot.provenance()));
        return sticks;
    }

    /** Lots that may be used but that no plan knows a use for yet: they wait in the yard. */
    public List<Lot> idle() {
        return usable().stream()
                .filter(
                        lot ->
                                switch (lot.material()) {
                                    case Stick _, Sheet _, Roofing _, Mesh _, Hardware _ -> false;
                                    case Pallet p -> p.breaking().ways().isEmpty();
                                    case Pole _, FoundPart _, Block _ -> true;
                                })
                .toList();
    }

    /** How many single things of a kind there are. */
    public int count(Class<? extends Material> kind) {
        return lots.stream()
                .filter(lot -> kind.isInstance(lot.material()))
                .mapToInt(Lot::quantity)
                .sum();
    }
}
