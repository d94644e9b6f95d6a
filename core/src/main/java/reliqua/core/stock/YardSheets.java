package reliqua.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import reliqua.core.measure.Length;

/** Makes sheets and roofing sheets of their sizes; what is not said is assumed and noted. */
final class YardSheets {
    private static final Pattern COVER =
            Pattern.compile(
                    "\\bcover(?:s|ing|age)?(?: width)?(?: of)? ?(" + YardSizes.LENGTH + ")");
    private static final Length SIDE_LAP = Length.mm(76);
    private static final Length USUAL_THICKNESS = Length.mm(12);
    private static final Length THICKEST = Length.mm(45);
    private static final List<String> PARTS =
            List.of("full", "whole", "half", "quarter", "1/2", "1/4");

    private final YardSizes sizes;
    private final YardScan scan;

    YardSheets(YardSizes sizes, YardScan scan) {
        this.sizes = sizes;
        this.scan = scan;
    }

    Sheet sheet(YardKinds.Named named, YardText text, YardShapes shapes) {
        List<YardSizes.Size> said = scan.of(text, 3);
        List<Length> lengths = new ArrayList<>(sides(said));
        Optional<Length> thin =
                lengths.stream().min(Comparator.naturalOrder()).filter(l -> l.atMost(THICKEST));
        if (thin.isEmpty() && lengths.size() > 2) {
            throw YardScan.unclear("say.absurd");
        }
        thin.ifPresentOrElse(
                lengths::remove,
                () -> sizes.note("say.assumed.thickness", sizes.say(USUAL_THICKNESS)));
        String part = named.words().split(" ", 2)[0];
        boolean nothing = said.isEmpty() && !shapes.sized();
        if (lengths.isEmpty() && (thin.isPresent() || PARTS.contains(part) || nothing)) {
            lengths.addAll(usual(part));
        }
        if (lengths.size() < 2 && shapes.sized()) {
            // Any size does: the corners say what it is.
            lengths = List.of(thin.orElse(USUAL_THICKNESS), thin.orElse(USUAL_THICKNESS));
        }
        if (lengths.size() < 2) {
            throw YardScan.unclear(
                    "say.sheet", sizes.inches() ? "1/2 x 48 x 96" : "12 x 1220 x 2440");
        }
        return shapes.on(
                new Sheet(
                        sheetKind(named.words()),
                        thin.orElse(USUAL_THICKNESS),
                        lengths.get(0),
                        lengths.get(1),
                        List.of()));
    }

    /** A whole sheet, half of it across, or a quarter. */
    private List<Length> usual(String part) {
        boolean quarter = part.equals("quarter") || part.equals("1/4");
        boolean half = part.equals("half") || part.equals("1/2");
        Length fullWidth = sizes.inches() ? Length.inches(48) : Length.mm(1220);
        Length fullLength = sizes.inches() ? Length.inches(96) : Length.mm(2440);
        Length width = quarter ? fullWidth.half() : fullWidth;
        Length length = quarter || half ? fullLength.half() : fullLength;
        sizes.note("say.assumed.fullSheet", sizes.say(width), sizes.say(length));
        return List.of(width, length);
    }

    private static Sheet.Kind sheetKind(String words) {
        if (words.contains("osb") || words.contains("strand") || words.contains("sterling")) {
            return Sheet.Kind.STRAND_BOARD;
        }
        boolean board = words.matches(".*(?:chip|particle|mdf|hard ?board).*");
        return board ? Sheet.Kind.BOARD : Sheet.Kind.PLYWOOD;
    }

    /** A pair of small whole numbers on an inch tape is a sheet in feet: 4x8. */
    private List<Length> sides(List<YardSizes.Size> said) {
        List<Length> lengths = new ArrayList<>();
        for (int n = 0; n < said.size(); n++) {
            YardSizes.Size size = said.get(n);
            boolean pair = size.joined() != size.after();
            boolean alone = said.size() - n >= 2 && size.joined() && !said.get(n + 1).joined();
            boolean feet =
                    pair
                            && (alone && small(said.get(n + 1)) && small(size)
                                    || size.after()
                                            && small(size)
                                            && n > 0
                                            && small(said.get(n - 1))
                                            && !said.get(n - 1).after());
            lengths.add(feet ? sizes.feet(size) : sizes.read(size));
        }
        return lengths;
    }

    private static boolean small(YardSizes.Size size) {
        return size.bare()
                && size.text().matches("\\d{1,2}")
                && Integer.parseInt(size.text()) <= 12;
    }

    Roofing roofing(YardText text, YardFlaws flaws, YardShapes shapes) {
        Optional<Length> covers = text.take(COVER).map(m -> sizes.read(m.group(1)));
        List<Length> lengths = sides(scan.of(text, 2)).stream().sorted().toList();
        if (lengths.isEmpty()) {
            throw YardScan.unclear("say.roofing");
        }
        Length length = lengths.getLast();
        Length full;
        if (lengths.size() > 1) {
            full = lengths.get(lengths.size() - 2);
        } else {
            full = sizes.inches() ? Length.inches(26) : Length.mm(840);
            sizes.note("say.assumed.width", sizes.say(full));
        }
        Length cover = covers.orElseGet(() -> full.minus(SIDE_LAP));
        if (covers.isEmpty()) {
            sizes.note("say.assumed.cover", sizes.say(cover));
        }
        return shapes.on(new Roofing(length, full, cover, flaws.on(length)));
    }
}
