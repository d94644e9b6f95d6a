package reliqua.core.coop.madeup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** Whatever house and heap: what is made up of pieces fills the place of the whole. */
class MadeUpsTest {
    private static final double TOUCH = 20_000;

    /** Short sticks of every section in the house, narrow boards, and small sheets. */
    private static Heap scraps(Coop coop, Random random) {
        List<Material> scraps = new ArrayList<>();
        coop.parts().stream()
                .filter(p -> p instanceof Part.StickPart)
                .map(p -> (Part.StickPart) p)
                .filter(p -> EnumSet.of(Role.JOIST, Role.RAFTER, Role.PURLIN).contains(p.role()))
                .forEach(
                        p ->
                                scraps.add(
                                        Stick.sound(
                                                p.section(),
                                                p.length()
                                                        .scaled(0.3 + 0.6 * random.nextDouble()))));
        coop.parts().stream()
                .filter(p -> p instanceof Part.PanelPart)
                .map(p -> ((Part.PanelPart) p).thickness())
                .distinct()
                .forEach(
                        t -> {
                            for (int i = 0; i < 3; i++) {
                                scraps.add(
                                        new Sheet(
                                                Sheet.Kind.PLYWOOD,
                                                t,
                                                Length.mm(300 + i * random.nextInt(400)),
                                                Length.mm(700 + random.nextInt(900)),
                                                List.of()));
                            }
                            for (int wide : new int[] {70, 89, 95, 120, 145}) {
                                scraps.add(
                                        Stick.sound(
                                                Section.of(t.plus(Length.mm(2)), Length.mm(wide)),
                                                Length.mm(2600)));
                            }
                        });
        for (int wide : new int[] {400, 520, 700}) {
            scraps.add(
                    new Roofing(Length.mm(3000), Length.mm(wide), Length.mm(wide - 60), List.of()));
        }
        for (int i = 0; i < 3; i++) {
            scraps.add(
                    new Mesh(
                            Mesh.Kind.WELDED,
                            Length.ofMm(12.7),
                            Length.mm(200 + random.nextInt(400)),
                            Length.mm(500 + random.nextInt(900))));
        }
        Heap heap = Heap.EMPTY;
        for (Material scrap : scraps) {
            heap = heap.plus(new Lot(heap.freshId(scrap), 20, scrap, Lot.Provenance.UNKNOWN));
        }
        return heap;
    }

    @Test
    void piecesFillThePlaceOfTheWholeAndNoOther() {
        Random random = new Random(41);
        Map<Seam.Kind, Integer> seen = new EnumMap<>(Seam.Kind.class);
        int several = 0;
        for (int n = 0; n < 25; n++) {
            Coop coop = Houses.random(random);
            MadeUps ways = new MadeUps(coop, scraps(coop, random));
            for (Part part : coop.parts()) {
                for (MadeUp made : ways.options(part)) {
                    seen.merge(made.seam().kind(), 1, Integer::sum);
                    assertThat(ways.of(made.seam())).contains(made);
                    assertThat(made.minutes()).isPositive();
                    free(made, part, coop);
                    fills(made, part);
                    boolean tiled =
                            made.seam().kind() == Seam.Kind.TILED_ACROSS
                                    || made.seam().kind() == Seam.Kind.TILED_UP;
                    several += tiled && made.seam().at().size() > 1 ? 1 : 0;
                }
            }
        }
        assertThat(seen.keySet()).containsExactlyInAnyOrder(Seam.Kind.values());
        assertThat(several).isPositive();
    }

    @Test
    void blocksDoNotKeepClearOfWhatLiesBesideTheJoists() {
        Random random = new Random(12);
        int apart = 0;
        int together = 0;
        for (int n = 0; n < 25; n++) {
            Coop coop = Houses.random(random);
            MadeUps ways = new MadeUps(coop, scraps(coop, random));
            for (MadeUp joist : options(ways, coop, Role.JOIST)) {
                for (MadeUp deck : options(ways, coop, Role.DECK)) {
                    boolean clear =
                            joist.parts().stream()
                                    .allMatch(
                                            a ->
                                                    deck.parts().stream()
                                                            .allMatch(
                                                                    b ->
                                                                            Contact.overlap(
                                                                                            a
                                                                                                    .solid(),
                                                                                            b
                                                                                                    .solid())
                                                                                    < TOUCH));
                    assertThat(ways.keepClear(List.of(deck.seam()), List.of(joist.seam())))
                            .isEqualTo(clear);
                    assertThat(ways.keepClear(List.of(joist.seam(), deck.seam()), List.of()))
                            .isEqualTo(clear);
                    apart += clear ? 1 : 0;
                    together += clear ? 0 : 1;
                }
            }
        }
        assertThat(apart).isPositive();
        assertThat(together).isPositive();
    }

    private static List<MadeUp> options(MadeUps ways, Coop coop, Role role) {
        return coop.of(role).stream().limit(3).flatMap(p -> ways.options(p).stream()).toList();
    }

    private static void free(MadeUp made, Part whole, Coop coop) {
        Coop built = coop.with(List.of(made));
        assertThat(built.parts().stream().map(Part::mark)).doesNotHaveDuplicates();
        for (Part piece : made.parts()) {
            assertThat(made.seam().makes(piece.mark())).isTrue();
            assertThat(built.find(piece.mark())).contains(piece);
            for (Part other : coop.parts()) {
                boolean mesh = other instanceof Part.MeshPart || piece instanceof Part.MeshPart;
                if (!other.mark().equals(whole.mark()) && !mesh) {
                    assertThat(Contact.overlap(other.solid(), piece.solid()))
                            .as("%s %s in %s", made.seam(), piece.mark(), other.mark())
                            .isLessThan(TOUCH);
                }
            }
        }
        assertThat(built.find(whole.mark())).isEmpty();
    }

    private static void fills(MadeUp made, Part whole) {
        switch (made.seam().kind()) {
            case LAPPED -> lapped(made, (Part.StickPart) whole);
            case SCABBED -> scabbed(made, (Part.StickPart) whole);
            case BUTTED -> butted(made, (Part.StickPart) whole);
            case BESIDE -> beside(made, (Part.RoofPart) whole);
            case COURSES -> courses(made, (Part.RoofPart) whole);
            case TILED_ACROSS, TILED_UP, TILED -> tiled(made, (Part.PanelPart) whole);
            case BOARDED -> boarded(made, (Part.PanelPart) whole);
            case WEATHERBOARDED -> weatherboarded(made, (Part.PanelPart) whole);
            case LACED_LONG, LACED_WIDE -> laced(made, (Part.MeshPart) whole);
        }
    }

    private static void lapped(MadeUp made, Part.StickPart whole) {
        Length sum = Length.ZERO;
        for (Part piece : made.parts()) {
            sum = sum.plus(((Part.StickPart) piece).length());
        }
        Length depth =
                whole.role() == Role.PURLIN ? whole.section().thickness() : whole.section().width();
        assertThat(sum).isEqualTo(whole.length().plus(depth.times(4)));
        if (whole.role() != Role.PURLIN) {
            double middle =
                    ((Part.StickPart) made.parts().getFirst())
                            .length()
                            .minus(depth.times(2))
                            .ratio(whole.length());
            assertThat(middle <= 1.0 / 3 + 1e-9 || middle >= 2.0 / 3 - 1e-9).isTrue();
        }
    }

    private static void scabbed(MadeUp made, Part.StickPart whole) {
        List<Part.StickPart> parts = made.parts().stream().map(p -> (Part.StickPart) p).toList();
        Length joint = parts.get(0).length();
        assertThat(joint.plus(parts.get(1).length())).isEqualTo(whole.length());
        double middle = joint.ratio(whole.length());
        assertThat(middle <= 1.0 / 3 + 1e-9 || middle >= 2.0 / 3 - 1e-9).isTrue();
        Length depth = whole.section().width();
        assertThat(parts.subList(2, 4))
                .allMatch(s -> s.length().equals(depth.times(12)))
                .allMatch(s -> s.section().equals(whole.section()));
        double volume = parts.stream().limit(2).mapToDouble(p -> p.solid().cubicMetres()).sum();
        assertThat(volume).isCloseTo(whole.solid().cubicMetres(), within());
    }

    private static void butted(MadeUp made, Part.StickPart whole) {
        List<Part.StickPart> parts = made.parts().stream().map(p -> (Part.StickPart) p).toList();
        assertThat(parts.get(0).length().plus(parts.get(1).length())).isEqualTo(whole.length());
        assertThat(parts).allMatch(p -> p.length().atLeast(Length.mm(300)));
        double volume = parts.stream().mapToDouble(p -> p.solid().cubicMetres()).sum();
        assertThat(volume).isCloseTo(whole.solid().cubicMetres(), within());
    }

    private static void beside(MadeUp made, Part.RoofPart whole) {
        List<Part.RoofPart> parts = made.parts().stream().map(p -> (Part.RoofPart) p).toList();
        Length widths = parts.get(0).fullWidth().plus(parts.get(1).fullWidth());
        assertThat(widths.minus(whole.fullWidth())).isGreaterThanOrEqualTo(Length.mm(60));
        assertThat(parts).allMatch(p -> p.length().equals(whole.length()));
        double volume = parts.stream().mapToDouble(p -> p.solid().cubicMetres()).sum();
        assertThat(volume).isCloseTo(whole.solid().cubicMetres(), within());
    }

    private static void courses(MadeUp made, Part.RoofPart whole) {
        Length sum = Length.ZERO;
        for (Part piece : made.parts()) {
            Part.RoofPart sheet = (Part.RoofPart) piece;
            boolean lower = piece.equals(made.parts().getLast());
            assertThat(sheet.covered().isPositive())
                    .isEqualTo(lower || whole.covered().isPositive());
            assertThat(sheet.fullWidth()).isEqualTo(whole.fullWidth());
            sum = sum.plus(sheet.length());
        }
        assertThat(sum.minus(whole.length())).isIn(Length.mm(150), Length.mm(225));
    }

    private static void tiled(MadeUp made, Part.PanelPart whole) {
        double volume =
                made.parts().stream()
                        .filter(p -> p instanceof Part.PanelPart)
                        .mapToDouble(p -> p.solid().cubicMetres())
                        .sum();
        assertThat(volume).isCloseTo(whole.solid().cubicMetres(), within());
        for (Part piece : made.parts()) {
            if (piece instanceof Part.PanelPart panel) {
                // What is cut holds it, and is larger by no more than a tape can show.
                double drawn = panel.solid().cubicMetres() / panel.thickness().toMetres();
                Length low = panel.lowSide().orElse(panel.height());
                double cut =
                        panel.width().toMetres() * (panel.height().toMetres() + low.toMetres()) / 2;
                assertThat(cut).isBetween(drawn - 1e-5, drawn + panel.width().toMetres() * 0.002);
            }
        }
        if (made.seam().kind() != Seam.Kind.TILED_ACROSS) {
            assertThat(made.parts()).anyMatch(p -> p.role() == Role.BLOCKING);
        }
    }

    private static void boarded(MadeUp made, Part.PanelPart whole) {
        List<Part.StickPart> boards =
                made.parts().stream()
                        .filter(p -> p.role() == Role.BOARD)
                        .map(p -> (Part.StickPart) p)
                        .toList();
        double sum = boards.stream().mapToDouble(b -> b.section().width().toMm()).sum();
        double rest = whole.width().toMm() - sum;
        assertThat(rest).isBetween(-0.01, 12.0 * (boards.size() - 1) + 1);
        long battens = made.parts().stream().filter(p -> p.role() == Role.COVER_BATTEN).count();
        assertThat(battens).isEqualTo(boards.size() - 1);
        assertThat(boards).allMatch(b -> b.length().atMost(whole.height()));
    }

    private static void weatherboarded(MadeUp made, Part.PanelPart whole) {
        double sum =
                made.parts().stream()
                        .mapToDouble(p -> ((Part.StickPart) p).section().width().toMm())
                        .sum();
        double spare = sum - whole.height().toMm();
        assertThat(spare / (made.parts().size() - 1)).isGreaterThanOrEqualTo(25 - 0.01);
        double seen = made.parts().stream().mapToDouble(p -> p.solid().cubicMetres()).sum();
        assertThat(seen).isCloseTo(whole.solid().cubicMetres(), within());
        assertThat(made.parts()).allMatch(p -> ((Part.StickPart) p).length().equals(whole.width()));
    }

    private static void laced(MadeUp made, Part.MeshPart whole) {
        Part.MeshPart one = (Part.MeshPart) made.parts().getFirst();
        Part.MeshPart two = (Part.MeshPart) made.parts().getLast();
        boolean wide = made.seam().kind() == Seam.Kind.LACED_WIDE;
        Length sum = wide ? one.width().plus(two.width()) : one.length().plus(two.length());
        assertThat(sum).isEqualTo((wide ? whole.width() : whole.length()).plus(Length.mm(50)));
        assertThat(wide ? one.length() : one.width())
                .isEqualTo(wide ? whole.length() : whole.width());
        double seen = one.solid().cubicMetres() + two.solid().cubicMetres();
        assertThat(seen).isCloseTo(whole.solid().cubicMetres(), within());
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(1e-6);
    }

    @Test
    void boardsOfMixedWidthsFillAWallWithinWhatTheirGapsTake() {
        Random random = new Random(42);
        int filled = 0;
        for (int n = 0; n < 400; n++) {
            TreeMap<Length, Integer> boards = new TreeMap<>();
            for (int kind = 1 + random.nextInt(4); kind > 0; kind--) {
                boards.put(Length.ofMm(60 + random.nextInt(200) / 2.0), 1 + random.nextInt(12));
            }
            Length wall = Length.mm(300 + random.nextInt(1500));
            List<Length> fill = BoardFill.of(wall, boards);
            if (fill.isEmpty()) {
                continue;
            }
            filled++;
            double rest = wall.toMm() - fill.stream().mapToDouble(Length::toMm).sum();
            // Each may be counted up to a millimetre wider than it is.
            assertThat(rest).isBetween(0.0, 12.0 * (fill.size() - 1) + fill.size());
            Map<Length, Long> used =
                    fill.stream().collect(Collectors.groupingBy(l -> l, Collectors.counting()));
            used.forEach(
                    (width, times) -> assertThat(times).isLessThanOrEqualTo(boards.get(width)));
        }
        assertThat(filled).isGreaterThan(200);
    }
}
