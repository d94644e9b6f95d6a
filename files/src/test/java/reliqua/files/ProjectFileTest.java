package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import reliqua.core.build.StepNote;
import reliqua.core.coop.Coop;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.CutWish;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.Edit;
import reliqua.core.project.History;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.project.SawLog;
import reliqua.core.project.SayLog;
import reliqua.core.stock.Block;
import reliqua.core.stock.FlawMarking;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Photo;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Stick;
import reliqua.files.disk.Generations;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

class ProjectFileTest {
    @TempDir Path folder;

    private static List<Project> demos() {
        return List.of(
                DemoProjects.ternLane(Merchants::priceBook, new Climates()),
                DemoProjects.kerrinRigg(Merchants::priceBook, new Climates()));
    }

    /** The house that is found for each of them, sought once. */
    private static Map<Project, Design> houses;

    @BeforeAll
    static void seek() throws Unbuildable {
        Map<Project, Design> found = new LinkedHashMap<>();
        for (Project demo : demos()) {
            found.put(
                    demo,
                    Design.derive(demo, Optional.empty(), Progress.NONE, _ -> {})
                            .design()
                            .orElseThrow());
        }
        houses = found;
    }

    @Test
    void aProjectComesBackAsItWas() throws IOException, InputException {
        Path path = folder.resolve("p.reliqua");
        for (Project demo : demos()) {
            Project project = demo.hold("width", Length.inches(129, 2)).tick("step LEG", true);
            ProjectFile.save(path, project);
            assertThat(ProjectFile.load(path)).isEqualTo(project);
        }
    }

    @Test
    void aHouseSettledOnComesBackToo() throws IOException, InputException {
        Project demo = demos().getFirst();
        Design design = houses.get(demo);
        Project settled = demo.settledOn(design.candidate());
        Path path = folder.resolve("p.reliqua");
        Project cut = settled;
        for (Ticket ticket : design.candidate().plan().tickets()) {
            cut = SawLog.cut(cut, ticket, Set.of());
        }
        assertThat(cut.cuts()).hasSizeGreaterThan(20);
        cut = cut.wish(new CutWish("A1", "S1", false), true);
        Project.Chosen house = settled.chosen().orElseThrow();
        Seam seam = new Seam("R1", Seam.Kind.COURSES, List.of(Length.mm(900)));
        Ticket first = design.candidate().plan().tickets().getFirst();
        String spoiled = first.cuts().getFirst().marks();
        Project told =
                History.of(settled)
                        .apply(
                                new Edit(
                                        "cut",
                                        p ->
                                                SawLog.cut(p, first, Set.of(spoiled))
                                                        .withChosen(
                                                                Optional.of(
                                                                        new Project.Chosen(
                                                                                house.spec(),
                                                                                List.of(seam))))),
                                LocalDateTime.of(2026, 5, 4, 9, 30))
                        .now();
        assertThat(told.story()).hasSize(2);
        Ticket stick =
                design.candidate().plan().tickets().stream()
                        .filter(t -> t.material() instanceof Stick && !t.bought())
                        .findFirst()
                        .orElseThrow();
        Material torn = FlawMarking.split(stick.material(), "300 to 400", Tape.METRIC);
        Project split = SawLog.cut(settled, stick, Set.of(), torn);
        assertThat(split.cuts().getFirst().uncut()).isNotEmpty();
        Project kept = settled.keeping("low, with \"tin\"", house).keeping("wide", house);
        for (Project each : List.of(settled, cut, told, split, kept)) {
            ProjectFile.save(path, each);
            assertThat(ProjectFile.load(path)).isEqualTo(each);
        }
    }

    @Test
    void whatADesignUsesWholeComesBackToo() throws IOException, InputException {
        Project project = Examples.find("gull-croft").orElseThrow().project(_ -> PriceBook.EMPTY);
        Pallet pallet =
                project.heap().lots().stream()
                        .map(Lot::material)
                        .filter(Pallet.class::isInstance)
                        .map(Pallet.class::cast)
                        .findFirst()
                        .orElseThrow();
        Block block = Block.of(Length.mm(190), Length.mm(190), Length.mm(390));
        Pallet narrower =
                new Pallet(
                        pallet.kind(),
                        pallet.length(),
                        pallet.width().minus(Length.mm(100)),
                        pallet.deck(),
                        pallet.bearers(),
                        pallet.stamp(),
                        0);
        Finds finds =
                Finds.of(
                                Finds.WholePallet.of(pallet, 26),
                                Optional.of(new Finds.Footing(block, 12)))
                        .and(Finds.WholePallet.of(narrower, 9));
        Choices choices =
                houses.get(demos().getFirst())
                        .candidate()
                        .spec()
                        .choices()
                        .with(finds)
                        .with(Choices.Cladding.BOARDS);
        DesignSpec spec =
                project.kind()
                        .sized(
                                choices,
                                new Brief(project.needs(), project.keeper()),
                                Map.of(),
                                Length.mm(2200),
                                Length.mm(1900));
        Project settled = project.withChosen(Optional.of(new Project.Chosen(spec, List.of())));
        Path path = folder.resolve("pallets.reliqua");
        ProjectFile.save(path, settled);
        assertThat(ProjectFile.load(path)).isEqualTo(settled);
    }

    @Test
    void thePanelsOfAPenComeBackToo() throws IOException, InputException {
        Project project = Examples.find("kennel-yard").orElseThrow().project(_ -> PriceBook.EMPTY);
        Coop coop = Examples.find("kennel-yard").orElseThrow().coop(project);
        FoundPart part =
                new FoundPart(
                        FoundPart.Kind.PANEL,
                        List.of(Length.mm(900), Length.mm(1300), Length.mm(30)));
        Finds finds =
                Finds.of(
                        new Finds.Panels(Length.mm(900), Length.mm(1300), Length.mm(30), part, 12));
        Choices choices = houses.get(demos().getFirst()).candidate().spec().choices().with(finds);
        DesignSpec spec =
                project.kind()
                        .sized(
                                choices,
                                new Brief(project.needs(), project.keeper()),
                                Map.of(),
                                coop.measures().width(),
                                coop.measures().depth());
        Project settled = project.withChosen(Optional.of(new Project.Chosen(spec, List.of())));
        Path path = folder.resolve("panels.reliqua");
        ProjectFile.save(path, settled);
        assertThat(ProjectFile.load(path)).isEqualTo(settled);
    }

    @Test
    void picturesTravelInTheFileEachOnce() throws IOException, InputException {
        Path path = folder.resolve("p.reliqua");
        Random random = new Random(5);
        Project project = demos().getFirst();
        for (Lot lot : project.heap().lots()) {
            byte[] picture = new byte[60_000];
            random.nextBytes(picture);
            Lot shown =
                    lot.with(
                            lot.provenance()
                                    .with(List.of(new Photo(picture), new Photo(new byte[] {1}))));
            project = project.withHeap(project.heap().replace(shown));
        }
        ProjectFile.save(path, project);
        Project loaded = ProjectFile.load(path);
        assertThat(loaded).isEqualTo(project);
        Lot first = loaded.heap().lots().getFirst();
        assertThat(first.provenance().photos().getFirst().jpeg())
                .isEqualTo(
                        project.heap().lots().getFirst().provenance().photos().getFirst().jpeg());
    }

    @Test
    void theVersionBeforeIsKeptAndNamedWhenTheFileIsDamaged() throws IOException, InputException {
        Path path = folder.resolve("p.reliqua");
        Project first = demos().getFirst();
        ProjectFile.save(path, first);
        ProjectFile.save(path, first.tick("a", true));
        assertThat(ProjectFile.load(Generations.place(path, 1))).isEqualTo(first);
        byte[] bytes = Files.readAllBytes(path);
        Files.write(path, java.util.Arrays.copyOf(bytes, bytes.length / 3));
        assertThatThrownBy(() -> ProjectFile.load(path))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("p.reliqua~");
    }

    @Test
    void savingLeavesNoHalfFileBehind() throws IOException {
        ProjectFile.save(folder.resolve("p.reliqua"), demos().getFirst());
        try (var files = Files.list(folder)) {
            assertThat(files.map(p -> p.getFileName().toString())).containsExactly("p.reliqua");
        }
    }

    @Test
    void otherFilesAreRefusedInWords() throws IOException {
        Path path = folder.resolve("x.reliqua");
        Files.writeString(path, "not a zip");
        assertThatThrownBy(() -> ProjectFile.load(path))
                .hasMessageContaining("project.json is missing");
    }

    @Test
    void theDemoHeapsAreMessyAndComplete() {
        for (Project demo : demos()) {
            assertThat(demo.heap().lots()).hasSizeBetween(40, 70);
            assertThat(demo.prices().offers()).isNotEmpty();
        }
    }

    @Test
    void picturesOfADayComeBackWithItsLine() throws IOException, InputException {
        Photo photo = new Photo(new byte[] {4, 5, 6});
        Entry line =
                new Entry(
                        LocalDate.of(2026, 5, 4),
                        new Happening.Note("a hole at the apron"),
                        "a hole at the apron");
        Project plain = SayLog.written(demos().getFirst(), List.of(line));
        Project shown = SayLog.showing(plain, line, List.of(photo));
        Path file = folder.resolve("day.reliqua");
        ProjectFile.save(file, shown);
        assertThat(ProjectFile.load(file).book().log())
                .isEqualTo(shown.book().log())
                .anyMatch(e -> e.photos().equals(List.of(photo)));
    }

    @Test
    void notesToStepsComeBackWithTheirPictures() throws IOException, InputException {
        Photo photo = new Photo(new byte[] {9, 8, 7});
        StepNote note = new StepNote(40, "plate 8 mm longer: \u00fc\n2nd line", List.of(photo));
        Project noted = demos().getFirst().noting("step STUD", note);
        Path file = folder.resolve("noted.reliqua");
        ProjectFile.save(file, noted);
        assertThat(ProjectFile.load(file).notes()).isEqualTo(noted.notes());
        assertThat(ProjectFile.load(file).note("step LEG")).isEqualTo(StepNote.NONE);
    }

    @Test
    void everythingThatIsPrintedCanBePrinted() throws IOException {
        for (Project demo : demos()) {
            Design design = houses.get(demo);
            assertThat(design.candidate().faults()).isZero();
            assertThat(design.candidate().plan().missing()).isEmpty();
            byte[] pdf = PacketPdf.write(demo, design, PlanReview.NONE);
            try (var document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).isGreaterThan(8);
                String text = new org.apache.pdfbox.text.PDFTextStripper().getText(document);
                assertThat(text).contains(demo.name()).contains("Raising it").contains("A1");
                assertThat(text).contains("both ends slant").contains("crown");
            }
            var tape = demo.keeper().tape();
            var coop = design.candidate().coop();
            String svg =
                    SvgDrawing.write(
                            reliqua.core.drawing.Elevation.of(
                                    coop,
                                    reliqua.core.drawing.Elevation.View.FRONT,
                                    tape,
                                    java.util.Set.of()));
            assertThat(svg).startsWith("<svg").contains("</svg>");
            assertThat(PlanCsv.pieces(coop, design.candidate().plan(), tape).lines())
                    .hasSize(coop.parts().size() + 1);
            assertThat(PlanCsv.bill(design.bill()).lines())
                    .hasSize(design.bill().lines().size() + 2);
            assertThat(PlanCsv.cuts(design.candidate().plan(), tape)).contains("A1");
        }
    }
}
