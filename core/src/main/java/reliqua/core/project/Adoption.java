package reliqua.core.project;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import reliqua.core.build.Step;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Sum;

/**
 * What becomes of work that is done when another design is taken in the middle of it.
 *
 * @param stays ids of steps whose work goes into it as it is
 * @param lost ids of steps whose work would have to be taken down
 * @param pieces cut so far
 * @param serving of them, what has a place in it
 */
public record Adoption(Set<String> stays, Set<String> lost, int pieces, int serving) {
    /** Copies the sets. */
    public Adoption {
        stays = Set.copyOf(stays);
        lost = Collections.unmodifiableSortedSet(new TreeSet<>(lost));
    }

    /** For a design that has been planned. */
    public static Adoption of(Project project, Candidate candidate) {
        Set<String> stays = new TreeSet<>();
        Set<String> lost = new TreeSet<>();
        project.asBuilt()
                .ifPresent(
                        built -> {
                            lost.addAll(built.lostIn(candidate.coop()));
                            stays.addAll(built.ids());
                            stays.removeAll(lost);
                        });
        int pieces = project.cuts().stream().map(CutMade::pieces).mapToInt(List::size).sum();
        return new Adoption(stays, lost, pieces, Math.min(pieces, serving(candidate.plan())));
    }

    private static int serving(WorkPlan plan) {
        return (int)
                plan.made().stream()
                        .map(Ticket::cuts)
                        .flatMap(List::stream)
                        .filter(c -> !c.parts().isEmpty())
                        .count();
    }

    /** Whether there is anything to tell: nothing is, before the first cut. */
    public boolean isTold() {
        return pieces > 0 || !stays.isEmpty() || !lost.isEmpty();
    }

    /** What to know, in words. */
    public List<Sum> words() {
        List<Sum> words = new ArrayList<>();
        if (!lost.isEmpty()) {
            words.add(Sum.of("adopt.lost", list(lost)));
        } else if (!stays.isEmpty()) {
            words.add(Sum.of("adopt.stays"));
        }
        if (pieces > 0) {
            String key = serving == pieces ? "adopt.all" : "adopt.some";
            words.add(Sum.of(key, serving, pieces, pieces - serving));
        }
        return words;
    }

    private static Sum list(Set<String> ids) {
        return ids.stream()
                .map(Step::nameOf)
                .reduce((a, b) -> Sum.of("needs.list", a, b))
                .orElseThrow();
    }
}
