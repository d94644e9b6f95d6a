package reliqua.core.check;

import java.util.List;
import reliqua.core.measure.Sum;

/**
 * Something a rule found.
 *
 * @param rule name of the rule, stable
 * @param severity how bad
 * @param sum what and by how much
 * @param marks parts or lots concerned; may be empty
 */
public record Finding(String rule, Severity severity, Sum sum, List<String> marks) {
    /** How bad. */
    public enum Severity {
        /** Must be mended: a need is not met, or a member is too weak. */
        FAULT,
        /** The keeper decides. */
        WARNING,
        /** Held, and by how much. */
        GOOD
    }

    /** Copies the list. */
    public Finding {
        marks = List.copyOf(marks);
    }

    static Finding of(String rule, boolean holds, Severity otherwise, Sum sum) {
        return new Finding(rule, holds ? Severity.GOOD : otherwise, sum, List.of());
    }
}
