package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PalletYield;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/**
 * What of a heap has to be worked into sticks, or can be: pallets, and sticks that give narrower or
 * thinner ones. A pallet is broken down only in the ways the keeper leaves open.
 */
final class Workables {
    /** The way of a stick that is neither ripped nor thinned. */
    private static final String AS_IT_IS = "whole";

    private final Map<String, CutJob.Workable> jobs = new LinkedHashMap<>();
    private final Map<String, Map<String, Making>> makings = new LinkedHashMap<>();
    private final Workshop workshop;
    private final Set<Section> wanted;

    Workables(Heap heap, Workshop workshop, Set<Section> wanted) {
        this.workshop = workshop;
        this.wanted = wanted;
        Ripping ripping = new Ripping(workshop, wanted);
        for (Lot lot : heap.usable()) {
            if (lot.material() instanceof Pallet pallet) {
                pallet(lot, pallet);
            } else if (lot.material() instanceof Stick stick) {
                stick(lot, stick, ripping.ways(stick));
            }
        }
    }

    /** In the words of a cut job. */
    List<CutJob.Workable> jobs() {
        return List.copyOf(jobs.values());
    }

    boolean contains(String lot) {
        return jobs.containsKey(lot);
    }

    /** How a lot is worked in the way of this name; nothing for a stick left as it is. */
    Optional<Making> making(String lot, String way) {
        return Optional.ofNullable(makings.getOrDefault(lot, Map.of()).get(way));
    }

    private void pallet(Lot lot, Pallet pallet) {
        Map<PalletYield.Way, PalletYield> open = new LinkedHashMap<>();
        for (PalletYield.Way way : pallet.breaking().ways()) {
            // Prying is chosen by the keeper, or by the plan when there is a bar to pry with.
            if (way != PalletYield.Way.PRIED || workshop.pries() || pallet.breaking().pinned()) {
                open.put(way, PalletYield.of(pallet, way));
            }
        }
        List<CutJob.Way> ways = new ArrayList<>();
        open.forEach(
                (way, yield) -> {
                    List<Stick> made = yield.sticks();
                    if (made.stream().anyMatch(s -> wanted.contains(s.section()))) {
                        ways.add(way(lot.id(), way.name(), yield.minutes(), made));
                        remember(
                                lot.id(),
                                way.name(),
                                new Making(Making.How.valueOf(way.name()), made, yield.minutes()));
                    }
                });
        if (!ways.isEmpty()) {
            jobs.put(lot.id(), new CutJob.Workable(lot.id(), lot.quantity(), ways));
        }
    }

    private void stick(Lot lot, Stick stick, Map<String, Making> rips) {
        if (rips.isEmpty()) {
            return;
        }
        List<CutJob.Way> ways = new ArrayList<>();
        ways.add(trimmed(way(lot.id(), AS_IT_IS, 0, List.of(stick))));
        rips.forEach(
                (name, making) -> {
                    ways.add(trimmed(way(lot.id(), name, making.minutes(), making.gives())));
                    remember(lot.id(), name, making);
                });
        jobs.put(lot.id(), new CutJob.Workable(lot.id(), lot.quantity(), ways));
    }

    /** Lanes begin and end where the stick did. */
    private CutJob.Way trimmed(CutJob.Way way) {
        return new CutJob.Way(
                way.id(),
                way.minutes(),
                way.gives().stream().map(s -> YardStock.trimmed(s, workshop.trim())).toList());
    }

    private void remember(String lot, String way, Making making) {
        makings.computeIfAbsent(lot, _ -> new LinkedHashMap<>()).put(way, making);
    }

    private static CutJob.Way way(String lot, String name, int minutes, List<Stick> made) {
        Map<Stick, Integer> counted = new LinkedHashMap<>();
        made.forEach(s -> counted.merge(s, 1, Integer::sum));
        List<OwnStick> gives = new ArrayList<>();
        counted.forEach(
                (stick, count) ->
                        gives.add(
                                YardStock.ownStick(lot + "." + (gives.size() + 1), stick, count)));
        return new CutJob.Way(name, minutes, gives);
    }
}
