package reliqua.core.project;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import reliqua.core.buy.Bill;
import reliqua.core.coop.Coop;
import reliqua.core.cutting.CoopPlanner;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Decided;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Workshop;
import reliqua.core.measure.Money;
import reliqua.core.measure.Words;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;

/** What a coop would cost at one merchant, at another, and at both. */
public final class Shops {
    private Shops() {}

    /**
     * What a coop would cost from a price book.
     *
     * @param prices of one merchant or of both
     * @param bill all that remains to buy
     * @param trips how many merchants one drives to
     * @param whole whether nothing is missing
     */
    public record Quote(PriceBook prices, Bill bill, int trips, boolean whole) {
        /** The bill with what the trips cost. */
        public Money with(Money trip) {
            return bill.total().plus(trip.times(trips));
        }
    }

    /**
     * The same coop planned with each price book and with both together, the cheapest first;
     * without that where one holds the other already.
     *
     * @param trip what a drive to one of them costs
     */
    public static List<Quote> compare(
            Project project, Design design, PriceBook other, Money trip, Progress progress) {
        PriceBook own = project.prices();
        List<Quote> quotes = new ArrayList<>();
        quotes.add(quote(project, design, own, 1, progress));
        quotes.add(quote(project, design, other, 1, progress));
        if (!own.offers().stream()
                .map(Offer::id)
                .toList()
                .containsAll(other.offers().stream().map(Offer::id).toList())) {
            quotes.add(quote(project, design, both(own, other), 2, progress));
        }
        quotes.sort(
                Comparator.<Quote, Boolean>comparing(q -> !q.whole())
                        .thenComparing(q -> q.with(trip))
                        .thenComparing(Quote::trips));
        return quotes;
    }

    private static Quote quote(
            Project project, Design design, PriceBook prices, int trips, Progress progress) {
        Coop coop = design.candidate().coop();
        WorkPlan plan =
                new CoopPlanner(
                                project.heap(),
                                prices,
                                Workshop.of(project.keeper()),
                                CutPlanner.Settings.LIVE.withoutJoints())
                        .plan(
                                coop,
                                Decided.cut(project.cuts()),
                                Optional.empty(),
                                Progress.until(progress));
        Bill bill =
                Bill.of(coop, plan, prices, project.heap(), project.flock().practice().finish());
        return new Quote(prices, bill, trips, plan.missing().isEmpty());
    }

    /** All offers of both, by who sells them, and of each kind of hardware the cheaper pack. */
    public static PriceBook both(PriceBook one, PriceBook other) {
        List<Offer> offers = new ArrayList<>();
        one.offers().forEach(o -> offers.add(at(o, one.merchant())));
        other.offers().forEach(o -> offers.add(at(o, other.merchant())));
        TreeMap<Hardware.Kind, PriceBook.Pack> packs = new TreeMap<>(one.hardware());
        other.hardware()
                .forEach(
                        (kind, pack) ->
                                packs.merge(kind, pack, (a, b) -> each(a) <= each(b) ? a : b));
        return new PriceBook(
                Words.say("shops.both", one.merchant(), other.merchant()), offers, packs);
    }

    private static Offer at(Offer offer, String merchant) {
        return new Offer(
                offer.id(),
                Words.say("shops.at", offer.name(), merchant),
                offer.material(),
                offer.price());
    }

    private static double each(PriceBook.Pack pack) {
        return pack.price().amount() / pack.count();
    }
}
