package reliqua.core.stock;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
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

    /** Without the lot of this id. */
    public Heap minus(String id) {
        return new Heap(lots.stream().filter(lot -> !lot.id().equals(id)).toList());
    }

    /** An id not in use: the letter of the kind and the next number. */
    public String freshId(Material material) {
        String letter =
                switch (material) {
                    case Stick _ -> "S";
                    case Sheet _ -> "P";
                    case Roofing _ -> "R";
                    case Mesh _ -> "M";
                };
        Predicate<String> free = id -> find(id).isEmpty();
        return Stream.iterate(1, n -> n + 1)
                .map(n -> letter + n)
                .filter(free)
                .findFirst()
                .orElseThrow();
    }

    /** How many single things of a kind there are. */
    public int count(Class<? extends Material> kind) {
        return lots.stream()
                .filter(lot -> kind.isInstance(lot.material()))
                .mapToInt(Lot::quantity)
                .sum();
    }
}
