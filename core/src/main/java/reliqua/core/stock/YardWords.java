package reliqua.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words used in the yard: numbers in words, and the vocabulary against which misspelling shows. */
final class YardWords {
    private static final Map<String, String> FIGURES = new LinkedHashMap<>();

    private static final int QUARTS = 4;
    private static final int MOST_GALLONS = 10;

    static {
        String inch = " ?(?:of an )?-?inch(?:es)?\\b";
        FIGURES.put("\\bhalf a dozen\\b(?: of)?", "6 of");
        FIGURES.put("\\ba?\\s?dozen\\b(?: of)?", "12 of");
        FIGURES.put("\\b(?:a )?(?:couple|pair)(?: of)?\\b", "2 of");
        FIGURES.put("\\ban? inch and a (?:half|1/2)\\b", "1 1/2\"");
        FIGURES.put("\\bthree[- ]quarters?" + inch, "3/4\"");
        FIGURES.put("\\bthree[- ]eighths?" + inch, "3/8\"");
        FIGURES.put("\\bfive[- ]eighths?" + inch, "5/8\"");
        FIGURES.put("\\b(?:a )?half" + inch, "1/2\"");
        FIGURES.put("\\b(?:a )?quarter" + inch, "1/4\"");
        FIGURES.put("\\bthree[- ]quarter\\b", "3/4");
        FIGURES.put("\\bfive[- ]eighths?\\b", "5/8");
        FIGURES.put("\\bthree[- ]eighths?\\b", "3/8");
        FIGURES.put("\\bhalf(?= ?(?:ply|osb|mesh|hardware|x))", "1/2");
        FIGURES.put("\\binch(?= (?:ply|mesh|chicken|hex|netting|welded|board))", "1\"");
        FIGURES.put("\\bone by\\b", "1 x");
        FIGURES.put("\\b(\\d+) ?-?(?:foot|ft)ers?\\b", "$1 ft");
        FIGURES.put("\\bfours\\b", "four");
        FIGURES.put("\\bsixes\\b", "six");
        FIGURES.put("\\beights\\b", "eight");
        List<String> numbers =
                List.of(
                        "one",
                        "two",
                        "three",
                        "four",
                        "five",
                        "six",
                        "seven",
                        "eight",
                        "nine",
                        "ten",
                        "eleven",
                        "twelve",
                        "thirteen",
                        "fourteen",
                        "fifteen",
                        "sixteen",
                        "seventeen",
                        "eighteen",
                        "nineteen",
                        "twenty");
        for (int n = numbers.size(); n > 0; n--) {
            // "one end" and "one of them split" are no counts.
            String not = n == 1 ? "(?! end| side| of them| is| has| with)" : "";
            FIGURES.put("\\b" + numbers.get(n - 1) + "\\b" + not, String.valueOf(n));
        }
        FIGURES.put("(?<=\\d) by (?=\\d)", " x ");
        FIGURES.put("(?<=['\"\\d]|in|ft|mm|cm|m) by (?=\\d)", " x ");
        FIGURES.put("^an? ", "1 ");
        FIGURES.put("^(?:some|few) ", "");
        FIGURES.put(
                "^(?:about|around|approx(?:imately)?\\.?|roughly|nearly|circa|ca\\.?|~) ?(?=\\d)",
                "");
        FIGURES.put("^x ?(\\d{1,3}) (?=[\\da-z])", "$1 of ");
        FIGURES.put("(?<=\\d) and (?=\\d+/\\d)", " ");
        // What is brushed on is counted by the litre or quart, whatever it stands in.
        String brushed = "(paint|(?:wood )?preserv(?:er|ative))";
        String tins = " ?(?:l|lit(?:er|re)s?|quarts?|qts?|tins?|cans?|pots?)";
        FIGURES.put("\\bhalf a gallon(?: of)? " + brushed, "2 tins of $1");
        for (int gallons = 1; gallons <= MOST_GALLONS; gallons++) {
            FIGURES.put(
                    "\\b" + gallons + " ?gal(?:lon)?s?(?: of)? " + brushed + "\\b",
                    QUARTS * gallons + " tins of $1");
        }
        FIGURES.put("\\b(\\d{1,3})" + tins + "(?: of)? " + brushed + "\\b", "$1 tins of $2");
        FIGURES.put("\\b" + brushed + "[ ,]*(\\d{1,3})" + tins + "\\b", "$2 tins of $1");
    }

    private static final Set<String> KNOWN =
            Set.of(
                    """
                    about aperture apple asbestos axle bamboo barn barrel batten battens
                    beam beams behind birch block blocks board boards bolts both bowed
                    branch breeze brick bricks bucket buckets cabinet cane canes cedar
                    center centre chemical chemicals chicken chipboard cinder clean cloth
                    concrete conduit cooler coolers corrugated cover covers cracked crate
                    crates creosote creosoted crook crooked cupboard cupped deck decking
                    door doors drawer drawers each ends euro exterior feet fence first
                    flaking floor flooring foot framing free from full galvanised galvanized
                    gate glue good gravel half hardboard hardware hardwood hidden hinge
                    hinges hole holes hoop hoops inch inches iron joist joists kitchen knot
                    knots larch last latch latches lath laths lead left length less long
                    lumber marine mesh metal meter meters metre metres middle milk more nail
                    nails netting notch notches oily over paid paint painted pallet pallets
                    panel panels patio paver pavers paving picket pickets piece pieces pine
                    pipe pipes plank planks plastic plywood pole poles polycarbonate post
                    posts pressure rail rails railway roll rolls roof roofing rotten rough
                    round rust rusty sawn scaffold screws shed sheet sheeting sheets
                    skirting slat slats sleeper sleepers softwood soiled some sound split
                    splits spruce stained stamp stamped staples steel stick sticks straight
                    strand stringer stringers stud studs tarp tarps telephone thick timber
                    tin treated twist twisted under unknown unstamped untreated utility apart corner corners grain whole ribs rows outline
                    standing wall walls fences garden slab slabs kennel perspex acrylic washer nest nesting boxes platform platforms frame
                    warped washers weather welded weldmesh wheel wheels wide window windows
                    wire with wood belt leather rubber strip strips tube inner tyre tire
                    tubs tub bolt felt tile tiles
                    """
                            .strip()
                            .split("\\s+"));

    private static final Pattern WORD = Pattern.compile("[a-z]{4,}");

    private YardWords() {}

    /** Numbers in words become figures. */
    static String figures(String text) {
        String figures = text;
        for (Map.Entry<String, String> each : FIGURES.entrySet()) {
            figures = figures.replaceAll(each.getKey(), each.getValue());
        }
        return figures.replaceAll("\\s+", " ").strip();
    }

    /** A word as it was written and as it was meant. */
    record Respelt(String wrong, String right) {}

    /** Words that are no words of the yard but nearly are. */
    static List<Respelt> misspelt(String text) {
        List<Respelt> all = new ArrayList<>();
        Matcher words = WORD.matcher(text);
        while (words.find()) {
            String word = words.group();
            if (!KNOWN.contains(word)) {
                nearest(word).ifPresent(right -> all.add(new Respelt(word, right)));
            }
        }
        return all;
    }

    /**
     * The one word that is nearest, when it is near enough: a slip in four letters, two in seven.
     */
    private static Optional<String> nearest(String word) {
        int allowed = word.length() < 7 ? 1 : 2;
        String best = "";
        int least = allowed + 1;
        for (String known : KNOWN.stream().sorted().toList()) {
            int distance = distance(word, known);
            if (distance < least && known.charAt(0) == word.charAt(0)) {
                least = distance;
                best = known;
            }
        }
        return best.isEmpty() ? Optional.empty() : Optional.of(best);
    }

    /** Letters to add, leave out, change or swap with their neighbour. */
    static int distance(String a, String b) {
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                if (i == 0 || j == 0) {
                    d[i][j] = i + j;
                    continue;
                }
                int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] =
                        Math.min(
                                Math.min(d[i - 1][j] + 1, d[i][j - 1] + 1),
                                d[i - 1][j - 1] + change);
                boolean swapped =
                        i > 1
                                && j > 1
                                && a.charAt(i - 1) == b.charAt(j - 2)
                                && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
