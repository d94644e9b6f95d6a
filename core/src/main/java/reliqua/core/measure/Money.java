package reliqua.core.measure;

/**
 * An amount of money in whole millionths of the keeper's currency, so that bills add up and a price
 * list may carry more than two decimals.
 *
 * @param micros millionths; may be negative (a saving)
 */
public record Money(long micros) implements Comparable<Money> {
    private static final long MICROS_PER_CENT = 10_000;

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
