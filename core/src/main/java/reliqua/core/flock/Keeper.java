package reliqua.core.flock;

import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;

/**
 * The person who builds and keeps, and what the place allows.
 *
 * @param height the keeper's own height
 * @param tape how lengths are read and money is written
 * @param budget what may be spent
 * @param kerf of the saw at hand
 * @param mostWidth outer width the place allows, if limited
 * @param mostDepth outer depth the place allows, if limited
 * @param mostHeight height the place allows, if limited
 */
public record Keeper(
        Length height,
        Tape tape,
        Money budget,
        Length kerf,
        Optional<Length> mostWidth,
        Optional<Length> mostDepth,
        Optional<Length> mostHeight) {
    /** Kerf of a circular saw, the commonest powered saw in a yard. */
    public static final Length CIRCULAR_SAW = Length.mm(3);

    /** A keeper of middling height with a circular saw and no limits. */
    public static Keeper with(Tape tape) {
        return new Keeper(
                Length.mm(1700),
                tape,
                Money.of(60),
                CIRCULAR_SAW,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public Keeper withBudget(Money other) {
        return new Keeper(height, tape, other, kerf, mostWidth, mostDepth, mostHeight);
    }

    public Keeper withKerf(Length other) {
        return new Keeper(height, tape, budget, other, mostWidth, mostDepth, mostHeight);
    }

    /** With a limit on the outer width, or none. */
    public Keeper withMostWidth(Optional<Length> most) {
        return new Keeper(height, tape, budget, kerf, most, mostDepth, mostHeight);
    }

    /** With a limit on the outer depth, or none. */
    public Keeper withMostDepth(Optional<Length> most) {
        return new Keeper(height, tape, budget, kerf, mostWidth, most, mostHeight);
    }

    /** With a limit on the height, or none. */
    public Keeper withMostHeight(Optional<Length> most) {
        return new Keeper(height, tape, budget, kerf, mostWidth, mostDepth, most);
    }
}
