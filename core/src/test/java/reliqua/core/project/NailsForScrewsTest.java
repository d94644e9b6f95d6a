package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.buy.Bill;
import reliqua.core.buy.Fixing;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Lot;

/** Half the screws of the cladding, never those that carry. */
class NailsForScrewsTest {
    private static final Money PACK = Money.of(2);
    private static final int IN_PACK = 10;

    private static Project project;
    private static Design design;

    @BeforeAll
    static void seek() throws Unbuildable {
        Project sought = Yards.project(5);
        Design found = derive(sought);
        Bill.Line screws = screws(found);
        project = Shopping.priced(sought.settledOn(found.candidate()), screws, PACK, IN_PACK);
        design = derive(project);
    }

    private static Design derive(Project project) throws Unbuildable {
        return Design.derive(project, Optional.empty(), Progress.NONE, _ -> {})
                .design()
                .orElseThrow();
    }

    private static Bill.Line screws(Design of) {
        return of.bill().lines().stream()
                .filter(l -> l.hardware().equals(Optional.of(Hardware.Kind.SCREWS)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySecondScrewOfTheCladdingMayBeANail() {
        int cladding =
                design.bill().fixings().stream()
                        .filter(f -> f.kind() == Hardware.Kind.SCREWS)
                        .filter(f -> f.where() == Fixing.Where.CLADDING)
                        .mapToInt(Fixing::count)
                        .sum();
        Sum saving = NailsForScrews.saving(screws(design), design, project).orElseThrow();
        int nails = Math.min(cladding / 2, screws(design).needed());
        assertThat(saving.words(Tape.METRIC)).contains(nails + " nails");
        int packs = Math.ceilDiv(screws(design).needed(), IN_PACK);
        int left = Math.ceilDiv(screws(design).needed() - nails, IN_PACK);
        assertThat(saving.words(Tape.METRIC)).contains(Tape.METRIC.say(PACK.times(packs - left)));
    }

    @Test
    void nailsThatAreThereAreNamed() {
        Hardware nail = new Hardware(Hardware.Kind.NAILS, Optional.empty());
        Project withNails =
                project.withHeap(
                        project.heap().plus(new Lot("X9", 900, nail, Lot.Provenance.UNKNOWN)));
        assertThat(NailsForScrews.saving(screws(design), design, withNails).orElseThrow())
                .extracting(s -> s.words(Tape.METRIC))
                .asString()
                .contains("900");
    }

    @Test
    void nothingIsSaidOfOtherLines() {
        design.bill().lines().stream()
                .filter(l -> !l.hardware().equals(Optional.of(Hardware.Kind.SCREWS)))
                .forEach(l -> assertThat(NailsForScrews.saving(l, design, project)).isEmpty());
    }
}
