package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Rolling;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Weight;

/** What the daily move of a pen asks of a back. */
class ToilTest {
    private static final Keeper ALONE = Keeper.with(Tape.METRIC);

    private static Coop pen(Set<AddOn> addOns) {
        CoopFamily pen = Families.find("boxpen").orElseThrow();
        return Houses.random(pen, addOns, new Random(5));
    }

    @Test
    void wheelsTakeMostOfWhatADraggedPenAsks() {
        Coop bare = pen(Set.of());
        Coop wheeled = pen(Set.of(AddOn.WHEELS));
        assertThat(Rolling.of(bare).lift()).isEmpty();
        assertThat(Rolling.of(bare).pull().toKilograms())
                .isEqualTo(bare.measures().weight().toKilograms() / 2, within());
        Rolling rolling = Rolling.of(wheeled);
        assertThat(rolling.lift()).isPresent();
        assertThat(rolling.pull()).isLessThan(Rolling.of(bare).pull());
        assertThat(rolling.lift().orElseThrow()).isLessThan(wheeled.measures().weight());
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(0.01);
    }

    @Test
    void whatIsTooHeavyIsSaidWithWhatHelps() {
        Coop pen = pen(Set.of());
        Keeper slight =
                ALONE.withBody(
                        new Keeper.Body(
                                ALONE.body().height(),
                                ALONE.body().reach(),
                                Weight.ofKilograms(2),
                                false));
        Toil toil = Toil.of(pen, slight);
        assertThat(toil.isWithin()).isFalse();
        assertThat(toil.reminders()).extracting(Sum::key).contains("toil.heavy.drag", "toil.wet");
        Keeper strong =
                ALONE.withBody(
                        new Keeper.Body(
                                ALONE.body().height(),
                                ALONE.body().reach(),
                                Weight.ofKilograms(79),
                                true));
        assertThat(strong.body().together().toKilograms()).isEqualTo(158);
        assertThat(Toil.of(pen, strong).reminders())
                .extracting(Sum::key)
                .doesNotContain("toil.heavy.drag")
                .contains("toil.drag");
    }
}
