package reliqua.core.coop.family;

import java.util.List;
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

    PoleLayout(DesignSpec spec, Brief brief) throws Unbuildable {
        this.c = spec.choices();
        this.needs = brief.needs();
        this.width = spec.width();
        this.depth = spec.depth();
        this.roof =
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
        roof.check();
        Unbuildable.unless(
                doorTop().minus(doorBottom()).atLeast(LEAST_DOOR),
                Sum.of("family.poleLow", roof.frontTop()));
        Length guides = PopHole.SLIDE.plus(c.section(Choices.Group.TRIM).width());
        Unbuildable.unless(
                popTo().plus(guides).plus(BESIDE_GUIDES).plus(girt().width()).atMost(doorFrom()),
                Sum.of("family.narrow", width));
        Unbuildable.unless(
                popTop().plus(girt().thickness()).atMost(middleGirt()),
                Sum.of("family.popDoorHigh", roof.frontTop(), popTop()));
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

    /** Left edges of the posts of a long side, at both ends and no further apart than a bay. */
    List<Length> posts() {
        Length st = girt().thickness();
        return Spacing.even(st, width.minus(st), post().thickness(), BAY);
    }

    Length lowGirtTop() {
        return OFF_GROUND.plus(girt().width());
    }

    /** Underside of the girts half way up. */
    Length middleGirt() {
        return roof.backTop().half().max(popTop().plus(girt().thickness())).ceilTo(c.step());
    }

    Length doorTo() {
        return width.minus(girt().thickness()).minus(post().thickness());
    }

    Length doorFrom() {
        return doorTo().minus(DOOR);
    }

    Length doorBottom() {
        return lowGirtTop();
    }

    Length doorTop() {
        return roof.frontTop().minus(girt().width());
    }

    Length popFrom() {
        return girt().thickness().plus(post().thickness()).plus(girt().width());
    }

    Length popTo() {
        return popFrom().plus(needs.popDoorWidth());
    }

    Length popSill() {
        return lowGirtTop().max(needs.litterSill()).max(BOARDS_FROM.plus(UNDER_POP_DOOR));
    }

    Length popTop() {
        return popSill().plus(needs.popDoorHeight());
    }

    PopHole popHole() {
        return new PopHole(
                popFrom(),
                popTo(),
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
        return nestFloor().plus(Needs.NEST_LIP);
    }

    InsideNests nests() {
        RoostBuilder roosts = roosts();
        Length clear =
                roosts.bars() == 0
                        ? Length.ZERO
                        : room().y1()
                                .minus(roosts.at(roosts.bars() - 1))
                                .plus(Needs.ROOST_SPACING.half());
        return new InsideNests(
                room(),
                needs.nests(),
                needs,
                nestFloor(),
                c.skin(),
                c.section(Choices.Group.TRIM),
                clear,
                c.finds().thing(FoundPart.Use.NEST));
    }

    /** Ledgers from post to post, over the nests. */
    RoostBuilder roosts() {
        Length over =
                needs.nests() == 0
                        ? Length.mm(400)
                        : nestFloor().plus(needs.nestHeight()).plus(c.skin());
        return new RoostBuilder(
                room(),
                RoostBuilder.bars(room(), needs),
                c.section(Choices.Group.ROOSTS),
                girt(),
                room().y0(),
                over.plus(girt().width()).ceilTo(c.step()));
    }
}
