package reliqua.core.buy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.coop.Building;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;

/**
 * Every screw, staple, hinge and latch of a coop, counted from what it joins, meshes and hinges, by
 * what they hold and how long they must be.
 */
public final class Fixings {
    private static final Length STAPLES_APART = Length.mm(80);

    private static final double ROOF_SCREWS_A_SQUARE_METRE = 8;
    private static final int HINGES_A_LEAF = 2;

    private static final int STRIPS_A_FLAP = 2;

    /** Two at each end of a strip. */
    private static final int SCREWS_A_STRIP = 4;

    private static final Length STRIP_SCREW = Length.mm(20);

    private final Map<Key, Pile> piles = new LinkedHashMap<>();

    private record Key(
            Hardware.Kind kind,
            Fixing.Where where,
            Optional<Length> least,
            Optional<Length> most,
            boolean outside,
            Role on,
            int building) {
        /** Of a house by itself. */
        Key(
                Hardware.Kind kind,
                Fixing.Where where,
                Optional<Length> least,
                Optional<Length> most,
                boolean outside,
                Role on) {
            this(kind, where, least, most, outside, on, 0);
        }

        Key at(int other) {
            return new Key(kind, where, least, most, outside, on, other);
        }
    }

    private static final class Pile {
        private final Set<String> marks = new LinkedHashSet<>();
        private double count;
    }

    /** By mark, the house a part is of; of one house alone nothing. */
    private final Map<String, Integer> buildings;

    private Fixings(Map<String, Integer> buildings) {
        this.buildings = buildings;
    }

    /** All of a coop finished so, by kind, then by what they hold, the longest first. */
    public static List<Fixing> of(Coop coop, Practice.Finish finish) {
        List<Building> buildings = coop.buildings();
        Fixings fixings = new Fixings(byMark(buildings));
        Joints.of(coop).forEach(fixings::joint);
        coop.parts().forEach(fixings::part);
        buildings.forEach(b -> fixings.leaves(b.coop()));
        fixings.coats(coop, finish);
        return fixings.sorted();
    }

    private static Map<String, Integer> byMark(List<Building> buildings) {
        Map<String, Integer> numbers = new HashMap<>();
        if (buildings.size() > 1) {
            buildings.forEach(
                    b -> b.coop().parts().forEach(p -> numbers.put(p.mark(), b.number())));
        }
        return numbers;
    }

    /** Of all joints, what is driven when some parts go on: into them and what is there already. */
    public static List<Fixing> on(List<Joints.Joint> joints, Set<String> marks) {
        Fixings fixings = new Fixings(Map.of());
        joints.stream().filter(j -> marks.contains(j.second().mark())).forEach(fixings::joint);
        return fixings.sorted();
    }

    private List<Fixing> sorted() {
        List<Fixing> all = new ArrayList<>();
        piles.forEach((key, pile) -> all.add(fixing(key, pile)));
        all.removeIf(f -> f.count() == 0);
        all.sort(
                Comparator.comparing(Fixing::kind)
                        .thenComparing(Fixing::where)
                        .thenComparing(f -> f.least().orElse(Length.ZERO).negated())
                        .thenComparing(f -> !f.outside()));
        return all;
    }

    private static Fixing fixing(Key key, Pile pile) {
        return new Fixing(
                key.kind(),
                key.where(),
                key.least(),
                key.most(),
                key.outside(),
                key.on(),
                key.building(),
                (int) Math.ceil(pile.count),
                List.copyOf(pile.marks));
    }

    /** Together what one length from a shop serves, the most of them first. */
    public static List<Fixing> byLength(List<Fixing> fixings, UnitSystem system) {
        Map<List<Object>, Fixing> together = new LinkedHashMap<>();
        for (Fixing f : fixings) {
            together.merge(
                    List.of(f.kind(), f.where(), f.length(system), f.outside()), f, Fixings::with);
        }
        return together.values().stream()
                .sorted(Comparator.comparing(Fixing::kind).thenComparing(f -> -f.count()))
                .toList();
    }

    private static Fixing with(Fixing one, Fixing other) {
        Set<String> marks = new LinkedHashSet<>(one.marks());
        marks.addAll(other.marks());
        return new Fixing(
                one.kind(),
                one.where(),
                one.least(),
                one.most(),
                one.outside(),
                one.on(),
                one.building(),
                one.count() + other.count(),
                List.copyOf(marks));
    }

    /** How many of each kind. */
    public static SortedMap<Hardware.Kind, Integer> counts(List<Fixing> fixings) {
        SortedMap<Hardware.Kind, Integer> counts = new TreeMap<>();
        fixings.forEach(f -> counts.merge(f.kind(), f.count(), Integer::sum));
        return counts;
    }

    /** How many of each kind remain to buy when what the heap has goes where its length does. */
    public static SortedMap<Hardware.Kind, Integer> toBuy(List<Fixing> fixings, Heap heap) {
        SortedMap<Hardware.Kind, Integer> left = counts(fixings);
        Map<Fixing, Integer> open = new LinkedHashMap<>();
        fixings.forEach(f -> open.put(f, f.count()));
        // What has a size goes first: the rest does anywhere.
        heap.usable().stream()
                .filter(lot -> lot.material() instanceof Hardware)
                .sorted(Comparator.comparing(Fixings::isUnsized))
                .forEach(lot -> use(lot, open, left));
        return left;
    }

    private static boolean isUnsized(Lot lot) {
        return ((Hardware) lot.material()).size().isEmpty();
    }

    private static void use(
            Lot lot, Map<Fixing, Integer> open, SortedMap<Hardware.Kind, Integer> left) {
        Hardware small = (Hardware) lot.material();
        int have = lot.quantity();
        for (Map.Entry<Fixing, Integer> place : open.entrySet()) {
            Fixing f = place.getKey();
            if (f.kind() == small.kind() && f.takes(small.size())) {
                int used = Math.min(have, place.getValue());
                have -= used;
                place.setValue(place.getValue() - used);
                left.merge(f.kind(), -used, Integer::sum);
            }
        }
    }

    private void add(Key key, double count, String... marks) {
        int building = marks.length == 0 ? 0 : buildings.getOrDefault(marks[marks.length - 1], 0);
        Pile pile = piles.computeIfAbsent(key.at(building), _ -> new Pile());
        pile.count += count;
        pile.marks.addAll(List.of(marks));
    }

    /** How many screws hold a joint. */
    public static int screws(Joints.Joint joint) {
        return JointScrews.count(joint);
    }

    private void joint(Joints.Joint joint) {
        int screws = JointScrews.count(joint);
        if (screws > 0) {
            JointScrews.Range range = JointScrews.range(joint);
            Key key =
                    new Key(
                            Hardware.Kind.SCREWS,
                            JointScrews.where(joint),
                            Optional.of(range.least()),
                            Optional.of(range.most()),
                            isOutside(joint.first()) || isOutside(joint.second()),
                            joint.second().role());
            add(key, screws, joint.first().mark(), joint.second().mark());
        }
    }

    private static boolean isOutside(Part part) {
        return part.role().is(Duty.Trait.SHOWN);
    }

    private void part(Part part) {
        switch (part) {
            case Part.RoofPart sheet -> {
                double area = Area.of(sheet.length(), sheet.fullWidth()).toSquareMetres();
                add(
                        outside(Hardware.Kind.ROOFING_SCREWS, Fixing.Where.ROOFING, part.role()),
                        area * ROOF_SCREWS_A_SQUARE_METRE,
                        part.mark());
            }
            case Part.MeshPart mesh -> {
                Key key =
                        new Key(
                                Hardware.Kind.STAPLES,
                                Fixing.Where.MESH,
                                Optional.of(Hardware.LEAST_STAPLE),
                                Optional.empty(),
                                true,
                                part.role());
                add(key, staples(mesh), part.mark());
            }
            case Part.StickPart _, Part.PanelPart _, Part.WholePart _ -> {}
        }
    }

    /** A hand apart along all its edges. */
    public static int staples(Part.MeshPart mesh) {
        Length edge = mesh.width().plus(mesh.length()).times(2);
        return (int) Math.ceil(edge.ratio(STAPLES_APART));
    }

    private static Key outside(Hardware.Kind kind, Fixing.Where where, Role on) {
        return new Key(kind, where, Optional.empty(), Optional.empty(), true, on);
    }

    /** Two hinges and a latch for every leaf and lid, two strips for what swings free. */
    private void leaves(Coop coop) {
        List<Part> leaves = coop.that(Duty.Trait.LEAF);
        String[] marks = leaves.stream().map(Part::mark).toArray(String[]::new);
        Role on = leaves.stream().findFirst().orElseGet(() -> coop.parts().getLast()).role();
        int hinged = (int) coop.openings().stream().filter(Opening::isHinged).count();
        hang(hinged, on, marks);
        coop.that(Duty.Trait.LID).forEach(lid -> hang(1, lid.role(), lid.mark()));
        coop.that(Duty.Trait.DRAWN_OUT).forEach(drawer -> latch(drawer.role(), drawer.mark()));
        coop.that(Duty.Trait.SWINGS_FREE).forEach(this::hung);
        swung(coop.that(Duty.Trait.SWINGS_UP));
        lifted(coop.that(Duty.Trait.LIFTS));
    }

    /** A hinge for every arm, and a hook that holds the frame up. */
    private void swung(List<Part> arms) {
        if (!arms.isEmpty()) {
            Role on = arms.getFirst().role();
            String[] marks = arms.stream().map(Part::mark).toArray(String[]::new);
            add(outside(Hardware.Kind.HINGES, Fixing.Where.LEAVES, on), arms.size(), marks);
            latch(on, marks);
        }
    }

    /** A hinge for every rafter, and a hook at each front corner that holds it down. */
    private void lifted(List<Part> rafters) {
        if (!rafters.isEmpty()) {
            Role on = rafters.getFirst().role();
            String[] marks = rafters.stream().map(Part::mark).toArray(String[]::new);
            add(outside(Hardware.Kind.HINGES, Fixing.Where.LEAVES, on), rafters.size(), marks);
            latch(on, rafters.getFirst().mark());
            latch(on, rafters.getLast().mark());
        }
    }

    private void latch(Role on, String... marks) {
        add(outside(Hardware.Kind.LATCHES, Fixing.Where.LEAVES, on), 1, marks);
    }

    private void coats(Coop coop, Practice.Finish finish) {
        brushed(
                Hardware.Kind.PRESERVER,
                Fixing.Where.ENDS,
                Coats.preserved(coop),
                Coats.preserver(coop));
        if (finish == Practice.Finish.PAINTED) {
            brushed(
                    Hardware.Kind.PAINT,
                    Fixing.Where.OUTSIDE,
                    Coats.painted(coop),
                    Coats.paint(coop));
        }
    }

    private void brushed(Hardware.Kind kind, Fixing.Where where, List<Part> on, double litres) {
        if (!on.isEmpty()) {
            String[] marks = on.stream().map(Part::mark).toArray(String[]::new);
            add(outside(kind, where, on.getFirst().role()), litres, marks);
        }
    }

    /**
     * A light flap by two strips, each held at both ends. Hinges would do as well, at some ten
     * times the price; nothing here keeps an animal out.
     */
    private void hung(Part flap) {
        add(
                outside(Hardware.Kind.STRIPS, Fixing.Where.LEAVES, flap.role()),
                STRIPS_A_FLAP,
                flap.mark());
        Key screws =
                new Key(
                        Hardware.Kind.SCREWS,
                        Fixing.Where.LEAVES,
                        Optional.of(STRIP_SCREW),
                        Optional.empty(),
                        true,
                        flap.role());
        add(screws, SCREWS_A_STRIP * STRIPS_A_FLAP, flap.mark());
    }

    private void hang(int leaves, Role on, String... marks) {
        add(outside(Hardware.Kind.HINGES, Fixing.Where.LEAVES, on), HINGES_A_LEAF * leaves, marks);
        add(outside(Hardware.Kind.LATCHES, Fixing.Where.LEAVES, on), leaves, marks);
    }
}
