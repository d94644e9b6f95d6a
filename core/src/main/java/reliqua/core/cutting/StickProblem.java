package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import reliqua.core.measure.Length;

/**
 * The sticks and pieces of one section, in plain numbers for the planners: lengths in nanometres,
 * prices in millionths. Own sticks of the same description are one bin type with several copies.
 *
 * @param kerf kerf
 * @param pieces wanted pieces
 * @param bins bin types: own ones first, then the shop's
 */
record StickProblem(long kerf, List<PieceType> pieces, List<BinType> bins) {

    /** A wanted piece; {@code maxBow} is infinite where any bow will do. */
    record PieceType(String id, long length, int demand, double maxBow) {}

    /** One physical stick. */
    record Copy(String source, int number) {}

    /** A clear stretch: where a piece may begin and how much room there is. */
    record Segment(long start, long length) {}

    /**
     * Sticks that are alike.
     *
     * @param copies the sticks; empty for a shop item, of which there is any number
     * @param source id of the shop item, or of the first own lot
     * @param price of one; zero for own sticks
     * @param segments clear stretches, at least a kerf apart
     * @param relaxedLengths the same stretches as long as they really are, for the bound
     * @param allowed which pieces come out straight enough
     */
    record BinType(
            List<Copy> copies,
            String source,
            long price,
            List<Segment> segments,
            List<Long> relaxedLengths,
            boolean[] allowed) {
        boolean own() {
            return !copies.isEmpty();
        }

        boolean holds(int piece, long length) {
            return allowed[piece] && segments.stream().anyMatch(s -> s.length() >= length);
        }
    }

    int size() {
        return pieces.size();
    }

    /** Whether some shop item can hold the piece. */
    boolean buyable(int piece) {
        return bins.stream().anyMatch(b -> !b.own() && b.holds(piece, pieces.get(piece).length()));
    }

    /** Whether any stick can hold the piece. */
    boolean possible(int piece) {
        return bins.stream().anyMatch(b -> b.holds(piece, pieces.get(piece).length()));
    }

    /** What one of each piece costs bought alone; {@code otherwise} where no shop item holds it. */
    double[] singlePrices(long otherwise) {
        double[] prices = new double[pieces.size()];
        for (int i = 0; i < prices.length; i++) {
            int piece = i;
            prices[i] =
                    bins.stream()
                            .filter(b -> !b.own() && b.holds(piece, pieces.get(piece).length()))
                            .mapToLong(BinType::price)
                            .min()
                            .orElse(otherwise);
        }
        return prices;
    }

    int[] demands() {
        return pieces.stream().mapToInt(PieceType::demand).toArray();
    }

    /** Splits a job by section, in the order in which its pieces first ask for one. */
    static List<StickProblem> split(CutJob job) {
        Map<List<Length>, List<CutJob.Piece>> bySection = new LinkedHashMap<>();
        for (CutJob.Piece piece : job.pieces()) {
            bySection
                    .computeIfAbsent(
                            List.of(piece.thickness(), piece.width()), _ -> new ArrayList<>())
                    .add(piece);
        }
        return bySection.values().stream().map(pieces -> ofSection(job, pieces)).toList();
    }

    private static StickProblem ofSection(CutJob job, List<CutJob.Piece> wanted) {
        Length thickness = wanted.getFirst().thickness();
        Length width = wanted.getFirst().width();
        List<PieceType> pieces =
                wanted.stream()
                        .map(
                                p ->
                                        new PieceType(
                                                p.id(),
                                                p.length().nm(),
                                                p.quantity(),
                                                p.maxBow()
                                                        .map(b -> (double) b.nm())
                                                        .orElse(Double.POSITIVE_INFINITY)))
                        .toList();
        long kerf = job.kerf().nm();
        Map<List<Object>, BinType> own = new LinkedHashMap<>();
        for (CutJob.OwnStick stick : job.sticks()) {
            if (stick.thickness().equals(thickness) && stick.width().equals(width)) {
                BinType bin = ownBin(stick, pieces, kerf);
                List<Object> alike =
                        List.of(bin.segments(), bin.relaxedLengths(), boxed(bin.allowed()));
                own.merge(alike, bin, StickProblem::joined);
            }
        }
        List<BinType> bins = new ArrayList<>(own.values());
        for (CutJob.ShopItem item : job.shop()) {
            if (!item.sheet() && item.thickness().equals(thickness) && item.width().equals(width)) {
                long length = item.length().nm();
                bins.add(
                        new BinType(
                                List.of(),
                                item.id(),
                                item.price().micros(),
                                List.of(new Segment(0, length)),
                                List.of(length),
                                allTrue(pieces.size())));
            }
        }
        return new StickProblem(kerf, pieces, List.copyOf(bins));
    }

    private static BinType ownBin(CutJob.OwnStick stick, List<PieceType> pieces, long kerf) {
        List<Segment> segments = new ArrayList<>();
        List<Long> relaxed = new ArrayList<>();
        long length = stick.length().nm();
        long at = 0;
        long kept = 0;
        List<CutJob.Stretch> flaws =
                stick.flaws().stream()
                        .sorted(java.util.Comparator.comparing(CutJob.Stretch::from))
                        .toList();
        for (int i = 0; i <= flaws.size(); i++) {
            long end = i < flaws.size() ? Math.min(flaws.get(i).from().nm(), length) : length;
            if (end > at) {
                relaxed.add(end - at);
            }
            if (end > kept) {
                segments.add(new Segment(kept, end - kept));
            }
            if (i < flaws.size()) {
                at = Math.max(at, flaws.get(i).to().nm());
                // Two pieces keep a kerf between them even across a flaw narrower than the kerf.
                kept = Math.max(kept, Math.max(at, end > 0 ? end + kerf : 0));
            }
        }
        boolean[] allowed = new boolean[pieces.size()];
        for (int i = 0; i < allowed.length; i++) {
            double ratio = (double) pieces.get(i).length() / length;
            allowed[i] =
                    ratio <= 1 && stick.bow().nm() * ratio * ratio <= pieces.get(i).maxBow() + 1;
        }
        List<Copy> copies = new ArrayList<>();
        for (int copy = 1; copy <= stick.quantity(); copy++) {
            copies.add(new Copy(stick.id(), copy));
        }
        return new BinType(
                copies, stick.id(), 0, List.copyOf(segments), List.copyOf(relaxed), allowed);
    }

    private static BinType joined(BinType a, BinType b) {
        List<Copy> copies = new ArrayList<>(a.copies());
        copies.addAll(b.copies());
        return new BinType(copies, a.source(), 0, a.segments(), a.relaxedLengths(), a.allowed());
    }

    private static List<Boolean> boxed(boolean[] flags) {
        List<Boolean> list = new ArrayList<>();
        for (boolean flag : flags) {
            list.add(flag);
        }
        return list;
    }

    private static boolean[] allTrue(int size) {
        boolean[] flags = new boolean[size];
        java.util.Arrays.fill(flags, true);
        return flags;
    }
}
