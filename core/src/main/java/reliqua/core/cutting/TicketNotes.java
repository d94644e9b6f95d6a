package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Marked;
import reliqua.core.measure.Slope;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Material;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** What is to be minded about one piece: crown, grain, joints, larger stock than was asked. */
public final class TicketNotes {
    private TicketNotes() {}

    /** The notes, most important first. */
    public static List<Sum> of(WorkPlan plan, Ticket ticket, Part part) {
        List<Sum> notes = new ArrayList<>();
        plan.seams().stream()
                .filter(s -> s.makes(part.mark()))
                .findFirst()
                .ifPresent(s -> joint(s, part, notes));
        if (part instanceof Part.StickPart stick) {
            ends(stick, notes);
            nested(ticket, part, notes);
            stick(ticket.material(), stick, notes);
        } else if (part instanceof Part.PanelPart && ticket.material() instanceof Sheet sheet) {
            within(ticket, part, notes);
            grain(sheet, notes);
        } else if (part instanceof Part.WholePart whole) {
            whole(whole, notes);
        } else if (part instanceof Part.RoofPart sheet
                && ticket.material() instanceof Roofing roofing) {
            roof(ticket, sheet, roofing, notes);
        }
        return List.copyOf(notes);
    }

    private static void whole(Part.WholePart part, List<Sum> notes) {
        notes.add(
                part.sawnTo()
                        .map(to -> Sum.of("piece.sawnDown", new Marked(to)))
                        .orElseGet(
                                () ->
                                        Sum.of(
                                                part.role().is(Duty.Trait.CUT_TO_FIT)
                                                        ? "piece.cutToFit"
                                                        : "piece.whole")));
        if (!part.solid().holes().isEmpty()) {
            notes.add(Sum.of("piece.cutBoards"));
        }
    }

    /**
     * How its ends are cut: over which side, by how much, and at what angle. A pointed end goes
     * into a corner: one cut lies along the stile, the other, square to it, along the rail.
     */
    private static void ends(Part.StickPart stick, List<Sum> notes) {
        boolean start = stick.startCut().degrees() != 0;
        Angle angle = start ? stick.startCut() : stick.endCut();
        if (angle.degrees() == 0) {
            return;
        }
        Angle upright = new Angle(Math.abs(angle.degrees()));
        Optional<Bevel> slant = Slants.of(stick);
        if (slant.isEmpty()) {
            Angle other = new Angle(90 - upright.degrees());
            notes.add(Sum.of("piece.pointed", upright, other));
            return;
        }
        Sum side = Sum.of(slant.get().acrossWidth() ? "piece.onFace" : "piece.onEdge");
        String key = slant.get().bothEnds() ? "piece.slantBoth" : "piece.slantOne";
        notes.add(Sum.of(key, new Marked(slant.get().run()), side, upright, new Slope(upright)));
    }

    private static void nested(Ticket ticket, Part part, List<Sum> notes) {
        for (int n = 1; n < ticket.cuts().size(); n++) {
            if (ticket.cuts().get(n).parts().contains(part) && Slants.isNested(ticket.cuts(), n)) {
                notes.add(Sum.of("piece.nested", ticket.cuts().get(n - 1).marks()));
            }
        }
    }

    /**
     * A panel out of the opening or the corner of another: no cut from edge to edge frees it. What
     * is cut out of a panel to be used is cut out whole.
     */
    private static void within(Ticket ticket, Part part, List<Sum> notes) {
        for (Ticket.Cut own : ticket.cuts()) {
            if (!own.parts().contains(part)) {
                continue;
            }
            ticket.cuts().stream()
                    .filter(other -> other.holds(own))
                    .findFirst()
                    .ifPresent(other -> notes.add(Sum.of(lies(part, other), other.marks())));
            ticket.cuts().stream()
                    .flatMap(c -> c.parts().stream())
                    .filter(p -> p instanceof Part.PanelPart out && comesOut(out, part))
                    .forEach(p -> notes.add(Sum.of("piece.opening", p.mark())));
        }
    }

    private static String lies(Part part, Ticket.Cut other) {
        boolean out =
                part instanceof Part.PanelPart panel
                        && other.parts().stream().anyMatch(p -> comesOut(panel, p));
        return out ? "piece.outOf" : "piece.within";
    }

    private static boolean comesOut(Part.PanelPart out, Part part) {
        return out.cutFrom().filter(part.mark()::equals).isPresent();
    }

    private static void joint(Seam seam, Part part, List<Sum> notes) {
        boolean first = part.mark().equals(seam.mark() + "a");
        switch (seam.kind()) {
            case LAPPED -> notes.add(Sum.of("piece.lapped", seam.mark()));
            case SCABBED ->
                    notes.add(Sum.of(scab(part) ? "piece.scab" : "piece.scabbed", seam.mark()));
            case BUTTED -> notes.add(Sum.of("piece.butted", seam.mark()));
            case COURSES -> notes.add(Sum.of(first ? "piece.upper" : "piece.lower", seam.mark()));
            case BESIDE -> notes.add(Sum.of("piece.beside", seam.mark()));
            case LACED_LONG, LACED_WIDE -> notes.add(Sum.of("piece.laced", seam.mark()));
            case TILED_ACROSS, TILED_UP, TILED, BOARDED, WEATHERBOARDED ->
                    notes.add(Sum.of("piece.part", seam.mark()));
        }
    }

    private static void roof(Ticket ticket, Part.RoofPart sheet, Roofing roofing, List<Sum> notes) {
        Length covered = sheet.covered();
        boolean rusty =
                ticket.cuts().stream()
                        .filter(c -> c.parts().contains(sheet))
                        .anyMatch(c -> spoiled(roofing, c.x(), c.x().plus(covered)));
        if (rusty) {
            notes.add(Sum.of("piece.underLap", covered));
        }
        if (roofing.fullWidth().compareTo(sheet.fullWidth()) > 0) {
            notes.add(Sum.of("piece.widerSheet", roofing.fullWidth().minus(sheet.fullWidth())));
        }
        if (!roofing.holes().isEmpty()) {
            notes.add(Sum.of("piece.holes"));
        }
    }

    private static boolean spoiled(Roofing roofing, Length from, Length to) {
        return roofing.flaws().stream()
                .anyMatch(f -> f.from().compareTo(to) < 0 && f.to().compareTo(from) > 0);
    }

    private static boolean scab(Part part) {
        return part.role().is(Duty.Trait.SCAB);
    }

    private static void stick(Material material, Part.StickPart piece, List<Sum> notes) {
        if (!(material instanceof Stick stick)) {
            notes.add(Sum.of("piece.round"));
            return;
        }
        if (!stick.section().equals(piece.section())) {
            boolean ripped =
                    piece.role().is(Duty.Trait.RIPPED_TO_FIT)
                            && stick.section().width().compareTo(piece.section().width()) > 0;
            notes.add(
                    Sum.of(
                            ripped ? "piece.ripTo" : "piece.larger",
                            piece.section().thickness(),
                            piece.section().width()));
        }
        if (stick.warp().bend().isPositive()) {
            crown(piece.role().duty().crown(), notes);
        }
    }

    /** Which way a bent stick is turned. */
    private static void crown(Duty.Crown crown, List<Sum> notes) {
        switch (crown) {
            case UP -> notes.add(Sum.of("piece.crownUp"));
            case SAME -> notes.add(Sum.of("piece.crownSame"));
            case STRAIGHTEST -> notes.add(Sum.of("piece.straightest"));
            case ANY -> {}
        }
    }

    private static void grain(Sheet sheet, List<Sum> notes) {
        switch (sheet.grain()) {
            case LENGTHWAYS -> notes.add(Sum.of("piece.grainAlong"));
            case ACROSS -> notes.add(Sum.of("piece.grainAcross"));
            case NONE -> {}
        }
    }
}
