package reliqua.core.coop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.check.Finding;
import reliqua.core.check.Findings;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Brief;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Keeper;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Heap;

class SplitHouseTest {
    private static final CoopFamily SPLIT = Families.find("split").orElseThrow();
    private static final Keeper KEEPER = Keeper.with(Tape.METRIC);
    private static final Brief BRIEF = new Brief(Houses.needs(12), KEEPER, Set.of());

    private static DesignSpec spec(long width, long depth) {
        return SPLIT.sized(
                Houses.bareChoices(SPLIT), BRIEF, Map.of(), Length.mm(width), Length.mm(depth));
    }

    private static List<Bounds> of(Coop coop, Role role) {
        return coop.of(role).stream().map(p -> p.solid().bounds()).toList();
    }

    @Test
    void theBackPlaneLiesLowerThanTheFrontOne() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(2400, 2400), BRIEF);
        Length step = Length.mm(1200);
        List<Bounds> sheets = of(coop, Role.ROOF_SHEET);
        Length lowTop =
                sheets.stream()
                        .filter(b -> b.y0().atLeast(step))
                        .map(Bounds::z1)
                        .reduce(Length::max)
                        .orElseThrow();
        List<Bounds> band =
                coop.openings().stream()
                        .filter(o -> o.kind() == Opening.Kind.WALL_VENT)
                        .map(Opening::place)
                        .toList();
        assertThat(band).isNotEmpty().allMatch(b -> b.y0().equals(step));
        assertThat(band).allMatch(b -> b.z0().minus(lowTop).atLeast(Length.mm(70)));
        assertThat(band).allMatch(b -> b.height().atLeast(Length.mm(190)));
    }

    @Test
    void everyLowRafterStandsAgainstTheBeamAndTheHighOnesOverIt() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(3000, 2400), BRIEF);
        List<Part> beams = coop.of(Role.ROOF_BEAM);
        List<Part> plate = coop.of(Role.BAND_PLATE);
        for (Part rafter : coop.of(Role.RAFTER)) {
            boolean low = rafter.solid().bounds().y0().atLeast(Length.mm(1200));
            List<Part> on = low ? beams : plate;
            assertThat(on).anyMatch(b -> Contact.area(b.solid(), rafter.solid()) > 1000);
        }
    }

    @Test
    void theBeamIsStrongEnoughFromPostToPost() throws Unbuildable {
        for (long width : List.of(1600, 2400, 3200, 4200)) {
            Coop coop = CoopBuilder.build(spec(width, 2600), BRIEF);
            int posts = coop.of(Role.BEAM_POST).size() / 2;
            assertThat(coop.of(Role.ROOF_BEAM)).hasSize(2 * (posts + 1));
            Finding beam =
                    Findings.of(coop, BRIEF.needs(), KEEPER, Heap.EMPTY).stream()
                            .filter(f -> f.rule().equals("beam"))
                            .findFirst()
                            .orElseThrow();
            assertThat(beam.severity() == Finding.Severity.GOOD)
                    .as("%d mm wide, %d posts", width, posts)
                    .isTrue();
        }
    }

    @Test
    void postsStandOverJoistsAndClearOfTheRoosts() {
        Random random = new Random(31);
        for (int n = 0; n < 8; n++) {
            Coop coop = Houses.random(SPLIT, random);
            List<Bounds> joists = of(coop, Role.JOIST);
            for (Bounds post : of(coop, Role.BEAM_POST)) {
                // A found floor carries them wherever they stand on it.
                assertThat(joists.isEmpty() ? of(coop, Role.FOUND_FLOOR) : joists)
                        .anyMatch(
                                j ->
                                        j.x0().compareTo(post.x1()) < 0
                                                && post.x0().compareTo(j.x1()) < 0);
                assertThat(of(coop, Role.ROOST_BAR)).allMatch(bar -> bar.y0().atLeast(post.y1()));
            }
        }
    }

    /** No sheet is as long as a wide house: the board over the low roof is seamed on its studs. */
    @Test
    void noPanelIsWiderThanASheet() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(4200, 2600), BRIEF);
        Length widest = Houses.bareChoices(SPLIT).widestPanel();
        assertThat(coop.of(Role.SKIN)).allMatch(p -> ((Part.PanelPart) p).width().atMost(widest));
    }

    @Test
    void theKeeperStandsUpInTheFront() throws Unbuildable {
        Coop coop = CoopBuilder.build(spec(2400, 2600), BRIEF);
        assertThat(coop.measures().standing()).isGreaterThanOrEqualTo(KEEPER.body().height());
    }

    @Test
    void aFrontThatIsTooLowForABandIsRefusedInWords() {
        DesignSpec flat = spec(2400, 2400).with("back", Length.mm(1700));
        assertThatThrownBy(() -> CoopBuilder.build(flat, BRIEF))
                .isInstanceOf(Unbuildable.class)
                .extracting(e -> ((Unbuildable) e).reason().words(Tape.METRIC))
                .asString()
                .contains("no band between the two roofs");
    }
}
