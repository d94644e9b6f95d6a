package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.stock.Heap;

/** Looks at a design for one thing. */
interface Rule {
    /** What a rule may look at. */
    record Subject(Coop coop, Needs needs, Keeper keeper, Heap heap) {}

    /** What it finds, good or bad; nothing when it does not apply. */
    List<Finding> check(Subject subject);
}
