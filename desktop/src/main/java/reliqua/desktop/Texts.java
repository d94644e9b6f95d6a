package reliqua.desktop;

import java.util.Map;
import java.util.ResourceBundle;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;

/** All visible text of the window that is not the core's, in the language that is set. */
public final class Texts {
    private static final Map<Language, ResourceBundle> BUNDLES =
            Words.bundles("reliqua.desktop.texts");

    private Texts() {}

    /** The text for a key, with its arguments. */
    public static String get(String key, Object... args) {
        return in(Words.language(), key, args);
    }

    /** The same in a certain language. */
    public static String in(Language language, String key, Object... args) {
        return Words.of(BUNDLES, language, key, args);
    }
}
