package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
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
