package reliqua.core.measure;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What is said in another language, put into the English words that the readers know, word by word
 * and phrase by phrase: the longest first, and last the small ones that hang on what follows. A
 * line with none of the known words stays exactly as it is, so that both languages are understood
 * at any time, whichever is set.
 */
public final class Talk {
    /** Names that the readers take from the bundle: kinds of coop and what is built on. */
    private static final Pattern NAMED = Pattern.compile("(?:addon|family)\\.[a-z-]+");

    private static final Pattern SENTENCE = Pattern.compile(".*[.{].*");

    private static final List<Entry> SPANISH = entries(Language.SPANISH);

    private Talk() {}

    private record Entry(String said, Pattern pattern, String english) {}

    /** The line in English words, or as it was. */
    public static String english(String line) {
        String plain = plain(line);
        String read = plain;
        boolean found = false;
        for (Entry each : SPANISH) {
            Matcher matcher = each.pattern().matcher(read);
            if (matcher.find()) {
                found = true;
                read = matcher.replaceAll(each.english());
            }
        }
        return found ? ranges(read).replaceAll("\\s+", " ").strip() : line;
    }

    /** Without accents, in lower case. */
    private static String plain(String text) {
        String parted = Normalizer.normalize(text.strip(), Normalizer.Form.NFD);
        return parted.replaceAll("\\p{M}+", "").toLowerCase(Locale.ROOT);
    }

    /** "6 of 2x4 a 92" is at a length, "rot 12 a 14" runs to a place. */
    private static String ranges(String text) {
        return text.replaceAll("(?<=x ?\\d[\\d ./]{0,9}) a (?=\\d)", " at ")
                .replaceAll("(?<=\\d|mm|cm|m|in|ft) a (?=\\d)", " to ");
    }

    private static List<Entry> entries(Language language) {
        List<Entry> entries = new ArrayList<>();
        Map<Language, ResourceBundle> bundles = Words.bundles("reliqua.core.words");
        ResourceBundle english = Objects.requireNonNull(bundles.get(Language.ENGLISH));
        ResourceBundle other = Objects.requireNonNull(bundles.get(language));
        for (String key : english.keySet()) {
            if (NAMED.matcher(key).matches()
                    && !SENTENCE.matcher(english.getString(key)).matches()) {
                String said = Pattern.quote(plain(other.getString(key)));
                entries.add(entry(said, english.getString(key).toLowerCase(Locale.ROOT)));
            }
        }
        lines("talk_" + language.id() + ".txt")
                .filter(l -> !l.isBlank() && !l.startsWith("#"))
                .map(l -> l.split(" =", 2))
                .forEach(p -> entries.add(entry(p[0], p[1].strip().replace("\\u0020", " "))));
        entries.sort(
                Comparator.comparing((Entry e) -> e.said().contains("(?="))
                        .thenComparing(e -> -e.said().length())
                        .thenComparing(Entry::said));
        return List.copyOf(entries);
    }

    private static Entry entry(String said, String english) {
        Pattern pattern = Pattern.compile("(?<![\\p{L}\\d])(?:" + said + ")(?![\\p{L}])");
        boolean open = said.endsWith(")") && said.contains("(?=");
        return new Entry(
                said,
                open ? Pattern.compile("(?<![\\p{L}\\d])(?:" + said + ")") : pattern,
                Matcher.quoteReplacement(english));
    }

    private static Stream<String> lines(String name) {
        try (InputStream in =
                        Objects.requireNonNull(
                                Talk.class.getResourceAsStream("/reliqua/core/" + name), name);
                BufferedReader reader =
                        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return reader.lines().toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
