package reliqua.core.flock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Area;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;

class WaysTest {
    private static final Flock HENS =
            Flock.of(BirdClass.STANDARD, 8).with(Practice.DEFAULT.withGrowth(0));

    private static Ways.Topic topic(Flock flock, String key) {
        return Ways.of(flock, Site.BARE, UnitSystem.MILLIMETRES).stream()
                .filter(t -> t.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySchoolIsShownWithWhatItGives() {
        assertThat(topic(HENS, "space").schools())
                .extracting(s -> Tape.INCH.word(s.figure().orElseThrow()))
                .containsExactly("16 sq ft", "32 sq ft", "48 sq ft");
        assertThat(topic(HENS, "nests").schools())
                .extracting(s -> Tape.INCH.word(s.figure().orElseThrow()))
                .containsExactly("3 boxes", "2 boxes", "2 boxes");
    }

    @Test
    void oneSchoolOfEveryTopicIsFollowedAndFollowingAnotherChangesOnlyThat() {
        for (Ways.Topic topic : Ways.of(HENS, Site.BARE, UnitSystem.MILLIMETRES)) {
            assertThat(topic.schools())
                    .as(topic.key())
                    .filteredOn(Ways.School::followed)
                    .hasSize(1);
            for (Ways.School school : topic.schools()) {
                assertThat(topic(HENS.with(school.practice()), topic.key()).schools())
                        .filteredOn(Ways.School::followed)
                        .extracting(Ways.School::name)
                        .containsExactly(school.name());
            }
        }
    }

    @Test
    void anOwnFigureStandsBeforeTheSchoolsUntilOneIsChosen() {
        Ways.Own own = topic(HENS, "space").own().orElseThrow();
        OwnFigures figures = own.reader().read("3.5", Tape.INCH);
        Flock other = HENS.with(HENS.practice().withOwn(figures));
        Ways.Topic topic = topic(other, "space");
        assertThat(topic.own().orElseThrow().figure())
                .isEqualTo(Optional.of(Area.ofSquareFeet(3.5)));
        assertThat(topic.schools()).noneMatch(Ways.School::followed);
        assertThat(topic.schools().getFirst().practice().own()).isEqualTo(OwnFigures.NONE);
        assertThat(topic(other, "run").schools()).anyMatch(Ways.School::followed);
        assertThat(topic(other, "run").schools().getFirst().practice().own()).isEqualTo(figures);
    }

    @Test
    void whatIsNoFigureIsRefusedInWords() {
        Ways.Own nests = topic(HENS, "nests").own().orElseThrow();
        assertThatThrownBy(() -> nests.reader().read("many", Tape.INCH))
                .hasMessageContaining("many")
                .hasMessageContaining("whole number");
        assertThat(nests.reader().read(" ", Tape.INCH)).isEqualTo(OwnFigures.NONE);
    }

    @Test
    void aGrowthOfOnesOwnStandsAmongTheUsualOnes() {
        assertThat(topic(HENS.with(Practice.DEFAULT.withGrowth(22)), "growth").schools())
                .extracting(Ways.School::name)
                .containsExactly("0", "22", "25", "50");
    }
}
