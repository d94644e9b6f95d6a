package reliqua.core.project;

import java.util.Optional;
import reliqua.core.buy.Bill;
import reliqua.core.buy.Fixing;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Lot;

/**
 * What nails spare. Between screws that draw sheets and boards tight every second fixing only keeps
 * them from moving, which a nail does as well; where frame and load hang on it, it does not.
 */
public final class NailsForScrews {
    private NailsForScrews() {}

    /** Of the line of screws, in words with the money; nothing where no pack would be spared. */
    public static Optional<Sum> saving(Bill.Line line, Design design, Project project) {
        if (!line.hardware().equals(Optional.of(Hardware.Kind.SCREWS))) {
            return Optional.empty();
        }
        int nails = Math.min(line.needed(), every(design) / 2);
        int pack = Math.max(1, Shopping.inPack(line, project.prices()));
        int packs = line.units() - Math.ceilDiv(line.needed() - nails, pack);
        if (nails == 0 || packs <= 0) {
            return Optional.empty();
        }
        int have = have(project);
        Money less = line.price().times(packs);
        return Optional.of(
                have >= nails
                        ? Sum.of("saving.nails.have", nails, packs, less, have)
                        : Sum.of("saving.nails", nails, packs, less));
    }

    private static int every(Design design) {
        return design.bill().fixings().stream()
                .filter(f -> f.kind() == Hardware.Kind.SCREWS)
                .filter(f -> f.where() == Fixing.Where.CLADDING)
                .mapToInt(Fixing::count)
                .sum();
    }

    private static int have(Project project) {
        return project.heap().usable().stream()
                .filter(l -> l.material() instanceof Hardware h && h.kind() == Hardware.Kind.NAILS)
                .mapToInt(Lot::quantity)
                .sum();
    }
}
