package reliqua.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;

/**
 * Which parts of a coop the pieces cut so far serve. A piece goes where its mark says, if the part
 * there still has its shape; else to any part of that shape that has none; else it serves nothing.
 */
final class Served {
    private final Map<CutMade.Made, Part> byPiece = new IdentityHashMap<>();
    private final Set<String> marks = new HashSet<>();

    Served(Coop coop, List<CutMade> cuts) {
        List<CutMade.Made> made =
                cuts.stream()
                        .flatMap(c -> c.pieces().stream())
                        .flatMap(p -> p.made().stream())
                        .toList();
        Map<String, Part> byMark = new HashMap<>();
        coop.parts().forEach(p -> byMark.put(p.mark(), p));
        List<CutMade.Made> homeless = new ArrayList<>();
        for (CutMade.Made piece : made) {
            Part part = byMark.get(piece.mark());
            boolean fits = part != null && PartShape.isOf(part, piece.shape());
            if (fits && marks.add(part.mark())) {
                byPiece.put(piece, part);
            } else {
                homeless.add(piece);
            }
        }
        place(homeless, coop);
    }

    private void place(List<CutMade.Made> homeless, Coop coop) {
        Map<String, Deque<Part>> wanting = new HashMap<>();
        for (Part part : coop.parts()) {
            if (!marks.contains(part.mark())) {
                wanting.computeIfAbsent(PartShape.of(part), _ -> new ArrayDeque<>()).add(part);
            }
        }
        for (CutMade.Made piece : homeless) {
            Deque<Part> open = wanting.get(piece.shape());
            if (open != null && !open.isEmpty()) {
                Part part = open.removeFirst();
                marks.add(part.mark());
                byPiece.put(piece, part);
            }
        }
    }

    /** Whether a part need not be cut any more. */
    boolean has(Part part) {
        return marks.contains(part.mark());
    }

    /** The ticket of a cut, with the parts its pieces serve now; spoiled ones serve none. */
    Ticket ticket(CutMade cut, int number) {
        List<Ticket.Cut> cuts = new ArrayList<>();
        for (CutMade.Piece piece : cut.laid()) {
            List<Part> parts =
                    piece.made().stream().filter(byPiece::containsKey).map(byPiece::get).toList();
            cuts.add(
                    new Ticket.Cut(
                            parts,
                            piece.x(),
                            piece.y(),
                            piece.across(),
                            piece.along(),
                            piece.quarters()));
        }
        return new Ticket(cut.taken().id(), number, cut.bought(), cut.material(), cuts);
    }

    /** The parts that no piece serves. */
    List<Part> wanted(Coop coop) {
        return coop.parts().stream().filter(p -> !has(p)).toList();
    }
}
