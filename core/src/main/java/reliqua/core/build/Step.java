package reliqua.core.build;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.coop.Stage;
import reliqua.core.measure.Sum;

/**
 * One step.
 *
 * @param role whose parts go on
 * @param marks of those parts
 * @param minutes about
 * @param twoPeople whether a lift is too heavy or too awkward for one
 * @param check what to measure when it is done
 * @param caution what can hurt
 */
public record Step(
        Role role,
        List<String> marks,
        int minutes,
        boolean twoPeople,
        Optional<Sum> check,
        Optional<String> caution) {
    /** Copies the marks. */
    public Step {
        marks = List.copyOf(marks);
    }

    public Stage stage() {
        return role.stage();
    }

    /** The same in other minutes. */
    Step taking(int other) {
        return new Step(role, marks, other, twoPeople, check, caution);
    }

    /** Name by which it is ticked: steps keep it when the design changes. */
    public String key() {
        return "step " + role.name();
    }
}
