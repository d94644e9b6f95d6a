package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.RaisedDimensions;
import reliqua.core.coop.family.RaisedDimensions.Name;
import reliqua.core.measure.Length;

/** The changes of one thing that a search tries on a house: a section, a thickness, a size. */
final class Moves {
    private static final Length LEGS_LEAST = Length.mm(450);
    private static final Length LEGS_MOST = Length.mm(620);

    /** What may be too weak is mended before what may be cheaper. */
    private static final List<Choices.Group> STRENGTH_FIRST =
            List.of(
                    Choices.Group.RAFTERS,
                    Choices.Group.PURLINS,
                    Choices.Group.FLOOR,
                    Choices.Group.ROOSTS,
                    Choices.Group.WALLS,
                    Choices.Group.TRIM,
                    Choices.Group.LEGS);

    private final FitRequest request;
    private final SectionOptions sections;
    private final SheetOptions sheets;
    private final Sizes sizes;
    private final HouseSizes houses;
    private final Length step;

    Moves(
            FitRequest request,
            SectionOptions sections,
            SheetOptions sheets,
            Sizes sizes,
            HouseSizes houses) {
        this.request = request;
        this.sections = sections;
        this.sheets = sheets;
        this.sizes = sizes;
        this.houses = houses;
        this.step = request.keeper().tape().step();
    }

    /**
     * Every kind of change, in the order in which they are tried; each gives the houses it leads
     * to.
     */
    List<Function<Candidate, List<Trial.Idea>>> all() {
        List<Function<Candidate, List<Trial.Idea>>> moves = new ArrayList<>();
        for (Choices.Group group : STRENGTH_FIRST) {
            moves.add(
                    c ->
                            sections.of(group).stream()
                                    .map(s -> idea(c.dimensions(), c.choices().with(group, s)))
                                    .toList());
        }
        moves.add(
                c ->
                        sheets.skins().stream()
                                .map(t -> idea(c.dimensions(), c.choices().withSkin(t)))
                                .toList());
        moves.add(
                c ->
                        sheets.decks().stream()
                                .map(t -> idea(c.dimensions(), c.choices().withDeck(t)))
                                .toList());
        moves.add(
                c ->
                        sheets.panels().stream()
                                .map(w -> idea(c.dimensions(), c.choices().withWidestPanel(w)))
                                .toList());
        moves.add(
                c ->
                        sheets.roofings().stream()
                                .map(r -> idea(c.dimensions(), c.choices().withRoofing(r)))
                                .toList());
        moves.add(this::otherSizes);
        moves.add(this::otherLegs);
        moves.add(this::otherOverhangs);
        return moves;
    }

    /** The same size with walls as low as the new choices allow. */
    private Trial.Idea idea(RaisedDimensions d, Choices choices) {
        return new Trial.Idea(houses.withHeights(d, choices), choices);
    }

    private List<Trial.Idea> otherSizes(Candidate c) {
        RaisedDimensions now = c.dimensions();
        return houses.tightSizes(c.choices()).stream()
                .map(d -> now.with(Name.WIDTH, d.width()).with(Name.DEPTH, d.depth()))
                .filter(d -> houses.within(d, c.choices()))
                .map(d -> idea(d, c.choices()))
                .toList();
    }

    private List<Trial.Idea> otherLegs(Candidate c) {
        if (request.held().containsKey(Name.LEGS)) {
            return List.of();
        }
        Length joist = c.choices().section(Choices.Group.FLOOR).width();
        return sizes
                .pieces(
                        c.choices(),
                        Choices.Group.LEGS,
                        LEGS_LEAST.plus(joist),
                        LEGS_MOST.plus(joist))
                .stream()
                .limit(6)
                .map(
                        piece ->
                                new Trial.Idea(
                                        c.dimensions().with(Name.LEGS, piece.minus(joist)),
                                        c.choices()))
                .toList();
    }

    private List<Trial.Idea> otherOverhangs(Candidate c) {
        if (request.held().containsKey(Name.OVERHANG)) {
            return List.of();
        }
        return Stream.of(150, 165, 200, 225, 250)
                .map(mm -> Length.mm(mm).floorTo(step))
                .map(o -> new Trial.Idea(c.dimensions().with(Name.OVERHANG, o), c.choices()))
                .toList();
    }
}
