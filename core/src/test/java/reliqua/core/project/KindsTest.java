package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.Yards;
import reliqua.core.flock.Flock;
import reliqua.core.measure.Length;

/** The search among all kinds, made once; and the choice it gives. */
class KindsTest {
    private static final Project ANY = Yards.project(5).seekingAny();
    private static final List<Candidate> HEARD = new ArrayList<>();
    private static Design.Search search;

    @BeforeAll
    static void seek() throws Unbuildable {
        search =
                Design.derive(ANY, Optional.empty(), Progress.NONE, HEARD::add)
                        .search()
                        .orElseThrow();
    }

    @Test
    void theBestIsTheCheapestOfTheKindsThatHold() {
        assertThat(search.kinds()).hasSameSizeAs(Families.all());
        List<Kinds.Outcome> staying =
                search.kinds().stream().filter(o -> o.holds() && !o.family().moved()).toList();
        assertThat(staying).isNotEmpty();
        assertThat(staying)
                .allSatisfy(
                        o ->
                                assertThat(search.best().bill().total())
                                        .isLessThanOrEqualTo(o.bill().orElseThrow()));
        assertThat(search.best().candidate().faults()).isZero();
    }

    @Test
    void aKindThatGivesNothingSaysWhy() {
        assertThat(search.kinds())
                .filteredOn(o -> o.design().isEmpty())
                .isNotEmpty()
                .allMatch(o -> o.obstacle().isPresent());
    }

    @Test
    void whatIsHeardOnTheWayOnlyGetsBetter() {
        assertThat(HEARD).isNotEmpty();
        assertThat(HEARD.getLast().spec()).isEqualTo(search.best().candidate().spec());
    }

    @Test
    void eachPickIsBestAtWhatItIsShownFor() {
        List<Spread.Pick> picks = Spread.of(search.all());
        assertThat(picks.getFirst().reasons()).contains(Spread.Reason.CHEAPEST);
        assertThat(picks.stream().flatMap(p -> p.reasons().stream()))
                .containsExactlyInAnyOrder(Spread.Reason.values());
        for (Spread.Pick pick : picks) {
            assertThat(pick.why()).hasSameSizeAs(pick.reasons());
            for (Design other : search.all()) {
                boolean holds =
                        other.candidate().faults() == 0
                                && other.candidate().plan().missing().isEmpty();
                if (holds && pick.reasons().contains(Spread.Reason.CHEAPEST)) {
                    assertThat(pick.design().bill().total())
                            .isLessThanOrEqualTo(other.bill().total());
                }
            }
        }
        assertThat(picks.stream().map(p -> p.design().candidate().spec()).distinct())
                .hasSameSizeAs(picks);
    }

    @Test
    void lengthsThatAllKindsHaveCanBeHeldAndTheKindFollowsTheHouseSettledOn() {
        assertThat(ANY.keys()).contains("width", "depth").doesNotContain("eaves");
        Project held = ANY.hold("width", Length.mm(1500));
        assertThat(held.seeking(Families.all().getLast()).held()).containsKey("width");

        Project settled = ANY.settledOn(search.best().candidate());
        assertThat(settled.kind().id()).isEqualTo(search.best().candidate().spec().family());
        assertThat(settled.anyKind()).isTrue();
    }

    @Test
    void aKindIsNamedOrLeftToTheHeapByALine() {
        Project named = said(ANY, "pole house");
        assertThat(named.anyKind()).isFalse();
        assertThat(named.kind().id()).isEqualTo("pole");
        assertThat(said(named, "any kind").anyKind()).isTrue();
        assertThat(said(ANY.withFlock(Flock.EMPTY), "whatever suits best").anyKind()).isTrue();
    }

    private static Project said(Project project, String line) {
        return ((SayEdit.Said.Change) SayEdit.read(line, project)).edit().change().apply(project);
    }
}
