package reliqua.desktop.heap;

import java.util.Optional;
import reliqua.core.measure.Money;

/** An amount as it is typed. */
final class Amount {
    private Amount() {}

    /** Zero or more, a sign of the currency before it or not; an empty text is zero. */
    static Optional<Money> read(String text) {
        String plain = text.strip().replaceFirst("^[^0-9.]+", "");
        if (text.isBlank()) {
            return Optional.of(Money.ZERO);
        }
        return plain.matches("\\d{1,7}(\\.\\d{1,2})?")
                ? Optional.of(Money.of(Double.parseDouble(plain)))
                : Optional.empty();
    }
}
