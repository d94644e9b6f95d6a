package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;

/** Every text of the window in every language, and none asked for that is nowhere. */
class LanguageTest {
    private static final Map<Language, ResourceBundle> BUNDLES =
            Words.bundles("reliqua.desktop.texts");

    private static final Pattern ASKED = Pattern.compile("Texts\\.get\\(\\s*\"([^\"]+)\"[,)]");

    private static String places(String text) {
        new MessageFormat(text, Locale.ENGLISH);
        Matcher place = Pattern.compile("\\{(\\d+)").matcher(text);
        return place.results()
                .map(r -> r.group(1))
                .distinct()
                .sorted()
                .collect(Collectors.joining());
    }

    @Test
    void noTextIsMissingAndFiguresAgree() {
        ResourceBundle english = BUNDLES.get(Language.ENGLISH);
        for (Language language : Language.values()) {
            ResourceBundle other = BUNDLES.get(language);
            assertThat(other.keySet()).isEqualTo(english.keySet());
            for (String key : english.keySet()) {
                assertThat(places(other.getString(key)))
                        .as(language + " " + key)
                        .isEqualTo(places(english.getString(key)));
            }
        }
    }

    @Test
    void everyTextThatIsAskedForByNameIsThere() throws IOException {
        ResourceBundle english = BUNDLES.get(Language.ENGLISH);
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                Matcher asked = ASKED.matcher(Files.readString(file));
                while (asked.find()) {
                    assertThat(english.containsKey(asked.group(1)))
                            .as(file.getFileName() + ": " + asked.group(1))
                            .isTrue();
                }
            }
        }
    }
}
