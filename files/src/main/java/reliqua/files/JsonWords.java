package reliqua.files;

import java.math.BigDecimal;
import java.util.Locale;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/** How choices and measures stand in the project file. */
final class JsonWords {
    private JsonWords() {}

    static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    /** Exact millimetres. */
    static BigDecimal mm(Length length) {
        return BigDecimal.valueOf(length.nm(), 6);
    }

    /** Exact amount. */
    static BigDecimal amount(Money money) {
        return BigDecimal.valueOf(money.micros(), 6);
    }
}
