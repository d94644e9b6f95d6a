package reliqua.core.check;

import java.util.List;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Weight;

/**
 * What moving a coop on two wheels asks of a back: the lift at its handles and the pull on grass.
 */
final class RollRule implements Rule {
    @Override
    public List<Finding> check(Subject subject) {
        Rolling rolling = Rolling.of(subject.coop());
        return rolling.lift()
                .map(lift -> List.of(finding(lift, rolling.pull(), subject)))
                .orElse(List.of());
    }

    private static Finding finding(Weight lift, Weight pull, Subject subject) {
        Weight most = subject.keeper().body().together();
        boolean holds = lift.compareTo(most) <= 0;
        String key = holds ? "check.roll" : "check.roll.heavy";
        return Finding.of("roll", holds, Finding.Severity.WARNING, Sum.of(key, lift, pull, most));
    }
}
