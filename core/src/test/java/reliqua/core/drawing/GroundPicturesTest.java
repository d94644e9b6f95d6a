package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.keep.Moves;
import reliqua.core.measure.Bearing;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;

/** Pictures of birds, ground, animals, keeper and odd finds are to scale and stay on their page. */
class GroundPicturesTest {
    private static void sound(Picture picture) {
        assertThat(picture.width()).isFinite().isPositive();
        assertThat(picture.height()).isFinite().isPositive();
        for (Picture.Shape shape : picture.shapes()) {
            switch (shape) {
                case Picture.Area area ->
                        area.outline()
                                .forEach(
                                        p -> {
                                            assertThat(p.x()).isBetween(picture.x0(), picture.x1());
                                            assertThat(p.y()).isBetween(picture.y0(), picture.y1());
                                        });
                case Picture.Line line -> assertThat(line.from().x()).isFinite();
                case Picture.Label label ->
                        assertThat(label.text()).isNotBlank().doesNotContain("{");
            }
        }
    }

    private static List<String> words(Picture picture) {
        return picture.shapes().stream()
                .filter(Picture.Label.class::isInstance)
                .map(s -> ((Picture.Label) s).text())
                .toList();
    }

    private static Site random(Random random) {
        Site site =
                Site.BARE
                        .withUp(new Bearing(random.nextInt(16) * 22.5))
                        .withFacing(new Bearing(random.nextInt(16) * 22.5))
                        .withWindFrom(new Bearing(random.nextInt(360)))
                        .withSlope(new Bearing(random.nextInt(360)), random.nextInt(30))
                        .withSouthern(random.nextBoolean());
        for (SiteMark.Kind kind : SiteMark.Kind.values()) {
            if (kind != SiteMark.Kind.COOP) {
                SiteMark mark =
                        SiteMark.at(
                                kind,
                                Length.mm(random.nextInt(12_000)),
                                Length.mm(random.nextInt(9_000)));
                site = site.plus(random.nextBoolean() ? mark.turnedRound() : mark);
            }
        }
        return site;
    }

    @Test
    void everyMarkIsFoundWhereItStandsOnTheGround() {
        Random random = new Random(77);
        for (int n = 0; n < 60; n++) {
            Site site = random(random);
            Picture picture =
                    SitePicture.of(site, SitePicture.Footprint.USUAL, Optional.of(1), Tape.INCH);
            sound(picture);
            for (int m = 0; m < site.marks().size(); m++) {
                String tag = "mark-" + m;
                assertThat(picture.shapes())
                        .anyMatch(s -> s instanceof Picture.Area a && a.tag().equals(tag));
            }
            SiteMark coop = site.coop();
            assertThat(picture.tagAt(coop.x().toMm(), coop.y().toMm()))
                    .isEqualTo("mark-" + site.marks().indexOf(coop));
        }
    }

    @Test
    void theCoopSaysWhatEachOfItsWallsIsFor() {
        Picture picture =
                SitePicture.of(
                        Site.BARE, SitePicture.Footprint.USUAL, Optional.empty(), Tape.METRIC);
        String all = String.join(" ", words(picture));
        assertThat(all).contains("doors", "roof drains", "nests", "run", "vents", "12 m by 9 m");
    }

    /** On a plan that looks north, with a front to the south, they lie below the house. */
    @Test
    void runAndYardLieBeforeTheFront() {
        CoopFamily raised = Families.find("raised").orElseThrow();
        Set<AddOn> both = EnumSet.of(AddOn.RUN, AddOn.YARD);
        Coop coop = Houses.random(raised, both, new Random(8));
        SitePicture.Footprint footprint = SitePicture.Footprint.of(coop);
        assertThat(footprint.grounds()).hasSize(2);
        Site site = Site.BARE.withFacing(new Bearing(180));
        String tag = "mark-" + site.marks().indexOf(site.coop());
        double half = footprint.depth().toMm() / 2;
        double reach =
                footprint.grounds().stream()
                        .mapToDouble(g -> g.y0().negated().toMm())
                        .max()
                        .orElseThrow();
        double x = site.coop().x().toMm();
        double y = site.coop().y().toMm();
        Picture with = SitePicture.of(site, footprint, Optional.empty(), Tape.METRIC);
        Picture without =
                SitePicture.of(site, SitePicture.Footprint.USUAL, Optional.empty(), Tape.METRIC);
        double inYard = y + half + reach - 100;
        assertThat(with.tagAt(x, inYard)).isEqualTo(tag);
        assertThat(without.tagAt(x, inYard)).isNotEqualTo(tag);
        assertThat(with.tagAt(x, y - half - 400)).isNotEqualTo(tag);
    }

    @Test
    void aPenThatIsMovedHasNoPlaceOfItsOwnOnItsMap() {
        Moves moves = Moves.of(Site.BARE, Length.mm(1200), Length.mm(2400));
        Picture map = MovesPicture.of(Site.BARE, moves, 3, Tape.METRIC);
        sound(map);
        assertThat(map.shapes())
                .noneMatch(s -> s instanceof Picture.Area a && a.tag().startsWith("mark-"));
        assertThat(String.join(" ", words(map))).contains("4", "5", "wind").doesNotContain("doors");
    }

    @Test
    void birdsOfEveryClassStandOnTheirFloor() {
        for (BirdClass kind : BirdClass.values()) {
            for (int n = 1; n < 30; n += 7) {
                Flock flock = Flock.of(kind, n).withCocks(kind, 1);
                Picture picture = BirdsPicture.of(flock, Needs.of(flock), Tape.METRIC);
                sound(picture);
                long birds =
                        picture.shapes().stream()
                                .filter(s -> s instanceof Picture.Area a && a.fill() == Ink.OPEN)
                                .count();
                assertThat(birds).isGreaterThanOrEqualTo(flock.total());
            }
        }
        sound(BirdsPicture.of(Flock.EMPTY, Needs.of(Flock.EMPTY), Tape.INCH));
    }

    @Test
    void whatKeepsAnimalsOutNamesThem() {
        Site site = Site.BARE.with(Predator.FOX, true).with(Predator.WEASEL, true);
        for (Practice.Apron apron : Practice.Apron.values()) {
            Flock flock = Flock.of(BirdClass.STANDARD, 6).with(Practice.DEFAULT.withApron(apron));
            Picture picture = ProofPicture.of(Needs.of(flock, site), Tape.METRIC);
            sound(picture);
            assertThat(String.join(" ", words(picture))).contains("foxes", "weasels", "6 mm");
        }
    }

    @Test
    void theKeeperStandsAsTallAsTheyAre() {
        for (boolean helper : new boolean[] {false, true}) {
            Keeper keeper = Keeper.with(Tape.METRIC);
            keeper = keeper.withBody(keeper.body().withHelper(helper));
            Picture picture =
                    KeeperPicture.of(
                            keeper, Optional.of(Houses.ordinary().measures()), Tape.METRIC);
            sound(picture);
            double tall = keeper.body().height().toMm();
            assertThat(picture.shapes())
                    .anyMatch(
                            s ->
                                    s instanceof Picture.Area a
                                            && a.outline().stream()
                                                    .anyMatch(p -> Math.abs(p.y() + tall) < 1));
        }
        sound(KeeperPicture.of(Keeper.with(Tape.INCH), Optional.empty(), Tape.INCH));
    }

    @Test
    void rainIsDrawnMonthByMonth() {
        Picture picture = RainPicture.of(Climate.MILD, Tape.METRIC);
        sound(picture);
        long bars =
                picture.shapes().stream()
                        .filter(s -> s instanceof Picture.Area a && a.fill() == Ink.WATER)
                        .count();
        assertThat(bars).isEqualTo(12);
    }

    @ParameterizedTest
    @EnumSource(FoundPart.Kind.class)
    void everyFindIsDrawnMeasuredOrNot(FoundPart.Kind kind) {
        List<Length> sizes = List.of(Length.mm(600), Length.mm(450), Length.mm(300));
        for (int known = 0; known <= sizes.size(); known++) {
            sound(LotPicture.of(new FoundPart(kind, sizes.subList(0, known))));
        }
        Picture measured = LotPicture.of(new FoundPart(kind, sizes));
        assertThat(measured.width()).isBetween(599.0, 601.0);
    }

    @Test
    void hardwareIsDrawnWithAndWithoutSize() {
        Map<Boolean, Optional<Length>> sizes =
                Map.of(true, Optional.of(Length.mm(75)), false, Optional.empty());
        Stream.of(Hardware.Kind.values())
                .forEach(
                        kind ->
                                sizes.values()
                                        .forEach(
                                                size ->
                                                        sound(
                                                                LotPicture.of(
                                                                        new Hardware(
                                                                                kind, size)))));
    }
}
