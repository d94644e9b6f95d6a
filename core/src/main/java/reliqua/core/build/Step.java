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
        boolean isRole = Stream.of(Role.values()).anyMatch(r -> r.name().equals(id));
        return Sum.of((isRole ? "role." : "task.") + id);
    }

    /** What to do. */
    public Sum words() {
        return Sum.of("step." + id);
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
