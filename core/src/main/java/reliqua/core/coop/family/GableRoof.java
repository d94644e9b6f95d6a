package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Section;

/**
 * Two planes that fall to front and back from a ridge board along the middle, each a {@link
 * SingleSlope} with its own depth zero under the ridge. Ties across every pair of rafters but those
 * of the gables, a third of the way up, keep the plates from being pushed apart; a cap of two
 * boards covers the ridge.
 */
final class GableRoof implements HouseRoof {
    /** Ties in the lower third of the rise hold; higher ones do little. */
    static final int TIE_UP = 3;

    private final SingleSlope half;
    private final Length middle;
    private final Length rise;
    private final Section tie;
    private final Length ridgeStep;

    /**
     * A gable.
     *
     * @param width outer, along the plates
     * @param depth outer, from plate to plate
     * @param plates top of both plates
     * @param rise from the plates to the underside of the rafters at the ridge
     */
    GableRoof(
            Length width,
            Length depth,
            Length overhang,
            Length plates,
            Length rise,
            Length cladding,
            Length floor,
            Needs needs,
            Choices choices) {
        this.tie = choices.section(Choices.Group.WALLS);
        this.middle = depth.half();
        this.rise = rise;
        boolean inches = UnitSystem.ofStep(choices.step()) == UnitSystem.INCHES;
        this.ridgeStep = inches ? Length.inches(1, 4) : Length.mm(5);
        Length board = choices.section(Choices.Group.RAFTERS).thickness();
        this.half =
                new SingleSlope(
                        width,
                        middle,
                        overhang,
                        plates.plus(rise),
                        plates,
                        tie.width(),
                        cladding,
                        floor,
                        needs,
                        choices,
                        Optional.of(new SingleSlope.Head(board.half(), board.half(), Length.ZERO)),
                        Optional.empty(),
                        false,
                        false);
    }

    @Override
    public void check() throws Unbuildable {
        half.check();
        Length apart = half.depth().minus(half.seat());
        Unbuildable.unless(rise.atMost(apart), Sum.of("family.steep", rise, apart));
    }

    private Length fromRidge(Length y) {
        return y.minus(middle).abs();
    }

    /** Level under the ridge board, which reaches a little below the rafters. */
    @Override
    public Length rafterBottom(Length y) {
        Length out = fromRidge(y);
        return out.atMost(half.head()) ? ridgeTop().minus(ridgeDepth()) : half.rafterBottom(out);
    }

    private Length ridgeTop() {
        return half.rafterTop(half.head());
    }

    /** Level over the ridge board, which is as high as the rafters that stand against it. */
    @Override
    public Length rafterTop(Length y) {
        return half.rafterTop(fromRidge(y).max(half.head()));
    }

    @Override
    public Angle pitch() {
        return half.pitch();
    }

    @Override
    public List<Length> bends() {
        return List.of(middle.minus(half.head()), middle.plus(half.head()));
    }

    @Override
    public Area eaveVents() {
        return half.eaveVents().times(2);
    }

    @Override
    public Length tie() {
        return half.backTop().plus(rise.dividedBy(TIE_UP));
    }

    @Override
    public Length walking() {
        return tie();
    }

    private PartsBook front(PartsBook book) {
        return book.from(true, middle);
    }

    private PartsBook back(PartsBook book) {
        return book.from(false, middle);
    }

    @Override
    public void frame(PartsBook book) {
        Length h = half.head();
        Length top = ridgeTop();
        Length bottom = top.minus(ridgeDepth());
        Section rafter = half.rafter();
        book.stick(
                Role.RIDGE_BOARD,
                Section.of(rafter.thickness(), top.minus(bottom)),
                half.width(),
                Solid.box(Length.ZERO, half.width(), middle.minus(h), middle.plus(h), bottom, top));
        half.frame(back(book));
        half.frame(front(book));
        ties(book);
    }

    /** No less than the cut ends of the rafters, in a measure one finds or rips to. */
    private Length ridgeDepth() {
        return half.rafterUpright().ceilTo(ridgeStep);
    }

    private void ties(PartsBook book) {
        Length z1 = tie().plus(tie.width());
        Length out =
                new Length(Math.round(half.rafterTop(Length.ZERO).minus(z1).nm() / half.slope()));
        List<Length> rafters = half.rafterEdges();
        for (Length x : rafters.subList(1, rafters.size() - 1)) {
            Length side = x.plus(half.rafter().thickness());
            book.stick(
                    Role.COLLAR_TIE,
                    tie,
                    out.times(2),
                    Solid.box(
                            side,
                            side.plus(tie.thickness()),
                            middle.minus(out),
                            middle.plus(out),
                            tie(),
                            z1));
        }
    }

    @Override
    public void cover(PartsBook book) {
        half.cover(back(book));
        half.cover(front(book));
        new RoofBuilder(half, back(book)).cap();
        new RoofBuilder(half, front(book)).cap();
    }

    @Override
    public void vents(PartsBook book, Length strip, Length plate) {
        half.vents(back(book), strip, plate);
        half.vents(front(book), strip, plate);
    }
}
