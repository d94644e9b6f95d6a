package reliqua.desktop.paint;

import reliqua.core.drawing.Picture;

/**
 * How a picture lies on the screen.
 *
 * @param scale pixels a millimetre
 * @param left pixels from the left edge to the picture's zero
 * @param top pixels from the upper edge to the picture's zero
 */
public record Placement(double scale, double left, double top) {
    private static final double MARGIN = 8;

    /** As large as fits and in the middle, or at a fixed scale when that is above zero. */
    static Placement of(Picture picture, double width, double height, double fixedScale) {
        double fitting =
                Math.min((width - MARGIN) / picture.width(), (height - MARGIN) / picture.height());
        double scale = fixedScale > 0 ? fixedScale : fitting;
        double left = fixedScale > 0 ? 0 : (width - picture.width() * scale) / 2;
        double top = (height - picture.height() * scale) / 2;
        return new Placement(scale, left - picture.x0() * scale, top - picture.y0() * scale);
    }

    /** Pixels from the left. */
    public double x(Picture.Point point) {
        return left + point.x() * scale;
    }

    /** Pixels from the top. */
    public double y(Picture.Point point) {
        return top + point.y() * scale;
    }

    /** The point of the picture at a pixel. */
    public Picture.Point at(double x, double y) {
        return new Picture.Point((x - left) / scale, (y - top) / scale);
    }
}
