package reliqua.core.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.check.Mending;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.AddOn;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Distance;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Hardware;

/**
 * What mending the weak places of a design costs: the mesh and battens it takes are planned
 * together with the coop by the quick planner, out of the same heap, and the bills are compared;
 * small hardware is counted on top of what the coop takes, in packs.
 */
public final class PricedSpots {
    /** What can be built on against a weak place. */
    private static final Map<String, AddOn> BUILT_ON = Map.of("audit.door", AddOn.DOOR_BAR);

    private final Project project;
    private final Design design;
    private final QuickDesign quick;

    private PricedSpots(Project project, Design design) {
        this.project = project;
        this.design = design;
        this.quick = new QuickDesign(project);
    }

    /**
     * The price of mending one place.
     *
     * @param spot it
     * @param what it takes, in words
     * @param more what it adds to the bill
     * @param missing whether neither heap nor shop has all of it
     * @param edit what builds it on, where it is something that is built on
     */
    public record Priced(
            WeakSpot spot, List<Sum> what, Money more, boolean missing, Optional<Edit> edit) {
        /** Copies the list. */
        public Priced {
            what = List.copyOf(what);
        }
    }

    /**
     * All that takes more than care, in the order of the walk.
     *
     * @param progress stops it between two of them
     */
    public static List<Priced> of(Project project, Design design, Progress progress) {
        return new PricedSpots(project, design).all(progress);
    }

    private List<Priced> all(Progress progress) {
        List<Priced> priced = new ArrayList<>();
        Coop coop = design.candidate().coop();
        Optional<WorkPlan> plain = Optional.empty();
        for (WeakSpot spot : WeakSpot.of(coop, project.site().predators())) {
            if (progress.cancelled()) {
                return priced;
            }
            if (!spot.mending().isFree()) {
                boolean cut = !spot.mending().parts().isEmpty();
                plain = cut && plain.isEmpty() ? Optional.of(quick.plan(coop)) : plain;
                priced.add(priced(spot, plain));
            }
            if (spot.grade() == WeakSpot.Grade.OPEN) {
                Optional.ofNullable(BUILT_ON.get(spot.what().key()))
                        .flatMap(a -> builtOn(spot, a))
                        .ifPresent(priced::add);
            }
        }
        return priced;
    }

    private Priced priced(WeakSpot spot, Optional<WorkPlan> plain) {
        Mending mending = spot.mending();
        Money hardware = packs(with(mending)).minus(packs(design.bill().fixings()));
        if (mending.parts().isEmpty()) {
            return new Priced(spot, words(mending), hardware, false, Optional.empty());
        }
        Coop coop = design.candidate().coop();
        List<Part> parts = new ArrayList<>(coop.parts());
        parts.addAll(mending.parts());
        Coop mended = coop.withParts(parts);
        WorkPlan plan = quick.plan(mended);
        WorkPlan before = plain.orElseThrow();
        // The quick planner may do better with more to cut; mending never earns anything.
        Money cut = Money.max(plan.cost().minus(before.cost()), Money.ZERO);
        return new Priced(
                spot,
                words(mending),
                cut.plus(hardware),
                plan.missing().size() > before.missing().size(),
                Optional.empty());
    }

    /** The hardware of the coop, and that of a mending. */
    private List<Fixing> with(Mending mending) {
        Map<Hardware.Kind, Integer> more = new TreeMap<>(mending.hardware());
        for (Part part : mending.parts()) {
            if (part instanceof Part.MeshPart mesh) {
                more.merge(Hardware.Kind.STAPLES, Fixings.staples(mesh), Integer::sum);
            }
        }
        List<Fixing> all = new ArrayList<>(design.bill().fixings());
        more.forEach((kind, count) -> all.add(fixing(kind, count)));
        return all;
    }

    private Fixing fixing(Hardware.Kind kind, int count) {
        return new Fixing(
                kind,
                kind == Hardware.Kind.LATCHES ? Fixing.Where.LEAVES : Fixing.Where.MESH,
                Optional.empty(),
                Optional.empty(),
                true,
                design.candidate().coop().parts().getLast().role(),
                0,
                count,
                List.of());
    }

    private Money packs(List<Fixing> fixings) {
        return project.prices().packs(Fixings.toBuy(fixings, project.heap()));
    }

    private static List<Sum> words(Mending mending) {
        Map<Length, Length> mesh = new LinkedHashMap<>();
        Length sticks = Length.ZERO;
        for (Part part : mending.parts()) {
            switch (part) {
                case Part.MeshPart m -> mesh.merge(m.aperture(), m.length(), Length::plus);
                case Part.StickPart s -> sticks = sticks.plus(s.length());
                case Part.PanelPart _, Part.RoofPart _, Part.WholePart _ -> {}
            }
        }
        List<Sum> words = new ArrayList<>();
        mesh.forEach(
                (aperture, length) ->
                        words.add(Sum.of("mend.mesh", new Distance(length), aperture)));
        if (sticks.isPositive()) {
            words.add(Sum.of("mend.battens", new Distance(sticks)));
        }
        mending.hardware()
                .forEach((kind, count) -> words.add(Sum.of("mend." + kind.name(), count)));
        return words;
    }

    private Optional<Priced> builtOn(WeakSpot spot, AddOn addOn) {
        return Remedies.builtOn(project, design, addOn)
                .map(
                        r ->
                                new Priced(
                                        spot,
                                        List.of(r.what()),
                                        r.more(),
                                        false,
                                        Optional.of(r.edit())));
    }
}
