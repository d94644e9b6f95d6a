package reliqua.core.buy;

import reliqua.core.coop.Bounds;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Joints;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;

/** How many screws a joint takes, and of what length. */
final class JointScrews {
    private static final int A_JOINT = 2;
    private static final int A_BOLTED_JOINT = 4;
    private static final Length PANEL_SCREWS_APART = Length.mm(200);

    /** A pallet carries a panel on stringers about so far apart. */
    private static final Length CARRIERS_APART = Length.mm(450);

    /** A screw is so many times as long as what it passes through is thick. */
    private static final double TIMES_PASSED = 2.5;

    /** No point may stand out behind. */
    private static final Length BEHIND = Length.mm(3);

    /**
     * Through more than this nobody drives a screw: it is set at a slant through the edge, or a
     * bolt goes through.
     */
    private static final Length THICKEST = Length.mm(50);

    private static final Length SLANTED = Length.mm(100);

    private JointScrews() {}

    /** Lengths that hold and do not come through. */
    record Range(Length least, Length most) {}

    static int count(Joints.Joint joint) {
        boolean flat = isPanel(joint.first()) || isPanel(joint.second());
        if (is(joint.first(), Duty.Trait.HANGS_PLUMB)
                || is(joint.second(), Duty.Trait.HANGS_PLUMB)) {
            return is(joint.first(), Duty.Trait.SWINGS_UP) ? 1 : 0;
        }
        boolean roofing =
                joint.first() instanceof Part.RoofPart || joint.second() instanceof Part.RoofPart;
        if (roofing || isLoose(joint)) {
            return 0;
        }
        if (flat) {
            return panelScrews(joint);
        }
        return isBolted(joint) ? A_BOLTED_JOINT : A_JOINT;
    }

    private static boolean isLoose(Joints.Joint joint) {
        boolean stands = is(joint.first(), Duty.Trait.STANDS_LOOSE);
        boolean hinged =
                is(joint.first(), Duty.Trait.TAKES_HINGES)
                        && is(joint.second(), Duty.Trait.SWINGS_UP);
        return hinged
                || liesOn(joint.first(), joint.second())
                || liesOn(joint.second(), joint.first())
                || is(joint.first(), Duty.Trait.LOOSE)
                || is(joint.second(), Duty.Trait.LOOSE)
                || stands != is(joint.second(), Duty.Trait.STANDS_LOOSE);
    }

    /** A roof that is lifted is screwed to nothing but itself. */
    private static boolean liesOn(Part roof, Part below) {
        return is(roof, Duty.Trait.LIFTS) && !is(below, Duty.Trait.OVERHEAD);
    }

    private static boolean isPanel(Part part) {
        return part instanceof Part.PanelPart;
    }

    private static boolean is(Part part, Duty.Trait trait) {
        return part.role().is(trait);
    }

    private static boolean isBolted(Joints.Joint joint) {
        return is(joint.first(), Duty.Trait.BOLTED) || is(joint.second(), Duty.Trait.BOLTED);
    }

    private static boolean isWhole(Joints.Joint joint) {
        return joint.first() instanceof Part.WholePart || joint.second() instanceof Part.WholePart;
    }

    static Fixing.Where where(Joints.Joint joint) {
        if (isWhole(joint)) {
            return Fixing.Where.PALLETS;
        }
        if (isPanel(joint.first()) || isPanel(joint.second())) {
            return Fixing.Where.CLADDING;
        }
        return isBolted(joint) ? Fixing.Where.LOAD : Fixing.Where.FRAME;
    }

    /**
     * A row of screws along the stick a panel lies on, or along every stringer of a pallet; panels
     * edge to edge take none of their own.
     */
    private static int panelScrews(Joints.Joint joint) {
        if (isWhole(joint)) {
            double each = PANEL_SCREWS_APART.toMm() * CARRIERS_APART.toMm();
            return 1 + (int) Math.ceil(joint.area() / each);
        }
        if (!(joint.first() instanceof Part.StickPart)
                && !(joint.second() instanceof Part.StickPart)) {
            return 0;
        }
        Part.StickPart stick =
                joint.first() instanceof Part.StickPart s ? s : (Part.StickPart) joint.second();
        double length =
                Math.min(stick.length().toMm(), joint.area() / stick.section().thickness().toMm());
        return 1 + (int) Math.ceil(length / PANEL_SCREWS_APART.toMm());
    }

    /** By the thinner of the two, across the faces that meet, and by what is behind it. */
    static Range range(Joints.Joint joint) {
        Bounds a = joint.first().solid().bounds();
        Bounds b = joint.second().solid().bounds();
        Length x = gap(a.x0(), a.x1(), b.x0(), b.x1());
        Length y = gap(a.y0(), a.y1(), b.y0(), b.y1());
        Length z = gap(a.z0(), a.z1(), b.z0(), b.z1());
        Length first;
        Length second;
        if (x.atMost(y) && x.atMost(z)) {
            first = a.width();
            second = b.width();
        } else if (y.atMost(z)) {
            first = a.depth();
            second = b.depth();
        } else {
            first = a.height();
            second = b.height();
        }
        return range(thin(joint.first(), first), thin(joint.second(), second));
    }

    /** A sheet that slants is no thicker than it is sold. */
    private static Length thin(Part part, Length across) {
        return part instanceof Part.PanelPart panel && across.atMost(panel.thickness().times(2))
                ? panel.thickness()
                : across;
    }

    private static Range range(Length first, Length second) {
        Length passed = first.min(second);
        Length through = passed.plus(first.max(second)).minus(BEHIND);
        Length wanted = passed.compareTo(THICKEST) > 0 ? SLANTED : passed.scaled(TIMES_PASSED);
        Length most = through.max(Length.mm(20));
        return new Range(wanted.min(most), most);
    }

    /** How far two stretches reach into one another. */
    private static Length gap(Length a0, Length a1, Length b0, Length b1) {
        return a1.min(b1).minus(a0.max(b0)).abs();
    }
}
