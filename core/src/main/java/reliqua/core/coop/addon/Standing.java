package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.PartsBook;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/** A coop that stands, as far as it is built, and what it is made of. */
final class Standing {
    /** Parts that share less than this, in mm³, only touch. */
    private static final double SLIVER = 10;

    /** Kept free before every door, nest and pop door. */
    private static final Length BEFORE_DOOR = Length.mm(450);

    private static final Length STEP = Length.mm(50);

    /** Half a bird. */
    private static final Length BEHIND_BAR = Length.mm(120);

    private final Coop coop;
    private final DesignSpec spec;
    private final List<Zone> zones;
    private final Needs needs;
    private final PartsBook book;

    Standing(Coop coop, DesignSpec spec, Needs needs) {
        this.coop = coop;
        this.spec = spec;
        this.zones = new ArrayList<>(coop.zones());
        this.needs = needs;
        this.book = PartsBook.goingOn(coop);
    }

    Coop coop() {
        return coop;
    }

    Choices choices() {
        return spec.choices();
    }

    Needs needs() {
        return needs;
    }

    PartsBook book() {
        return book;
    }

    Section section(Choices.Group group) {
        return spec.choices().section(group);
    }

    /** One of the lengths of the design. */
    Length length(String key) {
        return spec.length(key);
    }

    /** Ground that an addition takes in. */
    void enclose(Zone zone) {
        zones.add(zone);
    }

    /** What there was and what has been taken in. */
    List<Zone> zones() {
        return zones;
    }

    /** The first of what stands of a kind. */
    Optional<Zone> zone(Zone.Kind kind) {
        return coop.zones().stream().filter(z -> z.kind() == kind).findFirst();
    }

    /** A stick as a box, its length the longest side. */
    void box(Role role, Section section, Solid solid) {
        Bounds b = solid.bounds();
        book.stick(role, section, b.width().max(b.depth()).max(b.height()), solid);
    }

    /** Whether nothing that is built is where this would be, or swings there. */
    boolean isFree(Solid solid) {
        return standing().noneMatch(s -> meets(s, solid));
    }

    private Stream<Solid> standing() {
        return Stream.concat(swept(), book.parts().stream().map(Part::solid));
    }

    private static boolean meets(Solid one, Solid other) {
        return Contact.overlap(one, other) >= SLIVER;
    }

    /** From floor to roof, where something swings up. */
    private Stream<Solid> swept() {
        Bounds room = house().floor();
        return coop.buildings().stream()
                .flatMap(h -> around(h.coop().that(Duty.Trait.SWINGS_UP)).stream())
                .map(b -> Solid.box(b.x0(), b.x1(), b.y0(), b.y1(), room.z0(), room.z1()));
    }

    /** The run if there is one, else the house. */
    Zone ground() {
        return zone(Zone.Kind.RUN).orElse(coop.zones().getFirst());
    }

    /** The first room that birds sleep in. */
    Zone house() {
        return zone(Zone.Kind.HOUSE).orElseThrow();
    }

    /** The run, for what is built on to one. */
    Zone run() throws Unbuildable {
        return zone(Zone.Kind.RUN).orElseThrow(() -> new Unbuildable(Sum.of("addon.needsRun")));
    }

    /** A place on the floor of a zone for a box of this size, away from doors and nests. */
    Optional<Bounds> place(Zone zone, Length wide, Length deep, Length high) {
        return place(zone, wide, deep, high, _ -> true);
    }

    /** The same where nothing falls from a roost, as long as there is such a place. */
    Optional<Bounds> cleanerPlace(Zone zone, Length wide, Length deep, Length high) {
        return cleanPlace(zone, wide, deep, high).or(() -> place(zone, wide, deep, high));
    }

    /** The same where nothing falls from a roost. */
    Optional<Bounds> cleanPlace(Zone zone, Length wide, Length deep, Length high) {
        List<Bounds> roosts =
                book.parts().stream()
                        .filter(p -> p.role().duty().load() == Duty.Load.ROOST)
                        .map(p -> p.solid().bounds())
                        .toList();
        return place(
                zone, wide, deep, high, place -> roosts.stream().noneMatch(r -> falls(r, place)));
    }

    /** Whether what falls from a bar falls there: a bird reaches out behind it. */
    private static boolean falls(Bounds bar, Bounds place) {
        return bar.x0().compareTo(place.x1()) < 0
                && bar.x1().compareTo(place.x0()) > 0
                && bar.y0().minus(BEHIND_BAR).compareTo(place.y1()) < 0
                && bar.y1().plus(BEHIND_BAR).compareTo(place.y0()) > 0;
    }

    private Optional<Bounds> place(
            Zone zone, Length wide, Length deep, Length high, Predicate<Bounds> wanted) {
        Bounds floor = zone.floor();
        List<Solid> standing = over(floor, high);
        for (Length y = floor.y1().minus(deep); y.atLeast(floor.y0()); y = y.minus(STEP)) {
            for (Length x = floor.x1().minus(wide); x.atLeast(floor.x0()); x = x.minus(STEP)) {
                Length z0 = standsAt(floor, x.plus(wide.half()), y.plus(deep.half()));
                Bounds place = new Bounds(x, x.plus(wide), y, y.plus(deep), z0, z0.plus(high));
                if (wanted.test(place) && isPlace(place, standing)) {
                    return Optional.of(place);
                }
            }
        }
        return Optional.empty();
    }

    /** On a floor, or on the ground as it falls. */
    private Length standsAt(Bounds floor, Length x, Length y) {
        return floor.z0().isPositive() ? floor.z0() : floor.z0().minus(below(x, y));
    }

    /** How much lower the ground is at a point than at the highest corner. */
    Length below(Length x, Length y) {
        return coop.terrain().below(x, y).ceilTo(spec.choices().step());
    }

    /**
     * What a box of this height on that floor could run into. Boxes come first: whether those are
     * in the way is seen at once.
     */
    private List<Solid> over(Bounds floor, Length high) {
        Length top = floor.z0().plus(high);
        return standing()
                .filter(s -> s.bounds().z0().compareTo(top) < 0)
                .filter(s -> s.bounds().x0().compareTo(floor.x1()) < 0)
                .filter(s -> s.bounds().x1().compareTo(floor.x0()) > 0)
                .filter(s -> s.bounds().y0().compareTo(floor.y1()) < 0)
                .filter(s -> s.bounds().y1().compareTo(floor.y0()) > 0)
                .sorted(Comparator.comparing(s -> !s.isBox()))
                .toList();
    }

    private boolean isPlace(Bounds b, List<Solid> standing) {
        Solid box = Solid.box(b.x0(), b.x1(), b.y0(), b.y1(), b.z0(), b.z1());
        return standing.stream().noneMatch(s -> meets(s, box))
                && coop.openings().stream()
                        .filter(Standing::isWayIn)
                        .noneMatch(o -> o.place().near(b, BEFORE_DOOR));
    }

    private static boolean isWayIn(Opening opening) {
        return !opening.isVent() && opening.kind() != Opening.Kind.WINDOW;
    }

    /** Box that holds all parts of which this is true; nothing when there are none. */
    static Optional<Bounds> around(List<Part> parts) {
        return parts.stream().map(p -> p.solid().bounds()).reduce(Bounds::with);
    }
}
