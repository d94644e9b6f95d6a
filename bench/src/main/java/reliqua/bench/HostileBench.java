package reliqua.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.files.CutJobJson;
import reliqua.files.DemoProjects;
import reliqua.files.HeapCsv;
import reliqua.files.InputException;
import reliqua.files.LogCsv;
import reliqua.files.ProjectFile;
import reliqua.files.TableImport;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Reads damaged and hostile files of every kind the program takes: what is neither read nor refused
 * in words a keeper can use is a fault. {@code hostile [INPUTS] [SEED]}.
 */
public final class HostileBench {
    private static final int USUAL_INPUTS = 20_000;
    private static final int SECONDS = 5;
    private static final int LONGEST_MESSAGE = 20_000;
    private static final int MOST_SHOWN = 25;

    /** What says more of the program than of the file. */
    private static final List<String> FOREIGN =
            List.of("Exception", "jackson", "org.", "com.", "java.", "(null)", "tools.");

    private static final List<String> NASTY =
            List.of(
                    "1e999999999",
                    "-1e999999999",
                    "1e-999999999",
                    "9".repeat(400),
                    "NaN",
                    "null",
                    "{}",
                    "[]",
                    "{\"a\":{\"a\":{}}}",
                    "[[[[[[[[[[[[]]]]]]]]]]]]",
                    "\"\"",
                    "\"\\u0000\"",
                    "-1",
                    "0",
                    "1e308",
                    "=1+1",
                    "\u202e",
                    "\ufeff",
                    "../../x",
                    "true",
                    ",,,,",
                    "\"",
                    "\r\n");

    private final Random random;
    private final ExecutorService reader = Executors.newCachedThreadPool(HostileBench::daemon);
    private final Map<String, int[]> counts = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();

    /** Something that reads bytes of one kind. */
    private interface Reader {
        void read(byte[] bytes) throws IOException, InputException;
    }

    private HostileBench(long seed) {
        this.random = new Random(seed);
    }

    private static Thread daemon(Runnable task) {
        Thread thread = new Thread(task, "reader");
        thread.setDaemon(true);
        return thread;
    }

    /** Entry point; prints a table and the first faults. */
    public static void main(String[] args) throws Exception {
        int inputs = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_INPUTS;
        long seed = args.length > 1 ? Long.parseLong(args[1]) : 1;
        new HostileBench(seed).run(inputs);
    }

    private void run(int inputs) throws Exception {
        Project demo = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Path file = Files.createTempFile("hostile", ".reliqua");
        ProjectFile.saveCopy(file, demo);
        byte[] zip = Files.readAllBytes(file);
        Map<String, byte[]> entries = entries(zip);
        byte[] heap = entries.getOrDefault("heap.csv", new byte[0]);
        byte[] log = entries.getOrDefault("log.csv", new byte[0]);
        byte[] job = new FreshJobs(1).yardText().getBytes(StandardCharsets.UTF_8);
        for (int n = 0; n < inputs; n++) {
            switch (n % 6) {
                case 0 -> tried("cut job", mutated(job), b -> CutJobJson.read(text(b), "job.json"));
                case 1 ->
                        tried(
                                "heap table",
                                mutated(heap),
                                b -> HeapCsv.read(text(b), "heap.csv", UnitSystem.MILLIMETRES));
                case 2 -> tried("log table", mutated(log), b -> LogCsv.read(text(b), "log.csv"));
                case 3 ->
                        tried("any table", mutated(heap), b -> TableImport.read(text(b), "t.csv"));
                case 4 -> tried("archive", mutated(zip), b -> opened(file, b));
                default -> tried("project", repacked(entries), b -> opened(file, b));
            }
        }
        Files.deleteIfExists(file);
        print();
    }

    private static void opened(Path file, byte[] bytes) throws IOException, InputException {
        Files.write(file, bytes);
        ProjectFile.open(file);
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private static Map<String, byte[]> entries(byte[] zip) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new java.io.ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                entries.put(e.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    /** A whole archive with one entry changed inside. */
    private byte[] repacked(Map<String, byte[]> entries) throws IOException {
        List<String> names = List.copyOf(entries.keySet());
        String changed = names.get(random.nextInt(names.size()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> e : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(e.getKey()));
                zip.write(e.getKey().equals(changed) ? mutated(e.getValue()) : e.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    /** One to four changes: bytes flipped, cut out, doubled, or something nasty put in. */
    private byte[] mutated(byte[] original) {
        byte[] bytes = original;
        for (int n = 1 + random.nextInt(4); n > 0 && bytes.length > 2; n--) {
            int at = random.nextInt(bytes.length - 1);
            int to = Math.min(bytes.length, at + 1 + random.nextInt(40));
            byte[] nasty = NASTY.get(random.nextInt(NASTY.size())).getBytes(StandardCharsets.UTF_8);
            bytes =
                    switch (random.nextInt(5)) {
                        case 0 -> spliced(bytes, at, at + 1, new byte[] {(byte) random.nextInt()});
                        case 1 -> spliced(bytes, at, to, new byte[0]);
                        case 2 ->
                                spliced(bytes, at, at, java.util.Arrays.copyOfRange(bytes, at, to));
                        case 3 -> spliced(bytes, at, to, nasty);
                        default -> valueReplaced(bytes, at, nasty);
                    };
        }
        return bytes;
    }

    /** The next value behind a colon or comma becomes something nasty. */
    private static byte[] valueReplaced(byte[] bytes, int from, byte[] nasty) {
        int begin = from;
        while (begin < bytes.length && bytes[begin] != ':' && bytes[begin] != ',') {
            begin++;
        }
        int end = Math.min(bytes.length, begin + 1);
        while (end < bytes.length && ",}]\n".indexOf(bytes[end]) < 0) {
            end++;
        }
        return spliced(bytes, Math.min(begin + 1, bytes.length), end, nasty);
    }

    private static byte[] spliced(byte[] bytes, int from, int to, byte[] put) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(bytes, 0, from);
        out.writeBytes(put);
        out.write(bytes, Math.max(from, to), bytes.length - Math.max(from, to));
        return out.toByteArray();
    }

    private void tried(String kind, byte[] bytes, Reader how) throws InterruptedException {
        int[] count = counts.computeIfAbsent(kind, _ -> new int[4]);
        count[0]++;
        Future<?> reading =
                reader.submit(
                        () -> {
                            how.read(bytes);
                            return null;
                        });
        try {
            reading.get(SECONDS, TimeUnit.SECONDS);
            count[1]++;
        } catch (TimeoutException e) {
            fault(kind, count, "no end after " + SECONDS + " s");
        } catch (ExecutionException e) {
            refused(kind, count, String.valueOf(e.getCause()), e.getCause());
        }
    }

    private void refused(String kind, int[] count, String words, Throwable cause) {
        if (!(cause instanceof InputException)) {
            fault(kind, count, words);
            return;
        }
        String message = String.valueOf(cause.getMessage());
        count[2]++;
        if (message.length() > LONGEST_MESSAGE) {
            fault(kind, count, "a message of " + message.length() + " letters");
        } else if (FOREIGN.stream().anyMatch(message::contains)) {
            fault(kind, count, message);
        }
    }

    private void fault(String kind, int[] count, String words) {
        count[3]++;
        faults.add(kind + ": " + words.lines().findFirst().orElse(""));
    }

    private void print() {
        System.out.println("| input | tried | read | refused in words | faults |");
        System.out.println("|---|---|---|---|---|");
        counts.forEach(
                (kind, c) ->
                        System.out.printf(
                                Locale.ENGLISH,
                                "| %s | %d | %d | %d | %d |%n",
                                kind,
                                c[0],
                                c[1],
                                c[2],
                                c[3]));
        long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
        System.out.println("memory at the end: " + (used >> 20) + " MB");
        faults.stream().distinct().sorted().limit(MOST_SHOWN).forEach(System.out::println);
    }
}
