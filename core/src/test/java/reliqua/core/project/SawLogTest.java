package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.CutWish;
import reliqua.core.cutting.Making;
import reliqua.core.cutting.Offcuts;
import reliqua.core.cutting.Progress;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.cutting.Yields;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PalletYield;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

class SawLogTest {
    private static Project settled = Yards.project(8);
    private static Design begun;

    @BeforeAll
    static void settle() throws Unbuildable {
        begun = Yards.fitted(8);
        settled = settled.settledOn(begun.candidate());
        begun = derive(settled, Optional.empty());
    }

    private static Design derive(Project project, Optional<WorkPlan> before) throws Unbuildable {
        return Design.derive(project, before, Progress.NONE, _ -> {}).design().orElseThrow();
    }

    private static List<String> marks(Stream<Ticket> tickets) {
        return tickets.flatMap(t -> t.cuts().stream())
                .flatMap(c -> c.parts().stream())
                .map(Part::mark)
                .sorted()
                .toList();
    }

    private static List<String> covered(Design design) {
        WorkPlan plan = design.candidate().plan();
        List<String> all = new ArrayList<>(marks(plan.made().stream()));
        all.addAll(marks(plan.tickets().stream()));
        plan.missing().forEach(p -> all.add(p.mark()));
        assertThat(new TreeSet<>(all)).hasSameSizeAs(all);
        // What is made up of pieces, joined later in the build than planned at first, is one part.
        return all.stream().map(m -> m.replaceAll("[a-z]$", "")).distinct().sorted().toList();
    }

    /** To the last cut: every part is given once, whatever has been cut, and the rest stays put. */
    @Test
    void cutByCutEveryPartComesFromOneThingAndTheOtherTicketsStayAsTheyAre() throws Unbuildable {
        Random random = new Random(41);
        Project project = settled;
        Design design = begun;
        List<String> wanted = covered(design);
        assertThat(new TreeSet<>(wanted)).hasSameSizeAs(wanted);
        while (!design.candidate().plan().tickets().isEmpty()) {
            WorkPlan before = design.candidate().plan();
            List<Ticket> next = some(before.tickets(), random);
            Money kept = before.cost();
            for (Ticket ticket : next) {
                project = SawLog.cut(project, ticket, Set.of());
                kept = kept.minus(ticket.bought() ? price(ticket) : Money.ZERO);
            }
            design = derive(project, Optional.of(before));
            WorkPlan after = design.candidate().plan();
            assertThat(covered(design)).isEqualTo(wanted);
            assertThat(after.cost()).isLessThanOrEqualTo(kept);
            if (next.stream().allMatch(t -> t.made().isEmpty()) && after.cost().equals(kept)) {
                assertThat(after.tickets()).hasSize(before.tickets().size() - next.size());
                assertThat(marks(after.tickets().stream()))
                        .doesNotContainAnyElementsOf(marks(next.stream()));
            }
        }
        assertThat(project.cuts()).isNotEmpty();
        assertThat(design.minutes()).isLessThan(begun.minutes());
    }

    /** One ticket to three, as one cuts before the plan is made anew. */
    private static List<Ticket> some(List<Ticket> tickets, Random random) {
        List<Ticket> some = new ArrayList<>(tickets);
        Collections.shuffle(some, random);
        return some.subList(0, Math.min(some.size(), 1 + random.nextInt(3)));
    }

    private static Money price(Ticket ticket) {
        return settled.prices().offers().stream()
                .filter(o -> o.id().equals(ticket.source()))
                .findFirst()
                .orElseThrow()
                .price();
    }

    @Test
    void offcutsGoBackWithTheirParentageAndNoWoodIsMadeUp() {
        for (Ticket ticket : begun.candidate().plan().tickets()) {
            if (!(ticket.material() instanceof Stick stick) || ticket.made().isPresent()) {
                continue;
            }
            Project after = SawLog.cut(settled, ticket, Set.of());
            Length pieces =
                    ticket.cuts().stream()
                            .map(Ticket.Cut::across)
                            .reduce(Length.ZERO, Length::plus);
            Length back = Length.ZERO;
            for (CutMade.Back each : after.cuts().getFirst().back()) {
                Lot lot = after.heap().find(each.lot()).orElseThrow();
                assertThat(lot.provenance().parent()).isEqualTo(ticket.source());
                back = back.plus(((Stick) lot.material()).length().times(lot.quantity()));
            }
            assertThat(pieces.plus(back)).isLessThanOrEqualTo(stick.length());
            if (!ticket.bought()) {
                int had = settled.heap().find(ticket.source()).orElseThrow().quantity();
                int has = after.heap().find(ticket.source()).map(Lot::quantity).orElse(0);
                assertThat(has).isEqualTo(had - 1);
            }
        }
    }

    @Test
    void whatIsTakenBackIsAsBeforeUnlessItsOffcutsAreGone() {
        for (Ticket ticket : begun.candidate().plan().tickets()) {
            Project after = SawLog.cut(settled, ticket, Set.of());
            Project again = SawLog.takenBack(after, 0).orElseThrow();
            assertThat(again.cuts()).isEmpty();
            assertThat(again.heap().lots())
                    .containsExactlyInAnyOrderElementsOf(settled.heap().lots());
            List<CutMade.Back> back = after.cuts().getFirst().back();
            if (!back.isEmpty()) {
                Project burnt = after.withHeap(after.heap().minus(back.getFirst().lot()));
                assertThat(SawLog.takenBack(burnt, 0)).isEmpty();
            }
        }
    }

    @Test
    void aSpoiledPieceIsWantedAgain() throws Unbuildable {
        Ticket ticket = begun.candidate().plan().tickets().getFirst();
        String spoiled = ticket.cuts().getFirst().marks();
        Project after = SawLog.cut(settled, ticket, Set.of(spoiled));
        Design design = derive(after, Optional.of(begun.candidate().plan()));
        assertThat(covered(design)).isEqualTo(covered(begun));
        assertThat(marks(design.candidate().plan().made().stream())).doesNotContain(spoiled);
    }

    @Test
    void anotherHouseKeepsThePiecesThatStillServeAndNamesTheOthers() throws Unbuildable {
        Project project = settled;
        for (Ticket ticket : begun.candidate().plan().tickets().subList(0, 8)) {
            project = SawLog.cut(project, ticket, Set.of());
        }
        Project wider = project.withChosen(Optional.empty()).withFlock(Yards.project(11).flock());
        Design found = derive(wider, Optional.empty());
        assertThat(found.candidate().plan().made()).hasSize(8);
        Project other = wider.settledOn(found.candidate());
        Design design = derive(other, Optional.empty());
        assertThat(design.candidate().plan().made()).hasSize(8);
        List<String> all = covered(design);
        assertThat(new TreeSet<>(all)).hasSameSizeAs(all);
        CutMade.Piece piece = other.cuts().getFirst().pieces().getFirst();
        Project kept = SawLog.toHeap(other, 0, piece);
        assertThat(kept.heap().lots()).hasSize(other.heap().lots().size() + 1);
        assertThat(kept.cuts().getFirst().pieces()).doesNotContain(piece);
    }

    @Test
    void aThingThatIsGoneCannotBeCut() {
        Ticket ticket =
                begun.candidate().plan().tickets().stream()
                        .filter(t -> !t.bought())
                        .findFirst()
                        .orElseThrow();
        Project without = settled.withHeap(settled.heap().minus(ticket.source()));
        assertThat(SawLog.cut(without, ticket, Set.of())).isEqualTo(without);
    }

    @Test
    void oneStickOfAPalletCutPutsTheOthersIntoTheHeap() {
        Pallet pallet = Yards.pallet();
        Project project =
                settled.withHeap(
                        settled.heap().plus(new Lot("T9", 2, pallet, Lot.Provenance.UNKNOWN)));
        PalletYield yield = PalletYield.of(pallet, PalletYield.Way.SAWN);
        Making making = new Making(Making.How.SAWN, yield.sticks(), yield.minutes());
        Ticket ticket =
                new Ticket(
                        "T9",
                        1,
                        false,
                        yield.board(),
                        Optional.of(new Ticket.Made(pallet, making, 1)),
                        List.of());
        Project after = SawLog.cut(project, ticket, Set.of());
        assertThat(after.heap().find("T9").orElseThrow().quantity()).isEqualTo(1);
        List<CutMade.Back> back = after.cuts().getFirst().back();
        assertThat(back).extracting(CutMade.Back::quantity).containsExactly(12, 3);
        assertThat(after.heap().find(back.get(1).lot()).orElseThrow().material())
                .isEqualTo(yield.bearer());
        assertThat(SawLog.takenBack(after, 0).orElseThrow().heap().lots())
                .containsExactlyInAnyOrderElementsOf(project.heap().lots());
    }

    @Test
    void aStickThatIsShorterThanItWasDownAsIsPlannedAgainAtItsTrueLength() throws Unbuildable {
        Ticket ticket =
                begun.candidate().plan().tickets().stream()
                        .filter(t -> !t.bought() && t.made().isEmpty())
                        .filter(t -> t.material() instanceof Stick)
                        .findFirst()
                        .orElseThrow();
        Length shorter = ticket.cuts().getFirst().across().minus(Length.mm(5));
        Project after =
                SawLog.found(settled, ticket, ((Stick) ticket.material()).withLength(shorter));
        Stick found =
                (Stick)
                        after.heap().lots().stream()
                                .filter(
                                        l ->
                                                l.material() instanceof Stick s
                                                        && s.length().equals(shorter))
                                .findFirst()
                                .orElseThrow()
                                .material();
        assertThat(found.section()).isEqualTo(((Stick) ticket.material()).section());
        assertThat(things(after)).isEqualTo(things(settled));
        Design design = derive(after, Optional.of(begun.candidate().plan()));
        assertThat(covered(design)).isEqualTo(covered(begun));
        for (Ticket each : design.candidate().plan().tickets()) {
            if (each.material() instanceof Stick s) {
                assertThat(each.cuts()).allMatch(c -> c.end().atMost(s.length()));
            }
        }
    }

    private static int things(Project project) {
        return project.heap().lots().stream().mapToInt(Lot::quantity).sum();
    }

    @Test
    void aPieceStaysOnItsStickOrOffItAndTheWishNamesItsPrice() throws Unbuildable {
        Ticket ticket =
                begun.candidate().plan().tickets().stream()
                        .filter(t -> !t.bought() && t.made().isEmpty())
                        .filter(t -> t.material() instanceof Stick)
                        .findFirst()
                        .orElseThrow();
        String mark = ticket.cuts().getFirst().marks();
        for (boolean on : new boolean[] {true, false}) {
            CutWish wish = new CutWish(mark, ticket.source(), on);
            Design design = derive(settled.wish(wish, true), Optional.of(begun.candidate().plan()));
            WorkPlan plan = design.candidate().plan();
            assertThat(covered(design)).isEqualTo(covered(begun));
            assertThat(plan.ticketOf(mark).orElseThrow().source().equals(ticket.source()))
                    .isEqualTo(on);
            assertThat(plan.wishes()).containsOnlyKeys(wish);
            assertThat(plan.cost()).isGreaterThanOrEqualTo(begun.candidate().plan().lowerBound());
        }
        CutWish wish = new CutWish(mark, ticket.source(), true);
        assertThat(settled.wish(wish, true).wish(wish, false)).isEqualTo(settled);
    }

    @Test
    void theSameTicketIsNotCutTwice() {
        for (Ticket ticket : begun.candidate().plan().tickets()) {
            Project once = SawLog.cut(settled, ticket, Set.of());
            assertThat(SawLog.cut(once, ticket, Set.of())).isEqualTo(once);
        }
    }

    private static boolean isSlanted(Ticket.Cut cut) {
        return cut.parts().stream()
                .map(p -> (Part.StickPart) p)
                .anyMatch(p -> p.startCut().degrees() != 0 || p.endCut().degrees() != 0);
    }

    /** Marks allow for the kerf, so tickets made for another saw do not stand. */
    @Test
    void anotherSawIsAnotherPlan() throws Unbuildable {
        Project thick = settled.withKeeper(settled.keeper().withKerf(Length.mm(9)));
        WorkPlan plan = derive(thick, Optional.of(begun.candidate().plan())).candidate().plan();
        for (Ticket ticket : plan.tickets()) {
            if (ticket.material() instanceof Stick) {
                for (int n = 1; n < ticket.cuts().size(); n++) {
                    if (isSlanted(ticket.cuts().get(n)) && isSlanted(ticket.cuts().get(n - 1))) {
                        // Nested slant beside slant, one lies over the other by the run of the cut.
                        continue;
                    }
                    Length gap = ticket.cuts().get(n).x().minus(ticket.cuts().get(n - 1).end());
                    assertThat(gap).isGreaterThanOrEqualTo(Length.mm(9));
                }
            }
        }
    }

    @Test
    void aBevelledPieceGivesLessThanItsLengthAndASlopedPanelNothing() {
        for (Ticket ticket : begun.candidate().plan().tickets()) {
            Project once = SawLog.cut(settled, ticket, Set.of());
            CutMade made = once.cuts().getFirst();
            for (CutMade.Piece piece : made.pieces()) {
                Project kept = SawLog.toHeap(once, 0, piece);
                List<Lot> fresh = new ArrayList<>(kept.heap().lots());
                fresh.removeAll(once.heap().lots());
                if (made.material() instanceof Stick && !fresh.isEmpty()) {
                    Length length = ((Stick) fresh.getFirst().material()).length();
                    assertThat(length.equals(piece.across())).isEqualTo(piece.square());
                } else if (!piece.square()) {
                    assertThat(fresh).isEmpty();
                }
                assertThat(kept.cuts().getFirst().pieces()).doesNotContain(piece);
            }
        }
    }

    @Test
    void wishesThatContradictGiveWayAndThoseAboutThingsThatAreGoneDoNotCount() throws Unbuildable {
        Project wished =
                settled.wish(new CutWish("A1", "S1", true), true)
                        .wish(new CutWish("A1", "S9", true), true);
        assertThat(wished.wishes()).containsExactly(new CutWish("A1", "S9", true));
        assertThat(wished.wish(new CutWish("A1", "S9", false), true).wishes())
                .containsExactly(new CutWish("A1", "S9", false));
        String mark = begun.candidate().plan().tickets().getFirst().cuts().getFirst().marks();
        Project gone = settled.wish(new CutWish(mark, "no such lot", true), true);
        assertThat(derive(gone, Optional.empty()).candidate().plan().missing()).isEmpty();
    }

    private static Ticket ownStickOf(int pieces) {
        return begun.candidate().plan().tickets().stream()
                .filter(t -> !t.bought() && t.made().isEmpty() && t.material() instanceof Stick)
                .filter(t -> t.cuts().size() >= pieces)
                .findFirst()
                .orElseThrow();
    }

    private static Stick split(Ticket ticket, Length from, Length to) {
        Stick stick = (Stick) ticket.material();
        List<Flaw> flaws = new ArrayList<>(stick.flaws());
        flaws.add(new Flaw(Flaw.Kind.SPLIT, from, to));
        return stick.with(flaws);
    }

    /** Whatever splits: what is cut, what goes back and the split are the stick, and no more. */
    @Test
    void aStickThatSplitsGivesItsOtherPiecesAndTheSoundRestGoesBack() throws Unbuildable {
        Random random = new Random(77);
        Ticket ticket = ownStickOf(2);
        Length whole = ((Stick) ticket.material()).length();
        for (int n = 0; n < 25; n++) {
            Length from = whole.scaled(random.nextDouble() * 0.9);
            Length to = from.plus(whole.scaled(0.02 + random.nextDouble() * 0.3));
            Stick found = split(ticket, from, to);
            Project after = SawLog.cut(settled, ticket, Set.of(), found);
            CutMade cut = after.cuts().getFirst();
            for (CutMade.Piece piece : cut.pieces()) {
                Length end = piece.x().plus(piece.across());
                assertThat(end.atMost(from) || piece.x().atLeast(to)).isTrue();
            }
            assertThat(cut.pieces().size() + cut.uncut().size()).isEqualTo(ticket.cuts().size());
            Length back = Length.ZERO;
            for (CutMade.Back each : cut.back()) {
                Stick rest = (Stick) after.heap().find(each.lot()).orElseThrow().material();
                assertThat(rest.longestClear()).isGreaterThanOrEqualTo(Length.mm(300));
                back = back.plus(rest.length().times(each.quantity()));
            }
            Length out =
                    cut.pieces().stream()
                            .map(CutMade.Piece::across)
                            .reduce(Length.ZERO, Length::plus);
            assertThat(out.plus(back)).isLessThanOrEqualTo(whole);
            assertThat(SawLog.takenBack(after, 0).orElseThrow().heap().lots())
                    .containsExactlyInAnyOrderElementsOf(settled.heap().lots());
        }
        Length first = ticket.cuts().getFirst().end();
        Stick found = split(ticket, first.half(), first.half().plus(Length.mm(20)));
        Project after = SawLog.cut(settled, ticket, Set.of(), found);
        assertThat(after.cuts().getFirst().uncut())
                .containsExactly(ticket.cuts().getFirst().marks());
        Design design = derive(after, Optional.of(begun.candidate().plan()));
        assertThat(covered(design)).isEqualTo(covered(begun));
    }

    @Test
    void aStickThatSplitsBeforeItIsCutStaysWholeAndIsPlannedRoundTheSplit() throws Unbuildable {
        Ticket ticket = ownStickOf(1);
        Ticket.Cut piece = ticket.cuts().getFirst();
        Length at = piece.x().plus(piece.across().half());
        Stick found = split(ticket, at, at.plus(Length.mm(30)));
        Project after = SawLog.found(settled, ticket, found);
        assertThat(after.cuts()).isEmpty();
        assertThat(things(after)).isEqualTo(things(settled));
        Design design = derive(after, Optional.of(begun.candidate().plan()));
        assertThat(covered(design)).isEqualTo(covered(begun));
        for (Ticket each : design.candidate().plan().tickets()) {
            if (each.material().equals(found)) {
                assertThat(each.cuts())
                        .allMatch(c -> c.end().atMost(at) || c.x().atLeast(at.plus(Length.mm(30))));
            }
        }
    }

    @Test
    void aPieceCanBeSpoiledLongAfterItWasCut() throws Unbuildable {
        Ticket ticket = begun.candidate().plan().tickets().getFirst();
        Project once = SawLog.cut(settled, ticket, Set.of());
        CutMade.Piece piece = once.cuts().getFirst().pieces().getFirst();
        Project after = SawLog.spoiled(once, 0, piece);
        assertThat(after.heap()).isEqualTo(once.heap());
        assertThat(after).isEqualTo(SawLog.cut(settled, ticket, Set.of(piece.marks())));
        assertThat(SawLog.spoiled(after, 0, piece)).isEqualTo(after);
        Design design = derive(after, Optional.of(begun.candidate().plan()));
        assertThat(covered(design)).isEqualTo(covered(begun));
        assertThat(SawLog.spares(after, design.candidate().plan())).isEmpty();
    }

    /** A spoiled piece is wood that is gone, neither a part nor an off-cut. */
    @Test
    void whatIsSpoiledCountsAsLost() throws Unbuildable {
        Ticket ticket = ownStickOf(1);
        Ticket.Cut piece = ticket.cuts().getFirst();
        Section section = ((Stick) ticket.material()).section();
        Length good = lost(SawLog.cut(settled, ticket, Set.of()), section);
        Length spoiled = lost(SawLog.cut(settled, ticket, Set.of(piece.marks())), section);
        assertThat(spoiled.minus(good)).isEqualTo(piece.across());
    }

    /** Of what is cut only, whatever the rest of the plan does. */
    private static Length lost(Project project, Section section) throws Unbuildable {
        WorkPlan plan = derive(project, Optional.empty()).candidate().plan();
        Length kerf = project.keeper().kerf();
        List<Yields.Line> all = Yields.of(plan, kerf, project.prices());
        Length rest = Length.ZERO;
        for (Ticket each : plan.tickets()) {
            if (each.material() instanceof Stick s && s.section().equals(section)) {
                Length out =
                        each.cuts().stream()
                                .map(Ticket.Cut::across)
                                .reduce(Length.ZERO, Length::plus);
                for (Material offcut : Offcuts.of(each, kerf)) {
                    out = out.plus(((Stick) offcut).length());
                }
                rest = rest.plus(s.length().minus(out));
            }
        }
        return all.stream()
                .filter(l -> l.section().equals(section))
                .findFirst()
                .orElseThrow()
                .lost()
                .minus(rest);
    }
}
