package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Money;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.PriceBook;

class PricedSpotsTest {
    /** A house with weasels and raccoons about that was drawn up before anybody knew of them. */
    private static Project project;

    private static Design design;
    private static List<PricedSpots.Priced> prices;

    @BeforeAll
    static void settle() throws Unbuildable {
        Project bare = Yards.project(6).with(AddOn.BACK_HATCH, false);
        Project calm = bare.withPrices(selling(bare.prices(), Hardware.Kind.LATCHES));
        Project settled = calm.settledOn(derived(calm).candidate());
        project =
                settled.withSite(
                        settled.site().with(Predator.RACCOON, true).with(Predator.WEASEL, true));
        design = derived(project);
        prices = PricedSpots.of(project, design, Progress.NONE);
    }

    private static PriceBook selling(PriceBook shop, Hardware.Kind kind) {
        SortedMap<Hardware.Kind, PriceBook.Pack> hardware = new TreeMap<>(shop.hardware());
        hardware.put(kind, new PriceBook.Pack(1, Money.of(3.5)));
        return new PriceBook(shop.merchant(), shop.offers(), hardware);
    }

    private static Design derived(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow();
    }

    private static List<PricedSpots.Priced> of(String key) {
        return prices.stream().filter(p -> p.spot().what().key().equals(key)).toList();
    }

    @Test
    void latchesCostWhatTheirPacksDo() {
        PricedSpots.Priced lids = of("audit.lid").getFirst();
        int more = lids.spot().mending().hardware().get(Hardware.Kind.LATCHES);
        PriceBook.Pack pack = project.prices().hardware().get(Hardware.Kind.LATCHES);
        assertThat(more).isPositive();
        assertThat(lids.more()).isEqualTo(pack.price().times(more));
        assertThat(lids.edit()).isEmpty();
    }

    @Test
    void aBarIsBuiltOnByAPressAndTheDoorHolds() throws Unbuildable {
        PricedSpots.Priced bar =
                of("audit.door").stream()
                        .filter(p -> p.edit().isPresent())
                        .findFirst()
                        .orElseThrow();
        Project barred = bar.edit().get().change().apply(project);
        assertThat(barred.addOns()).contains(AddOn.DOOR_BAR);
        Design after = derived(barred);
        assertThat(WeakSpot.of(after.candidate().coop(), project.site().predators()))
                .filteredOn(s -> s.what().key().equals("audit.door"))
                .allMatch(s -> s.grade() == WeakSpot.Grade.HOLDS);
    }

    @Test
    void whatIsMendedIsNeverPaidBack() {
        assertThat(prices).isNotEmpty().allMatch(p -> p.more().compareTo(Money.ZERO) >= 0);
        assertThat(prices).allMatch(p -> !p.what().isEmpty());
    }

    @Test
    void stoppedInTheMiddleItGivesWhatItHas() {
        assertThat(PricedSpots.of(project, design, Progress.stoppedBy(() -> true))).isEmpty();
    }
}
