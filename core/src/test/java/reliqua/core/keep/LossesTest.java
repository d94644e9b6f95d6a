package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Tape;

/** What was lost, to what, where, and what of the coop is weakest to it. */
class LossesTest {
    private static final Set<Predator> NONE = EnumSet.noneOf(Predator.class);

    private static Losses losses(KeepBook book, Coop coop) {
        return Losses.of(book, Optional.of(coop), NONE);
    }

    @Test
    void triesAndLossesOfOneAnimalAddUp() {
        KeepBook book =
                Kept.book(9, "fox dug at gate")
                        .plus(Kept.said(5, "lost hen Ada to fox"))
                        .plus(Kept.said(3, "fox dug at gate"))
                        .plus(Kept.said(2, "12 eggs"));

        Losses.Row fox = losses(book, Houses.ordinary()).rows().getFirst();

        assertThat(fox.cause()).isEqualTo(Predator.FOX.sum());
        assertThat(fox.birds()).isEqualTo(1);
        assertThat(fox.tries()).isEqualTo(2);
        assertThat(fox.last()).isEqualTo(Kept.TODAY.minusDays(3));
        assertThat(fox.places()).containsEntry(Losses.Place.GATE, 2);
        assertThat(losses(book, Houses.ordinary()).rows()).hasSize(1);
    }

    @Test
    void theCostliestCauseComesFirst() {
        KeepBook book =
                Kept.book(8, "lost hen Ada to hawk")
                        .plus(Kept.said(4, "lost 3 hens to fox"))
                        .plus(Kept.said(1, "lost hen Bea, ill"));

        assertThat(losses(book, Houses.ordinary()).rows())
                .extracting(Losses.Row::birds)
                .startsWith(3)
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
    }

    @Test
    void whatIsWeakestToTheAnimalIsNamedAsDrawnNow() {
        KeepBook book = Kept.book(2, "lost hen Ada to raccoon, opened the nest lid");
        Coop coop = Houses.ordinary();

        Losses.Row raccoon = losses(book, coop).rows().getFirst();

        assertThat(raccoon.weak()).isNotEmpty().allMatch(w -> w.lets().contains(Predator.RACCOON));
        assertThat(raccoon.weak().getFirst().what().key()).isEqualTo("audit.lid");
        assertThat(WeakSpot.of(coop, EnumSet.of(Predator.RACCOON))).containsAll(raccoon.weak());
        assertThat(raccoon.words()).allSatisfy(w -> assertThat(w.words(Tape.INCH)).isNotBlank());
    }

    @Test
    void illnessIsNoFaultOfTheCoop() {
        Losses.Row ill =
                losses(Kept.book(1, "Biscuit died, egg bound"), Houses.ordinary())
                        .rows()
                        .getFirst();
        assertThat(ill.weak()).isEmpty();
        assertThat(ill.cause().key()).isEqualTo("losses.cause.ILLNESS");
    }

    @Test
    void withoutACoopLossesAreStillCounted() {
        Losses losses = Losses.of(Kept.book(1, "lost hen Ada to fox"), Optional.empty(), NONE);
        assertThat(losses.rows()).hasSize(1);
        assertThat(losses.rows().getFirst().weak()).isEmpty();
        assertThat(Losses.of(KeepBook.EMPTY, Optional.empty(), NONE).rows()).isEmpty();
    }
}
