package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Section;

class WheeledHouseTest {
    private static final CoopFamily WHEELED = Families.find("wheeled").orElseThrow();
    private static final Brief BRIEF = new Brief(Houses.needs(5), Keeper.with(Tape.METRIC));
    private static final Choices BARE =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(9), Length.mm(1))
                    .with(Choices.Group.LEGS, Section.mm(45, 95));

    private static Coop on(int wheelMm, int count) throws Unbuildable {
        FoundPart wheel =
                new FoundPart(FoundPart.Kind.WHEEL, List.of(Length.mm(wheelMm), Length.mm(60)));
        Finds.Thing pair = new Finds.Thing(FoundPart.Use.WHEELS, wheel, count);
        Choices choices = BARE.with(Finds.NONE.with(pair));
        return CoopBuilder.build(
                WHEELED.sized(choices, BRIEF, Map.of(), Length.mm(1800), Length.mm(1300)), BRIEF);
    }

    private static Finding roll(Coop coop, Keeper keeper) {
        return Findings.of(coop, BRIEF.needs(), keeper, Heap.EMPTY).stream()
                .filter(f -> f.rule().equals("roll"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void restsOnTwoWheelsAndTwoPropsAndNothingElse() throws Unbuildable {
        List<Part> low =
                on(400, 2).parts().stream()
                        .filter(p -> p.solid().bounds().z0().compareTo(Length.mm(1)) < 0)
                        .filter(p -> p.role().stage() != Stage.RAMP)
                        .toList();
        assertThat(low)
                .extracting(Part::role)
                .containsExactlyInAnyOrder(
                        Role.CHASSIS_WHEEL, Role.CHASSIS_WHEEL, Role.PROP, Role.PROP);
    }

    @Test
    void itsFloorIsAsHighAsItsWheelsAsk() throws Unbuildable {
        // To the axis, half the timber, a beam on edge, the joists and the deck.
        assertThat(on(400, 2).measures().clearBelow().toMm()).isEqualTo(200 + 47.5 + 95);
        assertThat(on(300, 2).measures().clearBelow().toMm()).isEqualTo(150 + 47.5 + 95);
    }

    @Test
    void refusesWheelsThatAreFewOrSmallOrInTheWayOfTheNests() {
        assertThatThrownBy(() -> on(400, 1))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("no two equal"));
        assertThatThrownBy(() -> on(150, 2))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("sink"));
        assertThatThrownBy(() -> on(1100, 2))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("nests"));
    }

    @Test
    void theLiftAtTheHandlesIsWeighedAgainstWhatTheKeeperMayLift() throws Unbuildable {
        Coop coop = on(400, 2);
        Keeper keeper = Keeper.with(Tape.METRIC);
        Finding easy = roll(coop, keeper);
        assertThat(easy.severity()).isEqualTo(Finding.Severity.GOOD);
        Keeper weak =
                keeper.withBody(keeper.body().withLift(Weight.ofKilograms(5)).withHelper(false));
        assertThat(roll(coop, weak).severity()).isEqualTo(Finding.Severity.WARNING);
    }

    @Test
    void birdsThatAreMovedDailyMayHaveOne() {
        assertThat(WHEELED.moved()).isTrue();
        assertThat(WHEELED.musts()).isEqualTo(Set.of(FoundPart.Use.WHEELS));
    }
}
