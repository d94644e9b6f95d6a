package reliqua.core.fit;

import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/** What the houses of a search can be compared by. */
public enum FitAxis {
    BILL,
    ROOM,
    WEIGHT,
    PIECES,
    BOUGHT;

    /** A figure that grows with it; none is below zero. */
    public double of(FitResult.Tried house) {
        return switch (this) {
            case BILL -> house.cost().amount();
            case ROOM -> house.floor().toSquareMetres();
            case WEIGHT -> house.weight().toKilograms();
            case PIECES -> house.pieces();
            case BOUGHT -> house.bought();
        };
    }

    /** The same in the keeper's units. */
    public String words(FitResult.Tried house, Tape tape) {
        return switch (this) {
            case BILL -> tape.say(house.cost());
            case ROOM -> tape.say(house.floor());
            case WEIGHT -> tape.say(house.weight());
            case PIECES -> Words.say("axis.pieces", house.pieces());
            case BOUGHT -> Words.say("axis.bought", Math.round(house.bought() * 100));
        };
    }

    /** Its name, in small letters. */
    public String title() {
        return Words.say("axis." + name());
    }
}
