package reliqua.core.coop;

import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/** One thing that is cut and put on. */
public sealed interface Part {
    /** Mark written on it, such as A1. */
    String mark();

    /** What it is for. */
    Role role();

    /** Where it is. */
    Solid solid();

    /** The same part elsewhere, as pictures need it. */
    default Part at(Solid place) {
        return switch (this) {
            case StickPart s ->
                    new StickPart(s.mark, s.role, s.section, s.length, s.startCut, s.endCut, place);
            case PanelPart p ->
                    new PanelPart(
                            p.mark,
                            p.role,
                            p.thickness,
                            p.width,
                            p.height,
                            p.lowSide,
                            p.cutFrom,
                            place);
            case RoofPart r ->
                    new RoofPart(r.mark, r.role, r.length, r.fullWidth, r.covered, place);
            case WholePart w -> new WholePart(w.mark, w.role, w.find, w.sawnTo, w.ribs, place);
            case MeshPart m -> new MeshPart(m.mark, m.role, m.aperture, m.width, m.length, place);
        };
    }

    /**
     * A stick.
     *
     * @param section true section
     * @param length of the blank it is cut from, long point to long point
     * @param startCut angle of the first end from square
     * @param endCut angle of the other end from square
     */
    record StickPart(
            String mark,
            Role role,
            Section section,
            Length length,
            Angle startCut,
            Angle endCut,
            Solid solid)
            implements Part {}

    /**
     * A panel cut from a sheet.
     *
     * @param thickness of the sheet
     * @param width of the least rectangle it is cut from
     * @param height of that rectangle; for a sloped panel its high side
     * @param lowSide height of the low side of a panel with a sloped top
     * @param cutFrom mark of the panel whose opening it is cut out of, when it needs no material of
     *     its own
     */
    record PanelPart(
            String mark,
            Role role,
            Length thickness,
            Length width,
            Length height,
            Optional<Length> lowSide,
            Optional<String> cutFrom,
            Solid solid)
            implements Part {}

    /**
     * A sheet of roofing, ribs down the slope.
     *
     * @param length down the slope
     * @param fullWidth edge to edge
     * @param covered how much of its upper end lies under the sheet above: there rust and holes do
     *     no harm
     */
    record RoofPart(
            String mark, Role role, Length length, Length fullWidth, Length covered, Solid solid)
            implements Part {}

    /**
     * A thing used whole, as it was found.
     *
     * @param find what serves
     * @param sawnTo length it is cut down to, where it is not left as it is
     * @param ribs where in it a panel in front of it finds wood: the stringers of a pallet
     */
    record WholePart(
            String mark,
            Role role,
            Find find,
            Optional<Length> sawnTo,
            List<Bounds> ribs,
            Solid solid)
            implements Part {
        /** Copies the list. */
        public WholePart {
            ribs = List.copyOf(ribs);
        }
    }

    /**
     * A strip of mesh.
     *
     * @param aperture largest opening allowed
     * @param width as cut, laps included
     * @param length as cut, laps included
     */
    record MeshPart(
            String mark, Role role, Length aperture, Length width, Length length, Solid solid)
            implements Part {
        /** Area as cut. */
        public Area area() {
            return Area.of(width, length);
        }
    }
}
