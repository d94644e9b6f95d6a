package reliqua.core.measure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * What Reliqua speaks. Numbers look the same in every language, with a point before the fraction,
 * as they are typed; only words and the names of days and months change.
 */
public enum Language {
    ENGLISH("English", Locale.ENGLISH),
    SPANISH("Espa\u00f1ol", Locale.of("es"));

    private final String own;
    private final Locale locale;

    Language(String own, Locale locale) {
        this.own = own;
        this.locale = locale;
    }

    /** Its name in itself, so that everybody finds their own. */
    public String own() {
        return own;
    }

    /** For the names of days and months. */
    public Locale locale() {
        return locale;
    }

    /** Its two letters, as settings keep it. */
    public String id() {
        return locale.getLanguage();
    }

    /** The language of these two letters. */
    public static Optional<Language> find(String id) {
        return Arrays.stream(values()).filter(l -> l.id().equals(id)).findFirst();
    }

    /** What a bundle of texts of this language is called; English has the plain name. */
    public String bundle(String base) {
        return this == ENGLISH ? base : base + "_" + id();
    }
}
