package reliqua.core.measure;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An amount of money in whole millionths of the keeper's currency, so that bills add up and a price
 * list may carry more than two decimals.
 *
 * @param micros millionths; may be negative (a saving)
 */
public record Money(long micros) implements Comparable<Money> {
    private static final long MICROS_PER_CENT = 10_000;
    private static final Pattern TYPED =
            Pattern.compile("[^0-9.\\-]{0,4}(\\d{1,7}(?:\\.\\d{1,2})?)[^0-9.]{0,4}");

    /** Nothing to pay. */
    public static final Money ZERO = new Money(0);

    /** A decimal amount, rounded to the nearest millionth. */
    public static Money of(double amount) {
        if (!Double.isFinite(amount)) {
            throw new IllegalArgumentException(
                    "an amount of money is " + amount + "; it must be a finite number");
        }
        return new Money(Math.round(amount * 1e6));
    }

    /** Whole hundredths of the currency. */
    public static Money cents(long cents) {
        return new Money(Math.multiplyExact(cents, MICROS_PER_CENT));
    }

    /**
     * An amount as it is typed, a sign of its currency before or behind it or not; nothing when it
     * is none, or below zero.
     */
    public static Optional<Money> read(String text) {
        Matcher amount = TYPED.matcher(text.strip());
        return amount.matches()
                ? Optional.of(Money.of(Double.parseDouble(amount.group(1))))
                : Optional.empty();
    }

    /** The lower of two amounts. */
    public static Money min(Money a, Money b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    /** The higher of two amounts. */
    public static Money max(Money a, Money b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(micros, other.micros));
    }

    public Money minus(Money other) {
        return new Money(Math.subtractExact(micros, other.micros));
    }

    public Money times(long factor) {
        return new Money(Math.multiplyExact(micros, factor));
    }

    public boolean isZero() {
        return micros == 0;
    }

    public double amount() {
        return micros / 1e6;
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(micros, other.micros);
    }
}
