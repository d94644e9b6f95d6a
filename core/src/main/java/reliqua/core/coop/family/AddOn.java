package reliqua.core.coop.family;

import java.util.List;

/** What can be built on to a coop of any family that has room for it. */
public enum AddOn {
    /**
     * A meshed run in front, up to under the eaves, with a gate; on legs, the space below is part
     * of it.
     */
    RUN("run", List.of("run-length"), List.of(Choices.Group.RUN));

    private final String id;
    private final List<String> keys;
    private final List<Choices.Group> groups;

    AddOn(String id, List<String> keys, List<Choices.Group> groups) {
        this.id = id;
        this.keys = keys;
        this.groups = groups;
    }

    /** Its name in files and in the keys of words. */
    public String id() {
        return id;
    }

    /** The groups of sticks that only it is made of. */
    public List<Choices.Group> groups() {
        return groups;
    }

    /** The keys of the lengths it brings. */
    public List<String> keys() {
        return keys;
    }
}
