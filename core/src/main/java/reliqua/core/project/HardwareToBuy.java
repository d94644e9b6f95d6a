package reliqua.core.project;

import reliqua.core.buy.Bill;
import reliqua.core.coop.Coop;
import reliqua.core.fit.HardwareBill;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Money;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/** What hardware of a coop the heap does not hold, at the prices of a shop. */
record HardwareToBuy(Heap heap, PriceBook prices, Practice.Finish finish) implements HardwareBill {
    @Override
    public Money of(Coop coop) {
        return Bill.hardware(coop, prices, heap, finish);
    }
}
