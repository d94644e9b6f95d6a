package reliqua.core.buy;

import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.coop.Stage;
import reliqua.core.measure.Area;

/**
 * What is brushed on: paint outside, and preserver on cut ends and on wood on or in the ground. A
 * litre covers eight square metres of rough wood once, five where ends drink it: the figures on
 * most tins, less a fifth for old wood.
 */
public final class Coats {
    private static final double COATS = 2;
    private static final double PAINT_A_LITRE = 8;
    private static final double PRESERVER_A_LITRE = 5;

    /** The brush goes as far along a stick from its end, in metres. */
    private static final double END = 0.05;

    /** Half a square metre is not worth a tin. */
    private static final double LEAST = 0.5;

    private Coats() {}

    /** Parts that are painted: walls, doors, nests and ramp, where the weather gets at them. */
    public static List<Part> painted(Coop coop) {
        List<Part> outside =
                coop.parts().stream()
                        .filter(p -> p.role().is(Duty.Trait.SHOWN))
                        .filter(p -> !p.role().is(Duty.Trait.OVERHEAD))
                        .filter(p -> isWall(p.role().stage()))
                        .filter(p -> outside(p) > 0)
                        .toList();
        return outside(outside) < LEAST ? List.of() : outside;
    }

    private static boolean isWall(Stage stage) {
        return stage.compareTo(Stage.SKINS) >= 0 && stage.compareTo(Stage.RUN) < 0;
    }

    /** Outer faces of parts, in square metres. */
    public static double outside(List<Part> parts) {
        return parts.stream().mapToDouble(Coats::outside).sum();
    }

    private static double outside(Part part) {
        return switch (part) {
            case Part.PanelPart panel -> Area.of(panel.width(), panel.height()).toSquareMetres();
            case Part.StickPart stick ->
                    Area.of(stick.section().width(), stick.length()).toSquareMetres();
            case Part.RoofPart _, Part.MeshPart _, Part.WholePart _ -> 0;
        };
    }

    /** Litres of paint, two coats. */
    static double paint(Coop coop) {
        return outside(painted(coop)) * COATS / PAINT_A_LITRE;
    }

    /** Sticks in the weather, at their ends, and those that meet the ground, all over. */
    public static List<Part> preserved(Coop coop) {
        return coop.parts().stream()
                .filter(Part.StickPart.class::isInstance)
                .filter(p -> p.role().is(Duty.Trait.SHOWN) || isLow(p))
                .toList();
    }

    private static boolean isLow(Part part) {
        return !part.solid().bounds().z0().isPositive();
    }

    /** Litres of preserver, two coats. */
    static double preserver(Coop coop) {
        return preserved(coop).stream().mapToDouble(p -> preserved((Part.StickPart) p)).sum()
                * COATS
                / PRESERVER_A_LITRE;
    }

    private static double preserved(Part.StickPart stick) {
        double thick = stick.section().thickness().toMetres();
        double wide = stick.section().width().toMetres();
        double round = 2 * (thick + wide);
        double along = isLow(stick) ? stick.length().toMetres() : 2 * END;
        return along * round + 2 * thick * wide;
    }
}
