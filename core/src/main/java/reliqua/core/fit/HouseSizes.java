package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.LeastHeights;
import reliqua.core.coop.family.RaisedDimensions;
import reliqua.core.coop.family.RaisedDimensions.Name;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/**
 * Which sizes of a raised house are worth drawing up: enough floor, within the place, using up the
 * boards there are.
 */
final class HouseSizes {
    private static final Length LEGS = Length.mm(500);
    private static final Length OVERHANG = Length.mm(180);
    private static final Length WIDTH_LEAST = Length.mm(980);
    private static final Length WIDTH_MOST = Length.mm(3700);
    private static final Length DEPTH_LEAST = Length.mm(850);
    private static final Length DEPTH_MOST = Length.mm(2450);

    /**
     * A front from a little narrower than a square house to nearly twice its side is worth looking
     * at.
     */
    private static final double WIDEST_FROM = 0.9;

    private static final double WIDEST_TO = 1.75;
    private static final int SIZES = 10;

    /**
     * A little more than 3 in 12, the least for plain laps, so that rounding does not undercut it.
     */
    private static final double PITCH = 0.2501;

    private final FitRequest request;
    private final SheetOptions sheets;
    private final Sizes sizes;
    private final Length step;

    HouseSizes(FitRequest request, SheetOptions sheets, Sizes sizes) {
        this.request = request;
        this.sheets = sheets;
        this.sizes = sizes;
        this.step = request.keeper().tape().step();
    }

    /** The same with walls as low as birds and pitch allow, where the keeper has not fixed them. */
    RaisedDimensions withHeights(RaisedDimensions size, Choices choices) {
        RaisedDimensions fixed = LeastHeights.with(size, choices, request.needs(), PITCH);
        for (Name name : List.of(Name.FRONT, Name.BACK)) {
            if (request.held().containsKey(name)) {
                fixed = fixed.with(name, request.held().get(name));
            }
        }
        return fixed;
    }

    Length held(Name name, Length otherwise) {
        return request.held().getOrDefault(name, otherwise);
    }

    RaisedDimensions dimensions(Choices choices, Length width, Length depth) {
        RaisedDimensions size =
                new RaisedDimensions(
                        held(Name.WIDTH, width),
                        held(Name.DEPTH, depth),
                        held(Name.LEGS, LEGS.ceilTo(step)),
                        LEGS,
                        LEGS,
                        held(Name.OVERHANG, OVERHANG.ceilTo(step)));
        return withHeights(size, choices);
    }

    /**
     * Four feet deep and as wide as the floor needs in whole feet (or 300 mm): what one would build
     * by habit.
     */
    RaisedDimensions standardSize(Choices choices) {
        boolean inches = step.nm() % 1_000_000 != 0;
        Length module = inches ? Length.inches(12) : Length.mm(300);
        Length depth = module.times(4);
        Length width = leastOther(depth, choices).ceilTo(module);
        while (width.compareTo(module.times(8)) > 0 && depth.compareTo(module.times(6)) < 0) {
            depth = depth.plus(module);
            width = leastOther(depth, choices).ceilTo(module);
        }
        return dimensions(choices, width, depth);
    }

    /** The other outer side that gives the floor needed, inside the framing. */
    Length leastOther(Length side, Choices choices) {
        Length frames = choices.section(Choices.Group.WALLS).width().times(2);
        Area floor = request.needs().floor();
        return floor.over(side.minus(frames)).plus(frames).ceilTo(step);
    }

    /** Each width worth trying with the least depth for it, and the other way round. */
    List<RaisedDimensions> tightSizes(Choices choices) {
        List<RaisedDimensions> tight = new ArrayList<>();
        widths(choices)
                .forEach(
                        w ->
                                tight.add(
                                        dimensions(
                                                choices,
                                                w,
                                                leastOther(w, choices).max(DEPTH_LEAST))));
        depths(choices)
                .forEach(
                        d ->
                                tight.add(
                                        dimensions(
                                                choices,
                                                leastOther(d, choices).max(WIDTH_LEAST),
                                                d)));
        return tight;
    }

    boolean within(RaisedDimensions d, Choices choices) {
        boolean enough = leastOther(d.depth(), choices).atMost(d.width());
        boolean bothHeld =
                request.held().containsKey(Name.WIDTH) && request.held().containsKey(Name.DEPTH);
        return (enough || bothHeld)
                && d.width().atMost(widthMost())
                && d.depth().atMost(depthMost());
    }

    private Length widthMost() {
        return request.keeper().limits().width().orElse(WIDTH_MOST).min(WIDTH_MOST);
    }

    private Length depthMost() {
        return request.keeper().limits().depth().orElse(DEPTH_MOST).min(DEPTH_MOST);
    }

    List<Length> widths(Choices choices) {
        return sizes.worthTrying(
                choices,
                List.of(Choices.Group.FLOOR, Choices.Group.WALLS, Choices.Group.ROOSTS),
                choices.section(Choices.Group.WALLS).width().times(2),
                sheets,
                side(choices).scaled(WIDEST_FROM).max(WIDTH_LEAST),
                side(choices).scaled(WIDEST_TO).min(widthMost()),
                SIZES);
    }

    List<Length> depths(Choices choices) {
        return sizes.worthTrying(
                choices,
                List.of(Choices.Group.FLOOR, Choices.Group.WALLS),
                choices.section(Choices.Group.FLOOR).thickness().times(2),
                sheets,
                side(choices).scaled(1 / WIDEST_TO).max(DEPTH_LEAST),
                side(choices).scaled(1 / WIDEST_FROM).min(depthMost()),
                SIZES);
    }

    /** Side of a square house with floor enough. */
    private Length side(Choices choices) {
        Length frames = choices.section(Choices.Group.WALLS).width().times(2);
        return Length.ofMm(Math.sqrt(request.needs().floor().toSquareMetres()) * 1000).plus(frames);
    }
}
