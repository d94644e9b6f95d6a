package reliqua.core.flock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

/** Reckons the needs of one flock, line by line. */
final class NeedsReckoning {
    private static final Length ROOST_HIGHEST = Length.mm(1200);
    private static final Length ROOST_HIGHEST_HEAVY = Length.mm(600);
    private static final Area VENT_PER_BIRD = Area.ofSquareFeet(1);
    private static final int FLOOR_PER_VENT = 10;
    private static final int FEWEST_NESTS = 2;
    private static final int FEWEST_IN_A_PEN = 2;

    /** Weight of roof covering and frame, kN/m2. */
    private static final double ROOF_ITSELF = 0.25;

    /** A person leaning or the least snow to build for, kN/m2. */
    private static final double ROOF_LEAST = 1.0;

    /** Share of the snow on the ground that stays on a roof. */
    private static final double SNOW_ON_ROOF = 0.7;

    private final Flock flock;
    private final Site site;
    private final Practice practice;
    private final UnitSystem system;
    private final List<Need> lines = new ArrayList<>();

    NeedsReckoning(Flock flock, Site site, UnitSystem system) {
        this.system = system;
        this.flock = flock;
        this.site = site;
        this.practice = flock.practice();
    }

    Needs needs() {
        Proof proof = Proof.against(site.predators());
        Area floor = floor();
        Area run = run();
        pens();
        Needs.Roosts roosts = roosts();
        Needs.Nests nests = nests();
        must(
                Need.Kind.NEST_BELOW_ROOST,
                system.natural(Needs.NEST_BELOW_ROOST),
                Sum.of("needs.nestBelowRoost", system.natural(Needs.NEST_BELOW_ROOST)),
                Sum.of("source.common"));
        Area vents = vents(floor);
        Length popWidth = largest(BirdClass::popDoorWidth);
        Length popHeight = largest(BirdClass::popDoorHeight);
        must(
                Need.Kind.POP_DOOR,
                popWidth,
                Sum.of("needs.popDoor", popWidth, popHeight),
                Sum.of("source.class"));
        must(
                Need.Kind.HEADROOM,
                roosts.headroom(),
                Sum.of("needs.headroom", roosts.headroom()),
                Sum.of("source.class"));
        Length depth =
                practice.own().litter().orElseGet(() -> system.natural(practice.litter().depth()));
        Length sill = litterSill(depth);
        new ProofLines(proof, practice.apron(), system, lines).add();
        Pressure roof = roofLoad();
        daily();
        return new Needs(
                flock.housed(),
                floor,
                run,
                roosts,
                nests,
                vents,
                popWidth,
                popHeight,
                sill,
                depth,
                proof,
                practice.apron(),
                practice.cleaning(),
                new Needs.Weather(roof, site.climate().wind()),
                Ground.of(site),
                system,
                lines);
    }

    private void must(Need.Kind kind, Object value, Sum sum, Sum source) {
        lines.add(new Need(kind, value, sum, Need.Standing.MUST, source));
    }

    private void wish(Need.Kind kind, Object value, Sum sum, Sum source) {
        lines.add(new Need(kind, value, sum, Need.Standing.WISH, source));
    }

    private Length largest(Function<BirdClass, Length> each) {
        return system.natural(flock.classes().stream().map(each).reduce(Length.ZERO, Length::max));
    }

    private static Sum source(String topic, Enum<?> school, Optional<?> own) {
        return own.isPresent()
                ? Sum.of("source.own")
                : Sum.of("source." + topic + "." + school.name());
    }

    private Area floor() {
        Optional<Area> own = practice.own().floor();
        Function<BirdClass, Area> each = kind -> own.orElse(kind.floor(practice.space()));
        Area floor = total(each);
        int alone = (int) flock.pens().stream().filter(p -> p.birds() < FEWEST_IN_A_PEN).count();
        Area more =
                flock.classes().stream().map(each).max(Comparator.naturalOrder()).orElse(Area.ZERO);
        floor = floor.plus(more.times(alone));
        Sum sum =
                flock.total() == 0
                        ? Sum.of("needs.none")
                        : Sum.of("needs.floor", each(each), growth());
        if (alone > 0) {
            sum = Sum.of("needs.floor.pens", sum, alone, more);
        }
        must(Need.Kind.FLOOR, floor, sum, source("space", practice.space(), own));
        return floor;
    }

    private Area total(Function<BirdClass, Area> each) {
        return flock.classes().stream()
                .map(kind -> each.apply(kind).times(flock.housed(kind)))
                .reduce(Area.ZERO, Area::plus);
    }

    private Sum each(Function<BirdClass, Area> figure) {
        return flock.classes().stream()
                .map(
                        kind ->
                                Sum.of(
                                        "needs.floor.one",
                                        flock.housed(kind),
                                        Needs.name(kind, flock.housed(kind)),
                                        figure.apply(kind)))
                .reduce((a, b) -> Sum.of("needs.and", a, b))
                .orElseGet(() -> Sum.of("needs.none"));
    }

    private Sum growth() {
        return practice.growth() == 0
                ? Sum.of("needs.growth.none")
                : Sum.of("needs.growth", flock.total(), practice.growth(), flock.housed());
    }

    private Area run() {
        Optional<Area> own = practice.own().run();
        Function<BirdClass, Area> each =
                kind ->
                        kind.run(practice.run()).um2() == 0
                                ? Area.ZERO
                                : own.orElse(kind.run(practice.run()));
        Area run = total(each);
        Sum sum = Sum.of("needs.run." + flock.style().name(), each(each));
        Sum source = source("run", practice.run(), own);
        if (flock.style() == Flock.Style.OUT_ALL_DAY) {
            wish(Need.Kind.RUN, run, sum, source);
        } else {
            must(Need.Kind.RUN, run, sum, source);
        }
        return run;
    }

    private void pens() {
        Sum sum =
                flock.pens().stream()
                        .map(p -> Sum.of("needs.pen", p.kind().sum(), p.birds()))
                        .reduce((a, b) -> Sum.of("needs.and", a, b))
                        .map(all -> Sum.of("needs.pens", all))
                        .orElseGet(() -> Sum.of("needs.pens.none"));
        must(Need.Kind.PENS, flock.pens().size(), sum, Sum.of("source.common"));
    }

    private Needs.Roosts roosts() {
        Optional<Length> own = practice.own().roost();
        Length length = Length.ZERO;
        Length widest = Length.ZERO;
        int roosting = 0;
        for (BirdClass kind : flock.classes()) {
            if (kind.roosts()) {
                Length each = own.orElseGet(() -> room(kind, practice.roosts()));
                length = length.plus(each.times(flock.housed(kind)));
                roosting += flock.housed(kind);
                widest = widest.max(each);
            }
        }
        Sum sum =
                roosting == 0
                        ? Sum.of("needs.roost.none")
                        : Sum.of("needs.roost", roosting, widest);
        must(Need.Kind.ROOST, length, sum, source("roosts", practice.roosts(), own));
        boolean heavy = flock.count(BirdClass.LARGE) > 0;
        Length highest = system.natural(heavy ? ROOST_HIGHEST_HEAVY : ROOST_HIGHEST);
        must(
                Need.Kind.ROOST_HEIGHT,
                highest,
                Sum.of("needs.roostHeight", highest),
                Sum.of("source.class"));
        return new Needs.Roosts(length, highest, largest(BirdClass::standing), crowd(own));
    }

    /**
     * Birds crowd together for warmth: more bar than usual does not lighten it, less loads it more.
     */
    private Optional<Needs.Crowd> crowd(Optional<Length> own) {
        return flock.classes().stream()
                .filter(BirdClass::roosts)
                .map(
                        kind ->
                                new Needs.Crowd(
                                        kind.weight(),
                                        own.orElseGet(() -> room(kind, practice.roosts()))
                                                .min(room(kind, Practice.Roosts.USUAL))))
                .max(Comparator.comparingDouble(c -> c.bird().toKilograms() / c.each().toMetres()));
    }

    /** Of a bar, for one bird. */
    private Length room(BirdClass kind, Practice.Roosts school) {
        return system.natural(kind.roost(school));
    }

    private Needs.Nests nests() {
        Optional<Integer> own = practice.own().nests();
        int share = own.orElse(practice.nests().hens());
        int hens =
                flock.classes().stream().filter(BirdClass::nests).mapToInt(flock::housedHens).sum();
        int apart = Math.min(hens, penned());
        int together = hens - apart;
        int shared =
                together == 0
                        ? 0
                        : Math.max(together > 1 ? FEWEST_NESTS : 1, Math.ceilDiv(together, share));
        int inPens = hens == 0 ? 0 : nestsInPens(share);
        int count = shared + inPens;
        Sum sum =
                hens == 0
                        ? Sum.of("needs.nests.none")
                        : Sum.of("needs.nests", together, share, shared);
        if (inPens > 0) {
            sum = Sum.of("needs.nests.pens", sum, inPens);
        }
        must(Need.Kind.NESTS, count, sum, source("nests", practice.nests(), own));
        Length side = largest(BirdClass::nestSide);
        Length height = largest(BirdClass::nestHeight);
        must(
                Need.Kind.NEST_SIZE,
                side,
                Sum.of("needs.nestSize", side, side, height),
                Sum.of("source.class"));
        return new Needs.Nests(count, side, height);
    }

    private int penned() {
        return flock.penned(Pen.Kind.BREED) + flock.penned(Pen.Kind.BROODY);
    }

    private int nestsInPens(int share) {
        return flock.pens().stream()
                .filter(p -> p.kind() == Pen.Kind.BREED || p.kind() == Pen.Kind.BROODY)
                .mapToInt(p -> Math.ceilDiv(p.birds(), share))
                .sum();
    }

    private Area vents(Area floor) {
        Optional<Area> own = practice.own().vents();
        Sum source = source("vents", practice.vents(), own);
        if (own.isPresent() || practice.vents() == Practice.Vents.BY_BIRD) {
            Area each = own.orElse(VENT_PER_BIRD);
            Area area = each.times(flock.housed());
            must(Need.Kind.VENTS, area, Sum.of("needs.vents.byBird", flock.housed(), each), source);
            return area;
        }
        Area area = floor.scaled(1.0 / FLOOR_PER_VENT);
        must(Need.Kind.VENTS, area, Sum.of("needs.vents.byFloor", floor, FLOOR_PER_VENT), source);
        return area;
    }

    private Length litterSill(Length depth) {
        Length sill =
                system.natural(practice.litter().sill())
                        .max(practice.own().litter().orElse(Length.ZERO));
        Sum sum =
                practice.litter().boarded()
                        ? Sum.of("needs.litterSill", sill, depth)
                        : Sum.of("needs.litterSill." + practice.litter().name(), sill);
        must(
                Need.Kind.LITTER_SILL,
                sill,
                sum,
                source("litter", practice.litter(), practice.own().litter()));
        return sill;
    }

    private Pressure roofLoad() {
        Pressure snow = site.climate().snow();
        double lying = SNOW_ON_ROOF * snow.kiloPascals();
        Pressure roof = new Pressure(ROOF_ITSELF + Math.max(ROOF_LEAST, lying));
        Sum sum =
                lying > ROOF_LEAST
                        ? Sum.of("needs.roofLoad.snow", snow, new Pressure(ROOF_ITSELF))
                        : Sum.of("needs.roofLoad.least", snow, new Pressure(ROOF_ITSELF));
        must(Need.Kind.ROOF_LOAD, roof, sum, Sum.of("source.site"));
        return roof;
    }

    /** Feed and water of a day, for those there will be. */
    private void daily() {
        long grams = 0;
        double litres = 0;
        for (BirdClass kind : flock.classes()) {
            grams += kind.feed().grams() * flock.housed(kind);
            litres += kind.water().litres() * flock.housed(kind);
        }
        wish(
                Need.Kind.FEED,
                new Weight(grams),
                Sum.of("needs.feed", flock.housed()),
                Sum.of("source.class"));
        boolean hot = site.climate().hot();
        wish(
                Need.Kind.WATER,
                new Volume(hot ? litres * 2 : litres),
                Sum.of(hot ? "needs.water.hot" : "needs.water", flock.housed()),
                Sum.of(hot ? "source.site" : "source.class"));
    }

    /** Animals in words, one after the other. */
    static Sum names(Set<Predator> animals) {
        return animals.stream()
                .map(Predator::sum)
                .reduce((a, b) -> Sum.of("needs.list", a, b))
                .orElseGet(() -> Sum.of("needs.usual"));
    }
}
