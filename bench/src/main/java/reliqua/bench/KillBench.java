package reliqua.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
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

    /** Files in turn: a child also opens what another was killed over. */
    private static final int FILES = 5;

    /** How far it is, on the side. */
    private static final int TOLD_EVERY = 50;

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
        private int saves;
        private final List<String> faults = new ArrayList<>();

        void run(int times, Random random, Path folder) throws Exception {
            for (int n = 0; n < times; n++) {
                Path file = file(folder, n);
                int first = n * A_LIFE + 1;
                int told = kill(file, first, random);
                saves += told == 0 ? 0 : told - first + 1;
                look(file, told);
                if ((n + 1) % TOLD_EVERY == 0) {
                    System.err.println(
                            (n + 1) + " killed, " + saves + " saves, " + faults.size() + " faults");
                }
            }
            int atOnce = halfWritten(folder).size();
            int later = afterTheNextOpening(folder);
            System.out.println(
                    "| killed | saves told | file not readable | finished save lost | half-written"
                            + " files at once | after the next opening |");
            System.out.println("|---|---|---|---|---|---|");
            System.out.println(
                    String.format(
                            Locale.ENGLISH,
                            "| %d | %d | %d | %d | %d | %d |",
                            times,
                            saves,
                            unreadable,
                            lost,
                            atOnce,
                            later));
            faults.forEach(System.out::println);
        }

        private static List<Path> halfWritten(Path folder) throws IOException {
            try (Stream<Path> all = Files.list(folder)) {
                return all.filter(p -> p.toString().endsWith(".new")).toList();
            }
        }

        /** What is older than a minute is nobody's any more; opening the file clears it away. */
        private static int afterTheNextOpening(Path folder) throws Exception {
            FileTime old = FileTime.from(Instant.now().minus(Duration.ofMinutes(2)));
            for (Path each : halfWritten(folder)) {
                Files.setLastModifiedTime(each, old);
            }
            for (int n = 0; n < FILES; n++) {
                Path file = file(folder, n);
                if (Files.exists(file)) {
                    ProjectStore.open(file).store().close();
                }
            }
            return halfWritten(folder).size();
        }

        private static Path file(Path folder, int n) {
            return folder.resolve("kill" + n % FILES + ProjectFile.ENDING);
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

    /** The last save the child told of before it was killed; none where it told of none. */
    private static int kill(Path file, int first, Random random)
            throws IOException, InterruptedException {
        Path told = file.resolveSibling("told.txt");
        Files.writeString(told, "");
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
                        .redirectOutput(told.toFile())
                        .start();
        while (Files.size(told) == 0 && child.isAlive()) {
            Thread.sleep(1);
        }
        Thread.sleep(random.nextInt(LATEST));
        child.destroyForcibly().waitFor();
        // The last line may be half there: only what ends counts.
        String lines = Files.readString(told);
        return lines.substring(0, lines.lastIndexOf('\n') + 1)
                .lines()
                .mapToInt(Integer::parseInt)
                .max()
                .orElse(0);
    }
}
