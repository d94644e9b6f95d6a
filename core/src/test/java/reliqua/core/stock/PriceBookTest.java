package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Money;

class PriceBookTest {
    private static final PriceBook PRICES =
            new PriceBook(
                    "made up",
                    List.of(),
                    new TreeMap<>(
                            Map.of(
                                    Hardware.Kind.SCREWS,
                                    new PriceBook.Pack(100, Money.of(6)),
                                    Hardware.Kind.LATCHES,
                                    new PriceBook.Pack(1, Money.of(4)))));

    @Test
    void smallThingsAreBoughtInWholePacks() {
        assertThat(PRICES.packs(Map.of(Hardware.Kind.SCREWS, 100))).isEqualTo(Money.of(6));
        assertThat(PRICES.packs(Map.of(Hardware.Kind.SCREWS, 101))).isEqualTo(Money.of(12));
        assertThat(PRICES.packs(Map.of(Hardware.Kind.SCREWS, 1, Hardware.Kind.LATCHES, 3)))
                .isEqualTo(Money.of(18));
    }

    @Test
    void whatIsNotWantedOrNotSoldCostsNothing() {
        assertThat(PRICES.packs(Map.of(Hardware.Kind.SCREWS, 0))).isEqualTo(Money.ZERO);
        assertThat(PRICES.packs(Map.of(Hardware.Kind.STAPLES, 40))).isEqualTo(Money.ZERO);
    }
}
