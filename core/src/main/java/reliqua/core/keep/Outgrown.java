package reliqua.core.keep;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Site;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;

/** Whether a flock has grown out of its coop: the birds there are, without those to come. */
public final class Outgrown {
    private Outgrown() {}

    /** What has become too small, with what there is and what is needed; none while all fits. */
    public static List<Sum> of(Coop coop, Flock flock, Site site, UnitSystem system) {
        Needs needs = Needs.of(flock.with(flock.practice().withGrowth(0)), site, system);
        Coop.Measures has = coop.measures();
        List<Sum> small = new ArrayList<>();
        if (!has.floor().atLeast(needs.floor())) {
            small.add(Sum.of("outgrown.floor", has.floor(), needs.floor()));
        }
        if (!has.roost().atLeast(needs.roost())) {
            small.add(Sum.of("outgrown.roost", has.roost(), needs.roost()));
        }
        if (has.nests() < needs.nests()) {
            small.add(Sum.of("outgrown.nests", has.nests(), needs.nests()));
        }
        if (has.run().um2() > 0 && !has.run().atLeast(needs.run())) {
            small.add(Sum.of("outgrown.run", has.run(), needs.run()));
        }
        return small;
    }
}
