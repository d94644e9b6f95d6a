package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Section;

class WalkInHouseTest {
    private static final Keeper KEEPER = Keeper.with(Tape.METRIC);
    private static final Brief BRIEF = new Brief(Houses.needs(9), KEEPER);
    private static final Choices CHOICES =
            Houses.choices(Section.mm(38, 89), Section.mm(19, 64), Length.mm(12), Length.mm(1))
                    .with(Choices.Group.RAFTERS, Section.mm(38, 140))
                    .with(Choices.Group.PURLINS, Section.mm(38, 64));

    private static CoopFamily family() {
        return Families.find("walkin").orElseThrow();
    }

    private static DesignSpec spec(Map<String, Length> held) {
        return family().sized(CHOICES, BRIEF, held, Length.mm(2850), Length.mm(1900));
    }

    private static Coop coop() throws Unbuildable {
        return CoopBuilder.build(spec(Map.of()), BRIEF);
    }

    @Test
    void theKeeperStandsUpInTheMiddleAndWalksInThroughTheDoor() throws Unbuildable {
        Coop coop = coop();
        assertThat(coop.measures().standing()).isGreaterThan(KEEPER.body().height());
        Opening door =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.CLEAN_OUT_DOOR)
                        .findFirst()
                        .orElseThrow();
        assertThat(door.width()).isGreaterThanOrEqualTo(Length.mm(610));
        assertThat(door.height()).isGreaterThan(Length.mm(1550));
        List<Finding> findings = Findings.of(coop, BRIEF.needs(), KEEPER, Heap.EMPTY);
        assertThat(findings)
                .filteredOn(f -> f.severity() == Finding.Severity.FAULT)
                .as("faults")
                .isEmpty();
        assertThat(findings)
                .filteredOn(f -> f.rule().equals("standing"))
                .singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Finding.Severity.GOOD));
        assertThat(findings).noneMatch(f -> f.rule().equals("reach"));
    }

    @Test
    void theWholeFloorLiesOnSkidsThatCarryEveryJoist() throws Unbuildable {
        Coop coop = coop();
        List<Part> skids = coop.of(Role.SKID);
        assertThat(skids).hasSizeGreaterThanOrEqualTo(3);
        assertThat(coop.of(Role.LEG)).isEmpty();
        for (Part joist : coop.of(Role.JOIST)) {
            assertThat(skids)
                    .filteredOn(s -> Contact.area(s.solid(), joist.solid()) > 0)
                    .hasSizeGreaterThanOrEqualTo(skids.size() - 2);
        }
        assertThat(skids).allMatch(s -> s.solid().bounds().z0().equals(Length.ZERO));
    }

    @Test
    void heldWallsStayAndTheRestFollows() {
        DesignSpec held = spec(Map.of("front", Length.mm(2400), "overhang", Length.mm(200)));
        assertThat(held.length("front")).isEqualTo(Length.mm(2400));
        assertThat(held.length("overhang")).isEqualTo(Length.mm(200));
        Keeper tall =
                KEEPER.withBody(
                        new Keeper.Body(
                                Length.mm(1950),
                                KEEPER.body().reach(),
                                KEEPER.body().lift(),
                                false));
        DesignSpec taller = family().settled(held, new Brief(BRIEF.needs(), tall), Map.of());
        DesignSpec usual = family().settled(held, BRIEF, Map.of());
        assertThat(taller.length("back")).isGreaterThan(usual.length("back"));
    }

    @Test
    void tooNarrowForAPersonIsSaidSo() {
        DesignSpec narrow = spec(Map.of()).with("width", Length.mm(1300));
        assertThatThrownBy(() -> CoopBuilder.build(narrow, BRIEF))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("1300 mm"));
    }

    @Test
    void aKindThatIsNotKnownIsSaidSo() {
        DesignSpec unknown = new DesignSpec("castle", spec(Map.of()).lengths(), CHOICES, Set.of());
        assertThat(Families.find("castle")).isEqualTo(Optional.empty());
        assertThatThrownBy(() -> CoopBuilder.build(unknown, BRIEF))
                .isInstanceOfSatisfying(
                        Unbuildable.class,
                        e -> assertThat(e.reason().words(Tape.METRIC)).contains("castle"));
    }
}
