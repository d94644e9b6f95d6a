package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Section;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CoopJsonTest {
    private static final Choices CHOICES =
            new Choices(
                    List.of(
                            Section.mm(89, 89),
                            Section.mm(38, 89),
                            Section.mm(38, 64),
                            Section.mm(38, 89),
                            Section.mm(19, 64),
                            Section.mm(19, 38),
                            Section.mm(38, 64),
                            Section.mm(19, 64),
                            Section.mm(16, 89)),
                    Length.mm(15),
                    Length.mm(12),
                    Length.mm(1220),
                    new Choices.RoofingChoice(Length.mm(840), Length.mm(760), Length.mm(2400)),
                    Practice.Underside.CLOSED_IN,
                    Length.mm(1));
    private static final Brief BRIEF =
            new Brief(
                    Needs.of(Flock.of(BirdClass.STANDARD, 6)),
                    Keeper.with(Tape.METRIC),
                    Set.of(AddOn.RUN));

    private static DesignSpec spec(CoopFamily family) {
        return family.sized(CHOICES, BRIEF, Map.of(), Length.mm(1900), Length.mm(1600));
    }

    private static double volume(JsonNode piece) {
        double volume = 0;
        for (JsonNode face : piece.get("faces")) {
            double[] a = point(piece, face.get(0));
            for (int i = 1; i + 1 < face.size(); i++) {
                volume += det(a, point(piece, face.get(i)), point(piece, face.get(i + 1))) / 6;
            }
        }
        return volume;
    }

    private static double[] point(JsonNode piece, JsonNode number) {
        JsonNode point = piece.get("points").get(number.intValue());
        return new double[] {
            point.get(0).doubleValue(), point.get(1).doubleValue(), point.get(2).doubleValue()
        };
    }

    private static double det(double[] a, double[] b, double[] c) {
        return a[0] * (b[1] * c[2] - b[2] * c[1])
                - a[1] * (b[0] * c[2] - b[2] * c[0])
                + a[2] * (b[0] * c[1] - b[1] * c[0]);
    }

    @ParameterizedTest
    @ValueSource(strings = {"raised", "walkin"})
    void everyPartIsWrittenWholeAndLeadsToTheGround(String id) throws Unbuildable {
        DesignSpec spec = spec(Families.find(id).orElseThrow());
        Coop coop = CoopBuilder.build(spec, BRIEF);
        JsonNode root =
                JsonMapper.shared()
                        .readTree(CoopJson.write("test", spec, coop, Optional.empty(), 6));
        assertThat(root.get("parts")).hasSameSizeAs(coop.parts());
        for (JsonNode node : root.get("parts")) {
            Part part = coop.find(node.get("id").asString()).orElseThrow();
            double sum = 0;
            for (JsonNode piece : node.get("solids")) {
                // Faces turned outward give a volume above zero.
                assertThat(volume(piece)).as(part.mark()).isPositive();
                sum += volume(piece);
            }
            double whole = part.solid().cubicMetres() * 1e9;
            assertThat(sum).as(part.mark()).isCloseTo(whole, within(1 + whole * 1e-6));
        }
        Set<String> held = new HashSet<>(Set.of("ground"));
        for (JsonNode support : root.get("supports")) {
            assertThat(held).contains(support.get("on").get(0).asString());
            held.add(support.get("part").asString());
        }
        assertThat(held).hasSize(coop.parts().size() + 1);
        assertThat(root.get("zones")).hasSize(2);
        assertThat(root.get("addOns").get(0).asString()).isEqualTo("run");
    }
}
