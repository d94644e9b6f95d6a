package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Houses;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;

class BesideTest {
    private static final Choices CHOICES =
            Houses.choices(Section.mm(38, 64), Section.mm(19, 38), Length.mm(12), Length.mm(1));
    private static Project project;
    private static Design small;
    private static Design large;

    @BeforeAll
    static void draw() {
        project =
                Project.start(
                        "Test",
                        Keeper.with(Tape.METRIC),
                        Flock.of(BirdClass.STANDARD, 4),
                        Heap.EMPTY,
                        PriceBook.EMPTY);
        QuickDesign quick = new QuickDesign(project);
        small = quick.of(sized(1500, 1100)).orElseThrow();
        large = quick.of(sized(2300, 1200)).orElseThrow();
    }

    private static DesignSpec sized(int width, int depth) {
        Brief brief = new Brief(project.needs(), project.keeper());
        return Families.find("raised")
                .orElseThrow()
                .sized(CHOICES, brief, Map.of(), Length.mm(width), Length.mm(depth));
    }

    private static Beside.Row row(Beside both, String key) {
        return both.rows().stream()
                .filter(r -> r.what().key().equals("beside." + key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theRoomierHasMoreFloorAndTheOtherWeighsLess() {
        Beside both = Beside.of(small, large);
        assertThat(row(both, "floor").better()).isEqualTo(Beside.Better.RIGHT);
        assertThat(row(both, "weight").better()).isEqualTo(Beside.Better.LEFT);
        assertThat(row(both, "size").better()).isEqualTo(Beside.Better.NEITHER);
    }

    @Test
    void turnedRoundItSaysTheSame() {
        Beside one = Beside.of(small, large);
        Beside other = Beside.of(large, small);
        for (Beside.Row row : one.rows()) {
            Beside.Row back = row(other, row.what().key().substring("beside.".length()));
            assertThat(back.left()).isEqualTo(row.right());
            assertThat(back.right()).isEqualTo(row.left());
        }
        assertThat(other.findings()).hasSameSizeAs(one.findings());
        assertThat(other.buys()).hasSameSizeAs(one.buys());
    }

    @Test
    void aDesignBesideItselfDiffersInNothing() {
        Beside same = Beside.of(small, small);
        assertThat(same.rows())
                .allMatch(r -> r.better() == Beside.Better.NEITHER && r.left().equals(r.right()));
        assertThat(same.findings()).isEmpty();
        assertThat(same.buys()).isEmpty();
    }

    @Test
    void whatARuleHoldsAgainstOneOnlyIsSaidOfThatOne() {
        Beside both = Beside.of(small, large);
        Set<String> said =
                Set.copyOf(
                        both.findings().stream()
                                .flatMap(r -> r.right().stream())
                                .map(Sum::key)
                                .toList());
        Set<String> held =
                Set.copyOf(large.candidate().findings().stream().map(f -> f.sum().key()).toList());
        assertThat(held).containsAll(said);
    }

    @Test
    void aDesignIsKeptUnderANameAndComeBackTo() {
        Project.Chosen kept = new Project.Chosen(sized(1500, 1100));
        Project later = project.keeping(" low one ", kept).seekingAny().with(AddOn.RUN, true);
        assertThat(later.variants()).containsOnlyKeys("low one");
        Project back = later.backTo("low one");
        assertThat(back.chosen()).isEqualTo(Optional.of(kept));
        assertThat(back.addOns()).isEmpty();
        assertThat(later.backTo("another")).isSameAs(later);
        assertThat(later.dropping("low one").variants()).isEmpty();
        assertThatThrownBy(() -> project.keeping("  ", kept))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("name");
    }
}
