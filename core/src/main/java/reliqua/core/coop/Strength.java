package reliqua.core.coop;

import reliqua.core.measure.Length;

/**
 * Rules of thumb for small sheds, not engineering: simple spans under even load. Reclaimed,
 * ungraded softwood is taken at 4.0 MPa in bending and E = 7000 MPa, well below new graded timber.
 */
public final class Strength {
    /** Bending stress allowed, N/mm². */
    public static final double BENDING = 4.0;

    /** Stiffness, N/mm². */
    public static final double STIFFNESS = 7000;

    /** Floor for birds with 150 mm of wet litter, kN/m². */
    public static final double FLOOR_LOAD = 1.0 + 0.15 * 2.5;

    /** A roof may sag by the span over this. */
    public static final int ROOF_SAG = 180;

    private static final double GRAVITY = 9.81;

    private Strength() {}

    /**
     * Share of the allowed bending stress in a member under an even load; above 1 it is too weak.
     *
     * @param across breadth of the section, across the load
     * @param deep depth of the section, along the load
     * @param span between supports
     * @param newtonPerMetre load
     */
    public static double bending(Length across, Length deep, Length span, double newtonPerMetre) {
        double metres = span.toMetres();
        double moment = newtonPerMetre * metres * metres / 8 * 1000;
        double modulus = across.toMm() * deep.toMm() * deep.toMm() / 6;
        return moment / modulus / BENDING;
    }

    /**
     * Sag under an even load as a share of span / {@code limit}; above 1 it is too limp. Arguments
     * as for bending.
     */
    public static double sag(
            Length across, Length deep, Length span, double newtonPerMetre, int limit) {
        double mm = span.toMm();
        double inertia = across.toMm() * Math.pow(deep.toMm(), 3) / 12;
        double sag = 5 * newtonPerMetre / 1000 * Math.pow(mm, 4) / (384 * STIFFNESS * inertia);
        return sag / (mm / limit);
    }

    /** The larger share of the two. */
    public static double used(
            Length across, Length deep, Length span, double newtonPerMetre, int limit) {
        return Math.max(
                bending(across, deep, span, newtonPerMetre),
                sag(across, deep, span, newtonPerMetre, limit));
    }

    /** Load of birds standing shoulder to shoulder, twice their weight for landing, N/m. */
    public static double roostLoad(double birdKilograms, Length roostPerBird) {
        return 2 * birdKilograms * GRAVITY / roostPerBird.toMetres();
    }

    /** Load a member takes from a surface, N/m. */
    public static double surfaceLoad(double kiloNewtonPerSquareMetre, Length breadth) {
        return kiloNewtonPerSquareMetre * 1000 * breadth.toMetres();
    }
}
