package reliqua.core.stock;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import reliqua.core.measure.Money;

/**
 * What is said beside kind and size: where it lies, where it comes from, cost, stamp, treatment.
 */
final class YardRemarks {
    private static final Pattern COST =
            Pattern.compile(
                    "\\b(?:paid|cost|for) ?[$£€]? ?(\\d{1,5}(?:\\.\\d{1,2})?)(?: (?:each|the lot|all in|for (?:the lot|all)))?(?= *(?:[,;|]|$))|[$£€] ?(\\d{1,5}(?:\\.\\d{1,2})?)(?: (?:each|the lot))?");
    private static final Pattern FREE = Pattern.compile("\\b(?:for )?free\\b|\\bfor nothing\\b");

    /** Words that end a place: what follows them is a remark of its own. */
    private static final String STOP =
            "(?=\\s*(?:[,;|]|$|\\b(?:rot|rotten|split|bow|bowed|crook|twist|cup|knot|notch|nails?|holes?|rust|treated|painted|paid|cost|at \\d|ht\\b|kd\\b|mb\\b|\\d)))";

    private static final String NOT_A_PLACE =
            "(?!end|ends|one|each|both|either|middle|other|\\d|far|near|first|last)";
    private static final Pattern SOURCE =
            Pattern.compile(
                    "\\b(?:from|off|out of|salvaged from|came from)\\b(?!-?cuts?) (?:the |an? |our |my |her |his )?"
                            + NOT_A_PLACE
                            + "([a-z][a-z' -]*?)"
                            + STOP);
    private static final Pattern PLACE =
            Pattern.compile(
                    "\\b((?:behind|under|beside|next to|against|leaning on|near|by|on|in|at|over by|round) (?:the |my |our |an? )"
                            + NOT_A_PLACE
                            + "[a-z][a-z' -]*?)"
                            + STOP
                            + "|\\b((?:behind|under) "
                            + NOT_A_PLACE
                            + "[a-z][a-z' -]*?)"
                            + STOP);
    private static final Pattern STAMP =
            Pattern.compile(
                    "\\b(?:stamp(?:ed)?:? )?(ht|kd|dh|db|mb|sf)\\b(?: stamp(?:ed)?| mark)?");
    private static final Pattern NO_STAMP =
            Pattern.compile(
                    "\\b(?:no|without(?: a)?|not) ?(?:stamp(?:ed)?|mark)\\b|\\bunstamped\\b");
    private static final Pattern UNTREATED = Pattern.compile("\\b(?:untreated|bare wood|raw)\\b");
    private static final Pattern OLD_TREATED =
            Pattern.compile(
                    "\\b(?:old (?:pressure[- ])?treated|cca|arsenic|tanali[sz]ed green)\\b");
    private static final Pattern TREATED =
            Pattern.compile("\\b(?:pressure[- ])?treated\\b|\\bpt\\b|\\btanali[sz]ed\\b");
    private static final Pattern OLD_PAINT =
            Pattern.compile(
                    "\\b(?:old|flaking|peeling|lead)(?: old)? paint(?:ed)?\\b|\\bpaint(?: is)? (?:flaking|peeling)\\b|\\bflaking\\b|\\bpeeling\\b");
    private static final Pattern PAINTED =
            Pattern.compile("\\b(?:re)?painted(?: [a-z]+(?= ?(?:[,;|]|$)))?\\b");

    private static final Map<Pattern, Hazard> HAZARDS = new LinkedHashMap<>();

    static {
        HAZARDS.put(
                Pattern.compile("\\b(?:stained|soiled|oily|oil[- ]soaked|colou?red|dyed)\\b"),
                Hazard.STAINED);
        HAZARDS.put(
                Pattern.compile("\\bcreosoted?\\b|\\btarred\\b|\\brailway\\b"), Hazard.CREOSOTE);
        HAZARDS.put(
                Pattern.compile("\\basbestos\\b(?: cement)?|\\bcement sheets?\\b"),
                Hazard.ASBESTOS);
        HAZARDS.put(
                Pattern.compile("\\b(?:unknown )?chemicals?\\b|\\bpesticides?\\b|\\bweedkiller\\b"),
                Hazard.CHEMICALS);
        HAZARDS.put(
                Pattern.compile(
                        "\\b(?:hidden|full of|some|lots of|still has|still) nails\\b(?: in(?: (?:it|them))?)?|\\bnails (?:in (?:it|them)|all over|still in)\\b"),
                Hazard.HIDDEN_NAILS);
    }

    private final Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
    private String place = "";
    private String source = "";
    private Money paid = Money.ZERO;
    private Pallet.Stamp stamp = Pallet.Stamp.NONE;
    private Treatment treatment = Treatment.UNTREATED;

    /** Takes the remarks out of a line. */
    static YardRemarks take(YardText text) {
        YardRemarks remarks = new YardRemarks();
        remarks.money(text);
        remarks.whence(text);
        return remarks;
    }

    private void money(YardText text) {
        text.take(FREE);
        text.take(COST)
                .ifPresent(
                        m -> {
                            String amount = m.group(1) == null ? m.group(2) : m.group(1);
                            paid = Money.of(Double.parseDouble(amount));
                        });
    }

    private void whence(YardText text) {
        text.take(SOURCE).ifPresent(m -> source = m.group(1).strip());
        text.take(PLACE)
                .ifPresent(m -> place = (m.group(1) == null ? m.group(2) : m.group(1)).strip());
    }

    /** Stamps, treatment and hazards; after the spelling has been put right. */
    void takeCondition(YardText text) {
        boolean unstamped = text.takes(NO_STAMP);
        text.take(STAMP)
                .ifPresent(
                        m ->
                                stamp =
                                        Pallet.Stamp.valueOf(
                                                m.group(1).toUpperCase(java.util.Locale.ROOT)));
        if (!stamp.usable()) {
            hazards.add(Hazard.BAD_STAMP);
        }
        if (unstamped) {
            hazards.add(Hazard.NO_STAMP);
        }
        HAZARDS.forEach(
                (pattern, hazard) -> {
                    if (text.takes(pattern)) {
                        hazards.add(hazard);
                    }
                });
        treatment(text);
    }

    private void treatment(YardText text) {
        if (text.takes(UNTREATED)) {
            treatment = Treatment.UNTREATED;
        } else if (text.takes(OLD_TREATED)) {
            treatment = Treatment.PRESSURE_TREATED;
            hazards.add(Hazard.OLD_TREATED);
        } else if (text.takes(TREATED)) {
            treatment = Treatment.PRESSURE_TREATED;
        }
        boolean flaking = text.takes(OLD_PAINT);
        if (flaking) {
            hazards.add(Hazard.OLD_PAINT);
        }
        if (text.takes(PAINTED) || flaking) {
            treatment = Treatment.PAINTED;
        }
    }

    void suspect(Hazard hazard) {
        hazards.add(hazard);
    }

    Pallet.Stamp stamp() {
        return stamp;
    }

    Treatment treatment() {
        return treatment;
    }

    Condition condition() {
        return new Condition(hazards, Condition.Verdict.OPEN);
    }

    Lot.Provenance provenance(String note) {
        return new Lot.Provenance(place, source, note, paid);
    }
}
