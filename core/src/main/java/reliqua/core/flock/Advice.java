package reliqua.core.flock;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Area;
import reliqua.core.measure.Distance;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * What an experienced keeper would say on hearing of a flock, its ground and its keeper: nothing
 * here forbids anything.
 */
public final class Advice {
    private static final int HENS_TO_A_COCK = 8;
    private static final Area VENT_PER_BIRD = Area.ofSquareFeet(1);
    private static final Length FAR = Length.mm(15_000);
    private static final Length NEAR = Length.mm(10_000);
    private static final Length BARROW_GATE = Length.mm(700);

    private final Flock flock;
    private final Site site;
    private final Keeper keeper;
    private final List<Sum> said = new ArrayList<>();

    private Advice(Flock flock, Site site, Keeper keeper) {
        this.flock = flock;
        this.site = site;
        this.keeper = keeper;
    }

    /** The advice, the weightiest first; none for an empty flock. */
    public static List<Sum> of(Flock flock, Site site, Keeper keeper) {
        if (flock.total() == 0) {
            return List.of();
        }
        Advice advice = new Advice(flock, site, keeper);
        advice.birds();
        advice.weather();
        advice.predators();
        advice.ownFigures();
        advice.ground();
        return List.copyOf(advice.said);
    }

    private void say(boolean when, String key, Object... terms) {
        if (when) {
            said.add(Sum.of("advice." + key, terms));
        }
    }

    private void birds() {
        int cocks = flock.cockCount();
        int hens = flock.total() - cocks;
        int most = Math.max(1, hens / HENS_TO_A_COCK);
        say(cocks > most, "cocks", cocks, hens);
        boolean breeding = flock.purposes().contains(Flock.Purpose.BREEDING);
        say(breeding && cocks == 0, "breeding");
        boolean garden = flock.purposes().contains(Flock.Purpose.GARDEN);
        say(garden && flock.style() == Flock.Style.RUN_ONLY, "garden");
        say(flock.practice().growth() == 0, "growth");
        boolean heavy = flock.count(BirdClass.LARGE) > 0;
        say(heavy && flock.practice().litter() == Practice.Litter.WIRE, "wire");
        say(flock.count(BirdClass.DUCK) > 0, "ducks");
        say(
                flock.count(BirdClass.DUCK) > 0 && flock.total() > flock.count(BirdClass.DUCK),
                "mixed");
        say(!flock.pens().isEmpty(), "pens", flock.pens().size());
        say(!flock.practice().litter().boarded(), "floor");
        boolean fixedRun = flock.style() == Flock.Style.RUN_ONLY;
        say(fixedRun, "run", Needs.of(flock, site, keeper.tape().system()).run());
        boolean out = flock.style() == Flock.Style.OUT_ALL_DAY;
        boolean tight = flock.practice().space() == Practice.Space.TIGHT;
        say(tight && !out, "tight");
    }

    private void weather() {
        boolean byFloor = flock.practice().vents() == Practice.Vents.BY_FLOOR;
        Area open = VENT_PER_BIRD.times(flock.housed());
        say(site.climate().hot() && byFloor, "hot", site.climate().hottest(), open);
        say(site.climate().coldest().celsius() <= -10, "cold", site.climate().coldest());
        boolean shaded = site.find(SiteMark.Kind.TREE).isPresent();
        say(site.climate().hot() && !shaded, "shade");
    }

    private void predators() {
        say(site.predators().contains(Predator.BEAR), "bear");
        say(site.predators().contains(Predator.WILD_BIRDS), "orders");
        boolean unsaid = site.predators().isEmpty();
        say(unsaid, "predators");
    }

    private void ownFigures() {
        OwnFigures own = flock.practice().own();
        own.floor().ifPresent(a -> range("floor", a, floorRange()));
        own.run().ifPresent(a -> range("run", a, runRange()));
        own.roost().ifPresent(l -> range("roost", l, roostRange()));
        own.nests().ifPresent(n -> say(n < 3 || n > 5, "own.nests", n));
        own.litter()
                .ifPresent(
                        l ->
                                say(
                                        l.nm() < Length.mm(50).nm() || l.nm() > Length.mm(300).nm(),
                                        "own.litter",
                                        l,
                                        Length.mm(50),
                                        Length.mm(300)));
    }

    private record Range(Object from, Object to, boolean holds) {}

    private void range(String figure, Object value, Range range) {
        say(!range.holds(), "own." + figure, value, range.from(), range.to());
    }

    private Range floorRange() {
        Area own = flock.practice().own().floor().orElse(Area.ZERO);
        Area least = least(k -> k.floor(Practice.Space.TIGHT));
        Area most = most(k -> k.floor(Practice.Space.ROOMY));
        return new Range(least, most, own.atLeast(least) && most.atLeast(own));
    }

    private Range runRange() {
        Area own = flock.practice().own().run().orElse(Area.ZERO);
        Area least = least(k -> k.run(Practice.Space.TIGHT));
        Area most = most(k -> k.run(Practice.Space.ROOMY));
        return new Range(least, most, own.atLeast(least) && most.atLeast(own));
    }

    private Range roostRange() {
        Length own = flock.practice().own().roost().orElse(Length.ZERO);
        Length least = Length.ZERO;
        Length most = Length.ZERO;
        for (BirdClass kind : flock.classes()) {
            least = least.max(kind.roost(Practice.Roosts.SNUG));
            most = most.max(kind.roost(Practice.Roosts.USUAL));
        }
        most = most.plus(most.half());
        return new Range(least, most, own.atLeast(least) && own.atMost(most));
    }

    private Area least(java.util.function.Function<BirdClass, Area> each) {
        return flock.classes().stream()
                .map(each)
                .filter(a -> a.um2() > 0)
                .min(java.util.Comparator.naturalOrder())
                .orElse(Area.ZERO);
    }

    private Area most(java.util.function.Function<BirdClass, Area> each) {
        return flock.classes().stream()
                .map(each)
                .max(java.util.Comparator.naturalOrder())
                .orElse(Area.ZERO);
    }

    private void ground() {
        SiteMark coop = site.coop();
        for (SiteMark mark : site.marks()) {
            Length away = coop.distance(mark);
            switch (mark.kind()) {
                case WATER -> say(away.atLeast(FAR), "water", new Distance(away));
                case FEED -> say(away.atLeast(FAR), "feed", new Distance(away));
                case NEIGHBOUR -> say(away.atMost(NEAR), "neighbour", new Distance(away));
                case GATE ->
                        say(
                                keeper.wishes().contains(Wish.BARROW)
                                        && !mark.size().atLeast(BARROW_GATE),
                                "gate",
                                mark.size(),
                                BARROW_GATE);
                default -> {}
            }
        }
    }
}
