package reliqua.files;

import java.math.BigDecimal;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/** Table cells that survive a round trip and that no spreadsheet takes for a formula. */
final class Cells {
    private static final long NM_PER_64TH = 396_875;
    private static final String FORMULA_STARTS = "=+-@\t\r";

    private Cells() {}

    /** Exact: inches and sixty-fourths where they are whole, else millimetres. */
    static String length(Length length) {
        if (length.nm() % NM_PER_64TH == 0 && length.nm() % 1_000_000 != 0) {
            long parts = length.nm() / NM_PER_64TH;
            long whole = parts / 64;
            long rest = parts % 64;
            if (rest == 0) {
                return whole + " in";
            }
            long divisor = Long.lowestOneBit(rest);
            String fraction = rest / divisor + "/" + 64 / divisor;
            return (whole == 0 ? fraction : whole + " " + fraction) + " in";
        }
        return BigDecimal.valueOf(length.nm(), 6).stripTrailingZeros().toPlainString() + " mm";
    }

    /** An amount of money without its currency and without an exponent. */
    static String amount(Money money) {
        return BigDecimal.valueOf(money.micros(), 6).stripTrailingZeros().toPlainString();
    }

    /** A text; one that a spreadsheet would take for a formula gets an apostrophe in front. */
    static String safe(String text) {
        boolean risky = !text.isEmpty() && FORMULA_STARTS.indexOf(text.charAt(0)) >= 0;
        boolean quoted = text.startsWith("'");
        return risky || quoted ? "'" + text : text;
    }

    /** The text behind {@link #safe}. */
    static String plain(String cell) {
        return cell.startsWith("'") ? cell.substring(1) : cell;
    }
}
