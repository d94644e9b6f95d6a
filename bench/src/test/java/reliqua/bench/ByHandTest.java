package reliqua.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.OwnStick;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.WantedPiece;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

class ByHandTest {
    @Test
    void longestFirstWastesWhatThePlannerSaves() {
        CutJob job =
                new CutJob(
                        Length.ZERO,
                        List.of(
                                new OwnStick(
                                        "S1", mm(38), mm(89), mm(1000), 1, List.of(), Length.ZERO),
                                new OwnStick(
                                        "S2", mm(38), mm(89), mm(1200), 1, List.of(), Length.ZERO)),
                        List.of(),
                        List.of(
                                new CutJob.ShopItem(
                                        "B", false, mm(38), mm(89), mm(2400), Money.of(5))),
                        List.of(piece("a", 700), piece("b", 500), piece("c", 500), piece("d", 500)),
                        List.of());
        assertThat(ByHand.cost(job)).isEqualTo(Money.of(5));
        assertThat(new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE).cost())
                .isEqualTo(Money.ZERO);
    }

    private static Length mm(long millimetres) {
        return Length.mm(millimetres);
    }

    private static WantedPiece piece(String id, long length) {
        return new WantedPiece(id, mm(38), mm(89), mm(length), 1, Optional.empty());
    }
}
