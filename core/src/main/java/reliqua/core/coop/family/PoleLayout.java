package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Terrain;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * Lines of a pole house. Plates and girts lie flat against the outside of the posts, their outer
 * faces in x = 0, x = width, y = 0, y = depth; boards lie outside those.
 */
final class PoleLayout {
    /** Posts no further apart carry plates of two-by sticks. */
    private static final Length BAY = Length.mm(1900);

    private static final Length LEAST_BURIED = Length.mm(450);
    private static final Length DOOR = Length.mm(680);
    private static final Length LEAST_DOOR = Length.mm(1500);

    /** A board below the slide, or one looks in behind it. */
    private static final Length UNDER_POP_DOOR = Length.mm(60);

    /** A wall between two pens is mesh above this, so that air and light go through. */
    private static final Length SOLID_LEAST = Length.mm(600);

    private static final Length BESIDE_GUIDES = Length.mm(30);

    /** Wood keeps so far from the wet ground. */
    static final Length OFF_GROUND = Length.mm(60);

    /** Boards begin so far up; the skirt closes what is below. */
    static final Length BOARDS_FROM = Length.mm(100);

    final Choices c;
    final Needs needs;
    final Length width;
    final Length depth;
    final SingleSlope roof;

    /** How far before the front the plate of a porch stands, if there is one. */
    final Optional<Length> porch;

    private final boolean twoLeaf;
    private final boolean twoPens;
    private final boolean swings;
    private final boolean tubFlap;

    /**
     * What belongs to one flock: its stretch of the front with two doors in it, and its room.
     *
     * @param from left end of the boards of its front
     * @param to right end of them
     * @param popFrom left edge of the birds' door
     * @param doorTo right edge of the keeper's door, at the post that it hangs on
     * @param room from wall to wall
     * @param nests in it
     * @param ledgers which of its sides have a ledger of their own
     */
    record Pen(
            Length from,
            Length to,
            Length popFrom,
            Length doorTo,
            Room room,
            int nests,
            RoostBuilder.Ledgers ledgers) {
        Length doorFrom() {
            return doorTo.minus(DOOR);
        }
    }

    PoleLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.width = spec.width();
        this.depth = spec.depth();
        SingleSlope bare =
                new SingleSlope(
                        width,
                        depth,
                        spec.length(ShedDimensions.OVERHANG),
                        spec.length(ShedDimensions.FRONT),
                        spec.length(ShedDimensions.BACK),
                        girt().thickness(),
                        board().thickness(),
                        Length.ZERO,
                        needs,
                        c);
        this.porch =
                spec.addOns().contains(AddOn.PORCH)
                        ? Optional.of(spec.length(ShedSizes.PORCH))
                        : Optional.empty();
        this.roof = porch.map(bare::over).orElse(bare);
        this.twoLeaf = spec.addOns().contains(AddOn.TWO_LEAF_DOOR);
        this.swings = spec.addOns().contains(AddOn.SWING_UP_ROOSTS);
        this.tubFlap = spec.addOns().contains(AddOn.TUB_FLAP);
        this.twoPens = spec.addOns().contains(AddOn.TWO_PENS);
        roof.check();
        Unbuildable.unless(
                doorTop().minus(doorBottom()).atLeast(LEAST_DOOR),
                Sum.of("family.poleLow", roof.frontTop()));
        Length guides = PopHole.SLIDE.plus(c.section(Choices.Group.TRIM).width());
        for (Pen pen : pens()) {
            Length jamb = popTo(pen).plus(guides).plus(BESIDE_GUIDES).plus(girt().width());
            Unbuildable.unless(
                    jamb.atMost(pen.doorFrom()),
                    Sum.of(twoPens ? "family.narrowPens" : "family.narrow", width));
        }
        Unbuildable.unless(
                popTop().plus(girt().thickness()).atMost(middleGirt()),
                Sum.of("family.popDoorHigh", roof.frontTop(), popTop()));
    }

    /** Whether the roosts are on a frame that is swung up. */
    boolean swings() {
        return swings;
    }

    /** Whether a flap in the right side lets the keeper at the water. */
    boolean tubFlap() {
        return tubFlap;
    }

    Section girt() {
        return c.section(Choices.Group.WALLS);
    }

    Section post() {
        return c.section(Choices.Group.LEGS);
    }

    Section board() {
        return c.section(Choices.Group.BOARDS);
    }

    Length buried() {
        return roof.frontTop().dividedBy(4).max(LEAST_BURIED).ceilTo(c.step());
    }

    Terrain terrain() {
        return new Terrain(needs.ground(), Length.ZERO, width, Length.ZERO, depth);
    }

    /** How much lower the ground is at a point than at the highest corner. */
    Length below(Length x, Length y) {
        return terrain().below(x, y).ceilTo(c.step());
    }

    /**
     * Left edges of the posts of a long side, at both ends, no further apart than a bay, and one
     * where two pens meet.
     */
    List<Length> posts() {
        Length first = girt().thickness();
        Length last = width.minus(first);
        if (!twoPens) {
            return Spacing.even(first, last, post().thickness(), BAY);
        }
        Length half = middlePost();
        Length end = half.plus(post().thickness());
        List<Length> posts = new ArrayList<>(Spacing.even(first, end, post().thickness(), BAY));
        posts.addAll(Spacing.even(half, last, post().thickness(), BAY).stream().skip(1).toList());
        return posts;
    }

    /** Ends of the house, and the middles of the posts between: plates are jointed there. */
    List<Length> plateJoints() {
        List<Length> joints = new ArrayList<>();
        joints.add(Length.ZERO);
        List<Length> posts = posts();
        posts.subList(1, posts.size() - 1)
                .forEach(x -> joints.add(x.plus(post().thickness().half())));
        joints.add(width);
        return joints;
    }

    private Length middlePost() {
        return width.minus(post().thickness()).half();
    }

    /** Middle of the wall between two pens, if there is one. */
    Optional<Length> penWall() {
        return twoPens
                ? Optional.of(middlePost().plus(post().thickness().half()))
                : Optional.empty();
    }

    /** One, or two with a wall between them. */
    List<Pen> pens() {
        Length pt = post().thickness();
        Length first = girt().thickness();
        Length last = width.minus(first).minus(pt);
        Length beside = pt.plus(girt().width());
        Room all = room();
        int nests = needs.nests();
        if (!twoPens) {
            return List.of(
                    new Pen(
                            Length.ZERO,
                            width,
                            first.plus(beside),
                            last,
                            all,
                            nests,
                            RoostBuilder.Ledgers.BOTH));
        }
        Length post = middlePost();
        Length wall = post.plus(pt.half());
        Length half = PoleBuilder.MESH.half();
        Room left = new Room(all.x0(), wall.minus(half), all.y0(), all.y1(), all.floor());
        Room right = new Room(wall.plus(half), all.x1(), all.y0(), all.y1(), all.floor());
        int most = Math.ceilDiv(nests, 2);
        return List.of(
                new Pen(
                        Length.ZERO,
                        wall,
                        first.plus(beside),
                        post,
                        left,
                        most,
                        RoostBuilder.Ledgers.LEFT),
                new Pen(
                        wall,
                        width,
                        post.plus(beside),
                        last,
                        right,
                        most,
                        RoostBuilder.Ledgers.RIGHT));
    }

    /** Up to which the wall between two pens is boarded: the roosts, where there are any. */
    Length solidTop() {
        RoostBuilder roosts = roosts(pens().getFirst());
        return roosts.bars() == 0 ? SOLID_LEAST.ceilTo(c.step()) : roosts.ledgerTop();
    }

    Length lowGirtTop() {
        return OFF_GROUND.plus(girt().width());
    }

    /** Underside of the girts half way up. */
    Length middleGirt() {
        return roof.backTop().half().max(popTop().plus(girt().thickness())).ceilTo(c.step());
    }

    /**
     * Where the doors are sawn across, if they have two leaves.
     *
     * @throws Unbuildable when they are too low for that
     */
    Optional<Length> doorSplit() throws Unbuildable {
        return twoLeaf
                ? Optional.of(TwoLeaves.split(doorBottom(), doorTop(), c.step()))
                : Optional.empty();
    }

    Length doorBottom() {
        return lowGirtTop();
    }

    Length doorTop() {
        return roof.frontTop().minus(girt().width());
    }

    Length popTo(Pen pen) {
        return pen.popFrom().plus(needs.popDoorWidth());
    }

    Length popSill() {
        return lowGirtTop().max(needs.litterSill()).max(BOARDS_FROM.plus(UNDER_POP_DOOR));
    }

    Length popTop() {
        return popSill().plus(needs.popDoorHeight());
    }

    PopHole popHole(Pen pen) {
        return new PopHole(
                pen.popFrom(),
                popTo(pen),
                popSill(),
                popTop(),
                roof.frontTop(),
                needs.popDoorHeight().half(),
                board().thickness(),
                c.skin(),
                c.section(Choices.Group.TRIM),
                c.step());
    }

    /** Between the girts, and between the posts of front and back. */
    Room room() {
        Length st = girt().thickness();
        Length y = st.plus(post().width());
        return new Room(st, width.minus(st), y, depth.minus(y), Length.ZERO);
    }

    private Length nestFloor() {
        return needs.nestFloor();
    }

    Length nestLip() {
        return nestFloor().plus(needs.nestLip());
    }

    InsideNests nests(Pen pen) {
        RoostBuilder roosts = roosts(pen);
        Length clear =
                roosts.bars() == 0
                        ? Length.ZERO
                        : room().y1()
                                .minus(roosts.at(roosts.bars() - 1))
                                .plus(needs.roostSpacing().half());
        Room room = pen.room();
        Length rail = pen.ledgers().left() ? Length.ZERO : girt().thickness().half();
        return new InsideNests(
                new Room(room.x0().plus(rail), room.x1(), room.y0(), room.y1(), room.floor()),
                pen.nests(),
                needs,
                nestFloor(),
                c.skin(),
                c.section(Choices.Group.TRIM),
                clear,
                c.finds().thing(FoundPart.Use.NEST));
    }

    /** Ledgers from post to post, over the nests. */
    RoostBuilder roosts(Pen pen) {
        Length over =
                needs.nests() == 0
                        ? Length.mm(400)
                        : nestFloor().plus(needs.nestHeight()).plus(c.skin());
        Length air = swings ? SwungRoosts.AIR : Length.ZERO;
        return new RoostBuilder(
                pen.room().within(air),
                RoostBuilder.bars(room().within(air), needs),
                c.section(Choices.Group.ROOSTS),
                girt(),
                room().y0(),
                over.plus(girt().width()).ceilTo(c.step()),
                needs.roostSpacing(),
                pen.ledgers());
    }
}
