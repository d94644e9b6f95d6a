package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/**
 * The low box pen: frames of rails and posts under a roof with a slight fall; one end closed, the
 * rest meshed all round and over the top, a framed door at the front.
 */
final class BoxPen extends PenFamily {
    private static final Length WIDTH_LEAST = Length.mm(1500);
    private static final Length WIDTH_MOST = Length.mm(3700);
    private static final Length DEPTH_LEAST = Length.mm(1000);
    private static final Length DEPTH_MOST = Length.mm(2400);

    /** Room for birds that lie and feed. */
    private static final Length LEAST_HEIGHT = Length.mm(600);

    @Override
    public String id() {
        return "boxpen";
    }

    @Override
    public List<String> keys() {
        return List.of(
                ShedDimensions.WIDTH, ShedDimensions.DEPTH, ShedDimensions.FRONT, PenSizes.CLOSED);
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.NEST);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        BoxPenLayout at = new BoxPenLayout(spec, brief);
        PartsBook book = new PartsBook();
        new BoxPenBuilder(at, book).build();
        at.furnish(book, "family.penLow", at.height);
        return at.coop(book, at.height);
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Choices choices = spec.choices();
        Length closed = PenSizes.closed(spec.width(), spec.depth(), choices, brief.needs());
        DesignSpec settled =
                spec.with(PenSizes.CLOSED, closed)
                        .with(
                                ShedDimensions.FRONT,
                                BoxPenLayout.leastHeight(spec.depth(), choices, brief.needs())
                                        .max(LEAST_HEIGHT)
                                        .ceilTo(choices.step()));
        settled = holding(settled, held, List.of(PenSizes.CLOSED, ShedDimensions.FRONT));
        return settled;
    }

    @Override
    public Side width(Choices choices) {
        return PenSizes.side(WIDTH_LEAST, WIDTH_MOST);
    }

    @Override
    public Side depth(Choices choices) {
        return PenSizes.side(DEPTH_LEAST, DEPTH_MOST);
    }
}
