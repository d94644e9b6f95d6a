package reliqua.core.coop;

import java.util.ArrayList;
import java.util.List;

/** Which parts meet, found by geometry: the faces that touch. */
public final class Joints {
    private static final double LEAST_FACE = 100;

    private Joints() {}

    /**
     * Two parts that touch.
     *
     * @param first the part that comes first in the build
     * @param second the other
     * @param area of the faces that touch, mm²
     */
    public record Joint(Part first, Part second, double area) {}

    /**
     * Every pair of parts whose faces touch over at least 1 cm²; mesh is left out, it is stapled.
     */
    public static List<Joint> of(Coop coop) {
        return among(coop.parts());
    }

    /** The same among some parts, in the order of the build. */
    public static List<Joint> among(List<Part> some) {
        List<Joint> joints = new ArrayList<>();
        List<Part> parts = some.stream().filter(p -> !(p instanceof Part.MeshPart)).toList();
        List<Bounds> bounds = parts.stream().map(p -> p.solid().bounds()).toList();
        for (int b = 0; b < parts.size(); b++) {
            for (int a = 0; a < b; a++) {
                if (!bounds.get(a).near(bounds.get(b), Contact.NEAR)) {
                    continue;
                }
                double area = Contact.area(parts.get(a).solid(), parts.get(b).solid());
                if (area >= LEAST_FACE) {
                    joints.add(new Joint(parts.get(a), parts.get(b), area));
                }
            }
        }
        return joints;
    }
}
