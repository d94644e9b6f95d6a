package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.OwnFigures;
import reliqua.core.flock.Pen;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Tool;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/** Birds, ground and keeper as they are called out in one breath. */
class YardTalkTest {
    private final Project project =
            Project.start("Yard", Keeper.with(Tape.INCH), Flock.EMPTY, Heap.EMPTY, PriceBook.EMPTY);

    private Project said(String line) {
        return said(line, project);
    }

    private static Project said(String line, Project before) {
        SayEdit.Said said = SayEdit.read(line, before);
        assertThat(said).as(line).isInstanceOf(SayEdit.Said.Change.class);
        return ((SayEdit.Said.Change) said).edit().change().apply(before);
    }

    @Test
    void aWholeFlockAndYardInOneLine() {
        Project after = said("9 hens, 1 cock, 2 ducks, foxes, gate 36 in");
        assertThat(after.flock().hens())
                .containsEntry(BirdClass.STANDARD, 9)
                .containsEntry(BirdClass.DUCK, 2);
        assertThat(after.flock().cocks()).containsEntry(BirdClass.STANDARD, 1);
        assertThat(after.site().predators()).containsExactly(Predator.FOX);
        assertThat(after.site().gate()).contains(Length.inches(36));
        assertThat(
                        History.of(project)
                                .apply(
                                        ((SayEdit.Said.Change)
                                                        SayEdit.read("9 hens, foxes", project))
                                                .edit(),
                                        LocalDateTime.MIN)
                                .undo(LocalDateTime.MIN)
                                .now())
                .isEqualTo(project);
    }

    @Test
    void wordsForNumbersAndMoreBirds() {
        Project six = said("six bantams and a bantam cock");
        assertThat(six.flock().count(BirdClass.BANTAM)).isEqualTo(7);
        assertThat(said("3 more bantams", six).flock().hens()).containsEntry(BirdClass.BANTAM, 9);
        assertThat(said("no bantams", six).flock().hens()).isEmpty();
        assertThat(said("broilers: 20").flock().hens()).containsEntry(BirdClass.MEAT, 20);
    }

    @Test
    void waysOfKeepingAreHeard() {
        Project after =
                said(
                        "out all day, thin litter, snug roosts, one nest to 5 hens, buried mesh, for meat");
        assertThat(after.flock().style()).isEqualTo(Flock.Style.OUT_ALL_DAY);
        assertThat(after.flock().purposes()).contains(Flock.Purpose.MEAT, Flock.Purpose.EGGS);
        Practice practice = after.flock().practice();
        assertThat(practice.space()).isEqualTo(Practice.Space.TIGHT);
        assertThat(practice.litter()).isEqualTo(Practice.Litter.THIN);
        assertThat(practice.roosts()).isEqualTo(Practice.Roosts.SNUG);
        assertThat(practice.nests()).isEqualTo(Practice.Nests.ONE_PER_FIVE);
        assertThat(practice.apron()).isEqualTo(Practice.Apron.BURIED);
    }

    @Test
    void figuresOfOnesOwnAreHeard() {
        Project after = said("floor 3.5 sq ft a bird; roost 11 in a bird; one nest to 6 hens");
        assertThat(after.flock().practice().own().floor().orElseThrow().toSquareFeet())
                .isCloseTo(3.5, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(after.flock().practice().own().roost()).contains(Length.inches(11));
        assertThat(after.flock().practice().own().nests()).contains(6);
        OwnFigures rest = said("roomy floor, usual roosts", after).flock().practice().own();
        assertThat(rest).isEqualTo(OwnFigures.NONE.withNests(Optional.of(6)));
        assertThat(said("no own figures", after).flock().practice().own().floor()).isEmpty();
    }

    @Test
    void pensAreHeard() {
        Project after = said("8 hens, pen for 3 newcomers, 1 broody");
        assertThat(after.flock().penned(Pen.Kind.NEWCOMERS)).isEqualTo(3);
        assertThat(after.flock().penned(Pen.Kind.BROODY)).isEqualTo(1);
        assertThat(said("no pens", after).flock().pens()).isEmpty();
    }

    @Test
    void groundAndWeatherAreHeard() {
        Project after =
                said(
                        "yard 40 x 30 ft, slopes southwest 8%, wind from nw, faces south, snow 30 psf, gusts 90 mph");
        assertThat(after.site().width()).isEqualTo(Length.inches(480));
        assertThat(after.site().depth()).isEqualTo(Length.inches(360));
        assertThat(after.site().downhill().point()).isEqualTo("SW");
        assertThat(after.site().slope()).isEqualTo(8);
        assertThat(after.site().windFrom().point()).isEqualTo("NW");
        assertThat(after.site().facing().point()).isEqualTo("S");
        assertThat(Tape.INCH.say(after.site().climate().snow())).isEqualTo("30 psf");
        assertThat(Tape.INCH.say(after.site().climate().wind())).isEqualTo("90 mph");
        assertThat(said("rain 9 8 7 6 5 4 3 2 1 10 11 12").site().climate().rain())
                .startsWith(9, 8)
                .endsWith(11, 12);
        assertThat(said("currency kr").keeper().tape().currency()).isEqualTo("KR");
        Project cold = said("coldest -4, hottest 35 c, frost 30 in, southern hemisphere");
        assertThat(cold.site().climate().coldest().celsius())
                .isCloseTo(-20, org.assertj.core.data.Offset.offset(0.01));
        assertThat(cold.site().climate().hottest().celsius()).isEqualTo(35);
        assertThat(cold.site().southern()).isTrue();
    }

    @Test
    void theKeeperIsHeard() {
        Project after =
                said(
                        "i am 5'4\" tall, lift 40 lb, with a helper, 5 hours a week, table saw, no snips, barrow");
        assertThat(after.keeper().body().height()).isEqualTo(Length.inches(64));
        assertThat(Tape.INCH.say(after.keeper().body().lift())).isEqualTo("40 lb");
        assertThat(after.keeper().body().helper()).isTrue();
        assertThat(after.keeper().hoursAWeek()).isEqualTo(5);
        assertThat(after.keeper().tools()).contains(Tool.TABLE_SAW).doesNotContain(Tool.SNIPS);
        assertThat(after.keeper().wishes()).contains(Wish.BARROW);
        assertThat(said("no helper", after).keeper().body().helper()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "9 hens, gate of gold",
                "9 hens, a dragon",
                "200 hens, 50 ducks",
                "i am 12 ft tall",
                "yard 1 x 1 in",
                "slope 90% south",
                "coldest 200 f",
                "roost 0 in a bird",
                "200 hours a week"
            })
    void whatCannotBeIsRefusedWithItsReason(String line) {
        SayEdit.Said said = SayEdit.read(line, project);
        assertThat(said).isInstanceOf(SayEdit.Said.Unclear.class);
        assertThat(((SayEdit.Said.Unclear) said).message()).isNotBlank().doesNotContain("{");
    }

    @Test
    void aLotIsStillALot() {
        assertThat(said("6 of 2x4 at 92 5/8, painted").heap().lots()).hasSize(1);
        assertThat(said("no foxes", said("foxes about")).site().predators()).isEmpty();
        assertThat(Optional.of(said("gate 36 in", said("gate 48 in"))).orElseThrow().site().marks())
                .hasSize(2);
    }
}
