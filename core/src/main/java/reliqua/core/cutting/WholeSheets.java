package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Fills as many own sheets as it can without waste. Looks for fillings ({@link WholeFills}) of all
 * the sheets, chooses those that go together and cover most ({@link WholeChoice}), and looks again:
 * for the panels and sheets that are left over, together with none, some or all of the chosen ones,
 * since a sheet filled wrongly leaves panels that fill no other.
 */
final class WholeSheets {
    private static final int MOST_LOOKS = 48;

    /** In turn: everything anew, then what is left with so many sheets taken up. */
    private static final int MOST_LIFTED = 3;

    private static final int SHARES = 4;

    private final SheetKinds kinds;
    private final SheetProblem problem;
    private final long share;
    private final RandomGenerator random;
    private final Progress progress;
    private final WholeChoice choice;
    private final Set<SheetPattern> found = new LinkedHashSet<>();
    private long joins;

    /** Looks at no more than {@code joins} pairs of rectangles in all. */
    WholeSheets(SheetProblem problem, SheetKinds kinds, long joins, long seed, Progress progress) {
        this.problem = problem;
        this.kinds = kinds;
        this.joins = joins;
        this.share = Math.max(1, joins / SHARES);
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        this.choice = new WholeChoice(kinds, progress);
        this.progress = progress;
    }

    /** Every filling that was found. */
    Set<SheetPattern> found() {
        return found;
    }

    /** The fillings that go together and cover most. */
    List<SheetPattern> best() {
        look(problem, false);
        List<SheetPattern> best = choice.most(found, random);
        List<SheetPattern> current = best;
        for (int n = 0; n < MOST_LOOKS && !isDone(best); n++) {
            int lifted = n % (MOST_LIFTED + 2) - 1;
            List<SheetPattern> kept = new ArrayList<>(current);
            Collections.shuffle(kept, Random.from(random));
            kept.subList(0, lifted < 0 ? kept.size() : Math.min(lifted, kept.size())).clear();
            look(kinds.without(problem, kept), n > 0 && kept.isEmpty());
            current = choice.most(found, random);
            best = area(current) > area(best) ? current : best;
        }
        return best;
    }

    private boolean isDone(List<SheetPattern> best) {
        return found.isEmpty()
                || joins <= 0
                || progress.cancelled()
                || kinds.without(problem, best).panels().isEmpty();
    }

    private double area(List<SheetPattern> chosen) {
        return chosen.stream().mapToDouble(kinds::area).sum();
    }

    private void look(SheetProblem rest, boolean again) {
        SheetKinds restKinds = new SheetKinds(rest);
        long most = Math.min(joins, share);
        WholeFills fills =
                new WholeFills(restKinds, problem.kerf(), most, random.nextLong(), progress);
        List<SheetPattern> more = again ? fills.more() : fills.all();
        joins -= most - fills.joinsLeft();
        more.forEach(f -> found.add(kinds.translated(f, restKinds)));
    }
}
