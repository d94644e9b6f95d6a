package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.measure.Length;

/**
 * Deals a job to parts that can be planned apart, each a small image of the whole: things and
 * pieces go round in the order of their sections and lengths. Pieces that may come from some
 * sources alone, and those sources, stay together in the first part.
 */
final class JobParts {
    private static final int PIECES = 500;
    private static final int KINDS = 50;
    private static final int PANELS = 60;

    /** A kind with more pieces than this is spread over the parts. */
    private static final int SPREAD = 40;

    private final CutJob job;
    private final int number;
    private final Set<String> tied = new HashSet<>();
    private final List<Map<String, List<Integer>>> copies = new ArrayList<>();
    private int next;

    /**
     * A part.
     *
     * @param job what it is to plan
     * @param copies by own source, which of its copies are this part's, counted from one
     */
    record Part(CutJob job, Map<String, List<Integer>> copies) {}

    private JobParts(CutJob job) {
        this.job = job;
        long pieces = job.pieces().stream().mapToLong(WantedPiece::quantity).sum();
        long panels = job.panels().stream().mapToLong(WantedPanel::quantity).sum();
        this.number =
                (int)
                        Math.max(
                                1,
                                Math.max(
                                        Math.ceilDiv(pieces, PIECES),
                                        Math.max(
                                                Math.ceilDiv(job.pieces().size(), KINDS),
                                                Math.ceilDiv(panels, PANELS))));
        job.pieces().forEach(p -> tied.addAll(p.only()));
        for (int n = 0; n < number; n++) {
            copies.add(new HashMap<>());
        }
    }

    static List<Part> of(CutJob job) {
        return new JobParts(job).parts();
    }

    private List<Part> parts() {
        List<List<OwnStick>> sticks = dealtSticks();
        List<List<CutJob.Workable>> workables = dealtWorkables();
        List<List<OwnSheet>> sheets = dealtSheets();
        List<List<WantedPiece>> pieces = dealtPieces();
        List<List<WantedPanel>> panels = dealtPanels();
        List<Part> parts = new ArrayList<>();
        for (int n = 0; n < number; n++) {
            CutJob part =
                    new CutJob(
                            job.kerf(),
                            sticks.get(n),
                            workables.get(n),
                            sheets.get(n),
                            job.shop(),
                            pieces.get(n),
                            panels.get(n),
                            job.hour());
            parts.add(new Part(part, copies.get(n)));
        }
        return parts;
    }

    /**
     * How many of a thing each part gets, going round; of what some piece is tied to, the first.
     */
    private int[] shares(String id, int quantity, boolean own) {
        int[] shares = new int[number];
        for (int copy = 1; copy <= quantity; copy++) {
            int part = tied.contains(id) && own ? 0 : Math.floorMod(next++, number);
            shares[part]++;
            if (own) {
                copies.get(part).computeIfAbsent(id, _ -> new ArrayList<>()).add(copy);
            }
        }
        return shares;
    }

    private <T> List<List<T>> empty() {
        List<List<T>> lists = new ArrayList<>();
        for (int n = 0; n < number; n++) {
            lists.add(new ArrayList<>());
        }
        return lists;
    }

    private interface Sized<T> {
        T of(T whole, int quantity);
    }

    private static <T> void add(List<List<T>> lists, int[] shares, T whole, Sized<T> sized) {
        for (int n = 0; n < shares.length; n++) {
            if (shares[n] > 0) {
                lists.get(n).add(sized.of(whole, shares[n]));
            }
        }
    }

    private static Comparator<Length> bySize() {
        return Comparator.naturalOrder();
    }

    private List<List<OwnStick>> dealtSticks() {
        List<List<OwnStick>> dealt = empty();
        next = 0;
        job.sticks().stream()
                .sorted(
                        Comparator.comparing(OwnStick::thickness, bySize())
                                .thenComparing(OwnStick::width)
                                .thenComparing(OwnStick::length))
                .forEach(s -> add(dealt, shares(s.id(), s.quantity(), true), s, OwnStick::counted));
        return dealt;
    }

    private List<List<CutJob.Workable>> dealtWorkables() {
        List<List<CutJob.Workable>> dealt = empty();
        next = 0;
        job.workables()
                .forEach(
                        w ->
                                add(
                                        dealt,
                                        shares(w.id(), w.quantity(), true),
                                        w,
                                        (all, some) ->
                                                new CutJob.Workable(all.id(), some, all.ways())));
        return dealt;
    }

    private List<List<OwnSheet>> dealtSheets() {
        List<List<OwnSheet>> dealt = empty();
        next = 0;
        job.sheets().stream()
                .sorted(
                        Comparator.comparing(OwnSheet::thickness, bySize())
                                .thenComparing(OwnSheet::length)
                                .thenComparing(OwnSheet::width))
                .forEach(s -> add(dealt, shares(s.id(), s.quantity(), true), s, OwnSheet::counted));
        return dealt;
    }

    private List<List<WantedPiece>> dealtPieces() {
        List<List<WantedPiece>> dealt = empty();
        next = 0;
        job.pieces().stream()
                .sorted(
                        Comparator.comparing(WantedPiece::thickness, bySize())
                                .thenComparing(WantedPiece::width)
                                .thenComparing(WantedPiece::length))
                .forEach(
                        p -> {
                            if (!p.only().isEmpty()) {
                                dealt.getFirst().add(p);
                            } else if (p.quantity() <= SPREAD) {
                                dealt.get(Math.floorMod(next++, number)).add(p);
                            } else {
                                add(
                                        dealt,
                                        shares(p.id(), p.quantity(), false),
                                        p,
                                        WantedPiece::counted);
                            }
                        });
        return dealt;
    }

    private List<List<WantedPanel>> dealtPanels() {
        List<List<WantedPanel>> dealt = empty();
        next = 0;
        job.panels().stream()
                .sorted(
                        Comparator.comparing(WantedPanel::thickness, bySize())
                                .thenComparing(WantedPanel::length)
                                .thenComparing(WantedPanel::width))
                .forEach(
                        p ->
                                add(
                                        dealt,
                                        shares(p.id(), p.quantity(), false),
                                        p,
                                        WantedPanel::counted));
        return dealt;
    }

    /** Gives what a part cuts the numbers it has in the whole job. */
    static final class Numbering {
        private final Map<String, Integer> bought = new HashMap<>();
        private final Map<String, Integer> boughtBefore = new HashMap<>();
        private Map<String, List<Integer>> own = Map.of();

        /** Goes on with a part. */
        void begin(Part part) {
            own = part.copies();
            boughtBefore.putAll(bought);
        }

        CutPlan.StickCut whole(CutPlan.StickCut cut) {
            return new CutPlan.StickCut(
                    cut.source(), copy(cut.source(), cut.copy()), cut.way(), cut.pieces());
        }

        CutPlan.SheetCut whole(CutPlan.SheetCut cut) {
            return new CutPlan.SheetCut(cut.source(), copy(cut.source(), cut.copy()), cut.panels());
        }

        private int copy(String source, int inPart) {
            if (own.containsKey(source)) {
                return own.get(source).get(inPart - 1);
            }
            int number = boughtBefore.getOrDefault(source, 0) + inPart;
            bought.merge(source, number, Math::max);
            return number;
        }
    }
}
