package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Bars from side to side in the back of a room, resting on ledgers along its sides, never on a
 * skin.
 *
 * @param room they are in
 * @param bars how many
 * @param bar their section, laid flat
 * @param ledger section of what they rest on, on edge
 * @param ledgerFrom where the ledgers begin, before the foremost bar
 * @param ledgerTop underside of the bars
 * @param spacing from bar to bar, and from the wall to the first
 * @param ledgers which sides have one; on the other the bars rest on a rail that is there
 * @param footing middles of what alone in the floor carries a post; anything does where none is
 *     named
 */
record RoostBuilder(
        Room room,
        int bars,
        Section bar,
        Section ledger,
        Length ledgerFrom,
        Length ledgerTop,
        Length spacing,
        Ledgers ledgers,
        List<Length> footing) {
    /** Sides with a ledger. */
    record Ledgers(boolean left, boolean right) {
        static final Ledgers BOTH = new Ledgers(true, true);
        static final Ledgers LEFT = new Ledgers(true, false);
        static final Ledgers RIGHT = new Ledgers(false, true);
    }

    /** On two ledgers. */
    RoostBuilder(
            Room room,
            int bars,
            Section bar,
            Section ledger,
            Length ledgerFrom,
            Length ledgerTop,
            Length spacing) {
        this(room, bars, bar, ledger, ledgerFrom, ledgerTop, spacing, Ledgers.BOTH);
    }

    /** With posts wherever they are even. */
    RoostBuilder(
            Room room,
            int bars,
            Section bar,
            Section ledger,
            Length ledgerFrom,
            Length ledgerTop,
            Length spacing,
            Ledgers ledgers) {
        this(room, bars, bar, ledger, ledgerFrom, ledgerTop, spacing, ledgers, List.of());
    }

    /** The same with posts that stand on these alone. */
    RoostBuilder postsOn(List<Length> middles) {
        return new RoostBuilder(
                room, bars, bar, ledger, ledgerFrom, ledgerTop, spacing, ledgers, middles);
    }

    /** Bars reach no further from one bearing to the next. */
    static final Length FARTHEST = Length.mm(1150);

    /** A post that must stand on a joist is so far off where it would else be. */
    private static final Length OFF_JOIST = Length.mm(235);

    /** How many bars of a room give so much roost. */
    static int bars(Room room, Needs needs) {
        return (int) Math.ceilDiv(needs.roost().nm(), room.width().nm());
    }

    /** Middle of a bar, counted from the back wall. */
    Length at(int n) {
        return room.y1().minus(spacing.times(n + 1L));
    }

    /** Foremost edge of the bars. */
    Length front() {
        return at(bars - 1).minus(bar.width().half());
    }

    Length top() {
        return ledgerTop.plus(bar.thickness());
    }

    /** Length of all bars. */
    Length length() {
        return room.width().times(bars);
    }

    void build(PartsBook book) throws Unbuildable {
        check();
        ledgers(book);
        for (int n = 0; n < bars; n++) {
            bar(book, n);
            Length y0 = at(n).minus(bar.width().half());
            posts(book, y0, y0.plus(bar.width()));
        }
    }

    private void ledgers(PartsBook book) {
        Length thick = ledger.thickness();
        List<Length> sides = new ArrayList<>();
        if (ledgers.left()) {
            sides.add(room.x0());
        }
        if (ledgers.right()) {
            sides.add(room.x1().minus(thick));
        }
        for (Length x : sides) {
            book.stick(
                    Role.ROOST_LEDGER,
                    ledger,
                    room.y1().minus(ledgerFrom),
                    Solid.box(
                            x,
                            x.plus(thick),
                            ledgerFrom,
                            room.y1(),
                            ledgerTop.minus(ledger.width()),
                            ledgerTop));
        }
    }

    /** Whether the bars find room. */
    void check() throws Unbuildable {
        Unbuildable.unless(
                at(bars - 1).minus(room.y0()).atLeast(spacing),
                Sum.of("family.roosts", bars, room.depth()));
    }

    /** One of the bars. */
    void bar(PartsBook book, int n) {
        Length y0 = at(n).minus(bar.width().half());
        book.stick(
                Role.ROOST_BAR,
                bar,
                room.width(),
                Solid.box(room.x0(), room.x1(), y0, y0.plus(bar.width()), ledgerTop, top()));
    }

    /**
     * A bar that spans too far would sag under birds shoulder to shoulder; posts on the floor halve
     * the span.
     */
    private void posts(PartsBook book, Length y0, Length y1) {
        Length farthest = footing.isEmpty() ? FARTHEST : FARTHEST.minus(OFF_JOIST);
        int fields = (int) Math.ceilDiv(room.width().nm(), farthest.nm());
        Length thick = bar.thickness();
        for (int n = 1; n < fields; n++) {
            Length even = room.x0().plus(room.width().times(n).dividedBy(fields));
            Length middle =
                    footing.stream()
                            .min(Comparator.comparing(x -> x.minus(even).abs()))
                            .orElse(even);
            Length x = middle.minus(thick.half());
            book.stick(
                    Role.ROOST_POST,
                    bar,
                    ledgerTop.minus(room.floor()),
                    Solid.box(x, x.plus(thick), y0, y1, room.floor(), ledgerTop));
        }
    }
}
