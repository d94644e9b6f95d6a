package reliqua.core.measure;

/** A text that is no length; the message is written for the keeper and says how to mend it. */
public final class MeasureException extends IllegalArgumentException {
    private final String text;

    /** The offending text and what is wrong with it. */
    public MeasureException(String text, String message) {
        super(message);
        this.text = text;
    }

    /** What was typed. */
    public String text() {
        return text;
    }
}
