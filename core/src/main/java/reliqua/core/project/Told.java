package reliqua.core.project;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import reliqua.core.cutting.CutMade;
import reliqua.core.stock.Lot;

/**
 * One line of the story of a build, from the first cut on. The story only grows: undo takes a cut
 * back and tells so, but never the line that tells of the cut.
 *
 * @param at when
 * @param what happened
 * @param thing id of the lot or offer it happened to
 * @param marks of the pieces it is about; empty where it is about the whole thing
 */
public record Told(LocalDateTime at, What what, String thing, List<String> marks) {
    /** What can happen. */
    public enum What {
        /** A ticket was cut. */
        CUT,
        /** Pieces of it came out wrong. */
        SPOILED,
        /** Not cut after all. */
        TAKEN_BACK,
        /** Pieces that served nothing any more went to the heap. */
        TO_HEAP,
        /** Something new came onto the heap while the saw was at work. */
        CAME_IN
    }

    /** Copies the list. */
    public Told {
        marks = List.copyOf(marks);
    }

    /** What a change of the project tells; nothing before the first cut. */
    static List<Told> between(Project before, Project after, LocalDateTime at) {
        List<Told> told = new ArrayList<>();
        List<CutMade> gone = less(before.cuts(), after.cuts());
        List<CutMade> come = less(after.cuts(), before.cuts());
        for (CutMade cut : List.copyOf(come)) {
            gone.stream()
                    .filter(g -> g.taken().equals(cut.taken()) && g.back().equals(cut.back()))
                    .findFirst()
                    .ifPresent(
                            was -> {
                                gone.remove(was);
                                come.remove(cut);
                                Set<String> marks = new TreeSet<>(marks(was));
                                marks.removeAll(marks(cut));
                                told.add(new Told(at, What.TO_HEAP, id(cut), List.copyOf(marks)));
                            });
        }
        gone.forEach(cut -> told.add(new Told(at, What.TAKEN_BACK, id(cut), marks(cut))));
        for (CutMade cut : come) {
            told.add(new Told(at, What.CUT, id(cut), marks(cut)));
            if (!cut.spoiled().isEmpty()) {
                told.add(new Told(at, What.SPOILED, id(cut), cut.spoiled()));
            }
        }
        if (told.isEmpty() && !after.cuts().isEmpty()) {
            arrivals(before, after)
                    .forEach(l -> told.add(new Told(at, What.CAME_IN, l, List.of())));
        }
        return told;
    }

    private static String id(CutMade cut) {
        return cut.taken().id();
    }

    private static List<String> marks(CutMade cut) {
        return cut.pieces().stream().map(CutMade.Piece::marks).toList();
    }

    private static List<CutMade> less(List<CutMade> all, List<CutMade> some) {
        List<CutMade> rest = new ArrayList<>(all);
        some.forEach(rest::remove);
        return rest;
    }

    private static List<String> arrivals(Project before, Project after) {
        Set<String> known = new HashSet<>(before.heap().lots().stream().map(Lot::id).toList());
        return after.heap().lots().stream().map(Lot::id).filter(id -> !known.contains(id)).toList();
    }
}
