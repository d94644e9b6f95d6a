package reliqua.standins;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import reliqua.core.flock.Climate;

class ClimatesTest {
    @Test
    void everyRegionHasAYearOfItsOwn() {
        assertThat(new Climates().regions())
                .hasSizeGreaterThan(4)
                .doesNotHaveDuplicates()
                .allSatisfy(c -> assertThat(c.rain()).hasSize(12))
                .anySatisfy(c -> assertThat(c.hot()).isTrue())
                .anySatisfy(c -> assertThat(c.snow().kiloPascals()).isGreaterThan(2));
    }

    @Test
    void regionsAreFoundByName() {
        assertThat(new Climates().find("tern ESTUARY"))
                .map(Climate::region)
                .contains("Tern estuary");
        assertThat(new Climates().find("Atlantis")).isEmpty();
    }
}
