package reliqua.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.files.DemoProjects;
import reliqua.files.HeapCsv;
import reliqua.files.ProjectFile;
import reliqua.files.disk.FileHold;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** The whole job by commands, without a display. */
class MainTest {
    @TempDir Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path project;

    /** In inches. */
    private static final Map<String, Integer> LENGTHS =
            Map.of("width", 64, "depth", 48, "legs", 18, "front", 48, "back", 36, "overhang", 6);

    @BeforeEach
    void start() throws IOException {
        project = folder.resolve("p.reliqua");
        Path heap = folder.resolve("heap.csv");
        Files.writeString(
                heap,
                HeapCsv.write(DemoProjects.ternLane(Merchants::priceBook, new Climates()).heap()));
        assertThat(
                        run(
                                "new",
                                "--birds",
                                "5xstandard",
                                "--kind",
                                "raised",
                                "--heap",
                                heap.toString(),
                                "--out",
                                project.toString()))
                .isZero();
    }

    private int run(String... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return Main.run(args, new PrintWriter(out, true), new PrintWriter(err, true));
    }

    @Test
    void aCoopInUseIsLoggedAndAsked() throws Exception {
        // Every question looks for the house again, unless its lengths are given.
        Project sized = ProjectFile.load(project);
        for (Map.Entry<String, Integer> length : LENGTHS.entrySet()) {
            sized = sized.hold(length.getKey(), Length.inches(length.getValue()));
        }
        ProjectFile.save(project, sized);
        String file = project.toString();
        Path ics = folder.resolve("due.ics");
        Path csv = folder.resolve("log.csv");
        assertThat(run("log", file, "12 eggs, 2 cracked", "--today", "2026-05-01")).isZero();
        assertThat(out.toString()).contains("12 eggs, 2 cracked").contains("1 May 2026");
        assertThat(run("log", file, "2 hens in", "--today", "2026-05-02")).isZero();
        assertThat(run("log", file, "12")).isEqualTo(1);
        assertThat(err.toString()).contains("say what happened");

        assertThat(run("due", file, "--today", "2026-06-01")).isZero();
        assertThat(out.toString()).contains("OVERDUE  turn the litter");
        assertThat(run("audit", file)).isZero();
        assertThat(out.toString()).contains("OPEN  ribs of the roofing").contains("of battens");
        assertThat(
                        run(
                                "keep",
                                file,
                                "--today",
                                "2026-06-01",
                                "--ics",
                                ics.toString(),
                                "--csv",
                                csv.toString()))
                .isZero();
        assertThat(out.toString()).contains("away at most");
        assertThat(ics).content().contains("BEGIN:VEVENT");
        assertThat(csv).content().contains("2026-05-01,eggs,12,2");
    }

    @Test
    void needsArePrintedAsTextAndJson() {
        assertThat(run("needs", project.toString())).isZero();
        assertThat(out.toString()).contains("house floor").contains("7 standard hens");
        assertThat(run("needs", project.toString(), "--json")).isZero();
        assertThat(out.toString()).contains("\"reliqua-needs\"");
    }

    @Test
    void fitCheckReportAndExportGoThrough() throws Exception {
        Path fitted = folder.resolve("fitted");
        assertThat(run("fit", project.toString(), "--out", fitted.toString(), "--settle")).isZero();
        assertThat(out.toString()).contains("best").contains("unfitted");
        assertThat(fitted.resolve("front.svg")).exists();
        assertThat(fitted.resolve("coop.json")).content().contains("\"family\" : \"raised\"");
        assertThat(ProjectFile.load(project).chosen()).isPresent();
        assertThat(run("check", project.toString())).isZero();
        assertThat(out.toString()).contains("GOOD").doesNotContain("FAULT");
        Path pdf = folder.resolve("p.pdf");
        assertThat(run("report", project.toString(), "--pdf", pdf.toString())).isZero();
        assertThat(Files.size(pdf)).isGreaterThan(10_000);
        for (String what : new String[] {"heap", "pieces", "buy", "cuts"}) {
            Path table = folder.resolve(what + ".csv");
            assertThat(run("export", project.toString(), "--what", what, "--out", table.toString()))
                    .isZero();
            assertThat(Files.readAllLines(table)).hasSizeGreaterThan(3);
        }
    }

    @Test
    void aPriceBookGoesOutAndInAndIsNoHeap() throws Exception {
        Path table = folder.resolve("prices.csv");
        String file = table.toString();
        assertThat(run("export", project.toString(), "--what", "prices", "--out", file)).isZero();
        assertThat(run("import", file, "--into", project.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("--prices");
        assertThat(run("import", file, "--into", project.toString(), "--prices")).isZero();
        assertThat(ProjectFile.load(project).prices().offers()).isNotEmpty();
    }

    @Test
    void aSecondHeapIsAdded() throws IOException {
        Path more = folder.resolve("more.csv");
        Files.writeString(more, "kind,thickness,width,length\nstick,1 1/2,3 1/2,96\n");
        assertThat(run("import", more.toString(), "--into", project.toString())).isZero();
        assertThat(run("export", project.toString(), "--what", "heap", "--out", more.toString()))
                .isZero();
        assertThat(Files.readString(more)).contains("L1,stick,1,1 1/2 in,3 1/2 in,96 in");
    }

    @Test
    void anybodysTableIsAddedWhenEveryLineIsClearAndNothingOfItOtherwise() throws Exception {
        Path list = folder.resolve("list.csv");
        Files.writeString(list, "Item;Qty;Where\n2x4 at 96;3;barn\nply 1/2 x 48 x 96;1;loft\n");
        int before = ProjectFile.load(project).heap().lots().size();
        assertThat(run("import", list.toString(), "--into", project.toString())).isZero();
        assertThat(ProjectFile.load(project).heap().lots()).hasSize(before + 2);
        Files.writeString(list, "Item;Qty\n2x4 at 96;3\nwhatnot;1\n");
        assertThat(run("import", list.toString(), "--into", project.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("line 3");
        assertThat(ProjectFile.load(project).heap().lots()).hasSize(before + 2);
    }

    @Test
    void jobsArePlannedOneByOneAndByTheFolder() throws IOException {
        Path job = folder.resolve("job.json");
        Files.writeString(
                job,
                "{\"format\":\"reliqua-cut-job\",\"version\":1,\"kerf\":3,\"shop\":[{\"id\":\"B\",\"kind\":\"stick\","
                        + "\"thickness\":38,\"width\":89,\"length\":2400,\"price\":4.2}],\"pieces\":[{\"id\":\"a\","
                        + "\"thickness\":38,\"width\":89,\"length\":1100,\"quantity\":3}]}");
        Path plan = folder.resolve("plan.json");
        assertThat(run("plan", job.toString(), "--out", plan.toString())).isZero();
        assertThat(Files.readString(plan)).contains("8.4");
        Path plans = folder.resolve("plans");
        assertThat(run("plan", "--batch", folder.toString(), "--out", plans.toString())).isZero();
        assertThat(Files.readString(plans.resolve("job.json"))).contains("seconds");
    }

    @Test
    void linesAreUnderstood() throws IOException {
        Path lines = folder.resolve("lines.txt");
        Files.writeString(lines, "6 of 2x4 at 92 5/8 bow 1/2\nhello\n");
        assertThat(run("say", "--file", lines.toString())).isZero();
        assertThat(out.toString().lines()).hasSize(2);
        assertThat(out.toString()).contains("\"understood\":true").contains("\"understood\":false");
    }

    @Test
    void badInputIsOneClearLineAndExitOne() throws IOException {
        assertThat(run("needs", folder.resolve("none.reliqua").toString())).isEqualTo(1);
        assertThat(err.toString()).contains("none.reliqua").contains("no such file");
        Path bad = folder.resolve("bad.json");
        Files.writeString(bad, "{}");
        assertThat(run("plan", bad.toString(), "--out", folder.resolve("x").toString()))
                .isEqualTo(1);
        assertThat(err.toString()).contains("bad.json").contains("format");
        assertThat(run("new", "--birds", "12xdragon", "--out", project.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("dragon");
    }

    @Test
    void wrongUsageIsExitTwo() {
        assertThat(run("plan", "--out", "x")).isEqualTo(2);
        assertThat(run("dance")).isEqualTo(2);
        assertThat(run("fit")).isEqualTo(2);
    }

    @Test
    void aProjectIsNotWrittenOverUnasked() throws Exception {
        byte[] before = Files.readAllBytes(project);
        String[] again = {"new", "--birds", "3xbantam", "--out", project.toString()};
        assertThat(run(again)).isEqualTo(1);
        assertThat(err.toString()).contains("p.reliqua").contains("--replace");
        assertThat(Files.readAllBytes(project)).isEqualTo(before);
        again = java.util.Arrays.copyOf(again, again.length + 1);
        again[again.length - 1] = "--replace";
        assertThat(run(again)).isZero();
        assertThat(ProjectFile.load(project).flock().total()).isEqualTo(3);
    }

    @Test
    void optionsWithoutSenseAreRefusedInALine() {
        String to = folder.resolve("x.reliqua").toString();
        assertThat(run("new", "--birds", "3xbantam", "--name", " ", "--out", to)).isEqualTo(1);
        assertThat(err.toString().lines()).hasSize(1);
        assertThat(err.toString()).contains("--name");
        for (String seconds : new String[] {"0", "-1", "NaN"}) {
            assertThat(run("fit", project.toString(), "--out", to, "--seconds", seconds))
                    .isEqualTo(1);
            assertThat(err.toString()).contains("--seconds").contains("above zero");
        }
    }

    @Test
    void aFullDiskIsNoSuccess() {
        PrintWriter full =
                new PrintWriter(
                        new OutputStream() {
                            @Override
                            public void write(int b) throws IOException {
                                throw new IOException("No space left on device");
                            }
                        });
        String[] command = {"needs", project.toString()};
        assertThat(Main.run(command, full, new PrintWriter(err, true))).isEqualTo(1);
        assertThat(err.toString()).contains("could not be written");
    }

    @Test
    void lettersThatTheConsoleLacksAreSpelledAndJsonIsTheSameEverywhere() throws IOException {
        ByteArrayOutputStream console = new ByteArrayOutputStream();
        Writer plain = Output.spelled(console, StandardCharsets.US_ASCII);
        plain.write("\u22125 \u00d7 3");
        plain.flush();
        assertThat(console.toString(StandardCharsets.US_ASCII)).isEqualTo("-5 x 3");
        Path lines = folder.resolve("lines.txt");
        Files.writeString(lines, "2x4 at 8ft from J\u00f8rgen\n");
        assertThat(run("say", "--file", lines.toString())).isZero();
        assertThat(out.toString()).contains("\\u00f8").matches("\\p{ASCII}+");
    }

    @Test
    void aProjectThatIsOpenElsewhereIsNotChanged() throws IOException {
        Path more = folder.resolve("more.csv");
        Files.writeString(more, "kind,thickness,width,length\nstick,1 1/2,3 1/2,96\n");
        try (FileHold window = FileHold.take(project).orElseThrow()) {
            assertThat(run("import", more.toString(), "--into", project.toString())).isEqualTo(1);
            assertThat(err.toString()).contains("open in another window");
            assertThat(window.isStill()).isTrue();
        }
        assertThat(run("import", more.toString(), "--into", project.toString())).isZero();
    }

    @Test
    void aDamagedProjectCanBeLookedAtButNotChanged() throws IOException {
        byte[] bytes = Files.readAllBytes(project);
        byte[] cut = java.util.Arrays.copyOf(bytes, bytes.length - 30);
        Files.write(project, cut);
        assertThat(run("needs", project.toString())).isZero();
        assertThat(err.toString()).contains("damaged").contains("end of the file");
        Path more = folder.resolve("more.csv");
        Files.writeString(more, "kind,thickness,width,length\nstick,1 1/2,3 1/2,96\n");
        assertThat(run("import", more.toString(), "--into", project.toString())).isEqualTo(1);
        assertThat(Files.readAllBytes(project)).isEqualTo(cut);
    }

    @Test
    void commandsAreToldFromFiles() {
        assertThat(List.of("fit", "kinds", "log", "audit", "due", "keep", "--version"))
                .allMatch(Main::knows);
        assertThat(Main.knows("help")).isTrue();
        assertThat(List.of("demo", "coop.reliqua", "/tmp/fit", "")).noneMatch(Main::knows);
    }
}
