package reliqua.core;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.build.StepParts;
import reliqua.core.build.Steps;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Role;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Need;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;

/** Everything that is said has its words. */
class WordsTest {
    @ParameterizedTest
    @EnumSource(Role.class)
    void everyRoleHasANameAStepAndAStage(Role role) {
        assertThat(Words.say("role." + role.name())).isNotBlank();
        assertThat(Words.say("step." + StepParts.id(role))).isNotBlank();
        assertThat(Words.say("stage." + role.stage().name())).isNotBlank();
    }

    @Test
    void needsHardwareAndFlawsHaveNames() {
        for (Need.Kind kind : Need.Kind.values()) {
            assertThat(Words.say("need." + kind.name())).isNotBlank();
        }
        for (Hardware.Kind kind : Hardware.Kind.values()) {
            assertThat(Words.say("hardware." + kind.name())).isNotBlank();
        }
        for (Flaw.Kind kind : Flaw.Kind.values()) {
            assertThat(Words.say("flaw." + kind.name())).isNotBlank();
        }
    }

    @Test
    void findingsAndChecksAreWordedInBothTapes() {
        Coop coop = Houses.ordinary();
        for (Tape tape : new Tape[] {Tape.INCH, Tape.METRIC}) {
            Findings.of(coop, Houses.needs(8), Keeper.with(tape), Heap.EMPTY)
                    .forEach(f -> assertThat(f.sum().words(tape)).isNotBlank().doesNotContain("{"));
            Steps.of(coop, Keeper.Body.MIDDLING.lift())
                    .forEach(
                            step -> {
                                assertThat(step.name().words(tape)).isNotBlank();
                                assertThat(step.words().words(tape)).isNotBlank();
                                step.check().ifPresent(c -> assertThat(c.words(tape)).isNotBlank());
                                step.caution()
                                        .ifPresent(key -> assertThat(Words.say(key)).isNotBlank());
                            });
        }
    }
}
