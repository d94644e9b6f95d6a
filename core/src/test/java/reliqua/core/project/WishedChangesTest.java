package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.check.Rolling;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Length;
import reliqua.core.measure.Weight;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/** A change that is offered mends what it is offered for. */
class WishedChangesTest {
    private static final Choices CHOICES =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));

    private static CoopFamily kind(String id) {
        return Families.find(id).orElseThrow();
    }

    private static Project wishing(Wish... wishes) {
        Project bare = Yards.project(6);
        Keeper keeper = bare.keeper();
        for (Wish wish : Wish.values()) {
            keeper = keeper.with(wish, Set.of(wishes).contains(wish));
        }
        return bare.withKeeper(keeper);
    }

    private static Brief brief(Project project, AddOn... addOns) {
        Set<AddOn> all = EnumSet.noneOf(AddOn.class);
        all.addAll(List.of(addOns));
        return new Brief(project.builtNeeds(), project.keeper(), all);
    }

    private static boolean holds(Project project, Coop coop, String rule) {
        return Findings.of(coop, project.builtNeeds(), project.keeper(), project.heap()).stream()
                .filter(f -> f.rule().equals(rule))
                .allMatch(f -> f.severity() == Finding.Severity.GOOD);
    }

    private static WishedChanges.Wished mended(Project project, DesignSpec spec, String rule)
            throws Unbuildable {
        Brief brief = brief(project);
        Coop coop = CoopBuilder.build(spec, brief);
        assertThat(holds(project, coop, rule)).as("broken before").isFalse();
        WishedChanges.Wished change =
                new WishedChanges(project, spec, kind(spec.family()), brief)
                        .of(rule, coop.measures())
                        .findFirst()
                        .orElseThrow();
        assertThat(holds(project, CoopBuilder.build(change.spec(), brief), rule)).isTrue();
        return change;
    }

    private static DesignSpec sized(Project project, String family, Choices choices, int width) {
        return kind(family)
                .sized(choices, brief(project), Map.of(), Length.mm(width), Length.mm(1600));
    }

    @Test
    void nestsOfBoardAreEmptiedFromOutside() throws Unbuildable {
        Project project = wishing(Wish.OUTSIDE_EGGS);
        FoundPart crate =
                new FoundPart(
                        FoundPart.Kind.CRATE,
                        List.of(Length.mm(340), Length.mm(320), Length.mm(340)));
        Choices crates =
                CHOICES.with(CHOICES.finds().with(new Finds.Thing(FoundPart.Use.NEST, crate, 4)));
        WishedChanges.Wished change =
                mended(project, sized(project, "walkin", crates, 2300), "wish.outsideEggs");
        assertThat(change.kept()).isTrue();
    }

    @Test
    void theFloorIsRaisedToTheRimOfABarrow() throws Unbuildable {
        Project project = wishing(Wish.BARROW);
        DesignSpec low = sized(project, "raised", CHOICES, 1700).with("legs", Length.mm(250));
        WishedChanges.Wished change = mended(project, low, "wish.barrow");
        assertThat(change.held()).containsOnlyKeys("legs");
        DesignSpec high = low.with("legs", Length.mm(800));
        assertThat(mended(project, high, "wish.barrow").spec().length("legs"))
                .isLessThan(Length.mm(650));
    }

    @Test
    void whatIsTooWideIsAsWideAsThereIsRoomFor() throws Unbuildable {
        Project bare = Yards.project(6);
        Keeper.Limits limits =
                new Keeper.Limits(Optional.of(Length.mm(1500)), Optional.empty(), Optional.empty());
        Project project = bare.withKeeper(bare.keeper().withLimits(limits));
        WishedChanges.Wished change =
                mended(project, sized(project, "raised", CHOICES, 1900), "limit.width");
        assertThat(change.spec().width()).isEqualTo(Length.mm(1500));
        Coop coop = CoopBuilder.build(change.spec(), brief(project));
        assertThat(coop.measures().floor().atLeast(project.builtNeeds().floor())).isTrue();
    }

    /** On the walls; the deck keeps its thickness. */
    @Test
    void whatIsTooHeavyAtItsHandlesGetsThinnerWallsThanItHad() throws Unbuildable {
        Project bare = wishing();
        Choices thick = Houses.bareChoices(kind("wheeled")).withSkin(Length.mm(18));
        DesignSpec house =
                kind("wheeled")
                        .sized(thick, brief(bare), Map.of(), Length.mm(2000), Length.mm(1200));
        Weight heavy = Rolling.of(CoopBuilder.build(house, brief(bare))).lift().orElseThrow();
        Project weak = bare.withKeeper(bare.keeper().withBody(lifting(bare, heavy)));
        WishedChanges.Wished change = mended(weak, house, "roll");
        assertThat(change.spec().choices().skin()).isLessThan(Length.mm(18));
        assertThat(change.kept()).isTrue();
    }

    /** Just not strong enough for a weight. */
    private static Keeper.Body lifting(Project project, Weight heavy) {
        Keeper.Body body = project.keeper().body();
        Weight most = Weight.ofKilograms(heavy.toKilograms() - 0.2);
        return new Keeper.Body(body.height(), body.reach(), most, false);
    }

    private static Project within(Keeper.Limits limits) {
        Project bare = Yards.project(6);
        return bare.withKeeper(bare.keeper().withLimits(limits));
    }

    @ParameterizedTest
    @ValueSource(ints = {1100, 1200, 1300, 1450})
    void whatIsTooDeepIsAsDeepAsThereIsRoomForAndHousesAllTheSame(int most) throws Unbuildable {
        Optional<Length> room = Optional.of(Length.mm(most));
        Project project = within(Keeper.Limits.NONE.withDepth(room));
        WishedChanges.Wished change =
                mended(project, sized(project, "raised", CHOICES, 1900), "limit.depth");
        assertThat(change.spec().depth()).isEqualTo(Length.mm(most));
        assertThat(change.held()).containsEntry("depth", Length.mm(most));
        Coop coop = CoopBuilder.build(change.spec(), brief(project));
        assertThat(coop.measures().floor().atLeast(project.builtNeeds().floor())).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"raised, 40", "raised, 100", "gable, 50", "walkin, 30"})
    void whatIsTooHighHasItsWallsLoweredByJustThat(String family, int tooHigh) throws Unbuildable {
        Project bare = within(Keeper.Limits.NONE);
        DesignSpec tall = higher(sized(bare, family, CHOICES, 2100), 150);
        Length height = CoopBuilder.build(tall, brief(bare)).measures().height();
        Optional<Length> room = Optional.of(height.minus(Length.mm(tooHigh)));
        Project project = within(Keeper.Limits.NONE.withHeight(room));
        WishedChanges.Wished change = mended(project, tall, "limit.height");
        Length lower = CoopBuilder.build(change.spec(), brief(project)).measures().height();
        assertThat(height.minus(lower)).isBetween(Length.mm(tooHigh), Length.mm(tooHigh + 2));
        assertThat(change.held().keySet()).isSubsetOf("front", "back", "eaves").isNotEmpty();
    }

    private static DesignSpec higher(DesignSpec spec, int by) {
        DesignSpec tall = spec;
        for (String wall : List.of("front", "back", "eaves")) {
            if (tall.lengths().containsKey(wall)) {
                tall = tall.with(wall, tall.length(wall).plus(Length.mm(by)));
            }
        }
        return tall;
    }

    @Test
    void nothingIsOfferedWhereNothingIsKnown() throws Unbuildable {
        Project project = wishing();
        DesignSpec spec = sized(project, "raised", CHOICES, 1700);
        Coop coop = CoopBuilder.build(spec, brief(project));
        WishedChanges changes = new WishedChanges(project, spec, kind("raised"), brief(project));
        assertThat(changes.of("wish.outsideEggs", coop.measures())).isEmpty();
        assertThat(changes.of("limit.height", coop.measures())).isEmpty();
        assertThat(changes.of("floor", coop.measures())).isEmpty();
    }
}
