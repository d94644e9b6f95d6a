package reliqua.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;

/**
 * How a line being typed could go on: the words of the yard, and the places and sources of what
 * lies there already, which are said again and again.
 */
public final class YardSuggestions {
    private static final int MOST = 5;
    private static final int SHORTEST = 2;

    private static final List<String> WORDS =
            List.of(
                    "pallets",
                    "plywood",
                    "planks",
                    "pickets",
                    "platform",
                    "standing wall",
                    "standing fence",
                    "poles",
                    "posts",
                    "pipe",
                    "panel",
                    "battens",
                    "boards",
                    "blocks",
                    "bricks",
                    "buckets",
                    "bow",
                    "broken",
                    "block pallets",
                    "box profile tin",
                    "corrugated",
                    "crates",
                    "cabinet door",
                    "cooler",
                    "corner",
                    "crook",
                    "cup",
                    "creosote",
                    "chicken wire",
                    "doors",
                    "drawers",
                    "decking",
                    "flooring",
                    "flaking paint",
                    "from",
                    "grain across",
                    "hardware cloth",
                    "hinges",
                    "hoops",
                    "hole",
                    "hole rows at",
                    "HT",
                    "joists",
                    "keep whole",
                    "knot",
                    "latches",
                    "strips of belt",
                    "mesh",
                    "nails at",
                    "nails",
                    "nest box",
                    "notch",
                    "osb",
                    "old paint",
                    "paid",
                    "painted",
                    "pressure treated",
                    "rot at one end",
                    "rot",
                    "ribs",
                    "roofing",
                    "rusty",
                    "rust at one end",
                    "scaffold boards",
                    "screws",
                    "shed floor",
                    "sheets",
                    "sleepers",
                    "split at one end",
                    "split",
                    "staples",
                    "stained",
                    "stringers",
                    "tarp",
                    "tin",
                    "treated",
                    "tub",
                    "twist",
                    "to pry apart",
                    "windows",
                    "wheels",
                    "welded mesh",
                    "wet corner");

    /** What is called out most, as a start. */
    private static final List<String> STARTS_INCH =
            List.of("6 of 2x4 at 96", "3 pallets 48x40 HT", "ply 1/2 x 48 x 96", "tin 26in x 8ft");

    private static final List<String> STARTS_METRIC =
            List.of(
                    "6 of 47x100 at 2400",
                    "3 pallets 1200x1000 HT",
                    "ply 12 x 1220 x 2440",
                    "tin 840 x 2440");

    private YardSuggestions() {}

    /** Whole lines the text could become, likeliest first; none when nothing fits. */
    public static List<String> of(String typed, Heap heap, Tape tape) {
        if (typed.isBlank()) {
            return tape.system() == UnitSystem.INCHES ? STARTS_INCH : STARTS_METRIC;
        }
        Set<String> lines = new LinkedHashSet<>();
        List<String> vocabulary = vocabulary(heap);
        for (int from : wordStarts(typed)) {
            String begun = typed.substring(from);
            if (begun.strip().length() >= SHORTEST) {
                String kept = typed.substring(0, from);
                vocabulary.stream()
                        .filter(w -> startsWith(w, begun) && w.length() > begun.length())
                        .forEach(w -> lines.add(kept + w));
            }
        }
        return lines.stream().limit(MOST).toList();
    }

    /** Where the last few words begin, the longest run first: "behind the l" before "l". */
    private static List<Integer> wordStarts(String typed) {
        List<Integer> starts = new ArrayList<>();
        for (int i = 0; i < typed.length(); i++) {
            boolean letter = Character.isLetter(typed.charAt(i));
            if (letter && (i == 0 || !Character.isLetterOrDigit(typed.charAt(i - 1)))) {
                starts.add(i);
            }
        }
        return starts;
    }

    private static boolean startsWith(String word, String begun) {
        return word.toLowerCase(Locale.ROOT).startsWith(begun.toLowerCase(Locale.ROOT));
    }

    /** Words of the yard, then places, then sources with the "from" that belongs before them. */
    private static List<String> vocabulary(Heap heap) {
        Stream<String> places = heap.lots().stream().map(l -> l.provenance().place());
        Stream<String> sources =
                heap.lots().stream()
                        .map(l -> l.provenance().source())
                        .filter(s -> !s.isEmpty())
                        .map(s -> "from " + s);
        return Stream.concat(WORDS.stream(), Stream.concat(places, sources))
                .filter(s -> !s.isEmpty())
                .distinct()
                .toList();
    }
}
