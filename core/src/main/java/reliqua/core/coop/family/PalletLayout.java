package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Terrain;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Heights, lines and places of a house of whole pallets. Side walls run from front to back, front
 * and back stand between them; all stand on edge, stringers upright, on pallets that lie flat.
 * Outer faces of the pallets are x = 0, x = width, y = 0, y = depth; skins lie outside them.
 */
final class PalletLayout {
    /** Anything lower is a strip of boards, not a course. */
    private static final Length LEAST_COURSE = Length.mm(250);

    private static final Length STEP_OF_ROUNDING = Length.mm(1);

    /** Droppings, legs and brooms go under the nests. */
    private static final Length NESTS_HIGH = Length.mm(350);

    private static final Length LEDGER_WITHOUT_NESTS = Length.mm(400);
    private static final Length LEAST_VENT = Length.mm(60);
    private static final Length BESIDE_STRINGER = Length.mm(5);
    private static final Length BESIDE_GUIDES = Length.mm(30);
    private static final Length BEFORE_ROOST = Length.mm(120);
    private static final Length BELOW_WALL_TOP = Length.mm(80);

    final Choices c;
    final Needs needs;
    final Finds.WholePallet pallet;
    final Optional<Finds.Footing> footing;

    /** Pallets along the front between the sides, and along a side. */
    final List<PalletRow.Bay> columns;

    final List<PalletRow.Bay> rows;
    final Length width;
    final Length depth;
    final Length back;
    final Length front;
    final SingleSlope roof;
    final Terrain terrain;

    /** Whether the roosts are on a frame that is swung up. */
    final boolean swings;

    PalletLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.pallet =
                c.finds().pallet().orElseThrow(() -> new Unbuildable(Sum.of("family.noPallets")));
        this.footing = c.finds().footing();
        this.swings = spec.addOns().contains(AddOn.SWING_UP_ROOSTS);
        this.width = spec.width();
        this.depth = spec.depth();
        this.terrain = new Terrain(needs.ground(), Length.ZERO, width, Length.ZERO, depth);
        this.back = spec.length(ShedDimensions.BACK);
        this.front = spec.length(ShedDimensions.FRONT);
        Length thick = pallet.thickness();
        this.columns = row(thick, width.minus(thick.times(2)));
        this.rows = row(Length.ZERO, depth);
        Unbuildable.unless(columns.size() >= 2, Sum.of("family.narrow", width));
        Length upper = upperCourse();
        Unbuildable.unless(
                upper.abs().atMost(STEP_OF_ROUNDING)
                        || upper.atLeast(LEAST_COURSE) && upper.atMost(pallet.length()),
                Sum.of("family.course", back, pallet.length(), LEAST_COURSE));
        Unbuildable.unless(
                rise().atLeast(wall().thickness().times(3)), Sum.of("family.fall", front, back));
        Unbuildable.unless(
                popTop().atMost(floorTop().plus(pallet.length()).minus(BELOW_WALL_TOP)),
                Sum.of("family.popDoorHigh", front, popTop().minus(deckTop())));
        Length guides = PopHole.SLIDE.plus(trim().width()).plus(BESIDE_GUIDES);
        Unbuildable.unless(
                popFrom().plus(needs.popDoorWidth()).plus(guides).atMost(doorFrom()),
                Sum.of("family.narrow", width));
        this.roof =
                new SingleSlope(
                        width,
                        depth,
                        spec.length(ShedDimensions.OVERHANG),
                        floorTop().plus(front),
                        tieTop(),
                        wall().width(),
                        skin(),
                        deckTop(),
                        needs,
                        c);
        roof.check();
    }

    private List<PalletRow.Bay> row(Length from, Length length) throws Unbuildable {
        return PalletRow.of(c.finds().pallets(), from, length)
                .orElseThrow(
                        () ->
                                new Unbuildable(
                                        Sum.of("family.wholePallets", length, pallet.width())))
                .bays();
    }

    Section wall() {
        return c.section(Choices.Group.WALLS);
    }

    Section trim() {
        return c.section(Choices.Group.TRIM);
    }

    /** How far what closes the walls stands out before the pallets. */
    Length skin() {
        return boarded() ? board().thickness() : c.skin();
    }

    /** Underside of the floor: on blocks, or on skids. */
    Length base() {
        return footing.map(f -> f.block().height()).orElse(c.section(Choices.Group.LEGS).width());
    }

    Length floorTop() {
        return base().plus(pallet.thickness());
    }

    /** What closes the walls: sheets, or boards. */
    boolean boarded() {
        return c.cladding() == Choices.Cladding.BOARDS;
    }

    Section board() {
        return c.section(Choices.Group.BOARDS);
    }

    Length deckTop() {
        return floorTop().plus(boarded() ? board().thickness() : c.deck());
    }

    /** Top of the lower course. */
    Length courseTop() {
        return floorTop().plus(pallet.length());
    }

    /** Height of the course sawn down above the whole one; nothing where the walls are one high. */
    Length upperCourse() {
        return back.minus(wall().thickness()).minus(pallet.length());
    }

    boolean hasUpperCourse() {
        return upperCourse().compareTo(STEP_OF_ROUNDING) > 0;
    }

    /** Top of the pallets, on which the tie beam lies. */
    Length wallTop() {
        return hasUpperCourse() ? courseTop().plus(upperCourse()) : courseTop();
    }

    Length tieTop() {
        return wallTop().plus(wall().thickness());
    }

    /** How much higher the front is made by studs and a plate on its tie beam. */
    Length rise() {
        return front.minus(back);
    }

    /** Upper part of the rise that stays open under mesh. */
    Length vent() {
        Length room = rise().minus(wall().thickness());
        return needs.vents().over(width.minus(wall().width())).max(LEAST_VENT).min(room);
    }

    /** Under the rafters where they pass over the back wall. */
    Length backSkinTop() {
        return roof.rafterBottom(depth.plus(skin())).min(tieTop()).floorTo(c.step());
    }

    Length frontSkinTop() {
        return roof.frontTop().minus(wall().thickness()).minus(vent());
    }

    Room room() {
        Length t = pallet.thickness();
        return new Room(t, width.minus(t), t, depth.minus(t), deckTop());
    }

    /** The door takes the place of the last pallet of the front. */
    Length doorFrom() {
        return columns.getLast().from();
    }

    Length doorTo() {
        return width.minus(pallet.thickness());
    }

    /** Right after the middle of the first pallet of the front, clear of its middle stringer. */
    Length popFrom() {
        PalletRow.Bay first = columns.getFirst();
        Length middle = first.width().plus(first.pallet().stringer()).half();
        return first.from().plus(middle).plus(BESIDE_STRINGER);
    }

    Length popSill() {
        return deckTop().plus(needs.litterSill());
    }

    Length popTop() {
        return popSill().plus(needs.popDoorHeight());
    }

    PopHole popHole() {
        return new PopHole(
                popFrom(),
                popFrom().plus(needs.popDoorWidth()),
                popSill(),
                popTop(),
                frontSkinTop(),
                needs.popDoorHeight().half(),
                skin(),
                c.skin(),
                trim(),
                c.step());
    }

    Length nestFloor() {
        return deckTop().plus(needs.nestFloor().max(NESTS_HIGH));
    }

    Length nestLip() {
        return nestFloor().plus(needs.nestLip());
    }

    RoostBuilder roosts() {
        Section bar = c.section(Choices.Group.ROOSTS);
        Length least =
                needs.nests() == 0
                        ? deckTop().plus(LEDGER_WITHOUT_NESTS)
                        : nestLip().plus(needs.nestBelowRoost()).minus(bar.thickness());
        Length top = least.max(deckTop().plus(needs.litterSill()).plus(wall().width()));
        Room room = room().within(swings ? SwungRoosts.AIR : Length.ZERO);
        int bars = RoostBuilder.bars(room, needs);
        Length from =
                room().y1()
                        .minus(needs.roostSpacing().times(bars))
                        .minus(BEFORE_ROOST)
                        .max(room().y0());
        return new RoostBuilder(
                room, bars, bar, wall(), from, top.ceilTo(c.step()), needs.roostSpacing());
    }

    /** Refuses a house for which there are too few of some kind. */
    void checkPallets() throws Unbuildable {
        for (Finds.WholePallet kind : c.finds().pallets()) {
            Unbuildable.unless(
                    taken(kind) <= kind.count(),
                    Sum.of("family.palletsShort", taken(kind), kind.count()));
        }
    }

    /** Pallets of a kind that it takes, those sawn down sharing where they can. */
    private int taken(Finds.WholePallet kind) {
        int inFront = count(columns, kind);
        int inSide = count(rows, kind);
        int floors = Math.toIntExact(Math.ceilDiv(width.nm(), pallet.length().nm())) * inSide;
        int door = columns.getLast().pallet().equals(kind) ? 1 : 0;
        int lower = inFront * 2 - door + inSide * 2;
        if (!hasUpperCourse()) {
            return floors + lower;
        }
        int each = Math.toIntExact(kind.length().nm() / upperCourse().nm());
        return floors + lower + Math.ceilDiv(inFront * 2 + inSide * 2, each);
    }

    private static int count(List<PalletRow.Bay> row, Finds.WholePallet kind) {
        return Math.toIntExact(row.stream().filter(b -> b.pallet().equals(kind)).count());
    }
}
