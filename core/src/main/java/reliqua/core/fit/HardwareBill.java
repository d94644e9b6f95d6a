package reliqua.core.fit;

import reliqua.core.coop.Coop;
import reliqua.core.measure.Money;

/** What hardware a coop would have bought beside its wood: screws, hinges, latches, paint. */
@FunctionalInterface
public interface HardwareBill {
    Money of(Coop coop);
}
