package reliqua.core.coop;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;

/** Which parts meet, found by geometry: the faces that touch. */
public final class Joints {
    private static final double LEAST_FACE = 100;
    private static final Length THICKEST_MESH = Length.mm(3);

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
     * Every pair of parts whose faces touch over at least 1 cm²; mesh is left out, it is stapled,
     * and what stands on it is screwed through it to what it lies on.
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
        some.stream()
                .filter(Joints::liesFlat)
                .forEach(mesh -> joints.addAll(through(mesh.solid().bounds(), parts)));
        return joints;
    }

    private static boolean liesFlat(Part part) {
        return part instanceof Part.MeshPart
                && part.solid().bounds().height().atMost(THICKEST_MESH);
    }

    /** What stands on mesh with what is below it. */
    private static List<Joint> through(Bounds mesh, List<Part> parts) {
        List<Part> below =
                parts.stream().filter(p -> p.solid().bounds().z1().equals(mesh.z0())).toList();
        List<Part> above =
                parts.stream().filter(p -> p.solid().bounds().z0().equals(mesh.z1())).toList();
        List<Joint> joints = new ArrayList<>();
        for (Part high : above) {
            Solid pressed = high.solid().shifted(Length.ZERO, Length.ZERO, mesh.height().negated());
            for (Part low : below) {
                double area = Contact.area(low.solid(), pressed);
                if (area >= LEAST_FACE) {
                    joints.add(new Joint(low, high, area));
                }
            }
        }
        return joints;
    }
}
