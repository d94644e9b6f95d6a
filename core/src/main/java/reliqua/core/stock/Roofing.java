package reliqua.core.stock;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Words;

/**
 * Corrugated or box-profile metal sheets. Ribs run down the slope, so a sheet is never turned.
 *
 * @param length down the slope, above zero
 * @param fullWidth edge to edge
 * @param coverWidth what one sheet covers beside its neighbour after the side lap; at most the full
 *     width
 * @param profile how it is shaped
 * @param ribPitch from rib to rib, if measured; none on flat tin
 * @param holes rows of old nail or screw holes across the sheet, measured from the upper end; they
 *     are reused or sealed, so a plan may take them
 * @param flaws rusted or torn stretches, measured from the upper end
 */
public record Roofing(
        Length length,
        Length fullWidth,
        Length coverWidth,
        Profile profile,
        Optional<Length> ribPitch,
        List<Length> holes,
        List<Flaw> flaws)
        implements Material {
    /** How a sheet is shaped. */
    public enum Profile {
        CORRUGATED,
        BOX,
        FLAT
    }

    /** Refuses sizes that are not above zero and a cover wider than the sheet. */
    public Roofing {
        if (!length.isPositive() || !coverWidth.isPositive()) {
            throw new IllegalArgumentException(
                    Words.say("stock.roofing.notPositive", length, coverWidth));
        }
        if (coverWidth.compareTo(fullWidth) > 0) {
            throw new IllegalArgumentException(
                    Words.say("stock.roofing.cover", coverWidth, fullWidth));
        }
        if (ribPitch.isPresent() && ribPitch.get().compareTo(fullWidth) >= 0) {
            throw new IllegalArgumentException(
                    Words.say("stock.roofing.ribs", ribPitch.get(), fullWidth));
        }
        holes = holes.stream().sorted().toList();
        flaws = flaws.stream().sorted(Comparator.comparing(Flaw::from)).toList();
    }

    /** The longest stretch down the slope without a flaw. */
    public Length longestClear() {
        return Flaw.clearSpans(flaws, length).stream()
                .map(Span::length)
                .reduce(Length.ZERO, Length::max);
    }

    /** Corrugated, its ribs not measured, without old holes. */
    public Roofing(Length length, Length fullWidth, Length coverWidth, List<Flaw> flaws) {
        this(length, fullWidth, coverWidth, Profile.CORRUGATED, Optional.empty(), List.of(), flaws);
    }

    /** What is left when only a stretch down the slope is kept. */
    public Roofing part(Length from, Length to) {
        List<Length> kept =
                holes.stream()
                        .filter(h -> h.compareTo(from) > 0 && h.compareTo(to) < 0)
                        .map(h -> h.minus(from))
                        .toList();
        return new Roofing(
                to.minus(from),
                fullWidth,
                coverWidth,
                profile,
                ribPitch,
                kept,
                Flaw.within(flaws, from, to));
    }

    /** Whether the ribs of another sheet lie in its own, as far as they are known. */
    public boolean nestsWith(Roofing other) {
        return profile == other.profile
                && (ribPitch.isEmpty()
                        || other.ribPitch.isEmpty()
                        || ribPitch.equals(other.ribPitch));
    }

    /** What a side lap takes. */
    public Length sideLap() {
        return fullWidth.minus(coverWidth);
    }

    /** How it would do on the weather side: old holes and rust count against it. */
    public int wear() {
        return holes.size() + 2 * flaws.size();
    }

    public Roofing with(Profile other) {
        return new Roofing(length, fullWidth, coverWidth, other, ribPitch, holes, flaws);
    }

    public Roofing withLength(Length other) {
        return new Roofing(other, fullWidth, coverWidth, profile, ribPitch, holes, flaws);
    }

    public Roofing withFlaws(List<Flaw> other) {
        return new Roofing(length, fullWidth, coverWidth, profile, ribPitch, holes, other);
    }
}
