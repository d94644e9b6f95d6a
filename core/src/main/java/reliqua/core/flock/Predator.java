package reliqua.core.flock;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * Animals that take birds, eggs or feed, and what keeps each out. Apertures are those of welded
 * mesh; hex netting alone stops none of them.
 */
public enum Predator {
    RACCOON(new Mesh(12.7, 25), 0, Reach.HANDS),
    FOX(new Mesh(25, 25), 0, Reach.DIGS_AND_CLIMBS),
    DOG(new Mesh(25, 50), 0, Reach.DIGS),
    BADGER(new Mesh(25, 25), 0, Reach.DIGS),
    STOAT(new Mesh(12.7, 12.7), 12, Reach.SLIPS),
    MINK(new Mesh(12.7, 12.7), 12, Reach.SLIPS),
    WEASEL(new Mesh(6, 6), 6, Reach.SLIPS),
    RAT(new Mesh(12.7, 12.7), 12, Reach.GNAWS),
    MOUSE(new Mesh(6, 12.7), 6, Reach.GNAWS),
    SNAKE(new Mesh(12.7, 12.7), 12, Reach.SLIPS),
    HAWK(new Mesh(50, 50), 0, Reach.FLIES),
    OWL(new Mesh(50, 50), 0, Reach.FLIES),
    WILD_BIRDS(new Mesh(25, 25), 0, Reach.CARRIES_DISEASE),
    BEAR(new Mesh(25, 50), 0, Reach.BREAKS);

    private record Mesh(double nearBirdsMm, double elsewhereMm) {}

    /** How it comes in. */
    public enum Reach {
        HANDS,
        DIGS,
        DIGS_AND_CLIMBS,
        SLIPS,
        GNAWS,
        FLIES,
        CARRIES_DISEASE,
        BREAKS
    }

    private final Mesh mesh;
    private final int gapMm;
    private final Reach reach;

    Predator(Mesh mesh, int gapMm, Reach reach) {
        this.mesh = mesh;
        this.gapMm = gapMm;
        this.reach = reach;
    }

    /** The animal in words. */
    public Sum sum() {
        return Sum.of("predator." + name());
    }

    public Reach reach() {
        return reach;
    }

    /** Largest aperture of mesh where birds sleep near it. */
    public Length apertureNearBirds() {
        return exact(mesh.nearBirdsMm());
    }

    /** Largest aperture of mesh elsewhere. */
    public Length apertureElsewhere() {
        return exact(mesh.elsewhereMm());
    }

    private static Length exact(double mm) {
        return new Length(Math.round(mm * 1_000_000));
    }

    /** Largest gap it is kept out by, when gaps matter to it. */
    public Optional<Length> gap() {
        return gapMm == 0 ? Optional.empty() : Optional.of(Length.mm(gapMm));
    }

    /** Whether an apron or buried mesh is needed. */
    public boolean digs() {
        return reach == Reach.DIGS || reach == Reach.DIGS_AND_CLIMBS;
    }

    /** Whether latches must take two motions and a clip. */
    public boolean opensLatches() {
        return reach == Reach.HANDS;
    }

    /** Whether the run needs a cover. */
    public boolean comesFromAbove() {
        return switch (reach) {
            case FLIES, CARRIES_DISEASE, HANDS, DIGS_AND_CLIMBS -> true;
            case DIGS, SLIPS, GNAWS, BREAKS -> false;
        };
    }

    /** Whether feed must be closed or hung at night. */
    public boolean takesFeed() {
        return reach == Reach.GNAWS || reach == Reach.CARRIES_DISEASE;
    }
}
