package reliqua.core.coop.family;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * A kind of coop: the rule that turns a few lengths and choices into parts. A new one is one class,
 * an entry in {@link Families}, its words ({@code family.ID}, {@code dimension.KEY}) and its tests.
 */
public interface CoopFamily {
    /** Its name in files and in the keys of words. */
    String id();

    /** The keys of its lengths, in the order in which a keeper would name them. */
    List<String> keys();

    /**
     * Draws it up.
     *
     * @throws Unbuildable when the lengths or choices do not make one
     */
    Coop build(DesignSpec spec, Brief brief) throws Unbuildable;

    /**
     * A design of this outer width and depth; all else as one would by habit, and as low as birds,
     * keeper and pitch allow.
     *
     * @param held lengths that stay as they are, by key
     */
    DesignSpec sized(
            Choices choices, Brief brief, Map<String, Length> held, Length width, Length depth);

    /** The same with the lengths that follow from others set anew, except those that are held. */
    DesignSpec settled(DesignSpec spec, Brief brief, Map<String, Length> held);

    /** What boards and sheets are turned into along the front. */
    Side width(Choices choices);

    /** What boards and sheets are turned into from front to back. */
    Side depth(Choices choices);

    /** The smallest section that does the work of a group in this family. */
    default Section least(Choices.Group group) {
        return group.least();
    }

    /** The other outer side that gives the floor the birds need. */
    Length leastOther(Length side, Choices choices, Brief brief);

    /** Whether it is a pen that goes to fresh ground every day; else it stays where it stands. */
    default boolean moved() {
        return false;
    }

    /** Groups of sticks only some kinds have in their own frame, not in what is built on. */
    default Set<Choices.Group> ownGroups() {
        return Set.of();
    }

    /** Groups of sticks it is made of, bare. */
    default Set<Choices.Group> groups() {
        Set<Choices.Group> all = EnumSet.allOf(Choices.Group.class);
        all.removeAll(EnumSet.of(Choices.Group.RUN, Choices.Group.BOARDS));
        all.addAll(ownGroups());
        return all;
    }

    /** What can be built on to one. */
    Set<AddOn> addOns();

    /** What used whole decides its sizes, if anything does. */
    default Optional<Finds.Kind> builtOf() {
        return Optional.empty();
    }

    /** What odd things there is a place for, whatever is built on. */
    default Set<FoundPart.Use> places() {
        return Set.of();
    }

    /** Places in which something must be for it to be built at all. */
    default Set<FoundPart.Use> musts() {
        return Set.of();
    }

    /** What its walls can be closed with, the usual first. */
    default List<Choices.Cladding> claddings() {
        return List.of(Choices.Cladding.SHEETS);
    }

    /** Lengths that may be changed by themselves, with what is worth trying. */
    List<FreeLength> free(Choices choices);

    /**
     * An outer side.
     *
     * @param least worth trying
     * @param most worth trying
     * @param groups members that run along it
     * @param less how much shorter than the side the shorter ones of them are
     * @param only the only sizes there are, where whole things decide; else none
     */
    record Side(
            Length least, Length most, List<Choices.Group> groups, Length less, List<Length> only) {
        /** Of any size. */
        Side(Length least, Length most, List<Choices.Group> groups, Length less) {
            this(least, most, groups, less, List.of());
        }

        /** Copies the list. */
        public Side {
            groups = List.copyOf(groups);
            only = List.copyOf(only);
        }
    }

    /** A length that may be changed by itself. */
    sealed interface FreeLength {
        String key();

        /**
         * Shorter by {@code less} than a piece of a group that uses up its sticks.
         *
         * @param least of the length
         * @param most of the length
         */
        record OfPieces(String key, Choices.Group group, Length less, Length least, Length most)
                implements FreeLength {}

        /** One of these. */
        record OneOf(String key, List<Length> values) implements FreeLength {
            /** Copies the list. */
            public OneOf {
                values = List.copyOf(values);
            }
        }
    }
}
