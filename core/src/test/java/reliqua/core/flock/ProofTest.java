package reliqua.core.flock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

/** The strongest demand wins, and it is said whose it is. */
class ProofTest {
    @Test
    void withNobodyAboutTheUsualHoldsAndNobodyIsNamed() {
        Proof proof = Proof.against(Set.of());
        assertThat(proof.nearBirds().value()).isEqualTo(Length.inches(1, 2));
        assertThat(proof.elsewhere().value()).isEqualTo(Length.inches(1));
        assertThat(proof.nearBirds().by()).isEmpty();
        assertThat(proof.apron().value()).isFalse();
    }

    @Test
    void weaselsAskForFinerMeshThanRats() {
        Proof proof = Proof.against(Set.of(Predator.RAT, Predator.WEASEL, Predator.FOX));
        assertThat(proof.nearBirds().value()).isEqualTo(Length.mm(6));
        assertThat(proof.nearBirds().by()).containsExactly(Predator.WEASEL);
        assertThat(proof.gap().value()).isEqualTo(Length.mm(6));
        assertThat(proof.apron().by()).containsExactly(Predator.FOX);
        assertThat(proof.feed().by()).containsExactly(Predator.RAT);
    }

    @Test
    void handsAskForLatchesAndHawksForACover() {
        Proof proof = Proof.against(Set.of(Predator.RACCOON, Predator.HAWK));
        assertThat(proof.latch().by()).containsExactly(Predator.RACCOON);
        assertThat(proof.cover().by()).containsExactlyInAnyOrder(Predator.RACCOON, Predator.HAWK);
        assertThat(proof.fence().value()).isFalse();
        assertThat(Proof.against(Set.of(Predator.BEAR)).fence().value()).isTrue();
    }

    @Test
    void oneAnimalMoreNeverAsksForLess() {
        Random random = new Random(11);
        for (int n = 0; n < 300; n++) {
            Set<Predator> some = EnumSet.noneOf(Predator.class);
            for (Predator each : Predator.values()) {
                if (random.nextInt(3) == 0) {
                    some.add(each);
                }
            }
            Proof before = Proof.against(some);
            Set<Predator> more = EnumSet.copyOf(some.isEmpty() ? Set.of(Predator.OWL) : some);
            more.add(Predator.values()[random.nextInt(Predator.values().length)]);
            Proof after = Proof.against(more);
            assertThat(after.nearBirds().value().atMost(before.nearBirds().value())).isTrue();
            assertThat(after.elsewhere().value().atMost(before.elsewhere().value())).isTrue();
            assertThat(after.gap().value().atMost(before.gap().value())).isTrue();
            assertThat(after.apron().value() || !before.apron().value()).isTrue();
            assertThat(after.cover().value() || !before.cover().value()).isTrue();
        }
    }

    @Test
    void theNeedsNameTheAnimalThatDecides() {
        Site site = Site.BARE.with(Predator.FOX, true).with(Predator.RAT, true);
        Needs needs = Needs.of(Flock.of(BirdClass.STANDARD, 6), site);
        assertThat(needs.line(Need.Kind.APRON).source().words(Tape.METRIC)).contains("foxes");
        assertThat(needs.line(Need.Kind.APRON).standing()).isEqualTo(Need.Standing.MUST);
        assertThat(needs.line(Need.Kind.MESH).source().words(Tape.METRIC))
                .contains("rats")
                .doesNotContain("foxes");
        Needs none = Needs.of(Flock.of(BirdClass.STANDARD, 6), Site.BARE);
        assertThat(none.line(Need.Kind.APRON).standing()).isEqualTo(Need.Standing.WISH);
    }
}
