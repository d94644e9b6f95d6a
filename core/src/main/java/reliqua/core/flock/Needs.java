package reliqua.core.flock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * What a flock needs of its house, each figure with its sum.
 *
 * @param birds birds the house is built for
 * @param floor house floor, at least
 * @param roost length of roost, at least; zero for birds that sleep on the floor
 * @param roostHeight top of the roosts above the floor, at most
 * @param nests nest boxes, at least
 * @param nestSide width and depth of a box, at least
 * @param nestHeight height of a box, at least
 * @param vents permanent vent area, at least
 * @param popDoorWidth clear width of the pop door, at least
 * @param popDoorHeight clear height of the pop door, at least
 * @param headroom from roost to roof, at least: a standing bird
 * @param heaviest weight of the heaviest bird
 * @param lines the same for reading
 */
public record Needs(
        int birds,
        Area floor,
        Length roost,
        Length roostHeight,
        int nests,
        Length nestSide,
        Length nestHeight,
        Area vents,
        Length popDoorWidth,
        Length popDoorHeight,
        Length headroom,
        Weight heaviest,
        List<Need> lines) {
    /**
     * Nest entrances lie at least so far below the lowest roost, else birds sleep in the nests and
     * foul them (6 in).
     */
    public static final Length NEST_BELOW_ROOST = Length.inches(6);

    /** A bar this far from the wall and from the next bar keeps tails clear (300 mm is common). */
    public static final Length ROOST_SPACING = Length.mm(300);

    /** Board at the doors that holds deep litter in. */
    public static final Length LITTER_SILL = Length.mm(200);

    /** Floor of the nests above the house floor: above the litter they start with. */
    public static final Length NEST_FLOOR = Length.mm(150);

    /** Lip in front of a nest, between 75 and 100 mm. */
    public static final Length NEST_LIP = Length.mm(90);

    /** Mesh where birds sleep near it: 12.7 mm keeps out rats and hands. */
    public static final Length MESH_APERTURE = Length.inches(1, 2);

    /** Apron laid flat outward against digging. */
    public static final Length APRON = Length.mm(600);

    private static final Length ROOST_HIGHEST = Length.mm(1200);
    private static final Length ROOST_HIGHEST_HEAVY = Length.mm(600);
    private static final Area VENT_PER_BIRD = Area.ofSquareFeet(1);
    private static final int FLOOR_PER_VENT = 10;
    private static final int FEWEST_NESTS = 2;

    /** Copies the lines. */
    public Needs {
        lines = List.copyOf(lines);
    }

    /** The needs of a flock; an empty flock needs nothing. */
    public static Needs of(Flock flock) {
        List<Need> lines = new ArrayList<>();
        Practice practice = flock.practice();
        Area floor = total(flock, kind -> kind.floor(practice.space()));
        lines.add(new Need(Need.Kind.FLOOR, floor, floorSum(flock)));
        Length roost = roost(flock, lines);
        Length highest = flock.count(BirdClass.LARGE) > 0 ? ROOST_HIGHEST_HEAVY : ROOST_HIGHEST;
        lines.add(new Need(Need.Kind.ROOST_HEIGHT, highest, Sum.of("needs.roostHeight", highest)));
        int nests = nests(flock, lines);
        Length nestSide = largest(flock, k -> k.nestSide());
        Length nestHeight = largest(flock, k -> k.nestHeight());
        lines.add(
                new Need(
                        Need.Kind.NEST_SIZE,
                        nestSide,
                        Sum.of("needs.nestSize", nestSide, nestSide, nestHeight)));
        lines.add(
                new Need(
                        Need.Kind.NEST_BELOW_ROOST,
                        NEST_BELOW_ROOST,
                        Sum.of("needs.nestBelowRoost", NEST_BELOW_ROOST)));
        Area vents = vents(flock, floor, lines);
        Length popWidth = largest(flock, BirdClass::popDoorWidth);
        Length popHeight = largest(flock, BirdClass::popDoorHeight);
        lines.add(
                new Need(
                        Need.Kind.POP_DOOR,
                        popWidth,
                        Sum.of("needs.popDoor", popWidth, popHeight)));
        Length headroom = largest(flock, BirdClass::standing);
        lines.add(new Need(Need.Kind.HEADROOM, headroom, Sum.of("needs.headroom", headroom)));
        lines.add(
                new Need(
                        Need.Kind.LITTER_SILL,
                        LITTER_SILL,
                        Sum.of("needs.litterSill", LITTER_SILL)));
        lines.add(new Need(Need.Kind.MESH, MESH_APERTURE, Sum.of("needs.mesh", MESH_APERTURE)));
        Weight heaviest =
                flock.birds().keySet().stream()
                        .map(BirdClass::weight)
                        .max(Comparator.naturalOrder())
                        .orElse(Weight.ZERO);
        return new Needs(
                flock.housed(),
                floor,
                roost,
                highest,
                nests,
                nestSide,
                nestHeight,
                vents,
                popWidth,
                popHeight,
                headroom,
                heaviest,
                lines);
    }

    /** The line of one kind. */
    public Need line(Need.Kind kind) {
        return lines.stream().filter(n -> n.kind() == kind).findFirst().orElseThrow();
    }

    private static Area total(Flock flock, Function<BirdClass, Area> each) {
        return flock.birds().keySet().stream()
                .map(kind -> each.apply(kind).times(flock.housed(kind)))
                .reduce(Area.ZERO, Area::plus);
    }

    private static Length largest(Flock flock, Function<BirdClass, Length> each) {
        return flock.birds().keySet().stream().map(each).reduce(Length.ZERO, Length::max);
    }

    private static Sum floorSum(Flock flock) {
        Sum all = null;
        for (BirdClass kind : flock.birds().keySet()) {
            Sum one =
                    Sum.of(
                            "needs.floor.one",
                            flock.housed(kind),
                            name(kind, flock.housed(kind)),
                            kind.floor(flock.practice().space()));
            all = all == null ? one : Sum.of("needs.and", all, one);
        }
        return all == null ? Sum.of("needs.none") : Sum.of("needs.floor", all, growth(flock));
    }

    private static Sum growth(Flock flock) {
        return flock.practice().growth() == 0
                ? Sum.of("needs.growth.none")
                : Sum.of("needs.growth", flock.total(), flock.practice().growth(), flock.housed());
    }

    /** The class in words, for one or several birds. */
    public static Sum name(BirdClass kind, int count) {
        return Sum.of("bird." + kind.name() + (count == 1 ? ".one" : ".many"));
    }

    private static Length roost(Flock flock, List<Need> lines) {
        Length roost = Length.ZERO;
        int roosting = 0;
        Length widest = Length.ZERO;
        for (BirdClass kind : flock.birds().keySet()) {
            roost = roost.plus(kind.roost().times(flock.housed(kind)));
            roosting += kind.roost().isPositive() ? flock.housed(kind) : 0;
            widest = widest.max(kind.roost());
        }
        Sum sum =
                roosting == 0
                        ? Sum.of("needs.roost.none")
                        : Sum.of("needs.roost", roosting, widest);
        lines.add(new Need(Need.Kind.ROOST, roost, sum));
        return roost;
    }

    private static int nests(Flock flock, List<Need> lines) {
        int hens =
                flock.birds().keySet().stream()
                        .filter(BirdClass::nests)
                        .mapToInt(flock::housed)
                        .sum();
        int share = flock.practice().nests().hens();
        int nests =
                hens == 0 ? 0 : Math.max(hens > 1 ? FEWEST_NESTS : 1, Math.ceilDiv(hens, share));
        Sum sum =
                hens == 0 ? Sum.of("needs.nests.none") : Sum.of("needs.nests", hens, share, nests);
        lines.add(new Need(Need.Kind.NESTS, nests, sum));
        return nests;
    }

    private static Area vents(Flock flock, Area floor, List<Need> lines) {
        if (flock.practice().vents() == Practice.Vents.BY_BIRD) {
            Area area = VENT_PER_BIRD.times(flock.housed());
            lines.add(
                    new Need(
                            Need.Kind.VENTS,
                            area,
                            Sum.of("needs.vents.byBird", flock.housed(), VENT_PER_BIRD)));
            return area;
        }
        Area area = floor.scaled(1.0 / FLOOR_PER_VENT);
        lines.add(
                new Need(
                        Need.Kind.VENTS,
                        area,
                        Sum.of("needs.vents.byFloor", floor, FLOOR_PER_VENT)));
        return area;
    }
}
