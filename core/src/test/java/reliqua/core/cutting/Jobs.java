package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Latitude;

/** Random cut jobs, and some whose best cost is known because they were made by cutting. */
final class Jobs {
    private static final int[][] SECTIONS = {{38, 89}, {19, 64}};

    private Jobs() {}

    static CutJob yard(Random random) {
        List<OwnStick> sticks = new ArrayList<>();
        List<CutJob.ShopItem> shop = new ArrayList<>();
        List<WantedPiece> pieces = new ArrayList<>();
        for (int[] s : SECTIONS) {
            for (int i = random.nextInt(8); i > 0; i--) {
                sticks.add(stick(random, "S" + sticks.size(), s));
            }
            if (random.nextInt(5) > 0) {
                for (int length : new int[] {2400, 3000}) {
                    shop.add(
                            new CutJob.ShopItem(
                                    "B" + shop.size(),
                                    false,
                                    mm(s[0]),
                                    mm(s[1]),
                                    mm(length),
                                    Money.cents(length / 5 + random.nextInt(90))));
                }
            }
            for (int i = 1 + random.nextInt(7); i > 0; i--) {
                Length length = Length.ofMm(150 + random.nextInt(4400) / 2.0);
                Optional<Length> bow =
                        random.nextBoolean()
                                ? Optional.of(Length.mm(1 + random.nextInt(5)))
                                : Optional.empty();
                pieces.add(
                        new WantedPiece(
                                "p" + pieces.size(),
                                mm(s[0]),
                                mm(s[1]),
                                length,
                                1 + random.nextInt(6),
                                bow));
            }
        }
        return new CutJob(Length.mm(random.nextInt(5)), sticks, List.of(), shop, pieces, List.of());
    }

    /** A yard in which some things can be worked into sticks of either section. */
    static CutJob workable(Random random) {
        CutJob yard = yard(random);
        List<CutJob.Workable> workables = new ArrayList<>();
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            List<CutJob.Way> ways = new ArrayList<>();
            for (int w = 1 + random.nextInt(3); w > 0; w--) {
                List<OwnStick> gives = new ArrayList<>();
                for (int g = 1 + random.nextInt(3); g > 0; g--) {
                    gives.add(stick(random, "g" + g, SECTIONS[random.nextInt(SECTIONS.length)]));
                }
                ways.add(new CutJob.Way("way " + w, random.nextInt(20), gives));
            }
            workables.add(new CutJob.Workable("W" + workables.size(), 1 + random.nextInt(3), ways));
        }
        return new CutJob(
                yard.kerf(),
                yard.sticks(),
                workables,
                List.of(),
                yard.shop(),
                yard.pieces(),
                List.of());
    }

    /** The same job with some pieces bound to some sticks, or barred from them. */
    static CutJob wished(CutJob job, Random random) {
        List<String> sources = new ArrayList<>();
        job.sticks().forEach(s -> sources.add(s.id()));
        job.workables().forEach(w -> sources.add(w.id()));
        job.shop().forEach(s -> sources.add(s.id()));
        List<WantedPiece> pieces =
                job.pieces().stream().map(p -> wished(p, sources, random)).toList();
        return new CutJob(
                job.kerf(),
                job.sticks(),
                job.workables(),
                job.sheets(),
                job.shop(),
                pieces,
                job.panels());
    }

    private static WantedPiece wished(WantedPiece p, List<String> sources, Random random) {
        if (sources.isEmpty() || random.nextInt(3) > 0) {
            return p;
        }
        Set<String> one = Set.of(sources.get(random.nextInt(sources.size())));
        boolean only = random.nextBoolean();
        return new WantedPiece(
                p.id(),
                p.thickness(),
                p.width(),
                p.length(),
                p.quantity(),
                p.maxBow(),
                only ? one : Set.of(),
                only ? Set.of() : one,
                p.latitude());
    }

    /** The same job with poles among the sticks and with pieces that take more than they ask. */
    static CutJob lenient(CutJob job, Random random) {
        List<OwnStick> sticks = new ArrayList<>(job.sticks());
        for (int i = random.nextInt(4); i > 0; i--) {
            Length butt = mm(40 + random.nextInt(70));
            sticks.add(
                    new OwnStick(
                            "pole " + i,
                            butt,
                            butt,
                            mm(500 + random.nextInt(3000)),
                            1 + random.nextInt(2),
                            List.of(),
                            mm(random.nextInt(20)),
                            Optional.of(butt.minus(mm(random.nextInt(35))))));
        }
        return new CutJob(
                job.kerf(),
                sticks,
                job.workables(),
                job.sheets(),
                job.shop(),
                job.pieces().stream().map(p -> lenient(p, random)).toList(),
                job.panels(),
                Money.of(random.nextInt(3) * 6));
    }

    private static WantedPiece lenient(WantedPiece p, Random random) {
        Latitude latitude =
                random.nextBoolean() ? Latitude.NONE : Latitude.mm(random.nextInt(30), 30);
        int from = 30 + random.nextInt(40);
        return new WantedPiece(
                p.id(),
                p.thickness(),
                p.width(),
                p.length(),
                p.quantity(),
                p.maxBow(),
                p.only(),
                p.never(),
                random.nextBoolean()
                        ? latitude
                        : latitude.orRound(from, from + 10 + random.nextInt(40)));
    }

    /** The same job with some pieces cut at a slant, of a few kinds so that some match. */
    static CutJob bevelled(CutJob job, Random random) {
        return new CutJob(
                job.kerf(),
                job.sticks(),
                job.workables(),
                job.sheets(),
                job.shop(),
                job.pieces().stream().map(p -> slanted(p, random)).toList(),
                job.panels());
    }

    private static WantedPiece slanted(WantedPiece p, Random random) {
        Bevel bevel =
                new Bevel(
                        mm(15 + 30 * random.nextInt(3)),
                        random.nextInt(4) > 0,
                        random.nextBoolean());
        return new WantedPiece(
                p.id(),
                p.thickness(),
                p.width(),
                p.length(),
                p.quantity(),
                p.maxBow(),
                p.only(),
                p.never(),
                p.latitude(),
                Optional.of(bevel).filter(_ -> random.nextInt(3) > 0),
                false,
                Length.ZERO);
    }

    private static OwnStick stick(Random random, String id, int[] section) {
        int length = 600 + random.nextInt(3000);
        List<CutJob.Stretch> flaws = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            int from = random.nextInt(length);
            flaws.add(new CutJob.Stretch(mm(from), Length.ofMm(from + 0.5 + random.nextInt(90))));
        }
        return new OwnStick(
                id,
                mm(section[0]),
                mm(section[1]),
                mm(length),
                1 + random.nextInt(3),
                flaws,
                mm(random.nextInt(20)));
    }

    /** Sticks cut up without a rest: all pieces come out of them again, for nothing. */
    static CutJob planted(Random random) {
        int kerf = 2 + random.nextInt(3);
        List<OwnStick> sticks = new ArrayList<>();
        Map<Integer, Integer> counts = new LinkedHashMap<>();
        int[] lengths = random.ints(7, 200, 1400).toArray();
        for (int i = 0; i < 12; i++) {
            int at = 0;
            for (int n = 1 + random.nextInt(4); n > 0; n--) {
                int length = lengths[random.nextInt(lengths.length)];
                counts.merge(length, 1, Integer::sum);
                at += length + kerf;
            }
            sticks.add(
                    new OwnStick(
                            "S" + i, mm(38), mm(89), mm(at - kerf), 1, List.of(), Length.ZERO));
        }
        List<WantedPiece> pieces = new ArrayList<>();
        counts.forEach(
                (length, n) ->
                        pieces.add(
                                new WantedPiece(
                                        "p" + length,
                                        mm(38),
                                        mm(89),
                                        mm(length),
                                        n,
                                        Optional.empty())));
        CutJob.ShopItem board =
                new CutJob.ShopItem("B", false, mm(38), mm(89), mm(2400), Money.of(4.2));
        return new CutJob(mm(kerf), sticks, List.of(), List.of(board), pieces, List.of());
    }

    /** The same job with some of its sticks longer, by little or by much. */
    static CutJob withRoom(CutJob job, Random random) {
        List<OwnStick> longer =
                job.sticks().stream()
                        .map(
                                s ->
                                        new OwnStick(
                                                s.id(),
                                                s.thickness(),
                                                s.width(),
                                                s.length()
                                                        .plus(
                                                                mm(
                                                                        random.nextInt(3)
                                                                                * random.nextInt(
                                                                                        60))),
                                                s.quantity(),
                                                s.flaws(),
                                                s.bow()))
                        .toList();
        return new CutJob(job.kerf(), longer, job.sheets(), job.shop(), job.pieces(), job.panels());
    }

    static CutJob sheets(Random random) {
        List<OwnSheet> own = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            int width = 500 + random.nextInt(720);
            int length = 600 + random.nextInt(1800);
            List<CutJob.Box> flaws = new ArrayList<>();
            for (int f = random.nextInt(3); f > 0; f--) {
                flaws.add(
                        new CutJob.Box(
                                mm(random.nextInt(width)),
                                mm(random.nextInt(length)),
                                mm(20 + random.nextInt(200)),
                                mm(20 + random.nextInt(300))));
            }
            own.add(
                    new OwnSheet(
                            "P" + i, mm(12), mm(width), mm(length), 1 + random.nextInt(2), flaws));
        }
        List<WantedPanel> panels = new ArrayList<>();
        for (int i = 2 + random.nextInt(8); i > 0; i--) {
            panels.add(
                    new WantedPanel(
                            "a" + i,
                            mm(12),
                            mm(100 + random.nextInt(900)),
                            mm(100 + random.nextInt(1100)),
                            1 + random.nextInt(3),
                            random.nextBoolean()));
        }
        CutJob.ShopItem sheet =
                new CutJob.ShopItem("Q", true, mm(12), mm(1220), mm(2440), Money.of(31.8));
        return new CutJob(
                mm(3),
                List.of(),
                own,
                random.nextInt(4) > 0 ? List.of(sheet) : List.of(),
                List.of(),
                panels);
    }

    static Length mm(long millimetres) {
        return Length.mm(millimetres);
    }
}
