package reliqua.core.flock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * The ground the coop stands on: a plan to scale with its upper edge towards {@code up}, what
 * stands on it, its weather, the animals about, and what the local offices were asked.
 *
 * @param width of the plan, across
 * @param depth of the plan, up and down
 * @param marks what stands there; exactly one of them is the coop
 * @param up compass direction of the upper edge
 * @param facing compass direction the coop's front looks to
 * @param downhill compass direction water runs to
 * @param slope fall in percent
 * @param windFrom compass direction the strong winds come from
 * @param southern whether the noon sun stands in the north
 * @param climate the weather
 * @param predators animals about
 * @param asked when each local rule was asked about, and what was answered
 */
public record Site(
        Length width,
        Length depth,
        List<SiteMark> marks,
        Bearing up,
        Bearing facing,
        Bearing downhill,
        int slope,
        Bearing windFrom,
        boolean southern,
        Climate climate,
        Set<Predator> predators,
        SortedMap<Reminder, Reminder.Asked> asked) {
    private static final Length SMALLEST = Length.mm(2000);
    private static final Length LARGEST = Length.mm(200_000);
    private static final int STEEPEST = 60;

    /** A yard of 12 by 9 m with nothing on it, the coop in the middle facing south-east. */
    public static final Site BARE =
            new Site(
                    Length.mm(12_000),
                    Length.mm(9_000),
                    List.of(SiteMark.at(SiteMark.Kind.COOP, Length.mm(6_000), Length.mm(4_500))),
                    Bearing.NORTH,
                    new Bearing(135),
                    new Bearing(180),
                    0,
                    new Bearing(247.5),
                    false,
                    Climate.MILD,
                    Set.of(),
                    new TreeMap<>());

    /** Refuses plans too small or large, slopes nobody builds on, and any but one coop. */
    public Site {
        marks = List.copyOf(marks);
        Set<Predator> about = EnumSet.noneOf(Predator.class);
        about.addAll(predators);
        predators = Collections.unmodifiableSet(about);
        asked = Collections.unmodifiableSortedMap(new TreeMap<>(asked));
        for (Length side : List.of(width, depth)) {
            if (!side.atLeast(SMALLEST) || !side.atMost(LARGEST)) {
                throw new IllegalArgumentException(Words.say("site.extent"));
            }
        }
        if (slope < 0 || slope > STEEPEST) {
            throw new IllegalArgumentException(Words.say("site.slope", STEEPEST));
        }
        if (marks.stream().filter(m -> m.kind() == SiteMark.Kind.COOP).count() != 1) {
            throw new IllegalArgumentException(Words.say("site.oneCoop"));
        }
    }

    /** Where the coop will stand. */
    public SiteMark coop() {
        return marks.stream().filter(m -> m.kind() == SiteMark.Kind.COOP).findFirst().orElseThrow();
    }

    /** The first mark of a kind. */
    public Optional<SiteMark> find(SiteMark.Kind kind) {
        return marks.stream().filter(m -> m.kind() == kind).findFirst();
    }

    /** The narrowest gate. */
    public Optional<Length> gate() {
        return marks.stream()
                .filter(m -> m.kind() == SiteMark.Kind.GATE)
                .map(SiteMark::size)
                .min(java.util.Comparator.naturalOrder());
    }

    /** Compass direction from the coop to a mark. */
    public Bearing towards(SiteMark mark) {
        SiteMark coop = coop();
        double onPlan = Math.toDegrees(Math.atan2(coop.dx(mark), -coop.dy(mark)));
        return up.turned(onPlan);
    }

    /** With another mark in place of the one at an index; it is kept on the plan. */
    public Site withMark(int index, SiteMark mark) {
        List<SiteMark> more = new ArrayList<>(marks);
        more.set(index, onPlan(mark));
        return withMarks(more);
    }

    /** With one mark more, kept on the plan. */
    public Site plus(SiteMark mark) {
        List<SiteMark> more = new ArrayList<>(marks);
        more.add(onPlan(mark));
        return withMarks(more);
    }

    /** Without the mark at an index; the coop stays. */
    public Site without(int index) {
        List<SiteMark> fewer = new ArrayList<>(marks);
        fewer.remove(index);
        return withMarks(fewer);
    }

    private SiteMark onPlan(SiteMark mark) {
        return mark.movedTo(
                mark.x().max(Length.ZERO).min(width), mark.y().max(Length.ZERO).min(depth));
    }

    private Site withMarks(List<SiteMark> other) {
        return new Site(
                width, depth, other, up, facing, downhill, slope, windFrom, southern, climate,
                predators, asked);
    }

    /** With another extent; marks are kept on the plan. */
    public Site withExtent(Length wide, Length deep) {
        Site resized =
                new Site(
                        wide, deep, marks, up, facing, downhill, slope, windFrom, southern, climate,
                        predators, asked);
        return resized.withMarks(marks.stream().map(resized::onPlan).toList());
    }

    public Site withUp(Bearing other) {
        return new Site(
                width, depth, marks, other, facing, downhill, slope, windFrom, southern, climate,
                predators, asked);
    }

    public Site withFacing(Bearing other) {
        return new Site(
                width, depth, marks, up, other, downhill, slope, windFrom, southern, climate,
                predators, asked);
    }

    /** With ground that falls by so many percent in a direction. */
    public Site withSlope(Bearing direction, int percent) {
        return new Site(
                width, depth, marks, up, facing, direction, percent, windFrom, southern, climate,
                predators, asked);
    }

    public Site withWindFrom(Bearing other) {
        return new Site(
                width, depth, marks, up, facing, downhill, slope, other, southern, climate,
                predators, asked);
    }

    public Site withSouthern(boolean other) {
        return new Site(
                width, depth, marks, up, facing, downhill, slope, windFrom, other, climate,
                predators, asked);
    }

    public Site withClimate(Climate other) {
        return new Site(
                width, depth, marks, up, facing, downhill, slope, windFrom, southern, other,
                predators, asked);
    }

    /** With an animal about, or not. */
    public Site with(Predator predator, boolean about) {
        Set<Predator> other = EnumSet.noneOf(Predator.class);
        other.addAll(predators);
        if (about) {
            other.add(predator);
        } else {
            other.remove(predator);
        }
        return new Site(
                width, depth, marks, up, facing, downhill, slope, windFrom, southern, climate,
                other, asked);
    }

    /** With a rule asked about, or not asked yet. */
    public Site withAsked(Reminder reminder, Optional<Reminder.Asked> now) {
        SortedMap<Reminder, Reminder.Asked> other = new TreeMap<>(asked);
        other.remove(reminder);
        now.ifPresent(a -> other.put(reminder, a));
        return new Site(
                width, depth, marks, up, facing, downhill, slope, windFrom, southern, climate,
                predators, other);
    }
}
