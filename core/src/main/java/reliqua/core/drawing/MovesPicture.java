package reliqua.core.drawing;

import reliqua.core.flock.Site;
import reliqua.core.keep.Moves;
import reliqua.core.measure.Tape;

/** The ground with the places of a pen that is moved, today's filled, those of before crossed. */
public final class MovesPicture {
    private static final int NUMBERED = 5;

    private MovesPicture() {}

    /**
     * The drawing.
     *
     * @param today index of today's place
     */
    public static Picture of(Site site, Moves moves, int today, Tape tape) {
        Picture ground = SitePicture.withoutCoop(site, tape);
        Picture.Sketch sketch = new Picture.Sketch();
        for (int n = 0; n < moves.places().size(); n++) {
            Moves.Place place = moves.places().get(n);
            double x = place.x().toMm();
            double y = place.y().toMm();
            double w = moves.width().toMm();
            double d = moves.depth().toMm();
            Ink fill = n == today ? Ink.CHOSEN : n < today ? Ink.WASTE : Ink.NONE;
            sketch.rectangle(x + 40, y + 40, x + w - 40, y + d - 40, fill, Ink.SOFT, "");
            if (n == today || (n + 1) % NUMBERED == 0) {
                sketch.label(
                        x + w / 2,
                        y + d / 2,
                        String.valueOf(n + 1),
                        Picture.Size.NOTE,
                        Picture.Anchor.MIDDLE,
                        Ink.INK,
                        4);
            }
        }
        return ground.under(sketch.picture());
    }
}
