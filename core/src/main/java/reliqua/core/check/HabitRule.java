package reliqua.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Spans;
import reliqua.core.coop.Zone;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Lot;

/**
 * What keepers come to regret after the first winter: a run one stoops in, vents that drive snow
 * in, water under the roosts, two wheels under a wide back, treads too far apart, litter that falls
 * out of the door, staples too short to hold mesh. It says nothing of what is well, as most is so
 * by design.
 */
final class HabitRule implements Rule {
    /** With more on the roof than a rain-soaked autumn brings there is snow to drive in, kPa. */
    private static final double SNOW = 1.5;

    /** Hens climb 200 mm without spreading their wings. */
    private static final Length TREADS_APART = Length.mm(200);

    /** A threshold so much lower than the litter does no harm. */
    private static final Length SHALLOW = Length.mm(20);

    /** No bird sits nearer to a wall with its middle, so over a ledger nothing falls. */
    private static final Length BESIDE_WALL = Length.mm(60);

    private static final Length BURIED = Length.mm(-100);

    private static final Length NEAR = Length.mm(150);

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        runLow(subject).ifPresent(found::add);
        snow(subject).ifPresent(found::add);
        wheels(subject.coop()).ifPresent(found::add);
        soiled(subject.coop()).ifPresent(found::add);
        treads(subject.coop()).ifPresent(found::add);
        litter(subject).ifPresent(found::add);
        staples(subject).ifPresent(found::add);
        return found;
    }

    private static Finding warning(String rule, List<String> marks, Object... terms) {
        return new Finding(rule, Finding.Severity.WARNING, Sum.of("check." + rule, terms), marks);
    }

    private static Optional<Finding> runLow(Subject subject) {
        Length tall = subject.keeper().body().height();
        return subject.coop().zones().stream()
                .filter(z -> z.kind() == Zone.Kind.RUN)
                .map(z -> z.floor().height())
                .filter(high -> high.compareTo(tall) < 0)
                .findFirst()
                .map(high -> warning("runLow", List.of(), high, tall));
    }

    private static Optional<Finding> snow(Subject subject) {
        Coop coop = subject.coop();
        boolean open =
                coop.openings().stream().anyMatch(o -> o.kind() == Opening.Kind.EAVE_VENT)
                        && coop.that(Duty.Trait.SHUTS_VENTS).isEmpty();
        boolean snows = subject.needs().weather().roof().kiloPascals() >= SNOW;
        return open && snows ? Optional.of(warning("ventSnow", List.of())) : Optional.empty();
    }

    private static Optional<Finding> wheels(Coop coop) {
        List<Part> wheels = coop.that(Duty.Trait.ROLLS);
        if (wheels.size() != 2) {
            return Optional.empty();
        }
        Bounds a = wheels.get(0).solid().bounds();
        Bounds all = a.with(wheels.get(1).solid().bounds());
        Length apart = all.width().max(all.depth());
        return apart.compareTo(Spans.BETWEEN_WHEELS) > 0
                ? Optional.of(warning("wideBack", marks(wheels), apart, Spans.BETWEEN_WHEELS))
                : Optional.empty();
    }

    private static List<String> marks(List<Part> parts) {
        return parts.stream().map(Part::mark).toList();
    }

    /** What is eaten or drunk from, under a bird that roosts, with no board between. */
    private static Optional<Finding> soiled(Coop coop) {
        List<Bounds> bars =
                coop.parts().stream()
                        .filter(p -> p.role().duty().load() == Duty.Load.ROOST)
                        .map(p -> p.solid().bounds())
                        .toList();
        Optional<Bounds> board =
                coop.that(Duty.Trait.SCRAPED).stream()
                        .map(p -> p.solid().bounds())
                        .reduce(Bounds::with);
        List<Part> under =
                coop.that(Duty.Trait.KEPT_CLEAN).stream()
                        .filter(p -> bars.stream().anyMatch(b -> falls(b, board, p)))
                        .toList();
        return under.isEmpty()
                ? Optional.empty()
                : Optional.of(warning("underRoost", marks(under)));
    }

    private static boolean falls(Bounds bar, Optional<Bounds> board, Part part) {
        Bounds low = part.solid().bounds();
        return isOver(bar, low) && board.filter(b -> catches(b, bar, low)).isEmpty();
    }

    /** Whether a board is as wide and deep as what a bar and the thing below it share. */
    private static boolean catches(Bounds board, Bounds bar, Bounds low) {
        return bar.z0().atLeast(board.z1())
                && board.z0().atLeast(low.z1())
                && bar.x0().max(low.x0()).plus(BESIDE_WALL).atLeast(board.x0())
                && board.x1().plus(BESIDE_WALL).atLeast(bar.x1().min(low.x1()))
                && bar.y0().max(low.y0()).atLeast(board.y0())
                && board.y1().atLeast(bar.y1().min(low.y1()));
    }

    private static boolean isOver(Bounds bar, Bounds low) {
        return bar.z0().atLeast(low.z1())
                && bar.x0().compareTo(low.x1()) < 0
                && low.x0().compareTo(bar.x1()) < 0
                && bar.y0().compareTo(low.y1()) < 0
                && low.y0().compareTo(bar.y1()) < 0;
    }

    /** Short ones pull out under a paw; the bill buys long ones beside them. */
    private static Optional<Finding> staples(Subject subject) {
        boolean meshed = subject.coop().parts().stream().anyMatch(Part.MeshPart.class::isInstance);
        return subject.heap().usable().stream()
                .map(Lot::material)
                .filter(m -> m instanceof Hardware h && h.kind() == Hardware.Kind.STAPLES)
                .flatMap(m -> ((Hardware) m).size().stream())
                .min(Comparator.naturalOrder())
                .filter(shortest -> meshed && shortest.compareTo(Hardware.LEAST_STAPLE) < 0)
                .map(shortest -> warning("staples", List.of(), shortest, Hardware.LEAST_STAPLE));
    }

    private static Optional<Finding> treads(Coop coop) {
        Length most =
                coop.that(Duty.Trait.TREAD).stream()
                        .map(p -> p.solid().bounds())
                        .collect(Collectors.groupingBy(Bounds::x0))
                        .values()
                        .stream()
                        .map(HabitRule::farthest)
                        .reduce(Length.ZERO, Length::max);
        return most.compareTo(TREADS_APART) > 0
                ? Optional.of(warning("treads", List.of(), most, TREADS_APART))
                : Optional.empty();
    }

    /** Between two treads of one ramp. */
    private static Length farthest(List<Bounds> ramp) {
        List<Length> along = ramp.stream().map(Bounds::y0).sorted().toList();
        Length most = Length.ZERO;
        for (int n = 0; n + 1 < along.size(); n++) {
            most = most.max(along.get(n + 1).minus(along.get(n)));
        }
        return most;
    }

    /** A door down to the floor of a littered house, with nothing across its foot. */
    private static Optional<Finding> litter(Subject subject) {
        Length deep = subject.needs().litterSill();
        Coop coop = subject.coop();
        List<Part> boards = coop.that(Duty.Trait.HOLDS_LITTER);
        boolean falls =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                        .filter(o -> o.bottom().plus(SHALLOW).compareTo(deep) < 0)
                        .anyMatch(
                                o ->
                                        boards.stream()
                                                .noneMatch(
                                                        b ->
                                                                b.solid()
                                                                        .bounds()
                                                                        .near(o.place(), NEAR)));
        return falls && stays(coop)
                ? Optional.of(warning("litterSill", List.of(), deep))
                : Optional.empty();
    }

    /** Off the ground, or set in it; on a pen that is moved there is grass, not litter. */
    private static boolean stays(Coop coop) {
        return coop.measures().floorHeight().isPositive()
                || coop.parts().stream()
                        .filter(p -> p instanceof Part.StickPart)
                        .filter(p -> !p.role().is(Duty.Trait.ANCHORS))
                        .anyMatch(p -> p.solid().bounds().z0().compareTo(BURIED) < 0);
    }
}
