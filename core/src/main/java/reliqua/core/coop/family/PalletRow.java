package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import reliqua.core.measure.Length;

/**
 * Pallets side by side, whole and of at most two widths, that together are just so long.
 *
 * @param bays from left to right, or from front to back
 */
record PalletRow(List<Bay> bays) {
    private static final Length ROUNDING = Length.mm(1);
    private static final int MOST = 6;

    /**
     * The place of one.
     *
     * @param pallet what stands there
     */
    record Bay(Length from, Length to, Finds.WholePallet pallet) {
        Length width() {
            return to.minus(from);
        }

        Length middle() {
            return from.plus(to).half();
        }
    }

    /** Copies the list. */
    PalletRow {
        bays = List.copyOf(bays);
    }

    /** How many of the first width and of the second. */
    private record Mix(int first, int second) {
        Length length(List<Finds.WholePallet> pallets) {
            Length length = pallets.getFirst().width().times(first);
            return second == 0 ? length : length.plus(pallets.get(1).width().times(second));
        }
    }

    private static List<Mix> mixes(List<Finds.WholePallet> pallets, int least, int most) {
        List<Mix> mixes = new ArrayList<>();
        for (int first = 0; first <= most; first++) {
            for (int second = 0; first + second <= most; second++) {
                if (first + second >= least && (second == 0 || pallets.size() > 1)) {
                    mixes.add(new Mix(first, second));
                }
            }
        }
        return mixes;
    }

    /**
     * A row of this length, of as many of the first kind as make it; nothing when no number of them
     * does. The last is of the first kind if any two are: there the door is.
     *
     * @param from where it begins
     */
    static Optional<PalletRow> of(List<Finds.WholePallet> pallets, Length from, Length length) {
        return mixes(pallets, 1, MOST).stream()
                .filter(m -> m.length(pallets).minus(length).abs().atMost(ROUNDING))
                .max(Comparator.comparing(Mix::first))
                .map(m -> row(m, pallets, from));
    }

    private static PalletRow row(Mix mix, List<Finds.WholePallet> pallets, Length from) {
        List<Finds.WholePallet> order = new ArrayList<>();
        int last = mix.first() > 1 ? 1 : 0;
        for (int n = 0; n < mix.first() - last; n++) {
            order.add(pallets.getFirst());
        }
        for (int n = 0; n < mix.second(); n++) {
            order.add(pallets.get(1));
        }
        for (int n = 0; n < last; n++) {
            order.add(pallets.getFirst());
        }
        List<Bay> bays = new ArrayList<>();
        Length at = from;
        for (Finds.WholePallet pallet : order) {
            bays.add(new Bay(at, at.plus(pallet.width()), pallet));
            at = at.plus(pallet.width());
        }
        return new PalletRow(bays);
    }

    /** Lengths of all rows of so many. */
    static List<Length> lengths(List<Finds.WholePallet> pallets, int least, int most) {
        TreeSet<Length> lengths = new TreeSet<>();
        mixes(pallets, least, most).forEach(m -> lengths.add(m.length(pallets)));
        return List.copyOf(lengths);
    }

    /** The shortest row of at least so many that is at least so long. */
    static Length upTo(List<Finds.WholePallet> pallets, Length length, int least) {
        List<Length> all = lengths(pallets, least, MOST);
        return all.stream()
                .filter(l -> l.plus(ROUNDING).atLeast(length))
                .findFirst()
                .orElseGet(all::getLast);
    }
}
