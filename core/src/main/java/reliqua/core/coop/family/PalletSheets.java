package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/** Sheets over walls of pallets, seams on their stringers, from under the floor to the roof. */
final class PalletSheets implements PalletCladding {
    private final PalletLayout at;
    private final PartsBook book;
    private final Length st;

    PalletSheets(PalletLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.st = at.wall().thickness();
    }

    /** Closes the walls outside; round the door they leave a rim for it to shut against. */
    @Override
    public void close() {
        Length t = at.skin();
        List<Length> seams = new ArrayList<>();
        seams.add(t.negated());
        at.columns.stream().skip(1).map(PalletRow.Bay::from).forEach(seams::add);
        seams.add(at.width.plus(t));
        Length rim = at.doorFrom().minus(ShedLayout.DOOR_STOP);
        for (int i = 0; i + 1 < seams.size(); i++) {
            Length x0 = seams.get(i);
            Length x1 = seams.get(i + 1);
            if (i + 2 < seams.size()) {
                front(x0, x1.min(rim), i == 0);
            }
            Length y = at.depth;
            panel(x0, x1, at.base(), at.backSkinTop(), y);
        }
        roundDoor(rim);
        for (PalletRow.Bay bay : at.rows) {
            side(bay, t.negated());
            side(bay, at.width);
        }
    }

    private void panel(Length x0, Length x1, Length z0, Length z1, Length y) {
        Length t = at.skin();
        book.panel(
                Role.SKIN, t, x1.minus(x0), z1.minus(z0), Solid.box(x0, x1, y, y.plus(t), z0, z1));
    }

    private void roundDoor(Length left) {
        Length y = at.skin().negated();
        Length stop = ShedLayout.DOOR_STOP;
        Length right = at.doorTo().plus(stop);
        panel(right, at.width.plus(at.skin()), at.base(), at.frontSkinTop(), y);
        panel(left, right, at.base(), at.floorTop().minus(stop), y);
        panel(left, right, at.courseTop().plus(stop), at.frontSkinTop(), y);
    }

    private void front(Length x0, Length x1, boolean hasPop) {
        Length t = at.skin();
        Length top = at.frontSkinTop();
        PopHole pop = at.popHole();
        List<List<Corner>> holes =
                hasPop
                        ? List.of(Solid.rectangle(pop.from(), pop.to(), pop.sill(), pop.top()))
                        : List.of();
        book.panel(
                Role.SKIN,
                t,
                x1.minus(x0),
                top.minus(at.base()),
                new Solid(
                        Axis.Y,
                        Solid.rectangle(x0, x1, at.base(), top),
                        holes,
                        t.negated(),
                        Length.ZERO));
    }

    /** Below, as high as the pallets; above, up to the roof, cut on its slope. */
    private void side(PalletRow.Bay bay, Length x0) {
        Length t = at.skin();
        Length x1 = x0.plus(t);
        Length y0 = bay.from();
        Length y1 = bay.to();
        Length seam = at.tieTop().minus(st.half());
        book.panel(
                Role.SKIN,
                t,
                bay.width(),
                seam.minus(at.base()),
                Solid.box(x0, x1, y0, y1, at.base(), seam));
        Length high = at.roof.rafterTop(y0);
        Length low = at.roof.rafterTop(y1);
        List<Corner> profile =
                List.of(
                        new Corner(y0, seam),
                        new Corner(y1, seam),
                        new Corner(y1, low),
                        new Corner(y0, high));
        book.sloped(
                Role.SKIN,
                t,
                bay.width(),
                high.minus(seam).ceilTo(at.c.step()),
                low.minus(seam).ceilTo(at.c.step()),
                new Solid(Axis.X, profile, List.of(), x0, x1));
    }
}
