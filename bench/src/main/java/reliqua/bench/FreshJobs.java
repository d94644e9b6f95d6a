package reliqua.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.OwnStick;
import reliqua.core.cutting.WantedPiece;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.files.CutJobJson;

/** Writes jobs nobody has seen, so that nothing can be tuned to a file. */
final class FreshJobs {
    private static final int EACH = 5;
    private static final int KERF = 3;
    private static final int[][] SECTIONS = {{38, 89}, {19, 64}, {47, 100}};

    private final Random random;

    FreshJobs(long seed) {
        this.random = new Random(seed);
    }

    /** Some jobs of every kind in a new folder. */
    Path write() throws IOException {
        Path folder = Files.createTempDirectory("fresh-jobs");
        for (int n = 1; n <= EACH; n++) {
            save(folder.resolve("planted-sticks-" + n + ".json"), planted());
            save(folder.resolve("triplets-" + n + ".json"), triplets());
            save(folder.resolve("yard-" + n + ".json"), yard());
            save(folder.resolve("planted-sheets-" + n + ".json"), FreshSheets.planted(random));
            save(folder.resolve("yard-sheets-" + n + ".json"), FreshSheets.yard(random));
        }
        return folder;
    }

    /** The text of a job with sticks, and flaws in them. */
    String yardText() {
        return CutJobJson.write(yard());
    }

    private static void save(Path path, CutJob job) throws IOException {
        Files.writeString(path, CutJobJson.write(job));
    }

    /** Boards cut up without waste: a bill of nothing is possible. */
    private CutJob planted() {
        List<OwnStick> sticks = new ArrayList<>();
        Map<Integer, Integer> wanted = new LinkedHashMap<>();
        for (int s = 0; s < 20; s++) {
            int used = 0;
            int count = 2 + random.nextInt(4);
            for (int p = 0; p < count; p++) {
                int length = 150 + random.nextInt(900);
                wanted.merge(length, 1, Integer::sum);
                used += length + (p == 0 ? 0 : KERF);
            }
            sticks.add(stick("S" + s, SECTIONS[0], used, 1, List.of(), 0));
        }
        return job(sticks, pieces(wanted, SECTIONS[0], Optional.empty()), SECTIONS[0]);
    }

    /** Boards of one length, each filled by exactly three pieces. */
    private CutJob triplets() {
        int length = 2400;
        Map<Integer, Integer> wanted = new LinkedHashMap<>();
        for (int s = 0; s < 20; s++) {
            int first = 650 + random.nextInt(300);
            int second = 650 + random.nextInt(300);
            wanted.merge(first, 1, Integer::sum);
            wanted.merge(second, 1, Integer::sum);
            wanted.merge(length - 2 * KERF - first - second, 1, Integer::sum);
        }
        return job(
                List.of(stick("S", SECTIONS[0], length, 20, List.of(), 0)),
                pieces(wanted, SECTIONS[0], Optional.empty()),
                SECTIONS[0]);
    }

    /** A messy heap of three sections with flaws and bow. */
    private CutJob yard() {
        List<OwnStick> sticks = new ArrayList<>();
        List<WantedPiece> pieces = new ArrayList<>();
        for (int[] section : SECTIONS) {
            for (int s = 0; s < 10; s++) {
                int length = 700 + random.nextInt(2600);
                int from = random.nextInt(length);
                List<CutJob.Stretch> flaws =
                        random.nextBoolean()
                                ? List.of(
                                        new CutJob.Stretch(
                                                Length.mm(from),
                                                Length.mm(from + 10 + random.nextInt(120))))
                                : List.of();
                sticks.add(
                        stick(
                                "S" + sticks.size(),
                                section,
                                length,
                                1 + random.nextInt(3),
                                flaws,
                                random.nextInt(12)));
            }
            Map<Integer, Integer> wanted = new LinkedHashMap<>();
            for (int p = 0; p < 12; p++) {
                wanted.merge(200 + random.nextInt(1800), 1 + random.nextInt(6), Integer::sum);
            }
            pieces.addAll(pieces(wanted, section, Optional.of(Length.mm(6))));
        }
        return job(sticks, pieces, SECTIONS);
    }

    private static OwnStick stick(
            String id,
            int[] section,
            int length,
            int quantity,
            List<CutJob.Stretch> flaws,
            int bow) {
        return new OwnStick(
                id,
                Length.mm(section[0]),
                Length.mm(section[1]),
                Length.mm(length),
                quantity,
                flaws,
                Length.mm(bow));
    }

    private static List<WantedPiece> pieces(
            Map<Integer, Integer> wanted, int[] section, Optional<Length> bow) {
        List<WantedPiece> pieces = new ArrayList<>();
        wanted.forEach(
                (length, quantity) ->
                        pieces.add(
                                new WantedPiece(
                                        "p" + section[1] + "-" + length,
                                        Length.mm(section[0]),
                                        Length.mm(section[1]),
                                        Length.mm(length),
                                        quantity,
                                        bow)));
        return pieces;
    }

    private static CutJob job(List<OwnStick> sticks, List<WantedPiece> pieces, int[]... sections) {
        List<CutJob.ShopItem> shop = new ArrayList<>();
        for (int[] section : sections) {
            for (int length : new int[] {2400, 3600}) {
                double price = section[0] * section[1] * length / 1.6e6;
                shop.add(
                        new CutJob.ShopItem(
                                "B" + shop.size(),
                                false,
                                Length.mm(section[0]),
                                Length.mm(section[1]),
                                Length.mm(length),
                                Money.cents(Math.round(price * 20) * 5)));
            }
        }
        return new CutJob(Length.mm(KERF), sticks, List.of(), shop, pieces, List.of());
    }
}
