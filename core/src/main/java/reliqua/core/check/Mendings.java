package reliqua.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Part.MeshPart;
import reliqua.core.coop.Part.StickPart;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Hardware;

/** Draws up what mends the weak places of one coop. */
final class Mendings {
    /** No part of a coop has a mark that begins so. */
    private static final String MARK = "Z";

    /** Longer strips and battens are in the way of one pair of hands. */
    private static final Length LONGEST = Length.mm(2400);

    private static final Length LAP = Length.mm(50);

    /** Battens are screwed a forearm apart. */
    private static final Length SCREWS_APART = Length.mm(300);

    private final Coop coop;

    Mendings(Coop coop) {
        this.coop = coop;
    }

    /** A second layer of finer mesh over each. */
    static Mending lined(List<MeshPart> coarse, Length aperture) {
        List<Part> parts = new ArrayList<>();
        for (MeshPart m : coarse) {
            parts.add(
                    new MeshPart(
                            MARK + (parts.size() + 1),
                            m.role(),
                            aperture,
                            m.width(),
                            m.length(),
                            m.solid()));
        }
        return new Mending(parts, Map.of());
    }

    /** Mesh in strips, lapped end to end. */
    Mending strips(Length along, Length wide, Length aperture) {
        Optional<Part> like = coop.parts().stream().filter(p -> p instanceof MeshPart).findFirst();
        if (like.isEmpty()) {
            return Mending.NONE;
        }
        List<Part> parts = new ArrayList<>();
        for (Length length : lengths(along)) {
            parts.add(
                    new MeshPart(
                            MARK + (parts.size() + 1),
                            like.get().role(),
                            aperture,
                            wide,
                            length.plus(LAP),
                            like.get().solid()));
        }
        return new Mending(parts, Map.of());
    }

    /** Mesh over a piece of ground, in strips no wider than a roll. */
    Mending cover(Length wide, Length deep, Length roll, Length aperture) {
        long strips = Math.ceilDiv(deep.nm(), roll.nm());
        return strips(wide.times(strips), deep.dividedBy((int) strips).plus(LAP), aperture);
    }

    /** The thinnest sticks the coop is made of, screwed on. */
    Mending battens(Length along) {
        Optional<StickPart> thin =
                coop.parts().stream()
                        .filter(p -> p instanceof StickPart)
                        .map(p -> (StickPart) p)
                        .min(
                                Comparator.<StickPart>comparingDouble(
                                                s ->
                                                        s.section().thickness().toMm()
                                                                * s.section().width().toMm())
                                        .thenComparing(StickPart::mark));
        if (thin.isEmpty()) {
            return Mending.NONE;
        }
        List<Part> parts = new ArrayList<>();
        for (Length length : lengths(along)) {
            parts.add(
                    new StickPart(
                            MARK + (parts.size() + 1),
                            thin.get().role(),
                            thin.get().section(),
                            length,
                            Angle.ZERO,
                            Angle.ZERO,
                            thin.get().solid()));
        }
        int screws = (int) Math.ceil(along.ratio(SCREWS_APART)) + parts.size();
        return new Mending(parts, Map.of(Hardware.Kind.SCREWS, screws));
    }

    private static List<Length> lengths(Length along) {
        int pieces = (int) Math.ceilDiv(along.nm(), LONGEST.nm());
        List<Length> lengths = new ArrayList<>();
        for (int n = 0; n < pieces; n++) {
            lengths.add(along.dividedBy(pieces));
        }
        return lengths;
    }

    /** One more latch for each leaf. */
    static Mending latches(int leaves) {
        return new Mending(List.of(), Map.of(Hardware.Kind.LATCHES, leaves));
    }
}
