package reliqua.core.measure;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** The sentences the core speaks, from its bundle; a missing key is a fault found by the tests. */
public final class Words {
    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("reliqua.core.words", Locale.ENGLISH);

    private Words() {}

    /**
     * The sentence for a key with its arguments, which are texts already worded for the keeper, or
     * counts.
     */
    public static String say(String key, Object... args) {
        return new MessageFormat(BUNDLE.getString(key), Locale.ENGLISH).format(args);
    }
}
