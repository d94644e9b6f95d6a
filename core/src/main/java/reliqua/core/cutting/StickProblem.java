package reliqua.core.cutting;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Sticks and pieces that must be planned together, in plain numbers for the planners: lengths in
 * nanometres, prices in millionths. Mostly the pieces of one section; of several, where one thing
 * can be worked into sticks of different sections.
 *
 * <p>A <em>group</em> is own things of the same description; its bins are the ways in which one of
 * them can be used, and together they use up no more than its copies. A shop item is a group of its
 * own without copies, of which there is any number.
 *
 * @param kerf kerf
 * @param pieces wanted pieces
 * @param groups own things by description, then one for every shop item
 * @param bins bin types: own ones first, then the shop's
 * @param complete whether the patterns of these bins are all there are: then what none of them
 *     reaches is out of reach. Not where nesting is reckoned a little on the safe side
 */
record StickProblem(
        long kerf,
        List<PieceType> pieces,
        List<List<Copy>> groups,
        List<BinType> bins,
        boolean complete) {

    /** A wanted piece. */
    record PieceType(
            String id, long length, int demand, Optional<Bevel> bevel, boolean seen, long covered) {
        /** As many of it. */
        PieceType wanted(int number) {
            return new PieceType(id, length, number, bevel, seen, covered);
        }
    }

    /** A tenth of a litre of wood, in nm³: what larger stock than needed is counted in. */
    private static final double LOSS_UNIT = 1e23;

    /** One physical thing. */
    record Copy(String source, int number) {}

    /**
     * A clear stretch: where a piece may begin and how much room there is.
     *
     * @param length room for pieces as {@link #weight} counts them
     * @param lane which of the sticks of its bin, from zero
     * @param real how long it is
     * @param flawed how much of its beginning is flawed: only for the covered end of a piece
     */
    record Segment(long start, long length, int lane, long real, long flawed) {
        /** Where pieces are counted as long as they are, and none may be flawed. */
        Segment(long start, long length, int lane) {
            this(start, length, lane, length, 0);
        }
    }

    /**
     * Which pieces a stick can give: thick, wide and straight enough, and not too large.
     *
     * @param excess by piece, by how many nm² its section is larger than asked
     * @param saving by piece, how much less than its length it takes up nested beside its equals
     */
    record Lane(List<Boolean> allowed, List<Double> excess, List<Long> saving) {
        /** Where no piece is nested. */
        Lane(List<Boolean> allowed, List<Double> excess) {
            this(allowed, excess, Collections.nCopies(allowed.size(), 0L));
        }

        boolean nests() {
            return saving.stream().anyMatch(s -> s > 0);
        }

        boolean nests(int piece) {
            return saving.get(piece) > 0;
        }
    }

    /**
     * Things that are alike, used in one way.
     *
     * @param group whose copies it uses
     * @param own whether it is at hand; else it can be bought in any number
     * @param source id of the shop item, or of the first own lot
     * @param way how it is worked first; empty for a plain stick
     * @param minutes of that work
     * @param price of one; zero for own ones
     * @param charge what using one counts: its price, and the work beforehand as far as it has one
     * @param looks how poor the worst of its sticks looks
     * @param isSpecial whether pieces are nested in it, or lie with a covered end on a flaw
     * @param lanes the sticks of it
     * @param segments clear stretches, at least a kerf apart
     * @param relaxed the same stretches as long as they really are, for the bound
     */
    record BinType(
            int group,
            boolean own,
            String source,
            String way,
            int minutes,
            long price,
            long charge,
            int looks,
            boolean isSpecial,
            List<Lane> lanes,
            List<Segment> segments,
            List<Segment> relaxed) {
        /** Whether the stick behind a stretch can give the piece. */
        boolean allows(int segment, int piece) {
            return lane(segment).allowed().get(piece);
        }

        Lane lane(int segment) {
            return lanes.get(segments.get(segment).lane());
        }

        boolean holds(int piece, long length) {
            return IntStream.range(0, segments.size())
                    .anyMatch(
                            s ->
                                    allows(s, piece)
                                            && segments.get(s).length()
                                                    >= length - lane(s).saving().get(piece));
        }

        boolean isSpecial(int segment) {
            return isSpecial && (lane(segment).nests() || segments.get(segment).flawed() > 0);
        }
    }

    /**
     * Whether the pieces of a pattern lie in its stretches: not always where some nest two by two
     * and one is left over, or where a stretch begins with a flaw and no piece has a covered end.
     */
    boolean lies(Pattern pattern) {
        return !bin(pattern).isSpecial()
                || IntStream.range(0, bin(pattern).segments().size())
                        .allMatch(s -> lies(pattern, s));
    }

    /** The same of one stretch. */
    boolean lies(Pattern pattern, int segment) {
        BinType bin = bin(pattern);
        if (!bin.isSpecial(segment)) {
            return true;
        }
        Segment stretch = bin.segments().get(segment);
        List<StickChain.Link> chain =
                StickChain.of(this, bin.lane(segment), stretch, pattern.bySegment()[segment]);
        return chain.isEmpty()
                || chain.getLast().at() + pieces.get(chain.getLast().piece()).length()
                        <= stretch.real();
    }

    /** What the pieces of a pattern take up of a stretch, each with a kerf. */
    long used(Pattern pattern, int segment) {
        Lane lane = bin(pattern).lane(segment);
        int[] counts = pattern.bySegment()[segment];
        long used = 0;
        for (int i = 0; i < counts.length; i++) {
            used += counts[i] == 0 ? 0 : counts[i] * weight(lane, i);
        }
        return used;
    }

    /** What a pattern leaves free of a stretch, with a kerf; compare {@link #weight}. */
    long room(Pattern pattern, int segment) {
        return bin(pattern).segments().get(segment).length() + kerf - used(pattern, segment);
    }

    /** Room that a piece takes up on a stick, with a kerf. */
    long weight(Lane lane, int piece) {
        return pieces.get(piece).length() + kerf - lane.saving().get(piece);
    }

    /** What {@link #weight} says of every piece. */
    long[] weights(Lane lane) {
        long[] weights = new long[size()];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = weight(lane, i);
        }
        return weights;
    }

    int size() {
        return pieces.size();
    }

    /** By how much wood more than asked a pattern uses up, in tenths of a litre. */
    long loss(Pattern pattern) {
        BinType bin = bin(pattern);
        double loss = 0;
        for (int s = 0; s < bin.segments().size(); s++) {
            Lane lane = bin.lanes().get(bin.segments().get(s).lane());
            for (int i = 0; i < size(); i++) {
                loss += pattern.bySegment()[s][i] * lane.excess().get(i) * pieces.get(i).length();
            }
        }
        return Math.round(loss / LOSS_UNIT);
    }

    /** No plan loses more. */
    long mostLoss() {
        double most = 0;
        for (int i = 0; i < size(); i++) {
            int piece = i;
            double excess =
                    bins.stream()
                            .flatMap(b -> b.lanes().stream())
                            .mapToDouble(l -> l.excess().get(piece))
                            .max()
                            .orElse(0);
            most += pieces.get(i).demand() * (excess * pieces.get(i).length() / LOSS_UNIT + 1);
        }
        return hasLoss() ? (long) Math.ceil(most) : 0;
    }

    private boolean hasLoss() {
        return bins.stream()
                .flatMap(b -> b.lanes().stream())
                .anyMatch(l -> l.excess().stream().anyMatch(e -> e > 0));
    }

    /** Whether plans of the same price can differ in work beforehand or in wood lost. */
    boolean hasChoiceOfWork() {
        return hasLoss() || bins.stream().anyMatch(b -> b.minutes() > 0);
    }

    /** How often a pattern can be of use. */
    long most(Pattern pattern) {
        long most = 0;
        for (int i = 0; i < size(); i++) {
            if (pattern.counts()[i] > 0) {
                most = Math.max(most, Math.ceilDiv(pieces.get(i).demand(), pattern.counts()[i]));
            }
        }
        BinType bin = bin(pattern);
        return bin.own() ? Math.min(most, groups.get(bin.group()).size()) : most;
    }

    /** How many there are of each group; zero for shop items. */
    int[] copies() {
        return groups.stream().mapToInt(List::size).toArray();
    }

    BinType bin(Pattern pattern) {
        return bins.get(pattern.bin());
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
                            .mapToLong(BinType::charge)
                            .min()
                            .orElse(otherwise);
        }
        return prices;
    }

    int[] demands() {
        return pieces.stream().mapToInt(PieceType::demand).toArray();
    }

    /** The same with so many of each piece, and of each group only the last copies. */
    StickProblem left(int[] demand, int[] copies) {
        List<PieceType> fewer =
                IntStream.range(0, demand.length)
                        .mapToObj(i -> pieces.get(i).wanted(demand[i]))
                        .toList();
        List<List<Copy>> kept =
                IntStream.range(0, copies.length)
                        .mapToObj(
                                g -> {
                                    List<Copy> all = groups.get(g);
                                    return all.subList(all.size() - copies[g], all.size());
                                })
                        .toList();
        return new StickProblem(kerf, fewer, kept, bins, complete);
    }

    /** Splits a job into what can be planned apart. */
    static List<StickProblem> split(CutJob job) {
        return split(job, true);
    }

    /** The same, with bevelled ends nested or every piece on its own. */
    static List<StickProblem> split(CutJob job, boolean nested) {
        return new StickSplit(job, nested).problems();
    }
}
