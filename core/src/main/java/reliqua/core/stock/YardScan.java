package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/** Finds the sizes of a thing in what is left of a line, and a count that stands behind them. */
final class YardScan {
    private static final int MOST_SIZES = 3;

    private final YardSizes sizes;
    private final boolean countMayFollow;
    private Optional<Integer> surplus = Optional.empty();

    /** A number too many may be the count when none has been said. */
    YardScan(YardSizes sizes, boolean countMayFollow) {
        this.sizes = sizes;
        this.countMayFollow = countMayFollow;
    }

    /** The sizes, read. */
    List<Length> read(YardText text, int most) {
        return of(text, most).stream().map(sizes::read).toList();
    }

    /** The sizes; one more than there can be, bare and behind an x, is the count. */
    List<YardSizes.Size> of(YardText text, int most) {
        List<YardSizes.Size> said = sizes.scan(text.rest());
        boolean one =
                said.size() == most + 1 || said.size() > most && said.size() == MOST_SIZES + 1;
        if (countMayFollow && one) {
            YardSizes.Size last = said.getLast();
            boolean behind =
                    last.after()
                            || text.rest().matches("[ |]*x ?\\d+[ |,;]*")
                            || text.rest().matches(".*, ?\\d+[ |,;]*");
            boolean coloured = text.rest().matches(".*x ?\\d{1,3}[ |,;]*");
            if (behind && last.text().matches(coloured ? "\\d{1,3}(?: mm)?" : "\\d{1,3}")) {
                surplus = Optional.of(Integer.parseInt(last.text().replace(" mm", "")));
                return unjoined(said.subList(0, said.size() - 1));
            }
        }
        return said;
    }

    /** Without the x that led to the count. */
    private static List<YardSizes.Size> unjoined(List<YardSizes.Size> said) {
        List<YardSizes.Size> left = new ArrayList<>(said);
        if (left.isEmpty()) {
            return left;
        }
        YardSizes.Size last = left.removeLast();
        left.add(new YardSizes.Size(last.text(), false, last.after()));
        return left;
    }

    /** The count that stood behind the sizes, if there was one. */
    Optional<Integer> surplus() {
        return surplus;
    }

    /** Whether nothing but a count is left, which is then kept. */
    boolean countAlone(YardText text) {
        if (countMayFollow && text.rest().matches("[ |]*\\d{1,4}[ |]*")) {
            surplus = Optional.of(Integer.parseInt(text.rest().replaceAll("\\D", "")));
        }
        return surplus.isPresent();
    }

    /** Refuses a line, saying how to say it. */
    static IllegalArgumentException unclear(String key, Object... terms) {
        return new IllegalArgumentException(Words.say(key, terms));
    }
}
