package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/**
 * The panel pen: rigid panels of a kennel, a cot or a gate stood side by side round a light frame,
 * one end closed with sheets and roofed, the rest meshed; one of them is the door.
 */
final class PanelPen extends PenFamily {
    private static final int MOST_COLUMNS = 6;
    private static final int MOST_ROWS = 3;

    @Override
    public String id() {
        return "panel";
    }

    /** Too heavy to go to fresh ground every day. */
    @Override
    public boolean moved() {
        return false;
    }

    @Override
    public List<String> keys() {
        return List.of(ShedDimensions.WIDTH, ShedDimensions.DEPTH, PenSizes.CLOSED);
    }

    @Override
    public Optional<Finds.Kind> builtOf() {
        return Optional.of(Finds.Kind.PANELS);
    }

    @Override
    public Set<FoundPart.Use> places() {
        return EnumSet.of(FoundPart.Use.NEST);
    }

    @Override
    public Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        PanelLayout at = new PanelLayout(spec, brief);
        PartsBook book = new PartsBook();
        PanelBuilder builder = new PanelBuilder(at, book);
        builder.build();
        if (at.bars() > 0) {
            builder.roostRail();
        }
        at.furnish(book, "family.panelLow", at.panel.height());
        return at.coop(book, at.panel.height());
    }

    /** As many whole panels as are at least as long, up to those there are. */
    @Override
    public DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held) {
        Optional<Finds.Panels> found = spec.choices().finds().panels();
        if (found.isEmpty()) {
            return spec.with(PenSizes.CLOSED, spec.width().half());
        }
        Finds.Panels panel = found.get();
        int columns =
                IntStream.range(2, MOST_COLUMNS)
                        .filter(n -> atLeast(PanelLayout.width(panel, n), spec.width()))
                        .findFirst()
                        .orElse(MOST_COLUMNS);
        int rows =
                IntStream.range(1, MOST_ROWS)
                        .filter(n -> atLeast(PanelLayout.depth(panel, n), spec.depth()))
                        .findFirst()
                        .orElse(MOST_ROWS);
        Length depth = PanelLayout.depth(panel, rows);
        Length roofed =
                PenSizes.closed(
                        PanelLayout.width(panel, columns), depth, spec.choices(), brief.needs());
        int closed =
                IntStream.range(1, columns - 1)
                        .filter(n -> atLeast(PanelLayout.closed(panel, n), roofed))
                        .findFirst()
                        .orElse(columns - 1);
        DesignSpec whole =
                spec.with(ShedDimensions.WIDTH, PanelLayout.width(panel, columns))
                        .with(ShedDimensions.DEPTH, depth)
                        .with(PenSizes.CLOSED, PanelLayout.closed(panel, closed));
        return holding(
                whole, held, List.of(ShedDimensions.WIDTH, ShedDimensions.DEPTH, PenSizes.CLOSED));
    }

    private static boolean atLeast(Length length, Length wanted) {
        return length.plus(Length.mm(1)).atLeast(wanted);
    }

    @Override
    public Side width(Choices choices) {
        return side(
                choices.finds().panels().stream()
                        .flatMap(
                                p ->
                                        IntStream.rangeClosed(2, MOST_COLUMNS)
                                                .mapToObj(n -> PanelLayout.width(p, n)))
                        .toList());
    }

    @Override
    public Side depth(Choices choices) {
        return side(
                choices.finds().panels().stream()
                        .flatMap(
                                p ->
                                        IntStream.rangeClosed(1, MOST_ROWS)
                                                .mapToObj(n -> PanelLayout.depth(p, n)))
                        .toList());
    }

    private static Side side(List<Length> sizes) {
        Length least = sizes.isEmpty() ? Length.mm(1000) : sizes.getFirst();
        Length most = sizes.isEmpty() ? Length.mm(1000) : sizes.getLast();
        return new Side(least, most, List.of(), Length.ZERO, sizes);
    }
}
