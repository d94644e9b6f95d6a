package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

class ChangesTest {
    private static final Project THEN =
            Project.start(
                    "Test",
                    Keeper.with(Tape.METRIC),
                    Flock.of(BirdClass.STANDARD, 5),
                    Heap.EMPTY,
                    PriceBook.EMPTY);

    private static List<String> keys(Project now) {
        return Changes.between(THEN, now).stream().map(Sum::key).toList();
    }

    @Test
    void nothingIsSaidOfWhatIsTheSame() {
        assertThat(Changes.between(THEN, THEN)).isEmpty();
    }

    @Test
    void everyKindOfChangeIsSaid() {
        Lot lot =
                new Lot(
                        "S1",
                        3,
                        Stick.sound(Section.mm(38, 89), Length.mm(2400)),
                        Lot.Provenance.UNKNOWN);
        assertThat(keys(THEN.adding(List.of(lot)))).containsExactly("changes.heap");
        assertThat(keys(THEN.withFlock(Flock.of(BirdClass.STANDARD, 6))))
                .containsExactly("changes.flock");
        assertThat(keys(THEN.withKeeper(THEN.keeper().withBudget(Money.of(7)))))
                .containsExactly("changes.keeper");
        assertThat(keys(THEN.tick("step LEG", true))).containsExactly("changes.done");
        assertThat(keys(THEN.seeking(Families.find("pole").orElseThrow())))
                .containsExactly("changes.design");
    }

    @Test
    void countsOfThenAndNowAreInTheWords() {
        List<Sum> changes = Changes.between(THEN, THEN.tick("a", true).tick("b", true));
        assertThat(changes.getFirst().words(Tape.METRIC)).isEqualTo("steps done: 0 then, 2 now");
    }
}
