package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.standins.Merchants;

/** Everything of a design in open formats. */
class ExportsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static Project project;
    private static Design design;
    private static Map<String, byte[]> files;

    @BeforeAll
    static void seek() throws Unbuildable, IOException {
        project = Examples.find("rush-holm").orElseThrow().project(Merchants::priceBook);
        design =
                Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow();
        files = Exports.all(project, design, TODAY);
    }

    private static String text(String name) {
        return new String(files.get(name), StandardCharsets.UTF_8);
    }

    @Test
    void nothingIsEmptyAndTheSameDesignGivesTheSameFiles() throws IOException {
        assertThat(files.keySet())
                .contains(
                        "heap.csv",
                        "pieces.csv",
                        "cuts.csv",
                        "buy.csv",
                        "buy.txt",
                        "log.csv",
                        "build.ics",
                        "coop.obj",
                        "coop.mtl",
                        "coop.json",
                        "front.svg",
                        "house.svg");
        assertThat(files.values()).allMatch(f -> f.length > 20);
        Map<String, byte[]> again = Exports.all(project, design, TODAY);
        files.forEach((name, bytes) -> assertThat(again.get(name)).as(name).isEqualTo(bytes));
    }

    @Test
    void everyPartIsInTheModelAndEveryFaceHasItsPoints() throws IOException {
        List<String> lines = text("coop.obj").lines().toList();
        long points = lines.stream().filter(l -> l.startsWith("v ")).count();
        long groups = lines.stream().filter(l -> l.startsWith("g ")).count();

        assertThat(groups).isEqualTo(design.candidate().coop().parts().size());
        assertThat(
                        lines.stream()
                                .filter(l -> l.startsWith("f "))
                                .flatMap(l -> Arrays.stream(l.substring(2).split(" ")))
                                .mapToLong(Long::parseLong))
                .allMatch(n -> n >= 1 && n <= points);
        assertThat(lines.stream().filter(l -> l.startsWith("usemtl ")).distinct())
                .allSatisfy(l -> assertThat(text("coop.mtl")).contains("newmtl " + l.substring(7)));
        double highest =
                lines.stream()
                        .filter(l -> l.startsWith("v "))
                        .mapToDouble(l -> Double.parseDouble(l.split(" ")[2]))
                        .max()
                        .orElseThrow();
        double high = design.candidate().coop().bounds().z1().toMetres();
        assertThat(highest).isBetween(high - 1e-4, high + 1e-4);
    }

    @Test
    void theBuildIsACalendarOfItsDays() throws IOException {
        var events = Biweekly.parse(text("build.ics")).first().getEvents();

        assertThat(events).hasSameSizeAs(design.schedule(project, TODAY).sessions());
        assertThat(text("build.ics")).contains("DTSTART;VALUE=DATE:20261128");
        assertThat(events.getFirst().getDescription().getValue()).contains("mark and cut");
    }
}
