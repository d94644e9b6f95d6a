package reliqua.desktop.heap;

import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.Locale;
import java.util.Map;
import reliqua.core.measure.Tape;
import reliqua.core.project.Describe;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;

/**
 * What every lot is found by: its name, size, flaws, condition, place, source and note. Lots do not
 * change, so their words are put together once.
 */
final class RackIndex {
    private final Map<Lot, String> words = new IdentityHashMap<>();
    private Tape tape = Tape.METRIC;

    /** Whether all words of a filter occur in what is known of a lot; all lots match none. */
    boolean matches(Lot lot, String filter, Tape measured) {
        if (filter.isEmpty()) {
            return true;
        }
        if (!measured.equals(tape)) {
            tape = measured;
            words.clear();
        }
        String all = words.computeIfAbsent(lot, this::words);
        return Arrays.stream(filter.split("\\s+")).allMatch(all::contains);
    }

    private String words(Lot lot) {
        Lot.Provenance p = lot.provenance();
        return String.join(
                        " ",
                        lot.id(),
                        Describe.lot(lot.quantity(), lot.material(), tape),
                        String.join(" ", Describe.flaws(lot.material(), tape)),
                        String.join(" ", Describe.condition(lot.condition())),
                        lot.condition().open() ? Texts.get("rack.open") : "",
                        p.photos().isEmpty() ? "" : Texts.get("rack.photo"),
                        p.parent().isEmpty() ? "" : Texts.get("rack.offcut", p.parent()),
                        p.place(),
                        p.source(),
                        p.note())
                .toLowerCase(Locale.ROOT);
    }
}
