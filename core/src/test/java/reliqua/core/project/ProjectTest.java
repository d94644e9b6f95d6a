package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.build.Steps;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.drawing.BirdsPicture;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Oblique;
import reliqua.core.drawing.Picture;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.fit.Yards;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.flock.WhatIf;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;

class ProjectTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 9, 30);
    private final Project project = Yards.project(8);

    private static Project applied(String line, Project project) {
        SayEdit.Said said = SayEdit.read(line, project);
        assertThat(said).as(line).isInstanceOf(SayEdit.Said.Change.class);
        return ((SayEdit.Said.Change) said).edit().change().apply(project);
    }

    @Test
    void undoIsTheProjectBefore() {
        History start = History.of(project);
        History after =
                start.apply(
                        new Edit(
                                "more hens",
                                p -> p.withFlock(p.flock().with(BirdClass.STANDARD, 12))),
                        NOW);
        assertThat(after.undoName()).contains("more hens");
        assertThat(after.undo(NOW).now()).isEqualTo(project);
        assertThat(after.undo(NOW).redo(NOW).now()).isEqualTo(after.now());
        assertThat(after.undo(NOW).redoName()).contains("more hens");
        assertThat(start.apply(new Edit("nothing", p -> p), NOW)).isSameAs(start);
        assertThat(start.undo(NOW)).isSameAs(start);
        assertThat(
                        after.undo(NOW)
                                .apply(new Edit("x", p -> p.tick("a", true)), NOW)
                                .redo(NOW)
                                .now()
                                .done())
                .contains("a");
    }

    @ParameterizedTest
    @CsvSource({"hens 12,12", "12 hens,12", "hens 0,0", "HENS 3,3"})
    void birdsAreHeard(String line, int hens) {
        assertThat(applied(line, project).flock().count(BirdClass.STANDARD)).isEqualTo(hens);
    }

    @Test
    void dimensionsAreHeldAndFreed() {
        Project held = applied("width 1.64 m", project);
        assertThat(held.held()).containsEntry("width", Length.mm(1640));
        assertThat(applied("free width", held).held()).isEmpty();
        assertThat(applied("budget 75.50", project).keeper().budget()).isEqualTo(Money.of(75.5));
    }

    @Test
    void theKeeperAndThePlaceAreHeard() {
        Project limited = applied("no wider than 2.1 m", applied("kerf 2", project));
        assertThat(limited.keeper().kerf()).isEqualTo(Length.mm(2));
        assertThat(limited.keeper().limits().width()).contains(Length.mm(2100));
        assertThat(applied("any width", limited).keeper().limits().width()).isEmpty();
        assertThat(applied("no higher than 1900", project).keeper().limits().height())
                .contains(Length.mm(1900));
        assertThat(SayEdit.read("kerf 2 m", project)).isInstanceOf(SayEdit.Said.Unclear.class);
        assertThat(SayEdit.read("no deeper than ever", project))
                .isInstanceOf(SayEdit.Said.Unclear.class);
    }

    /** Nobody holds a depth of fifty metres, nor a width of two millimetres and a half. */
    @Test
    void aLengthAbsurdInTheKeepersUnitIsReadInTheOther() {
        Project inches = project.withKeeper(Keeper.with(Tape.INCH));
        assertThat(applied("depth 2200", inches).held()).containsEntry("depth", Length.mm(2200));
        assertThat(applied("depth 62 1/2", inches).held())
                .containsEntry("depth", Length.inches(125, 2));
        assertThat(applied("width 2.4", project).held()).containsEntry("width", Length.mm(2400));
        assertThat(applied("width 1850", project).held()).containsEntry("width", Length.mm(1850));
    }

    @Test
    void aLotSaidLandsInTheHeapUnderAFreshName() {
        Project more = applied("6 of 38 x 89 x 2350 bow 4", project);
        assertThat(more.heap().lots()).hasSize(project.heap().lots().size() + 1);
        assertThat(more.heap().lots().getLast().quantity()).isEqualTo(6);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "width",
                "width nine",
                "depth 0",
                "hens 999",
                "qwerty",
                "free lunch",
                "budget lots"
            })
    void nonsenseChangesNothingAndSaysWhy(String line) {
        assertThat(SayEdit.read(line, project))
                .isInstanceOfSatisfying(
                        SayEdit.Said.Unclear.class, u -> assertThat(u.message()).isNotBlank());
    }

    @Test
    void aDesignAddsUp() throws Unbuildable {
        Design design = Yards.fitted(8);
        Money lines =
                design.bill().lines().stream()
                        .map(line -> line.price().times(line.units()))
                        .reduce(Money.ZERO, Money::plus);
        assertThat(design.bill().total()).isEqualTo(lines);
        assertThat(design.bill().heapShare()).isBetween(0.0, 1.0);
        assertThat(design.minutesLeft(project)).isEqualTo(design.minutes());
        assertThat(design.minutesLeft(project.tick(design.steps().getFirst().key(), true)))
                .isLessThan(design.minutes());
    }

    @Test
    void minutesWrittenDownTeachThePaceOfTheStepsToCome() throws Unbuildable {
        Design design = Yards.fitted(8);
        Step first = design.steps().getFirst();
        Step last = design.steps().getLast();
        Project slow =
                project.noting(first.key(), StepNote.NONE.taking(first.minutes() * 3 + 120))
                        .tick(first.key(), true);

        List<Step> paced = design.paced(slow);
        assertThat(paced.getFirst().minutes()).isEqualTo(first.minutes() * 3 + 120);
        assertThat(paced.getLast().minutes())
                .isGreaterThan(last.minutes())
                .isLessThanOrEqualTo(last.minutes() * 3);
        assertThat(design.minutesLeft(slow))
                .isGreaterThan(design.minutesLeft(project.tick(first.key(), true)));
        assertThat(slow.noting(first.key(), StepNote.NONE).notes()).isEmpty();
    }

    @Test
    void whatIsBuiltOnIsNotAdvisedAnyMore() {
        Project inARun = project.withFlock(WhatIf.kept(project.flock(), Flock.Style.RUN_ONLY));
        assertThat(inARun.advice()).extracting(a -> a.key()).contains("advice.run");
        assertThat(inARun.with(AddOn.RUN, true).advice())
                .extracting(a -> a.key())
                .doesNotContain("advice.run");
    }

    @Test
    void whatWantsARunBringsOneAndGoesWithIt() {
        Project sheltered = project.with(AddOn.WINDBREAK, true);
        assertThat(sheltered.addOns()).contains(AddOn.RUN, AddOn.WINDBREAK);
        assertThat(sheltered.with(AddOn.RUN, false).addOns()).isEmpty();
    }

    @Test
    void aNoteOfNonsenseIsRefused() {
        assertThatThrownBy(() -> StepNote.NONE.taking(-1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("minutes");
        assertThatThrownBy(() -> StepNote.NONE.saying("x".repeat(3000)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("shorter");
    }

    @Test
    void stepsFollowTheOrderInWhichThingsCanGoOn() throws Unbuildable {
        Design design = Yards.fitted(8);
        assertThat(design.steps())
                .isSortedAccordingTo(java.util.Comparator.comparing(s -> s.stage()));
        long marks = design.steps().stream().mapToLong(s -> s.marks().size()).sum();
        assertThat(marks).isEqualTo(design.candidate().coop().parts().size());
        assertThat(Steps.of(design.candidate().coop(), project.keeper().body().lift()))
                .filteredOn(s -> s.role().equals(Optional.of(Role.ROOF_SHEET)))
                .allSatisfy(s -> assertThat(s.twoPeople()).isTrue());
    }

    @Test
    void aHouseSettledOnStaysWhenTheHeapChanges() throws Unbuildable {
        Design first = Yards.fitted(8);
        Project.Chosen chosen = new Project.Chosen(first.candidate().spec());
        Project settled =
                project.withChosen(Optional.of(chosen)).withHeap(project.heap().minus("S1"));
        Design again =
                Design.derive(settled, java.util.Optional.empty(), Progress.NONE, _ -> {})
                        .design()
                        .orElseThrow();
        assertThat(again.candidate().spec()).isEqualTo(first.candidate().spec());
        assertThat(again.candidate().cost()).isGreaterThanOrEqualTo(first.candidate().cost());
    }

    @Test
    void picturesStayWithinTheirBoundsAndKnowWhatIsClicked() throws Unbuildable {
        Design design = Yards.fitted(8);
        for (Elevation.View view : Elevation.View.values()) {
            within(
                    Elevation.of(
                            design.candidate().coop(), view, Tape.METRIC, java.util.Set.of("A1")));
        }
        within(Oblique.of(design.candidate().coop()));
        within(BirdsPicture.of(project.flock(), project.needs(), Tape.INCH));
        Project none = project.withFlock(project.flock().with(BirdClass.STANDARD, 0));
        within(BirdsPicture.of(none.flock(), none.needs(), Tape.INCH));
        design.candidate().plan().tickets().forEach(t -> within(TicketPicture.of(t, Tape.METRIC)));
        Picture front =
                Elevation.of(
                        design.candidate().coop(),
                        Elevation.View.FRONT,
                        Tape.METRIC,
                        java.util.Set.of());
        assertThat(design.candidate().coop().find(front.tagAt(900, -900))).isPresent();
        assertThat(front.tagAt(-99_999, 0)).isEmpty();
    }

    private static void within(Picture picture) {
        assertThat(picture.shapes()).isNotEmpty();
        for (Picture.Shape shape : picture.shapes()) {
            if (shape instanceof Picture.Area area) {
                area.outline()
                        .forEach(
                                p -> {
                                    assertThat(p.x())
                                            .isBetween(picture.x0() - 1e-9, picture.x1() + 1e-9);
                                    assertThat(p.y())
                                            .isBetween(picture.y0() - 1e-9, picture.y1() + 1e-9);
                                });
            }
        }
    }

    @Test
    void whetherItIsPaintedIsSaidInBothLanguages() {
        Project bare = applied("left bare", project);
        assertThat(bare.flock().practice().finish()).isEqualTo(Practice.Finish.BARE);
        assertThat(applied("sin pintar", project)).isEqualTo(bare);
        assertThat(applied("paint the outside", bare).flock().practice().finish())
                .isEqualTo(Practice.Finish.PAINTED);
    }

    @Test
    void aRunIsSaidAndItsLengthHeldAndLetGoWithIt() {
        Project run = applied("run length 10 ft", applied("with a run", project));
        assertThat(run.addOns()).containsExactly(AddOn.RUN);
        assertThat(run.held()).containsEntry("run-length", Length.inches(120));
        assertThat(applied("without run", run).held()).isEmpty();
        assertThat(applied("free run length", run).held()).isEmpty();
        assertThat(SayEdit.read("run length 10 ft", project))
                .isInstanceOf(SayEdit.Said.Unclear.class);
        assertThat(run.seeking(Families.find("walkin").orElseThrow()).held()).hasSize(1);
    }

    @Test
    void aHouseWithARunIsFittedAndItsGroundIsCounted() throws Unbuildable {
        Project run = project.with(AddOn.RUN, true);
        Design design =
                Design.derive(run, Optional.empty(), Progress.NONE, _ -> {}).design().orElseThrow();
        assertThat(design.candidate().faults()).isZero();
        assertThat(design.candidate().coop().measures().run().um2())
                .isGreaterThanOrEqualTo(run.needs().run().um2());
        assertThat(design.steps()).anyMatch(s -> s.role().equals(Optional.of(Role.RUN_MESH)));
    }
}
