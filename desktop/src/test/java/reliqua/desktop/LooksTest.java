package reliqua.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is written can be read in every look. */
class LooksTest {
    private static final Pattern BLOCK = Pattern.compile("\\.root(\\.[a-z-]+)? \\{([^}]*)\\}");
    private static final Pattern ROLE = Pattern.compile("(-[a-z-]+): (#[0-9A-Fa-f]{6})");

    private static Map<String, Color> roles(String look) throws IOException {
        Map<String, Color> roles = new HashMap<>();
        try (InputStream in =
                Objects.requireNonNull(LooksTest.class.getResourceAsStream("reliqua.css"))) {
            Matcher block = BLOCK.matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            while (block.find()) {
                if (block.group(1) == null || block.group(1).equals("." + look)) {
                    Matcher role = ROLE.matcher(block.group(2));
                    while (role.find()) {
                        roles.put(role.group(1), Color.web(role.group(2)));
                    }
                }
            }
        }
        return roles;
    }

    private static double contrast(Color a, Color b) {
        double light = Math.max(luminance(a), luminance(b));
        double dark = Math.min(luminance(a), luminance(b));
        return (light + 0.05) / (dark + 0.05);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed())
                + 0.7152 * linear(c.getGreen())
                + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.03928 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    @ParameterizedTest
    @CsvSource({"whitewash,4.5", "lantern,4.5", "noon,7"})
    void wordsStandOutFromWhatTheyStandOn(String look, double least) throws IOException {
        Map<String, Color> roles = roles(look);
        String[][] pairs = {
            {"-ink", "-paper"},
            {"-ink", "-ground"},
            {"-ink", "-chosen-tint"},
            {"-ink", "-set-aside"},
            {"-ink", "-danger-tint"},
            {"-soft", "-paper"},
            {"-soft", "-ground"},
            {"-holds", "-paper"},
            {"-danger", "-paper"},
            {"-danger", "-danger-tint"},
            {"-on-dark", "-dark"},
            {"-soft", "-chosen-tint"},
        };
        for (String[] pair : pairs) {
            assertThat(contrast(roles.get(pair[0]), roles.get(pair[1])))
                    .as("%s: %s on %s", look, pair[0], pair[1])
                    .isGreaterThanOrEqualTo(least);
        }
    }
}
