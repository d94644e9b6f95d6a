package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Money;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Stick;

class ShopsTest {
    private static Project project;
    private static Design design;

    /** Sells sticks at half the price, nothing else, and screws for next to nothing. */
    private static PriceBook sticks;

    @BeforeAll
    static void settle() throws Unbuildable {
        Project yard = Yards.project(4).withHeap(Heap.EMPTY);
        design =
                Design.derive(yard, Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow();
        project = yard.settledOn(design.candidate());
        List<Offer> half =
                yard.prices().offers().stream()
                        .filter(o -> o.material() instanceof Stick)
                        .map(
                                o ->
                                        new Offer(
                                                "half " + o.id(),
                                                o.name(),
                                                o.material(),
                                                Money.of(o.price().amount() / 2)))
                        .toList();
        TreeMap<Hardware.Kind, PriceBook.Pack> packs = new TreeMap<>();
        packs.put(Hardware.Kind.SCREWS, new PriceBook.Pack(1000, Money.of(1)));
        sticks = new PriceBook("Sticks", half, packs);
    }

    private static List<Shops.Quote> compare(Money trip) {
        return Shops.compare(project, design, sticks, trip, Progress.NONE);
    }

    @Test
    void bothTogetherCostNoMoreThanEitherAndWhoHasNotAllComesLast() {
        List<Shops.Quote> quotes = compare(Money.ZERO);

        assertThat(quotes).hasSize(3);
        Shops.Quote best = quotes.getFirst();
        assertThat(best.trips()).isEqualTo(2);
        assertThat(best.whole()).isTrue();
        assertThat(quotes.get(1).prices()).isEqualTo(project.prices());
        assertThat(best.bill().total()).isLessThan(quotes.get(1).bill().total());
        assertThat(quotes.getLast().whole()).isFalse();
        assertThat(best.prices().hardware().get(Hardware.Kind.SCREWS).price())
                .isEqualTo(Money.of(1));
    }

    @Test
    void aDearTripIsNotWorthIt() {
        assertThat(compare(Money.of(500)).getFirst().trips()).isEqualTo(1);
    }

    @Test
    void whereOneHoldsTheOtherAlreadyTheyAreNotAddedAgain() {
        Project joined = project.withPrices(Shops.both(project.prices(), sticks));

        assertThat(Shops.compare(joined, design, sticks, Money.ZERO, Progress.NONE)).hasSize(2);
    }
}
