package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.family.Families;
import reliqua.core.project.Project;
import reliqua.core.stock.PriceBook;

class ExamplesTest {
    static Stream<Examples.Example> all() {
        return Examples.all().stream();
    }

    private static Project project(Examples.Example example) {
        return example.project(_ -> PriceBook.EMPTY);
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyLineOfAnExampleIsUnderstood(Examples.Example example) {
        Project project = project(example);
        assertThat(project.flock().total()).isPositive();
        assertThat(project.heap().lots()).hasSizeGreaterThan(5);
        assertThat(project.name()).isEqualTo(example.name());
    }

    @Test
    void everyKindOfCoopHasOne() {
        assertThat(all().map(e -> project(e).kind().id()).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        Families.all().stream().map(f -> f.id()).toList());
    }

    @Test
    void theyAreFoundByTheirNames() {
        assertThat(Examples.find("hop-garth")).isPresent();
        assertThat(Examples.find("nowhere")).isEmpty();
    }
}
