package reliqua.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class SayLineTest {
    private final SayLine inches = new SayLine(Tape.INCH);
    private final SayLine metric = new SayLine(Tape.METRIC);

    private static SayLine.Understood.Added added(SayLine.Understood understood) {
        assertThat(understood).isInstanceOf(SayLine.Understood.Added.class);
        return (SayLine.Understood.Added) understood;
    }

    @Test
    void aNominalNameBecomesItsTrueSection() {
        SayLine.Understood.Added said = added(inches.read("6 of 2x4 at 92 5/8 bow 1/2"));
        Stick stick = (Stick) said.material();
        assertThat(said.quantity()).isEqualTo(6);
        assertThat(stick.section())
                .isEqualTo(new Section(Length.inches(3, 2), Length.inches(7, 2)));
        assertThat(stick.length()).isEqualTo(Length.inches(741, 8));
        assertThat(stick.bow()).isEqualTo(Length.inches(1, 2));
        assertThat(said.assumed()).hasSize(1);
    }

    @Test
    void metricSectionsAreTakenAsMeasured() {
        SayLine.Understood.Added said =
                added(metric.read("3 of 100 x 47 x 2350 rot 0 to 120, behind the barn"));
        Stick stick = (Stick) said.material();
        assertThat(stick.section()).isEqualTo(Section.mm(47, 100));
        assertThat(stick.flaws())
                .containsExactly(new Flaw(Flaw.Kind.ROT, Length.ZERO, Length.mm(120)));
        assertThat(said.provenance().place()).isEqualTo("behind the barn");
    }

    @Test
    void nailsAtAPlaceKeepTheSawClearOnBothSides() {
        Stick stick = (Stick) added(inches.read("2x4 at 96 nails at 40")).material();
        assertThat(stick.flaws())
                .singleElement()
                .satisfies(
                        flaw -> {
                            assertThat(flaw.from()).isLessThan(Length.inches(40));
                            assertThat(flaw.to()).isGreaterThan(Length.inches(40));
                        });
    }

    @Test
    void sheetsRoofingAndMeshAreTold() {
        assertThat(added(inches.read("2 sheets 1/2 x 48 x 96")).material())
                .isInstanceOf(Sheet.class);
        assertThat(((Sheet) added(metric.read("osb 9 x 1220 x 2440")).material()).kind())
                .isEqualTo(Sheet.Kind.STRAND_BOARD);
        Roofing tin = (Roofing) added(inches.read("3 tin 26in x 8ft")).material();
        assertThat(tin.fullWidth()).isEqualTo(Length.inches(26));
        assertThat(tin.coverWidth()).isLessThan(tin.fullWidth());
        Mesh mesh = (Mesh) added(inches.read("mesh 1/2 x 36in 14ft")).material();
        assertThat(mesh.kind()).isEqualTo(Mesh.Kind.WELDED);
        assertThat(mesh.length()).isEqualTo(Length.inches(168));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 roll welded mesh 1/2 36 x 600|36|600",
                "1 roll welded mesh 1 24 x 600|24|600",
                "roll of netting 48 x 600|48|600",
            })
    void aRollIsLongerInInchesThanAnyBoard(String line, int width, int length) {
        Mesh mesh = (Mesh) added(inches.read(line)).material();
        assertThat(mesh.width()).isEqualTo(Length.inches(width));
        assertThat(mesh.length()).isEqualTo(Length.inches(length));
        Mesh other = (Mesh) added(inches.read("mesh 25 600 x 15000")).material();
        assertThat(other.width()).isEqualTo(Length.mm(600));
    }

    /** Words that are one letter from those of belts and tubes. */
    @ParameterizedTest
    @CsvSource({"2 tubs 24 x 18 x 20, TUB, 2", "1 tub 24 x 18 x 20, TUB, 1"})
    void aTubIsNoTube(String line, FoundPart.Kind kind, int count) {
        SayLine.Understood.Added said = added(inches.read(line));
        assertThat(((FoundPart) said.material()).kind()).isEqualTo(kind);
        assertThat(said.quantity()).isEqualTo(count);
    }

    @ParameterizedTest
    @CsvSource({
        "4 two-motion latches, LATCHES, 4",
        "two-motion latches 4, LATCHES, 4",
        "1 gallon paint, PAINT, 4",
        "half a gallon of wood preserver, PRESERVER, 2",
        "3 quarts of paint, PAINT, 3",
        "12 strips of old belt, STRIPS, 12",
        "8 leather strips, STRIPS, 8",
        "strips of inner tube x6, STRIPS, 6"
    })
    void whatIsBoughtSmallIsCounted(String line, Hardware.Kind kind, int count) {
        SayLine.Understood.Added said = added(inches.read(line));
        assertThat(((Hardware) said.material()).kind()).isEqualTo(kind);
        assertThat(said.quantity()).isEqualTo(count);
    }

    @Test
    void treatmentIsHeard() {
        assertThat(((Stick) added(inches.read("4 of 4x4 at 8ft treated")).material()).treatment())
                .isEqualTo(Treatment.PRESSURE_TREATED);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "2x4 at 8ft | 1 | 2438.4",
                "4 pcs 2x4 at 96 | 4 | 2438.4",
                "10 of 1x6 at 6' | 10 | 1828.8",
                "3 pieces of 2x2 at 45 1/4 | 3 | 1149.35",
                "5/4x6 at 63in | 1 | 1600.2",
                "2 of 4x4 at 52 treated | 2 | 1320.8",
                "7 of 3/4 x 3 1/2 x 95 bow 1/4 | 7 | 2413",
                "1 1/2 x 3 1/2 x 8' | 1 | 2438.4",
                "12 of 38 mm x 89 mm x 2.4 m | 12 | 2400",
                "2 of 2x4 at 92 5/8 nails at 40 from the stage | 2 | 2352.675",
                "6 of 2X4 AT 92 5/8 | 6 | 2352.675",
                "  3   of  2x3   at  92 ,  split 0 to 5 | 3 | 2336.8",
                "9 of 1x3 by 80 in | 9 | 2032",
            })
    void sticksAreHeardInManyWays(String line, int quantity, double mm) {
        SayLine.Understood.Added said = added(inches.read(line));
        assertThat(said.quantity()).isEqualTo(quantity);
        assertThat(((Stick) said.material()).length()).isEqualTo(Length.ofMm(mm));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "0 of 2x4 at 96",
                "2x4",
                "sheet 48",
                "3 of 2x4 at never",
                "tin wide",
                "x",
                "9999999 of 2x4 at 3"
            })
    void whatIsUnclearGetsASentenceNotAFault(String line) {
        assertThat(inches.read(line))
                .isInstanceOfSatisfying(
                        SayLine.Understood.Unclear.class,
                        unclear -> assertThat(unclear.message()).isNotBlank());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "47x100 at 2400 x 6 | 6 | 47 | 100 | 2400",
                "12 battens 25x50 2.4 m | 12 | 25 | 50 | 2400",
                "3 of 19x140x1800 boards | 3 | 19 | 140 | 1800",
                "6x2 at 2.4 m | 1 | 38.1 | 139.7 | 2400"
            })
    void aLineInMetresOrMillimetresIsReadSoOnAnInchTapeToo(
            String line, int count, double thickness, double width, double length) {
        SayLine.Understood.Added said = added(inches.read(line));
        Stick stick = (Stick) said.material();
        assertThat(said.quantity()).isEqualTo(count);
        assertThat(stick.section().thickness().toMm()).isEqualTo(thickness);
        assertThat(stick.section().width().toMm()).isEqualTo(width);
        assertThat(stick.length().toMm()).isEqualTo(length);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "stick 3 x 5000 x 9000",
                "sheet ply 60 x 70 x 80",
                "2x4 at 99 m",
                "pallet 200 ft x 100 ft",
                "post 900 x 900 x 8 ft"
            })
    void sizesThatNothingOfItsKindHasAreAskedBack(String line) {
        assertThat(inches.read(line)).isInstanceOf(SayLine.Understood.Unclear.class);
        assertThat(((SayLine.Understood.Unclear) inches.read(line)).message())
                .contains("say the unit");
    }

    @ParameterizedTest
    @CsvSource({"bowed, bow", "twisted, twist", "cupped, cup", "crooked, crook"})
    void aWarpWithoutAnAmountIsAssumedAndSaidByItsName(String word, String name) {
        SayLine.Understood.Added said = added(inches.read("2 of 2x4 at 96 " + word));
        assertThat(said.assumed()).anyMatch(note -> note.startsWith(name + " "));
    }

    @Test
    void edgesGrainAndWetPlacesOfSheetsAreHeard() {
        SayLine.Understood.Added off =
                added(inches.read("ply 1/2 x 48 x 60 corner 12x18 cut off grain across"));
        Sheet sheet = (Sheet) off.material();
        assertThat(sheet.outline().orElseThrow().corners()).hasSize(6);
        assertThat(sheet.grain()).isEqualTo(Sheet.Grain.ACROSS);
        assertThat(sheet.barred())
                .containsExactly(
                        new FlawArea(
                                Flaw.Kind.MISSING,
                                Length.inches(36),
                                Length.inches(42),
                                Length.inches(12),
                                Length.inches(18)));
        assertThat(off.assumed()).contains("the far corner");
        Sheet gable =
                (Sheet)
                        added(metric.read("osb 9 corners 0,0 1200,0 1200,600 600,900 0,600"))
                                .material();
        assertThat(gable.width()).isEqualTo(Length.mm(1200));
        assertThat(gable.length()).isEqualTo(Length.mm(900));
        Sheet wet =
                (Sheet)
                        added(metric.read("ply 12 x 600 x 1200 wet 200 x 300 at 0, 900"))
                                .material();
        assertThat(wet.flaws())
                .containsExactly(
                        new FlawArea(
                                Flaw.Kind.WET,
                                Length.ZERO,
                                Length.mm(900),
                                Length.mm(200),
                                Length.mm(300)));
    }

    @Test
    void ribsHolesAndProfileOfRoofingAreHeard() {
        Roofing tin =
                (Roofing)
                        added(
                                        metric.read(
                                                "3 box profile tin 840 x 2400 ribs 190 hole rows at 300, 1200, 2100"))
                                .material();
        assertThat(tin.profile()).isEqualTo(Roofing.Profile.BOX);
        assertThat(tin.ribPitch()).contains(Length.mm(190));
        assertThat(tin.holes()).containsExactly(Length.mm(300), Length.mm(1200), Length.mm(2100));
        assertThat(tin.length()).isEqualTo(Length.mm(2400));
    }

    @Test
    void whatIsToBecomeOfPalletsIsHeard() {
        assertThat(breaking("3 pallets 48x40 HT keep whole")).isEqualTo(Pallet.Breaking.WHOLE);
        assertThat(breaking("2 pallets 48x40 HT to pry apart")).isEqualTo(Pallet.Breaking.PRIED);
        assertThat(breaking("pallet 48x40 HT saw apart")).isEqualTo(Pallet.Breaking.SAWN);
        assertThat(breaking("pallet 48x40 HT")).isEqualTo(Pallet.Breaking.FREE);
    }

    private Pallet.Breaking breaking(String line) {
        return ((Pallet) added(inches.read(line)).material()).breaking();
    }

    @Test
    void whatBelongsToSheetsIsNotLostOnOtherThings() {
        assertThat(inches.read("2x4 at 96 grain across"))
                .isInstanceOfSatisfying(
                        SayLine.Understood.Unclear.class,
                        u -> assertThat(u.message()).contains("belong to sheets"));
        assertThat(inches.read("2x4 at 96 ribs 3"))
                .isInstanceOfSatisfying(
                        SayLine.Understood.Unclear.class,
                        u -> assertThat(u.message()).contains("belong to roofing"));
    }
}
