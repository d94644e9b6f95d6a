package reliqua.core.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import reliqua.core.measure.Length;

/**
 * What a pallet is expected to give when it is broken down. Pried apart, boards keep their length
 * but some split; sawn beside the bearers, none split but every board loses its ends and keeps
 * nails in the middle, which are cut round. Bearers keep their notches.
 *
 * @param way how it is broken down
 * @param boards whole deck boards to expect
 * @param board one of them
 * @param bearers bearers to expect
 * @param bearer one of them
 * @param minutes of work
 */
public record PalletYield(
        Way way, int boards, Stick board, int bearers, Stick bearer, int minutes) {
    /** How a pallet is broken down. */
    public enum Way {
        PRIED,
        SAWN
    }

    /** One board in seven splits when pried (10 to 20 percent). */
    private static final int PRIED_OF_A_HUNDRED = 85;

    private static final int PRIED_MINUTES = 20;
    private static final int SAWN_MINUTES = 7;

    /** Sawn beside the outer bearers, a board loses so much at both ends together. */
    private static final Length SAWN_LOSS = Length.mm(100);

    /** Nails stand about so far around the middle of a bearer. */
    private static final Length NAIL_ZONE = Length.mm(38);

    /** Fork notches: so long, so far from each end. */
    private static final Length NOTCH = Length.mm(230);

    private static final Length NOTCH_FROM_END = Length.mm(230);

    /** Every stick to expect, boards first. */
    public List<Stick> sticks() {
        List<Stick> sticks = new ArrayList<>(Collections.nCopies(boards, board));
        sticks.addAll(Collections.nCopies(bearers, bearer));
        return List.copyOf(sticks);
    }

    /** The yield of one pallet. */
    public static PalletYield of(Pallet pallet, Way way) {
        int sound = pallet.deck().count() - pallet.broken();
        boolean pried = way == Way.PRIED;
        int boards = pried ? sound * PRIED_OF_A_HUNDRED / 100 : sound;
        Length length = pried ? pallet.width() : pallet.width().minus(SAWN_LOSS);
        return new PalletYield(
                way,
                boards,
                board(pallet, length, pried),
                pallet.bearers().count(),
                bearer(pallet),
                pried ? PRIED_MINUTES : SAWN_MINUTES);
    }

    /** Nails stay in the middle when sawn; pried boards have holes at each bearer. */
    private static Stick board(Pallet pallet, Length length, boolean pried) {
        List<Flaw> flaws = new ArrayList<>();
        Length middle = length.half();
        flaws.add(new Flaw(Flaw.Kind.NAILS, middle.minus(NAIL_ZONE), middle.plus(NAIL_ZONE)));
        if (pried) {
            flaws.add(new Flaw(Flaw.Kind.NAILS, Length.ZERO, NAIL_ZONE));
            flaws.add(new Flaw(Flaw.Kind.NAILS, length.minus(NAIL_ZONE), length));
        }
        return new Stick(pallet.deck().section(), length, flaws, Warp.NONE, Treatment.UNTREATED);
    }

    private static Stick bearer(Pallet pallet) {
        Length length = pallet.length();
        List<Flaw> notches = new ArrayList<>();
        if (pallet.kind() == Pallet.Kind.STRINGER
                && length.atLeast(NOTCH.plus(NOTCH_FROM_END).times(2))) {
            notches.add(new Flaw(Flaw.Kind.NOTCH, NOTCH_FROM_END, NOTCH_FROM_END.plus(NOTCH)));
            Length far = length.minus(NOTCH_FROM_END);
            notches.add(new Flaw(Flaw.Kind.NOTCH, far.minus(NOTCH), far));
        }
        return new Stick(
                pallet.bearers().section(), length, notches, Warp.NONE, Treatment.UNTREATED);
    }
}
