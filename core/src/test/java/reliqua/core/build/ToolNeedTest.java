package reliqua.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Stage;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.measure.Tape;

class ToolNeedTest {
    private static final Coop COOP = Houses.ordinary();

    private static ToolNeed need(List<ToolNeed> needs, String key) {
        return needs.stream().filter(n -> n.name().key().equals(key)).findFirst().orElseThrow();
    }

    @Test
    void whatIsNotThereComesFirstWithWhatDoesAsWell() {
        Keeper bare = Keeper.with(Tape.METRIC).with(Tool.STAPLE_GUN, false);
        List<ToolNeed> needs = ToolNeed.of(COOP, bare, false);

        assertThat(needs.getFirst().there()).isFalse();
        ToolNeed staples = need(needs, "tool.STAPLE_GUN");
        assertThat(staples.stages()).containsExactly(Stage.MESH);
        assertThat(staples.instead().orElseThrow().words(Tape.METRIC)).contains("hammer");

        Keeper rigged = bare.with(Tool.STAPLE_GUN, true);
        assertThat(need(ToolNeed.of(COOP, rigged, false), "tool.STAPLE_GUN").there()).isTrue();
    }

    @Test
    void aPryBarIsAskedForOnlyWherePalletsAreBroken() {
        Keeper keeper = Keeper.with(Tape.METRIC);

        assertThat(ToolNeed.of(COOP, keeper, false))
                .noneMatch(n -> n.name().key().equals("tool.PRY_BAR"));
        assertThat(ToolNeed.of(COOP, keeper, true))
                .anyMatch(n -> n.name().key().equals("tool.PRY_BAR"));
    }

    @Test
    void everyToolHasItsWords() {
        for (ToolNeed need : ToolNeed.of(COOP, Keeper.with(Tape.INCH), true)) {
            assertThat(need.name().words(Tape.INCH)).isNotBlank();
            assertThat(need.stages()).isNotEmpty();
        }
    }
}
