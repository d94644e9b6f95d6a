package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Talk;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * Understands one line as it would be called across the yard, in any order: {@code 6 of 2x4 at 92
 * 5/8 bow 1/2}, {@code tin 26in x 8ft rust 2ft from end}, {@code 3 pallets 48x40 HT}. What is found
 * is cut out of the line step by step: cost and place, then misspelling is put right, then stamps
 * and treatment, flaws and warp, the count, the kind, and last the sizes.
 */
public final class SayLine {
    private static final Pattern COUNT_FIRST =
            Pattern.compile(
                    "^(\\d{1,4}) ?(?:of\\b|pcs?\\b\\.?|pieces? of\\b|pieces?\\b|lengths? of\\b|no\\.?(?= )|off(?= )|x (?=\\d+x\\d)|(?= [a-z(])|(?= ?\\|)|(?= \\d+ ?x)|(?= 5/4 ?x)|(?= \\d+(?:\\.\\d+)?-?(?:ft|foot|'|mm|cm|m\\b|in\\b|inch)))(?!(?:mm|cm|m|in|ft|inch|foot|feet)\\b| ?(?:mm|cm|m|in|ins|ft|inch|inches|foot|feet|wide|thick|long|x)\\b)");
    private static final Pattern COUNT_LAST =
            Pattern.compile(
                    "(?:(?:^|[ ,|])(?:qty:?|quantity:?) ?(\\d{1,4})|\\((\\d{1,4})(?: (?:off|of them|pcs))?\\)|[ ,|](\\d{1,4}) (?:of them|of|pcs|pieces)|(?:^|\\|) ?x ?(\\d{1,4})) ?(?=[|,;]|$)|[ ,|](\\d{1,4}) off\\b(?!-?cut)");

    private static final Pattern NAILS = Pattern.compile("^\\d+ (?:of )?(?:[a-z]+ )?nails\\b");
    private static final Pattern CAPACITY =
            Pattern.compile("\\b\\d{1,3}[ -]?(?:gallons?|gal|lit(?:er|re)s?)\\b");

    private static final Pattern COUNT_AT = Pattern.compile("^[ |,]*(\\d{1,3}) at (?=\\d)");

    private static final Pattern SHEETS_LAST =
            Pattern.compile("(?<=[\\da-wyz\"'|,] )(\\d{1,2}) sheets?(?= ?(?:[|,;]|$))");

    /** What is called across the yard is shorter; reading takes longer than the line grows. */
    public static final int LONGEST = 400;

    private static final Pattern ENDLESS_NUMBER = Pattern.compile("\\d{13}");

    private final Tape tape;

    /** Understands bare numbers in the unit of {@code tape}. */
    public SayLine(Tape tape) {
        this.tape = tape;
    }

    /**
     * A length of a coop as called out; a bare number that would be absurd in the keeper's unit is
     * taken in another, as for things.
     *
     * @throws MeasureException when it is not one
     */
    public static Length length(Tape tape, String text) {
        return new YardSizes(tape, new ArrayList<>()).read(text);
    }

    /** What a line means: a lot to add, or why it is not one. */
    public sealed interface Understood {
        /**
         * A lot.
         *
         * @param quantity how many
         * @param material what they are
         * @param provenance place, source, note and cost
         * @param condition what is suspected
         * @param assumed what was taken for granted
         */
        record Added(
                int quantity,
                Material material,
                Lot.Provenance provenance,
                Condition condition,
                List<String> assumed)
                implements Understood {
            /** Copies the list. */
            public Added {
                assumed = List.copyOf(assumed);
            }
        }

        /** Not a lot; the message says how to say it. */
        record Unclear(String message) implements Understood {}
    }

    /** Reads one line; never throws for what was typed. */
    public Understood read(String line) {
        if (line.length() > LONGEST) {
            return new Understood.Unclear(Words.say("say.long", LONGEST));
        }
        if (ENDLESS_NUMBER.matcher(line).find()) {
            return new Understood.Unclear(Words.say("say.number.long"));
        }
        List<String> assumed = new ArrayList<>();
        YardText text = new YardText(Talk.english(line));
        try {
            YardSizes sizes = new YardSizes(tape, assumed);
            YardShapes shapes = YardShapes.take(text, sizes);
            YardRemarks remarks = YardRemarks.take(text);
            for (YardWords.Respelt word : YardWords.misspelt(text.rest())) {
                text.respell(word.wrong(), word.right());
                assumed.add(Words.say("say.assumed.spelling", word.right(), word.wrong()));
            }
            remarks.takeCondition(text);
            boolean hardware = text.has(NAILS);
            YardFlaws flaws = hardware ? new YardFlaws(sizes) : YardFlaws.take(text, sizes);
            text.take(CAPACITY);
            Optional<Integer> first =
                    countFirst(text)
                            .or(
                                    () ->
                                            text.take(SHEETS_LAST)
                                                    .map(m -> Integer.parseInt(m.group(1))));
            YardKinds.Named named = YardKinds.take(text);
            Optional<Integer> said =
                    first.or(() -> countLast(text))
                            .or(() -> named.words().isEmpty() ? Optional.empty() : countAt(text));
            if (flaws.nailsSomewhere()) {
                remarks.suspect(Hazard.HIDDEN_NAILS);
            }
            if (named.words().contains("sleeper")) {
                remarks.suspect(Hazard.CREOSOTE);
            }
            YardMaterials materials =
                    new YardMaterials(sizes, flaws, shapes, remarks, said.isEmpty());
            Material material = materials.read(named, text);
            YardSense.require(material);
            int quantity = said.or(materials::surplus).orElse(1);
            if (quantity < 1) {
                return new Understood.Unclear(Words.say("say.none"));
            }
            return new Understood.Added(
                    quantity,
                    material,
                    remarks.provenance(note(material, remarks)),
                    remarks.condition(),
                    assumed);
        } catch (MeasureException e) {
            return new Understood.Unclear(e.getMessage());
        } catch (IllegalArgumentException e) {
            return new Understood.Unclear(Words.say("say.refused", e.getMessage()));
        }
    }

    /** Paint on what has no treatment of its own is kept as a note. */
    private static String note(Material material, YardRemarks remarks) {
        boolean own = material instanceof Stick || material instanceof Pole;
        boolean painted = remarks.treatment() == Treatment.PAINTED;
        return painted && !own ? Words.say("say.note.painted") : "";
    }

    private static Optional<Integer> countFirst(YardText text) {
        return text.take(COUNT_FIRST).map(m -> Integer.parseInt(m.group(1)));
    }

    /** Poles, 3 at 2.7 m. */
    private static Optional<Integer> countAt(YardText text) {
        return text.take(COUNT_AT).map(m -> Integer.parseInt(m.group(1)));
    }

    private static Optional<Integer> countLast(YardText text) {
        return text.take(COUNT_LAST)
                .flatMap(
                        m ->
                                IntStream.rangeClosed(1, m.groupCount())
                                        .mapToObj(m::group)
                                        .filter(Objects::nonNull)
                                        .findFirst())
                .map(Integer::parseInt);
    }
}
