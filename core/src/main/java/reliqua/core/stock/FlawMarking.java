package reliqua.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * Marks a flaw on a thing between two places of its drawing, and takes one off. Places are
 * millimetres along the thing's length and across its width, as the drawing has them; they are
 * rounded to the tape's step and kept within the thing.
 */
public final class FlawMarking {
    /** A nail is pulled in about so many seconds: one to two minutes each. */
    private static final int SECONDS_A_NAIL = 90;

    /** In a row of nails one stands about every so often. */
    private static final Length NAIL_SPACING = Length.mm(25);

    private FlawMarking() {}

    /** Whether flaws can be marked on it. */
    public static boolean takes(Material material) {
        return material instanceof Stick
                || material instanceof Roofing
                || material instanceof Sheet;
    }

    /** The thing with the flaw; nothing when the two places are closer than a step. */
    public static Optional<Material> marked(
            Material material,
            Flaw.Kind kind,
            double fromAlong,
            double fromAcross,
            double toAlong,
            double toAcross,
            Length step) {
        return switch (material) {
            case Stick s ->
                    stretch(kind, fromAlong, toAlong, s.length(), step)
                            .map(f -> s.with(plus(s.flaws(), f)));
            case Roofing r ->
                    stretch(kind, fromAlong, toAlong, r.length(), step)
                            .map(f -> r.withFlaws(plus(r.flaws(), f)));
            case Sheet s -> {
                Optional<Flaw> along = stretch(kind, fromAlong, toAlong, s.length(), step);
                Optional<Flaw> across = stretch(kind, fromAcross, toAcross, s.width(), step);
                yield along.flatMap(y -> across.map(x -> s.with(plus(s.flaws(), area(x, y)))));
            }
            default -> Optional.empty();
        };
    }

    private static FlawArea area(Flaw x, Flaw y) {
        return new FlawArea(
                x.kind(), x.from(), y.from(), x.to().minus(x.from()), y.to().minus(y.from()));
    }

    private static Optional<Flaw> stretch(
            Flaw.Kind kind, double a, double b, Length whole, Length step) {
        Length from = place(Math.min(a, b), whole, step);
        Length to = place(Math.max(a, b), whole, step);
        return to.compareTo(from) > 0 ? Optional.of(new Flaw(kind, from, to)) : Optional.empty();
    }

    private static Length place(double mm, Length whole, Length step) {
        Length rounded = Length.ofMm(Math.max(0, mm)).plus(step.half()).floorTo(step);
        return rounded.min(whole);
    }

    private static <T> List<T> plus(List<T> list, T one) {
        List<T> more = new ArrayList<>(list);
        more.add(one);
        return more;
    }

    /**
     * The thing with what is said of it, as it would be called across the yard: {@code rot 12 to
     * 14}, {@code split at one end}, on a sheet {@code wet 6 x 8 at 0, 40}. Refuses what is not
     * understood whole.
     */
    public static Material said(Material material, String words, Tape tape) {
        String example = material instanceof Sheet ? "wet 6 x 8 at 0, 40" : "rot 12 to 14";
        return marked(material, words, tape)
                .orElseThrow(() -> unclear("stock.flaw.unclear", words, example));
    }

    private static IllegalArgumentException unclear(String key, String words, String example) {
        return new IllegalArgumentException(Words.say(key, words, example));
    }

    /** With what is said of it; nothing where that is not understood whole. */
    private static Optional<Material> marked(Material material, String words, Tape tape) {
        YardText text = new YardText(words);
        YardSizes sizes = new YardSizes(tape, new ArrayList<>());
        Material marked =
                switch (material) {
                    case Stick s -> s.with(all(s.flaws(), along(text, sizes, s.length(), tape)));
                    case Roofing r ->
                            r.withFlaws(all(r.flaws(), along(text, sizes, r.length(), tape)));
                    case Sheet s -> s.with(all(s.flaws(), YardShapes.take(text, sizes).areas()));
                    default -> material;
                };
        return Optional.of(marked).filter(m -> text.spent() && !m.equals(material));
    }

    private static List<Flaw> along(YardText text, YardSizes sizes, Length length, Tape tape) {
        List<Flaw> flaws = YardFlaws.take(text, sizes).on(length);
        for (Flaw flaw : flaws) {
            if (flaw.from().atLeast(length) || !flaw.to().isPositive()) {
                throw new IllegalArgumentException(
                        Words.say("stock.flaw.beyond", tape.say(flaw.from()), tape.say(length)));
            }
        }
        return flaws;
    }

    /**
     * As {@link #said}, of a thing that has just split: {@code 12 to 14}, {@code last 8}, {@code
     * from 60} and {@code all} need not say once more what happened. Something else can be said of
     * it as well, such as {@code rot 12 to 14}.
     */
    public static Material split(Material material, String words, Tape tape) {
        YardText text = new YardText(words);
        boolean named = text.has(YardFlaws.NAMED) || text.has(YardShapes.NAMED);
        String example = material instanceof Sheet ? "6 x 8 at 0, 40" : "12 to 14";
        return marked(material, named ? words : "split " + words, tape)
                .orElseThrow(() -> unclear("stock.flaw.where", words, example));
    }

    private static <T> List<T> all(List<T> list, List<T> more) {
        List<T> both = new ArrayList<>(list);
        both.addAll(more);
        return both;
    }

    /** The thing without its flaw of this number, from zero, in the order it names them. */
    public static Material without(Material material, int index) {
        return switch (material) {
            case Stick s -> s.with(minus(s.flaws(), index));
            case Roofing r -> r.withFlaws(minus(r.flaws(), index));
            case Sheet s -> s.with(minus(s.flaws(), index));
            default -> material;
        };
    }

    private static <T> List<T> minus(List<T> list, int index) {
        List<T> fewer = new ArrayList<>(list);
        fewer.remove(index);
        return fewer;
    }

    /** Minutes to pull the nails of a row: one nail an inch or so, two at least. */
    public static int pullingMinutes(Flaw nails) {
        int count =
                Math.max(2, (int) Math.ceil(nails.to().minus(nails.from()).ratio(NAIL_SPACING)));
        return Math.ceilDiv(count * SECONDS_A_NAIL, 60);
    }
}
