package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** What is left of a thing when its pieces are cut out, as far as it is worth keeping. */
public final class Offcuts {
    /** Shorter sticks and strips only make blocks; they are burnt. */
    private static final Length SHORTEST = Length.mm(300);

    private Offcuts() {}

    /**
     * The off-cuts.
     *
     * @param ticket all its cuts count: a piece that came out wrong is lost too
     * @param kerf lost beside each piece
     */
    public static List<Material> of(Ticket ticket, Length kerf) {
        return switch (ticket.material()) {
            case Stick s ->
                    stretches(ticket, s.length(), kerf).stream()
                            .map(r -> s.part(r[0], r[1]))
                            .filter(p -> p.longestClear().atLeast(SHORTEST))
                            .map(Material.class::cast)
                            .toList();
            case Roofing r ->
                    stretches(ticket, r.length(), Length.ZERO).stream()
                            .map(at -> (Material) r.part(at[0], at[1]))
                            .toList();
            case Sheet s ->
                    new LeftOfSheet(s.width(), s.length(), s.barred(), kerf)
                            .after(ticket.cuts()).stream().map(b -> (Material) rest(s, b)).toList();
            case Mesh m ->
                    new LeftOfSheet(m.width(), m.length(), List.of(), Length.ZERO)
                            .after(ticket.cuts()).stream()
                                    .map(
                                            b ->
                                                    (Material)
                                                            new Mesh(
                                                                    m.kind(),
                                                                    m.aperture(),
                                                                    b.width(),
                                                                    b.length()))
                                    .toList();
            case Pole p ->
                    stretches(ticket, p.length(), kerf).stream()
                            .map(at -> (Material) p.part(at[0], at[1]))
                            .toList();
            case Pallet p -> stub(ticket, p, kerf);
            case FoundPart _, Block _, Hardware _ -> List.of();
        };
    }

    /** Bearers of the end of a pallet that is sawn down; one that is used whole leaves nothing. */
    private static List<Material> stub(Ticket ticket, Pallet pallet, Length kerf) {
        boolean sawn =
                ticket.cuts().stream()
                        .flatMap(c -> c.parts().stream())
                        .anyMatch(p -> p instanceof Part.WholePart w && w.sawnTo().isPresent());
        Length end = ticket.cuts().stream().map(Ticket.Cut::end).reduce(Length.ZERO, Length::max);
        Length rest = pallet.length().minus(end).minus(kerf);
        if (!sawn || rest.compareTo(SHORTEST) < 0) {
            return List.of();
        }
        Stick bearer = Stick.sound(pallet.bearers().section(), rest);
        return List.copyOf(Collections.nCopies(pallet.bearers().count(), bearer));
    }

    /**
     * A piece as it lies there, as material for something else. A bevel takes a stick's width off
     * each end at most; what is left of a sloped panel is for the keeper to measure.
     */
    public static Optional<Material> piece(Material whole, CutMade.Piece piece) {
        Length end = piece.x().plus(piece.across());
        return switch (whole) {
            case Stick s -> {
                Length off = piece.square() ? Length.ZERO : s.section().width();
                yield Optional.of(s)
                        .filter(_ -> piece.across().minus(off.times(2)).atLeast(SHORTEST))
                        .map(_ -> s.part(piece.x().plus(off), end.minus(off)));
            }
            case Roofing r -> Optional.of(r.part(piece.x(), end));
            case Sheet s ->
                    Optional.of(
                                    new Sheet(
                                            s.kind(),
                                            s.thickness(),
                                            piece.across(),
                                            piece.along(),
                                            List.of()))
                            .filter(_ -> piece.square())
                            .map(Material.class::cast);
            case Mesh m ->
                    Optional.of(new Mesh(m.kind(), m.aperture(), piece.across(), piece.along()));
            case Pole p -> Optional.of(p.part(piece.x(), end));
            case Pallet _, FoundPart _, Block _, Hardware _ -> Optional.empty();
        };
    }

    private static Sheet rest(Sheet s, FlawArea box) {
        return new Sheet(
                s.kind(),
                s.thickness(),
                box.width(),
                box.length(),
                s.grain(),
                Optional.empty(),
                List.of());
    }

    private static List<Length[]> stretches(Ticket ticket, Length whole, Length kerf) {
        List<Length[]> free = new ArrayList<>();
        Length at = Length.ZERO;
        List<Ticket.Cut> cuts =
                ticket.cuts().stream().sorted(Comparator.comparing(Ticket.Cut::x)).toList();
        for (Ticket.Cut cut : cuts) {
            add(free, at, cut.x().minus(kerf));
            at = cut.end().plus(kerf);
        }
        add(free, at, whole);
        return free;
    }

    private static void add(List<Length[]> free, Length from, Length to) {
        if (to.minus(from).atLeast(SHORTEST)) {
            free.add(new Length[] {from, to});
        }
    }
}
