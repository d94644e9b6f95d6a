package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Need;
import reliqua.core.flock.Reminder;
import reliqua.core.project.Project;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What birds and ground ask for, printed for people and for programs. */
class NeedsOutTest {
    private final Project project = DemoProjects.ternLane(Merchants::priceBook, new Climates());

    private static JsonNode json(Project project) {
        return JsonMapper.builder().build().readTree(NeedsJson.write(project));
    }

    @Test
    void everyNeedStandsInTheJsonWithItsSumAndSource() {
        JsonNode root = json(project);
        assertThat(root.path("format").asString()).isEqualTo("reliqua-needs");
        List<String> kinds = new ArrayList<>();
        for (JsonNode need : root.path("needs")) {
            kinds.add(need.path("kind").asString());
            assertThat(need.path("sum").asString()).isNotBlank();
            assertThat(need.path("source").asString()).isNotBlank();
            assertThat(need.path("standing").asString()).isIn("must", "wish");
            assertThat(need.path("says").asString()).isNotBlank();
        }
        for (Need.Kind kind : Need.Kind.values()) {
            assertThat(kinds).contains(kind.name().toLowerCase(Locale.ROOT));
        }
        assertThat(root.path("siting").path("best").asString()).matches("[NESW]{1,3}");
        assertThat(root.path("whatIf").path("three_more").isEmpty()).isFalse();
    }

    @Test
    void figuresAreInTheUnitsOfTheSchema() {
        for (JsonNode need : json(project).path("needs")) {
            if (need.path("kind").asString().equals("floor")) {
                assertThat(need.path("m2").doubleValue())
                        .isEqualTo(project.needs().floor().toSquareMetres());
            }
            if (need.path("kind").asString().equals("roost")) {
                assertThat(need.path("mm").doubleValue()).isEqualTo(3352.8);
            }
        }
    }

    @Test
    void whatWasAskedIsPrintedWithItsDay() {
        Project asked =
                project.withSite(
                        project.site()
                                .withAsked(
                                        Reminder.PERMIT,
                                        Optional.of(
                                                new Reminder.Asked(LocalDate.of(2026, 3, 9), ""))));
        assertThat(json(asked).path("ask").get(0).path("asked").asString()).isEqualTo("2026-03-09");
        assertThat(NeedsText.write(asked)).contains("2026-03-09").contains("not asked");
    }

    @Test
    void theTextSpeaksTheKeepersTape() {
        String text = NeedsText.write(project);
        assertThat(text).contains("22 sq ft").contains("foxes").contains("What if");
        Project metric = DemoProjects.kerrinRigg(Merchants::priceBook, new Climates());
        assertThat(NeedsText.write(metric)).contains("m²").contains("stoats").contains("cock");
    }

    @Test
    void aCockBringsTheQuestionOfNoise() {
        Project crowing = project.withFlock(project.flock().withCocks(BirdClass.STANDARD, 1));
        assertThat(NeedsText.write(crowing)).contains("cock be kept");
        assertThat(NeedsText.write(project)).doesNotContain("cock be kept");
    }
}
