package reliqua.core.coop.addon;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Stage;
import reliqua.core.coop.Zone;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * A yard before the run, or before the house where there is none: posts in the ground, netting
 * round and over it, a gate. It is for the day, with somebody about: netting keeps birds in and
 * hawks out, and holds up no fox. It stands by itself, so that it neither holds the house down nor
 * hangs on it; only its first two posts are screwed to the corners.
 */
final class Yard implements Addition {
    /** One stoops in it; a higher one is built where a door that opens into it is higher. */
    private static final Length HIGH = Length.mm(1500);

    private static final Length LOWEST = Length.mm(900);
    private static final Length HIGHEST = Length.mm(2300);
    private static final Length STEP = Length.mm(50);
    private static final Length OVER_DOOR = Length.mm(20);

    /** A hand beyond an apron, whose mesh no post is to be driven through. */
    private static final Length BEYOND_APRON = Length.mm(60);

    private static final Length LEAST_BEYOND = Length.mm(1000);
    private static final Length THIN = Length.mm(1);

    @Override
    public void build(Standing at) throws Unbuildable {
        Length length = at.length(AddOn.YARD.keys().getFirst());
        Length apron = apron(at);
        Length least = apron.plus(LEAST_BEYOND);
        Unbuildable.unless(length.atLeast(least), Sum.of("addon.yardShort", length, least));
        Length low = overDoors(at).max(LOWEST);
        Unbuildable.unless(low.atMost(HIGHEST), Sum.of("addon.yardRoom"));
        for (Length top = HIGH.max(low); top.atLeast(low); top = top.minus(STEP)) {
            for (YardFrame frame : frames(at, length, apron, top.ceilTo(at.choices().step()))) {
                if (frame.isFree()) {
                    frame.build();
                    return;
                }
            }
        }
        throw new Unbuildable(Sum.of("addon.yardRoom"));
    }

    /** How far mesh lies out on the ground before the front. */
    private static Length apron(Standing at) {
        Length front = front(at);
        Length out =
                at.coop().that(Duty.Trait.LIES_OUT).stream()
                        .map(p -> front.minus(p.solid().bounds().y0()))
                        .reduce(Length.ZERO, Length::max);
        return out.plus(BEYOND_APRON);
    }

    /** Doors and gates that open into it swing under its net. */
    private static Length overDoors(Standing at) {
        Length front = front(at).plus(STEP);
        return at.coop().openings().stream()
                .filter(o -> o.isHinged() && o.place().y1().atMost(front))
                .map(o -> o.place().z1())
                .reduce(Length.ZERO, Length::max)
                .plus(section(at).width())
                .plus(OVER_DOOR);
    }

    /** Of what it is built on to: the run's posts, or the wall the birds come out of. */
    private static Length front(Standing at) {
        Optional<Zone> run = at.zone(Zone.Kind.RUN);
        if (run.isPresent()) {
            return run.get().floor().y0().minus(section(at).thickness());
        }
        return at.coop().openings().stream()
                .filter(o -> o.kind() == Opening.Kind.POP_DOOR)
                .map(o -> o.place().y0())
                .reduce(Length.ZERO, Length::min);
    }

    private static Section section(Standing at) {
        return at.section(Choices.Group.RUN);
    }

    /** Beside the corners, else before them where it stands against a wall. */
    private static List<YardFrame> frames(Standing at, Length length, Length apron, Length top) {
        Length front = front(at);
        Length st = section(at).thickness();
        Length sd = section(at).width();
        Bounds band = corner(at, front, front.plus(sd), top);
        List<YardFrame> frames = new ArrayList<>();
        frames.add(
                new YardFrame(
                        at,
                        new YardFrame.Plot(
                                band.x0().minus(st),
                                band.x1().plus(st),
                                front.plus(sd),
                                front.minus(apron),
                                front.minus(length),
                                top)));
        if (at.zone(Zone.Kind.RUN).isEmpty()) {
            Length face = face(at, front);
            frames.add(
                    new YardFrame(
                            at,
                            new YardFrame.Plot(
                                    Length.ZERO,
                                    at.coop().measures().width(),
                                    face,
                                    front.minus(apron),
                                    front.minus(length),
                                    top)));
        }
        return frames;
    }

    /** All that stands up in a slice of what is there, from its left side to its right. */
    private static Bounds corner(Standing at, Length y0, Length y1, Length top) {
        List<Part> parts =
                at.book().parts().stream()
                        .filter(p -> !p.role().is(Duty.Trait.LIES_OUT))
                        .filter(p -> !p.role().is(Duty.Trait.OVERHEAD))
                        .filter(p -> hits(p.solid().bounds(), y0, y1, top))
                        .toList();
        return Standing.around(parts).orElse(at.ground().floor());
    }

    private static boolean hits(Bounds b, Length y0, Length y1, Length top) {
        return b.y0().compareTo(y1) < 0
                && b.y1().compareTo(y0) > 0
                && b.z0().compareTo(top) < 0
                && b.z1().minus(THIN).isPositive();
    }

    /** Outer face of the wall's skin. */
    private static Length face(Standing at, Length front) {
        return at.book().parts().stream()
                .filter(p -> p.role().stage() == Stage.SKINS)
                .map(p -> p.solid().bounds())
                .filter(b -> b.y1().atMost(front))
                .map(Bounds::y0)
                .reduce(front, Length::min);
    }
}
