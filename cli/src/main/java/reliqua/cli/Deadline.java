package reliqua.cli;

import reliqua.core.cutting.Progress;
import reliqua.files.InputException;

/** Work that is to stop after some seconds with the best so far. */
final class Deadline implements Progress {
    private static final double LONGEST = 1e6;

    private final long end;

    private Deadline(long end) {
        this.end = end;
    }

    /**
     * So many seconds from now; infinitely many never end.
     *
     * @throws InputException when they are not above zero
     */
    static Deadline in(double seconds) throws InputException {
        if (Double.isNaN(seconds) || seconds <= 0) {
            throw new InputException("--seconds: give a number above zero");
        }
        return new Deadline(
                seconds > LONGEST ? Long.MAX_VALUE : System.nanoTime() + (long) (seconds * 1e9));
    }

    @Override
    public void report(double share, String words) {}

    @Override
    public boolean cancelled() {
        return end != Long.MAX_VALUE && System.nanoTime() - end >= 0;
    }
}
