package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Fitter;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;

class RemediesTest {
    private static List<String> unmet(Design design) {
        return design.candidate().findings().stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .map(Finding::rule)
                .toList();
    }

    private static Design derived(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow();
    }

    private static Remedies.Remedy offered(Project project, Design design, String rule) {
        return Remedies.of(project, design, Progress.NONE).stream()
                .filter(r -> r.rule().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    /** A light house where it blows, settled on. */
    private static Project project;

    private static Design design;
    private static List<Remedies.Remedy> offered;

    @BeforeAll
    static void settle() throws Unbuildable {
        project = settled();
        design = derived(project);
        offered = Remedies.of(project, design, Progress.NONE);
    }

    private static Project settled() throws Unbuildable {
        Project calm = Yards.project(6);
        SayEdit.Said.Change gale = (SayEdit.Said.Change) SayEdit.read("gusts 32 m/s", calm);
        // The keeper wants neither stakes nor a back that opens by themselves.
        Project windy =
                gale.edit()
                        .change()
                        .apply(calm)
                        .with(AddOn.ANCHORS, false)
                        .with(AddOn.BACK_HATCH, false);
        Candidate house = derived(windy).candidate();
        Practice reached = windy.flock().practice().withCleaning(Practice.Cleaning.REACHED);
        return windy.withFlock(windy.flock().with(reached)).settledOn(house);
    }

    /** Where the floor is deeper than an arm, the house is made less deep as well. */
    @Test
    void aBackThatOpensBringsEveryCornerWithinReach() throws Unbuildable {
        assertThat(unmet(design)).contains("reach");
        Remedies.Remedy hatch =
                offered.stream().filter(r -> r.rule().equals("reach")).findFirst().orElseThrow();
        Project mended = hatch.edit().change().apply(project);
        assertThat(mended.addOns()).contains(AddOn.BACK_HATCH);
        Design after = derived(mended);
        assertThat(unmet(after)).doesNotContain("reach");
        assertThat(after.candidate().coop().measures().reach())
                .isLessThanOrEqualTo(mended.keeper().body().reach());
        assertThat(after.bill().total().minus(design.bill().total()))
                .as("an exact plan is no dearer than what was said")
                .isLessThanOrEqualTo(hatch.more());
    }

    @Test
    void aBackTooWideForItsTwoWheelsIsMadeNarrowerForAPrice() throws Unbuildable {
        FoundPart wheel = new FoundPart(FoundPart.Kind.WHEEL, List.of(Length.mm(400)));
        Lot pair = new Lot("W1", 2, wheel, Lot.Provenance.UNKNOWN);
        Project rolling =
                Yards.project(5)
                        .withHeap(Yards.heap().plus(pair))
                        .seeking(Families.find("wheeled").orElseThrow())
                        .hold("width", Length.mm(2300));
        Candidate wide =
                Fitter.fit(rolling.fitRequest(), Progress.NONE, _ -> {}).best().orElseThrow();
        Project settled = rolling.settledOn(wide);
        Design now = derived(settled);
        assertThat(unmet(now)).contains("wideBack");
        Remedies.Remedy slim = offered(settled, now, "wideBack");
        assertThat(unmet(derived(slim.edit().change().apply(settled)))).doesNotContain("wideBack");
    }

    @Test
    void aBoardUnderTheRoostsIsOfferedWhereTheDrinkerWouldBeFouled() throws Unbuildable {
        Project project =
                Yards.project(6).with(AddOn.DRINKER_STAND, true).hold("depth", Length.mm(1220));
        Project settled = project.settledOn(derived(project).candidate());
        Design now = derived(settled);
        assertThat(unmet(now)).contains("underRoost");
        Remedies.Remedy board = offered(settled, now, "underRoost");
        Design after = derived(board.edit().change().apply(settled));
        assertThat(unmet(after)).doesNotContain("underRoost");
        assertThat(after.bill().total().minus(now.bill().total()))
                .isLessThanOrEqualTo(board.more());
    }

    /** Whatever is painted on the heap and not judged yet. */
    @Test
    void paintedWoodIsLeftOutForWhatThatAddsToTheBill() throws Unbuildable {
        Stick first =
                Yards.heap().lots().stream()
                        .map(Lot::material)
                        .filter(Stick.class::isInstance)
                        .map(Stick.class::cast)
                        .findFirst()
                        .orElseThrow();
        Stick coloured = first.with(Treatment.PAINTED);
        Lot painted = new Lot("P9", 6, coloured, Lot.Provenance.UNKNOWN);
        Project yard = Yards.project(4).withHeap(Yards.heap().plus(painted));
        Project settled = yard.settledOn(derived(yard).candidate());
        Design now = derived(settled);
        assertThat(unmet(now)).contains("paint");
        Remedies.Remedy without = offered(settled, now, "paint");
        assertThat(without.more()).isGreaterThanOrEqualTo(Money.ZERO);
        Project left = without.edit().change().apply(settled);
        Design after = derived(left);
        assertThat(unmet(after)).doesNotContain("paint");
        assertThat(after.candidate().spec()).isEqualTo(now.candidate().spec());
        assertThat(after.candidate().plan().tickets())
                .noneMatch(t -> t.source().equals(painted.id()));
    }

    @Test
    void aPressOnARemedyMendsItsFindingForWhatItSaid() throws Unbuildable {
        assertThat(unmet(design)).contains("wind");
        Remedies.Remedy stakes =
                offered.stream().filter(r -> r.rule().equals("wind")).findFirst().orElseThrow();
        Project mended = stakes.edit().change().apply(project);
        assertThat(mended.addOns()).contains(AddOn.ANCHORS);
        Design after = derived(mended);
        assertThat(unmet(after)).doesNotContain("wind");
        assertThat(after.candidate().spec().width()).isEqualTo(design.candidate().spec().width());
    }

    @Test
    void whatTheWindWouldTipOverIsStakedDownByItself() throws Unbuildable {
        Project usual = project.with(AddOn.ANCHORS, true).with(AddOn.ANCHORS, false);
        assertThat(unmet(derived(usual.withChosen(Optional.empty())))).contains("wind");
        Project staked =
                usual.withFlock(
                        usual.flock()
                                .with(
                                        usual.flock()
                                                .practice()
                                                .withHolding(Practice.Holding.STAKES)));
        Design design = derived(staked.withChosen(Optional.empty()));
        assertThat(unmet(design)).doesNotContain("wind");
        assertThat(staked.addOns()).doesNotContain(AddOn.ANCHORS);
        assertThat(design.candidate().spec().addOns()).contains(AddOn.ANCHORS);
        assertThat(staked.seeks(design.candidate().spec())).isTrue();
        assertThat(usual.seeks(design.candidate().spec())).isFalse();
        Project settled = staked.settledOn(design.candidate());
        assertThat(unmet(derived(settled))).doesNotContain("wind");
    }

    /** By longer legs, or by walls that are higher: both are priced. */
    @Test
    void aRunThatIsTooLowToStandInIsRaised() throws Unbuildable {
        Project bare = Yards.project(4).with(AddOn.RUN, true);
        Project low = bare.settledOn(derived(bare).candidate());
        Design stooped = derived(low);
        assertThat(unmet(stooped)).contains("runLow");
        List<Remedies.Remedy> raised =
                Remedies.of(low, stooped, Progress.NONE).stream()
                        .filter(r -> r.rule().equals("runLow"))
                        .toList();
        assertThat(raised).isNotEmpty();
        Project mended = raised.getFirst().edit().change().apply(low);
        assertThat(unmet(derived(mended))).doesNotContain("runLow");
    }

    @Test
    void nothingIsOfferedThatDoesNotMend() throws Unbuildable {
        for (Remedies.Remedy remedy : offered) {
            Design after = derived(remedy.edit().change().apply(project));
            assertThat(unmet(after)).doesNotContain(remedy.rule());
            assertThat(after.candidate().faults()).isZero();
        }
    }

    @Test
    void whenStoppedItAnswersWithWhatItHas() throws Unbuildable {
        assertThat(Remedies.of(project, design, Progress.stoppedBy(() -> true))).isEmpty();
    }
}
