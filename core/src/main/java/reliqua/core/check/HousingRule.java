package reliqua.core.check;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Sum;

/** Floor, roost, nests and vents against what the flock needs. */
final class HousingRule implements Rule {
    @Override
    public List<Finding> check(Subject subject) {
        Coop.Measures m = subject.coop().measures();
        Needs needs = subject.needs();
        List<Finding> found = new ArrayList<>();
        found.add(fault("floor", m.floor().atLeast(needs.floor()), m.floor(), needs.floor()));
        if (needs.roost().isPositive()) {
            found.add(fault("roost", m.roost().atLeast(needs.roost()), m.roost(), needs.roost()));
            found.add(
                    fault(
                            "headroom",
                            m.headroom().atLeast(needs.headroom()),
                            m.headroom(),
                            needs.headroom()));
        }
        if (needs.nests() > 0) {
            found.add(fault("nests", m.nests() >= needs.nests(), m.nests(), needs.nests()));
            boolean lower = m.roostTop().minus(m.nestEntrance()).atLeast(needs.nestBelowRoost());
            found.add(fault("nestBelowRoost", lower, m.nestEntrance(), m.roostTop()));
        }
        if (m.run().um2() > 0) {
            found.add(fault("run", m.run().atLeast(needs.run()), m.run(), needs.run()));
        }
        found.add(fault("vents", m.vents().atLeast(needs.vents()), m.vents(), needs.vents()));
        return found;
    }

    private static Finding fault(String rule, boolean holds, Object has, Object needs) {
        return Finding.of(rule, holds, Finding.Severity.FAULT, Sum.of("check." + rule, has, needs));
    }
}
