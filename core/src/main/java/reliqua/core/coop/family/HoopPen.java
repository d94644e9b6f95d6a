package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * The hoop pen: hoops or pipes of one length bent over two ground rails, mesh over all, one end
 * under a tarpaulin with roosts and nests behind a door of sheet.
 */
final class HoopPen extends PenFamily {
    private static final Length WIDTH_LEAST = Length.mm(1500);
    private static final Length WIDTH_MOST = Length.mm(3700);
    private static final Length DEPTH_LEAST = Length.mm(900);
    private static final Length DEPTH_MOST = Length.mm(2600);

    /** Bases worth trying, as shares of the arc; 0.64 is half a circle. */
    private static final double[] SHARES = {0.5, 0.55, 0.6, 0.64, 0.68, 0.72};

    @Override
    public String id() {
        return "hoop";
    }

    @Override
    public List<String> keys() {
        return List.of(ShedDimensions.WIDTH, ShedDimensions.DEPTH, PenSizes.CLOSED);
    }

    @Override
    public Optional<Finds.Kind> builtOf() {
        return Optional.of(Finds.Kind.HOOPS);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        HoopLayout at = new HoopLayout(spec, brief);
        PartsBook book = new PartsBook();
        new HoopBuilder(at, book).build();
        Needs needs = at.needs;
        boolean roosting = at.bars() > 0;
        if (roosting) {
            Unbuildable.unless(
                    at.headroom().atLeast(needs.headroom()),
                    Sum.of("family.hoopLow", at.headroom(), needs.headroom()));
            Unbuildable.unless(
                    at.barTop().atMost(needs.roostHeight()),
                    Sum.of("family.roostHigh", at.barTop(), needs.roostHeight()));
        }
        List<Part> parts = new ArrayList<>(book.parts());
        parts.sort(Comparator.comparing(p -> p.role().stage()));
        Length corner = new Length(Math.round(Math.hypot(at.closed.nm(), at.depth.half().nm())));
        Coop.Measures measures =
                PenSizes.measures(
                        at.width,
                        at.depth,
                        Area.of(at.closed, at.depth),
                        at.closed.times(at.bars()),
                        roosting ? at.barTop() : Length.ZERO,
                        needs.nests() == 0 ? Length.ZERO : at.nestLip(),
                        roosting ? at.headroom() : at.top().half(),
                        Length.ZERO,
                        corner,
                        new Angle(45),
                        needs,
                        parts,
                        book.openings());
        return new Coop(
                parts, book.openings(), PenSizes.zones(at.width, at.depth, at.top()), measures);
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Length closed = PenSizes.closed(spec.width(), spec.depth(), spec.choices(), brief.needs());
        return holding(spec.with(PenSizes.CLOSED, closed), held, List.of(PenSizes.CLOSED));
    }

    @Override
    public Side width(Choices choices) {
        return PenSizes.side(WIDTH_LEAST, WIDTH_MOST);
    }

    @Override
    public Side depth(Choices choices) {
        List<Length> bases =
                choices.finds().hoops().stream()
                        .flatMap(h -> bases(h.arc(), choices.step()))
                        .toList();
        return new Side(DEPTH_LEAST, DEPTH_MOST, List.of(Choices.Group.RUN), Length.ZERO, bases);
    }

    private static Stream<Length> bases(Length arc, Length step) {
        return java.util.Arrays.stream(SHARES)
                .mapToObj(share -> arc.scaled(share).floorTo(step))
                .filter(base -> base.atLeast(DEPTH_LEAST) && base.atMost(DEPTH_MOST));
    }
}
