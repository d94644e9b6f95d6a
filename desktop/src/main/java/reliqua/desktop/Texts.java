package reliqua.desktop;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** All visible text of the window that is not the core's. */
public final class Texts {
    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("reliqua.desktop.texts", Locale.ENGLISH);

    private Texts() {}

    /** The text for a key, with its arguments. */
    public static String get(String key, Object... args) {
        return new MessageFormat(BUNDLE.getString(key), Locale.ENGLISH).format(args);
    }
}
