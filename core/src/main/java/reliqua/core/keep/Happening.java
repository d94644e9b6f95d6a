package reliqua.core.keep;

import java.util.Optional;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Money;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;

/** What a line of the logbook is about. Money of nothing means that no price was told. */
public sealed interface Happening {
    /** Most eggs of one line: a slip of the finger is more likely above. */
    int MOST_EGGS = 1000;

    /** Why a bird is gone. */
    enum Cause {
        PREDATOR,
        ILLNESS,
        AGE,
        UNKNOWN
    }

    /** Whether it tells that birds live in the coop; what is bought or noted before does not. */
    default boolean isOfUse() {
        return switch (this) {
            case Paid _, Weather _, Seen _, Note _, NextTime _ -> false;
            default -> true;
        };
    }

    /** Eggs collected, some of them cracked or soft. */
    record Eggs(int count, int cracked) implements Happening {
        /** Refuses counts that cannot be. */
        public Eggs {
            if (count < 0 || count > MOST_EGGS || cracked < 0 || cracked > count) {
                throw new IllegalArgumentException(
                        reliqua.core.measure.Words.say("log.eggs.count", count, cracked));
            }
        }
    }

    /** Feed put out or brought in; a bag is told once. */
    record Fed(Weight feed, Money cost) implements Happening {}

    /** Water carried. */
    record Watered(Volume water) implements Happening {}

    /** Bales or bags of bedding. */
    record Bedding(int bales, Money cost) implements Happening {}

    /** Money spent on something else. */
    record Paid(String what, Money cost) implements Happening {}

    /** Money taken for eggs. */
    record Sold(int eggs, Money taken) implements Happening {}

    /** Birds lost. */
    record Lost(Birds birds, String who, Cause cause, Optional<Predator> animal)
            implements Happening {}

    /** Birds that came. */
    record Joined(Birds birds, Money cost) implements Happening {}

    /** Birds that were sold, given away or eaten. */
    record Left(Birds birds, Money taken) implements Happening {}

    /** Something mended. */
    record Mended(String what, int minutes, Money cost) implements Happening {}

    /** Work that comes up again and again. */
    record Worked(Chore chore, int minutes) implements Happening {}

    /** Weather worth noting; the coldest and the hottest where they were told. */
    record Weather(Optional<Temperature> low, Optional<Temperature> high, String what)
            implements Happening {}

    /** An animal, or its traces; an attack when it tried to come in. */
    record Seen(Optional<Predator> animal, boolean attack, String what) implements Happening {}

    /** Anything else. */
    record Note(String text) implements Happening {}

    /** What the keeper would do otherwise in the next coop. */
    record NextTime(String text) implements Happening {}
}
