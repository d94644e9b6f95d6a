package reliqua.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.project.Project;
import reliqua.files.DemoProjects;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.files.ProjectStore;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Kills a program in the middle of saving, again and again: every time the file must open, and hold
 * the last save that was told to be done or a later one. {@code kill [TIMES] [SEED]}.
 */
public final class KillBench {
    private static final int USUAL_TIMES = 100;
    private static final int MOST_BIRDS = 90;

    /** More saves than one child lives to make: every save has a number of its own. */
    private static final int A_LIFE = 1000;

    /** From the first save to the kill, in milliseconds: a save takes some ten of them. */
    private static final int LATEST = 250;

    private static final String SAVING = "saving";

    private KillBench() {}

    /** Entry point; as the child that is killed with a file after {@code saving}. */
    public static void main(String[] args) throws Exception {
        if (args.length > 2 && args[0].equals(SAVING)) {
            saveOnAndOn(Path.of(args[1]), Integer.parseInt(args[2]));
            return;
        }
        int times = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_TIMES;
        Random random = new Random(args.length > 1 ? Long.parseLong(args[1]) : 1);
        Path folder = Files.createTempDirectory("reliqua-kill");
        try {
            new Tally().run(times, random, folder);
        } finally {
            try (Stream<Path> all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).forEach(KillBench::delete);
            }
        }
    }

    private static void delete(Path path) {
        try {
            Files.deleteIfExists(path);
        } catch (IOException e) {
            System.err.println(path + " stays: " + e.getMessage());
        }
    }

    /** Saves a project with one bird more each time, and tells of every save that is done. */
    private static void saveOnAndOn(Path file, int first) throws Exception {
        try (ProjectStore store =
                Files.exists(file) ? ProjectStore.open(file).store() : ProjectStore.fresh(file)) {
            Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
            for (int save = first; ; save++) {
                if (store.save(numbered(demo, save)) instanceof ProjectStore.Outcome.Saved) {
                    System.out.println(save);
                }
            }
        }
    }

    private static Project numbered(Project demo, int save) {
        int birds = save % MOST_BIRDS + 1;
        return Project.start(
                "save " + save,
                demo.keeper(),
                Flock.of(BirdClass.STANDARD, birds),
                demo.heap(),
                demo.prices());
    }

    /** What came of the kills. */
    private static final class Tally {
        private int lost;
        private int unreadable;
        private int left;
        private int saves;
        private final List<String> faults = new ArrayList<>();

        void run(int times, Random random, Path folder) throws Exception {
            for (int n = 0; n < times; n++) {
                Path file = folder.resolve("kill" + n % 5 + ProjectFile.ENDING);
                int first = n * A_LIFE + 1;
                int told = kill(file, first, random);
                saves += told == 0 ? 0 : told - first + 1;
                look(file, told);
            }
            try (Stream<Path> all = Files.list(folder)) {
                left = (int) all.filter(p -> p.toString().endsWith(".new")).count();
            }
            System.out.println(
                    "| killed | saves told | file not readable | finished save lost | half-written"
                            + " files left |");
            System.out.println("|---|---|---|---|---|");
            System.out.println(
                    String.format(
                            Locale.ENGLISH,
                            "| %d | %d | %d | %d | %d |",
                            times,
                            saves,
                            unreadable,
                            lost,
                            left));
            faults.forEach(System.out::println);
        }

        private void look(Path file, int told) {
            if (!Files.exists(file)) {
                lost += told > 0 ? 1 : 0;
                return;
            }
            try {
                String name = ProjectFile.load(file).name();
                int there = Integer.parseInt(name.replaceAll("\\D", ""));
                if (told > 0 && there < told) {
                    lost++;
                    faults.add(file.getFileName() + " holds " + name + ", told was " + told);
                }
            } catch (IOException | InputException e) {
                unreadable++;
                faults.add(e.getMessage());
            }
        }
    }

    /** The last save the child told of before it was killed. */
    private static int kill(Path file, int first, Random random)
            throws IOException, InterruptedException {
        Process child =
                new ProcessBuilder(
                                ProcessHandle.current().info().command().orElse("java"),
                                "--class-path",
                                System.getProperty("java.class.path"),
                                KillBench.class.getName(),
                                SAVING,
                                file.toString(),
                                String.valueOf(first))
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
        AtomicInteger last = new AtomicInteger();
        try (BufferedReader told =
                new BufferedReader(
                        new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
            String done = told.readLine();
            if (done != null) {
                last.set(Integer.parseInt(done));
                Thread.sleep(random.nextInt(LATEST));
            }
            child.destroyForcibly();
            drain(told, last);
        }
        child.waitFor();
        return last.get();
    }

    /** What was told before the kill; the last line may be half there, and the pipe may be gone. */
    private static void drain(BufferedReader told, AtomicInteger last) {
        try {
            for (String line = told.readLine(); line != null; line = told.readLine()) {
                int save = line.matches("\\d{1,9}") ? Integer.parseInt(line) : 0;
                last.set(Math.max(last.get(), save));
            }
        } catch (IOException e) {
            // The pipe broke with the child: what was read before it counts.
        }
    }
}
