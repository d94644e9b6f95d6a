package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Block;
import reliqua.core.stock.Condition;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Hazard;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.SheetOutline;
import reliqua.core.stock.Stick;
import reliqua.core.stock.Treatment;
import reliqua.core.stock.Warp;

class HeapCsvTest {
    private static final String HEADER =
            "id,kind,quantity,thickness,width,length,bow,treatment,cover,flaws\n";

    @Test
    void nothingIsLostFromWritingToReading() throws InputException {
        Random random = new Random(51);
        for (int n = 0; n < 60; n++) {
            Heap heap = heap(random);
            for (UnitSystem unit : UnitSystem.values()) {
                assertThat(HeapCsv.read(HeapCsv.write(heap), "heap", unit)).isEqualTo(heap);
            }
        }
    }

    private static Heap heap(Random random) {
        List<Lot> lots = new ArrayList<>();
        for (int i = random.nextInt(9); i > 0; i--) {
            Lot.Provenance p =
                    new Lot.Provenance(
                            "=cmd()",
                            "a \"quoted\", comma",
                            random.nextBoolean() ? "'tick" : "two\nlines",
                            Money.cents(random.nextInt(9000)),
                            random.nextBoolean()
                                    ? Optional.of(LocalDate.of(2026, 3, 1 + random.nextInt(28)))
                                    : Optional.empty());
            Condition condition =
                    new Condition(
                            random.nextBoolean()
                                    ? Set.of(Hazard.OLD_PAINT, Hazard.HIDDEN_NAILS)
                                    : Set.of(),
                            Condition.Verdict.values()[random.nextInt(3)]);
            lots.add(new Lot("L" + i, 1 + random.nextInt(9), material(random), p, condition));
        }
        return new Heap(lots);
    }

    private static Length some(Random random) {
        return switch (random.nextInt(3)) {
            case 0 -> Length.mm(1 + random.nextInt(3000));
            case 1 -> Length.inches(1 + random.nextInt(6000), 64);
            default -> new Length(1 + random.nextInt(2_000_000_000));
        };
    }

    private static Material material(Random random) {
        Flaw flaw = new Flaw(Flaw.Kind.ROT, some(random), Length.mm(9000).plus(some(random)));
        return switch (random.nextInt(9)) {
            case 0 ->
                    new Stick(
                            Section.of(some(random), some(random)),
                            some(random),
                            List.of(flaw),
                            new Warp(some(random), some(random), some(random), Length.ZERO),
                            Treatment.values()[random.nextInt(3)]);
            case 1 ->
                    sheet(
                            random,
                            List.of(
                                    new FlawArea(
                                            Flaw.Kind.HOLE,
                                            some(random),
                                            some(random),
                                            some(random),
                                            some(random))));
            case 2 -> {
                Length cover = some(random);
                Length full = cover.plus(some(random));
                yield new Roofing(
                        some(random),
                        full,
                        cover,
                        Roofing.Profile.values()[random.nextInt(3)],
                        random.nextBoolean() ? Optional.of(full.half()) : Optional.empty(),
                        List.of(some(random), some(random)).subList(0, random.nextInt(3)),
                        List.of(flaw));
            }
            case 3 -> {
                Length tip = some(random);
                yield new Pole(
                        tip.plus(some(random)),
                        tip,
                        some(random),
                        Treatment.values()[random.nextInt(3)]);
            }
            case 4 ->
                    new Pallet(
                            Pallet.Kind.values()[random.nextInt(2)],
                            some(random),
                            some(random),
                            new Pallet.Boards(4, Section.of(some(random), some(random))),
                            Pallet.USUAL_BEARERS,
                            Pallet.Stamp.values()[random.nextInt(7)],
                            random.nextInt(4),
                            Pallet.Breaking.values()[random.nextInt(4)]);
            case 5 ->
                    new FoundPart(
                            FoundPart.Kind.values()[random.nextInt(15)],
                            List.of(some(random), some(random), some(random))
                                    .subList(0, random.nextInt(4)));
            case 6 -> Block.of(some(random), some(random), some(random));
            case 7 ->
                    new Hardware(
                            Hardware.Kind.values()[random.nextInt(11)],
                            random.nextBoolean() ? Optional.of(some(random)) : Optional.empty());
            default ->
                    new Mesh(
                            Mesh.Kind.values()[random.nextInt(2)],
                            some(random),
                            some(random),
                            some(random));
        };
    }

    private static Sheet sheet(Random random, List<FlawArea> flaws) {
        Sheet whole =
                new Sheet(
                        Sheet.Kind.values()[random.nextInt(3)],
                        some(random),
                        some(random),
                        some(random),
                        flaws);
        Sheet grained = whole.with(Sheet.Grain.values()[random.nextInt(3)]);
        return random.nextBoolean()
                ? grained
                : grained.with(
                        new SheetOutline(
                                List.of(
                                        new SheetOutline.Corner(Length.ZERO, Length.ZERO),
                                        new SheetOutline.Corner(whole.width(), Length.ZERO),
                                        new SheetOutline.Corner(Length.ZERO, whole.length()))));
    }

    @Test
    void formulasAreNoFormulasInASpreadsheet() {
        Lot lot =
                new Lot(
                        "S1",
                        1,
                        Stick.sound(Section.mm(2, 3), Length.mm(4)),
                        new Lot.Provenance("=1+1", "@x", "+y", Money.ZERO));
        assertThat(HeapCsv.write(new Heap(List.of(lot))))
                .contains("'=1+1")
                .contains("'@x")
                .contains("'+y");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "S1,stick,2,38,89,long,,,, | line 2: column length",
                "S1,stick,two,38,89,2400,,,, | column quantity",
                "S1,log,1,38,89,2400,,,, | column kind",
                "S1,stick,1,38,89,2400,,tarred,, | column treatment",
                "S1,stick,1,38,89,2400,,,,rot somewhere | column flaws",
                "S1,stick,0,38,89,2400,,,, | quantity 0",
                "S1,stick,1,38,0,2400,,,, | above zero",
            })
    void aFaultSaysLineColumnAndRemedy(String line, String words) {
        assertThatThrownBy(
                        () ->
                                HeapCsv.read(
                                        HEADER + line + "\n", "heap.csv", UnitSystem.MILLIMETRES))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("heap.csv")
                .hasMessageContaining(words);
    }

    @Test
    void everyFaultyLineIsNamedAtOnce() {
        String text =
                HEADER + "S1,log,1,,,,,,,\nS2,stick,1,38,89,2400,,,,\nS3,stick,x,38,89,2400,,,,\n";
        assertThatThrownBy(() -> HeapCsv.read(text, "h", UnitSystem.MILLIMETRES))
                .isInstanceOfSatisfying(
                        InputException.class, e -> assertThat(e.faults()).hasSize(2));
        assertThatThrownBy(() -> HeapCsv.read("a,b\n1,2\n", "h", UnitSystem.MILLIMETRES))
                .hasMessageContaining("name the columns");
        assertThatThrownBy(() -> HeapCsv.read("", "h", UnitSystem.MILLIMETRES))
                .isInstanceOf(InputException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            id,kind,length,flawz;A,stick,8 ft,rot 1 in to 50 in   | "flawz" is not known
            id,kind,length,Length;A,stick,8 ft,9 ft               | Length is there twice
            id,kind,length;A,stick,8 ft,9 ft                      | stands in no column
            id,kind,length,paid;A,stick,8 ft,-5                   | no amount of money
            id,kind,length,paid;A,stick,8 ft,0x1p3                | no amount of money
            id,kind,length,paid;A,stick,8 ft,1e300                | no amount of money
            id,kind,length,paid;A,stick,8 ft,NaN                  | no amount of money
            """)
    void whatWouldBeTakenWronglyIsRefused(String table, String fault) {
        assertThatThrownBy(() -> HeapCsv.read(table.replace(';', '\n'), "heap", UnitSystem.INCHES))
                .isInstanceOf(InputException.class)
                .hasMessageContaining(fault);
    }

    @Test
    void emptyColumnsOfASpreadsheetDoNoHarm() throws InputException {
        String table = "id,kind,thickness,width,length,paid,,\nA,stick,2 in,4 in,8 ft,1.0E-4,,\n";
        Heap heap = HeapCsv.read(table, "heap", UnitSystem.INCHES);
        assertThat(heap.lots().getFirst().provenance().paid()).isEqualTo(new Money(100));
    }
}
