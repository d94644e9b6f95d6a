package reliqua.core.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.FoundFlaws;
import reliqua.core.cutting.Offcuts;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Stick;

/** What happens at the saw, as changes of a project: cut, spoiled, taken back. */
public final class SawLog {
    private SawLog() {}

    /**
     * A ticket is cut: the thing leaves the heap, its pieces are kept, its off-cuts go back as lots
     * of their own, and so does what else was made of it. The same project when the thing is no
     * longer there.
     *
     * @param spoiled marks of pieces that came out wrong; they are wanted again
     */
    public static Project cut(Project project, Ticket ticket, Set<String> spoiled) {
        return cut(project, ticket, spoiled, ticket.material());
    }

    /**
     * The same, of a thing that showed a flaw under the saw. Pieces in the flaw are not cut out of
     * it: they are wanted again, and what lies sound about the flaw goes back with the rest.
     *
     * @param found the thing of the ticket with all its flaws
     */
    public static Project cut(Project project, Ticket ticket, Set<String> spoiled, Material found) {
        Optional<Lot> taken = thing(project, ticket);
        if (taken.isEmpty() || cutAlready(project, ticket)) {
            return project;
        }
        Heap heap = ticket.bought() ? project.heap() : project.heap().less(ticket.source());
        Lot.Provenance from = taken.get().provenance().cutFrom(ticket.source());
        Ticket clear = FoundFlaws.clear(ticket, found);
        List<CutMade.Back> back = new ArrayList<>();
        for (Map.Entry<Material, Integer> each : back(project, clear).entrySet()) {
            String id = cutId(project, heap, ticket.source());
            heap =
                    heap.plus(
                            new Lot(
                                    id,
                                    each.getValue(),
                                    each.getKey(),
                                    from,
                                    taken.get().condition()));
            back.add(new CutMade.Back(id, each.getValue()));
        }
        Map<Boolean, List<Ticket.Cut>> parted =
                clear.cuts().stream()
                        .collect(Collectors.partitioningBy(c -> spoiled.contains(c.marks())));
        CutMade made =
                new CutMade(
                        taken.get(),
                        ticket.bought(),
                        found,
                        CutMade.pieces(parted.get(false)),
                        CutMade.pieces(parted.get(true)),
                        FoundFlaws.hit(ticket, found).stream().map(Ticket.Cut::marks).toList(),
                        back);
        List<CutMade> cuts = new ArrayList<>(project.cuts());
        cuts.add(made);
        return project.withHeap(heap).withCuts(cuts);
    }

    /** The same ticket again, before the plan has been made anew: one more board is not to go. */
    private static boolean cutAlready(Project project, Ticket ticket) {
        List<CutMade.Made> marks =
                CutMade.pieces(ticket.cuts()).stream().flatMap(p -> p.made().stream()).toList();
        return project.cuts().stream()
                .flatMap(c -> c.pieces().stream())
                .flatMap(p -> p.made().stream())
                .anyMatch(marks::contains);
    }

    private static Optional<Lot> thing(Project project, Ticket ticket) {
        Material whole = ticket.made().map(Ticket.Made::whole).orElse(ticket.material());
        if (ticket.bought()) {
            return project.prices().offers().stream()
                    .filter(o -> o.id().equals(ticket.source()))
                    .map(Offer::name)
                    .map(
                            name ->
                                    new Lot(
                                            ticket.source(),
                                            1,
                                            whole,
                                            new Lot.Provenance(
                                                    "", name, "", reliqua.core.measure.Money.ZERO)))
                    .findFirst();
        }
        return project.heap()
                .find(ticket.source())
                .filter(l -> l.material().equals(whole))
                .map(l -> l.with(1, l.material()));
    }

    /** A number behind the parent's id that no off-cut of it has had. */
    private static String cutId(Project project, Heap heap, String parent) {
        Set<String> spent = project.spentIds();
        return Stream.iterate(1, n -> n + 1)
                .map(n -> parent + "." + n)
                .filter(id -> heap.find(id).isEmpty() && !spent.contains(id))
                .findFirst()
                .orElseThrow();
    }

    /** Off-cuts and the other sticks made of the same thing, equal ones together. */
    private static Map<Material, Integer> back(Project project, Ticket ticket) {
        Map<Material, Integer> back = new LinkedHashMap<>();
        ticket.made()
                .ifPresent(
                        made -> {
                            List<Stick> others = new ArrayList<>(made.making().gives());
                            others.remove(made.of() - 1);
                            others.forEach(s -> back.merge(s, 1, Integer::sum));
                        });
        Offcuts.of(ticket, project.keeper().kerf()).forEach(m -> back.merge(m, 1, Integer::sum));
        return back;
    }

    /**
     * The thing in hand turns out otherwise than it is down as, before anything is cut out of it:
     * one of its lot becomes a lot of its own, and the rest is planned again. The same project for
     * what is bought or made of something else first.
     */
    public static Project found(Project project, Ticket ticket, Material found) {
        Optional<Lot> lot = project.heap().find(ticket.source());
        if (ticket.bought()
                || ticket.made().isPresent()
                || lot.filter(l -> l.material().equals(ticket.material())).isEmpty()) {
            return project;
        }
        Lot one = lot.get().with(1, found);
        if (lot.get().quantity() == 1) {
            return project.withHeap(project.heap().replace(one));
        }
        Heap rest = project.heap().less(ticket.source());
        String id = rest.freshId(found, project.spentIds());
        return project.withHeap(rest.plus(one.withId(id)));
    }

    /** A piece that was good when it was cut is spoiled since, and wanted again. */
    public static Project spoiled(Project project, int index, CutMade.Piece piece) {
        CutMade cut = project.cuts().get(index);
        return cut.pieces().contains(piece)
                ? withCut(project, index, cut.without(piece, true))
                : project;
    }

    private static Project withCut(Project project, int index, CutMade cut) {
        List<CutMade> cuts = new ArrayList<>(project.cuts());
        cuts.set(index, cut);
        return project.withCuts(cuts);
    }

    /**
     * Not cut after all: the thing is in the heap again and what went back is gone. Nothing when
     * something of what went back has been used or changed since.
     */
    public static Optional<Project> takenBack(Project project, int index) {
        CutMade cut = project.cuts().get(index);
        Heap heap = project.heap();
        for (CutMade.Back back : cut.back()) {
            if (heap.find(back.lot()).filter(l -> l.quantity() == back.quantity()).isEmpty()) {
                return Optional.empty();
            }
            heap = heap.minus(back.lot());
        }
        if (!cut.bought()) {
            heap = heap.plusOne(cut.taken());
        }
        List<CutMade> cuts = new ArrayList<>(project.cuts());
        cuts.remove(index);
        return Optional.of(project.withHeap(heap).withCuts(cuts));
    }

    /**
     * A cut piece that serves nothing in the house as it is now.
     *
     * @param cut its place among the cuts, from zero
     * @param piece the piece
     */
    public record Spare(int cut, CutMade.Piece piece) {}

    /** The pieces that serve nothing, by the plan of the present house. */
    public static List<Spare> spares(Project project, WorkPlan plan) {
        List<Spare> spares = new ArrayList<>();
        int known = Math.min(project.cuts().size(), plan.made().size());
        for (int n = 0; n < known; n++) {
            for (CutMade.Piece piece : project.cuts().get(n).pieces()) {
                if (plan.made().get(n).cuts().stream().anyMatch(c -> isSpare(c, piece))) {
                    spares.add(new Spare(n, piece));
                }
            }
        }
        return spares;
    }

    private static boolean isSpare(Ticket.Cut cut, CutMade.Piece piece) {
        return cut.parts().isEmpty() && cut.x().equals(piece.x()) && cut.y().equals(piece.y());
    }

    /**
     * A cut piece that serves nothing any more is let go of: as far as it is of use for something
     * else it becomes a lot of the heap.
     */
    public static Project toHeap(Project project, int index, CutMade.Piece piece) {
        CutMade cut = project.cuts().get(index);
        if (!cut.pieces().contains(piece)) {
            return project;
        }
        Heap heap =
                Offcuts.piece(cut.material(), piece)
                        .map(
                                material ->
                                        new Lot(
                                                cutId(project, project.heap(), cut.taken().id()),
                                                1,
                                                material,
                                                cut.taken().provenance().cutFrom(cut.taken().id()),
                                                cut.taken().condition()))
                        .map(project.heap()::plus)
                        .orElse(project.heap());
        return withCut(project, index, cut.without(piece, false)).withHeap(heap);
    }
}
