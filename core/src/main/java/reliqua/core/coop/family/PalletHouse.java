package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;

/**
 * The pallet house: floor and walls of whole pallets of one length, an upper course sawn down so
 * that the keeper stands inside where there are pallets enough, tied on top, under a single slope.
 */
final class PalletHouse implements CoopFamily {
    private static final Length OVERHANG = Length.mm(180);
    private static final int MOST_COLUMNS = 4;
    private static final int MOST_ROWS = 3;

    @Override
    public String id() {
        return "pallet";
    }

    @Override
    public List<String> keys() {
        return List.of(
                ShedDimensions.WIDTH,
                ShedDimensions.DEPTH,
                ShedDimensions.FRONT,
                ShedDimensions.BACK,
                ShedDimensions.OVERHANG);
    }

    @Override
    public List<Choices.Cladding> claddings() {
        return List.of(Choices.Cladding.BOARDS, Choices.Cladding.SHEETS);
    }

    @Override
    public Optional<Finds.Kind> builtOf() {
        return Optional.of(Finds.Kind.PALLETS);
    }

    @Override
    public Set<AddOn> addOns() {
        Set<AddOn> all = EnumSet.copyOf(AddOn.OF_HOUSES);
        all.add(AddOn.SWING_UP_ROOSTS);
        return all;
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.NEST);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        PalletLayout at = new PalletLayout(spec, brief);
        at.checkPallets();
        PartsBook book = new PartsBook();
        new PalletFloor(at, book).build();
        PalletWalls walls = new PalletWalls(at, book);
        walls.frame();
        PalletCladding cladding = PalletCladding.of(at, book);
        RoofBuilder roof = new RoofBuilder(at.roof, book);
        roof.rafters();
        roof.purlins();
        cladding.close();
        roof.roofing();
        new PalletDoors(at, book).build();
        inside(at, book);
        ramp(at, book);
        roof.vents();
        walls.vent();
        walls.openings();
        if (at.c.underside() == Practice.Underside.CLOSED_IN) {
            new UndersideBuilder(footprint(at), book).build();
        }
        List<Part> parts =
                book.parts().stream().sorted(Comparator.comparing(p -> p.role().stage())).toList();
        return new Coop(
                parts,
                book.openings(),
                List.of(zone(at)),
                measures(at, parts, book.openings()),
                at.terrain);
    }

    private static void ramp(PalletLayout at, PartsBook book) {
        PopHole hole = at.popHole();
        Length below = at.terrain.below(hole.middle(), RampBuilder.run(hole).negated());
        new RampBuilder(hole, below, book).build();
    }

    private static Footprint footprint(PalletLayout at) {
        return new Footprint(
                at.width,
                at.depth,
                at.base(),
                at.skin(),
                true,
                Optional.empty(),
                Length.ZERO,
                Optional.empty(),
                Optional.empty(),
                at.terrain,
                at.needs);
    }

    private static void inside(PalletLayout at, PartsBook book) throws Unbuildable {
        RoostBuilder roosts = at.roosts();
        if (roosts.bars() > 0) {
            Length headroom = at.roof.rafterBottom(roosts.at(0)).minus(roosts.top());
            Unbuildable.unless(
                    headroom.atLeast(at.needs.headroom()),
                    Sum.of("family.headroom", headroom, at.needs.headroom(), at.back));
            Length top = roosts.top().minus(at.deckTop());
            Unbuildable.unless(
                    top.atMost(at.needs.roostHeight()),
                    Sum.of("family.roostHigh", top, at.needs.roostHeight()));
            if (at.swings) {
                new SwungRoosts(roosts, at.roof::rafterBottom).build(book);
            } else {
                roosts.build(book);
            }
        }
        if (at.needs.nests() > 0) {
            Length clear =
                    roosts.bars() == 0 ? Length.ZERO : at.room().y1().minus(roosts.ledgerFrom());
            new InsideNests(
                            at.room(),
                            at.needs.nests(),
                            at.needs,
                            at.nestFloor(),
                            at.c.skin(),
                            at.trim(),
                            clear,
                            at.c.finds().thing(FoundPart.Use.NEST))
                    .build(book);
        }
    }

    private static Zone zone(PalletLayout at) {
        Room room = at.room();
        Bounds floor =
                new Bounds(
                        room.x0(),
                        room.x1(),
                        room.y0(),
                        room.y1(),
                        room.floor(),
                        at.roof.rafterBottom(room.y0()));
        return new Zone(Zone.Kind.HOUSE, floor, at.hasUpperCourse());
    }

    private static Coop.Measures measures(
            PalletLayout at, List<Part> parts, List<Opening> openings) {
        RoostBuilder roosts = at.roosts();
        boolean roosting = roosts.bars() > 0;
        Length height =
                parts.stream().map(p -> p.solid().bounds().z1()).reduce(Length.ZERO, Length::max);
        Area vents =
                openings.stream()
                        .filter(Opening::isVent)
                        .map(Opening::area)
                        .reduce(Area.ZERO, Area::plus);
        Length middle = at.roof.rafterBottom(at.depth.half()).minus(at.deckTop());
        return new Coop.Measures(
                at.width,
                at.depth,
                height,
                at.room().area(),
                at.deckTop(),
                at.base(),
                roosting ? roosts.length() : Length.ZERO,
                roosting ? roosts.top().minus(at.deckTop()) : Length.ZERO,
                at.needs.nests(),
                at.needs.nests() == 0 ? Length.ZERO : at.nestLip().minus(at.deckTop()),
                vents,
                roosting ? at.roof.rafterBottom(roosts.at(0)).minus(roosts.top()) : middle,
                Area.ZERO,
                at.hasUpperCourse() ? middle : Length.ZERO,
                reach(at),
                at.roof.pitch(),
                RampBuilder.RAMP,
                Weights.of(parts));
    }

    private static Length reach(PalletLayout at) {
        Length deep = at.depth.minus(at.pallet.thickness());
        Length sideways = at.doorFrom().minus(at.pallet.thickness());
        return new Length(Math.round(Math.hypot(deep.nm(), sideways.nm())));
    }

    @Override
    public DesignSpec sized(
            Choices choices, Brief brief, Map<String, Length> held, Length width, Length depth) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        List<Finds.WholePallet> pallets = choices.finds().pallets();
        Optional<Finds.WholePallet> pallet = choices.finds().pallet();
        lengths.put(
                ShedDimensions.WIDTH,
                pallet.map(
                                p ->
                                        PalletRow.upTo(
                                                        pallets,
                                                        width.minus(p.thickness().times(2)),
                                                        2)
                                                .plus(p.thickness().times(2)))
                        .orElse(width));
        lengths.put(
                ShedDimensions.DEPTH,
                pallet.map(_ -> PalletRow.upTo(pallets, depth, 1)).orElse(depth));
        lengths.put(ShedDimensions.OVERHANG, OVERHANG.ceilTo(choices.step()));
        lengths.replaceAll(held::getOrDefault);
        return settled(new DesignSpec(id(), lengths, choices, brief.addOns()), brief, held);
    }

    /** Walls to stand up between where there are pallets for it, else walls of one pallet. */
    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Optional<Finds.WholePallet> pallet = spec.choices().finds().pallet();
        if (pallet.isEmpty()) {
            return spec.with(ShedDimensions.BACK, Length.mm(1200))
                    .with(ShedDimensions.FRONT, Length.mm(1700));
        }
        DesignSpec standing = walls(spec, brief, held, standing(spec, brief, pallet.get()));
        DesignSpec low = walls(spec, brief, held, pallet.get().length().plus(tie(spec.choices())));
        return enough(standing, brief) ? standing : low;
    }

    private static boolean enough(DesignSpec spec, Brief brief) {
        try {
            new PalletLayout(spec, brief).checkPallets();
            return true;
        } catch (Unbuildable e) {
            return false;
        }
    }

    private static Length tie(Choices choices) {
        return choices.section(Choices.Group.WALLS).thickness();
    }

    private static Length standing(DesignSpec spec, Brief brief, Finds.WholePallet pallet) {
        Length fall = fall(spec);
        Length head =
                brief.keeper()
                        .body()
                        .height()
                        .plus(ShedSizes.ABOVE_HEAD)
                        .plus(spec.choices().deck());
        Length back = head.minus(fall.half()).max(pallet.length().plus(Length.mm(300)));
        return back.plus(tie(spec.choices())).ceilTo(spec.choices().step());
    }

    private static Length fall(DesignSpec spec) {
        Length seat = spec.choices().section(Choices.Group.WALLS).width();
        return spec.depth()
                .minus(seat)
                .scaled(SingleSlope.PLAIN_LAPS)
                .ceilTo(spec.choices().step());
    }

    private static DesignSpec walls(
            DesignSpec spec, Brief brief, Map<String, Length> held, Length back) {
        DesignSpec walls =
                spec.with(ShedDimensions.BACK, back)
                        .with(ShedDimensions.FRONT, back.plus(fall(spec)));
        return ShedSizes.keeping(walls, brief, held);
    }

    @Override
    public Side width(Choices choices) {
        return side(choices, 2, MOST_COLUMNS, true);
    }

    @Override
    public Side depth(Choices choices) {
        return side(choices, 1, MOST_ROWS, false);
    }

    private static Side side(Choices choices, int least, int most, boolean front) {
        List<Length> sizes = new ArrayList<>();
        choices.finds()
                .pallet()
                .ifPresent(
                        p -> {
                            Length ends = front ? p.thickness().times(2) : Length.ZERO;
                            PalletRow.lengths(choices.finds().pallets(), least, most)
                                    .forEach(l -> sizes.add(l.plus(ends)));
                        });
        Length from = sizes.isEmpty() ? Length.mm(1000) : sizes.getFirst();
        Length to = sizes.isEmpty() ? Length.mm(1000) : sizes.getLast();
        Length walls =
                choices.finds().pallet().map(p -> p.thickness().times(2)).orElse(Length.ZERO);
        return new Side(from, to, List.of(), walls, sizes);
    }

    @Override
    public Length leastOther(Length side, Choices choices, Brief brief) {
        Length walls =
                choices.finds().pallet().map(p -> p.thickness().times(2)).orElse(Length.ZERO);
        return brief.needs().floor().over(side.minus(walls)).plus(walls).ceilTo(choices.step());
    }

    @Override
    public List<FreeLength> free(Choices choices) {
        return List.of(ShedSizes.overhangs(choices));
    }
}
