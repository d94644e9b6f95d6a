package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.SayLine;

class SayManyTest {
    private final Project project = Yards.project(8);

    @Test
    void thousandsOfLinesBecomeOneEditWithAnIdForEach() {
        String note = "6 of 2x4 at 92 5/8\n1 window 24 x 36\nnonsense of no kind\n\n".repeat(400);
        SayMany many = SayMany.read(note, project);
        assertThat(many.understood()).isEqualTo(800);
        assertThat(many.unclear()).hasSize(400);
        Heap heap = many.edit().orElseThrow().change().apply(project).heap();
        assertThat(heap.lots()).hasSize(project.heap().lots().size() + 800);
        assertThat(new HashSet<>(heap.lots().stream().map(Lot::id).toList()))
                .hasSameSizeAs(heap.lots());
    }

    @Test
    void whatIsFarTooLongForALineIsToldSoInWords() {
        for (String line : List.of("1".repeat(100_000), "2x4 ".repeat(5_000), "9".repeat(300))) {
            assertThat(SayEdit.read(line, project)).isInstanceOf(SayEdit.Said.Unclear.class);
            assertThat(new SayLine(Tape.INCH).read(line))
                    .isInstanceOfSatisfying(
                            SayLine.Understood.Unclear.class,
                            u -> assertThat(u.message()).hasSizeLessThan(200).contains("l"));
        }
    }

    @Test
    void addedLotsKeepTheirIdsWhereTheseAreFree() {
        Lot some = project.heap().lots().getFirst();
        Project more = project.adding(List.of(some.withId("mine"), some, some.withId("mine")));
        List<String> ids = more.heap().lots().stream().map(Lot::id).toList();
        assertThat(ids).contains("mine").doesNotHaveDuplicates();
        assertThat(ids).hasSize(project.heap().lots().size() + 3);
    }
}
