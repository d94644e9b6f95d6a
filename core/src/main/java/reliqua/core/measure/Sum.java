package reliqua.core.measure;

import java.util.List;

/**
 * How a figure came about, kept as its terms and worded only when the keeper's tape is known.
 *
 * @param key sentence in the core's bundle
 * @param terms measures, counts or texts that fill the sentence
 */
public record Sum(String key, List<Object> terms) {
    /** Copies the terms. */
    public Sum {
        terms = List.copyOf(terms);
    }

    /** A sum from its sentence and terms. */
    public static Sum of(String key, Object... terms) {
        return new Sum(key, List.of(terms));
    }

    /** The sum in words, measured by {@code tape}. A nested sum is worded too. */
    public String words(Tape tape) {
        return Words.say(key, terms.stream().map(tape::word).toArray());
    }
}
