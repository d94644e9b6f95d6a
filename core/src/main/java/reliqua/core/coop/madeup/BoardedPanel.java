package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * A wall panel of upright boards, real widths mixed to fill it, with battens over the gaps and
 * blocking between the studs to nail to.
 */
final class BoardedPanel implements Maker {
    private static final Length NAILERS_APART = Length.mm(900);
    private static final Section PLAIN_BATTEN = Section.mm(19, 38);
    private static final int MINUTES_A_BOARD = 5;

    private final Coop coop;
    private final Supply supply;

    BoardedPanel(Coop coop, Supply supply) {
        this.coop = coop;
        this.supply = supply;
    }

    private Optional<Flat> wall(Part part) {
        return Flat.of(part, coop).filter(f -> f.up() == Axis.Z);
    }

    @Override
    public List<Seam> options(Part part) {
        return wall(part)
                .map(
                        flat ->
                                Cladding.seams(
                                        part,
                                        Seam.Kind.BOARDED,
                                        flat.panel().thickness(),
                                        flat.panel().height(),
                                        supply,
                                        boards ->
                                                BoardFill.of(
                                                        flat.right().minus(flat.left()), boards)))
                .orElse(List.of());
    }

    @Override
    public Optional<MadeUp> make(Part part, Seam seam) {
        return wall(part).filter(_ -> seam.at().size() > 2).flatMap(flat -> made(flat, seam));
    }

    private Optional<MadeUp> made(Flat flat, Seam seam) {
        Length thickness = seam.at().getFirst();
        List<Length> widths = seam.at().subList(1, seam.at().size());
        Length sum = widths.stream().reduce(Length.ZERO, Length::plus);
        Length rest = flat.right().minus(flat.left()).minus(sum);
        if (rest.nm() < 0) {
            return Optional.empty();
        }
        List<Part> parts = new ArrayList<>();
        List<Length> gaps = new ArrayList<>();
        Length at = flat.left();
        for (int i = 0; i < widths.size(); i++) {
            Length to = at.plus(widths.get(i));
            Optional<Solid> solid = flat.panel().solid().between(flat.across(), at, to);
            if (solid.isEmpty()) {
                return Optional.empty();
            }
            Section section = Section.of(thickness, widths.get(i));
            parts.add(stick(flat, Role.BOARD, section, at, to, solid.get(), parts.size()));
            // What is left over is shared out to a nanometre, so that the last board ends true.
            Length gap = rest.times(i + 1L).dividedBy(widths.size() - 1L).plus(sumOf(widths, i));
            at = flat.left().plus(gap);
            gaps.add(to.plus(at.minus(to).half()));
        }
        battens(flat, gaps.subList(0, gaps.size() - 1), parts);
        nailers(flat, parts);
        return Optional.of(new MadeUp(seam, parts, parts.size() * MINUTES_A_BOARD));
    }

    private static Length sumOf(List<Length> widths, int upTo) {
        return widths.subList(0, upTo + 1).stream().reduce(Length.ZERO, Length::plus);
    }

    /** An upright stick, cut on the slope where the wall is. */
    private static Part stick(
            Flat flat, Role role, Section section, Length from, Length to, Solid solid, int n) {
        Length height = flat.heightAt(from).max(flat.heightAt(to));
        Length fall = flat.heightAt(from).minus(flat.heightAt(to));
        Angle top =
                flat.panel().lowSide().isEmpty()
                        ? Angle.ZERO
                        : Angle.ofSlope(fall.max(fall.negated()), to.minus(from));
        return new Part.StickPart(
                MadeUp.mark(flat.panel(), n), role, section, height, Angle.ZERO, top, solid);
    }

    private void battens(Flat flat, List<Length> gaps, List<Part> parts) {
        Section batten = batten();
        Length half = batten.width().half();
        Bounds b = flat.panel().solid().bounds();
        Length out = flat.panel().thickness();
        for (Length gap : gaps) {
            Length from = gap.minus(half).max(flat.left());
            Length to = gap.plus(half).min(flat.right());
            flat.panel()
                    .solid()
                    .between(flat.across(), from, to)
                    .map(s -> outwards(s, b, flat.across(), out))
                    .ifPresent(
                            s ->
                                    parts.add(
                                            stick(
                                                    flat,
                                                    Role.COVER_BATTEN,
                                                    batten,
                                                    from,
                                                    to,
                                                    s,
                                                    parts.size())));
        }
    }

    private Section batten() {
        return coop.parts().stream()
                .filter(p -> p.role() == Role.POP_GUIDE && p instanceof Part.StickPart)
                .map(p -> ((Part.StickPart) p).section())
                .findFirst()
                .orElse(PLAIN_BATTEN);
    }

    private Solid outwards(Solid solid, Bounds b, Axis across, Length by) {
        if (across == Axis.X) {
            boolean front = b.y0().compareTo(coop.measures().depth().half()) < 0;
            return solid.shifted(Length.ZERO, front ? by.negated() : by, Length.ZERO);
        }
        boolean left = b.x0().compareTo(coop.measures().width().half()) < 0;
        return solid.shifted(left ? by.negated() : by, Length.ZERO, Length.ZERO);
    }

    /** Rows of blocking between the bottom and the lower end of the top. */
    private static void nailers(Flat flat, List<Part> parts) {
        Length studs =
                flat.ribs().stream().map(Bounds::z0).reduce(Length::max).orElse(flat.bottom());
        Length top = flat.bottom().plus(flat.panel().lowSide().orElse(flat.panel().height()));
        Length run = top.minus(studs);
        int rows = (int) Math.max(0, Math.ceilDiv(run.nm(), NAILERS_APART.nm()) - 1);
        for (int row = 1; row <= rows; row++) {
            TiledPanel.blocking(flat, studs.plus(run.times(row).dividedBy(rows + 1L)), parts);
        }
    }
}
