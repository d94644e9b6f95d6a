package reliqua.core.buy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Find;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.stock.Hardware;

class HardwareCountTest {
    private static final Part PALLET =
            whole(
                    "P1",
                    Role.FLOOR_PALLET,
                    new Find.OfPallet(Length.mm(1200), Length.mm(1000)),
                    box(1200, 1000, 190, 311));

    private static Solid box(long x, long y, long z0, long z1) {
        return Solid.box(
                Length.ZERO, Length.mm(x), Length.ZERO, Length.mm(y), Length.mm(z0), Length.mm(z1));
    }

    private static Part whole(String mark, Role role, Find find, Solid solid) {
        return new Part.WholePart(mark, role, find, Optional.empty(), List.of(), solid);
    }

    private static int screws(Part... parts) {
        Coop coop = new Coop(List.of(parts), List.of(), List.of(), Houses.ordinary().measures());
        return HardwareCount.of(coop).getOrDefault(Hardware.Kind.SCREWS, 0);
    }

    @Test
    void aSheetIsScrewedToEveryStringerOfAPallet() {
        Part deck =
                new Part.PanelPart(
                        "B1",
                        Role.DECK_ON_PALLETS,
                        Length.mm(12),
                        Length.mm(1200),
                        Length.mm(1000),
                        Optional.empty(),
                        Optional.empty(),
                        box(1200, 1000, 311, 323));
        // Three stringers of 1.2 m, a screw every 200 mm.
        assertThat(screws(PALLET, deck)).isBetween(12, 21);
    }

    @Test
    void nothingIsScrewedToABlock() {
        Part block =
                whole("K1", Role.FOOTING, new Find.OfBlock(Length.mm(190)), box(190, 390, 0, 190));
        assertThat(screws(PALLET, block)).isZero();
    }
}
