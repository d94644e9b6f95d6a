package reliqua.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import reliqua.core.check.WeakSpot.Grade;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty.Trait;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Part.MeshPart;
import reliqua.core.coop.Part.RoofPart;
import reliqua.core.coop.Part.WholePart;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * The walk round a coop with the eyes of those that want in: every opening, all mesh, the edge at
 * the ground, what is overhead, gaps, latches. Where the keeper names no animals, those are taken
 * that are nearly everywhere.
 */
final class Audit {
    /** Nearly everywhere. */
    private static final Set<Predator> USUAL =
            EnumSet.of(Predator.FOX, Predator.RAT, Predator.HAWK);

    /** Corrugations stand so high over what they lie on. */
    /** One at each front corner. */
    private static final int ROOF_HOOKS = 2;

    private static final Length CORRUGATION = Length.mm(16);

    /** An arm wide. */
    private static final Length APRON = Length.mm(600);

    /** Most netting is rolled up as wide. */
    private static final Length NET = Length.mm(1200);

    /** A pallet's side, with what is turned over. */
    private static final Length SIDES = Length.mm(200);

    /** A floor this high is out of the reach of what digs. */
    private static final Length RAISED = Length.mm(300);

    private final Coop coop;
    private final Set<Predator> about;
    private final List<WeakSpot> spots = new ArrayList<>();
    private final Mendings mendings;

    Audit(Coop coop, Set<Predator> about) {
        this.coop = coop;
        this.about = about.isEmpty() ? USUAL : about;
        this.mendings = new Mendings(coop);
    }

    List<WeakSpot> walk() {
        mesh();
        openings();
        edge();
        wall();
        overhead();
        eaves();
        pallets();
        breakers();
        spots.sort(
                Comparator.comparing(WeakSpot::grade)
                        .thenComparing(s -> -s.lets().size())
                        .thenComparing(s -> s.what().key()));
        return List.copyOf(spots);
    }

    private Set<Predator> those(Predicate<Predator> which) {
        return about.stream()
                .filter(which)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Predator.class)));
    }

    private void add(Sum what, List<String> marks, Set<Predator> lets, Grade grade, String mend) {
        add(what, marks, lets, grade, mend, Mending.NONE);
    }

    private void add(
            Sum what,
            List<String> marks,
            Set<Predator> lets,
            Grade grade,
            String mend,
            Mending mending) {
        spots.add(new WeakSpot(what, marks, lets, grade, Sum.of(mend), mending));
    }

    /** Mesh by its aperture: what passes it, or who would try it first. */
    private void mesh() {
        record Kind(Length aperture, boolean near) {}
        var byKind =
                coop.parts().stream()
                        .filter(p -> p instanceof MeshPart)
                        .map(p -> (MeshPart) p)
                        .filter(m -> !m.role().is(Trait.LIES_OUT) && !m.role().is(Trait.BY_DAY))
                        .collect(
                                Collectors.groupingBy(m -> new Kind(m.aperture(), isNearBirds(m))));
        byKind.forEach(
                (kind, parts) -> {
                    Set<Predator> lets =
                            those(
                                    p ->
                                            !kind.aperture()
                                                    .atMost(
                                                            kind.near()
                                                                    ? p.apertureNearBirds()
                                                                    : p.apertureElsewhere()));
                    List<String> marks = parts.stream().map(Part::mark).sorted().toList();
                    add(
                            Sum.of(kind.near() ? "audit.mesh.near" : "audit.mesh", kind.aperture()),
                            marks,
                            lets,
                            lets.isEmpty() ? Grade.HOLDS : Grade.OPEN,
                            lets.isEmpty() ? "audit.mesh.hold" : "audit.mesh.mend",
                            lets.isEmpty()
                                    ? Mending.NONE
                                    : Mendings.lined(parts, finest(lets, kind.near())));
                });
    }

    private static Length finest(Set<Predator> lets, boolean near) {
        return lets.stream()
                .map(p -> near ? p.apertureNearBirds() : p.apertureElsewhere())
                .reduce(Length::min)
                .orElseThrow();
    }

    /** Mesh of the room birds sleep in: an arm through it reaches them. */
    private boolean isNearBirds(MeshPart mesh) {
        Bounds b = mesh.solid().bounds();
        return coop.zones().stream()
                .filter(z -> z.kind() == Zone.Kind.HOUSE)
                .anyMatch(z -> b.near(z.floor(), Length.mm(150)));
    }

    private void openings() {
        for (Opening.Kind kind : Opening.Kind.values()) {
            List<Opening> all = coop.openings().stream().filter(o -> o.kind() == kind).toList();
            if (all.isEmpty()) {
                continue;
            }
            switch (kind) {
                case POP_DOOR ->
                        add(
                                Sum.of("audit.pop"),
                                near(all),
                                those(p -> p.reach() != Predator.Reach.CARRIES_DISEASE),
                                Grade.BY_HABIT,
                                "audit.pop.mend");
                case FLOOR_HATCH ->
                        add(
                                Sum.of("audit.floorHatch"),
                                near(all),
                                those(p -> p.reach() != Predator.Reach.CARRIES_DISEASE),
                                Grade.BY_HABIT,
                                "audit.floorHatch.mend");
                case CLEAN_OUT_DOOR, GATE, HAND_HATCH -> leaf(all, kind);
                case NEST_ENTRANCE -> lids();
                case WINDOW ->
                        add(
                                Sum.of("audit.window"),
                                near(all),
                                those(Predator::opensLatches),
                                Grade.HOLDS,
                                "audit.window.mend");
                case YARD_GATE -> {
                    // Nobody sleeps behind it.
                }
                case EAVE_VENT, WALL_VENT, FLOOR_VENT -> {
                    // What closes a vent is mesh, and has been looked at.
                }
            }
        }
    }

    private void leaf(List<Opening> all, Opening.Kind kind) {
        Set<Predator> hands = those(Predator::opensLatches);
        boolean barred = all.stream().allMatch(this::isBarred);
        boolean holds = hands.isEmpty() || barred;
        String held = barred ? "audit.bar.hold" : "audit.leaf.hold";
        add(
                Sum.of(leaves(kind), all.size()),
                near(all),
                hands,
                holds ? Grade.HOLDS : Grade.OPEN,
                holds ? held : "audit.latch.mend",
                holds ? Mending.NONE : Mendings.latches(all.size()));
        gap(all);
    }

    private static String leaves(Opening.Kind kind) {
        return switch (kind) {
            case GATE -> "audit.gate";
            case HAND_HATCH -> "audit.hatch";
            default -> "audit.door";
        };
    }

    /** A bar lies across it. */
    private boolean isBarred(Opening opening) {
        return coop.that(Trait.BARS).stream()
                .anyMatch(p -> p.solid().bounds().near(opening.place(), Length.mm(150)));
    }

    private void lids() {
        // A shutter is a lid too, and is looked at with its window.
        lids(p -> p.role().is(Trait.LID) && p.role().is(Trait.GIVES_EGGS), "audit.lid");
        lids(p -> p.role().is(Trait.DRAWN_OUT), "audit.drawer");
        lids(p -> p.role().is(Trait.LIFTS), "audit.liftedRoof", ROOF_HOOKS);
    }

    /** Each with a latch of its own. */
    private void lids(Predicate<Part> which, String name) {
        lids(which, name, Math.toIntExact(coop.parts().stream().filter(which).count()));
    }

    private void lids(Predicate<Part> which, String name, int latches) {
        Set<Predator> hands = those(Predator::opensLatches);
        List<String> marks = coop.parts().stream().filter(which).map(Part::mark).toList();
        if (!marks.isEmpty()) {
            add(
                    Sum.of(name, latches),
                    marks,
                    hands,
                    hands.isEmpty() ? Grade.HOLDS : Grade.OPEN,
                    hands.isEmpty() ? "audit.leaf.hold" : "audit.latch.mend",
                    hands.isEmpty() ? Mending.NONE : Mendings.latches(latches));
        }
    }

    /** A leaf has play round it; what slips through little gets a stop behind it. */
    private void gap(List<Opening> leaves) {
        Set<Predator> slim = those(p -> p.gap().isPresent());
        if (!slim.isEmpty()) {
            Length round =
                    leaves.stream()
                            .map(o -> o.width().plus(o.height()).times(2))
                            .reduce(Length.ZERO, Length::plus);
            add(
                    Sum.of("audit.gap", least(slim)),
                    near(leaves),
                    slim,
                    Grade.HOLDS,
                    "audit.gap.mend",
                    mendings.battens(round));
        }
    }

    private static Length least(Set<Predator> slim) {
        return slim.stream()
                .flatMap(p -> p.gap().stream())
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** Parts in the places of openings: their leaves. */
    private List<String> near(List<Opening> openings) {
        return coop.parts().stream()
                .filter(p -> p.role().is(Trait.LEAF) || p instanceof WholePart)
                .filter(
                        p ->
                                openings.stream()
                                        .anyMatch(
                                                o ->
                                                        p.solid()
                                                                .bounds()
                                                                .near(o.place(), Length.mm(60))))
                .map(Part::mark)
                .toList();
    }

    /** The edge at the ground of whatever stands on it. */
    private void edge() {
        Set<Predator> diggers = those(Predator::digs);
        boolean ground =
                coop.zones().stream()
                                .filter(z -> z.kind() != Zone.Kind.YARD)
                                .anyMatch(z -> z.floorHeight().atMost(RAISED))
                        || !coop.that(Trait.CLOSES_BELOW).isEmpty();
        List<String> apron = coop.that(Trait.LIES_OUT).stream().map(Part::mark).toList();
        // Posts and stakes go deeper, and stop nobody.
        boolean buried =
                coop.parts().stream()
                        .filter(p -> p instanceof MeshPart)
                        .anyMatch(p -> p.solid().bounds().z0().compareTo(Length.mm(-100)) < 0);
        if (!ground || diggers.isEmpty()) {
            return;
        }
        boolean stopped = !apron.isEmpty() || buried;
        add(
                Sum.of(stopped ? "audit.edge.apron" : "audit.edge"),
                apron,
                diggers,
                stopped ? Grade.HOLDS : Grade.OPEN,
                stopped ? "audit.edge.hold" : "audit.edge.mend",
                stopped ? Mending.NONE : apron(finest(diggers, false)));
    }

    /** Flat on the ground, all round. */
    private Mending apron(Length aperture) {
        Bounds all =
                coop.parts().stream()
                        .filter(p -> !p.role().is(Trait.LIES_OUT) && !p.role().is(Trait.BY_DAY))
                        .filter(p -> !p.role().is(Trait.STANDS_ALREADY))
                        .map(p -> p.solid().bounds())
                        .reduce(Bounds::with)
                        .orElseThrow();
        Length round = all.width().plus(all.depth()).times(2).plus(APRON.times(4));
        return mendings.strips(round, APRON, aperture);
    }

    /** Of a wall that stood there before nobody knows how deep it goes. */
    private void wall() {
        Set<Predator> diggers = those(Predator::digs);
        List<String> walls = coop.that(Trait.STANDS_ALREADY).stream().map(Part::mark).toList();
        if (walls.isEmpty() || diggers.isEmpty()) {
            return;
        }
        Length along =
                coop.zones().stream()
                        .filter(z -> z.kind() == Zone.Kind.RUN)
                        .map(z -> z.floor().depth())
                        .reduce(Length.ZERO, Length::max);
        add(
                Sum.of("audit.wall"),
                walls,
                diggers,
                Grade.BY_HABIT,
                "audit.wall.mend",
                mendings.strips(along, APRON, finest(diggers, false)));
    }

    /** What comes from above lands in a run without a cover. */
    private void overhead() {
        Set<Predator> flying = those(Predator::comesFromAbove);
        Optional<Zone> run =
                coop.zones().stream().filter(z -> z.kind() == Zone.Kind.RUN).findFirst();
        if (run.isEmpty() || flying.isEmpty()) {
            return;
        }
        boolean covered = covers(run.get());
        add(
                Sum.of(covered ? "audit.cover" : "audit.open"),
                List.of(),
                flying,
                covered ? Grade.HOLDS : Grade.OPEN,
                covered ? "audit.cover.hold" : "audit.cover.mend",
                covered ? Mending.NONE : net(run.get().floor(), finest(flying, false)));
    }

    private Mending net(Bounds run, Length aperture) {
        return mendings.cover(run.width(), run.depth(), NET, aperture);
    }

    /** Whether something flat lies over the middle of a run. */
    private boolean covers(Zone run) {
        Bounds floor = run.floor();
        Length x = floor.x0().plus(floor.width().half());
        Length y = floor.y0().plus(floor.depth().half());
        return coop.parts().stream()
                .filter(p -> p instanceof MeshPart || p instanceof RoofPart)
                .map(p -> p.solid().bounds())
                .anyMatch(
                        b ->
                                b.x0().atMost(x)
                                        && b.x1().atLeast(x)
                                        && b.y0().atMost(y)
                                        && b.y1().atLeast(y)
                                        && b.z0().atLeast(Length.mm(400)));
    }

    /** Ribs of roofing leave holes at eaves. */
    private void eaves() {
        Set<Predator> slim =
                those(p -> p.gap().filter(g -> g.compareTo(CORRUGATION) < 0).isPresent());
        List<String> sheets =
                coop.parts().stream().filter(p -> p instanceof RoofPart).map(Part::mark).toList();
        if (!slim.isEmpty() && !sheets.isEmpty()) {
            Length eaves =
                    coop.parts().stream()
                            .filter(p -> p instanceof RoofPart)
                            .map(p -> p.solid().bounds())
                            .reduce(Bounds::with)
                            .orElseThrow()
                            .width();
            add(
                    Sum.of("audit.ribs", CORRUGATION),
                    sheets,
                    slim,
                    Grade.OPEN,
                    "audit.ribs.mend",
                    mendings.battens(eaves.times(2)));
        }
    }

    /** Rats live in what is hollow and lies on the ground. */
    private void pallets() {
        List<String> low =
                coop.parts().stream()
                        .filter(p -> p instanceof WholePart w && !w.ribs().isEmpty())
                        .filter(p -> p.solid().bounds().z0().atMost(RAISED))
                        .map(Part::mark)
                        .toList();
        Set<Predator> nesting = those(p -> p.reach() == Predator.Reach.GNAWS);
        if (!low.isEmpty() && !nesting.isEmpty()) {
            add(
                    Sum.of("audit.hollow"),
                    low,
                    nesting,
                    Grade.OPEN,
                    "audit.hollow.mend",
                    round(low, finest(nesting, false)));
        }
    }

    /** Fine mesh round the outer sides of what is hollow. */
    private Mending round(List<String> marks, Length aperture) {
        Bounds all =
                marks.stream()
                        .flatMap(m -> coop.find(m).stream())
                        .map(p -> p.solid().bounds())
                        .reduce(Bounds::with)
                        .orElseThrow();
        return mendings.strips(all.width().plus(all.depth()).times(2), SIDES, aperture);
    }

    private void breakers() {
        Set<Predator> strong = those(p -> p.reach() == Predator.Reach.BREAKS);
        if (!strong.isEmpty()) {
            add(Sum.of("audit.walls"), List.of(), strong, Grade.OPEN, "audit.walls.mend");
        }
    }
}
