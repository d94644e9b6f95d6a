package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

class WhatIfsTest {
    private static Project project(Heap heap) {
        return Project.start(
                "Test",
                Keeper.with(Tape.METRIC),
                Flock.of(BirdClass.STANDARD, 5),
                heap,
                PriceBook.EMPTY);
    }

    private static Lot sticks(String id, int count, int length) {
        return new Lot(
                id,
                count,
                Stick.sound(Section.mm(38, 89), Length.mm(length)),
                Lot.Provenance.UNKNOWN);
    }

    private static List<String> ids(Project project) {
        return WhatIfs.of(project).stream().map(WhatIfs.Ask::id).toList();
    }

    private static Project so(Project project, String id) {
        Function<Project, Project> change =
                WhatIfs.of(project).stream()
                        .filter(a -> a.id().equals(id))
                        .findFirst()
                        .orElseThrow()
                        .change();
        return change.apply(project);
    }

    @Test
    void onlyWhatThereIsIsAskedAbout() {
        assertThat(ids(project(Heap.EMPTY))).containsExactly("birds", "nothing");
        assertThat(ids(project(Heap.EMPTY).withFlock(Flock.EMPTY))).containsExactly("nothing");
        assertThat(ids(project(Heap.EMPTY.plus(sticks("S1", 4, 2400))))).contains("stick");
    }

    @Test
    void eachChangesWhatItAsksAndNothingElse() {
        Project now = project(Heap.EMPTY.plus(sticks("S1", 4, 2400)).plus(sticks("S2", 9, 3000)));
        Project more = so(now, "birds");
        assertThat(more.flock().total()).isEqualTo(8);
        assertThat(more.heap()).isEqualTo(now.heap());

        Project stick = so(now, "stick");
        assertThat(stick.heap().find("S2").orElseThrow().quantity()).isEqualTo(10);
        assertThat(stick.heap().find("S1")).isEqualTo(now.heap().find("S1"));
        assertThat(stick.flock()).isEqualTo(now.flock());

        assertThat(so(now, "nothing").prices().offers()).isEmpty();
    }
}
