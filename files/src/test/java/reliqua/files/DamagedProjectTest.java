package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.project.Project;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Photo;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** Project files that were cut off, altered or made to do harm. */
class DamagedProjectTest {
    private static final int PHOTOS = 12;

    @TempDir Path folder;
    private Path file;
    private Project project;

    @BeforeEach
    void save() throws IOException {
        file = folder.resolve("p.reliqua");
        project = DemoProjects.ternLane(Merchants::priceBook, new Climates());
        Random random = new Random(3);
        for (Lot lot : project.heap().lots().subList(0, PHOTOS)) {
            byte[] picture = new byte[20_000];
            random.nextBytes(picture);
            Lot shown = lot.with(lot.provenance().with(List.of(new Photo(picture))));
            project = project.withHeap(project.heap().replace(shown));
        }
        ProjectFile.save(file, project);
    }

    private Map<String, byte[]> entries() throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                entries.put(e.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private void write(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        Files.write(file, out.toByteArray());
    }

    private void replace(String entry, String text) throws IOException {
        Map<String, byte[]> entries = entries();
        entries.put(entry, text.getBytes(StandardCharsets.UTF_8));
        write(entries);
    }

    @Test
    void oneCutOffInTheMiddleOpensForReadingWithWhatIsMissing() throws Exception {
        byte[] bytes = Files.readAllBytes(file);
        Files.write(file, java.util.Arrays.copyOf(bytes, bytes.length - 8 * 20_000));
        ProjectFile.Opened opened = ProjectFile.open(file);
        assertThat(opened.project().heap().lots()).hasSameSizeAs(project.heap().lots());
        assertThat(opened.missing())
                .contains("the end of the file is missing or damaged")
                .filteredOn(line -> line.startsWith("photo "))
                .hasSizeBetween(7, 9);
        assertThatThrownBy(() -> ProjectFile.load(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("p.reliqua: photo ");
    }

    @Test
    void oneBitTurnedIsNoticedWhereverItIs() throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        Random random = new Random(11);
        for (int n = 0; n < 60; n++) {
            byte[] turned = bytes.clone();
            int at = random.nextInt(bytes.length);
            turned[at] ^= (byte) (1 << random.nextInt(8));
            Files.write(file, turned);
            assertThat(readsAs(project)).as("bit at %d", at).isTrue();
        }
    }

    /** Either refused, or told what is missing, or the very same project. */
    private boolean readsAs(Project expected) throws IOException {
        try {
            ProjectFile.Opened opened = ProjectFile.open(file);
            return !opened.missing().isEmpty() || opened.project().equals(expected);
        } catch (InputException e) {
            return !e.faults().isEmpty();
        }
    }

    @Test
    void aPhotoThatIsNamedButNotThereIsMissed() throws Exception {
        Map<String, byte[]> entries = entries();
        String first =
                entries.keySet().stream().filter(n -> n.startsWith("photos/")).toList().get(4);
        entries.remove(first);
        write(entries);
        assertThat(ProjectFile.open(file).missing())
                .containsExactly(
                        first.replace("photos/", "photo ").replace(".jpg", "") + " is missing");
    }

    @Test
    void aLargeHeapComesBackWhole() throws Exception {
        List<Lot> many = new ArrayList<>();
        Lot.Provenance wordy =
                new Lot.Provenance("", "", "a long story ".repeat(180), project.keeper().budget());
        for (int n = 0; n < 30_000; n++) {
            many.add(project.heap().lots().get(n % 20).withId("M" + n).with(wordy));
        }
        Project large = project.withHeap(new reliqua.core.stock.Heap(many));
        ProjectFile.save(file, large);
        assertThat(ProjectFile.load(file).heap().lots()).hasSize(30_000);
    }

    @Test
    @Timeout(value = 20, unit = TimeUnit.SECONDS)
    void aBombIsRefusedBeforeItFillsTheMemory() throws IOException {
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("project.json"));
            byte[] zeros = new byte[1 << 20];
            for (int n = 0; n < 200; n++) {
                zip.write(zeros);
            }
        }
        assertThat(file.toFile().length()).isLessThan(1 << 20);
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("unpacks to more");
    }

    @Test
    @Timeout(value = 20, unit = TimeUnit.SECONDS)
    void aPipeIsRefusedInsteadOfWaitedFor() throws Exception {
        Path pipe = folder.resolve("pipe.reliqua");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        assertThatThrownBy(() -> ProjectFile.open(pipe)).hasMessageContaining("ordinary file");
        assertThatThrownBy(() -> TextFile.read(pipe)).hasMessageContaining("ordinary file");
    }

    @Test
    @Timeout(value = 20, unit = TimeUnit.SECONDS)
    void numbersWithHugeExponentsAreRefusedInALine() throws IOException {
        String json = new String(entries().get("project.json"), StandardCharsets.UTF_8);
        for (String number :
                List.of("1e999999999", "1e-999999999", "-1e999999999", "1e2147483647")) {
            replace(
                    "project.json",
                    json.replaceFirst("\"budget\" : [0-9.]+", "\"budget\" : " + number));
            assertThatThrownBy(() -> ProjectFile.open(file))
                    .isInstanceOf(InputException.class)
                    .hasMessageContaining("budget")
                    .satisfies(e -> assertThat(e.getMessage().length()).isLessThan(600));
        }
    }

    @Test
    void anExponentThatIsNoNumberItselfIsRefusedInALine() throws IOException {
        String json = new String(entries().get("project.json"), StandardCharsets.UTF_8);
        for (String number : List.of("1e-9999999999", "1e99999999999999999999")) {
            replace(
                    "project.json",
                    json.replaceFirst("\"budget\" : [0-9.]+", "\"budget\" : " + number));
            assertThatThrownBy(() -> ProjectFile.open(file))
                    .isInstanceOf(InputException.class)
                    .hasMessageContaining("exponent");
        }
    }

    @Test
    void aFieldThereTwiceIsRefused() throws IOException {
        String json = new String(entries().get("project.json"), StandardCharsets.UTF_8);
        replace("project.json", json.replaceFirst("\"name\"", "\"name\" : \"other\",\n  \"name\""));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("there twice");
    }

    @Test
    void aMarkOfTheByteOrderDoesNoHarmAndOtherLettersAreNamed() throws Exception {
        Map<String, byte[]> entries = entries();
        String json = new String(entries.get("project.json"), StandardCharsets.UTF_8);
        replace("project.json", '\uFEFF' + json);
        assertThat(ProjectFile.load(file)).isEqualTo(project);
        entries.put(
                "heap.csv",
                "id,kind,length\nA,stick,\n\u00e9".getBytes(StandardCharsets.ISO_8859_1));
        write(entries);
        assertThatThrownBy(() -> ProjectFile.open(file))
                .hasMessageContaining("heap.csv, line 3")
                .hasMessageContaining("UTF-8");
    }

    @Test
    void aFileFromBeforeThereWereOtherKindsOfCoopStillOpens() throws Exception {
        Project held = project.hold("width", reliqua.core.measure.Length.inches(60));
        ProjectFile.save(file, held);
        String json = new String(entries().get("project.json"), StandardCharsets.UTF_8);
        assertThat(json).contains("\"family\" : \"raised\",");
        replace("project.json", json.replace("\"family\" : \"raised\",", ""));
        assertThat(ProjectFile.load(file)).isEqualTo(held);
    }
}
