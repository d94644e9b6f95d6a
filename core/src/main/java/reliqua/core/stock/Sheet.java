package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * A flat board: plywood, strand board and the like.
 *
 * @param kind what it is made of
 * @param thickness above zero
 * @param width along x, above zero
 * @param length along y, above zero
 * @param grain which way the grain of its face runs
 * @param outline its edge, where it is no rectangle
 * @param flaws areas to avoid; they may overlap and reach over the border
 */
public record Sheet(
        Kind kind,
        Length thickness,
        Length width,
        Length length,
        Grain grain,
        Optional<SheetOutline> outline,
        List<FlawArea> flaws)
        implements Material {
    /** Which way the grain of the face runs. */
    public enum Grain {
        LENGTHWAYS,
        ACROSS,
        NONE
    }

    /** What a sheet is made of, with its density in kg/m³ (common figures for dry board). */
    public enum Kind {
        PLYWOOD(600),
        STRAND_BOARD(650),
        BOARD(700);

        private final int density;

        Kind(int density) {
            this.density = density;
        }

        /** Kilograms per cubic metre. */
        public int density() {
            return density;
        }
    }

    /** Refuses sides that are not above zero. */
    public Sheet {
        if (!thickness.isPositive() || !width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.sheet.notPositive", thickness, width, length));
        }
        flaws = List.copyOf(flaws);
        Length across = width;
        Length along = length;
        outline.filter(o -> !o.within(across, along))
                .ifPresent(
                        _ -> {
                            throw new IllegalArgumentException(
                                    Words.say("stock.outline.beyond", across, along));
                        });
    }

    /** A rectangle; the grain of plywood runs lengthways, other boards have none. */
    public Sheet(Kind kind, Length thickness, Length width, Length length, List<FlawArea> flaws) {
        this(
                kind,
                thickness,
                width,
                length,
                kind == Kind.PLYWOOD ? Grain.LENGTHWAYS : Grain.NONE,
                Optional.empty(),
                flaws);
    }

    public Sheet with(List<FlawArea> other) {
        return new Sheet(kind, thickness, width, length, grain, outline, other);
    }

    public Sheet with(Grain other) {
        return new Sheet(kind, thickness, width, length, other, outline, flaws);
    }

    /** The same cut to another length, or another one of it; a rectangle again. */
    public Sheet withLength(Length other) {
        return new Sheet(kind, thickness, width, other, grain, Optional.empty(), flaws);
    }

    /** With another edge; its width and length are what the corners reach. */
    public Sheet with(SheetOutline edge) {
        Length across = edge.corners().stream().map(c -> c.x()).reduce(Length.ZERO, Length::max);
        Length along = edge.corners().stream().map(c -> c.y()).reduce(Length.ZERO, Length::max);
        return new Sheet(kind, thickness, across, along, grain, Optional.of(edge), flaws);
    }

    /** Everything no panel may contain: its flaws, and what lies outside its edge. */
    public List<FlawArea> barred() {
        List<FlawArea> barred = new ArrayList<>(flaws);
        outline.ifPresent(o -> barred.addAll(o.outside(width, length)));
        return List.copyOf(barred);
    }

    /** Square metres inside the edge. */
    public double squareMetres() {
        return outline.map(SheetOutline::squareMetres)
                .orElse(Area.of(width, length).toSquareMetres());
    }
}
