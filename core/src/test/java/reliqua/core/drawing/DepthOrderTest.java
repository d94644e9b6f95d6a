package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Houses;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;

class DepthOrderTest {
    private static final Comparator<Part> BY_MARK = Comparator.comparing(Part::mark);

    private static List<Part> shuffled(Coop coop, long seed) {
        List<Part> parts = new ArrayList<>(coop.of(Role.SKIN));
        parts.addAll(coop.of(Role.LEG));
        parts.addAll(coop.of(Role.POP_GUIDE));
        Collections.shuffle(parts, new Random(seed));
        return parts;
    }

    /** In front of it, to the right of it or above it, and nowhere behind, left or below. */
    private static boolean hides(Part near, Part far) {
        return before(near, far) && !before(far, near);
    }

    private static boolean before(Part near, Part far) {
        Bounds a = near.solid().bounds();
        Bounds b = far.solid().bounds();
        return b.x1().atMost(a.x0()) || a.y1().atMost(b.y0()) || b.z1().atMost(a.z0());
    }

    @Test
    void whatHidesComesAfterWhatItHides() {
        List<Part> ordered = DepthOrder.of(shuffled(Houses.ordinary(), 3), BY_MARK);
        for (int later = 0; later < ordered.size(); later++) {
            for (int earlier = 0; earlier < later; earlier++) {
                Part first = ordered.get(earlier);
                Part last = ordered.get(later);
                assertThat(hides(first, last)).as(first.mark() + " over " + last.mark()).isFalse();
            }
        }
    }

    @Test
    void theOrderDoesNotHangOnTheOrderOfTheParts() {
        Coop coop = Houses.ordinary();
        assertThat(DepthOrder.of(shuffled(coop, 1), BY_MARK))
                .isEqualTo(DepthOrder.of(shuffled(coop, 2), BY_MARK));
    }

    @Test
    void noPartIsLostWhereTheyHideOneAnotherInARing() {
        Coop coop = Houses.random(new Random(4));
        assertThat(DepthOrder.of(coop.parts(), BY_MARK))
                .containsExactlyInAnyOrderElementsOf(coop.parts());
    }
}
