package reliqua.files;

import java.util.List;

/** Input that is refused; every fault says where it is, what is wrong and how to mend it. */
public final class InputException extends Exception {
    private final List<String> faults;

    /** One or more faults, a line each. */
    public InputException(List<String> faults) {
        super(String.join(System.lineSeparator(), faults));
        this.faults = List.copyOf(faults);
    }

    /** One fault. */
    public InputException(String fault) {
        this(List.of(fault));
    }

    /** The faults, in the order of the input. */
    public List<String> faults() {
        return faults;
    }
}
