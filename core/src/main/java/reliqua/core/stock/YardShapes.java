package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;

/**
 * What only sheets and roofing have, as it is called out: an edge given by its corners, a corner
 * that is off, grain, damage by area; profile, ribs, rows of old holes.
 */
final class YardShapes {
    private static final String L = "(" + YardSizes.LENGTH + ")";
    private static final String WHAT =
            "(rot(?:ten|ted)?|wet|soaked|swollen|split|cracked?|holes?|broken|rust(?:y|ed)?)";

    /** A word for something that is wrong, wherever it stands. */
    static final Pattern NAMED = Pattern.compile("\\b" + WHAT + "\\b");

    private static final Pattern CORNERS =
            Pattern.compile(
                    "\\b(?:corners?|outline|edge)(?: at| of)?:? ?((?:"
                            + YardSizes.LENGTH
                            + " ?, ?"
                            + YardSizes.LENGTH
                            + "[ ;|]*){3,})");
    private static final Pattern PAIR = Pattern.compile(L + " ?, ?" + L);
    private static final Pattern CORNER_OFF =
            Pattern.compile(
                    "\\b(?:with |less )?(?:a |one |the )?(?:corner(?: of)? ?"
                            + L
                            + " ?x ?"
                            + L
                            + " (?:is )?(?:cut off|off|cut away|cut out|gone|missing)|"
                            + L
                            + " ?x ?"
                            + L
                            + " corner (?:is )?(?:cut off|off|cut away|cut out|gone|missing))");
    private static final Pattern CORNER_BAD =
            Pattern.compile(
                    "\\b(?:with )?(?:a |one |the )?(?:"
                            + WHAT
                            + " corner ?"
                            + L
                            + " ?x ?"
                            + L
                            + "|corner ?"
                            + L
                            + " ?x ?"
                            + L
                            + " (?:is )?"
                            + WHAT
                            + ")");
    private static final Pattern AREA =
            Pattern.compile(WHAT + " ?" + L + " ?x ?" + L + " at " + L + " ?, ?" + L);
    private static final Pattern GRAIN =
            Pattern.compile(
                    "\\bgrain (?:runs )?(across|crossways|short way|along|lengthways|long way)\\b|\\b(no grain)\\b");
    private static final Pattern RIBS =
            Pattern.compile(
                    "\\bribs? (?:every |at |are )*" + L + "(?: (?:apart|centres|centers|pitch))?");
    private static final Pattern HOLE_ROWS =
            Pattern.compile(
                    "\\b(?:old )?(?:nail |screw )?(?:hole rows?|rows? of (?:old )?(?:nail |screw )?holes)(?: at)? ("
                            + YardSizes.LENGTH
                            + "(?: ?(?:,|and|,? and) ?"
                            + YardSizes.LENGTH
                            + ")*)");
    private static final Pattern BOX =
            Pattern.compile("\\b(?:box[ -]profiled?|box (?=tin|roof|metal)|trapezoid(?:al)?\\b)");
    private static final Pattern FLAT =
            Pattern.compile("\\bflat (?=tin|sheet of tin|roofing|metal)");

    private final YardSizes sizes;
    private Optional<SheetOutline> outline = Optional.empty();
    private Optional<Length[]> cornerOff = Optional.empty();
    private Optional<Sheet.Grain> grain = Optional.empty();
    private Optional<Length> ribs = Optional.empty();
    private Optional<Roofing.Profile> profile = Optional.empty();
    private final List<Length> holes = new ArrayList<>();
    private final List<FlawArea> areas = new ArrayList<>();

    private YardShapes(YardSizes sizes) {
        this.sizes = sizes;
    }

    /** Takes them out of a line. */
    static YardShapes take(YardText text, YardSizes sizes) {
        YardShapes shapes = new YardShapes(sizes);
        text.take(CORNERS).ifPresent(m -> shapes.corners(m.group(1)));
        text.take(CORNER_OFF).ifPresent(shapes::cornerOff);
        text.takeAll(CORNER_BAD).forEach(shapes::cornerBad);
        text.takeAll(AREA).forEach(shapes::area);
        text.take(GRAIN).ifPresent(shapes::grain);
        text.take(RIBS).ifPresent(m -> shapes.ribs = Optional.of(sizes.read(m.group(1))));
        text.take(HOLE_ROWS).ifPresent(m -> shapes.holes(m.group(1)));
        if (text.takes(FLAT)) {
            shapes.profile = Optional.of(Roofing.Profile.FLAT);
        } else if (text.has(BOX)) {
            // Left in the line: it may be all that says what kind of thing it is.
            shapes.profile = Optional.of(Roofing.Profile.BOX);
        }
        return shapes;
    }

    /** Whether the line speaks of what only a sheet has. */
    boolean ofSheet() {
        return outline.isPresent()
                || cornerOff.isPresent()
                || grain.isPresent()
                || !areas.isEmpty();
    }

    /** Whether the line speaks of what only roofing has. */
    boolean ofRoofing() {
        return ribs.isPresent() || !holes.isEmpty() || profile.isPresent();
    }

    /** The sheet with all of it. */
    Sheet on(Sheet plain) {
        Sheet sheet = outline.map(plain::with).orElse(plain);
        if (cornerOff.isPresent()) {
            sheet = sheet.with(lessCorner(sheet, cornerOff.get()));
        }
        if (grain.isPresent()) {
            sheet = sheet.with(grain.get());
        }
        return sheet.with(areas);
    }

    /** Bad areas, in the order in which they were said. */
    List<FlawArea> areas() {
        return List.copyOf(areas);
    }

    /** Whether the corners alone say how large the sheet is. */
    boolean sized() {
        return outline.isPresent();
    }

    /** The roofing with all of it. */
    Roofing on(Roofing plain) {
        return new Roofing(
                plain.length(),
                plain.fullWidth(),
                plain.coverWidth(),
                profile.orElse(plain.profile()),
                ribs,
                holes,
                plain.flaws());
    }

    private void corners(String text) {
        List<SheetOutline.Corner> corners = new ArrayList<>();
        Matcher pair = PAIR.matcher(text);
        while (pair.find()) {
            corners.add(
                    new SheetOutline.Corner(sizes.read(pair.group(1)), sizes.read(pair.group(2))));
        }
        outline = Optional.of(new SheetOutline(corners));
    }

    private void cornerOff(Matcher m) {
        int at = m.group(1) == null ? 3 : 1;
        cornerOff =
                Optional.of(new Length[] {sizes.read(m.group(at)), sizes.read(m.group(at + 1))});
        sizes.note("say.assumed.corner");
    }

    /** The corner across from the marked one is taken for the one that is off. */
    private static SheetOutline lessCorner(Sheet sheet, Length[] off) {
        Length width = sheet.width();
        Length length = sheet.length();
        Length x = width.minus(off[0]);
        Length y = length.minus(off[1]);
        return new SheetOutline(
                List.of(
                        new SheetOutline.Corner(Length.ZERO, Length.ZERO),
                        new SheetOutline.Corner(width, Length.ZERO),
                        new SheetOutline.Corner(width, y),
                        new SheetOutline.Corner(x, y),
                        new SheetOutline.Corner(x, length),
                        new SheetOutline.Corner(Length.ZERO, length)));
    }

    private void cornerBad(Matcher m) {
        boolean first = m.group(1) != null;
        areas.add(
                new FlawArea(
                        kind(first ? m.group(1) : m.group(6)),
                        Length.ZERO,
                        Length.ZERO,
                        sizes.read(m.group(first ? 2 : 4)),
                        sizes.read(m.group(first ? 3 : 5))));
        sizes.note("say.assumed.badCorner");
    }

    private void area(Matcher m) {
        areas.add(
                new FlawArea(
                        kind(m.group(1)),
                        sizes.read(m.group(4)),
                        sizes.read(m.group(5)),
                        sizes.read(m.group(2)),
                        sizes.read(m.group(3))));
    }

    private static Flaw.Kind kind(String word) {
        if (word.startsWith("rot")) {
            return Flaw.Kind.ROT;
        }
        if (word.startsWith("rust")) {
            return Flaw.Kind.RUST;
        }
        if (word.startsWith("hole")) {
            return Flaw.Kind.HOLE;
        }
        boolean dry = word.startsWith("split") || word.startsWith("crack") || word.equals("broken");
        return dry ? Flaw.Kind.SPLIT : Flaw.Kind.WET;
    }

    private void grain(Matcher m) {
        if (m.group(2) != null) {
            grain = Optional.of(Sheet.Grain.NONE);
            return;
        }
        boolean across = m.group(1).matches("across|crossways|short way");
        grain = Optional.of(across ? Sheet.Grain.ACROSS : Sheet.Grain.LENGTHWAYS);
    }

    private void holes(String text) {
        Matcher each = Pattern.compile(L).matcher(text);
        while (each.find()) {
            holes.add(sizes.read(each.group(1)));
        }
    }
}
