package reliqua.desktop.trial;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import reliqua.core.measure.Money;
import reliqua.core.project.Project;
import reliqua.files.DemoProjects;
import reliqua.files.InputException;
import reliqua.files.ProjectFile;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Kills the real window while a keeper edits, imports and prints, again and again: every time the
 * file must open, and lack nothing older than two seconds. {@code window-kill [TIMES] [SEED]}.
 */
public final class WindowKills {
    private static final int USUAL_TIMES = 30;

    /** Longest that a window is edited before it is killed, in milliseconds. */
    private static final int LATEST = 5_000;

    private static final int GIVEN_UP = 60_000;

    /** Edits of one life, so that every edit has a number of its own. */
    private static final int A_LIFE = 1_000;

    private int unreadable;
    private int edits;
    private long longest;
    private final List<String> faults = new ArrayList<>();

    private WindowKills() {}

    /** Entry point. */
    public static void main(String[] args) throws Exception {
        int times = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_TIMES;
        Random random = new Random(args.length > 1 ? Long.parseLong(args[1]) : 1);
        Path folder = Files.createTempDirectory("reliqua-window-kill");
        new WindowKills().run(times, random, folder);
    }

    private void run(int times, Random random, Path folder) throws Exception {
        Path file = folder.resolve("kill" + ProjectFile.ENDING);
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        ProjectFile.save(file, demo);
        for (int n = 0; n < times; n++) {
            look(file, kill(folder, file, n * A_LIFE + 1, random));
        }
        System.out.println(
                "| windows killed | edits | file not readable | longest lost, ms |\n|---|---|---|---|");
        System.out.println(
                String.format(
                        Locale.ENGLISH,
                        "| %d | %d | %d | %d |",
                        times,
                        edits,
                        unreadable,
                        longest));
        faults.forEach(System.out::println);
    }

    /** An edit that a window told of, and how long before the kill that was. */
    private record Told(int number, long before) {}

    private List<Told> kill(Path folder, Path file, int first, Random random) throws Exception {
        Path told = folder.resolve("told.txt");
        Files.writeString(told, "");
        List<String> command = new ArrayList<>();
        command.add(ProcessHandle.current().info().command().orElse("java"));
        command.addAll(ManagementFactory.getRuntimeMXBean().getInputArguments());
        command.addAll(
                List.of(
                        "--class-path",
                        System.getProperty("java.class.path"),
                        KilledWindow.class.getName(),
                        file.toString(),
                        folder.resolve("data").toString(),
                        String.valueOf(first)));
        Process window =
                new ProcessBuilder(command)
                        .redirectError(ProcessBuilder.Redirect.INHERIT)
                        .redirectOutput(told.toFile())
                        .start();
        long begun = System.currentTimeMillis();
        while (Files.size(told) == 0
                && window.isAlive()
                && System.currentTimeMillis() - begun < GIVEN_UP) {
            Thread.sleep(5);
        }
        Thread.sleep(random.nextInt(LATEST));
        long killed = System.currentTimeMillis();
        window.destroyForcibly().waitFor();
        String lines = Files.readString(told);
        return lines.substring(0, lines.lastIndexOf('\n') + 1)
                .lines()
                .map(line -> line.split(" "))
                .map(p -> new Told(Integer.parseInt(p[0]), killed - Long.parseLong(p[1])))
                .toList();
    }

    private void look(Path file, List<Told> told) {
        edits += told.size();
        if (told.isEmpty()) {
            faults.add("a window told of no edit");
        }
        try {
            long there =
                    ProjectFile.load(file).keeper().budget().micros() / Money.cents(1).micros();
            long lost =
                    told.stream()
                            .filter(t -> t.number() > there)
                            .mapToLong(Told::before)
                            .max()
                            .orElse(0);
            longest = Math.max(longest, lost);
            if (Duration.ofMillis(lost).compareTo(Duration.ofSeconds(2)) > 0) {
                faults.add("an edit of " + lost + " ms before the kill is lost");
            }
        } catch (IOException | InputException e) {
            unreadable++;
            faults.add(e.getMessage());
        }
    }
}
