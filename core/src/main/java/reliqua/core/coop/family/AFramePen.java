package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * The A-frame pen: pairs of legs on two rails, meeting at a ridge board; one end under roofing with
 * roosts and nests, the rest meshed; moved by hand.
 */
final class AFramePen extends PenFamily {
    private static final Length WIDTH_LEAST = Length.mm(1200);
    private static final Length WIDTH_MOST = Length.mm(3700);
    private static final Length DEPTH_LEAST = Length.mm(900);
    private static final Length DEPTH_MOST = Length.mm(2000);
    private static final double STEEP = 0.75;

    @Override
    public String id() {
        return "aframe";
    }

    @Override
    public List<String> keys() {
        return List.of(ShedDimensions.WIDTH, ShedDimensions.DEPTH, PenSizes.PEAK, PenSizes.CLOSED);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        AFrameLayout at = new AFrameLayout(spec, brief);
        PartsBook book = new PartsBook();
        AFrameBuilder frame = new AFrameBuilder(at, book);
        frame.build();
        Needs needs = at.needs;
        boolean roosting = at.bars() > 0;
        if (roosting) {
            Unbuildable.unless(
                    at.headroom().atLeast(needs.headroom()),
                    Sum.of("family.penLow", at.headroom(), needs.headroom(), at.peak));
            Unbuildable.unless(
                    at.barTop().atMost(needs.roostHeight()),
                    Sum.of("family.roostHigh", at.barTop(), needs.roostHeight()));
        }
        List<Part> parts = new ArrayList<>(book.parts());
        parts.sort(Comparator.comparing(p -> p.role().stage()));
        Coop.Measures measures =
                PenSizes.measures(
                        at.width,
                        at.depth,
                        Area.of(at.closed, at.depth),
                        at.closed.times(at.bars()),
                        roosting ? at.barTop() : Length.ZERO,
                        needs.nests() == 0 ? Length.ZERO : at.nestLip(),
                        roosting ? at.headroom() : at.peak.half(),
                        Length.ZERO,
                        new Length(Math.round(Math.hypot(at.closed.nm(), at.depth.half().nm()))),
                        at.slope(),
                        needs,
                        parts,
                        book.openings());
        return new Coop(
                parts, book.openings(), PenSizes.zones(at.width, at.depth, at.peak), measures);
    }

    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Needs needs = brief.needs();
        Choices choices = spec.choices();
        DesignSpec settled =
                spec.with(
                                PenSizes.CLOSED,
                                PenSizes.closed(spec.width(), spec.depth(), choices, needs))
                        .with(PenSizes.PEAK, peak(spec.depth(), choices));
        settled = holding(settled, held, List.of(PenSizes.CLOSED, PenSizes.PEAK));
        return raised(settled, brief, held);
    }

    private static Length peak(Length depth, Choices choices) {
        return depth.scaled(STEEP).ceilTo(choices.step());
    }

    /** As high as birds on the outermost bar need. */
    private static DesignSpec raised(DesignSpec spec, Brief brief, Map<String, Length> held) {
        if (held.containsKey(PenSizes.PEAK)) {
            return spec;
        }
        DesignSpec raised = spec;
        Length most = spec.depth().scaled(1.2);
        try {
            AFrameLayout at = new AFrameLayout(raised, brief);
            while (at.bars() > 0
                    && at.headroom().compareTo(brief.needs().headroom()) < 0
                    && at.peak.compareTo(most) < 0) {
                raised =
                        raised.with(
                                PenSizes.PEAK,
                                at.peak.plus(Length.mm(50)).ceilTo(spec.choices().step()));
                at = new AFrameLayout(raised, brief);
            }
        } catch (Unbuildable e) {
            return spec;
        }
        return raised;
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
