package reliqua.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.family.Finds;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/** What a search tries comes out of the heap first, serves its place, and uses boards up. */
class OptionsTest {
    private static final CoopFamily FAMILY = Families.all().getFirst();

    private static final Length KERF = Length.mm(3);
    private static final Length STEP = Length.mm(1);

    private static Heap heap(Random random) {
        Heap heap = Heap.EMPTY;
        for (int n = 1 + random.nextInt(14); n > 0; n--) {
            Section section = Section.mm(12 + random.nextInt(90), 30 + random.nextInt(140));
            Stick stick = Stick.sound(section, Length.mm(300 + random.nextInt(3500)));
            int quantity = 1 + random.nextInt(9);
            heap = heap.plus(new Lot(heap.freshId(stick), quantity, stick, Lot.Provenance.UNKNOWN));
        }
        return heap;
    }

    /** Metres of a section in the heap. */
    private static double metres(Heap heap, Section section) {
        return heap.lots().stream()
                .filter(lot -> lot.material() instanceof Stick s && s.section().equals(section))
                .mapToDouble(lot -> lot.quantity() * ((Stick) lot.material()).length().toMetres())
                .sum();
    }

    @Test
    void everySectionServesItsPlaceAndTheBestSuppliedComesFirst() {
        Random random = new Random(11);
        int own = 0;
        for (int n = 0; n < 200; n++) {
            Heap heap = heap(random);
            SectionOptions options = new SectionOptions(FAMILY, heap, Yards.shop());
            for (Choices.Group group : Choices.Group.values()) {
                List<Section> sections = options.of(group);
                assertThat(sections).doesNotHaveDuplicates().hasSizeBetween(1, 6);
                assertThat(sections).allMatch(s -> s.serves(group.least()));
                List<Section> atHand = sections.stream().filter(s -> metres(heap, s) > 0).toList();
                assertThat(sections.subList(0, atHand.size())).isEqualTo(atHand);
                assertThat(atHand)
                        .isSortedAccordingTo(
                                Comparator.comparingDouble((Section s) -> -metres(heap, s)));
                own += atHand.size();
            }
        }
        assertThat(own).isGreaterThan(500);
    }

    @Test
    void everyGroupHasItsSectionOrThereIsNoBeginning() {
        Random random = new Random(12);
        int without = 0;
        for (int n = 0; n < 200; n++) {
            Heap heap = heap(random);
            Optional<List<Section>> alone =
                    new SectionOptions(FAMILY, heap, PriceBook.EMPTY).shared();
            without += alone.isEmpty() ? 1 : 0;
            assertThat(new SectionOptions(FAMILY, heap, Yards.shop()).shared().orElseThrow())
                    .hasSize(Choices.Group.values().length);
            alone.ifPresent(
                    sections -> {
                        for (Choices.Group group : Choices.Group.values()) {
                            Section section = sections.get(group.ordinal());
                            assertThat(section.serves(group.least())).isTrue();
                            // Only some designs have runs or boards; the others do not need them.
                            boolean wanted =
                                    group != Choices.Group.RUN && group != Choices.Group.BOARDS;
                            assertThat(
                                            metres(heap, section) > 0
                                                    || !wanted && section.equals(group.least()))
                                    .isTrue();
                        }
                    });
        }
        assertThat(without).isBetween(1, 199);
    }

    /** So many of them and their kerfs fit a board, and one millimetre more each would not. */
    private static Heap with(Heap heap, int quantity, Material material) {
        return heap.plus(
                new Lot(heap.freshId(material), quantity, material, Lot.Provenance.UNKNOWN));
    }

    @Test
    void panelsStandUprightAndLieWhereTheyAreNeitherTooTallNorTooLow() {
        FoundPart kennel =
                new FoundPart(FoundPart.Kind.PANEL, List.of(Length.mm(900), Length.mm(1300)));
        FoundPart gate =
                new FoundPart(FoundPart.Kind.PANEL, List.of(Length.mm(3000), Length.mm(1100)));
        Heap heap = with(with(Heap.EMPTY, 12, kennel), 3, gate);
        List<Finds> found = new FindOptions(heap, PriceBook.EMPTY).all(Finds.Kind.PANELS);
        assertThat(found)
                .extracting(f -> f.panels().orElseThrow().height())
                .containsExactly(Length.mm(1300), Length.mm(900), Length.mm(1100));
    }

    /** Two of other widths are tried together, the shorter first: the longer is sawn down to it. */
    @Test
    void palletsOfTwoWidthsAreTriedTogether() {
        Pallet wide = Yards.pallet();
        Pallet narrow = sized(wide, wide.length(), wide.width().minus(Length.mm(100)));
        Pallet tall = sized(wide, wide.length().plus(Length.mm(100)), wide.width());
        Heap heap = with(with(with(Heap.EMPTY, 9, wide), 8, narrow), 7, tall);
        List<Finds> found = new FindOptions(heap, PriceBook.EMPTY).all(Finds.Kind.PALLETS);
        assertThat(found).hasSize(5);
        List<Finds> pairs = found.stream().filter(f -> f.pallets().size() == 2).toList();
        assertThat(pairs).hasSize(2);
        assertThat(pairs.getFirst().pallets())
                .extracting(Finds.WholePallet::width)
                .containsExactly(wide.width(), narrow.width());
        assertThat(pairs.getLast().pallets())
                .extracting(Finds.WholePallet::length)
                .containsExactly(narrow.length(), tall.length());
    }

    private static Pallet sized(Pallet like, Length length, Length width) {
        return new Pallet(like.kind(), length, width, like.deck(), like.bearers(), like.stamp(), 0);
    }

    @Test
    void piecesUseUpABoard() {
        Random random = new Random(13);
        int found = 0;
        for (int n = 0; n < 500; n++) {
            Heap heap = heap(random);
            Sizes sizes = new Sizes(heap, PriceBook.EMPTY, KERF, STEP);
            Optional<List<Section>> sections =
                    new SectionOptions(FAMILY, heap, PriceBook.EMPTY).shared();
            if (sections.isEmpty()) {
                continue;
            }
            Section legs = sections.get().get(Choices.Group.LEGS.ordinal());
            List<Length> boards = SectionOptions.lengths(heap, PriceBook.EMPTY, legs);
            Choices choices =
                    Yards.fitted(8).candidate().spec().choices().with(Choices.Group.LEGS, legs);
            for (Length piece :
                    sizes.pieces(choices, Choices.Group.LEGS, Length.mm(200), Length.mm(900))) {
                assertThat(piece).isBetween(Length.mm(200), Length.mm(900));
                assertThat(boards).anyMatch(board -> isUsedUp(board, piece));
                found++;
            }
        }
        assertThat(found).isGreaterThan(100);
    }

    private static boolean isUsedUp(Length board, Length piece) {
        long each = piece.plus(KERF).nm();
        long fit = board.plus(KERF).nm() / each;
        long more = board.plus(KERF).nm() / (each + STEP.nm());
        return fit > 0 && more < fit;
    }
}
