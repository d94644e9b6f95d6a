package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;

/** A roof over front and back plates, as walls and rooms below it see it. */
interface HouseRoof {
    /**
     * Refuses lines that make no roof.
     *
     * @throws Unbuildable with the reason
     */
    void check() throws Unbuildable;

    /** Underside of the rafters at a depth. */
    Length rafterBottom(Length y);

    /** Upper edge of the rafters at a depth. */
    Length rafterTop(Length y);

    Angle pitch();

    /** Depths at which its lines bend, from front to back. */
    List<Length> bends();

    /**
     * Where it steps, if it does: what ends there lies under the plane before it, what begins there
     * under the one behind.
     */
    default Optional<Length> parting() {
        return Optional.empty();
    }

    /** Up to where posts stand inside that carry it, if any do. */
    default Optional<Length> postsTo() {
        return Optional.empty();
    }

    /** Underside over the line that the keeper walks along. */
    Length walking();

    /** Clear openings between the rafters over the plates. */
    Area eaveVents();

    /** Underside of the lowest that hangs between its rafters. */
    Length tie();

    /** Rafters and purlins. */
    void frame(PartsBook book);

    /** Roofing. */
    void cover(PartsBook book);

    /**
     * Mesh in the eaves.
     *
     * @param strip height of what is left open below the plates, too
     * @param plate thickness of the plates
     */
    void vents(PartsBook book, Length strip, Length plate);
}
