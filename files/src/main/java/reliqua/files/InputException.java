package reliqua.files;

import java.util.ArrayList;
import java.util.List;

/**
 * Input that is refused; every fault says where it is, what is wrong and how to mend it. However
 * long the input, a fault is a line and there are no more of them than a person reads.
 */
public final class InputException extends Exception {
    private static final int LONGEST = 400;
    private static final int MOST = 50;

    private final List<String> faults;

    /** One or more faults, a line each. */
    public InputException(List<String> faults) {
        super(String.join(System.lineSeparator(), few(faults)));
        this.faults = few(faults);
    }

    /** One fault. */
    public InputException(String fault) {
        this(List.of(fault));
    }

    private static List<String> few(List<String> faults) {
        List<String> few = new ArrayList<>();
        faults.stream().limit(MOST).map(InputException::line).forEach(few::add);
        if (faults.size() > MOST) {
            few.add("and " + (faults.size() - MOST) + " more");
        }
        return List.copyOf(few);
    }

    private static String line(String fault) {
        String plain = fault.replaceAll("\\p{Cntrl}", " ");
        return plain.length() <= LONGEST ? plain : shortened(plain);
    }

    /** The beginning says where, the end says how to mend it. */
    private static String shortened(String fault) {
        int end = LONGEST / 3;
        return fault.substring(0, LONGEST - end) + " ... " + fault.substring(fault.length() - end);
    }

    /** The faults, in the order of the input. */
    public List<String> faults() {
        return faults;
    }
}
