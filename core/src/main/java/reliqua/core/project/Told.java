package reliqua.core.project;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import reliqua.core.cutting.CutMade;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;

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
        /** Pieces of it came out wrong, or were spoiled later. */
        SPOILED,
        /** A flaw showed under the saw, and pieces were not cut out of it. */
        FLAWED,
        /** Not cut after all. */
        TAKEN_BACK,
        /** Spoiled pieces, or those that went to the heap, are pieces of the house again. */
        GOOD_AGAIN,
        /** Pieces that served nothing any more went to the heap. */
        TO_HEAP,
        /** A thing of the heap turned out otherwise than it was down as. */
        TURNED_OUT,
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
                                told.add(later(was, cut, at));
                            });
        }
        gone.forEach(cut -> told.add(of(What.TAKEN_BACK, cut, cut.pieces(), at)));
        come.forEach(cut -> told.addAll(cutting(cut, at)));
        if (told.isEmpty() && !after.cuts().isEmpty()) {
            told.addAll(onTheHeap(before, after, at));
        }
        return told;
    }

    private static Told of(
            What what, CutMade cut, Collection<CutMade.Piece> pieces, LocalDateTime at) {
        return new Told(
                at, what, cut.taken().id(), pieces.stream().map(CutMade.Piece::marks).toList());
    }

    private static List<Told> cutting(CutMade cut, LocalDateTime at) {
        List<Told> told = new ArrayList<>();
        told.add(of(What.CUT, cut, cut.pieces(), at));
        if (!cut.spoiled().isEmpty()) {
            told.add(of(What.SPOILED, cut, cut.spoiled(), at));
        }
        if (!cut.uncut().isEmpty()) {
            told.add(new Told(at, What.FLAWED, cut.taken().id(), cut.uncut()));
        }
        return told;
    }

    /** What became of pieces after they were cut. */
    private static Told later(CutMade was, CutMade now, LocalDateTime at) {
        List<CutMade.Piece> spoiled = less(now.spoiled(), was.spoiled());
        List<CutMade.Piece> good = less(now.pieces(), was.pieces());
        if (!spoiled.isEmpty()) {
            return of(What.SPOILED, now, spoiled, at);
        }
        return good.isEmpty()
                ? of(What.TO_HEAP, now, less(was.pieces(), now.pieces()), at)
                : of(What.GOOD_AGAIN, now, good, at);
    }

    private static <T> List<T> less(List<T> all, List<T> some) {
        List<T> rest = new ArrayList<>(all);
        some.forEach(rest::remove);
        return rest;
    }

    private static List<Told> onTheHeap(Project before, Project after, LocalDateTime at) {
        Map<String, Material> known =
                before.heap().lots().stream().collect(Collectors.toMap(Lot::id, Lot::material));
        boolean more = things(after) > things(before);
        return after.heap().lots().stream()
                .filter(l -> !l.material().equals(known.get(l.id())))
                .filter(l -> more || !known.containsValue(l.material()))
                .map(l -> new Told(at, what(l, known, more), l.id(), List.of()))
                .toList();
    }

    /** Where there are no more things than before, one is another than it was thought to be. */
    private static What what(Lot lot, Map<String, Material> known, boolean more) {
        return more && !known.containsKey(lot.id()) ? What.CAME_IN : What.TURNED_OUT;
    }

    private static int things(Project project) {
        return project.heap().lots().stream().mapToInt(Lot::quantity).sum();
    }
}
