package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Bevel;
import reliqua.core.cutting.Slants;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Flaw;

/** What is cut from something long: a strip to scale along, with running tape marks. */
final class StripPicture {
    /** Strips are drawn so high whatever their width, so that marks can be read. */
    private static final double STRIP = 150;

    private static final double ABOVE = 40;

    /** Room a figure takes along the stick. */
    private static final double FIGURE = 330;

    /** Shorter pieces have room for a small mark only. */
    private static final double SHORT = 130;

    /** How much higher the next row of figures stands, in points. */
    private static final double RAISED = 15;

    private static final int MOST_ROWS = 4;

    private StripPicture() {}

    static Picture of(
            Ticket ticket, Length length, List<Flaw> flaws, Ink fill, Ink edge, Tape tape) {
        Picture.Sketch sketch = new Picture.Sketch();
        double whole = length.toMm();
        Lanes lanes = Lanes.of(ticket, STRIP);
        sketch.rectangle(0, 0, whole, STRIP, Ink.WASTE, edge, "");
        for (int n = 0; n < ticket.cuts().size(); n++) {
            piece(sketch, ticket.cuts(), n, fill, lanes);
        }
        for (Flaw flaw : flaws) {
            double from = Math.max(0, flaw.from().toMm());
            double to = Math.min(whole, flaw.to().toMm());
            sketch.rectangle(from, lanes.top(), to, lanes.bottom(), Ink.FLAW, Ink.DANGER, "");
        }
        lanes.ripLines(sketch, whole, tape);
        sketch.line(0, -ABOVE / 2, whole, -ABOVE / 2, Ink.SOFT, false);
        tapeMarks(sketch, ticket, whole, tape);
        sketch.line(0, -ABOVE, 0, STRIP + 12, Ink.INK, true);
        sketch.reach(new Picture.Point(whole, STRIP + 40));
        return sketch.picture();
    }

    /**
     * Figures that would run into one another stand in rows, each in the lowest that has room; the
     * last keeps within the stick.
     */
    private static void tapeMarks(Picture.Sketch sketch, Ticket ticket, double whole, Tape tape) {
        double[] last = new double[MOST_ROWS];
        Arrays.fill(last, Double.NEGATIVE_INFINITY);
        int highest = 0;
        for (Length mark : marks(ticket)) {
            double x = mark.toMm();
            if (x < whole - 0.5) {
                sketch.line(x, -ABOVE, x, STRIP + 12, Ink.INK, true);
            }
            int row = row(last, x);
            last[row] = x;
            highest = Math.max(highest, row);
            Picture.Anchor anchor =
                    x > whole - FIGURE / 3 ? Picture.Anchor.RIGHT : Picture.Anchor.MIDDLE;
            sketch.label(
                    x,
                    -ABOVE - 16,
                    tape.mark(mark),
                    Picture.Size.FIGURE,
                    anchor,
                    Ink.INK,
                    -RAISED * row);
        }
        sketch.reach(new Picture.Point(0, -ABOVE - 90 - 100 * highest));
    }

    /** The lowest row with room at x; where none has, the one with most. */
    private static int row(double[] last, double x) {
        int best = 0;
        for (int row = 0; row < last.length; row++) {
            if (x - last[row] >= FIGURE) {
                return row;
            }
            best = last[row] < last[best] ? row : best;
        }
        return best;
    }

    private static void piece(
            Picture.Sketch sketch, List<Ticket.Cut> cuts, int n, Ink fill, Lanes lanes) {
        Ticket.Cut cut = cuts.get(n);
        double from = cut.x().toMm();
        double to = cut.end().toMm();
        double startLean = 0;
        double endLean = 0;
        if (TicketPicture.first(cut).orElse(null) instanceof Part.StickPart stick) {
            Optional<Bevel> slant = Slants.of(stick);
            boolean both = slant.filter(Bevel::bothEnds).isPresent();
            boolean turned = Slants.isTurned(cuts, n, stick);
            double run = slant.map(b -> b.run().toMm()).orElseGet(() -> pointed(stick, to - from));
            startLean = both || turned ? run : 0;
            endLean = both || !turned || slant.isEmpty() ? run : 0;
        }
        // All slants lean the same way, so that what is nested lies side by side.
        List<Picture.Point> outline =
                List.of(
                        new Picture.Point(from + startLean, lanes.top()),
                        new Picture.Point(to, lanes.top()),
                        new Picture.Point(to - endLean, lanes.bottom()),
                        new Picture.Point(from, lanes.bottom()));
        sketch.area(outline, List.of(), fill, Ink.INK, TicketPicture.tag(cut));
        sketch.label(
                (from + to) / 2,
                lanes.top() + (lanes.bottom() - lanes.top()) * 0.62,
                cut.marks(),
                to - from < SHORT ? Picture.Size.NOTE : Picture.Size.FIGURE,
                Picture.Anchor.MIDDLE,
                Ink.INK);
    }

    /** How far back a pointed end is drawn. */
    private static double pointed(Part.StickPart stick, double length) {
        return Math.min(length / 2, Math.abs(stick.endCut().tan()) * STRIP);
    }

    /**
     * Where the tape is marked: the far edge of every piece, and where one begins beyond a flaw or
     * a gap.
     */
    static List<Length> marks(Ticket ticket) {
        List<Length> marks = new ArrayList<>();
        Length last = Length.ZERO;
        for (Ticket.Cut cut : ticket.cuts()) {
            if (cut.x().minus(last).compareTo(Length.mm(6)) > 0) {
                marks.add(cut.x());
            }
            marks.add(cut.end());
            last = cut.end();
        }
        return marks;
    }
}
