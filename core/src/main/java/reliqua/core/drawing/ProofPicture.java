package reliqua.core.drawing;

import java.util.stream.Collectors;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/**
 * A slice through wall, ground and run with everything that keeps animals out, to one scale, and
 * the apertures of the mesh twenty-five times as large beside it.
 */
public final class ProofPicture {
    private static final double WALL = 1800;
    private static final double RUN = 1500;
    private static final double LARGER = 25;

    private final Needs needs;
    private final Proof proof;
    private final Practice.Apron apron;
    private final Tape tape;
    private final Picture.Sketch sketch = new Picture.Sketch();

    private ProofPicture(Needs needs, Tape tape) {
        this.needs = needs;
        this.proof = needs.proof();
        this.apron = needs.apron();
        this.tape = tape;
    }

    /** The drawing. */
    public static Picture of(Needs needs, Tape tape) {
        ProofPicture drawing = new ProofPicture(needs, tape);
        drawing.slice();
        drawing.meshes();
        return drawing.sketch.picture();
    }

    private void slice() {
        sketch.rectangle(-1500, 0, RUN + 500, 420, Ink.WASTE, Ink.HAIRLINE, "");
        sketch.rectangle(0, -WALL, 24, 0, Ink.MESH, Ink.METAL_EDGE, "");
        sketch.rectangle(24, -120, 90, 0, Ink.WOOD, Ink.WOOD_EDGE, "");
        apron();
        cover();
        note(60, -WALL / 2, Picture.Anchor.LEFT, mesh(), proof.elsewhere().by().isEmpty());
        note(
                120,
                -60,
                Picture.Anchor.LEFT,
                Words.say("proof.gap", tape.say(proof.gap().value()), by(proof.gap())),
                proof.gap().by().isEmpty());
        sketch.reach(new Picture.Point(-1500, -WALL - 420));
    }

    private String mesh() {
        return Words.say("proof.mesh", tape.say(proof.elsewhere().value()), by(proof.elsewhere()));
    }

    private void apron() {
        Length out = apron == Practice.Apron.PAVED ? needs.apronPaved() : needs.apronFlat();
        double reach = out.toMm();
        double down = needs.apronBuried().toMm();
        boolean flat = apron != Practice.Apron.BURIED;
        if (flat) {
            sketch.rectangle(-reach, -24, 0, 0, Ink.MESH, Ink.METAL_EDGE, "");
        } else {
            sketch.rectangle(0, 0, 24, down, Ink.MESH, Ink.METAL_EDGE, "");
        }
        Length size = flat ? out : needs.apronBuried();
        String words = Words.say("proof.apron." + apron.name(), tape.say(size), by(proof.apron()));
        note(-1420, 250, Picture.Anchor.LEFT, words, proof.apron().by().isEmpty());
    }

    private void cover() {
        boolean asked = proof.cover().value();
        sketch.rectangle(
                0,
                -WALL - 24,
                RUN,
                -WALL,
                asked ? Ink.MESH : Ink.NONE,
                asked ? Ink.METAL_EDGE : Ink.HAIRLINE,
                "");
        String words =
                asked ? Words.say("proof.cover", by(proof.cover())) : Words.say("proof.open");
        note(RUN / 2, -WALL - 330, Picture.Anchor.MIDDLE, words, !asked);
    }

    /** The two apertures, twenty-five times as large, so that they can be told apart. */
    private void meshes() {
        double left = RUN + 1100;
        left = aperture(left, proof.nearBirds(), "proof.near");
        aperture(left + 300, proof.elsewhere(), "proof.elsewhere");
        String latch =
                proof.latch().value()
                        ? Words.say("proof.latch", by(proof.latch()))
                        : Words.say("proof.latch.usual");
        note(RUN + 1100, -330, Picture.Anchor.LEFT, latch, !proof.latch().value());
        if (proof.feed().value()) {
            note(
                    RUN + 1100,
                    -60,
                    Picture.Anchor.LEFT,
                    Words.say("proof.feed", by(proof.feed())),
                    false);
        }
        if (proof.fence().value()) {
            note(RUN + 1100, 210, Picture.Anchor.LEFT, Words.say("proof.fence"), false);
        }
    }

    private double aperture(double left, Proof.Demand<Length> demand, String key) {
        double side = demand.value().toMm() * LARGER;
        double top = -WALL;
        double bar = 30;
        for (int n = 0; n < 3; n++) {
            double x = left + n * side;
            sketch.rectangle(x - bar, top, x + bar, top + 2 * side, Ink.METAL, Ink.METAL_EDGE, "");
            double y = top + n * side;
            sketch.rectangle(
                    left, y - bar, left + 2 * side, y + bar, Ink.METAL, Ink.METAL_EDGE, "");
        }
        note(left, top - 330, Picture.Anchor.LEFT, Words.say(key, tape.say(demand.value())), false);
        sketch.reach(new Picture.Point(left + 2 * side, top));
        return left + Math.max(2 * side, 1700);
    }

    private void note(double x, double y, Picture.Anchor anchor, String words, boolean usual) {
        Ink ink = usual ? Ink.SOFT : Ink.INK;
        sketch.label(x, y, words, Picture.Size.BODY, anchor, ink, 5);
    }

    private static String by(Proof.Demand<?> demand) {
        return demand.by().isEmpty()
                ? Words.say("proof.usual")
                : demand.by().stream()
                        .map(Predator::sum)
                        .map(s -> s.words(Tape.METRIC))
                        .collect(Collectors.joining(", ", "(", ")"));
    }
}
