package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class SortingTest {
    private static Lot lot(Material material) {
        return new Lot("X", 1, material, Lot.Provenance.UNKNOWN);
    }

    private static List<Sorting.Use> uses(Material material) {
        return Sorting.of(lot(material)).stream().map(Sorting.Suit::use).toList();
    }

    private static Stick bowed(long thickness, long width, long length, long bow) {
        return Stick.sound(Section.mm(thickness, width), Length.mm(length))
                .with(Warp.bowed(Length.mm(bow)));
    }

    @Test
    void theStraightestGoToDoorsTheBentToBlocking() {
        assertThat(uses(bowed(38, 64, 2400, 0))).startsWith(Sorting.Use.DOORS, Sorting.Use.FRAMES);
        assertThat(uses(bowed(38, 89, 2400, 90)))
                .doesNotContain(Sorting.Use.DOORS)
                .endsWith(Sorting.Use.BLOCKING);
        assertThat(uses(bowed(38, 89, 400, 30))).containsExactly(Sorting.Use.BLOCKING);
        assertThat(uses(bowed(19, 140, 1800, 20)))
                .contains(Sorting.Use.RIPPING, Sorting.Use.BATTENS)
                .doesNotContain(Sorting.Use.FRAMES);
    }

    /** A piece of the length that is promised is straight enough and free of flaws. */
    @Test
    void whatIsPromisedIsThere() {
        Random random = new Random(12);
        for (int n = 0; n < 500; n++) {
            Stick stick =
                    bowed(
                            16 + random.nextInt(60),
                            80 + random.nextInt(60),
                            300 + random.nextInt(3000),
                            random.nextInt(40));
            List<Sorting.Suit> suits = Sorting.of(lot(stick));
            assertThat(suits).isNotEmpty();
            for (Sorting.Suit suit : suits) {
                Length upTo = suit.upTo().orElseThrow();
                assertThat(upTo).isLessThanOrEqualTo(stick.longestClear());
                if (suit.use() == Sorting.Use.DOORS) {
                    assertThat(stick.bowOfPiece(upTo).nm())
                            .isLessThanOrEqualTo(Straightness.DOOR.allowedBow(upTo).nm() + 2);
                }
            }
        }
    }

    @Test
    void everyKindHasAUseAndWordsForIt() {
        List<Material> all =
                List.of(
                        new Sheet(
                                Sheet.Kind.PLYWOOD,
                                Length.mm(12),
                                Length.mm(1220),
                                Length.mm(1220),
                                List.of()),
                        new Roofing(Length.mm(2000), Length.mm(840), Length.mm(762), List.of()),
                        new Mesh(
                                Mesh.Kind.WELDED,
                                Length.ofMm(12.7),
                                Length.mm(900),
                                Length.mm(3000)),
                        new Mesh(
                                Mesh.Kind.HEX_NETTING,
                                Length.mm(25),
                                Length.mm(900),
                                Length.mm(3000)),
                        Block.of(Length.mm(100), Length.mm(200), Length.mm(400)),
                        new Hardware(Hardware.Kind.SCREWS, java.util.Optional.empty()),
                        new FoundPart(FoundPart.Kind.DOOR, List.of()));
        for (Material material : all) {
            for (Sorting.Suit suit : Sorting.of(lot(material))) {
                assertThat(suit.why().words(Tape.INCH)).isNotBlank().doesNotContain("{");
            }
        }
        assertThat(uses(all.get(2))).containsExactly(Sorting.Use.VENTS);
        assertThat(uses(all.get(3))).containsExactly(Sorting.Use.OVERHEAD);
    }

    @Test
    void wetSheetsAreDriedAndRefusedThingsAreForNothing() {
        Sheet wet =
                new Sheet(
                        Sheet.Kind.PLYWOOD,
                        Length.mm(12),
                        Length.mm(600),
                        Length.mm(900),
                        List.of(
                                new FlawArea(
                                        Flaw.Kind.WET,
                                        Length.ZERO,
                                        Length.ZERO,
                                        Length.mm(99),
                                        Length.mm(99))));
        assertThat(uses(wet)).startsWith(Sorting.Use.DRYING).doesNotContain(Sorting.Use.FLOOR);
        Lot bad =
                lot(bowed(38, 89, 2400, 0))
                        .with(new Condition(Set.of(Hazard.ASBESTOS), Condition.Verdict.OPEN));
        assertThat(Sorting.of(bad))
                .extracting(Sorting.Suit::use)
                .containsExactly(Sorting.Use.NOTHING);
    }
}
