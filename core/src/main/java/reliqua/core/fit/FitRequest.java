package reliqua.core.fit;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.cutting.CutMade;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/**
 * What is to be fitted to what.
 *
 * @param family the kind of coop
 * @param needs what the flock needs
 * @param practice what the keeper does by school: with the space below, in gales, to clean
 * @param keeper with the limits of the place
 * @param heap what there is
 * @param prices what can be bought
 * @param addOns what is to be built on
 * @param held lengths the keeper has fixed, by key
 * @param cuts what has been cut already: pieces that serve a house need not be cut again
 * @param built what stands already and must be taken in as it is
 * @param hardware what must be bought beside wood: of two houses as cheap in wood it decides
 * @param seed same seed, same answer
 */
public record FitRequest(
        CoopFamily family,
        Needs needs,
        Practice practice,
        Keeper keeper,
        Heap heap,
        PriceBook prices,
        Set<AddOn> addOns,
        Map<String, Length> held,
        List<CutMade> cuts,
        Optional<AsBuilt> built,
        HardwareBill hardware,
        long seed) {
    /** Copies the collections. */
    public FitRequest {
        cuts = List.copyOf(cuts);
        held = Map.copyOf(held);
        addOns = Set.copyOf(addOns);
    }

    /** Whom it is for. */
    public Brief brief() {
        return new Brief(needs, keeper, addOns);
    }

    /** The same with another seed. */
    public FitRequest seeded(long other) {
        return new FitRequest(
                family, needs, practice, keeper, heap, prices, addOns, held, cuts, built, hardware,
                other);
    }

    /** What odd things there is a place for: in this kind of coop, and in what is built on. */
    Set<FoundPart.Use> places() {
        Set<FoundPart.Use> places = EnumSet.noneOf(FoundPart.Use.class);
        places.addAll(family.places());
        addOns.forEach(a -> places.addAll(a.places()));
        return places;
    }
}
