package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.madeup.MadeUp;
import reliqua.core.coop.madeup.MadeUps;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;

/** Plans everything that is cut for a coop: timber and sheets, roofing, mesh. */
public final class CoopPlanner {
    /** The cost of each wish takes a plan of its own. */
    private static final int MOST_COSTED = 6;

    private final Heap heap;
    private final Heap workable;

    /** Each of so many neighbours may share a roll or not; more kinds of mesh are in no coop. */
    private static final int MOST_APART = 3;

    private final PriceBook prices;
    private final Workshop workshop;
    private final CutPlanner.Settings settings;

    /** A planner over this heap and price book. */
    public CoopPlanner(
            Heap heap, PriceBook prices, Workshop workshop, CutPlanner.Settings settings) {
        this(new Heap(heap.usable()), new Heap(heap.usable()), prices, workshop, settings);
    }

    /** Of the heap only some may be worked before it is cut across. */
    private CoopPlanner(
            Heap heap,
            Heap workable,
            PriceBook prices,
            Workshop workshop,
            CutPlanner.Settings settings) {
        this.heap = heap;
        this.workable = workable;
        this.prices = prices;
        this.workshop = workshop;
        this.settings = settings;
    }

    /** The plan of a coop of which nothing is cut yet. */
    public WorkPlan plan(Coop coop, Progress progress) {
        return plan(coop, Decided.NOTHING, Optional.empty(), progress);
    }

    /**
     * The plan of a coop of which some is cut. Tickets of the plan before stay as they are when
     * they still give all that is wanted and none is cheaper.
     *
     * @param asked what has been cut and is wished; wishes about things that are gone do not count
     * @param before the plan before
     */
    public WorkPlan plan(Coop coop, Decided asked, Optional<WorkPlan> before, Progress progress) {
        Decided decided = asked.among(this::isThere);
        WorkPlan plan = planned(coop, decided, before, progress);
        Map<CutWish, Money> costs = new TreeMap<>();
        decided.wishes().stream()
                .limit(MOST_COSTED)
                .forEach(
                        wish -> {
                            WorkPlan without =
                                    planned(
                                            coop,
                                            decided.without(wish),
                                            Optional.of(plan),
                                            progress);
                            costs.put(wish, extra(plan.weighed(), without.weighed()));
                        });
        return plan.withWishes(costs);
    }

    /**
     * The plan before, mended: what stands of it stays, the rest is planned beside it. At once, and
     * with no bound; {@link #plan} tells whether there is something better.
     */
    public WorkPlan mended(Coop whole, Decided asked, WorkPlan before, Progress progress) {
        Decided decided = asked.among(this::isThere);
        List<MadeUp> madeUp =
                new MadeUps(whole, heap, prices).of(union(decided.seams(), before.seams()));
        Coop coop = whole.with(madeUp);
        Served served = new Served(coop, decided.cuts());
        KeptPlan kept = KeptPlan.standing(before, coop, served, decided, heap, prices);
        Patch patch = new Patch(kept, workshop.kerf());
        Heap untouched = patch.untouched(heap);
        List<Lot> left = new ArrayList<>(untouched.lots());
        left.addAll(patch.ends(decided.wishes()).lots());
        CoopPlanner rest = new CoopPlanner(new Heap(left), untouched, prices, workshop, settings);
        WorkPlan planned =
                rest.fresh(kept.rest(), decided, settings, progress).plan(List.of(), workshop);
        return patch.with(planned, before, made(served, decided)).joined(madeUp);
    }

    /**
     * The plan of the same house with joints, where that is better.
     *
     * @param direct the plan in whole pieces, made with the same settings but for joints
     */
    public WorkPlan joined(Coop coop, Decided asked, WorkPlan direct, Progress progress) {
        return joined(
                coop,
                new MadeUps(coop, heap, prices),
                asked.among(this::isThere),
                direct,
                progress);
    }

    private boolean isThere(String source) {
        return heap.find(source).isPresent()
                || prices.offers().stream().anyMatch(o -> o.id().equals(source));
    }

    /** A wish never pays: what looks like a gain is a plan that was not sought as hard. */
    private static Money extra(Money with, Money without) {
        return with.compareTo(without) > 0 ? with.minus(without) : Money.ZERO;
    }

    private WorkPlan planned(
            Coop whole, Decided decided, Optional<WorkPlan> before, Progress progress) {
        MadeUps ways = new MadeUps(whole, heap, prices);
        Optional<WorkPlan> kept =
                before.filter(b -> b.workshop().equals(workshop))
                        .flatMap(b -> kept(b, whole, ways, decided));
        if (kept.filter(k -> k.weighed().isZero() && k.missing().isEmpty()).isPresent()) {
            return kept.get();
        }
        WorkPlan fresh = joined(whole, ways, decided, progress);
        return kept.filter(k -> k.missing().size() <= fresh.missing().size())
                .filter(k -> k.weighed().compareTo(fresh.weighed()) <= 0)
                .map(k -> k.seams().equals(fresh.seams()) ? k.provenBy(fresh) : k)
                .orElse(fresh);
    }

    /** The tickets of the plan before, for the house with the joints it had. */
    private Optional<WorkPlan> kept(WorkPlan before, Coop whole, MadeUps ways, Decided decided) {
        List<MadeUp> madeUp = ways.of(union(decided.seams(), before.seams()));
        Coop coop = whole.with(madeUp);
        Served served = new Served(coop, decided.cuts());
        return KeptPlan.of(before, coop, served, decided, heap, prices)
                .map(k -> k.plan(made(served, decided), workshop).joined(madeUp));
    }

    private static List<Seam> union(List<Seam> fixed, List<Seam> more) {
        Map<String, Seam> byMark = new TreeMap<>();
        more.forEach(s -> byMark.put(s.mark(), s));
        fixed.forEach(s -> byMark.put(s.mark(), s));
        return List.copyOf(byMark.values());
    }

    /** A plan of the house in whole pieces, or with joints where that is better. */
    private WorkPlan joined(Coop whole, MadeUps ways, Decided decided, Progress progress) {
        WorkPlan direct = fresh(whole, ways, decided, decided.seams(), settings, progress);
        return joined(whole, ways, decided, direct, progress);
    }

    private WorkPlan joined(
            Coop whole, MadeUps ways, Decided decided, WorkPlan direct, Progress progress) {
        if (!settings.joins() || direct.weighed().isZero() && direct.missing().isEmpty()) {
            return direct;
        }
        Progress quietly = Progress.until(progress);
        List<Seam> seams =
                new Joining(
                                whole,
                                ways,
                                s ->
                                        fresh(
                                                whole,
                                                ways,
                                                decided,
                                                s,
                                                CutPlanner.Settings.QUICK,
                                                quietly),
                                quietly)
                        .seams(decided.seams(), direct);
        if (seams.equals(decided.seams())) {
            return direct;
        }
        WorkPlan joined = fresh(whole, ways, decided, seams, settings, progress);
        return Joining.beats(joined, direct) ? joined : direct;
    }

    private WorkPlan fresh(
            Coop whole,
            MadeUps ways,
            Decided decided,
            List<Seam> seams,
            CutPlanner.Settings how,
            Progress progress) {
        List<MadeUp> madeUp = ways.of(seams);
        Coop coop = whole.with(madeUp);
        Served served = new Served(coop, decided.cuts());
        return fresh(served.wanted(coop), decided, how, progress)
                .plan(made(served, decided), workshop)
                .joined(madeUp);
    }

    private static List<Ticket> made(Served served, Decided decided) {
        List<Ticket> made = new ArrayList<>();
        for (CutMade cut : decided.cuts()) {
            made.add(served.ticket(cut, made.size() + 1));
        }
        return made;
    }

    /** The parts of a coop that no piece cut so far serves. */
    public static List<Part> wanted(Coop coop, List<CutMade> cuts) {
        return new Served(coop, cuts).wanted(coop);
    }

    /** Sloped panels share rectangles two by two unless single ones come cheaper. */
    private Gathered fresh(
            List<Part> wanted, Decided decided, CutPlanner.Settings how, Progress progress) {
        WholeThings whole = WholeThings.of(wanted, heap, prices, decided, workshop.kerf());
        Workables workables =
                new Workables(whole.rest(workable), workshop, Demand.sections(wanted));
        Demand demand = new Demand(wanted, whole.rest(heap), prices, workshop, workables, decided);
        Gathered gathered = new Gathered(demand, heap);
        gathered.take(whole);
        gathered.add(demand.sticks(), how, progress);
        sheets(demand, gathered, how, progress);
        gathered.add(demand.roofing(), how, progress);
        meshes(demand, gathered, how, progress);
        return gathered;
    }

    /**
     * Each aperture from rolls of its own; where that leaves something to buy, also with coarser
     * mesh cut from the rolls of finer: one roll may serve both. Which of them share is tried by
     * heuristics; designs that are only compared do without.
     */
    private void meshes(Demand all, Gathered gathered, CutPlanner.Settings how, Progress progress) {
        List<Length> apertures = all.apertures();
        if (apertures.isEmpty()) {
            return;
        }
        List<List<Length>> each = apart(apertures, -1);
        Gathered own = meshes(all, each, how, progress);
        if (own.isFree() || how.isQuick()) {
            gathered.take(own, own.bound());
            return;
        }
        List<List<Length>> groups = each;
        Gathered best = meshes(all, each, CutPlanner.Settings.QUICK, progress);
        Money bound = own.bound();
        int ways = 1 << Math.min(MOST_APART, apertures.size() - 1);
        for (int joined = ways - 2; joined >= 0; joined--) {
            List<List<Length>> some = apart(apertures, joined);
            Gathered other = meshes(all, some, CutPlanner.Settings.QUICK, progress);
            bound = Money.min(bound, other.bound());
            if (Gathered.ORDER.compare(other, best) < 0) {
                best = other;
                groups = some;
            }
        }
        Gathered shared = groups.equals(each) ? own : meshes(all, groups, how, progress);
        gathered.take(Gathered.ORDER.compare(shared, own) < 0 ? shared : own, bound);
    }

    /**
     * Apertures in groups of neighbours.
     *
     * @param cuts a bit for each two neighbours, set where a group ends between them
     */
    private static List<List<Length>> apart(List<Length> apertures, int cuts) {
        List<List<Length>> groups = new ArrayList<>();
        List<Length> group = new ArrayList<>();
        for (int n = 0; n < apertures.size(); n++) {
            group.add(apertures.get(n));
            if (n + 1 == apertures.size() || (cuts >> n & 1) == 1) {
                groups.add(List.copyOf(group));
                group.clear();
            }
        }
        return groups;
    }

    private Gathered meshes(
            Demand all, List<List<Length>> groups, CutPlanner.Settings how, Progress progress) {
        Demand demand = all.again();
        Gathered gathered = new Gathered(demand, heap);
        for (List<Length> group : groups) {
            Set<String> used = gathered.sources();
            gathered.add(demand.mesh(group, lot -> !used.contains(lot.id())), how, progress);
        }
        return gathered;
    }

    private void sheets(Demand all, Gathered gathered, CutPlanner.Settings how, Progress progress) {
        Gathered paired = sheets(all, true, how, progress);
        if (paired.isFree() || paired.isWhole() && how.sheetRounds() == 0) {
            gathered.take(paired, paired.bound());
            return;
        }
        Gathered single = sheets(all, false, how, progress);
        Gathered better = Gathered.ORDER.compare(single, paired) < 0 ? single : paired;
        // What holds of both ways is the lower of the two bounds.
        gathered.take(
                better,
                paired.bound().compareTo(single.bound()) < 0 ? paired.bound() : single.bound());
    }

    private Gathered sheets(Demand all, boolean pairs, CutPlanner.Settings how, Progress progress) {
        Demand demand = all.again();
        Gathered gathered = new Gathered(demand, heap);
        gathered.add(demand.sheets(pairs), how, progress);
        return gathered;
    }
}
