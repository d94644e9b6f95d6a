package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Turns the pieces of a job that belong together, and what they can come from, into problems. */
final class StickSplit {
    /** Bins are alike when they differ in nothing a planner sees. */
    private record Alike(
            String way,
            int minutes,
            long charge,
            int looks,
            List<StickProblem.Lane> lanes,
            List<StickProblem.Segment> segments,
            List<StickProblem.Segment> relaxed) {
        static Alike of(StickProblem.BinType bin) {
            return new Alike(
                    bin.way(),
                    bin.minutes(),
                    bin.charge(),
                    bin.looks(),
                    bin.lanes(),
                    bin.segments(),
                    bin.relaxed());
        }
    }

    /** Bins beside the plain ones, in which pieces lie otherwise than one behind the other. */
    private record Special(Nestings nestings, CoveredEnds covered) {
        List<StickProblem.BinType> of(StickProblem.BinType plain, List<Nestings.Section> sections) {
            List<StickProblem.BinType> bins = new ArrayList<>(nestings.of(plain, sections));
            covered.of(plain).ifPresent(bins::add);
            return bins;
        }

        boolean complete() {
            return nestings.complete() && !covered.any();
        }
    }

    private final CutJob job;
    private final boolean nested;

    StickSplit(CutJob job, boolean nested) {
        this.job = job;
        this.nested = nested;
    }

    /** The problems, in the order in which the pieces are asked for. */
    List<StickProblem> problems() {
        return new StickFamilies(job).families().stream().map(this::problem).toList();
    }

    private StickProblem problem(List<WantedPiece> wanted) {
        List<StickProblem.PieceType> pieces =
                wanted.stream()
                        .map(
                                p ->
                                        new StickProblem.PieceType(
                                                p.id(),
                                                p.length().nm(),
                                                p.quantity(),
                                                p.bevel(),
                                                p.seen(),
                                                p.covered().nm()))
                        .toList();
        Special special =
                new Special(
                        new Nestings(nested ? wanted : List.of(), job.kerf()),
                        new CoveredEnds(nested ? wanted : List.of()));
        Map<List<Alike>, List<StickProblem.BinType>> ways = new LinkedHashMap<>();
        Map<List<Alike>, List<StickProblem.Copy>> copies = new LinkedHashMap<>();
        plain().forEach(thing -> gather(thing, true, wanted, special, ways, copies));
        job.workables().forEach(thing -> gather(thing, false, wanted, special, ways, copies));
        List<List<StickProblem.Copy>> groups = new ArrayList<>();
        List<StickProblem.BinType> bins = new ArrayList<>();
        ways.forEach(
                (key, list) -> {
                    list.forEach(bin -> bins.add(ofGroup(bin, groups.size())));
                    groups.add(List.copyOf(copies.get(key)));
                });
        for (CutJob.ShopItem item : job.shop()) {
            StickProblem.Lane lane = StickLanes.bought(item, wanted);
            if (lane.allowed().contains(true)) {
                bins.addAll(
                        special.of(
                                shopBin(item, groups.size(), lane),
                                List.of(new Nestings.Section(item.thickness(), item.width()))));
                groups.add(List.of());
            }
        }
        return new StickProblem(
                job.kerf().nm(),
                pieces,
                List.copyOf(groups),
                List.copyOf(bins),
                special.complete());
    }

    /**
     * Plain sticks, each a thing with one way, and poles with a way for every range of diameters.
     */
    private Stream<CutJob.Workable> plain() {
        return job.sticks().stream()
                .map(
                        s ->
                                new CutJob.Workable(
                                        s.id(),
                                        s.quantity(),
                                        List.of(new CutJob.Way("plain", 0, List.of(one(s))))));
    }

    private static OwnStick one(OwnStick stick) {
        return new OwnStick(
                stick.id(),
                stick.thickness(),
                stick.width(),
                stick.length(),
                1,
                stick.flaws(),
                stick.bow(),
                stick.tip(),
                stick.looks());
    }

    private void gather(
            CutJob.Workable thing,
            boolean plain,
            List<WantedPiece> wanted,
            Special special,
            Map<List<Alike>, List<StickProblem.BinType>> ways,
            Map<List<Alike>, List<StickProblem.Copy>> copies) {
        List<StickProblem.BinType> bins = plain ? polesOf(thing, wanted) : List.of();
        if (bins.isEmpty()) {
            bins = bins(thing, plain, wanted, special);
        }
        if (bins.isEmpty()) {
            return;
        }
        List<Alike> key = bins.stream().map(Alike::of).toList();
        ways.putIfAbsent(key, bins);
        List<StickProblem.Copy> all = copies.computeIfAbsent(key, _ -> new ArrayList<>());
        IntStream.rangeClosed(1, thing.quantity())
                .forEach(n -> all.add(new StickProblem.Copy(thing.id(), n)));
    }

    private List<StickProblem.BinType> polesOf(CutJob.Workable thing, List<WantedPiece> wanted) {
        OwnStick stick = thing.ways().getFirst().gives().getFirst();
        return stick.tip().isPresent()
                ? new PoleBins(stick, wanted, job.kerf()).bins(thing.id())
                : List.of();
    }

    private List<StickProblem.BinType> bins(
            CutJob.Workable thing, boolean plain, List<WantedPiece> wanted, Special special) {
        return thing.ways().stream()
                .sorted(Comparator.comparingInt(CutJob.Way::minutes))
                .flatMap(
                        way ->
                                special
                                        .of(
                                                ownBin(
                                                        thing.id(),
                                                        plain ? "" : way.id(),
                                                        way,
                                                        wanted),
                                                sections(way))
                                        .stream())
                .filter(bin -> !bin.segments().isEmpty())
                .toList();
    }

    private static List<Nestings.Section> sections(CutJob.Way way) {
        return way.each().stream()
                .map(s -> new Nestings.Section(s.thickness(), s.width()))
                .toList();
    }

    private StickProblem.BinType ownBin(
            String source, String name, CutJob.Way way, List<WantedPiece> wanted) {
        List<StickProblem.Lane> lanes = new ArrayList<>();
        List<StickProblem.Segment> segments = new ArrayList<>();
        List<StickProblem.Segment> relaxed = new ArrayList<>();
        for (OwnStick stick : way.each()) {
            StickProblem.Lane lane = StickLanes.own(source, stick, wanted);
            if (lane.allowed().contains(true)) {
                stretches(stick, lanes.size(), segments, relaxed);
            }
            lanes.add(lane);
        }
        return new StickProblem.BinType(
                0,
                true,
                source,
                name,
                way.minutes(),
                0,
                job.charge(way.minutes()).micros(),
                way.gives().stream().mapToInt(OwnStick::looks).max().orElse(0),
                false,
                List.copyOf(lanes),
                List.copyOf(segments),
                List.copyOf(relaxed));
    }

    private void stretches(
            OwnStick stick,
            int lane,
            List<StickProblem.Segment> segments,
            List<StickProblem.Segment> relaxed) {
        long length = stick.length().nm();
        long kerf = job.kerf().nm();
        long at = 0;
        long kept = 0;
        List<CutJob.Stretch> flaws =
                stick.flaws().stream().sorted(Comparator.comparing(CutJob.Stretch::from)).toList();
        for (int i = 0; i <= flaws.size(); i++) {
            long end = i < flaws.size() ? Math.min(flaws.get(i).from().nm(), length) : length;
            if (end > at) {
                relaxed.add(new StickProblem.Segment(at, end - at, lane));
            }
            if (end > kept) {
                segments.add(new StickProblem.Segment(kept, end - kept, lane));
            }
            if (i < flaws.size()) {
                at = Math.max(at, flaws.get(i).to().nm());
                // Two pieces keep a kerf between them even across a flaw narrower than the kerf.
                kept = Math.max(kept, Math.max(at, end > 0 ? end + kerf : 0));
            }
        }
    }

    private static StickProblem.BinType shopBin(
            CutJob.ShopItem item, int group, StickProblem.Lane lane) {
        List<StickProblem.Segment> whole =
                List.of(new StickProblem.Segment(0, item.length().nm(), 0));
        long price = item.price().micros();
        return new StickProblem.BinType(
                group,
                false,
                item.id(),
                "",
                0,
                price,
                price,
                0,
                false,
                List.of(lane),
                whole,
                whole);
    }

    private static StickProblem.BinType ofGroup(StickProblem.BinType bin, int group) {
        return new StickProblem.BinType(
                group,
                bin.own(),
                bin.source(),
                bin.way(),
                bin.minutes(),
                bin.price(),
                bin.charge(),
                bin.looks(),
                bin.isSpecial(),
                bin.lanes(),
                bin.segments(),
                bin.relaxed());
    }
}
