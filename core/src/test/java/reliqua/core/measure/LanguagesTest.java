package reliqua.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LanguagesTest {
    private static final Map<Language, ResourceBundle> BUNDLES =
            Words.bundles("reliqua.core.words");

    /** The places a sentence has for figures, with how they are shown. */
    private static TreeSet<String> places(String sentence) {
        MessageFormat format = new MessageFormat(sentence, Locale.ENGLISH);
        int places = format.getFormatsByArgumentIndex().length;
        TreeSet<String> found = new TreeSet<>();
        for (int n = 0; n < places; n++) {
            if (sentence.contains("{" + n)) {
                found.add(String.valueOf(n));
            }
        }
        return found;
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void noSentenceIsMissingAndNoneIsOver(Language language) {
        assertThat(BUNDLES.get(language).keySet())
                .isEqualTo(BUNDLES.get(Language.ENGLISH).keySet());
    }

    @ParameterizedTest
    @EnumSource(Language.class)
    void everySentenceHasTheFiguresOfTheEnglishOne(Language language) {
        ResourceBundle english = BUNDLES.get(Language.ENGLISH);
        for (String key : english.keySet()) {
            assertThat(places(BUNDLES.get(language).getString(key)))
                    .as(key)
                    .isEqualTo(places(english.getString(key)));
        }
    }

    @Test
    void choicesGoByNumberInEveryLanguage() {
        assertThat(Words.in(Language.SPANISH, "packet.every", 1)).isEqualTo("cada d\u00eda");
        assertThat(Words.in(Language.SPANISH, "packet.every", 3)).isEqualTo("cada 3 d\u00edas");
        assertThat(Words.in(Language.ENGLISH, "packet.every", 3)).isEqualTo("every 3 days");
    }

    @Test
    void aLanguageIsFoundByItsLetters() {
        assertThat(Language.find("es")).contains(Language.SPANISH);
        assertThat(Language.find("tlh")).isEmpty();
        assertThat(
                        BUNDLES.values().stream()
                                .map(b -> b.getString("family.raised"))
                                .collect(Collectors.toSet()))
                .hasSize(Language.values().length);
    }
}
