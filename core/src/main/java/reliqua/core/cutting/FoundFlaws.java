package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import reliqua.core.measure.Length;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.Material;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** What a flaw that shows only under the saw leaves of a ticket. */
public final class FoundFlaws {
    /** Smaller overlaps come of rounding, in square millimetres. */
    private static final double LEAST = 0.01;

    private FoundFlaws() {}

    /**
     * The pieces that cannot be cut: a flaw lies in them that the thing was not known to have.
     *
     * @param found the thing of the ticket with all its flaws
     */
    public static List<Ticket.Cut> hit(Ticket ticket, Material found) {
        return switch (found) {
            case Stick s when ticket.material() instanceof Stick was ->
                    along(ticket, fresh(s.flaws(), was.flaws()));
            case Roofing r when ticket.material() instanceof Roofing was ->
                    along(ticket, fresh(r.flaws(), was.flaws()));
            case Sheet s when ticket.material() instanceof Sheet was ->
                    over(ticket, fresh(s.flaws(), was.flaws()));
            default -> List.of();
        };
    }

    /** The ticket on the thing as it was found, with the pieces that can still be cut. */
    public static Ticket clear(Ticket ticket, Material found) {
        List<Ticket.Cut> cuts = new ArrayList<>(ticket.cuts());
        cuts.removeAll(hit(ticket, found));
        return ticket.on(found, cuts);
    }

    private static <T> List<T> fresh(List<T> flaws, List<T> known) {
        List<T> fresh = new ArrayList<>(flaws);
        fresh.removeAll(known);
        return fresh;
    }

    private static List<Ticket.Cut> along(Ticket ticket, List<Flaw> flaws) {
        return ticket.cuts().stream()
                .filter(
                        c ->
                                flaws.stream()
                                        .anyMatch(
                                                f ->
                                                        f.from().compareTo(c.end()) < 0
                                                                && f.to().compareTo(c.x()) > 0))
                .toList();
    }

    private static List<Ticket.Cut> over(Ticket ticket, List<FlawArea> flaws) {
        return ticket.cuts().stream()
                .filter(c -> flaws.stream().anyMatch(f -> overlap(f, c)))
                .toList();
    }

    private static boolean overlap(FlawArea flaw, Ticket.Cut cut) {
        Geometry bad = box(flaw.x(), flaw.y(), flaw.width(), flaw.length());
        Geometry face =
                PanelFace.lying(cut)
                        .orElseGet(() -> box(cut.x(), cut.y(), cut.across(), cut.along()));
        return face.intersection(bad).getArea() > LEAST;
    }

    private static Geometry box(Length x, Length y, Length across, Length along) {
        return PanelOutline.rectangle(x, y, x.plus(across), y.plus(along)).polygon();
    }
}
