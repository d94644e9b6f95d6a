package reliqua.core.project;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Sheet;

/** What would bring a design nearer to what its keeper wishes, has room for and can move. */
final class WishedChanges {
    private final Project project;
    private final DesignSpec spec;
    private final CoopFamily family;
    private final Brief brief;

    WishedChanges(Project project, DesignSpec spec, CoopFamily family, Brief brief) {
        this.project = project;
        this.spec = spec;
        this.family = family;
        this.brief = brief;
    }

    /**
     * A changed design.
     *
     * @param what is changed, in words
     * @param held lengths a search goes on with
     * @param kept whether only the changed design itself keeps it, as no search would be told
     */
    record Wished(Sum what, DesignSpec spec, Map<String, Length> held, boolean kept) {}

    /** By the rule that is not kept. */
    Stream<Wished> of(String rule, Coop.Measures m) {
        return switch (rule) {
            case "wish.outsideEggs" -> nestsOutside();
            case "wish.barrow" -> floorAtBarrow(m);
            case "limit.width" -> within("width", project.keeper().limits().width());
            case "limit.depth" -> within("depth", project.keeper().limits().depth());
            case "limit.height" -> lower(m);
            case "roll" -> lighter();
            case "roofLift" -> screwedDown();
            default -> Stream.empty();
        };
    }

    /** Boxes of board in place of crates that stand inside. */
    private Stream<Wished> nestsOutside() {
        Choices choices = spec.choices();
        if (choices.finds().thing(FoundPart.Use.NEST).isEmpty()) {
            return Stream.empty();
        }
        Choices without = choices.with(choices.finds().without(FoundPart.Use.NEST));
        return Stream.of(kept(Sum.of("remedy.nestsOutside"), without));
    }

    private Wished kept(Sum what, Choices choices) {
        DesignSpec changed = family.settled(spec.with(choices), brief, project.held());
        return new Wished(what, changed, Map.of(), true);
    }

    /** The roof lies on its plates for good. */
    private Stream<Wished> screwedDown() {
        Set<AddOn> others = EnumSet.copyOf(spec.addOns());
        others.remove(AddOn.LIFTING_ROOF);
        Sum what = Sum.of("remedy.roofScrewed");
        return Stream.of(new Wished(what, spec.with(others), Map.of(), true));
    }

    /** Legs so long that the floor is level with the rim of a barrow. */
    private Stream<Wished> floorAtBarrow(Coop.Measures m) {
        Length legs = spec.lengths().get("legs");
        if (legs == null) {
            return Stream.empty();
        }
        Length step = spec.choices().step();
        Length low = Findings.BARROW_LOW.minus(m.floorHeight());
        Length length =
                low.isPositive()
                        ? legs.plus(low).ceilTo(step)
                        : legs.minus(m.floorHeight().minus(Findings.BARROW_HIGH)).floorTo(step);
        return Stream.of(held("legs", spec.with("legs", length), length));
    }

    private Wished held(String key, DesignSpec changed, Length length) {
        Sum what = Sum.of("remedy.length", Sum.of("dimension." + key), length);
        return new Wished(what, changed, Map.of(key, length), false);
    }

    /** One side as long as there is room, and the other as long as the birds then need. */
    private Stream<Wished> within(String key, Optional<Length> most) {
        if (most.isEmpty() || !spec.lengths().containsKey(key)) {
            return Stream.empty();
        }
        Length side = most.get().floorTo(spec.choices().step());
        Length other = family.leastOther(side, spec.choices(), brief);
        String across = key.equals("width") ? "depth" : "width";
        Map<String, Length> held = new TreeMap<>(project.held());
        held.put(key, side);
        DesignSpec sized = spec.with(key, side).with(across, other);
        return Stream.of(held(key, family.settled(sized, brief, held), side));
    }

    /** Walls as much lower as the whole is too high. */
    private Stream<Wished> lower(Coop.Measures m) {
        Optional<Length> most = project.keeper().limits().height();
        if (most.isEmpty()) {
            return Stream.empty();
        }
        Length less = m.height().minus(most.get()).ceilTo(spec.choices().step());
        Map<String, Length> walls = new TreeMap<>();
        DesignSpec changed = spec;
        for (String key : new String[] {"front", "back", "eaves"}) {
            if (spec.lengths().containsKey(key)) {
                walls.put(key, spec.length(key).minus(less));
                changed = changed.with(key, walls.get(key));
            }
        }
        if (walls.isEmpty()) {
            return Stream.empty();
        }
        Map.Entry<String, Length> first = walls.entrySet().iterator().next();
        Sum what = Sum.of("remedy.length", Sum.of("dimension." + first.getKey()), first.getValue());
        return Stream.of(new Wished(what, changed, walls, false));
    }

    /** Thinner board on the walls, of what lies there or is sold. */
    private Stream<Wished> lighter() {
        Choices choices = spec.choices();
        return Stream.concat(
                        project.heap().lots().stream().map(l -> l.material()),
                        project.prices().offers().stream().map(o -> o.material()))
                .filter(m -> m instanceof Sheet)
                .map(m -> ((Sheet) m).thickness())
                .filter(t -> t.compareTo(choices.skin()) < 0)
                .distinct()
                .map(t -> kept(Sum.of("remedy.skin", t), choices.withSkin(t)));
    }
}
