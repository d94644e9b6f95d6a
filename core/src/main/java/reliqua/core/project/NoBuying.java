package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import reliqua.core.coop.Role;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.PriceBook;

/**
 * What becomes of a project when nothing can be bought: the same kind of coop fitted to the heap
 * alone, what of it would be missing, and what does the work of hardware.
 *
 * @param design the coop from the heap alone, if one could be drawn up
 * @param missing parts that the heap cannot give, by what they are for
 * @param instead what takes the place of hardware that is not at hand, with what it costs otherwise
 */
public record NoBuying(Optional<Candidate> design, Map<Role, Integer> missing, List<Sum> instead) {
    /** Copies the list. */
    public NoBuying {
        instead = List.copyOf(instead);
    }

    /** Whether the heap alone gives a coop that holds. */
    public boolean holds() {
        return missing.isEmpty() && design.filter(d -> d.faults() == 0).isPresent();
    }

    /** Fits with an empty price book; takes as long as a search. */
    public static NoBuying of(Project project, Design now, Progress progress) {
        PriceBook none = new PriceBook(project.prices().merchant(), List.of(), new TreeMap<>());
        Project alone = project.withPrices(none).withChosen(Optional.empty());
        Project kind =
                project.anyKind()
                        ? alone.seeking(
                                reliqua.core.coop.family.Families.find(
                                                now.candidate().spec().family())
                                        .orElse(project.kind()))
                        : alone;
        FitResult fit = Fitter.fit(kind.fitRequest(), progress, _ -> {});
        Map<Role, Integer> missing =
                fit.best().stream()
                        .flatMap(c -> c.plan().missing().stream())
                        .collect(
                                Collectors.toMap(
                                        p -> p.role(), _ -> 1, Integer::sum, TreeMap::new));
        return new NoBuying(fit.best(), missing, instead(now));
    }

    /** What takes the place of hardware that is not at hand, with what it costs otherwise. */
    public static List<Sum> instead(Design now) {
        return now.bill().lines().stream()
                .flatMap(l -> l.hardware().stream())
                .flatMap(kind -> instead(kind).stream())
                .toList();
    }

    private static Optional<Sum> instead(Hardware.Kind kind) {
        return switch (kind) {
            case SCREWS, ROOFING_SCREWS, STAPLES, HINGES, LATCHES, STRIPS, PAINT, PRESERVER ->
                    Optional.of(Sum.of("nobuy." + kind.name()));
            case NAILS, WASHERS, BOLTS, GLUE, SEALANT -> Optional.empty();
        };
    }
}
