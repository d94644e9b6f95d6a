package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.stock.Heap;

/** Runs every rule over a design. */
public final class Findings {
    private static final List<Rule> RULES =
            List.of(
                    new HousingRule(),
                    new StrengthRule(),
                    new WindRule(),
                    new RollRule(),
                    new PinRule(),
                    new RegretRule(),
                    new KeeperRule());

    private Findings() {}

    /** All findings, good ones too, in the order of the rules. */
    public static List<Finding> of(Coop coop, Needs needs, Keeper keeper, Heap heap) {
        Rule.Subject subject = new Rule.Subject(coop, needs, keeper, heap);
        return RULES.stream().flatMap(rule -> rule.check(subject).stream()).toList();
    }
}
