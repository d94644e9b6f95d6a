package reliqua.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;
import reliqua.core.stock.Warp;

/** Each rule finds what it is for, and is quiet when all is well. */
class FindingsTest {
    private static final DesignSpec DIMENSIONS =
            Houses.ordinarySpec().with("back", Length.mm(1000));
    private static final Choices CHOICES = DIMENSIONS.choices();

    private static Coop house(DesignSpec spec, Choices choices, int hens) {
        try {
            return Houses.build(spec.with(choices), Houses.needs(hens));
        } catch (Unbuildable e) {
            throw new AssertionError(e.reason().words(Tape.METRIC), e);
        }
    }

    private static Set<String> rules(List<Finding> findings, Finding.Severity severity) {
        return findings.stream()
                .filter(f -> f.severity() == severity)
                .map(Finding::rule)
                .collect(Collectors.toSet());
    }

    private static List<Finding> findings(Coop coop, int hens, Keeper keeper, Heap heap) {
        return Findings.of(coop, Houses.needs(hens), keeper, heap);
    }

    private static Set<String> faults(Coop coop, int hens) {
        return rules(
                findings(coop, hens, Keeper.with(Tape.METRIC), Heap.EMPTY), Finding.Severity.FAULT);
    }

    @Test
    void aHouseBigEnoughHasNoFault() {
        assertThat(faults(house(DIMENSIONS, CHOICES, 3), 3)).isEmpty();
    }

    @Test
    void tooManyBirdsAreShortOfFloorRoostNestsAndVents() {
        Coop coop = house(DIMENSIONS, CHOICES, 3);
        assertThat(faults(coop, 20)).contains("floor", "roost", "nests", "vents");
    }

    @Test
    void thinRaftersAndJoistsAreTooWeakOverALongSpan() {
        DesignSpec deep = DIMENSIONS.with("depth", Length.mm(2300)).with("front", Length.mm(1600));
        Choices thin =
                CHOICES.with(Choices.Group.RAFTERS, Section.mm(38, 89))
                        .with(Choices.Group.FLOOR, Section.mm(38, 64));
        assertThat(faults(house(deep, thin, 3), 3)).contains("joists");
        Choices stout =
                CHOICES.with(Choices.Group.RAFTERS, Section.mm(47, 150))
                        .with(Choices.Group.FLOOR, Section.mm(47, 150));
        assertThat(faults(house(deep, stout, 3), 3)).doesNotContain("joists", "rafters");
    }

    @Test
    void strongerSectionsNeverMakeAFault() {
        for (int depth = 1100; depth < 2300; depth += 150) {
            DesignSpec d =
                    DIMENSIONS
                            .with("depth", Length.mm(depth))
                            .with("front", Length.mm(1000 + depth / 4 + 20));
            Set<String> thin = faults(house(d, CHOICES, 3), 3);
            Choices thick = CHOICES.with(Choices.Group.FLOOR, Section.mm(47, 150));
            assertThat(thin).containsAll(faults(house(d, thick, 3), 3));
        }
    }

    @Test
    void theLimitsOfThePlaceAreKept() {
        Keeper keeper =
                Keeper.with(Tape.METRIC)
                        .withLimits(
                                new Keeper.Limits(
                                        Optional.of(Length.mm(1500)),
                                        Optional.of(Length.mm(1300)),
                                        Optional.of(Length.mm(1800))));
        Coop coop = house(DIMENSIONS, CHOICES, 3);
        assertThat(rules(findings(coop, 3, keeper, Heap.EMPTY), Finding.Severity.FAULT))
                .containsExactlyInAnyOrder("limit.width", "limit.depth", "limit.height");
        Keeper roomy = keeper.withLimits(keeper.limits().withWidth(Optional.of(Length.mm(1600))));
        assertThat(rules(findings(coop, 3, roomy, Heap.EMPTY), Finding.Severity.FAULT))
                .doesNotContain("limit.width");
    }

    @Test
    void aFlatRoofIsAFaultAndALowOneAWarning() {
        DesignSpec nearlyFlat =
                DIMENSIONS.with("front", Length.mm(1200)).with("back", Length.mm(1150));
        assertThat(faults(house(nearlyFlat, CHOICES, 3), 3)).contains("pitch");
        DesignSpec low = nearlyFlat.with("front", Length.mm(1350));
        List<Finding> findings =
                findings(house(low, CHOICES, 3), 3, Keeper.with(Tape.METRIC), Heap.EMPTY);
        assertThat(rules(findings, Finding.Severity.WARNING)).contains("pitch");
        assertThat(rules(findings, Finding.Severity.FAULT)).doesNotContain("pitch");
    }

    @Test
    void rottingLegsAndOldPaintAreTold() {
        Coop coop = house(DIMENSIONS, CHOICES, 3);
        Lot painted = lot("S1", Section.mm(19, 64), Treatment.PAINTED);
        List<Finding> findings =
                findings(coop, 3, Keeper.with(Tape.METRIC), Heap.EMPTY.plus(painted));
        assertThat(rules(findings, Finding.Severity.WARNING)).contains("groundContact", "paint");
        assertThat(findings)
                .filteredOn(f -> f.rule().equals("paint"))
                .singleElement()
                .satisfies(f -> assertThat(f.marks()).containsExactly("S1"));
        Lot treated = lot("S2", Section.mm(89, 89), Treatment.PRESSURE_TREATED);
        assertThat(
                        rules(
                                findings(
                                        coop,
                                        3,
                                        Keeper.with(Tape.METRIC),
                                        Heap.EMPTY.plus(treated)),
                                Finding.Severity.WARNING))
                .doesNotContain("groundContact", "paint");
    }

    private static Lot lot(String id, Section section, Treatment treatment) {
        Stick stick = new Stick(section, Length.mm(2000), List.of(), Warp.NONE, treatment);
        return new Lot(id, 4, stick, Lot.Provenance.UNKNOWN);
    }

    @Test
    void aSpaceBelowThatHarboursRatsIsToldUnlessItIsMeshed() {
        DesignSpec low = DIMENSIONS.with("legs", Length.mm(250));
        assertThat(warnings(house(low, CHOICES, 3))).doesNotContain("clearBelow");
        Choices open =
                new Choices(
                        CHOICES.sections(),
                        CHOICES.deck(),
                        CHOICES.skin(),
                        CHOICES.widestPanel(),
                        CHOICES.roofing(),
                        Practice.Underside.OPEN,
                        CHOICES.step());
        assertThat(warnings(house(low, open, 3))).contains("clearBelow");
        assertThat(warnings(house(DIMENSIONS, open, 3))).doesNotContain("clearBelow");
    }

    private static Set<String> warnings(Coop coop) {
        return rules(
                findings(coop, 3, Keeper.with(Tape.METRIC), Heap.EMPTY), Finding.Severity.WARNING);
    }

    @Test
    void reachIsMeasuredToTheFarthestCorner() {
        Coop coop = house(DIMENSIONS, CHOICES, 3);
        Needs needs = Houses.needs(3);
        assertThat(needs.birds()).isPositive();
        assertThat(coop.measures().reach())
                .isGreaterThanOrEqualTo(DIMENSIONS.depth().minus(Length.mm(64)));
        assertThat(warnings(coop)).contains("reach");
    }

    private static double roostUse(Needs needs, Coop coop) {
        Finding roosts =
                Findings.of(coop, needs, Keeper.with(Tape.METRIC), Heap.EMPTY).stream()
                        .filter(f -> f.rule().equals("roosts"))
                        .findFirst()
                        .orElseThrow();
        return ((Number) roosts.sum().terms().getLast()).doubleValue();
    }

    @Test
    void snugRoostsAreLoadedMoreThanUsualOnes() {
        Coop coop = house(DIMENSIONS, CHOICES, 3);
        Flock hens = Flock.of(BirdClass.STANDARD, 3);
        Practice snug = Practice.DEFAULT.withRoosts(Practice.Roosts.SNUG);
        double usual = roostUse(Needs.of(hens), coop);
        // Both are said in whole percents.
        assertThat(roostUse(Needs.of(hens.with(snug)), coop))
                .isBetween(1.2 * (usual - 0.5) - 0.5, 1.2 * (usual + 0.5) + 0.5);
    }

    @Test
    void whatStandsLooseInItDoesNotHoldItDown() throws Unbuildable {
        Coop bare = Houses.build(Houses.ordinarySpec(), Houses.needs(8));
        Coop more = Houses.build(Houses.ordinarySpec().with(AddOn.DRINKER_STAND), Houses.needs(8));
        assertThat(more.measures().weight()).isGreaterThan(bare.measures().weight());
        assertThat(wind(more)).isEqualTo(wind(bare));
    }

    private static Sum wind(Coop coop) {
        return Findings.of(coop, Houses.needs(8), Keeper.with(Tape.METRIC), Heap.EMPTY).stream()
                .filter(f -> f.rule().equals("wind"))
                .findFirst()
                .orElseThrow()
                .sum();
    }

    @Test
    void paintIsAskedAboutUntilItIsJudged() {
        Coop coop = house(DIMENSIONS, CHOICES, 3);
        Lot lot = lot("P1", Section.mm(38, 64), Treatment.PAINTED);
        Keeper keeper = Keeper.with(Tape.METRIC);
        assertThat(rules(findings(coop, 3, keeper, Heap.EMPTY.plus(lot)), Finding.Severity.WARNING))
                .contains("paint");
        Lot judged = lot.with(lot.condition().with(Condition.Verdict.USE));
        assertThat(
                        rules(
                                findings(coop, 3, keeper, Heap.EMPTY.plus(judged)),
                                Finding.Severity.WARNING))
                .doesNotContain("paint");
    }
}
