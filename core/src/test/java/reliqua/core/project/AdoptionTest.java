package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.build.Step;
import reliqua.core.build.StepParts;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Stage;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.fit.AsBuilt;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.fit.Fitter;
import reliqua.core.fit.Yards;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;

/** Another design in the middle of a build: what stands stays, or is told to come down. */
class AdoptionTest {
    private static final Role[] FLOOR = {Role.LEG, Role.RIM, Role.JOIST, Role.DECK};

    private static Project bare;
    private static Candidate first;
    private static Project begun;

    @BeforeAll
    static void theFloorStands() {
        bare = Yards.project(6);
        first = fit(bare).best().orElseThrow();
        begun = ticked(bare.settledOn(first), FLOOR);
    }

    private static FitResult fit(Project project) {
        return Fitter.fit(project.fitRequest(), Progress.NONE, _ -> {});
    }

    private static Project ticked(Project project, Role... roles) {
        Project ticked = project;
        for (Role role : roles) {
            ticked = ticked.tick(Step.key(StepParts.id(role)), true);
        }
        return ticked;
    }

    private static List<Part> floor(Coop coop) {
        Set<Role> roles = EnumSet.of(FLOOR[0], FLOOR);
        return coop.parts().stream().filter(p -> roles.contains(p.role())).toList();
    }

    @Test
    void whatStandsIsKnownAlsoWhileAnotherDesignIsSought() {
        Project sought = begun.withChosen(Optional.empty());
        AsBuilt built = sought.asBuilt().orElseThrow();
        assertThat(built.parts()).containsExactlyInAnyOrderElementsOf(floor(first.coop()));
        assertThat(built.isIn(first.coop())).isTrue();
        assertThat(bare.asBuilt()).isEmpty();
        assertThat(bare.settledOn(first).asBuilt()).as("settled, nothing on").isEmpty();
    }

    @Test
    void lengthsThatTheFloorFollowsFromAreFixedAndOthersAreNot() {
        Map<String, Length> held = begun.fitRequest().held();
        assertThat(held).containsKeys("width", "depth", "legs");
        assertThat(held).doesNotContainKeys("front", "back", "overhang");
        Project walls = ticked(begun, Role.RAFTER);
        for (String wall : StepParts.outerWalls()) {
            walls = walls.tick(Step.key(wall), true);
        }
        assertThat(walls.fitRequest().held()).containsKeys("front", "back", "overhang");
    }

    @Test
    void aLengthThatStandsIsNotHeldOtherwise() {
        Length width = first.spec().width();
        SayEdit.Said other = SayEdit.read("width " + Math.round(width.toMm() + 100), begun);
        assertThat(other).isInstanceOf(SayEdit.Said.Unclear.class);
        assertThat(((SayEdit.Said.Unclear) other).message()).contains("Untick");
        assertThat(SayEdit.read("front 1500", begun)).isInstanceOf(SayEdit.Said.Change.class);
        assertThat(bare.built("width")).isEmpty();
        assertThat(begun.built("width")).contains(width);
    }

    @Test
    void aSearchInTheMiddleOfABuildTakesTheFloorInAsItIs() {
        FitResult again = fit(begun.withChosen(Optional.empty()).with(AddOn.RUN, true));
        Candidate best = again.best().orElseThrow();
        assertThat(best.spec().addOns()).contains(AddOn.RUN);
        assertThat(best.faults()).isZero();
        AsBuilt built = begun.asBuilt().orElseThrow();
        assertThat(built.isIn(best.coop())).isTrue();
        assertThat(again.others()).allMatch(c -> built.isIn(c.coop()));
    }

    /** More birds next year: the floor that stands is that of the first of two houses. */
    @Test
    void aHouseThatIsBegunGetsASecondBesideIt() {
        Flock twice = Flock.of(BirdClass.STANDARD, 12).with(begun.flock().practice());
        Project more = begun.withChosen(Optional.empty()).withFlock(twice);
        Candidate best = fit(more.with(AddOn.DOUBLED, true)).best().orElseThrow();
        assertThat(best.coop().buildings()).hasSize(2);
        assertThat(best.coop().measures().floor()).isGreaterThan(first.coop().measures().floor());
        assertThat(best.spec().width()).isEqualTo(first.spec().width());
        assertThat(begun.asBuilt().orElseThrow().isIn(best.coop())).isTrue();
    }

    @Test
    void whatCannotTakeInWhatStandsSaysSo() {
        Project other = begun.seeking(Families.find("aframe").orElseThrow());
        FitResult result = fit(other);
        assertThat(result.best()).isEmpty();
        assertThat(result.obstacle()).contains(Sum.of("fit.built"));
    }

    @Test
    void aDesignOfAnotherSizeTakesDownWhatStandsAndTheTicksGo() {
        Project wider = bare.hold("width", first.spec().width().plus(Length.mm(150)));
        Candidate other = fit(wider).best().orElseThrow();
        Adoption told = Adoption.of(begun, other);
        assertThat(told.lost()).contains("FLOOR_FRAME", "DECK");
        assertThat(told.words().getFirst().key()).isEqualTo("adopt.lost");
        assertThat(told.words().getFirst().words(Tape.METRIC)).contains("deck");

        Project adopted = begun.settledOn(other);

        assertThat(adopted.done()).doesNotContain(Step.key("FLOOR_FRAME"), Step.key("DECK"));
        adopted.asBuilt().ifPresent(b -> assertThat(b.isIn(other.coop())).isTrue());
        assertThat(begun.settledOn(first).done()).isEqualTo(begun.done());
    }

    @Test
    void untickedWorkLeavesAllFreeAgain() {
        Project undone = begun;
        for (Role role : FLOOR) {
            undone = undone.tick(Step.key(StepParts.id(role)), false);
        }
        assertThat(undone.standing()).isEmpty();
        assertThat(undone.fitRequest().held()).isEmpty();
    }

    @Test
    void piecesThatAreCutAreCounted() {
        Adoption told = new Adoption(Set.of("DECK"), Set.of(), 9, 7);
        assertThat(told.words()).extracting(Sum::key).containsExactly("adopt.stays", "adopt.some");
        assertThat(told.words().getLast().words(Tape.INCH)).contains("7", "9", "2");
        assertThat(Adoption.of(bare, first).isTold()).isFalse();
    }

    @Test
    void aRunIsBuiltOnToACoopThatStandsWithNothingOfItTakenDownButMesh() {
        Project stands = bare.settledOn(first);
        for (StepParts step : StepParts.of(first.coop())) {
            stands = stands.tick(Step.key(step.id()), true);
        }
        Project more = stands.extending("more").with(AddOn.RUN, true);
        assertThat(more.book().log()).isEmpty();
        Candidate found = fit(more).best().orElseThrow();
        assertThat(found.spec().addOns()).contains(AddOn.RUN);
        assertThat(found.spec().width()).isEqualTo(first.spec().width());
        Project adopted = more.settledOn(found);
        List<Role> mesh = Stream.of(Role.values()).filter(r -> r.stage() == Stage.MESH).toList();
        assertThat(stands.done().stream().filter(k -> !adopted.done().contains(k)))
                .allMatch(k -> mesh.stream().anyMatch(r -> k.equals(Step.key(r.name()))));
        assertThat(adopted.done()).contains(Step.key(Role.DECK.name()));
    }

    @Test
    void whatIsStillToBeCutFollowsAFloorThatCameOutWider() throws Unbuildable {
        Project cut = bare.settledOn(first);
        Design design = derived(cut);
        Set<String> floor =
                floor(first.coop()).stream().map(Part::mark).collect(Collectors.toSet());
        for (Ticket ticket : design.candidate().plan().tickets()) {
            if (ticket.marks().stream().anyMatch(floor::contains)) {
                cut = SawLog.cut(cut, ticket, Set.of());
            }
        }
        Project stands = ticked(cut, FLOOR);
        Length width = first.spec().width();
        Length wider = width.plus(Length.mm(8));
        assertThat(stands.lengthsOf(StepParts.id(Role.RIM))).containsEntry("width", width);
        Project measured = stands.measured("width", wider);

        assertThat(measured.done()).isEqualTo(stands.done());
        Design after = derived(measured);
        assertThat(after.candidate().spec().width()).isEqualTo(wider);
        assertThat(after.candidate().plan().tickets())
                .as("what stands is not cut again")
                .noneMatch(t -> t.marks().stream().anyMatch(floor::contains));
        Length plate =
                after.candidate().coop().of(Role.PLATE).stream()
                        .map(p -> ((Part.StickPart) p).length())
                        .reduce(Length.ZERO, Length::max);
        Length meant =
                first.coop().of(Role.PLATE).stream()
                        .map(p -> ((Part.StickPart) p).length())
                        .reduce(Length.ZERO, Length::max);
        assertThat(plate.minus(meant)).isEqualTo(Length.mm(8));
    }

    @Test
    void aLengthFarFromWhatWasMeantIsAnotherCoop() {
        Length far = first.spec().width().plus(Length.mm(80));
        assertThatThrownBy(() -> begun.measured("width", far))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("another coop");
        assertThatThrownBy(() -> bare.measured("width", far))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("Nothing stands");
    }

    private static Design derived(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow();
    }
}
