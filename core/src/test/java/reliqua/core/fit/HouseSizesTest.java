package reliqua.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;

class HouseSizesTest {
    private static HouseSizes sizes(Project project) {
        FitRequest request = project.fitRequest();
        SheetOptions sheets = new SheetOptions(request.heap(), request.prices());
        return new HouseSizes(
                request,
                sheets,
                new Sizes(
                        request.heap(),
                        request.prices(),
                        request.keeper().kerf(),
                        request.keeper().tape().step()));
    }

    private static DesignSpec house(Project project) {
        FitRequest request = project.fitRequest();
        Choices choices =
                new Choices(
                        new SectionOptions(request.family(), request.heap(), request.prices())
                                .shared()
                                .orElseThrow(),
                        Length.mm(12),
                        Length.mm(12),
                        Length.mm(1220),
                        new Choices.RoofingChoice(Length.mm(840), Length.mm(760), Length.mm(2400)),
                        Practice.Underside.CLOSED_IN,
                        request.keeper().tape().step());
        return sizes(project).standardSize(choices);
    }

    @Test
    void aHairWiderIsAHairLessDeepAndStillLargeEnough() {
        Project project = Yards.project(6);
        DesignSpec house = house(project);
        List<DesignSpec> nudged = sizes(project).nudged(house);
        Length step = project.keeper().tape().step();
        assertThat(nudged).hasSize(14).doesNotHaveDuplicates();
        for (DesignSpec each : nudged) {
            assertThat(each.width()).isNotEqualTo(house.width());
            assertThat(each.width().minus(house.width()).abs()).isLessThanOrEqualTo(step.times(24));
            assertThat(sizes(project).within(each)).isTrue();
            assertThat(each.with("width", house.width()).with("depth", house.depth()))
                    .as("nothing else is changed")
                    .isEqualTo(house);
        }
    }

    @Test
    void whatTheKeeperHoldsIsNotNudged() {
        Project project = Yards.project(6).hold("width", Length.mm(2000));
        assertThat(sizes(project).nudged(house(project))).isEmpty();
    }
}
