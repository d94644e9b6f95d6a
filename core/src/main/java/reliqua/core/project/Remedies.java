package reliqua.core.project;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import reliqua.core.check.Finding;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Spans;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;

/**
 * What would mend the findings of a design, and what each would cost: a changed design is drawn up
 * and planned by the quick planner, as the design itself is once more, and the bills are compared;
 * where the quick one asks more for the design than is on its bill, both are planned exactly. A
 * change that does not mend its finding, or leaves parts that neither heap nor shop can give, is
 * not offered.
 */
public final class Remedies {
    private static final Length CLEAR_BELOW = Length.mm(450);

    /** A little more than 3 in 12, so that rounding does not undercut it. */
    private static final double PLAIN_LAPS = 0.2501;

    /** What a coop made narrower may be longer than its floor asks. */
    private static final List<Length> LONGER =
            List.of(Length.ZERO, Length.mm(150), Length.mm(300), Length.mm(450));

    /** Of these something may stand on the ground. */
    private static final Set<Choices.Group> GROUND_GROUPS =
            Set.of(Choices.Group.LEGS, Choices.Group.RUN);

    private final Project project;
    private final DesignSpec spec;
    private final CoopFamily family;
    private final QuickDesign designs;

    /** How its changes are planned. */
    private final Function<Project, QuickDesign> planning;

    /** The design itself, planned as its changes are. */
    private final Optional<Design> plain;

    private Remedies(Project project, Design design) {
        this.project = project;
        this.spec = design.candidate().spec();
        this.family = Families.find(spec.family()).orElse(project.kind());
        QuickDesign quick = new QuickDesign(project);
        Optional<Design> quickly = quick.of(spec);
        boolean dearer =
                quickly.filter(q -> q.bill().total().compareTo(design.bill().total()) > 0)
                        .isPresent();
        this.planning = dearer ? QuickDesign::exact : QuickDesign::new;
        this.designs = dearer ? QuickDesign.exact(project) : quick;
        this.plain = dearer ? designs.of(spec) : quickly;
    }

    /**
     * A change that mends a finding.
     *
     * @param rule name of the rule whose finding it mends
     * @param what it is
     * @param more what it adds to the bill; below zero when it spares something
     * @param edit what applies it
     */
    public record Remedy(String rule, Sum what, Money more, Edit edit) {}

    /**
     * A change to be tried.
     *
     * @param held lengths a search goes on with
     * @param kept whether only the changed design itself keeps it, as no search would be told
     */
    private record Change(
            String rule, Sum what, DesignSpec spec, Map<String, Length> held, boolean kept) {}

    /**
     * All that mends something, in the order of the findings.
     *
     * @param progress stops it between two of them
     */
    public static List<Remedy> of(Project project, Design design, Progress progress) {
        Candidate now = design.candidate();
        return new Remedies(project, design).all(now, progress);
    }

    /** Something built on, and what that adds to the bill; none where there is no room for it. */
    public static Optional<Remedy> builtOn(Project project, Design design, AddOn addOn) {
        Remedies remedies = new Remedies(project, design);
        Optional<Change> change = remedies.builtOn(addOn.id(), addOn).findFirst();
        return change.flatMap(c -> remedies.plain.flatMap(p -> remedies.priced(c, p)));
    }

    private List<Remedy> all(Candidate now, Progress progress) {
        List<Remedy> remedies = new ArrayList<>();
        List<Change> changes =
                now.findings().stream()
                        .filter(f -> f.severity() != Finding.Severity.GOOD)
                        .flatMap(f -> changes(f, now.coop()))
                        .toList();
        for (Change change : changes) {
            if (progress.cancelled()) {
                return remedies;
            }
            plain.flatMap(p -> priced(change, p)).ifPresent(remedies::add);
        }
        now.findings().stream()
                .filter(f -> f.rule().equals("paint"))
                .flatMap(f -> plain.flatMap(p -> leftOut(f, p)).stream())
                .forEach(remedies::add);
        return cheapest(remedies);
    }

    /** Of several that mend one finding the same way, as treated sticks of several sizes do. */
    private static List<Remedy> cheapest(List<Remedy> remedies) {
        Map<List<String>, Remedy> best = new LinkedHashMap<>();
        for (Remedy remedy : remedies) {
            best.merge(
                    List.of(remedy.rule(), remedy.what().key()),
                    remedy,
                    (a, b) -> a.more().compareTo(b.more()) <= 0 ? a : b);
        }
        return List.copyOf(best.values());
    }

    /** The same house without the lots a rule names, where anything else serves. */
    private Optional<Remedy> leftOut(Finding finding, Design plain) {
        UnaryOperator<Project> refused = p -> p.withHeap(refusing(p.heap(), finding.marks()));
        Sum what = Sum.of("remedy.leftOut", String.join(", ", finding.marks()));
        return planning.apply(refused.apply(project))
                .of(spec)
                .filter(d -> mends(d, finding.rule(), plain))
                .map(
                        d ->
                                new Remedy(
                                        finding.rule(),
                                        what,
                                        d.bill().total().minus(plain.bill().total()),
                                        new Edit(what.words(project.keeper().tape()), refused)));
    }

    private static Heap refusing(Heap heap, List<String> ids) {
        return heap.changed(
                Set.copyOf(ids), lot -> lot.with(lot.condition().with(Condition.Verdict.REFUSE)));
    }

    private Stream<Change> changes(Finding finding, Coop coop) {
        Coop.Measures m = coop.measures();
        return switch (finding.rule()) {
            case "wind" -> builtOn(finding.rule(), AddOn.ANCHORS);
            case "clearBelow" -> longer(finding, "legs", CLEAR_BELOW);
            case "reach" -> Stream.concat(hatched(finding, m), shallower(finding, m));
            case "wish.rollAway" -> builtOn(finding.rule(), AddOn.ROLL_AWAY_NESTS);
            case "standing" ->
                    higher(finding, project.keeper().body().height().minus(m.standing()));
            case "pitch" -> steeper(finding);
            case "underRoost" -> builtOn(finding.rule(), AddOn.DROPPINGS_BOARD);
            case "ventSnow" -> builtOn(finding.rule(), AddOn.VENT_BOARDS);
            case "wideBack" -> slimmer(finding, coop);
            case "runLow" -> Stream.concat(taller(finding, coop), onLegs(finding, coop));
            case "groundContact" -> treated(finding, coop);
            case "wish.outsideEggs",
                    "wish.barrow",
                    "limit.width",
                    "limit.depth",
                    "limit.height",
                    "roll",
                    "roofLift" ->
                    new WishedChanges(project, spec, family, designs.brief(spec))
                            .of(finding.rule(), m)
                            .map(
                                    c ->
                                            new Change(
                                                    finding.rule(),
                                                    c.what(),
                                                    c.spec(),
                                                    c.held(),
                                                    c.kept()));
            default -> Stream.empty();
        };
    }

    private Stream<Change> builtOn(String rule, AddOn addOn) {
        if (!family.addOns().contains(addOn) || spec.addOns().contains(addOn)) {
            return Stream.empty();
        }
        DesignSpec changed = spec.with(addOn);
        Sum what = Sum.of("remedy.builtOn", Sum.of("addon." + addOn.id()));
        return Stream.of(new Change(rule, what, changed, Map.of(), false));
    }

    private Stream<Change> longer(Finding finding, String key, Length to) {
        if (!spec.lengths().containsKey(key)) {
            return Stream.empty();
        }
        Length length = to.ceilTo(spec.choices().step());
        return Stream.of(held(finding, spec.with(key, length), key, length));
    }

    private Change held(Finding finding, DesignSpec changed, String key, Length length) {
        Sum what = Sum.of("remedy.length", Sum.of("dimension." + key), length);
        return new Change(finding.rule(), what, changed, Map.of(key, length), false);
    }

    /** Every corner within reach: less deep, and as much wider. */
    private Stream<Change> shallower(Finding finding, Coop.Measures m) {
        Length less = m.reach().minus(project.keeper().body().reach());
        Length depth = spec.depth().minus(less).floorTo(spec.choices().step());
        if (depth.compareTo(family.depth(spec.choices()).least()) < 0) {
            return Stream.empty();
        }
        Length width =
                family.leastOther(depth, spec.choices(), designs.brief(spec)).max(spec.width());
        DesignSpec changed =
                family.settled(resized(width, depth), designs.brief(spec), project.held());
        return Stream.of(held(finding, changed, "depth", depth));
    }

    /**
     * A back that two wheels carry over humps, and the coop as much longer as the birds need, or a
     * little more where a second roost must go in.
     */
    private Stream<Change> slimmer(Finding finding, Coop coop) {
        Bounds wheels =
                coop.that(Duty.Trait.ROLLS).stream()
                        .map(p -> p.solid().bounds())
                        .reduce(Bounds::with)
                        .orElseThrow();
        boolean sideways = wheels.width().compareTo(wheels.depth()) > 0;
        Length less = wheels.width().max(wheels.depth()).minus(Spans.BETWEEN_WHEELS);
        Length now = sideways ? spec.width() : spec.depth();
        Length side = now.minus(less).floorTo(spec.choices().step());
        CoopFamily.Side room =
                sideways ? family.width(spec.choices()) : family.depth(spec.choices());
        if (side.compareTo(room.least()) < 0) {
            return Stream.empty();
        }
        Length least = family.leastOther(side, spec.choices(), designs.brief(spec));
        Length other = least.max(sideways ? spec.depth() : spec.width());
        String key = sideways ? "width" : "depth";
        Map<String, Length> held = new TreeMap<>(project.held());
        held.put(key, side);
        return LONGER.stream()
                .map(other::plus)
                .map(o -> sideways ? resized(side, o) : resized(o, side))
                .map(size -> family.settled(size, designs.brief(spec), held))
                .map(changed -> held(finding, changed, key, side));
    }

    /**
     * A back that opens; where the house is deeper than an arm, less deep as well, and as much
     * wider.
     */
    private Stream<Change> hatched(Finding finding, Coop.Measures m) {
        if (!family.addOns().contains(AddOn.BACK_HATCH)
                || spec.addOns().contains(AddOn.BACK_HATCH)) {
            return Stream.empty();
        }
        DesignSpec open = spec.with(AddOn.BACK_HATCH);
        Sum hatch = Sum.of("remedy.builtOn", Sum.of("addon." + AddOn.BACK_HATCH.id()));
        Length wall = spec.choices().section(Choices.Group.WALLS).width();
        Length depth = project.keeper().body().reach().plus(wall).floorTo(spec.choices().step());
        Stream<Change> alone = Stream.of(new Change(finding.rule(), hatch, open, Map.of(), false));
        if (depth.atLeast(spec.depth())
                || depth.compareTo(family.depth(spec.choices()).least()) < 0) {
            return alone;
        }
        Length width =
                family.leastOther(depth, spec.choices(), designs.brief(open)).max(spec.width());
        DesignSpec narrow =
                family.settled(
                        open.with("width", width).with("depth", depth),
                        designs.brief(open),
                        project.held());
        Sum both = Sum.of("remedy.both", hatch, Sum.of("dimension.depth"), depth);
        Map<String, Length> held = Map.of("depth", depth);
        return Stream.concat(
                alone, Stream.of(new Change(finding.rule(), both, narrow, held, false)));
    }

    private DesignSpec resized(Length width, Length depth) {
        return spec.with("width", width).with("depth", depth);
    }

    /** Both walls under a slope, or the eaves. */
    private Stream<Change> higher(Finding finding, Length by) {
        Map<String, Length> lengths = new TreeMap<>(spec.lengths());
        Set<String> walls = new TreeSet<>(Set.of("front", "back", "eaves"));
        walls.retainAll(lengths.keySet());
        if (walls.isEmpty()) {
            return Stream.empty();
        }
        Length step = spec.choices().step();
        walls.forEach(key -> lengths.computeIfPresent(key, (_, l) -> l.plus(by).ceilTo(step)));
        DesignSpec changed = new DesignSpec(spec.family(), lengths, spec.choices(), spec.addOns());
        String first = walls.iterator().next();
        Sum what = Sum.of("remedy.length", Sum.of("dimension." + first), lengths.get(first));
        lengths.keySet().retainAll(walls);
        return Stream.of(new Change(finding.rule(), what, changed, lengths, false));
    }

    private Stream<Change> taller(Finding finding, Coop coop) {
        return higher(finding, runShort(coop));
    }

    private Stream<Change> onLegs(Finding finding, Coop coop) {
        return Optional.ofNullable(spec.lengths().get("legs")).stream()
                .flatMap(legs -> longer(finding, "legs", legs.plus(runShort(coop))));
    }

    /** How much is lacking in the run to stand up in it. */
    private Length runShort(Coop coop) {
        return coop.zones().stream()
                .filter(z -> z.kind() == Zone.Kind.RUN)
                .map(z -> project.keeper().body().height().minus(z.floor().height()))
                .reduce(Length.ZERO, Length::max);
    }

    private Stream<Change> steeper(Finding finding) {
        if (!spec.lengths().containsKey("back") || !spec.lengths().containsKey("front")) {
            return Stream.empty();
        }
        Length front =
                spec.length("back")
                        .plus(spec.depth().scaled(PLAIN_LAPS))
                        .ceilTo(spec.choices().step());
        return Stream.of(held(finding, spec.with("front", front), "front", front));
    }

    /** What stands on the ground out of treated wood, of the heap or from a shop. */
    private Stream<Change> treated(Finding finding, Coop coop) {
        Set<Choices.Group> wet = onGround(coop);
        return Stream.concat(
                        project.heap().lots().stream().map(l -> l.material()),
                        project.prices().offers().stream().map(o -> o.material()))
                .filter(m -> m instanceof Stick s && s.treatment() == Treatment.PRESSURE_TREATED)
                .map(m -> ((Stick) m).section())
                .filter(s -> wet.stream().allMatch(g -> s.serves(family.least(g))))
                .distinct()
                .map(
                        s ->
                                new Change(
                                        finding.rule(),
                                        Sum.of("remedy.treated", s.thickness(), s.width()),
                                        with(s, wet),
                                        Map.of(),
                                        true));
    }

    /** The groups of sticks of which something stands on the ground. */
    private Set<Choices.Group> onGround(Coop coop) {
        Set<Choices.Group> groups = EnumSet.noneOf(Choices.Group.class);
        for (Part part : coop.parts()) {
            if (part instanceof Part.StickPart stick
                    && stick.solid().isBox()
                    && !stick.solid().bounds().z0().isPositive()) {
                GROUND_GROUPS.stream()
                        .filter(g -> spec.choices().section(g).equals(stick.section()))
                        .forEach(groups::add);
            }
        }
        return groups;
    }

    private DesignSpec with(Section section, Set<Choices.Group> groups) {
        Choices choices = spec.choices();
        for (Choices.Group group : groups) {
            choices = choices.with(group, section);
        }
        return family.settled(spec.with(choices), designs.brief(spec), project.held());
    }

    private Optional<Remedy> priced(Change change, Design plain) {
        return designs.of(change.spec())
                .filter(d -> mends(d, change.rule(), plain))
                .map(
                        d ->
                                new Remedy(
                                        change.rule(),
                                        change.what(),
                                        d.bill().total().minus(plain.bill().total()),
                                        edit(change, d.candidate())));
    }

    /** Whether its finding is gone, no fault has come, and no more is missing. */
    private static boolean mends(Design changed, String rule, Design plain) {
        boolean gone =
                changed.candidate().findings().stream()
                        .filter(f -> f.rule().equals(rule))
                        .allMatch(f -> f.severity() == Finding.Severity.GOOD);
        return gone
                && changed.candidate().faults() <= plain.candidate().faults()
                && changed.candidate().plan().missing().size()
                        <= plain.candidate().plan().missing().size();
    }

    /**
     * On a design that is settled on, the changed one is settled on; in a search what is built on
     * or how long something is gets fixed, and the search goes on with that.
     */
    private Edit edit(Change change, Candidate candidate) {
        boolean settle = project.chosen().isPresent() || change.kept();
        return new Edit(
                change.what().words(project.keeper().tape()),
                p -> settle ? asked(p, change).settledOn(candidate) : asked(p, change));
    }

    private Project asked(Project p, Change change) {
        Project asked = p;
        for (AddOn addOn : change.spec().addOns()) {
            asked = asked.addOns().contains(addOn) ? asked : asked.with(addOn, true);
        }
        for (Map.Entry<String, Length> each : change.held().entrySet()) {
            asked = asked.hold(each.getKey(), each.getValue());
        }
        return asked;
    }
}
