package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import reliqua.core.measure.Length;

/**
 * Splits the sticks of a job into problems: the pieces of a section make one, and sections are
 * planned together where one thing can be worked into either.
 */
final class StickSplit {
    /** Thickness and width; unlike a stick's section it may be turned. */
    private record Size(Length thickness, Length width) {
        static Size of(CutJob.OwnStick stick) {
            return new Size(stick.thickness(), stick.width());
        }
    }

    /** Bins are alike when they differ in nothing a planner sees. */
    private record Alike(
            String way,
            int minutes,
            List<StickProblem.Lane> lanes,
            List<StickProblem.Segment> segments,
            List<StickProblem.Segment> relaxed) {
        static Alike of(StickProblem.BinType bin) {
            return new Alike(bin.way(), bin.minutes(), bin.lanes(), bin.segments(), bin.relaxed());
        }
    }

    private final CutJob job;

    StickSplit(CutJob job) {
        this.job = job;
    }

    /** The problems, in the order in which the pieces first ask for a section. */
    List<StickProblem> problems() {
        Map<Size, List<CutJob.Piece>> bySize = new LinkedHashMap<>();
        for (CutJob.Piece piece : job.pieces()) {
            bySize.computeIfAbsent(
                            new Size(piece.thickness(), piece.width()), _ -> new ArrayList<>())
                    .add(piece);
        }
        return together(bySize.keySet()).stream()
                .map(
                        sizes ->
                                problem(
                                        sizes,
                                        sizes.stream()
                                                .flatMap(s -> bySize.get(s).stream())
                                                .toList()))
                .toList();
    }

    /** Wanted sections that some thing links, as sets. */
    private List<Set<Size>> together(Set<Size> wanted) {
        List<Set<Size>> sets = new ArrayList<>();
        wanted.forEach(size -> sets.add(new LinkedHashSet<>(Set.of(size))));
        for (CutJob.Workable workable : job.workables()) {
            Set<Size> linked =
                    workable.ways().stream()
                            .flatMap(w -> w.gives().stream())
                            .map(Size::of)
                            .filter(wanted::contains)
                            .collect(Collectors.toCollection(LinkedHashSet::new));
            List<Set<Size>> touched =
                    sets.stream().filter(s -> s.stream().anyMatch(linked::contains)).toList();
            if (touched.size() > 1) {
                touched.stream().skip(1).forEach(touched.getFirst()::addAll);
                sets.removeAll(touched.subList(1, touched.size()));
            }
        }
        return sets;
    }

    private StickProblem problem(Set<Size> sizes, List<CutJob.Piece> wanted) {
        List<StickProblem.PieceType> pieces =
                wanted.stream()
                        .map(
                                p ->
                                        new StickProblem.PieceType(
                                                p.id(),
                                                p.length().nm(),
                                                p.quantity(),
                                                p.maxBow()
                                                        .map(b -> (double) b.nm())
                                                        .orElse(Double.POSITIVE_INFINITY)))
                        .toList();
        Map<List<Alike>, List<StickProblem.BinType>> ways = new LinkedHashMap<>();
        Map<List<Alike>, List<StickProblem.Copy>> copies = new LinkedHashMap<>();
        plain(sizes).forEach(thing -> gather(thing, true, wanted, ways, copies));
        worked(sizes).forEach(thing -> gather(thing, false, wanted, ways, copies));
        List<List<StickProblem.Copy>> groups = new ArrayList<>();
        List<StickProblem.BinType> bins = new ArrayList<>();
        ways.forEach(
                (key, list) -> {
                    list.forEach(bin -> bins.add(ofGroup(bin, groups.size())));
                    groups.add(List.copyOf(copies.get(key)));
                });
        for (CutJob.ShopItem item : job.shop()) {
            if (!item.sheet() && sizes.contains(new Size(item.thickness(), item.width()))) {
                bins.add(shopBin(item, groups.size(), wanted));
                groups.add(List.of());
            }
        }
        return new StickProblem(job.kerf().nm(), pieces, List.copyOf(groups), List.copyOf(bins));
    }

    /** Plain sticks of these sections, each a thing with one way. */
    private Stream<CutJob.Workable> plain(Set<Size> sizes) {
        return job.sticks().stream()
                .filter(s -> sizes.contains(Size.of(s)))
                .map(
                        s ->
                                new CutJob.Workable(
                                        s.id(),
                                        s.quantity(),
                                        List.of(new CutJob.Way("plain", 0, List.of(one(s))))));
    }

    /** Things of which a stick of these sections can be made. */
    private Stream<CutJob.Workable> worked(Set<Size> sizes) {
        return job.workables().stream()
                .filter(
                        w ->
                                w.ways().stream()
                                        .flatMap(way -> way.gives().stream())
                                        .anyMatch(s -> sizes.contains(Size.of(s))));
    }

    private static CutJob.OwnStick one(CutJob.OwnStick stick) {
        return new CutJob.OwnStick(
                stick.id(),
                stick.thickness(),
                stick.width(),
                stick.length(),
                1,
                stick.flaws(),
                stick.bow());
    }

    private void gather(
            CutJob.Workable thing,
            boolean plain,
            List<CutJob.Piece> wanted,
            Map<List<Alike>, List<StickProblem.BinType>> ways,
            Map<List<Alike>, List<StickProblem.Copy>> copies) {
        List<StickProblem.BinType> bins =
                thing.ways().stream()
                        .sorted(Comparator.comparingInt(CutJob.Way::minutes))
                        .map(way -> ownBin(thing.id(), plain ? "" : way.id(), way, wanted))
                        .filter(bin -> !bin.segments().isEmpty())
                        .toList();
        if (bins.isEmpty()) {
            return;
        }
        List<Alike> key = bins.stream().map(Alike::of).toList();
        ways.putIfAbsent(key, bins);
        List<StickProblem.Copy> all = copies.computeIfAbsent(key, _ -> new ArrayList<>());
        IntStream.rangeClosed(1, thing.quantity())
                .forEach(n -> all.add(new StickProblem.Copy(thing.id(), n)));
    }

    private StickProblem.BinType ownBin(
            String source, String name, CutJob.Way way, List<CutJob.Piece> wanted) {
        List<StickProblem.Lane> lanes = new ArrayList<>();
        List<StickProblem.Segment> segments = new ArrayList<>();
        List<StickProblem.Segment> relaxed = new ArrayList<>();
        for (CutJob.OwnStick stick : way.each()) {
            StickProblem.Lane lane = lane(source, stick, wanted);
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
                List.copyOf(lanes),
                List.copyOf(segments),
                List.copyOf(relaxed));
    }

    private void stretches(
            CutJob.OwnStick stick,
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

    private static StickProblem.Lane lane(
            String source, CutJob.OwnStick stick, List<CutJob.Piece> wanted) {
        return new StickProblem.Lane(
                wanted.stream()
                        .map(
                                piece -> {
                                    double ratio = piece.length().ratio(stick.length());
                                    double most =
                                            piece.maxBow()
                                                    .map(b -> (double) b.nm())
                                                    .orElse(Double.POSITIVE_INFINITY);
                                    return piece.from(source)
                                            && stick.thickness().equals(piece.thickness())
                                            && stick.width().equals(piece.width())
                                            && ratio <= 1
                                            && stick.bow().nm() * ratio * ratio <= most + 1;
                                })
                        .toList());
    }

    private static StickProblem.BinType shopBin(
            CutJob.ShopItem item, int group, List<CutJob.Piece> wanted) {
        List<StickProblem.Segment> whole =
                List.of(new StickProblem.Segment(0, item.length().nm(), 0));
        StickProblem.Lane lane =
                new StickProblem.Lane(
                        wanted.stream()
                                .map(
                                        p ->
                                                p.from(item.id())
                                                        && p.thickness().equals(item.thickness())
                                                        && p.width().equals(item.width()))
                                .toList());
        return new StickProblem.BinType(
                group, false, item.id(), "", 0, item.price().micros(), List.of(lane), whole, whole);
    }

    private static StickProblem.BinType ofGroup(StickProblem.BinType bin, int group) {
        return new StickProblem.BinType(
                group,
                bin.own(),
                bin.source(),
                bin.way(),
                bin.minutes(),
                bin.price(),
                bin.lanes(),
                bin.segments(),
                bin.relaxed());
    }
}
