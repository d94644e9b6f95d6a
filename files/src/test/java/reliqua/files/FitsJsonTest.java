package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Role;
import reliqua.core.project.Project;
import reliqua.standins.Merchants;

class FitsJsonTest {
    @Test
    void everyExampleIsDrawnAsItWasFitted() {
        for (Examples.Example each : Examples.all()) {
            Project project = each.project(Merchants::priceBook);
            Coop coop = each.coop(project);
            assertThat(coop.parts()).as(each.id()).hasSizeGreaterThan(20);
        }
    }

    @Test
    void theExamplesUseWhatWasFound() {
        Coop meadow = drawn("ferry-meadow");
        assertThat(meadow.of(Role.FOUND_LEAF)).hasSize(1);
        assertThat(meadow.of(Role.WINDOW)).hasSize(1);
        assertThat(drawn("orchard-foot").of(Role.WHEEL)).hasSize(2);
        assertThat(drawn("rush-holm").of(Role.NEST_CRATE)).isNotEmpty();
    }

    private static Coop drawn(String id) {
        Examples.Example example = Examples.find(id).orElseThrow();
        return example.coop(example.project(Merchants::priceBook));
    }

    @Test
    void aDamagedListIsRefused() {
        assertThatThrownBy(() -> FitsJson.best("{\"fits\": [{\"design\": {}}]}"))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("dimensions");
    }
}
