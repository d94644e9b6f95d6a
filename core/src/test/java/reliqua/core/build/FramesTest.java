package reliqua.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;

class FramesTest {
    private static final int HOUSES = 12;

    /** What a stud wall and its roof are nailed together of. */
    private static final Set<Role> FRAMED =
            Set.of(Role.RIM, Role.JOIST, Role.PLATE, Role.STUD, Role.RAFTER, Role.PURLIN);

    static List<CoopFamily> families() {
        return Houses.families();
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyStickLiesInItsFrameAndInNoMoreThanTwoWalls(CoopFamily family) {
        Random random = new Random(31);
        for (int n = 0; n < HOUSES; n++) {
            Map<String, Integer> seen = new HashMap<>();
            for (Frame frame : Frames.of(Houses.random(family, random))) {
                for (Frame.Member member : frame.members()) {
                    String mark = member.part().mark();
                    if (frame.side() != Frame.Side.FLOOR) {
                        int walls = seen.merge(mark, 1, Integer::sum);
                        assertThat(walls).as(mark).isLessThanOrEqualTo(2);
                    }
                    assertThat(member.left()).isGreaterThanOrEqualTo(Length.ZERO);
                    assertThat(member.right()).isLessThanOrEqualTo(frame.width());
                    assertThat(member.low()).isGreaterThanOrEqualTo(Length.ZERO);
                    assertThat(member.high()).isLessThanOrEqualTo(frame.height());
                }
            }
        }
    }

    @Test
    void whatAStudWalledHouseIsNailedTogetherOfIsAllMarkedOut() {
        Random random = new Random(32);
        for (String id : List.of("raised", "walkin", "gable")) {
            CoopFamily family = Families.find(id).orElseThrow();
            for (int n = 0; n < HOUSES; n++) {
                Coop coop = Houses.random(family, random);
                List<Frame> frames = Frames.of(coop);
                List<String> missing =
                        coop.parts().stream()
                                .filter(p -> FRAMED.contains(p.role()))
                                .map(Part::mark)
                                .filter(m -> frames.stream().noneMatch(f -> f.holds(m)))
                                .toList();
                // A gable wall of one stud alone is no frame.
                assertThat(missing)
                        .as(id + " " + coop.measures().pitch())
                        .hasSizeLessThanOrEqualTo(2);
            }
        }
    }

    /** Distances between sticks are those of the house, whichever way a wall is looked at. */
    @Test
    void distancesAreThoseOfTheHouse() {
        Random random = new Random(33);
        for (int n = 0; n < HOUSES; n++) {
            for (Frame frame : Frames.of(Houses.random(random))) {
                Frame.Member first = frame.members().getFirst();
                for (Frame.Member other : frame.members()) {
                    Length apart = other.left().minus(first.left());
                    assertThat(apart).isEqualTo(apart(frame, first.part(), other.part()));
                }
            }
        }
    }

    private static Length apart(Frame frame, Part first, Part other) {
        Bounds a = first.solid().bounds();
        Bounds b = other.solid().bounds();
        return switch (frame.side()) {
            case FLOOR, FRONT, ALONG, ROOF_FRONT -> b.x0().minus(a.x0());
            case BACK, ROOF_BACK -> a.x1().minus(b.x1());
            case RIGHT, ACROSS -> b.y0().minus(a.y0());
            case LEFT -> a.y1().minus(b.y1());
        };
    }

    @Test
    void aRafterOfASingleSlopeSitsOnBothPlatesAtTheSlopeOfTheRoof() {
        Random random = new Random(34);
        for (int n = 0; n < HOUSES; n++) {
            Coop coop = Houses.random(random);
            for (Part part : coop.parts()) {
                if (part.role() == Role.RAFTER && part instanceof Part.StickPart rafter) {
                    RafterCut cut = RafterCut.of(rafter);
                    Assertions.assertThat(cut.slope().degrees())
                            .isCloseTo(coop.measures().pitch().degrees(), Assertions.within(0.05));
                    assertThat(cut.seats()).hasSize(2);
                    RafterCut.Seat seat = cut.seats().getFirst();
                    double rise = seat.level().toMm() * cut.slope().tan();
                    Assertions.assertThat(seat.plumb().toMm())
                            .isCloseTo(rise, Assertions.within(0.1));
                }
            }
        }
    }

    @Test
    void theWordsTellEveryMarkAndOpening() {
        Coop coop = Houses.random(new Random(35));
        List<String> words = new ArrayList<>();
        Frames.of(coop).forEach(f -> words.addAll(FrameWords.of(f, Tape.METRIC)));
        String all = String.join("\n", words);
        for (Frame frame : Frames.of(coop)) {
            frame.members().forEach(m -> assertThat(all).contains(m.part().mark() + " "));
        }
        assertThat(all).contains("pop door", "seat", "from the left");
    }
}
