package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;

class YardSuggestionsTest {
    private static final Heap HEAP =
            Heap.EMPTY.plus(
                    new Lot(
                            "S1",
                            1,
                            Stick.sound(Section.mm(38, 89), Length.mm(2000)),
                            new Lot.Provenance(
                                    "behind the lean-to", "boat shed wall", "", Money.ZERO)));

    private static List<String> of(String typed) {
        return YardSuggestions.of(typed, HEAP, Tape.INCH);
    }

    @Test
    void aWordBegunIsFinished() {
        assertThat(of("3 pal")).contains("3 pallets");
        assertThat(of("6 of 2x4 at 96 rot a")).contains("6 of 2x4 at 96 rot at one end");
        assertThat(of("tin 26in x 8ft ru")).contains("tin 26in x 8ft rusty");
    }

    @Test
    void placesAndSourcesOfTheHeapComeBack() {
        assertThat(of("2x4 at 96 behind t")).contains("2x4 at 96 behind the lean-to");
        assertThat(of("2x4 at 96 from b")).contains("2x4 at 96 from boat shed wall");
    }

    @Test
    void anEmptyLineBeginsInTheKeepersUnitAndNumbersAreLeftAlone() {
        assertThat(of("")).isNotEmpty().allMatch(s -> !s.contains("2440"));
        assertThat(YardSuggestions.of(" ", HEAP, Tape.METRIC)).anyMatch(s -> s.contains("2440"));
        assertThat(of("6 of 2x4 at 92 5/8")).isEmpty();
        assertThat(of("qqq")).isEmpty();
    }

    /** A start, and every suggestion for a thing's first word, is a line that is understood. */
    @Test
    void theStartsAreUnderstoodAsTheyStand() {
        for (Tape tape : List.of(Tape.INCH, Tape.METRIC)) {
            for (String line : YardSuggestions.of("", HEAP, tape)) {
                assertThat(new SayLine(tape).read(line))
                        .as(line)
                        .isInstanceOf(SayLine.Understood.Added.class);
            }
        }
    }
}
