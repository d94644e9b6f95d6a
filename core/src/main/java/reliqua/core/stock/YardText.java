package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line of yard talk while it is being understood: what has been taken for something is cut out,
 * so that the rest can be said in any order.
 */
final class YardText {
    /** A cut is marked, so that words on both sides of it are not joined. */
    private static final String GAP = " | ";

    private String rest;

    /** Small letters, plain signs, words for numbers as figures. */
    YardText(String line) {
        this.rest = YardWords.figures(plain(line));
    }

    private static String plain(String line) {
        StringBuilder plain = new StringBuilder();
        for (char c : line.strip().toLowerCase(Locale.ROOT).toCharArray()) {
            plain.append(
                    switch (c) {
                        case '½' -> " 1/2";
                        case '¼' -> " 1/4";
                        case '¾' -> " 3/4";
                        case '⅛' -> " 1/8";
                        case '⅜' -> " 3/8";
                        case '⅝' -> " 5/8";
                        case '⅞' -> " 7/8";
                        case '′', '’', '‘' -> "'";
                        case '″', '”', '“' -> "\"";
                        case '⁄' -> "/";
                        case '–', '—', '‐' -> "-";
                        case '×', '*' -> " x ";
                        case '@' -> " at ";
                        case '\u00a0', '\u2009', '\t' -> " ";
                        default -> String.valueOf(c);
                    });
        }
        return plain.toString().replaceAll("\\s+", " ").strip();
    }

    /** What has not been understood yet. */
    String rest() {
        return rest;
    }

    /** Whether nothing but filling is left. */
    boolean spent() {
        return rest.replaceAll("[\\s,;.:|()\\-]+", "").isEmpty();
    }

    /** Cuts the first match out and gives it. */
    Optional<Matcher> take(Pattern pattern) {
        Matcher matcher = pattern.matcher(rest);
        if (!matcher.find()) {
            return Optional.empty();
        }
        rest = tidy(rest.substring(0, matcher.start()) + GAP + rest.substring(matcher.end()));
        return Optional.of(matcher);
    }

    /** Cuts every match out. */
    List<Matcher> takeAll(Pattern pattern) {
        List<Matcher> all = new ArrayList<>();
        Optional<Matcher> next = take(pattern);
        while (next.isPresent()) {
            all.add(next.get());
            next = take(pattern);
        }
        return all;
    }

    /** Whether it was there; it is cut out. */
    boolean takes(Pattern pattern) {
        return !takeAll(pattern).isEmpty();
    }

    boolean has(Pattern pattern) {
        return pattern.matcher(rest).find();
    }

    /** Puts words in place of others, for spelling. */
    void respell(String wrong, String right) {
        rest = rest.replaceAll("\\b" + Pattern.quote(wrong) + "\\b", right);
    }

    private static String tidy(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }
}
