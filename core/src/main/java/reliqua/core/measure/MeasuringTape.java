package reliqua.core.measure;

/** A tape that sends its readings. */
public interface MeasuringTape {
    /**
     * One reading.
     *
     * @param held what the tape is held against, zero or more
     * @return as the tape shows it, with its unit
     */
    String read(Length held);
}
