package reliqua.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Photo;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;
import reliqua.files.DemoProjects;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** Saves and opens a heap with two hundred pictures a few times and prints how long that takes. */
public final class PhotoBench {
    private static final int PHOTOS = 200;

    /** As large as a picture of 800 pixels comes out. */
    private static final int BYTES = 90_000;

    private static final int ROUNDS = 4;

    private PhotoBench() {}

    /** Entry point; no arguments. */
    public static void main(String[] args) throws Exception {
        Project project = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Random random = new Random(1);
        for (int n = 0; n < PHOTOS; n++) {
            byte[] jpeg = new byte[BYTES];
            random.nextBytes(jpeg);
            Lot.Provenance shown = Lot.Provenance.UNKNOWN.with(List.of(new Photo(jpeg)));
            Stick stick = Stick.sound(Section.mm(38, 89), Length.mm(1000 + n));
            project = project.withHeap(project.heap().plus(new Lot("photo" + n, 1, stick, shown)));
        }
        Path file = Files.createTempFile("photos", ProjectFile.ENDING);
        System.out.println("| round | save s | open s | file MB |");
        System.out.println("|---|---|---|---|");
        for (int round = 1; round <= ROUNDS; round++) {
            long start = System.nanoTime();
            ProjectFile.save(file, project);
            long saved = System.nanoTime();
            ProjectFile.load(file);
            long opened = System.nanoTime();
            System.out.printf(
                    Locale.ENGLISH,
                    "| %d | %.2f | %.2f | %.1f |%n",
                    round,
                    (saved - start) / 1e9,
                    (opened - saved) / 1e9,
                    Files.size(file) / 1e6);
        }
        Files.delete(file);
    }
}
