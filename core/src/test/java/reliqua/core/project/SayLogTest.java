package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.keep.Entry;
import reliqua.core.keep.Happening;
import reliqua.core.keep.Vessel;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

class SayLogTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Project START =
            Project.start(
                    "Yard",
                    Keeper.with(Tape.METRIC),
                    Flock.of(BirdClass.STANDARD, 8),
                    Heap.EMPTY,
                    PriceBook.EMPTY);

    private static Project said(Project project, String line) {
        return switch (SayLog.read(line, project, TODAY)) {
            case SayEdit.Said.Change change -> change.edit().change().apply(project);
            case SayEdit.Said.Unclear unclear -> throw new AssertionError(unclear.message());
        };
    }

    @Test
    void birdsThatComeAndGoAreCountedAndTheCoopStaysBuiltForThoseBefore() {
        Project more = said(START, "3 pullets in 45.00");
        assertThat(more.flock().hens()).containsEntry(BirdClass.STANDARD, 11);
        assertThat(more.builtFor()).isEqualTo(START.flock());
        assertThat(more.builtNeeds()).isEqualTo(START.needs());

        Project fewer = said(more, "lost 2 hens to fox");
        assertThat(fewer.flock().hens()).containsEntry(BirdClass.STANDARD, 9);
        assertThat(fewer.builtFor()).isEqualTo(START.flock());

        Entry lost = fewer.book().log().getLast();
        assertThat(SayLog.struck(fewer, lost).flock()).isEqualTo(more.flock());

        Project meant = fewer.withFlock(Flock.of(BirdClass.STANDARD, 20));
        assertThat(meant.builtFor().total()).isEqualTo(20);
    }

    @Test
    void vesselsPricesAndTheFirstDayAreNoHappenings() {
        Project p = said(START, "nipple bucket 15 l 3 nipples");
        p = said(p, "2 x drinker 5 l");
        p = said(p, "a 200 l barrel");
        p = said(p, "egg price 0.42");
        p = said(p, "write off over 10 years");
        p = said(p, "moved in");

        assertThat(p.book().vessels())
                .extracting(Vessel::kind)
                .containsExactly(
                        Vessel.Kind.NIPPLES,
                        Vessel.Kind.DRINKER,
                        Vessel.Kind.DRINKER,
                        Vessel.Kind.BARREL);
        assertThat(p.book().vessels().getFirst().places()).isEqualTo(3);
        assertThat(p.book().costing().boughtEgg()).isEqualTo(Money.of(0.42));
        assertThat(p.book().costing().years()).isEqualTo(10);
        assertThat(p.book().since()).contains(TODAY);
        assertThat(p.book().log()).isEmpty();
        assertThat(said(p, "no drinkers").book().vessels()).hasSize(2);
    }

    @Test
    void whatIsSaidOfTheFlockElsewhereIsUnderstoodHereToo() {
        assertThat(said(START, "out all day").flock().style()).isEqualTo(Flock.Style.OUT_ALL_DAY);
        assertThat(said(START, "hens 4").flock().total()).isEqualTo(4);
        assertThat(said(START, "hens 4").book().log()).isEmpty();
        assertThat(said(START, "grit 4").book().log().getFirst().what())
                .isInstanceOf(Happening.Paid.class);
        assertThat(said(START, "Dora looks thin").book().log().getFirst().what())
                .isInstanceOf(Happening.Note.class);
    }

    @Test
    void whatWasNotedGoesOnIntoTheNextCoopAndNothingElseOfTheLog() {
        Project used = said(said(START, "12 eggs"), "next time width 2400");

        Project next = used.next("Second");

        assertThat(next.book().log())
                .extracting(Entry::what)
                .containsExactly(new Happening.NextTime("width 2400"));
        assertThat(next.flock()).isEqualTo(used.flock());
        assertThat(next.chosen()).isEmpty();
        assertThat(next.anyKind()).isTrue();
    }

    @Test
    void nonsenseAndDaysToComeAreRefusedWithWords() {
        for (String line : new String[] {"12", "?", "", "2027-01-01 12 eggs", "5000 eggs"}) {
            assertThat(SayLog.read(line, START, TODAY))
                    .as(line)
                    .isInstanceOfSatisfying(
                            SayEdit.Said.Unclear.class, u -> assertThat(u.message()).isNotBlank());
        }
    }
}
