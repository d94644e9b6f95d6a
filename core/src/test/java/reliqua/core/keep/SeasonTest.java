package reliqua.core.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Practice.Litter;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;

class SeasonTest {
    private static final Coop COOP = Houses.ordinary();

    private static List<String> keys(Season.Face face, Litter litter, Vessel... vessels) {
        Climate cold = Climate.MILD.withColdest(new Temperature(-12));
        return Season.of(face, COOP, litter, cold, List.of(vessels)).todo().stream()
                .map(s -> s.key())
                .toList();
    }

    @Test
    void januaryIsWinterInTheNorthAndSummerInTheSouth() {
        LocalDate january = LocalDate.of(2026, 1, 10);

        assertThat(Season.of(january, false)).isEqualTo(Season.Face.WINTER);
        assertThat(Season.of(january, true)).isEqualTo(Season.Face.SUMMER);
        assertThat(Season.of(january.plusMonths(6), false)).isEqualTo(Season.Face.SUMMER);
    }

    @Test
    void winterShutsVentsToAQuarterAndTellsWhatFreezes() {
        assertThat(keys(Season.Face.WINTER, Litter.DEEP, Vessel.of(Vessel.Kind.DRINKER, 8)))
                .contains("winter.vents", "winter.litter", "vessel.freezes", "winter.heat")
                .doesNotContain("winter.floor");
        assertThat(keys(Season.Face.WINTER, Litter.WIRE)).contains("winter.floor");
    }

    @Test
    void eachFaceLightsPartsThatAreThereAndHasItsWords() {
        for (Season.Face face : Season.Face.values()) {
            Season season = Season.of(face, COOP, Litter.DEEP, Climate.MILD, List.of());
            assertThat(season.marks()).isNotEmpty().allMatch(m -> COOP.find(m).isPresent());
            assertThat(season.todo())
                    .allSatisfy(
                            s -> assertThat(s.words(Tape.INCH)).isNotBlank().doesNotContain("{"));
        }
    }
}
