package reliqua.core.fit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.RaisedDimensions;
import reliqua.core.coop.family.RaisedDimensions.Name;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;
import reliqua.core.stock.Section;

/**
 * Finds the raised house that suits a heap best.
 *
 * <p>Steps: draw up every pair of width and depth worth trying ({@link Sizes}) with the sections
 * the heap has most of; plan each by heuristics; take the best few and change one thing at a time -
 * a section, a thickness, a size - as long as that helps; plan the best of those exactly. A size
 * whose floor alone falls short is not drawn up at all. The same request gives the same answer;
 * when cancelled, the best so far is the answer.
 */
public final class Fitter {
    private static final Length LEGS = Length.mm(500);
    private static final Length LEGS_LEAST = Length.mm(450);
    private static final Length LEGS_MOST = Length.mm(620);
    private static final Length OVERHANG = Length.mm(180);
    private static final Length WIDTH_LEAST = Length.mm(980);
    private static final Length WIDTH_MOST = Length.mm(3700);
    private static final Length DEPTH_LEAST = Length.mm(850);
    private static final Length DEPTH_MOST = Length.mm(2450);
    private static final double PITCH = 0.2501;

    /** Deeper by more than this than the birds need only costs more. */
    private static final double ROOMIEST = 1.3;

    /**
     * A front from a little narrower than a square house to nearly twice its side is worth looking
     * at.
     */
    private static final double WIDEST_FROM = 0.9;

    private static final double WIDEST_TO = 1.75;
    private static final int SIZES = 10;
    private static final int CLIMBS = 2;
    private static final int PASSES = 3;
    private static final int EXACT = 3;

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
    private final Progress progress;
    private final Trial trial;
    private final SectionOptions sections;
    private final SheetOptions sheets;
    private final Sizes sizes;
    private final Length step;

    private Fitter(FitRequest request, Progress progress) {
        this.request = request;
        this.progress = progress;
        this.trial = new Trial(request, progress);
        this.sections = new SectionOptions(request.heap(), request.prices());
        this.sheets = new SheetOptions(request.heap(), request.prices());
        this.step = request.keeper().tape().step();
        this.sizes = new Sizes(request.heap(), request.prices(), request.keeper().kerf(), step);
    }

    /** Searches; {@code soFar} hears of every better house as it is found. */
    public static FitResult fit(FitRequest request, Progress progress, Consumer<Candidate> soFar) {
        return new Fitter(request, progress).search(soFar);
    }

    private FitResult search(Consumer<Candidate> soFar) {
        Optional<Choices> shared = firstChoices();
        if (shared.isEmpty() || request.needs().birds() == 0) {
            return new FitResult(
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    0,
                    0,
                    Optional.of(
                            Sum.of(
                                    request.needs().birds() == 0
                                            ? "fit.noBirds"
                                            : "fit.noMaterial")),
                    List.of());
        }
        progress.report(0.05, Words.say("fit.sizes"));
        Choices first = shared.get();
        List<Candidate> drawn = allSizes(first, soFar);
        for (Choices other : otherChoices(first)) {
            if (drawn.isEmpty()) {
                first = other;
                drawn = allSizes(first, soFar);
            }
        }
        Optional<Candidate> standard = trial.quick(standardSize(first), first);
        List<Candidate> starts = starts(drawn, standard);
        List<Candidate> climbed = new ArrayList<>();
        for (int n = 0; n < starts.size() && !progress.cancelled(); n++) {
            progress.report(0.4 + 0.4 * n / starts.size(), Words.say("fit.changes"));
            climbed.add(climb(starts.get(n)));
        }
        progress.report(0.8, Words.say("fit.exact"));
        List<Candidate> exact = exact(Stream.concat(climbed.stream(), drawn.stream()), soFar);
        Optional<Candidate> best = exact.stream().findFirst();
        List<Candidate> others = exact.stream().skip(1).toList();
        progress.report(1, "");
        return new FitResult(
                best,
                others,
                standard.map(trial::exact),
                trial.tried(),
                trial.skipped(),
                trial.obstacle(),
                trial.scatter());
    }

    /**
     * The best few of clearly different widths, and the standard size where the place allows it.
     */
    private List<Candidate> starts(List<Candidate> drawn, Optional<Candidate> standard) {
        Set<Length> widths = new HashSet<>();
        Stream<Candidate> best =
                drawn.stream()
                        .filter(c -> widths.add(c.dimensions().width().floorTo(Length.mm(250))))
                        .limit(CLIMBS);
        Stream<Candidate> usual =
                standard.stream().filter(c -> within(c.dimensions(), c.choices()));
        return Stream.concat(best, usual).toList();
    }

    /**
     * Other rafters and walls, for when the first make no house at all: rafters too shallow for
     * their seats, mostly.
     */
    private List<Choices> otherChoices(Choices first) {
        List<Choices> others = new ArrayList<>();
        for (Section wall : sections.of(Choices.Group.WALLS)) {
            for (Section rafter : sections.of(Choices.Group.RAFTERS)) {
                others.add(
                        first.with(Choices.Group.WALLS, wall).with(Choices.Group.RAFTERS, rafter));
            }
        }
        return others;
    }

    private Optional<Choices> firstChoices() {
        Optional<List<Section>> chosen = sections.shared();
        if (chosen.isEmpty()
                || sheets.decks().isEmpty()
                || sheets.skins().isEmpty()
                || sheets.roofings().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                new Choices(
                        chosen.get(),
                        sheets.decks().getFirst(),
                        sheets.skins().getFirst(),
                        sheets.panels().isEmpty() ? Length.mm(1220) : sheets.panels().getFirst(),
                        sheets.roofings().getFirst(),
                        request.underside(),
                        step));
    }

    private Length held(Name name, Length otherwise) {
        return request.held().getOrDefault(name, otherwise);
    }

    private RaisedDimensions dimensions(Choices choices, Length width, Length depth) {
        RaisedDimensions size =
                new RaisedDimensions(
                        held(Name.WIDTH, width),
                        held(Name.DEPTH, depth),
                        held(Name.LEGS, LEGS.ceilTo(step)),
                        LEGS,
                        LEGS,
                        held(Name.OVERHANG, OVERHANG.ceilTo(step)));
        return trial.withHeights(size, choices, PITCH);
    }

    /**
     * Four feet deep and as wide as the floor needs in whole feet (or 300 mm): what one would build
     * by habit.
     */
    private RaisedDimensions standardSize(Choices choices) {
        boolean inches = step.nm() % 1_000_000 != 0;
        Length module = inches ? Length.inches(12) : Length.mm(300);
        Length depth = module.times(4);
        Length width = leastOther(depth, choices).ceilTo(module);
        while (width.compareTo(module.times(8)) > 0 && depth.compareTo(module.times(6)) < 0) {
            depth = depth.plus(module);
            width = leastOther(depth, choices).ceilTo(module);
        }
        return dimensions(choices, width, depth);
    }

    /** The other outer side that gives the floor needed, inside the framing. */
    private Length leastOther(Length side, Choices choices) {
        Length frames = choices.section(Choices.Group.WALLS).width().times(2);
        Area floor = request.needs().floor();
        return floor.over(side.minus(frames)).plus(frames).ceilTo(step);
    }

    /**
     * The tight sizes first, so that there is something to see at once; then every pair that is not
     * far too large.
     */
    private List<Candidate> allSizes(Choices choices, Consumer<Candidate> soFar) {
        Set<RaisedDimensions> tight = new LinkedHashSet<>(tightSizes(choices));
        trial.all(ideas(tight, choices)).stream().findFirst().ifPresent(soFar);
        Set<RaisedDimensions> todo = new LinkedHashSet<>(tight);
        List<Length> depths = depths(choices);
        for (Length width : widths(choices)) {
            Length most = leastOther(width, choices).scaled(ROOMIEST);
            depths.stream()
                    .filter(d -> d.atMost(most))
                    .forEach(d -> todo.add(dimensions(choices, width, d)));
        }
        return trial.all(ideas(todo, choices));
    }

    private List<Trial.Idea> ideas(Set<RaisedDimensions> sizes, Choices choices) {
        return sizes.stream()
                .filter(d -> within(d, choices))
                .map(d -> new Trial.Idea(d, choices))
                .toList();
    }

    /** Each width worth trying with the least depth for it, and the other way round. */
    private List<RaisedDimensions> tightSizes(Choices choices) {
        List<RaisedDimensions> tight = new ArrayList<>();
        widths(choices)
                .forEach(
                        w ->
                                tight.add(
                                        dimensions(
                                                choices,
                                                w,
                                                leastOther(w, choices).max(DEPTH_LEAST))));
        depths(choices)
                .forEach(
                        d ->
                                tight.add(
                                        dimensions(
                                                choices,
                                                leastOther(d, choices).max(WIDTH_LEAST),
                                                d)));
        return tight;
    }

    private boolean within(RaisedDimensions d, Choices choices) {
        boolean enough = leastOther(d.depth(), choices).atMost(d.width());
        boolean bothHeld =
                request.held().containsKey(Name.WIDTH) && request.held().containsKey(Name.DEPTH);
        return (enough || bothHeld)
                && d.width().atMost(widthMost())
                && d.depth().atMost(depthMost());
    }

    private Length widthMost() {
        return request.keeper().mostWidth().orElse(WIDTH_MOST).min(WIDTH_MOST);
    }

    private Length depthMost() {
        return request.keeper().mostDepth().orElse(DEPTH_MOST).min(DEPTH_MOST);
    }

    private List<Length> widths(Choices choices) {
        return sizes.worthTrying(
                choices,
                List.of(Choices.Group.FLOOR, Choices.Group.WALLS, Choices.Group.ROOSTS),
                choices.section(Choices.Group.WALLS).width().times(2),
                sheets,
                side(choices).scaled(WIDEST_FROM).max(WIDTH_LEAST),
                side(choices).scaled(WIDEST_TO).min(widthMost()),
                SIZES);
    }

    private List<Length> depths(Choices choices) {
        return sizes.worthTrying(
                choices,
                List.of(Choices.Group.FLOOR, Choices.Group.WALLS),
                choices.section(Choices.Group.FLOOR).thickness().times(2),
                sheets,
                side(choices).scaled(1 / WIDEST_TO).max(DEPTH_LEAST),
                side(choices).scaled(1 / WIDEST_FROM).min(depthMost()),
                SIZES);
    }

    /** Side of a square house with floor enough. */
    private Length side(Choices choices) {
        Length frames = choices.section(Choices.Group.WALLS).width().times(2);
        return Length.ofMm(Math.sqrt(request.needs().floor().toSquareMetres()) * 1000).plus(frames);
    }

    /** Changes one thing at a time while that helps. */
    private Candidate climb(Candidate start) {
        Candidate best = start;
        for (int pass = 0; pass < PASSES && !progress.cancelled(); pass++) {
            Candidate before = best;
            for (Function<Candidate, List<Trial.Idea>> move : moves()) {
                if (progress.cancelled()) {
                    return best;
                }
                Optional<Candidate> next = trial.all(move.apply(best)).stream().findFirst();
                if (next.isPresent() && Candidate.ORDER.compare(next.get(), best) < 0) {
                    best = next.get();
                }
            }
            if (best == before) {
                break;
            }
        }
        return best;
    }

    private List<Function<Candidate, List<Trial.Idea>>> moves() {
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
        return new Trial.Idea(trial.withHeights(d, choices, PITCH), choices);
    }

    private List<Trial.Idea> otherSizes(Candidate c) {
        RaisedDimensions now = c.dimensions();
        return tightSizes(c.choices()).stream()
                .map(d -> now.with(Name.WIDTH, d.width()).with(Name.DEPTH, d.depth()))
                .filter(d -> within(d, c.choices()))
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

    private List<Candidate> exact(Stream<Candidate> drawn, Consumer<Candidate> soFar) {
        Set<List<Length>> seen = new HashSet<>();
        List<Candidate> distinct =
                drawn.sorted(Candidate.ORDER)
                        .filter(
                                c ->
                                        seen.add(
                                                List.of(
                                                        c.dimensions()
                                                                .width()
                                                                .floorTo(Length.mm(80)),
                                                        c.dimensions()
                                                                .depth()
                                                                .floorTo(Length.mm(80)))))
                        .limit(EXACT)
                        .toList();
        List<Candidate> exact = new ArrayList<>();
        for (Candidate candidate : distinct) {
            Candidate planned = progress.cancelled() ? candidate : trial.exact(candidate);
            if (exact.stream().allMatch(c -> Candidate.ORDER.compare(planned, c) < 0)) {
                soFar.accept(planned);
            }
            exact.add(planned);
        }
        return exact.stream().sorted(Candidate.ORDER).toList();
    }
}
