package reliqua.core.coop.family;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Weights;
import reliqua.core.coop.Zone;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * The pole house: round or square posts in the ground, plates and girts across their outside,
 * upright boards of real widths on those, a buried skirt, litter on the ground.
 */
final class PoleHouse implements CoopFamily {
    private static final Length OVERHANG = Length.mm(180);
    private static final Length WIDTH_LEAST = Length.mm(1900);
    private static final Length WIDTH_MOST = Length.mm(4300);
    private static final Length DEPTH_LEAST = Length.mm(1500);
    private static final Length DEPTH_MOST = Length.mm(2450);

    @Override
    public String id() {
        return "pole";
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
    public Set<AddOn> addOns() {
        Set<AddOn> all = EnumSet.copyOf(AddOn.OF_HOUSES);
        all.add(AddOn.TWO_PENS);
        all.add(AddOn.TWO_LEAF_DOOR);
        all.add(AddOn.SWING_UP_ROOSTS);
        all.add(AddOn.TUB_FLAP);
        all.add(AddOn.PORCH);
        return all;
    }

    @Override
    public List<Choices.Cladding> claddings() {
        return List.of(Choices.Cladding.BOARDS);
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.NEST);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        PoleLayout at = new PoleLayout(spec, brief);
        PartsBook book = new PartsBook();
        new PoleBuilder(at, book).build();
        RoofBuilder roof = new RoofBuilder(at.roof, book);
        roof.rafters();
        roof.purlins();
        roof.roofing();
        roof.vents();
        inside(at, book);
        List<Part> parts =
                book.parts().stream().sorted(Comparator.comparing(p -> p.role().stage())).toList();
        return new Coop(
                parts,
                book.openings(),
                zones(at),
                measures(at, parts, book.openings()),
                at.terrain());
    }

    private static List<Zone> zones(PoleLayout at) {
        return at.pens().stream().map(PoleLayout.Pen::room).map(room -> zone(at, room)).toList();
    }

    private static Zone zone(PoleLayout at, Room room) {
        Length high = at.roof.rafterBottom(room.y0());
        Bounds all = new Bounds(room.x0(), room.x1(), room.y0(), room.y1(), Length.ZERO, high);
        return new Zone(Zone.Kind.HOUSE, all, true);
    }

    private static void inside(PoleLayout at, PartsBook book) throws Unbuildable {
        for (PoleLayout.Pen pen : at.pens()) {
            RoostBuilder roosts = at.roosts(pen);
            if (roosts.bars() > 0) {
                Length headroom = headroom(at);
                Unbuildable.unless(
                        headroom.atLeast(at.needs.headroom()),
                        Sum.of(
                                "family.headroom",
                                headroom,
                                at.needs.headroom(),
                                at.roof.backTop()));
                Unbuildable.unless(
                        roosts.top().atMost(at.needs.roostHeight()),
                        Sum.of("family.roostHigh", roosts.top(), at.needs.roostHeight()));
                if (at.swings()) {
                    new SwungRoosts(roosts, at.roof::rafterBottom).build(book);
                } else {
                    roosts.build(book);
                }
            }
            if (pen.nests() > 0) {
                at.nests(pen).build(book);
            }
        }
    }

    private static RoostBuilder anyRoosts(PoleLayout at) {
        return at.roosts(at.pens().getFirst());
    }

    private static Length headroom(PoleLayout at) {
        return at.roof.rafterBottom(anyRoosts(at).at(0)).minus(anyRoosts(at).top());
    }

    private static Coop.Measures measures(PoleLayout at, List<Part> parts, List<Opening> openings) {
        List<PoleLayout.Pen> pens = at.pens();
        boolean roosting = anyRoosts(at).bars() > 0;
        Length roost =
                pens.stream().map(p -> at.roosts(p).length()).reduce(Length.ZERO, Length::plus);
        Length middle = at.roof.rafterBottom(at.depth.half());
        Length height =
                parts.stream().map(p -> p.solid().bounds().z1()).reduce(Length.ZERO, Length::max);
        Area vents =
                openings.stream()
                        .filter(Opening::isVent)
                        .map(Opening::area)
                        .reduce(Area.ZERO, Area::plus);
        return new Coop.Measures(
                at.width,
                at.depth,
                height,
                at.room().area(),
                Length.ZERO,
                Length.ZERO,
                roosting ? roost : Length.ZERO,
                roosting ? anyRoosts(at).top() : Length.ZERO,
                pens.stream().mapToInt(PoleLayout.Pen::nests).sum(),
                at.needs.nests() == 0 ? Length.ZERO : at.nestLip(),
                vents,
                roosting ? headroom(at) : middle,
                Area.ZERO,
                middle,
                at.width,
                at.roof.pitch(),
                Angle.ZERO,
                Weights.of(parts));
    }

    @Override
    public DesignSpec sized(
            Choices choices, Brief brief, Map<String, Length> held, Length width, Length depth) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        lengths.put(ShedDimensions.WIDTH, width);
        lengths.put(ShedDimensions.DEPTH, depth.max(forNests(choices, brief, width)));
        lengths.put(ShedDimensions.OVERHANG, OVERHANG.ceilTo(choices.step()));
        lengths.replaceAll(held::getOrDefault);
        return settled(
                new DesignSpec(
                        id(), lengths, choices.with(Choices.Cladding.BOARDS), brief.addOns()),
                brief,
                held);
    }

    /** Depth at which a row of nests lies before the roosts. */
    private static Length forNests(Choices choices, Brief brief, Length width) {
        Needs needs = brief.needs();
        if (needs.nests() == 0) {
            return Length.ZERO;
        }
        Length st = choices.section(Choices.Group.WALLS).thickness();
        Length walls = st.plus(choices.section(Choices.Group.LEGS).width()).times(2);
        int pens = brief.addOns().contains(AddOn.TWO_PENS) ? 2 : 1;
        int nests = Math.ceilDiv(needs.nests(), pens);
        long bars = Math.ceilDiv(needs.roost().nm(), width.minus(st.times(2)).nm());
        Length roosts = needs.roostSpacing().times(bars).plus(needs.roostSpacing().half());
        Length row = needs.nestSide().times(nests).plus(choices.skin().times(nests + 1L));
        return walls.plus(roosts).plus(row).ceilTo(choices.step());
    }

    /** The keeper stands in the middle; birds stand on the back bar. */
    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Length step = spec.choices().step();
        Length seat = spec.choices().section(Choices.Group.WALLS).thickness();
        Length fall = spec.depth().minus(seat).scaled(SingleSlope.PLAIN_LAPS).ceilTo(step);
        Length head = brief.keeper().body().height().plus(ShedSizes.ABOVE_HEAD);
        Length back = head.minus(fall.half()).ceilTo(step);
        DesignSpec walls =
                spec.with(ShedDimensions.BACK, back).with(ShedDimensions.FRONT, back.plus(fall));
        return ShedSizes.keeping(walls, brief, held);
    }

    /** Posts carry the roof down into the ground. */
    @Override
    public Section least(Choices.Group group) {
        return group == Choices.Group.WALLS ? Section.mm(36, 85) : group.least();
    }

    @Override
    public Side width(Choices choices) {
        return new Side(WIDTH_LEAST, WIDTH_MOST, List.of(Choices.Group.WALLS), Length.ZERO);
    }

    @Override
    public Side depth(Choices choices) {
        Length less = choices.section(Choices.Group.WALLS).thickness().times(2);
        return new Side(DEPTH_LEAST, DEPTH_MOST, List.of(Choices.Group.WALLS), less);
    }

    @Override
    public Length leastOther(Length side, Choices choices, Brief brief) {
        Length walls =
                choices.section(Choices.Group.WALLS)
                        .thickness()
                        .plus(choices.section(Choices.Group.LEGS).width())
                        .times(2);
        return brief.needs().floor().over(side.minus(walls)).plus(walls).ceilTo(choices.step());
    }

    @Override
    public List<FreeLength> free(Choices choices) {
        return List.of(ShedSizes.overhangs(choices));
    }
}
