package reliqua.files;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads values out of a JSON object and collects every fault with its place, instead of stopping at
 * the first.
 */
final class JsonReader {
    private static final JsonMapper MAPPER =
            JsonMapper.builder()
                    .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
                    .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build();
    private static final BigDecimal NM_PER_MM = BigDecimal.valueOf(1_000_000);
    private static final BigDecimal LARGEST = BigDecimal.valueOf(1_000_000_000L);

    /** No length or price is meant more exactly, and sums of such numbers stay short. */
    private static final int MOST_DIGITS = 40;

    private final JsonNode node;
    private final String place;
    private final List<String> faults;

    private JsonReader(JsonNode node, String place, List<String> faults) {
        this.node = node;
        this.place = place;
        this.faults = faults;
    }

    /** The object a text holds; {@code name} is how the text is called in messages. */
    static JsonReader of(String text, String name, List<String> faults) throws InputException {
        JsonNode node;
        try {
            node = MAPPER.readTree(text);
        } catch (JacksonException e) {
            throw new InputException(name + where(e) + ": " + what(e));
        } catch (NumberFormatException e) {
            // The exponent itself is too large for any number.
            throw new InputException(name + ": a number has an exponent no length or price has");
        }
        if (!node.isObject()) {
            throw new InputException(name + ": the whole text must be one JSON object { ... }");
        }
        return new JsonReader(node, name, faults);
    }

    private static String where(JacksonException e) {
        return e.getLocation() == null || e.getLocation().getLineNr() < 1
                ? ""
                : ", line "
                        + e.getLocation().getLineNr()
                        + ", column "
                        + e.getLocation().getColumnNr();
    }

    /** In our words: the library's name its own classes and settings. */
    private static String what(JacksonException e) {
        if (e instanceof StreamConstraintsException) {
            return "a text, a number or the nesting of brackets is far too long here";
        }
        return String.valueOf(e.getOriginalMessage()).startsWith("Duplicate")
                ? "a field is there twice; keep one of them"
                : "this is not JSON; look for a missing comma, quote or bracket";
    }

    void fault(String what) {
        faults.add(place + ": " + what);
    }

    /** The names of all its fields. */
    List<String> names() {
        return List.copyOf(node.propertyNames());
    }

    boolean has(String field) {
        return node.hasNonNull(field);
    }

    String place() {
        return place;
    }

    String text(String field, String otherwise) {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            return otherwise;
        }
        if (!value.isString()) {
            fault(field + " must be a text in quotes");
            return otherwise;
        }
        return value.asString();
    }

    boolean flag(String field, boolean otherwise) {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            return otherwise;
        }
        if (!value.isBoolean()) {
            fault(field + " must be true or false");
            return otherwise;
        }
        return value.booleanValue();
    }

    int whole(String field, int otherwise) {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            return otherwise;
        }
        if (!value.isInt()) {
            fault(field + " must be a whole number");
            return otherwise;
        }
        return value.intValue();
    }

    Optional<BigDecimal> number(String field) {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            return Optional.empty();
        }
        if (!value.isNumber()) {
            fault(field + " must be a number");
            return Optional.empty();
        }
        return bounded(field, value.decimalValue());
    }

    /** Looks at the exponent before it computes or writes anything that is as long as it says. */
    private Optional<BigDecimal> bounded(String field, BigDecimal number) {
        boolean large =
                (long) number.precision() - number.scale() > MOST_DIGITS
                        || number.abs().compareTo(LARGEST) > 0;
        if (large && number.signum() != 0) {
            fault(field + " is too large; the most is " + LARGEST);
            return Optional.empty();
        }
        if (Math.abs((long) number.scale()) > MOST_DIGITS || number.precision() > MOST_DIGITS) {
            fault(field + " has more digits than can be meant");
            return Optional.empty();
        }
        return Optional.of(number);
    }

    /** A number, or what is taken when it is missing or none. */
    double number(String field, double otherwise) {
        return number(field).map(BigDecimal::doubleValue).orElse(otherwise);
    }

    /** One of the names of an enumeration, in letters of any case. */
    <E extends Enum<E>> E choice(String field, Class<E> type, E otherwise) {
        return named(field, text(field, otherwise.name()), type).orElse(otherwise);
    }

    /** A list of names of an enumeration; unknown ones are faults. */
    <E extends Enum<E>> List<E> choices(String field, Class<E> type) {
        List<E> values = new ArrayList<>();
        texts(field).forEach(text -> named(field, text, type).ifPresent(values::add));
        return values;
    }

    private <E extends Enum<E>> Optional<E> named(String field, String text, Class<E> type) {
        for (E value : type.getEnumConstants()) {
            if (value.name().equalsIgnoreCase(text)) {
                return Optional.of(value);
            }
        }
        fault(field + " is \"" + text + "\", which is unknown");
        return Optional.empty();
    }

    /** A list of whole numbers; anything else in it is a fault. */
    List<Integer> wholes(String field) {
        List<Integer> values = new ArrayList<>();
        JsonNode list = node.get(field);
        if (list != null && !list.isNull() && !list.isArray()) {
            fault(field + " must be a list [ ... ]");
        } else if (list != null) {
            for (JsonNode value : list) {
                if (value.isInt()) {
                    values.add(value.intValue());
                } else {
                    fault(field + " must hold whole numbers");
                }
            }
        }
        return values;
    }

    /** A length in millimetres, required. */
    Length mm(String field) {
        Optional<BigDecimal> number = number(field);
        if (number.isEmpty()) {
            if (!has(field)) {
                fault(field + " is missing; give it in millimetres");
            }
            return Length.mm(1);
        }
        return length(number.get());
    }

    /** A length in millimetres, or nothing. */
    Optional<Length> maybeMm(String field) {
        return number(field).map(JsonReader::length);
    }

    private static Length length(BigDecimal mm) {
        return new Length(
                mm.multiply(NM_PER_MM)
                        .setScale(0, java.math.RoundingMode.HALF_UP)
                        .longValueExact());
    }

    Money money(String field) {
        Optional<BigDecimal> number = number(field);
        if (number.isEmpty() && !has(field)) {
            fault(field + " is missing; give the price");
        }
        return Money.of(number.map(BigDecimal::doubleValue).orElse(0.0));
    }

    /** An inner object, if there is one. */
    Optional<JsonReader> inner(String field) {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            return Optional.empty();
        }
        if (!value.isObject()) {
            fault(field + " must be an object { ... }");
            return Optional.empty();
        }
        return Optional.of(new JsonReader(value, place + "." + field, faults));
    }

    /** The texts of a list. */
    List<String> texts(String field) {
        List<String> texts = new ArrayList<>();
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            return texts;
        }
        if (!value.isArray()) {
            fault(field + " must be a list [ ... ]");
            return texts;
        }
        for (JsonNode each : value) {
            if (each.isString()) {
                texts.add(each.asString());
            } else {
                fault(field + " must hold texts in quotes");
            }
        }
        return texts;
    }

    /** Every object of a list; an entry that its reader refuses becomes a fault. */
    <T> List<T> list(String field, Function<JsonReader, T> reader) {
        List<T> values = new ArrayList<>();
        JsonNode list = node.get(field);
        if (list == null || list.isNull()) {
            return values;
        }
        if (!list.isArray()) {
            fault(field + " must be a list [ ... ]");
            return values;
        }
        for (int n = 0; n < list.size(); n++) {
            JsonNode entry = list.get(n);
            String id = entry.path("id").isString() ? entry.path("id").asString() : "";
            String where =
                    place + " > " + field + "[" + n + "]" + (id.isEmpty() ? "" : " (" + id + ")");
            if (!entry.isObject()) {
                faults.add(where + ": must be an object { ... }");
                continue;
            }
            int before = faults.size();
            try {
                T value = reader.apply(new JsonReader(entry, where, faults));
                if (faults.size() == before) {
                    values.add(value);
                }
            } catch (IllegalArgumentException e) {
                faults.add(where + ": " + e.getMessage());
            }
        }
        return values;
    }
}
