package reliqua.core.measure;

import java.text.MessageFormat;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.ResourceBundle;

/**
 * The sentences the core speaks, from its bundle in the language that is set; a missing key is a
 * fault found by the tests.
 */
public final class Words {
    private static final Map<Language, ResourceBundle> BUNDLES = bundles("reliqua.core.words");

    /** One for the whole program: texts of two languages side by side help nobody. */
    private static volatile Language spoken = Language.ENGLISH;

    private Words() {}

    /** The bundles of all languages; the computer's own language has no say in which are found. */
    public static Map<Language, ResourceBundle> bundles(String base) {
        Map<Language, ResourceBundle> bundles = new EnumMap<>(Language.class);
        for (Language each : Language.values()) {
            bundles.put(
                    each,
                    ResourceBundle.getBundle(
                            each.bundle(base), Locale.ROOT, Words.class.getClassLoader()));
        }
        return bundles;
    }

    /** From here on in this language. */
    public static void speak(Language language) {
        spoken = language;
    }

    /** The language that is spoken. */
    public static Language language() {
        return spoken;
    }

    /**
     * The sentence for a key with its arguments, which are texts already worded for the keeper, or
     * counts.
     */
    public static String say(String key, Object... args) {
        return in(spoken, key, args);
    }

    /** The same in a certain language. */
    public static String in(Language language, String key, Object... args) {
        return of(BUNDLES, language, key, args);
    }

    /** A sentence out of other bundles. */
    public static String of(
            Map<Language, ResourceBundle> bundles, Language language, String key, Object... args) {
        ResourceBundle bundle = Objects.requireNonNull(bundles.get(language));
        return new MessageFormat(bundle.getString(key), Locale.ENGLISH).format(args);
    }
}
