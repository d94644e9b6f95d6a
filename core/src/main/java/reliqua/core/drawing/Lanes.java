package reliqua.core.drawing;

import java.util.List;
import reliqua.core.cutting.Making;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/**
 * The lanes a stick is ripped or thinned into, drawn across its strip in the order in which they
 * come off the fence. One lane over the whole strip where nothing is ripped.
 *
 * @param height of the strip
 * @param whole side of the stick the lanes share
 * @param widths of the lanes, the first at the top
 * @param at which lane is in hand, from zero
 */
record Lanes(double height, Length whole, List<Length> widths, int at) {
    /** Room the fence's setting takes beyond the end. */
    private static final double SETTING = 420;

    static Lanes of(Ticket ticket, double height) {
        return ticket.made()
                .filter(m -> m.whole() instanceof Stick)
                .map(m -> of(m, ((Stick) m.whole()).section(), height))
                .orElse(new Lanes(height, Length.mm(1), List.of(Length.mm(1)), 0));
    }

    private static Lanes of(Ticket.Made made, Section section, double height) {
        boolean onEdge = made.making().how() == Making.How.THINNED;
        List<Length> widths =
                made.making().gives().stream()
                        .map(Stick::section)
                        .map(s -> onEdge ? s.thickness() : s.width())
                        .toList();
        return new Lanes(
                height, onEdge ? section.thickness() : section.width(), widths, made.of() - 1);
    }

    private double edge(int lanes) {
        Length to = widths.subList(0, lanes).stream().reduce(Length.ZERO, Length::plus);
        return height * to.ratio(whole);
    }

    /** Upper edge of the lane in hand. */
    double top() {
        return edge(at);
    }

    /** Its lower edge. */
    double bottom() {
        return edge(at + 1);
    }

    /** Where the saw goes along, and how wide it is set for the lane in hand. */
    void ripLines(Picture.Sketch sketch, double length, Tape tape) {
        if (bottom() - top() > height * 0.999) {
            return;
        }
        for (int n = 1; n <= widths.size(); n++) {
            if (edge(n) < height * 0.999) {
                sketch.line(0, edge(n), length + SETTING, edge(n), Ink.INK, true);
            }
        }
        sketch.label(
                length + SETTING / 2,
                top() + (bottom() - top()) * 0.62,
                tape.mark(widths.get(at)),
                Picture.Size.FIGURE,
                Picture.Anchor.MIDDLE,
                Ink.INK);
        sketch.reach(new Picture.Point(length + SETTING, 0));
    }
}
