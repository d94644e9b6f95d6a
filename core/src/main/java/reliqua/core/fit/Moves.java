package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Finds;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;

/** The changes of one thing that a search tries on a house: a section, a thickness, a size. */
final class Moves {
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

    private static final int MOST_PIECES = 6;

    private final FitRequest request;
    private final SectionOptions sections;
    private final SheetOptions sheets;
    private final FindOptions finds;
    private final Sizes sizes;
    private final HouseSizes houses;

    Moves(
            FitRequest request,
            SectionOptions sections,
            SheetOptions sheets,
            FindOptions finds,
            Sizes sizes,
            HouseSizes houses) {
        this.request = request;
        this.sections = sections;
        this.sheets = sheets;
        this.finds = finds;
        this.sizes = sizes;
        this.houses = houses;
    }

    /**
     * Every kind of change, in the order in which they are tried; each gives the houses it leads
     * to.
     */
    List<Function<Candidate, List<DesignSpec>>> all() {
        List<Function<Candidate, List<DesignSpec>>> moves = new ArrayList<>();
        for (Choices.Group group : groups()) {
            moves.add(
                    c ->
                            sections.of(group).stream()
                                    .map(s -> idea(c, choices(c).with(group, s)))
                                    .toList());
        }
        moves.add(c -> sheets.skins().stream().map(t -> idea(c, choices(c).withSkin(t))).toList());
        moves.add(c -> sheets.decks().stream().map(t -> idea(c, choices(c).withDeck(t))).toList());
        moves.add(
                c ->
                        sheets.panels().stream()
                                .map(w -> idea(c, choices(c).withWidestPanel(w)))
                                .toList());
        moves.add(
                c ->
                        sheets.roofings().stream()
                                .map(r -> idea(c, choices(c).withRoofing(r)))
                                .toList());
        if (request.family().claddings().size() > 1) {
            moves.add(this::otherCladdings);
        }
        List<Finds> built = finds.whole(request);
        if (!built.isEmpty()) {
            moves.add(c -> built.stream().map(f -> idea(c, whole(c, f))).toList());
        }
        request.places().forEach(place -> moves.add(c -> otherThings(c, place)));
        moves.add(this::otherSizes);
        moves.add(this::otherFree);
        return moves;
    }

    /** Sections no change of one group leads to, for what sticks are bought for. */
    List<DesignSpec> scarce(Candidate c) {
        return new ScarceSections(sections, groups())
                .of(c).stream().map(other -> idea(c, other)).toList();
    }

    private static Choices whole(Candidate c, Finds found) {
        return choices(c).with(found.among(choices(c).finds()));
    }

    /** Everything that could go into a place, and nothing in it. */
    private List<DesignSpec> otherThings(Candidate c, FoundPart.Use place) {
        Finds now = choices(c).finds();
        Stream<Finds> others = finds.things(place).stream().map(now::with);
        return Stream.concat(others, Stream.of(now.without(place)))
                .map(f -> idea(c, choices(c).with(f)))
                .toList();
    }

    /** Those of the house, and of what is built on to it. */
    private List<Choices.Group> groups() {
        List<Choices.Group> groups = new ArrayList<>(STRENGTH_FIRST);
        groups.addAll(request.family().ownGroups());
        request.addOns().forEach(a -> groups.addAll(a.groups()));
        if (request.family().claddings().contains(Choices.Cladding.BOARDS)) {
            groups.add(Choices.Group.BOARDS);
        }
        return groups;
    }

    /** Sheets; or boards of every section there is. */
    private List<DesignSpec> otherCladdings(Candidate c) {
        Stream<Choices> boards =
                sections.of(Choices.Group.BOARDS).stream()
                        .map(
                                s ->
                                        choices(c)
                                                .with(Choices.Cladding.BOARDS)
                                                .with(Choices.Group.BOARDS, s));
        Stream<Choices> sheets = Stream.of(choices(c).with(Choices.Cladding.SHEETS));
        return Stream.concat(sheets, boards).map(other -> idea(c, other)).toList();
    }

    private static Choices choices(Candidate c) {
        return c.spec().choices();
    }

    /** The same size with walls as low as the new choices allow. */
    private DesignSpec idea(Candidate c, Choices choices) {
        return houses.settled(c.spec().with(choices));
    }

    private List<DesignSpec> otherSizes(Candidate c) {
        return houses.tightSizes(choices(c)).stream()
                .map(d -> resized(c.spec(), d))
                .filter(houses::within)
                .map(houses::settled)
                .toList();
    }

    private static DesignSpec resized(DesignSpec now, DesignSpec size) {
        return now.with("width", size.width()).with("depth", size.depth());
    }

    /**
     * Other values of lengths that may be changed by themselves, those the keeper fixed left out.
     */
    private List<DesignSpec> otherFree(Candidate c) {
        return request.family().free(choices(c)).stream()
                .filter(free -> !request.held().containsKey(free.key()))
                .flatMap(free -> values(free, c).stream().map(v -> c.spec().with(free.key(), v)))
                .toList();
    }

    private List<Length> values(CoopFamily.FreeLength free, Candidate c) {
        return switch (free) {
            case CoopFamily.FreeLength.OneOf one -> one.values();
            case CoopFamily.FreeLength.OfPieces of ->
                    sizes
                            .pieces(
                                    choices(c),
                                    of.group(),
                                    of.least().plus(of.less()),
                                    of.most().plus(of.less()))
                            .stream()
                            .limit(MOST_PIECES)
                            .map(piece -> piece.minus(of.less()))
                            .toList();
        };
    }
}
