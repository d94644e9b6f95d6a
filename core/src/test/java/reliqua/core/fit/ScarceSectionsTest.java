package reliqua.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/**
 * What a search tries where sticks are bought: sections of which there is little, and exchanges.
 */
class ScarceSectionsTest {
    private static final CoopFamily FAMILY = Families.all().getFirst();
    private static final List<Choices.Group> GROUPS =
            List.of(
                    Choices.Group.ROOSTS,
                    Choices.Group.WALLS,
                    Choices.Group.FLOOR,
                    Choices.Group.RAFTERS);

    private static Candidate allBought;

    @BeforeAll
    static void fit() {
        allBought =
                Fitter.fit(
                                Yards.project(4).withHeap(Heap.EMPTY).fitRequest(),
                                Progress.NONE,
                                _ -> {})
                        .best()
                        .orElseThrow();
    }

    /** Ever less of ever narrower sticks, all good for a roost. */
    private static Heap heap(int sections) {
        Heap heap = Heap.EMPTY;
        for (int n = 0; n < sections; n++) {
            Stick stick = Stick.sound(Section.mm(38, 80 - 2L * n), Length.mm(3000));
            heap = heap.plus(new Lot("S" + n, sections - n, stick, Lot.Provenance.UNKNOWN));
        }
        return heap;
    }

    private static List<Choices> tried(Heap heap, Candidate candidate) {
        return new ScarceSections(new SectionOptions(FAMILY, heap, Yards.shop()), GROUPS)
                .of(candidate);
    }

    @Test
    void oneStickOfASectionIsTriedForARoost() {
        Section last = Section.mm(38, 80 - 2 * 6);
        assertThat(new SectionOptions(FAMILY, heap(7), Yards.shop()).of(Choices.Group.ROOSTS))
                .doesNotContain(last);
        assertThat(tried(heap(7), allBought))
                .doesNotHaveDuplicates()
                .anyMatch(c -> c.section(Choices.Group.ROOSTS).equals(last));
    }

    @Test
    void ofTwoThatChangeOneTakesWhatTheOtherHad() {
        Choices now = allBought.spec().choices().with(Choices.Group.RAFTERS, Section.mm(38, 89));
        Candidate deeper =
                new Candidate(
                        allBought.spec().with(now),
                        allBought.coop(),
                        allBought.findings(),
                        allBought.plan());
        Lot sticks =
                new Lot(
                        "R",
                        4,
                        Stick.sound(Section.mm(38, 89), Length.mm(2400)),
                        Lot.Provenance.UNKNOWN);
        Heap rafters = Heap.EMPTY.plus(sticks);
        assertThat(tried(Heap.EMPTY, deeper)).allMatch(c -> changed(now, c).size() == 1);
        List<Choices> both =
                tried(rafters, deeper).stream().filter(c -> changed(now, c).size() == 2).toList();
        assertThat(both).isNotEmpty();
        assertThat(both)
                .allSatisfy(
                        c ->
                                assertThat(changed(now, c))
                                        .anyMatch(
                                                g ->
                                                        changed(now, c).stream()
                                                                .anyMatch(
                                                                        o ->
                                                                                o != g
                                                                                        && c.section(
                                                                                                        g)
                                                                                                .equals(
                                                                                                        now
                                                                                                                .section(
                                                                                                                        o)))));
    }

    private static List<Choices.Group> changed(Choices now, Choices other) {
        return GROUPS.stream().filter(g -> !now.section(g).equals(other.section(g))).toList();
    }

    @Test
    void whereNothingIsBoughtNothingIsTried() {
        Candidate free =
                Fitter.fit(Yards.project(6).fitRequest(), Progress.NONE, _ -> {})
                        .best()
                        .orElseThrow();
        boolean buys =
                free.plan().tickets().stream()
                        .anyMatch(t -> t.bought() && t.material() instanceof Stick);
        assertThat(tried(heap(7), free).isEmpty()).isEqualTo(!buys);
    }
}
