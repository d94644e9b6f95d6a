package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;

/** Runs every rule over a design. */
public final class Findings {
    private static final List<Rule> RULES =
            List.of(
                    new HousingRule(),
                    new StrengthRule(),
                    new WindRule(),
                    new RollRule(),
                    new LiftRule(),
                    new PinRule(),
                    new RegretRule(),
                    new HabitRule(),
                    new KeeperRule());

    /** The rule that every corner is within the keeper's reach. */
    private static final String REACH = "reach";

    /** A barrow's rim is as high, on a level path or in a hollow: litter is raked straight in. */
    public static final Length BARROW_LOW = Length.mm(450);

    public static final Length BARROW_HIGH = Length.mm(650);

    private Findings() {}

    /**
     * Whether corners are left that the keeper does not reach: such a house is taken only where
     * there is no other.
     */
    public static boolean leavesCorners(List<Finding> findings) {
        return breaks(findings, REACH);
    }

    /** The same of a coop before any other rule looks at it. */
    public static boolean leavesCorners(Coop coop, Needs needs, Keeper keeper) {
        return RegretRule.cleaning(coop.measures(), needs, keeper)
                .filter(f -> breaks(List.of(f), REACH))
                .isPresent();
    }

    /** Whether a rule is not held. */
    public static boolean breaks(List<Finding> findings, String rule) {
        return findings.stream()
                .anyMatch(f -> f.rule().equals(rule) && f.severity() != Finding.Severity.GOOD);
    }

    /** All findings, good ones too, in the order of the rules. */
    public static List<Finding> of(Coop coop, Needs needs, Keeper keeper, Heap heap) {
        Rule.Subject subject = new Rule.Subject(coop, needs, keeper, heap);
        return RULES.stream().flatMap(rule -> rule.check(subject).stream()).toList();
    }
}
