package reliqua.standins;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;

class MerchantsTest {
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void everyPriceBookIsWholeAndSound(UnitSystem system) {
        PriceBook book = Merchants.priceBook(system);
        assertThat(book.offers().stream().map(Offer::id)).doesNotHaveDuplicates();
        assertThat(book.offers()).allSatisfy(o -> assertThat(o.price().micros()).isPositive());
        assertThat(book.hardware())
                .containsOnlyKeys(
                        Hardware.Kind.SCREWS,
                        Hardware.Kind.ROOFING_SCREWS,
                        Hardware.Kind.STAPLES,
                        Hardware.Kind.HINGES,
                        Hardware.Kind.LATCHES,
                        Hardware.Kind.STRIPS,
                        Hardware.Kind.PAINT,
                        Hardware.Kind.PRESERVER);
    }
}
