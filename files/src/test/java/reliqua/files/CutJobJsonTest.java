package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.CutPlan;
import reliqua.core.cutting.CutPlanner;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Length;

class CutJobJsonTest {
    private static final String BENCH =
            """
            {"format": "reliqua-cut-job", "version": 1, "kerf": 3.0,
             "sticks": [{"id": "S2", "thickness": 38, "width": 89, "length": 1830.125, "quantity": 2,
                         "flaws": [{"from": 600, "to": 660}], "bow": 2}],
             "sheets": [{"id": "P1", "thickness": 9, "width": 600, "length": 1300,
                         "flaws": [{"x": 0, "y": 0, "width": 150, "length": 200}]}],
             "shop": [{"id": "B1", "kind": "stick", "thickness": 38, "width": 89, "length": 2400, "price": 4.205}],
             "pieces": [{"id": "leg", "thickness": 38, "width": 89, "length": 430, "quantity": 4, "maxBow": 3}],
             "panels": [{"id": "arm", "thickness": 9, "width": 90, "length": 300, "turn": true}],
             "ignored": null}
            """;

    @Test
    void aJobComesBackAsItWas() throws InputException {
        CutJob job = CutJobJson.read(BENCH, "bench");
        assertThat(job.sticks().getFirst().length()).isEqualTo(new Length(1_830_125_000));
        assertThat(CutJobJson.read(CutJobJson.write(job), "again")).isEqualTo(job);
    }

    @Test
    void aPlanIsWrittenInTheFormat() throws InputException {
        CutPlan plan =
                new CutPlanner(CutPlanner.Settings.FULL)
                        .plan(CutJobJson.read(BENCH, "bench"), Progress.NONE);
        assertThat(CutPlanJson.write(plan, OptionalDouble.of(0.25)).replaceAll("\\s", ""))
                .contains("\"format\":\"reliqua-cut-plan\"")
                .contains("\"status\":\"optimal\"")
                .contains("\"lowerBound\":0.0")
                .contains("\"seconds\":0.25")
                .contains("\"id\":\"leg\",\"at\":0.0");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"version\": 1 | \"version\": 5 | version must be 1, 2, 3 or 4",
                "\"kerf\": 3.0 | \"kerf\": \"3\" | kerf must be a number",
                "\"length\": 430 | \"length\": -430 | leg",
                "\"kind\": \"stick\" | \"kind\": \"log\" | shop[0] (B1): kind",
                "\"quantity\": 4 | \"quantity\": 0 | pieces[0] (leg)",
                "\"from\": 600 | \"from\": 700 | flaws[0]",
                "\"id\": \"P1\" | \"id\": \"S2\" | occurs twice",
                "\"turn\": true | \"turn\": 1 | turn must be true or false",
                "\"pieces\": [ | \"pieces\": [ 7, | pieces[0]: must be an object",
                "\"price\": 4.205 | \"price\": 1e30 | too large",
            })
    void aFaultSaysWhereAndWhat(String good, String bad, String words) {
        assertThat(BENCH).contains(good);
        assertThatThrownBy(() -> CutJobJson.read(BENCH.replace(good, bad), "bench.json"))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("bench.json")
                .hasMessageContaining(words);
    }

    @Test
    void whatIsNoJsonIsSaidWithItsLine() {
        assertThatThrownBy(() -> CutJobJson.read("{\n\"a\": }", "x.json"))
                .hasMessageContaining("x.json")
                .hasMessageContaining("line 2");
        assertThatThrownBy(() -> CutJobJson.read("[]", "x.json")).hasMessageContaining("object");
    }

    @Test
    void thingsToBeWorkedMakeAVersionTwoThatComesBackTheSame() throws InputException {
        String text =
                """
                {"format": "reliqua-cut-job", "version": 2, "kerf": 3,
                 "workables": [{"id": "T1", "quantity": 2, "ways": [
                   {"id": "sawn", "minutes": 7, "gives": [
                     {"id": "boards", "thickness": 16, "width": 89, "length": 900, "quantity": 10,
                      "flaws": [{"from": 412, "to": 488}]},
                     {"id": "bearers", "thickness": 35, "width": 89, "length": 1200, "quantity": 3}]}]}],
                 "pieces": [{"id": "slat", "thickness": 16, "width": 89, "length": 400, "quantity": 4,
                   "only": ["T1"], "never": ["S9"]}]}
                """;
        CutJob job = CutJobJson.read(text, "job");
        assertThat(job.workables().getFirst().ways().getFirst().each()).hasSize(13);
        assertThat(CutJobJson.read(CutJobJson.write(job), "job")).isEqualTo(job);
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        String written = CutPlanJson.write(plan, OptionalDouble.empty());
        assertThat(written)
                .contains("\"version\" : 2")
                .contains("\"way\" : \"sawn\"")
                .contains("\"of\"");
    }

    @Test
    void largerSticksPolesAndThePriceOfAnHourMakeAVersionThree() throws InputException {
        String text =
                """
                {"format": "reliqua-cut-job", "version": 3, "kerf": 3, "hour": 6,
                 "sticks": [{"id": "P1", "thickness": 80, "width": 80, "length": 2000, "tip": 55}],
                 "workables": [{"id": "W1", "ways": [{"id": "rip", "minutes": 10, "gives": [
                   {"id": "a", "thickness": 38, "width": 89, "length": 900}]}]}],
                 "pieces": [
                   {"id": "bar", "thickness": 38, "width": 64, "length": 1400, "wider": 25,
                    "round": {"from": 60, "to": 90}},
                   {"id": "ledger", "thickness": 38, "width": 64, "length": 850, "wider": 30}]}
                """;
        CutJob job = CutJobJson.read(text, "job");
        assertThat(CutJobJson.read(CutJobJson.write(job), "job")).isEqualTo(job);
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(plan.sticks())
                .extracting(CutPlan.StickCut::source)
                .containsExactlyInAnyOrder("P1", "W1");
        String written = CutPlanJson.write(plan, OptionalDouble.empty());
        assertThat(written).contains("\"version\" : 3").contains("\"work\" : 1.0");
    }

    @Test
    void shapesSlantsAndLooksMakeAVersionFour() throws InputException {
        String text =
                """
                {"format": "reliqua-cut-job", "version": 4, "kerf": 3,
                 "sticks": [{"id": "S1", "thickness": 38, "width": 89, "length": 1970, "looks": 2}],
                 "sheets": [{"id": "P1", "thickness": 12, "width": 1000, "length": 1650,
                   "outline": [{"x": 0, "y": 0}, {"x": 1000, "y": 0}, {"x": 1000, "y": 1650},
                     {"x": 0, "y": 1640}]}],
                 "pieces": [{"id": "stud", "thickness": 38, "width": 89, "length": 1000, "quantity": 2,
                   "bevel": {"run": 40, "across": "thickness", "ends": 1}, "seen": true}],
                 "panels": [{"id": "end", "thickness": 12, "width": 1000, "length": 900,
                   "quantity": 2, "turn": true,
                   "outline": [{"x": 0, "y": 0}, {"x": 1000, "y": 0}, {"x": 1000, "y": 700},
                     {"x": 0, "y": 900}],
                   "openings": [{"corners": [{"x": 100, "y": 100}, {"x": 300, "y": 100},
                     {"x": 300, "y": 300}, {"x": 100, "y": 300}]}]}]}
                """;
        CutJob job = CutJobJson.read(text, "job");
        String again = CutJobJson.write(job);
        assertThat(again).contains("\"version\" : 4");
        assertThat(CutJobJson.read(again, "job")).isEqualTo(job);
        CutPlan plan = new CutPlanner(CutPlanner.Settings.FULL).plan(job, Progress.NONE);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(CutPlanJson.write(plan, OptionalDouble.empty()))
                .contains("\"version\" : 4")
                .contains("\"nested\" : true")
                .contains("\"half\" : true");
    }

    @Test
    void aSlantLongerThanItsPieceIsAFaultWithItsName() {
        String text =
                """
                {"format": "reliqua-cut-job", "version": 4, "kerf": 3, "pieces": [
                 {"id": "stud", "thickness": 38, "width": 89, "length": 30, "bevel": {"run": 40}}]}
                """;
        assertThatThrownBy(() -> CutJobJson.read(text, "job")).hasMessageContaining("stud");
    }

    @Test
    void aJobOfVersionOneIsWrittenAsVersionOneAndItsWorkablesAreNotRead() throws InputException {
        String text =
                """
                {"format": "reliqua-cut-job", "version": 1, "kerf": 3, "workables": [{"id": "T1"}]}
                """;
        CutJob job = CutJobJson.read(text, "job");
        assertThat(job.workables()).isEmpty();
        assertThat(CutJobJson.write(job)).contains("\"version\" : 1");
    }

    @Test
    void aThingWithoutAWayIsAFaultWithItsName() {
        String text =
                """
                {"format": "reliqua-cut-job", "version": 2, "kerf": 3, "workables": [{"id": "T1"}]}
                """;
        assertThatThrownBy(() -> CutJobJson.read(text, "job"))
                .hasMessageContaining("T1: at least one way");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"kerf\":1e-999999999",
                "\"kerf\":1e999999999",
                "\"kerf\":3,\"kerf\":4",
                "\"kerf\":3,\"pieces\":[{\"id\":\"a\",\"thickness\":1,\"width\":1,\"length\":1,\"only\":[{}]}]",
                "\"kerf\":3,\"pieces\":[{\"id\":{},\"thickness\":1,\"width\":1,\"length\":1}]",
                "\"kerf\":3,\"pieces\":[{\"id\":\"a\",\"thickness\":1,\"width\":1,\"length\":1,\"quantity\":2147483647}]"
            })
    void hostileNumbersAndNamesAreRefusedInALine(String fields) {
        String json = "{\"format\":\"reliqua-cut-job\",\"version\":1," + fields + "}";
        assertThatThrownBy(() -> CutJobJson.read(json, "job"))
                .isInstanceOf(InputException.class)
                .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(400).contains("job"));
    }

    @Test
    void nestingWithoutEndIsRefused() {
        for (String json : List.of("[".repeat(100_000), "{\"a\":".repeat(100_000), "\u0000")) {
            assertThatThrownBy(() -> CutJobJson.read(json, "job"))
                    .isInstanceOf(InputException.class)
                    .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(400));
        }
    }
}
