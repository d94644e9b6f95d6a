package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Finds;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.Condition;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PriceBook;

/** What of a heap a design may use whole: pallets of each size there is, blocks, hoops. */
final class FindOptions {
    /** What wants another floor, or has asked for this one. */
    private static final Set<AddOn> OTHER_FLOORS =
            EnumSet.of(
                    AddOn.PALLET_FLOOR,
                    AddOn.SLATTED_FLOOR,
                    AddOn.WIRE_FLOOR,
                    AddOn.FLOOR_VENT,
                    AddOn.DOUBLED);

    /** Held, they seldom are those of pallets. */
    private static final List<String> SIDES = List.of("width", "depth");

    private static final int MOST_SIZES = 3;

    /** As many as a house wants; a shop never runs out. */
    private static final int PLENTY = 1000;

    /** Thicker ones are blocks to stand on. */
    private static final Length THICKEST_SLAB = Length.mm(80);

    private static final Length SMALLEST_SLAB = Length.mm(190);
    private static final Length SHORTEST_HOOP = Length.mm(1800);
    private static final Length USUAL_PIPE = Length.mm(22);

    /** Of those whose thickness was not measured. */
    private static final Length USUAL_PANEL = Length.mm(30);

    private static final Length LOWEST_PANEL = Length.mm(600);
    private static final Length TALLEST_PANEL = Length.mm(2200);

    private final Heap heap;
    private final PriceBook prices;

    FindOptions(Heap heap, PriceBook prices) {
        this.heap = heap;
        this.prices = prices;
    }

    /**
     * What decides the sizes of what is sought, if whole things do: in its walls, or as its floor.
     */
    List<Finds> whole(FitRequest request) {
        boolean onPallets = request.addOns().stream().anyMatch(AddOn::isOfPallets);
        return request.family()
                .builtOf()
                .map(this::all)
                .orElseGet(() -> onPallets ? floors() : List.of());
    }

    /** Pallets that what is sought may stand on without anybody having asked for it. */
    List<Finds> floors(FitRequest request) {
        boolean may =
                request.family().addOns().contains(AddOn.PALLET_FLOOR)
                        && request.built().isEmpty()
                        && SIDES.stream().noneMatch(request.held()::containsKey)
                        && request.addOns().stream().noneMatch(OTHER_FLOORS::contains)
                        && musts().stream().noneMatch(f -> serves(f, FoundPart.Use.PLATFORM));
        return may ? floors() : List.of();
    }

    private List<Finds> floors() {
        return pallets().stream().map(p -> Finds.of(p, Optional.empty())).toList();
    }

    /** One for each size there is, that of which there are most first; none without any. */
    List<Finds> all(Finds.Kind kind) {
        return switch (kind) {
            case PALLETS -> {
                Optional<Finds.Footing> footing = footing();
                yield pallets(footing);
            }
            case HOOPS -> hoops().stream().map(Finds::of).toList();
            case PANELS -> panels().stream().map(Finds::of).toList();
        };
    }

    /** What could go into a place, that of which there is most first; else what a shop sells. */
    List<Finds.Thing> things(FoundPart.Use place) {
        Map<FoundPart, Integer> counts = new LinkedHashMap<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof FoundPart f && f.kind().uses().contains(place)) {
                counts.merge(f, lot.quantity(), Integer::sum);
            }
        }
        if (counts.isEmpty()) {
            prices.offers().stream()
                    .filter(o -> serves(o.material(), place))
                    .min(Comparator.comparing(Offer::price))
                    .ifPresent(o -> counts.put((FoundPart) o.material(), PLENTY));
        }
        Set<FoundPart> musts = musts();
        return counts.entrySet().stream()
                .sorted(
                        Comparator.<Map.Entry<FoundPart, Integer>, Boolean>comparing(
                                        e -> !musts.contains(e.getKey()))
                                .thenComparing(e -> -e.getValue()))
                .limit(MOST_SIZES)
                .map(e -> new Finds.Thing(place, e.getKey(), e.getValue()))
                .toList();
    }

    /** What the keeper says must go in. */
    Set<FoundPart> musts() {
        Set<FoundPart> musts = new LinkedHashSet<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof FoundPart f
                    && lot.condition().verdict() == Condition.Verdict.MUST) {
                musts.add(f);
            }
        }
        return musts;
    }

    /** Each of them in the first of these places that it serves in and that is still free. */
    List<Finds.Thing> pinned(Set<FoundPart.Use> places) {
        Map<FoundPart.Use, Finds.Thing> pinned = new EnumMap<>(FoundPart.Use.class);
        for (FoundPart must : musts()) {
            places.stream()
                    .filter(p -> must.kind().uses().contains(p) && !pinned.containsKey(p))
                    .findFirst()
                    .flatMap(p -> things(p).stream().filter(t -> t.part().equals(must)).findFirst())
                    .ifPresent(t -> pinned.put(t.use(), t));
        }
        return List.copyOf(pinned.values());
    }

    private static boolean serves(Material material, FoundPart.Use place) {
        return material instanceof FoundPart f && f.kind().uses().contains(place);
    }

    private List<Finds.Hoops> hoops() {
        Map<Length, Integer> counts = new LinkedHashMap<>();
        Map<Length, Length> thickness = new LinkedHashMap<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof FoundPart f
                    && f.kind().uses().contains(FoundPart.Use.ARCH)
                    && f.longest().atLeast(SHORTEST_HOOP)) {
                counts.merge(f.longest(), lot.quantity(), Integer::sum);
                thickness.merge(f.longest(), thick(f), Length::max);
            }
        }
        return counts.entrySet().stream()
                .sorted(Map.Entry.<Length, Integer>comparingByValue().reversed())
                .limit(MOST_SIZES)
                .map(e -> new Finds.Hoops(e.getKey(), thickness.get(e.getKey()), e.getValue()))
                .toList();
    }

    /** Each size there is, upright and lying where a keeper can look over it or walk in. */
    private List<Finds.Panels> panels() {
        Map<FoundPart, Integer> counts = new LinkedHashMap<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof FoundPart f
                    && f.kind().uses().contains(FoundPart.Use.WALL_PANEL)
                    && f.sizes().size() > 1) {
                counts.merge(f, lot.quantity(), Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .sorted(Map.Entry.<FoundPart, Integer>comparingByValue().reversed())
                .limit(MOST_SIZES)
                .flatMap(e -> stood(e.getKey(), e.getValue()))
                .toList();
    }

    private static Stream<Finds.Panels> stood(FoundPart part, int count) {
        List<Length> sizes = part.sizes().stream().sorted(Comparator.reverseOrder()).toList();
        Length thick = sizes.size() > 2 ? sizes.get(2) : USUAL_PANEL;
        Length a = sizes.get(0);
        Length b = sizes.get(1);
        return Stream.of(
                        new Finds.Panels(b, a, thick, part, count),
                        new Finds.Panels(a, b, thick, part, count))
                .filter(p -> p.height().atLeast(LOWEST_PANEL) && p.height().atMost(TALLEST_PANEL))
                .distinct();
    }

    /** Where only the length was measured, that of common water pipe. */
    private static Length thick(FoundPart hoop) {
        return hoop.sizes().size() < 2
                ? USUAL_PIPE
                : hoop.sizes().stream().reduce(hoop.longest(), Length::min);
    }

    /**
     * Each size alone, and every two that stand beside one another, of which there is most first;
     * of two lengths the shorter is the first.
     */
    private List<Finds> pallets(Optional<Finds.Footing> footing) {
        List<Finds.WholePallet> sizes = pallets();
        List<Finds> all = new ArrayList<>();
        for (Finds.WholePallet size : sizes) {
            Finds alone = Finds.of(size, footing);
            all.add(alone);
            sizes.stream()
                    .filter(size::matches)
                    .filter(
                            other ->
                                    !other.length().equals(size.length())
                                            || sizes.indexOf(other) > sizes.indexOf(size))
                    .map(alone::and)
                    .forEach(all::add);
        }
        return all;
    }

    /** One of each size there is, that of which there are most first. */
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

    /** The heap's slabs of the size there are most of. */
    Optional<Finds.Footing> slabs() {
        Map<Block, Integer> counts = new LinkedHashMap<>();
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof Block block
                    && block.height().atMost(THICKEST_SLAB)
                    && block.width().atLeast(SMALLEST_SLAB)) {
                counts.merge(block, lot.quantity(), Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(e -> new Finds.Footing(e.getKey(), e.getValue()));
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
