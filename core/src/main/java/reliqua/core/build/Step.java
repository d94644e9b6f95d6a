package reliqua.core.build;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.buy.Fixing;
import reliqua.core.coop.Role;
import reliqua.core.coop.Stage;
import reliqua.core.measure.Sum;

/**
 * One step.
 *
 * @param id name of the role whose parts go on, or of other work
 * @param role whose parts go on; none where nothing does
 * @param stage of the build
 * @param marks of those parts
 * @param fixings what is driven or brushed on then
 * @param minutes about
 * @param twoPeople whether a lift is too heavy or too awkward for one
 * @param dries whether all is left alone until the day after
 * @param check what to measure when it is done
 * @param caution what can hurt
 */
public record Step(
        String id,
        Optional<Role> role,
        Stage stage,
        List<String> marks,
        List<Fixing> fixings,
        int minutes,
        boolean twoPeople,
        boolean dries,
        Optional<Sum> check,
        Optional<String> caution) {
    private static final String SECOND = "_2";

    /** Copies the lists. */
    public Step {
        marks = List.copyOf(marks);
        fixings = List.copyOf(fixings);
    }

    /** What it is called in a word or two: the parts, or the work. */
    public Sum name() {
        return nameOf(id);
    }

    /** The same from the id of a step: the parts of a role, or the work. */
    public static Sum nameOf(String id) {
        String work = work(id);
        boolean isRole = Stream.of(Role.values()).anyMatch(r -> r.name().equals(work));
        Sum name = Sum.of((isRole ? "role." : "task.") + work);
        return work.equals(id) ? name : Sum.of("task.second", name);
    }

    /** What to do. */
    public Sum words() {
        String work = work(id);
        Sum what = Sum.of("step." + work);
        return work.equals(id) ? what : Sum.of("step.second", what);
    }

    /** What it stands under in a list: its stage, and of which house where that is begun anew. */
    public Sum heading() {
        Sum own = Sum.of("stage." + stage.name());
        boolean anew = !work(id).equals(id) && stage.compareTo(Stage.RUN) < 0;
        return anew ? Sum.of("task.second", own) : own;
    }

    /** Id of the same work at a house of this number. */
    static String id(String work, int building) {
        return building == 0 ? work : work + SECOND;
    }

    /** The work, at whatever house. */
    private static String work(String id) {
        return id.endsWith(SECOND) ? id.substring(0, id.length() - SECOND.length()) : id;
    }

    /** The same in other minutes. */
    Step taking(int other) {
        return new Step(id, role, stage, marks, fixings, other, twoPeople, dries, check, caution);
    }

    /** Name by which it is ticked: steps keep it when the design changes. */
    public String key() {
        return key(id);
    }

    /** The same from the name of its role or work. */
    public static String key(String id) {
        return "step " + id;
    }
}
