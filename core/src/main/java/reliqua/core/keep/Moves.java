package reliqua.core.keep;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/**
 * Where a pen that is moved every day stands: strips of its own width, to and fro over the ground,
 * past what stands there.
 *
 * @param width of the pen across its way
 * @param depth of the pen along its way: one move
 * @param places left upper corners on the plan, in the order of the days
 */
public record Moves(Length width, Length depth, List<Place> places) {
    /** Left upper corner of the pen on the plan. */
    public record Place(Length x, Length y) {}

    /** Grass rests at least so long before birds come back: parasites die off, roots recover. */
    public static final int REST_DAYS = 28;

    /** A pen keeps so far from trees, doors and fences. */
    private static final Length CLEAR = Length.mm(300);

    /** Copies the list. */
    public Moves {
        places = List.copyOf(places);
    }

    /** All places of a pen on a site. */
    public static Moves of(Site site, Length width, Length depth) {
        List<Place> places = new ArrayList<>();
        boolean down = true;
        for (Length x = Length.ZERO; x.plus(width).atMost(site.width()); x = x.plus(width)) {
            List<Place> strip = strip(site, x, width, depth);
            places.addAll(down ? strip : strip.reversed());
            down = !down;
        }
        return new Moves(width, depth, places);
    }

    private static List<Place> strip(Site site, Length x, Length width, Length depth) {
        List<Place> strip = new ArrayList<>();
        for (Length y = Length.ZERO; y.plus(depth).atMost(site.depth()); y = y.plus(depth)) {
            Place place = new Place(x, y);
            if (site.marks().stream().noneMatch(m -> inTheWay(m, place, width, depth))) {
                strip.add(place);
            }
        }
        return strip;
    }

    private static boolean inTheWay(SiteMark mark, Place place, Length width, Length depth) {
        if (mark.kind() == SiteMark.Kind.COOP) {
            return false;
        }
        Length along = mark.kind().runs() ? mark.size().half() : across(mark);
        Length halfWide = mark.kind().runs() && mark.turned() ? across(mark) : along;
        Length halfDeep = mark.kind().runs() && !mark.turned() ? across(mark) : along;
        return mark.x().plus(halfWide).atLeast(place.x())
                && mark.x().minus(halfWide).atMost(place.x().plus(width))
                && mark.y().plus(halfDeep).atLeast(place.y())
                && mark.y().minus(halfDeep).atMost(place.y().plus(depth));
    }

    /** Half of what a mark keeps clear across itself; a pen may stand under the rim of a tree. */
    private static Length across(SiteMark mark) {
        return mark.kind() == SiteMark.Kind.TREE ? mark.size().dividedBy(4) : CLEAR;
    }

    /** Days until the same ground. */
    public int days() {
        return places.size();
    }

    /** Ground of one day. */
    public Area daily() {
        return Area.of(width, depth);
    }

    /** Whether the ground rests long enough. */
    public boolean restsEnough() {
        return days() >= REST_DAYS;
    }
}
