package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reliqua.core.measure.Length;

/**
 * The ways in which bevelled pieces can lie nested on a stick: for every choice of slants a bin of
 * its own beside the plain one, in which their pieces take up less and the stretch is shorter by
 * what the first of them needs more.
 *
 * <p>So many pieces with a slant at both ends take up the sum of their shortened lengths and one
 * run, which is kept back. With a slant at one end two and two share a joint, and an odd one is
 * alone; then nothing is kept back and a pattern is looked at whether it {@link StickProblem#lies}.
 * The bound reckons with all slants at once and keeps nothing back.
 */
final class Nestings {
    /** More slants than two in one section are not looked at. */
    private static final int MOST = 2;

    private final List<WantedPiece> wanted;
    private final Length kerf;
    private final List<Bevel> slants;
    private final List<List<Bevel>> choices;

    Nestings(List<WantedPiece> wanted, Length kerf) {
        this.wanted = wanted;
        this.kerf = kerf;
        this.slants =
                wanted.stream()
                        .flatMap(p -> p.bevel().stream())
                        .map(Bevel::slant)
                        .distinct()
                        .filter(this::canMeet)
                        .sorted(Comparator.comparing(Bevel::run).reversed())
                        .toList();
        this.choices = choices(slants.stream().limit(MOST).toList());
    }

    private static List<List<Bevel>> choices(List<Bevel> slants) {
        List<List<Bevel>> choices = new ArrayList<>();
        for (int set = 1; set < 1 << slants.size(); set++) {
            int chosen = set;
            choices.add(
                    IntStream.range(0, slants.size())
                            .filter(n -> (chosen & 1 << n) != 0)
                            .mapToObj(slants::get)
                            .toList());
        }
        return choices;
    }

    private boolean canMeet(Bevel slant) {
        return of(slant).mapToInt(WantedPiece::quantity).sum() > 1;
    }

    private Stream<WantedPiece> of(Bevel slant) {
        return wanted.stream().filter(p -> p.bevel().filter(slant::matches).isPresent());
    }

    /** Whether every pattern of these bins lies, and every slant is looked at. */
    boolean complete() {
        return slants.size() <= MOST
                && slants.stream()
                        .flatMap(this::of)
                        .allMatch(p -> p.bevel().orElseThrow().bothEnds());
    }

    /**
     * The plain bin with the bound's stretches, and one for every choice of slants that saves
     * something on it.
     *
     * @param sections of the bin's lanes, thickness and width
     */
    List<StickProblem.BinType> of(StickProblem.BinType plain, List<Section> sections) {
        if (slants.isEmpty()) {
            return List.of(plain);
        }
        List<StickProblem.Lane> bounding = lanes(plain, sections, slants);
        if (bounding.stream().noneMatch(StickProblem.Lane::nests)) {
            return List.of(plain);
        }
        List<StickProblem.BinType> bins = new ArrayList<>();
        bins.add(nested(plain, plain.lanes(), bounding, plain.segments(), false));
        for (List<Bevel> choice : choices) {
            List<StickProblem.Lane> lanes = lanes(plain, sections, choice);
            StickProblem.BinType bin =
                    nested(plain, lanes, bounding, shortened(plain, sections, choice), true);
            if (bin.segments().stream().anyMatch(s -> lanes.get(s.lane()).nests())) {
                bins.add(bin);
            }
        }
        return bins;
    }

    /** Thickness and width of a stick. */
    record Section(Length thickness, Length width) {}

    private static StickProblem.BinType nested(
            StickProblem.BinType plain,
            List<StickProblem.Lane> lanes,
            List<StickProblem.Lane> bounding,
            List<StickProblem.Segment> segments,
            boolean special) {
        List<StickProblem.Lane> all = new ArrayList<>(lanes);
        all.addAll(bounding);
        return new StickProblem.BinType(
                plain.group(),
                plain.own(),
                plain.source(),
                plain.way(),
                plain.minutes(),
                plain.price(),
                plain.charge(),
                plain.looks(),
                special,
                List.copyOf(all),
                segments,
                plain.relaxed().stream()
                        .map(
                                s ->
                                        new StickProblem.Segment(
                                                s.start(), s.length(), s.lane() + lanes.size()))
                        .toList());
    }

    private List<StickProblem.Lane> lanes(
            StickProblem.BinType plain, List<Section> sections, List<Bevel> choice) {
        List<StickProblem.Lane> lanes = new ArrayList<>();
        for (int n = 0; n < sections.size(); n++) {
            Section section = sections.get(n);
            StickProblem.Lane lane = plain.lanes().get(n);
            lanes.add(
                    new StickProblem.Lane(
                            lane.allowed(),
                            lane.excess(),
                            IntStream.range(0, wanted.size())
                                    .mapToObj(
                                            i ->
                                                    lane.allowed().get(i)
                                                            ? saving(wanted.get(i), section, choice)
                                                            : 0L)
                                    .toList()));
        }
        return lanes;
    }

    /** Of a joint at both ends, or half a joint where one end slants. */
    private long saving(WantedPiece piece, Section section, List<Bevel> choice) {
        Optional<Bevel> bevel = piece.bevel().filter(b -> choice.stream().anyMatch(b::matches));
        if (bevel.isEmpty() || !fits(bevel.get(), piece, section)) {
            return 0;
        }
        long joint = joint(bevel.get(), section);
        return bevel.get().bothEnds() ? joint : joint / 2;
    }

    /** A thicker stick is cut to the same angle, and its run is another. */
    private static boolean fits(Bevel bevel, WantedPiece piece, Section section) {
        return bevel.depth(piece.thickness(), piece.width())
                .equals(bevel.depth(section.thickness(), section.width()));
    }

    private long joint(Bevel bevel, Section section) {
        return bevel.saving(bevel.depth(section.thickness(), section.width()), kerf).nm();
    }

    private List<StickProblem.Segment> shortened(
            StickProblem.BinType plain, List<Section> sections, List<Bevel> choice) {
        List<StickProblem.Segment> segments = new ArrayList<>();
        for (StickProblem.Segment s : plain.segments()) {
            long less =
                    choice.stream()
                            .mapToLong(slant -> keptBack(slant, sections.get(s.lane())))
                            .sum();
            if (s.length() > less) {
                segments.add(
                        new StickProblem.Segment(
                                s.start(), s.length() - less, s.lane(), s.real(), s.flawed()));
            }
        }
        return List.copyOf(segments);
    }

    /** A chain has one joint less than pieces; where some nest two by two it need not. */
    private long keptBack(Bevel slant, Section section) {
        boolean chains = of(slant).allMatch(p -> p.bevel().orElseThrow().bothEnds());
        return chains
                ? of(slant).mapToLong(p -> saving(p, section, List.of(slant))).max().orElse(0)
                : 0;
    }
}
