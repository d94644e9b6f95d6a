package reliqua.core.drawing;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.flock.BirdClass;

/**
 * Outlines of birds, drawn once in a box one high, beak to the right, feet at the middle of the
 * bottom.
 */
final class BirdShapes {
    private static final double SLENDER = 0.72;

    private static final double[][] HEN = {
        {-0.50, -0.95},
        {-0.40, -0.72},
        {-0.12, -0.62},
        {0.10, -0.68},
        {0.20, -0.88},
        {0.26, -1.0},
        {0.38, -1.0},
        {0.44, -0.93},
        {0.53, -0.89},
        {0.43, -0.86},
        {0.38, -0.70},
        {0.34, -0.48},
        {0.20, -0.30},
        {0.08, -0.24},
        {0.08, -0.02},
        {0.16, 0.0},
        {0.02, 0.0},
        {0.02, -0.23},
        {-0.06, -0.24},
        {-0.06, -0.02},
        {0.02, 0.0},
        {-0.12, 0.0},
        {-0.12, -0.26},
        {-0.32, -0.38},
        {-0.46, -0.62}
    };

    /** Sickle feathers and a comb. */
    private static final double[][] COCK = {
        {-0.78, -0.62},
        {-0.74, -0.98},
        {-0.56, -1.14},
        {-0.42, -1.06},
        {-0.38, -0.78},
        {-0.12, -0.66},
        {0.10, -0.72},
        {0.20, -0.94},
        {0.24, -1.10},
        {0.28, -1.04},
        {0.32, -1.14},
        {0.36, -1.05},
        {0.42, -1.10},
        {0.44, -0.98},
        {0.54, -0.93},
        {0.45, -0.90},
        {0.44, -0.80},
        {0.38, -0.72},
        {0.35, -0.48},
        {0.20, -0.30},
        {0.08, -0.24},
        {0.08, -0.02},
        {0.16, 0.0},
        {0.02, 0.0},
        {0.02, -0.23},
        {-0.06, -0.24},
        {-0.06, -0.02},
        {0.02, 0.0},
        {-0.12, 0.0},
        {-0.12, -0.26},
        {-0.34, -0.38},
        {-0.52, -0.66},
        {-0.60, -0.74},
        {-0.66, -0.60}
    };

    private static final double[][] DUCK = {
        {-0.70, -0.60},
        {-0.48, -0.54},
        {-0.10, -0.58},
        {0.16, -0.54},
        {0.24, -0.72},
        {0.24, -0.92},
        {0.32, -1.0},
        {0.46, -0.98},
        {0.52, -0.90},
        {0.74, -0.84},
        {0.72, -0.80},
        {0.50, -0.80},
        {0.42, -0.66},
        {0.44, -0.42},
        {0.32, -0.22},
        {0.10, -0.13},
        {0.12, -0.03},
        {0.24, 0.0},
        {-0.02, 0.0},
        {0.02, -0.12},
        {-0.08, -0.12},
        {-0.06, -0.03},
        {0.02, 0.0},
        {-0.20, 0.0},
        {-0.16, -0.13},
        {-0.40, -0.22},
        {-0.60, -0.42}
    };

    private BirdShapes() {}

    /** The outline of a bird of a class standing at a point, so many millimetres tall. */
    static List<Picture.Point> outline(
            BirdClass kind, boolean cock, double x, double feet, double tall) {
        double[][] shape = kind == BirdClass.DUCK ? DUCK : cock ? COCK : HEN;
        return placed(shape, x, feet, tall);
    }

    /** A hen that sits: her body without legs. */
    static List<Picture.Point> sitting(double x, double floor, double tall) {
        List<Picture.Point> body = new ArrayList<>();
        for (Picture.Point p : placed(HEN, x, floor, tall)) {
            double lowered = p.y() + 0.22 * tall;
            body.add(new Picture.Point(p.x(), Math.min(lowered, floor)));
        }
        return body;
    }

    private static List<Picture.Point> placed(
            double[][] shape, double x, double feet, double tall) {
        List<Picture.Point> outline = new ArrayList<>();
        for (double[] corner : shape) {
            outline.add(new Picture.Point(x + corner[0] * tall * SLENDER, feet + corner[1] * tall));
        }
        return outline;
    }
}
