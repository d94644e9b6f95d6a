package reliqua.core.fit;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.family.Finds;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PriceBook;

/** What of a heap a design may use whole: pallets of each size there is, and blocks. */
final class FindOptions {
    private static final int MOST_SIZES = 3;

    /** As many as a house wants; a shop never runs out. */
    private static final int PLENTY = 1000;

    private final Heap heap;
    private final PriceBook prices;

    FindOptions(Heap heap, PriceBook prices) {
        this.heap = heap;
        this.prices = prices;
    }

    /** One for each size of pallet, that of which there are most first; none without pallets. */
    List<Finds> all() {
        Optional<Finds.Footing> footing = footing();
        return pallets().stream().map(p -> new Finds(Optional.of(p), footing)).toList();
    }

    private List<Finds.WholePallet> pallets() {
        Map<List<Length>, Integer> counts = new LinkedHashMap<>();
        Map<List<Length>, Pallet> samples = new LinkedHashMap<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof Pallet p
                    && p.stamp().usable()
                    && p.bearers().count() > 1) {
                List<Length> size = List.of(p.length(), p.width());
                counts.merge(size, lot.quantity(), Integer::sum);
                samples.putIfAbsent(size, p);
            }
        }
        return counts.entrySet().stream()
                .sorted(Map.Entry.<List<Length>, Integer>comparingByValue().reversed())
                .limit(MOST_SIZES)
                .map(e -> Finds.WholePallet.of(samples.get(e.getKey()), e.getValue()))
                .toList();
    }

    /** The heap's commonest block; else the cheapest a shop sells. */
    private Optional<Finds.Footing> footing() {
        Map<Length, Integer> counts = new LinkedHashMap<>();
        Map<Length, Block> samples = new LinkedHashMap<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof Block block) {
                counts.merge(block.height(), lot.quantity(), Integer::sum);
                samples.merge(block.height(), block, FindOptions::smaller);
            }
        }
        Optional<Finds.Footing> own =
                counts.entrySet().stream()
                        .max(Map.Entry.comparingByValue())
                        .map(e -> footing(samples.get(e.getKey()), e.getValue()));
        return own.or(this::bought);
    }

    /** What shops sell of the same height adds to what lies there. */
    private Finds.Footing footing(Block block, int count) {
        boolean sold = prices.offers().stream().anyMatch(o -> isBlock(o.material(), block));
        return new Finds.Footing(block, sold ? PLENTY : count);
    }

    private static boolean isBlock(Material material, Block like) {
        return material instanceof Block b && b.height().equals(like.height());
    }

    private Optional<Finds.Footing> bought() {
        return prices.offers().stream()
                .filter(o -> o.material() instanceof Block)
                .min(Comparator.comparing(Offer::price))
                .map(o -> new Finds.Footing((Block) o.material(), PLENTY));
    }

    /** Drawn with the smallest, so that no block stands out beyond the walls. */
    private static Block smaller(Block a, Block b) {
        return a.length().compareTo(b.length()) <= 0 ? a : b;
    }
}
