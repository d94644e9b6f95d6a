package reliqua.core.flock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;

/** What an experienced keeper would say, what changes with a change, and what stays open. */
class AdviceTest {
    private static final Keeper KEEPER = Keeper.with(Tape.INCH);
    private static final Flock HENS = Flock.of(BirdClass.STANDARD, 8);

    private static List<String> words(Flock flock, Site site, Keeper keeper) {
        return Advice.of(flock, site, keeper).stream().map(a -> a.words(keeper.tape())).toList();
    }

    private static List<String> advice(Flock flock, Site site) {
        return words(flock, site, KEEPER);
    }

    @Test
    void tooManyCocksAreSaidAndEnoughAreNot() {
        assertThat(advice(HENS.withCocks(BirdClass.STANDARD, 3), Site.BARE))
                .anyMatch(a -> a.contains("3 cocks to 8 hens"));
        assertThat(advice(HENS.withCocks(BirdClass.STANDARD, 1), Site.BARE))
                .noneMatch(a -> a.contains("cocks to"));
    }

    @Test
    void breedingWithoutACockIsSaid() {
        Flock flock = HENS.withPurposes(Set.of(Flock.Purpose.BREEDING));
        assertThat(advice(flock, Site.BARE)).anyMatch(a -> a.startsWith("Breeding needs a cock"));
        assertThat(advice(flock.withCocks(BirdClass.STANDARD, 1), Site.BARE))
                .noneMatch(a -> a.startsWith("Breeding"));
    }

    @Test
    void figuresOfOnesOwnOutsideTheUsualAreNoted() {
        OwnFigures own =
                OwnFigures.NONE
                        .withFloor(Optional.of(Area.ofSquareFeet(1)))
                        .withRoost(Optional.of(Length.inches(6)))
                        .withNests(Optional.of(9));
        Flock flock = HENS.with(Practice.DEFAULT.withOwn(own));
        assertThat(advice(flock, Site.BARE))
                .anyMatch(a -> a.contains("1 sq ft of floor"))
                .anyMatch(a -> a.contains("6 in of roost"))
                .anyMatch(a -> a.contains("9 hens"));
        OwnFigures usual = OwnFigures.NONE.withFloor(Optional.of(Area.ofSquareFeet(3)));
        assertThat(advice(HENS.with(Practice.DEFAULT.withOwn(usual)), Site.BARE))
                .noneMatch(a -> a.contains("Your own"));
    }

    @Test
    void whatThisHouseDoesNotHaveIsSaid() {
        Flock wired = HENS.with(Practice.DEFAULT.withLitter(Practice.Litter.WIRE));
        assertThat(advice(wired, Site.BARE)).anyMatch(a -> a.contains("boarded floor"));
        assertThat(advice(HENS, Site.BARE))
                .noneMatch(a -> a.contains("boarded floor"))
                .anyMatch(a -> a.contains("a run of 100 sq ft"));
        assertThat(advice(WhatIf.kept(HENS, Flock.Style.OUT_ALL_DAY), Site.BARE))
                .noneMatch(a -> a.contains("a run of"));
    }

    @Test
    void ownFiguresGoBeforeTheSchools() {
        OwnFigures own =
                OwnFigures.NONE
                        .withFloor(Optional.of(Area.ofSquareFeet(3)))
                        .withLitter(Optional.of(Length.mm(260)));
        Needs needs = Needs.of(HENS.with(Practice.DEFAULT.withGrowth(0).withOwn(own)));
        assertThat(needs.floor()).isEqualTo(Area.ofSquareFeet(3).times(8));
        assertThat(needs.line(Need.Kind.FLOOR).source().words(Tape.INCH))
                .isEqualTo("your own figure");
        assertThat(needs.litterSill()).isEqualTo(Length.mm(260));
        assertThat(needs.nestFloor()).isEqualTo(Length.mm(260));
    }

    @Test
    void hotSummersAskForMoreAirAndTwiceTheWater() {
        Site hot = Site.BARE.withClimate(Climate.MILD.withHottest(new Temperature(38)));
        assertThat(advice(HENS, hot)).anyMatch(a -> a.contains("keeps air moving"));
        Object mild = Needs.of(HENS, Site.BARE).line(Need.Kind.WATER).value();
        Object doubled = Needs.of(HENS, hot).line(Need.Kind.WATER).value();
        assertThat(((reliqua.core.measure.Volume) doubled).litres())
                .isEqualTo(2 * ((reliqua.core.measure.Volume) mild).litres());
    }

    @Test
    void deepSnowIsCarriedByTheRoof() {
        Site snowy = Site.BARE.withClimate(Climate.MILD.withSnow(new Pressure(3)));
        assertThat(Needs.of(HENS, snowy).weather().roof().kiloPascals())
                .isCloseTo(0.25 + 0.7 * 3, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(Needs.of(HENS, Site.BARE).weather().roof().kiloPascals())
                .isCloseTo(1.25, org.assertj.core.data.Offset.offset(1e-9));
    }

    @ParameterizedTest
    @EnumSource(WhatIf.class)
    void everyQuestionChangesSomethingThatIsSaidWithItsSign(WhatIf question) {
        assertThat(question.suits(HENS)).isTrue();
        List<NeedChange> changes =
                NeedChange.between(Needs.of(HENS), Needs.of(question.apply(HENS)));
        assertThat(changes).isNotEmpty();
        assertThat(changes)
                .allSatisfy(
                        c ->
                                assertThat(c.difference().words(Tape.INCH))
                                        .matches("[+\u2212].+|now .+"));
    }

    @Test
    void threeHensMoreNeedWhatTheyNeed() {
        Flock still = HENS.with(Practice.DEFAULT.withGrowth(0));
        List<NeedChange> changes =
                NeedChange.between(Needs.of(still), Needs.of(WhatIf.THREE_MORE.apply(still)));
        assertThat(changes)
                .anySatisfy(
                        c -> {
                            assertThat(c.kind()).isEqualTo(Need.Kind.FLOOR);
                            assertThat(c.difference().words(Tape.INCH)).isEqualTo("+12 sq ft");
                            assertThat(c.more()).isTrue();
                        });
        assertThat(NeedChange.between(Needs.of(still), Needs.of(still))).isEmpty();
    }

    @Test
    void pensNeedTheirOwnNestsAndALoneBirdMoreFloor() {
        Flock flock = HENS.with(Practice.DEFAULT.withGrowth(0));
        Flock apart = flock.withPen(Pen.Kind.BROODY, 1);
        assertThat(Needs.of(apart).nests()).isEqualTo(3);
        assertThat(Needs.of(apart).floor())
                .isEqualTo(Needs.of(flock).floor().plus(Area.ofSquareFeet(4)));
        assertThat(apart.withPen(Pen.Kind.BROODY, 0)).isEqualTo(flock);
    }

    @Test
    void cocksNeitherLayNorGrowInNumber() {
        Flock flock = HENS.withCocks(BirdClass.STANDARD, 1);
        assertThat(flock.total()).isEqualTo(9);
        assertThat(flock.housed()).isEqualTo(11);
        assertThat(Needs.of(flock).nests()).isEqualTo(Needs.of(HENS).nests());
        assertThat(Needs.of(flock).roost()).isEqualTo(Length.mm(300 * 11));
    }

    @Test
    void noiseIsAskedAboutOnlyWhereACockCrows() {
        assertThat(Reminder.of(HENS)).doesNotContain(Reminder.NOISE);
        assertThat(Reminder.of(HENS.withCocks(BirdClass.STANDARD, 1))).contains(Reminder.NOISE);
    }

    @Test
    void allThatCanBeSaidHasWordsInBothTapes() {
        Flock flock =
                Flock.hens(Map.of(BirdClass.LARGE, 4, BirdClass.DUCK, 3))
                        .withCocks(BirdClass.LARGE, 3)
                        .withPurposes(Set.of(Flock.Purpose.GARDEN, Flock.Purpose.BREEDING))
                        .withPen(Pen.Kind.SICK, 1)
                        .with(
                                Practice.DEFAULT
                                        .withGrowth(0)
                                        .withSpace(Practice.Space.TIGHT)
                                        .withLitter(Practice.Litter.WIRE));
        Site site = Site.BARE.withClimate(Climate.MILD.withHottest(new Temperature(40)));
        for (Predator each : Predator.values()) {
            site = site.with(each, true);
        }
        for (SiteMark.Kind kind : SiteMark.Kind.values()) {
            if (kind != SiteMark.Kind.COOP) {
                site = site.plus(SiteMark.at(kind, Length.ZERO, Length.ZERO));
            }
        }
        for (Tape tape : List.of(Tape.INCH, Tape.METRIC)) {
            Keeper keeper = Keeper.with(tape).with(Wish.BARROW, true);
            assertThat(words(flock, site, keeper)).hasSizeGreaterThan(6);
            assertThat(words(flock, site, keeper)).allMatch(a -> !a.contains("{"));
            for (Need need : Needs.of(flock, site).lines()) {
                assertThat(tape.word(need.value())).isNotBlank();
                assertThat(need.source().words(tape)).isNotBlank().doesNotContain("{");
            }
        }
    }
}
