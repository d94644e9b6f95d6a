package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty.Trait;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Part;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Practice.Litter;
import reliqua.core.measure.Sum;

/**
 * How a coop is kept in one half of the year.
 *
 * @param face which half
 * @param todo what is other than in the other half
 * @param marks parts it is about, for the picture
 */
public record Season(Face face, List<Sum> todo, List<String> marks) {
    private static final int HALF = 6;

    /** The halves of a year. */
    public enum Face {
        WINTER,
        SUMMER
    }

    /** Copies the lists. */
    public Season {
        todo = List.copyOf(todo);
        marks = List.copyOf(marks);
    }

    /** The half a day lies in: November to April is winter, in the south summer. */
    public static Face of(LocalDate day, boolean southern) {
        int month = (day.getMonthValue() + (southern ? HALF : 0) - 1) % 12 + 1;
        return month >= 11 || month <= 4 ? Face.WINTER : Face.SUMMER;
    }

    /** A face of a coop in its climate. */
    public static Season of(
            Face face, Coop coop, Litter litter, Climate climate, List<Vessel> vessels) {
        return face == Face.WINTER ? winter(coop, litter, climate, vessels) : summer(coop, climate);
    }

    private static Season winter(Coop coop, Litter litter, Climate climate, List<Vessel> vessels) {
        List<Sum> todo = new ArrayList<>();
        todo.add(Sum.of("winter.vents", coop.measures().vents().scaled(0.25)));
        todo.add(Sum.of("winter.draught"));
        if (litter.boarded()) {
            todo.add(Sum.of("winter.litter"));
        }
        if (!litter.boarded()) {
            todo.add(Sum.of("winter.floor"));
        }
        todo.addAll(Capacities.frost(vessels, climate));
        if (!Chore.NETTING.marks(coop).isEmpty()) {
            todo.add(Sum.of("warn.netting"));
        }
        todo.add(Sum.of("winter.heat"));
        List<String> marks = new ArrayList<>(Chore.VENTS_DOWN.marks(coop));
        marks.addAll(Chore.NETTING.marks(coop));
        return new Season(Face.WINTER, todo, marks);
    }

    private static Season summer(Coop coop, Climate climate) {
        List<Sum> todo = new ArrayList<>();
        todo.add(Sum.of("summer.vents", coop.measures().vents()));
        todo.add(Sum.of("summer.shade"));
        if (coop.openings().stream().anyMatch(o -> o.kind() == Opening.Kind.WINDOW)) {
            todo.add(Sum.of("summer.window"));
        }
        todo.add(Sum.of("summer.water", climate.hottest()));
        todo.add(Sum.of("summer.mites"));
        List<String> marks = new ArrayList<>(Chore.VENTS_UP.marks(coop));
        coop.that(Trait.LID).stream().map(Part::mark).forEach(marks::add);
        return new Season(Face.SUMMER, todo, marks);
    }
}
