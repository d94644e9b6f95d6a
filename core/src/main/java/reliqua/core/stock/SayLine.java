package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;
import reliqua.core.measure.MeasureException;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;

/**
 * Understands one line as it would be called across the yard: {@code 6 of 2x4 at 92 5/8 bow 1/2},
 * {@code 2 sheets 1/2 x 48 x 96}, {@code tin 26in x 8ft}, {@code mesh 1/2 x 36in x 14ft}.
 */
public final class SayLine {
    private static final Pattern COUNT =
            Pattern.compile(
                    "^(\\d{1,4})\\s*(?:of\\s+|pcs?\\s+|pieces?\\s+(?:of\\s+)?|[*×]\\s*)(.*)$");
    private static final Pattern COUNT_BEFORE_WORD =
            Pattern.compile("^(\\d{1,4})\\s+(?=[a-z])(.*)$");
    private static final Pattern CROSS = Pattern.compile("\\s*(?:x|×|\\bby\\b)\\s*");
    private static final Pattern NOMINAL =
            Pattern.compile("^(5/4|\\d{1,2})\\s*[x×]\\s*(\\d{1,2})(?=\\s|$)(.*)$");
    private static final Pattern CLAUSE =
            Pattern.compile(
                    "\\b(bow|bowed|rot|split|knot|notch|nails|hole|rust|treated|painted|from|behind|in the|under)\\b");
    private static final Pattern SHEET =
            Pattern.compile("^(?:sheets?|ply(?:wood)?|osb|strand ?board|board sheet)\\b(.*)$");
    private static final Pattern ROOFING =
            Pattern.compile("^(?:tin|roofing|corrugated|iron)\\b(.*)$");
    private static final Pattern MESH =
            Pattern.compile(
                    "^(?:(?:welded )?mesh|hardware cloth|(hex|chicken|netting)[a-z ]*)(?=\\s|\\d)(.*)$");
    private static final Pattern STRETCH =
            Pattern.compile("^\\s*(?:at\\s+)?(.+?)\\s*(?:-|to|–)\\s*(.+)$|^\\s*(?:at\\s+)?(.+)$");
    private static final Length NAIL_CLEARANCE = Length.mm(13);
    private static final Length SIDE_LAP = Length.mm(76);

    private final Tape tape;

    /** Understands bare numbers in the unit of {@code tape}. */
    public SayLine(Tape tape) {
        this.tape = tape;
    }

    /** What a line means: a lot to add, or why it is not one. */
    public sealed interface Understood {
        /** So many things of this material, and what was taken for granted. */
        record Added(int quantity, Material material, String place, List<String> assumed)
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
        String text = line.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        int quantity = 1;
        Matcher count = COUNT.matcher(text);
        Matcher words = COUNT_BEFORE_WORD.matcher(text);
        if (count.matches()) {
            quantity = Integer.parseInt(count.group(1));
            text = count.group(2);
        } else if (words.matches() && !words.group(2).matches("^(in|ft|mm|cm|m|x|by)\\b.*")) {
            quantity = Integer.parseInt(words.group(1));
            text = words.group(2);
        }
        if (quantity < 1) {
            return new Understood.Unclear(Words.say("say.none"));
        }
        try {
            return material(quantity, text);
        } catch (MeasureException e) {
            return new Understood.Unclear(e.getMessage());
        } catch (IllegalArgumentException e) {
            return new Understood.Unclear(Words.say("say.refused", e.getMessage()));
        }
    }

    private Understood material(int quantity, String text) {
        Matcher sheet = SHEET.matcher(text);
        if (sheet.matches()) {
            return sheet(
                    quantity, text.startsWith("osb") || text.startsWith("strand"), sheet.group(1));
        }
        Matcher roofing = ROOFING.matcher(text);
        if (roofing.matches()) {
            return roofing(quantity, roofing.group(1));
        }
        Matcher mesh = MESH.matcher(text);
        if (mesh.matches()) {
            return mesh(quantity, mesh.group(1) != null, mesh.group(2));
        }
        return stick(quantity, text);
    }

    private Understood sheet(int quantity, boolean strand, String rest) {
        Clauses clauses = clauses(rest);
        String[] sizes = CROSS.split(stripAt(clauses.head()));
        if (sizes.length != 3) {
            return new Understood.Unclear(
                    Words.say(
                            "say.sheet",
                            tape.system() == UnitSystem.INCHES
                                    ? "1/2 x 48 x 96"
                                    : "12 x 1220 x 2440"));
        }
        Sheet.Kind kind = strand ? Sheet.Kind.STRAND_BOARD : Sheet.Kind.PLYWOOD;
        Material material =
                new Sheet(kind, length(sizes[0]), length(sizes[1]), length(sizes[2]), List.of());
        return new Understood.Added(quantity, material, clauses.place(), List.of());
    }

    private Understood roofing(int quantity, String rest) {
        Clauses clauses = clauses(rest);
        String[] sizes = CROSS.split(stripAt(clauses.head()));
        if (sizes.length != 2) {
            return new Understood.Unclear(Words.say("say.roofing"));
        }
        Length full = length(sizes[0]);
        Length cover = full.minus(SIDE_LAP);
        Length length = length(sizes[1]);
        Material material = new Roofing(length, full, cover, flaws(clauses.texts(), length));
        return new Understood.Added(
                quantity,
                material,
                clauses.place(),
                List.of(Words.say("say.assumed.cover", tape.say(cover))));
    }

    private Understood mesh(int quantity, boolean hex, String rest) {
        Clauses clauses = clauses(rest);
        String[] sizes =
                CROSS.split(
                        stripAt(clauses.head()).replaceAll("(in|mm|cm|\")\\s+(?=\\d)", "$1 x "));
        if (sizes.length != 3) {
            return new Understood.Unclear(Words.say("say.mesh"));
        }
        Mesh.Kind kind = hex ? Mesh.Kind.HEX_NETTING : Mesh.Kind.WELDED;
        Material material = new Mesh(kind, length(sizes[0]), length(sizes[1]), length(sizes[2]));
        return new Understood.Added(quantity, material, clauses.place(), List.of());
    }

    private Understood stick(int quantity, String text) {
        Clauses clauses = clauses(text);
        List<String> assumed = new ArrayList<>();
        Matcher nominal = NOMINAL.matcher(clauses.head());
        Optional<Section> named =
                nominal.matches()
                        ? NominalSizes.find(nominal.group(1) + "x" + nominal.group(2))
                        : Optional.empty();
        Section section;
        Length length;
        if (named.isPresent()) {
            section = named.get();
            length = length(stripAt(nominal.group(3)));
            assumed.add(
                    Words.say(
                            "say.assumed.nominal",
                            tape.section(section.thickness(), section.width())));
        } else {
            String[] sizes = CROSS.split(clauses.head().replaceFirst("\\s+(?:at|long)\\s+", " x "));
            if (sizes.length != 3) {
                return new Understood.Unclear(Words.say("say.stick"));
            }
            section = Section.of(length(sizes[0]), length(sizes[1]));
            length = length(sizes[2]);
        }
        Treatment treatment =
                clauses.has("treated")
                        ? Treatment.PRESSURE_TREATED
                        : clauses.has("painted") ? Treatment.PAINTED : Treatment.UNTREATED;
        Length bow = clauses.find("bow").map(this::length).orElse(Length.ZERO);
        Stick stick = new Stick(section, length, flaws(clauses.texts(), length), bow, treatment);
        return new Understood.Added(quantity, stick, clauses.place(), assumed);
    }

    private List<Flaw> flaws(List<String> clauses, Length whole) {
        List<Flaw> flaws = new ArrayList<>();
        for (String clause : clauses) {
            String word = clause.split(" ", 2)[0];
            Optional<Flaw.Kind> kind = kind(word);
            if (kind.isPresent()) {
                flaws.add(flaw(kind.get(), clause.substring(word.length()), whole));
            }
        }
        return flaws;
    }

    private Flaw flaw(Flaw.Kind kind, String where, Length whole) {
        if (where.strip().matches("(at )?(the )?end")) {
            return new Flaw(kind, whole.minus(Length.mm(150)).max(Length.ZERO), whole);
        }
        Matcher stretch = STRETCH.matcher(where);
        if (!stretch.matches()) {
            throw new MeasureException(
                    where, Words.say("say.flawWhere", kind.name().toLowerCase(Locale.ROOT)));
        }
        if (stretch.group(3) != null) {
            Length at = length(stretch.group(3));
            return new Flaw(kind, at.minus(NAIL_CLEARANCE), at.plus(NAIL_CLEARANCE));
        }
        return new Flaw(kind, length(stretch.group(1)), length(stretch.group(2)));
    }

    private static Optional<Flaw.Kind> kind(String word) {
        for (Flaw.Kind kind : Flaw.Kind.values()) {
            if (kind.name().equalsIgnoreCase(word)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    private Length length(String text) {
        return tape.reader().read(text);
    }

    private static String stripAt(String text) {
        return text.strip().replaceFirst("^(?:at|of|long|by|x)\\s+", "");
    }

    /**
     * The sizes at the head of a line and the remarks behind them, each beginning with its word.
     */
    private record Clauses(String head, List<String> texts) {
        boolean has(String word) {
            return texts.stream().anyMatch(t -> t.startsWith(word));
        }

        Optional<String> find(String word) {
            return texts.stream()
                    .filter(t -> t.startsWith(word))
                    .map(t -> t.replaceFirst("^\\S+\\s*", ""))
                    .findFirst();
        }

        String place() {
            return texts.stream()
                    .filter(t -> t.matches("^(from|behind|in the|under)\\b.*"))
                    .map(t -> t.replaceFirst("^from\\s+", ""))
                    .findFirst()
                    .orElse("");
        }
    }

    private static Clauses clauses(String text) {
        List<String> parts = new ArrayList<>();
        Matcher matcher = CLAUSE.matcher(text);
        int start = 0;
        while (matcher.find()) {
            parts.add(text.substring(start, matcher.start()).replaceAll("[,;\\s]+$", ""));
            start = matcher.start();
        }
        parts.add(text.substring(start).replaceAll("[,;\\s]+$", ""));
        return new Clauses(parts.getFirst().strip(), List.copyOf(parts.subList(1, parts.size())));
    }
}
