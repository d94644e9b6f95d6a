package reliqua.core.cutting;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.SheetOutline;

/**
 * Sheets whose grain runs across are planned turned by a quarter against the clock, so that in a
 * job every grain runs along the length; what is laid on them is turned back.
 */
final class SheetGrain {
    private SheetGrain() {}

    static boolean isTurned(Sheet sheet) {
        return sheet.grain() == Sheet.Grain.ACROSS;
    }

    /** A sheet as it lies in the heap, turned for the job. */
    static OwnSheet turned(OwnSheet sheet) {
        return new OwnSheet(
                sheet.id(),
                sheet.thickness(),
                sheet.length(),
                sheet.width(),
                sheet.quantity(),
                sheet.flaws().stream().map(f -> turned(f, sheet.length())).toList(),
                sheet.outline().map(o -> turned(o, sheet.length())),
                sheet.grain());
    }

    private static CutJob.Box turned(CutJob.Box flaw, Length length) {
        Length x = length.minus(flaw.y()).minus(flaw.length());
        return new CutJob.Box(x, flaw.x(), flaw.length(), flaw.width());
    }

    private static SheetOutline turned(SheetOutline outline, Length length) {
        return new SheetOutline(
                outline.corners().stream()
                        .map(c -> new SheetOutline.Corner(length.minus(c.y()), c.x()))
                        .toList());
    }

    /** What was laid on a turned sheet, on the sheet as it lies in the heap. */
    static Ticket.Cut back(Ticket.Cut cut, Sheet sheet) {
        return new Ticket.Cut(
                cut.parts(),
                cut.y(),
                sheet.length().minus(cut.x()).minus(cut.across()),
                cut.along(),
                cut.across(),
                cut.quarters() + 3 & 3);
    }

    /** The same of all its cuts. */
    static List<Ticket.Cut> back(List<Ticket.Cut> cuts, Optional<Sheet> turned) {
        return turned.map(sheet -> cuts.stream().map(c -> back(c, sheet)).toList()).orElse(cuts);
    }
}
