package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import reliqua.core.build.Frame;
import reliqua.core.measure.Length;
import reliqua.core.measure.Marked;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;

/**
 * A frame laid flat on the ground: its sticks with their marks, below it how far each upright
 * stands from the left, beside it how high each level one lies. Distances run from one corner, so
 * that one hook of the tape marks them all.
 */
public final class FramePicture {
    private static final double OFF = 60;
    private static final double TICK = 18;

    /**
     * Nearer ticks than this share one figure: a line of the smallest print at the scale of a small
     * window.
     */
    private static final double APART = 105;

    /** Room for a figure: whatever the scale, a share of what is drawn. */
    private static final double FIGURE = 0.15;

    private static final double LEAST_FIGURE = 165;
    private static final double BESIDE = 32;
    private static final double HEAD = 70;

    /** In points: over the top of its line. */
    private static final double ABOVE = -9;

    private final Frame frame;
    private final Tape tape;
    private final Set<String> lit;
    private final double figure;
    private final Picture.Sketch sketch = new Picture.Sketch();

    private FramePicture(Frame frame, Tape tape, Set<String> lit) {
        this.frame = frame;
        this.tape = tape;
        this.lit = lit;
        this.figure = Math.max(LEAST_FIGURE, FIGURE * frame.width().max(frame.height()).toMm());
    }

    /**
     * The drawing.
     *
     * @param lit marks of sticks shown lit up; when there are any, the others fade
     */
    public static Picture of(Frame frame, Tape tape, Set<String> lit) {
        return new FramePicture(frame, tape, lit).draw();
    }

    private Picture draw() {
        // What lies level on uprights is drawn over them on a floor and a roof, beside them in a
        // wall: there nothing overlaps.
        List<Frame.Member> members = new ArrayList<>(frame.members());
        members.sort(Comparator.comparing((Frame.Member m) -> !m.upright()));
        frame.holes().forEach(this::hole);
        members.forEach(this::member);
        members.forEach(this::mark);
        double foot = sketch.bottom() + OFF;
        runs(foot);
        heights(sketch.left() - OFF);
        return sketch.picture();
    }

    private void hole(Frame.Hole hole) {
        double left = hole.left().toMm();
        double low = -hole.low().toMm();
        double right = left + hole.width().toMm();
        double top = low - hole.height().toMm();
        sketch.rectangle(left, top, right, low, Ink.PAPER, Ink.SOFT, "");
        sketch.label(
                (left + right) / 2,
                (top + low) / 2,
                Sum.of("opening." + hole.kind().name()).words(tape),
                Picture.Size.NOTE,
                Picture.Anchor.MIDDLE,
                Ink.SOFT);
    }

    private void member(Frame.Member member) {
        boolean on = lit.contains(member.part().mark());
        Ink fill = on ? Ink.CHOSEN : lit.isEmpty() ? Ink.WOOD : Ink.PAPER;
        Ink edge = on ? Ink.INK : lit.isEmpty() ? Ink.WOOD_EDGE : Ink.HAIRLINE;
        List<Picture.Point> outline =
                member.outline().stream()
                        .map(c -> new Picture.Point(c.u().toMm(), -c.v().toMm()))
                        .toList();
        sketch.area(outline, List.of(), fill, edge, member.part().mark());
    }

    /** Beside the stick, so that its edges stay clear. */
    private void mark(Frame.Member member) {
        double x = (member.left().toMm() + member.right().toMm()) / 2;
        double y = -(member.low().toMm() + member.high().toMm()) / 2;
        String mark = member.part().mark();
        Ink ink = lit.isEmpty() || lit.contains(mark) ? Ink.INK : Ink.SOFT;
        if (member.upright()) {
            double beside = member.right().toMm() + BESIDE;
            sketch.turnedLabel(beside, y, mark, Picture.Size.NOTE, ink, 0);
        } else {
            double above = -member.high().toMm() - BESIDE / 2;
            sketch.label(x, above, mark, Picture.Size.NOTE, Picture.Anchor.MIDDLE, ink);
        }
    }

    /** Below: the near edges of the uprights from the left corner; at the far end the whole. */
    private void runs(double y) {
        TreeMap<Length, Boolean> at = new TreeMap<>();
        frame.members().stream()
                .filter(Frame.Member::upright)
                .forEach(m -> at.merge(m.left(), isLit(m), Boolean::logicalOr));
        double end = frame.width().toMm();
        sketch.line(0, y, end, y, Ink.INK, false);
        sketch.line(end, y - TICK, end, y + TICK, Ink.INK, false);
        sketch.label(
                end + TICK,
                y,
                words(frame.width()),
                Picture.Size.NOTE,
                Picture.Anchor.LEFT,
                Ink.INK,
                3);
        sketch.reach(new Picture.Point(end + figure, y));
        double last = Double.NEGATIVE_INFINITY;
        for (Length each : at.keySet()) {
            double x = each.toMm();
            sketch.line(x, y - TICK, x, y + TICK, Ink.INK, false);
            if (x - last >= APART) {
                sketch.turnedLabel(
                        x,
                        y + figure / 2 + 2 * TICK,
                        words(each),
                        Picture.Size.NOTE,
                        ink(at.get(each)),
                        0);
                last = x;
            }
        }
        sketch.reach(new Picture.Point(0, y + figure + 3 * TICK));
    }

    /** At the left: the lower edges of what lies level; above them the whole height. */
    private void heights(double x) {
        TreeMap<Length, Boolean> at = new TreeMap<>();
        frame.members().stream()
                .filter(m -> !m.upright())
                .forEach(m -> at.merge(m.low(), isLit(m), Boolean::logicalOr));
        double top = -frame.height().toMm();
        sketch.line(x, 0, x, top, Ink.INK, false);
        sketch.line(x - TICK, top, x + TICK, top, Ink.INK, false);
        sketch.label(
                x,
                top - APART / 2,
                words(frame.height()),
                Picture.Size.NOTE,
                Picture.Anchor.MIDDLE,
                Ink.INK);
        sketch.reach(new Picture.Point(x, top - 2 * HEAD));
        double last = Double.NEGATIVE_INFINITY;
        for (Length each : at.keySet()) {
            double y = -each.toMm();
            sketch.line(x - TICK, y, x + TICK, y, Ink.INK, false);
            if (-y - last >= APART) {
                sketch.label(
                        x - TICK - 12,
                        y,
                        words(each),
                        Picture.Size.NOTE,
                        Picture.Anchor.RIGHT,
                        ink(at.get(each)),
                        3);
                last = -y;
            }
        }
        sketch.reach(new Picture.Point(x - figure - TICK, 0));
    }

    private Ink ink(boolean on) {
        return lit.isEmpty() || on ? Ink.INK : Ink.SOFT;
    }

    private boolean isLit(Frame.Member member) {
        return lit.contains(member.part().mark());
    }

    private String words(Length length) {
        return Sum.of("frame.at", new Marked(length)).words(tape);
    }
}
