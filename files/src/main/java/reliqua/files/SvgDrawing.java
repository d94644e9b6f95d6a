package reliqua.files;

import org.jfree.svg.SVGGraphics2D;
import reliqua.core.drawing.Picture;

/** A picture as SVG. */
public final class SvgDrawing {
    private static final double WIDTH = 900;
    private static final double MARGIN = 24;

    private SvgDrawing() {}

    /** The SVG text, 900 points wide. */
    public static String write(Picture picture) {
        double scale = (WIDTH - 2 * MARGIN) / picture.width();
        double height = picture.height() * scale + 2 * MARGIN;
        SVGGraphics2D g = new SVGGraphics2D(WIDTH, height);
        g.setDefsKeyPrefix("rq-");
        new Painter(g).paint(picture, MARGIN, MARGIN, scale);
        return g.getSVGElement();
    }
}
