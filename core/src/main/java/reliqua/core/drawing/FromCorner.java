package reliqua.core.drawing;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Part;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/** The corner of a coop from which it is looked at. */
public enum FromCorner {
    FRONT_RIGHT(false, false),
    BACK_RIGHT(false, true),
    BACK_LEFT(true, true),
    FRONT_LEFT(true, false);

    private final boolean left;
    private final boolean back;

    FromCorner(boolean left, boolean back) {
        this.left = left;
        this.back = back;
    }

    /** The next one when it is turned by a quarter. */
    public FromCorner next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /** The one before. */
    public FromCorner before() {
        return values()[(ordinal() + values().length - 1) % values().length];
    }

    boolean isBehind() {
        return back;
    }

    boolean isLeft() {
        return left;
    }

    /** Whether what is drawn from the front and the right comes out left for right. */
    boolean mirrors() {
        return left != back;
    }

    /** Parts so turned that this corner is in front on the right. */
    List<Part> turned(List<Part> parts, Bounds all) {
        if (this == FRONT_RIGHT) {
            return parts;
        }
        Length x = all.x0().plus(all.x1());
        Length y = all.y0().plus(all.y1());
        return parts.stream().map(p -> p.at(turned(p.solid(), x, y))).toList();
    }

    private Solid turned(Solid solid, Length x, Length y) {
        Solid sideways = left ? solid.mirrored(Axis.X, x) : solid;
        return back ? sideways.mirrored(Axis.Y, y) : sideways;
    }

    /** The corner that some parts of a coop are nearest to, taken together. */
    public static FromCorner nearest(List<Part> parts, Set<String> marks, Bounds all) {
        double x = middle(all.x0(), all.x1());
        double y = middle(all.y0(), all.y1());
        List<Bounds> lit =
                parts.stream()
                        .filter(p -> marks.contains(p.mark()))
                        .map(p -> p.solid().bounds())
                        .toList();
        double right =
                lit.stream().mapToDouble(b -> middle(b.x0(), b.x1()) - x).average().orElse(0);
        double behind =
                lit.stream().mapToDouble(b -> middle(b.y0(), b.y1()) - y).average().orElse(0);
        return Stream.of(values())
                .max(Comparator.comparingDouble(c -> c.nearness(right, behind)))
                .orElseThrow();
    }

    /** Of corners that are equally near the first is taken. */
    private double nearness(double right, double behind) {
        double nearness = (left ? -right : right) + (back ? behind : -behind);
        return Math.rint(nearness / 10) * 10 - ordinal() * 1e-3;
    }

    private static double middle(Length from, Length to) {
        return from.plus(to).toMm() / 2;
    }
}
