package reliqua.files;

import java.util.HashSet;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.build.StepParts;
import reliqua.core.coop.Role;

/**
 * Steps as files of before know them: one for the studs of all walls, and one for each part of what
 * is put together first - the frame of a floor, a nest box, a ramp - and is one step now.
 */
final class StepsOfBefore {
    private StepsOfBefore() {}

    /** With the steps of now that were done under other names. */
    static Set<String> done(Set<String> read) {
        Set<String> done = new HashSet<>(read);
        if (done.contains(Step.key("STUD"))) {
            StepParts.outerWalls().stream().map(Step::key).forEach(done::add);
        }
        for (Role role : Role.values()) {
            if (done.contains(Step.key(role.name()))) {
                done.add(Step.key(StepParts.id(role)));
            }
        }
        return done;
    }

    /** What was written down of parts stands with what they are made into. */
    static SortedMap<String, StepNote> notes(SortedMap<String, StepNote> read) {
        SortedMap<String, StepNote> notes = new TreeMap<>(read);
        for (Role role : Role.values()) {
            String now = Step.key(StepParts.id(role));
            StepNote before = notes.get(Step.key(role.name()));
            if (before != null && !now.equals(Step.key(role.name()))) {
                notes.remove(Step.key(role.name()));
                notes.merge(now, before, StepNote::and);
            }
        }
        return notes;
    }
}
