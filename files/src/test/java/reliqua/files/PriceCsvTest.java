package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.measure.Money;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.PriceBook;
import reliqua.standins.Merchants;

class PriceCsvTest {
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void aPriceBookComesBackAsItWas(UnitSystem system) throws InputException {
        PriceBook prices = Merchants.priceBook(system);
        String table = PriceCsv.write(prices);
        PriceBook back = PriceCsv.read(table, "prices", system, prices.merchant());
        assertThat(back.offers()).containsExactlyInAnyOrderElementsOf(prices.offers());
        assertThat(back.hardware()).isEqualTo(prices.hardware());
        assertThat(back.merchant()).isEqualTo(prices.merchant());
    }

    @Test
    void aPriceChangedInATableIsRead() throws InputException {
        PriceBook prices = Merchants.priceBook(UnitSystem.MILLIMETRES);
        PriceBook.Pack screws = prices.hardware().get(Hardware.Kind.SCREWS);
        String table =
                PriceCsv.write(prices)
                        .lines()
                        .map(
                                line ->
                                        line.startsWith("pack SCREWS")
                                                ? line.replace(
                                                        Cells.amount(screws.price()), "99.50")
                                                : line)
                        .collect(Collectors.joining("\n"));
        PriceBook back = PriceCsv.read(table, "prices", UnitSystem.MILLIMETRES, prices.merchant());
        assertThat(back.hardware().get(Hardware.Kind.SCREWS))
                .isEqualTo(new PriceBook.Pack(screws.count(), Money.of(99.5)));
    }

    @Test
    void whatHasNoPriceIsRefusedByName() {
        String table = "id,kind,quantity,thickness,width,length\nX7,stick,1,38 mm,89 mm,2400 mm\n";
        assertThatThrownBy(
                        () -> PriceCsv.read(table, "shop.csv", UnitSystem.MILLIMETRES, "made up"))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("shop.csv")
                .hasMessageContaining("X7")
                .hasMessageContaining("no price");
    }
}
