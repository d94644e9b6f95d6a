package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Find;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** Gathers the parts while a house is drawn up, and gives each its mark. */
public final class PartsBook {
    private final List<Part> parts;
    private final List<Opening> openings;
    private final Map<Character, Integer> last;
    private final UnaryOperator<Solid> solids;
    private final UnaryOperator<Opening> holes;

    private PartsBook(
            List<Part> parts,
            List<Opening> openings,
            Map<Character, Integer> last,
            UnaryOperator<Solid> solids,
            UnaryOperator<Opening> holes) {
        this.parts = parts;
        this.openings = openings;
        this.last = last;
        this.solids = solids;
        this.holes = holes;
    }

    /** Begun anew. */
    public PartsBook() {
        this(new ArrayList<>(), new ArrayList<>(), new HashMap<>(), s -> s, o -> o);
    }

    /**
     * The same book for a builder that has its own depth zero.
     *
     * @param turned whether it builds towards the front
     * @param at where its depth zero lies
     */
    PartsBook from(boolean turned, Length at) {
        return placing(s -> s.atDepth(turned, at), o -> o.atDepth(turned, at));
    }

    /**
     * The same book for a builder that has its own left edge zero.
     *
     * @param mirrored whether it builds towards the left
     * @param at where its left edge lies
     */
    PartsBook beside(boolean mirrored, Length at) {
        return placing(s -> s.atSide(mirrored, at), o -> o.atSide(mirrored, at));
    }

    private PartsBook placing(UnaryOperator<Solid> solid, UnaryOperator<Opening> hole) {
        return new PartsBook(
                parts,
                openings,
                last,
                s -> solids.apply(solid.apply(s)),
                o -> holes.apply(hole.apply(o)));
    }

    private Solid placed(Solid solid) {
        return solids.apply(solid);
    }

    /** With all of a coop in it; marks go on after its own. */
    public static PartsBook goingOn(Coop coop) {
        PartsBook book = new PartsBook();
        book.parts.addAll(coop.parts());
        book.openings.addAll(coop.openings());
        coop.parts().forEach(p -> book.taken(p.mark()));
        return book;
    }

    private void taken(String mark) {
        last.merge(mark.charAt(0), Integer.parseInt(mark.substring(1)), Integer::max);
    }

    private String mark(Role role) {
        return role.letter() + "" + last.merge(role.letter(), 1, Integer::sum);
    }

    /** A stick cut square at both ends. */
    public void stick(Role role, Section section, Length length, Solid solid) {
        stick(role, section, length, Angle.ZERO, Angle.ZERO, solid);
    }

    /** A stick with its end cuts. */
    public void stick(
            Role role, Section section, Length length, Angle start, Angle end, Solid solid) {
        parts.add(new Part.StickPart(mark(role), role, section, length, start, end, placed(solid)));
    }

    /** A rectangular panel; returns its mark. */
    public String panel(Role role, Length thickness, Length width, Length height, Solid solid) {
        String mark = mark(role);
        parts.add(
                new Part.PanelPart(
                        mark,
                        role,
                        thickness,
                        width,
                        height,
                        Optional.empty(),
                        Optional.empty(),
                        placed(solid)));
        return mark;
    }

    /** A panel with a sloped top; returns its mark. */
    public String sloped(
            Role role, Length thickness, Length width, Length high, Length low, Solid solid) {
        String mark = mark(role);
        parts.add(
                new Part.PanelPart(
                        mark,
                        role,
                        thickness,
                        width,
                        high,
                        Optional.of(low),
                        Optional.empty(),
                        placed(solid)));
        return mark;
    }

    /** A panel that is what was cut out of another. */
    public void cutOut(
            Role role, Length thickness, Length width, Length height, String from, Solid solid) {
        parts.add(
                new Part.PanelPart(
                        mark(role),
                        role,
                        thickness,
                        width,
                        height,
                        Optional.empty(),
                        Optional.of(from),
                        placed(solid)));
    }

    public void roofSheet(Length length, Length fullWidth, Length covered, Solid solid) {
        parts.add(
                new Part.RoofPart(
                        mark(Role.ROOF_SHEET),
                        Role.ROOF_SHEET,
                        length,
                        fullWidth,
                        covered,
                        placed(solid)));
    }

    public void mesh(Role role, Length aperture, Length width, Length length, Solid solid) {
        parts.add(new Part.MeshPart(mark(role), role, aperture, width, length, placed(solid)));
    }

    /** A thing used as it is. */
    public void whole(Role role, Find find, List<Bounds> ribs, Solid solid) {
        whole(role, find, Optional.empty(), ribs, solid);
    }

    /** A thing sawn down to a length. */
    public void whole(
            Role role, Find find, Optional<Length> sawnTo, List<Bounds> ribs, Solid solid) {
        parts.add(new Part.WholePart(mark(role), role, find, sawnTo, ribs, placed(solid)));
    }

    public void opening(Opening opening) {
        openings.add(holes.apply(opening));
    }

    public List<Part> parts() {
        return parts;
    }

    public List<Opening> openings() {
        return openings;
    }
}
