package reliqua.core.cutting;

import java.util.List;

/**
 * One figure for what comes after money: minutes beforehand, then wood lost, then things opened,
 * each counting more than all of the next can.
 */
final class WorkScale {
    private final StickProblem problem;
    private final long things;
    private final long losses;
    private final long most;

    WorkScale(StickProblem problem) {
        this.problem = problem;
        this.things = 1 + problem.groups().stream().mapToLong(List::size).sum();
        this.losses = 1 + problem.mostLoss();
        this.most = 1 + (mostMinutes() * losses + losses) * things;
    }

    /** Of one thing used in this pattern. */
    long of(Pattern pattern) {
        StickProblem.BinType bin = problem.bin(pattern);
        return (bin.minutes() * losses + problem.loss(pattern)) * things + (bin.own() ? 1 : 0);
    }

    /** More than that of any plan. */
    long most() {
        return most;
    }

    private long mostMinutes() {
        long sum = 0;
        for (int g = 0; g < problem.groups().size(); g++) {
            int group = g;
            long longest =
                    problem.bins().stream()
                            .filter(b -> b.own() && b.group() == group)
                            .mapToLong(StickProblem.BinType::minutes)
                            .max()
                            .orElse(0);
            sum += longest * problem.groups().get(g).size();
        }
        return sum;
    }
}
