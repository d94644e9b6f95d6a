package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.build.StepParts;

/** Files of before tick and note steps that are parts of others now. */
class StepsOfBeforeTest {
    @Test
    void whatWasTickedPartByPartIsDoneAsAWhole() {
        assertThat(StepsOfBefore.done(Set.of(Step.key("JOIST"), Step.key("RAMP_CLEAT"))))
                .contains(Step.key("FLOOR_FRAME"), Step.key("RAMP"))
                .doesNotContain(Step.key("NEST_BOX"));
        assertThat(StepsOfBefore.done(Set.of(Step.key("STUD"))))
                .containsAll(StepParts.outerWalls().stream().map(Step::key).toList());
        assertThat(StepsOfBefore.done(Set.of(Step.key("DECK")))).containsExactly(Step.key("DECK"));
    }

    @Test
    void notesOfPartsStandTogetherAndNoneIsLost() {
        TreeMap<String, StepNote> before = new TreeMap<>();
        before.put(Step.key("RIM"), new StepNote(20, "one was bowed", List.of()));
        before.put(Step.key("JOIST"), new StepNote(35, "8 mm wider", List.of()));
        before.put(Step.key("DECK"), new StepNote(60, "", List.of()));

        var now = StepsOfBefore.notes(before);

        assertThat(now).containsOnlyKeys(Step.key("FLOOR_FRAME"), Step.key("DECK"));
        StepNote frame = now.get(Step.key("FLOOR_FRAME"));
        assertThat(frame.minutes()).isEqualTo(55);
        assertThat(frame.words()).contains("one was bowed").contains("8 mm wider");
    }
}
