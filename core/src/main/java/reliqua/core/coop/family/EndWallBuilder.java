package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * The front wall with pop door and clean-out door, and the plain back wall; both with plates along
 * the whole width.
 */
final class EndWallBuilder {
    private final ShedLayout at;
    private final PartsBook book;
    private final Length st;
    private final Length sd;

    EndWallBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.st = at.wall().thickness();
        this.sd = at.wall().width();
    }

    private List<Length> backStuds() {
        return Spacing.even(Length.ZERO, at.d.width(), st, ShedLayout.MEMBERS_APART);
    }

    private List<Length> frontStuds() {
        List<Length> studs = new ArrayList<>();
        studs.add(Length.ZERO);
        Length popLeft = at.pop().from().minus(st);
        if (popLeft.isPositive() && at.half.hasPopDoor()) {
            studs.add(popLeft);
        }
        if (at.half.hasPopDoor()) {
            studs.add(at.pop().to());
        }
        studs.addAll(frontMiddle());
        studs.add(at.door().from().minus(st));
        studs.add(at.door().to());
        studs.add(at.d.width().minus(st));
        return studs;
    }

    /** Left edge of the stud beside which the front is plain up to the keeper's door. */
    private Length plainFrom() {
        return at.half.hasPopDoor() ? at.pop().to() : Length.ZERO;
    }

    /**
     * Middles of the studs between the two doors that carry a seam: as far to the right each time
     * as a panel reaches, but before the door's jamb.
     */
    private List<Length> frontSeams() {
        List<Length> seams = new ArrayList<>();
        Length first = plainFrom().plus(st).plus(st.half());
        Length last = at.door().from().minus(st).minus(st.half());
        Length from = Length.ZERO;
        while (at.d.width().minus(from).compareTo(at.c.widestPanel()) > 0) {
            Length next = from.plus(at.c.widestPanel()).min(last);
            if (next.compareTo(first.max(from.plus(st))) < 0) {
                return seams;
            }
            seams.add(next);
            from = next;
        }
        return seams;
    }

    /**
     * Studs between the two doors: under every seam, and where the gap between two would be too
     * wide.
     */
    private List<Length> frontMiddle() {
        List<Length> fixed = new ArrayList<>();
        fixed.add(plainFrom());
        frontSeams().forEach(seam -> fixed.add(seam.minus(st.half())));
        fixed.add(at.door().from().minus(st));
        List<Length> middle = new ArrayList<>();
        for (int i = 0; i + 1 < fixed.size(); i++) {
            Length run = fixed.get(i + 1).minus(fixed.get(i));
            int bays = (int) Math.max(1, Math.ceilDiv(run.nm(), ShedLayout.MEMBERS_APART.nm()));
            for (int n = 1; n < bays; n++) {
                middle.add(fixed.get(i).plus(run.times(n).dividedBy(bays)));
            }
            if (i + 2 < fixed.size()) {
                middle.add(fixed.get(i + 1));
            }
        }
        return middle;
    }

    void frame() {
        wall(Length.ZERO, at.frontTop(), frontStuds());
        Length y = at.d.depth().minus(sd);
        wall(y, at.backTop(), backStuds());
        if (at.backHatch) {
            hatch().frame(backStuds());
        }
        if (at.half.hasPopDoor()) {
            cross(Role.SILL, at.pop(), at.popSill().minus(st));
            cross(Role.HEADER, at.pop(), at.popTop());
        }
        cross(Role.HEADER, at.door(), at.doorTop());
    }

    private void wall(Length y, Length top, List<Length> studs) {
        Length width = at.d.width();
        Length deck = at.deckTop();
        book.stick(
                Role.PLATE,
                at.wall(),
                width,
                Solid.box(Length.ZERO, width, y, y.plus(sd), deck, deck.plus(st)));
        book.stick(
                Role.PLATE,
                at.wall(),
                width,
                Solid.box(Length.ZERO, width, y, y.plus(sd), top.minus(st), top));
        Length length = top.minus(deck).minus(st.times(2));
        for (Length x : studs) {
            book.stick(
                    Role.STUD,
                    at.wall(),
                    length,
                    Solid.box(x, x.plus(st), y, y.plus(sd), deck.plus(st), top.minus(st)));
        }
        if (at.wallVent().isPositive()) {
            ventSills(y, top.minus(st).minus(at.wallVent()), studs);
        }
    }

    private void ventSills(Length y, Length bottom, List<Length> studs) {
        for (int i = 0; i + 1 < studs.size(); i++) {
            Length x0 = studs.get(i).plus(st);
            Length x1 = studs.get(i + 1);
            if (x1.compareTo(x0) <= 0) {
                continue;
            }
            book.stick(
                    Role.SILL,
                    at.wall(),
                    x1.minus(x0),
                    Solid.box(x0, x1, y, y.plus(sd), bottom.minus(st), bottom));
            book.opening(
                    Opening.inFront(
                            Opening.Kind.WALL_VENT,
                            x0,
                            x1,
                            y.isPositive() ? at.d.depth() : y,
                            bottom,
                            bottom.plus(at.wallVent()),
                            at.deckTop()));
        }
    }

    private void cross(Role role, ShedLayout.Between opening, Length bottom) {
        book.stick(
                role,
                at.wall(),
                opening.width(),
                Solid.box(opening.from(), opening.to(), Length.ZERO, sd, bottom, bottom.plus(st)));
    }

    /** Skins of both walls; returns the mark of the front panel that the door is cut out of. */
    String skins() throws Unbuildable {
        String doorPanel = frontSkin();
        Length t = at.skin();
        Length y = at.d.depth();
        Length top = backSkinTop();
        Length half = st.half();
        List<Length> allowed = backStuds().stream().map(x -> x.plus(half)).toList();
        List<Length> seams = columns(allowed);
        if (at.backHatch) {
            hatch().skins(seams, top);
            return doorPanel;
        }
        for (int i = 0; i + 1 < seams.size(); i++) {
            Length x0 = seams.get(i);
            Length x1 = seams.get(i + 1);
            book.panel(
                    Role.SKIN,
                    t,
                    x1.minus(x0),
                    top.minus(at.d.clear()),
                    Solid.box(x0, x1, y, y.plus(t), at.d.clear(), top));
        }
        return doorPanel;
    }

    private BackHatch hatch() {
        return new BackHatch(at, book, skinTop(at.backTop()), backSkinTop());
    }

    private Length backSkinTop() {
        Length under = at.rafterBottom(at.d.depth().plus(at.skin())).floorTo(at.c.step());
        return under.min(skinTop(at.backTop()));
    }

    /** Where a wall's skin ends: at the plate, or below its vent strip. */
    private Length skinTop(Length plateTop) {
        return at.wallVent().isPositive() ? plateTop.minus(st).minus(at.wallVent()) : plateTop;
    }

    private List<Length> columns(List<Length> allowed) throws Unbuildable {
        List<Length> seams = Spacing.seams(Length.ZERO, at.d.width(), allowed, at.c.widestPanel());
        Unbuildable.unless(!seams.isEmpty(), Sum.of("family.seams", at.c.widestPanel()));
        return seams;
    }

    private String frontSkin() throws Unbuildable {
        Length t = at.skin();
        Length under = at.rafterBottom(t.negated()).floorTo(at.c.step());
        Length top = under.min(skinTop(at.frontTop()));
        List<Length> seams = columns(frontSeams());
        String doorPanel = "";
        for (int i = 0; i + 1 < seams.size(); i++) {
            Length x0 = seams.get(i);
            Length x1 = seams.get(i + 1);
            List<List<Corner>> holes = new ArrayList<>();
            boolean hasPop = at.half.hasPopDoor() && within(at.pop(), x0, x1);
            boolean hasDoor = within(at.door(), x0, x1);
            if (hasPop) {
                holes.add(
                        Solid.rectangle(at.pop().from(), at.pop().to(), at.popSill(), at.popTop()));
            }
            if (hasDoor) {
                holes.add(doorHole());
            }
            String mark =
                    book.panel(
                            Role.SKIN,
                            t,
                            x1.minus(x0),
                            top.minus(at.d.clear()),
                            new Solid(
                                    Axis.Y,
                                    Solid.rectangle(x0, x1, at.d.clear(), top),
                                    holes,
                                    t.negated(),
                                    Length.ZERO));
            doorPanel = hasDoor ? mark : doorPanel;
        }
        openings();
        return doorPanel;
    }

    private List<Corner> doorHole() {
        Length stop = ShedLayout.DOOR_STOP;
        return Solid.rectangle(
                at.door().from().minus(stop),
                at.door().to().plus(stop),
                at.doorBottom().minus(stop),
                at.doorTop().plus(stop));
    }

    private void openings() throws Unbuildable {
        if (at.half.hasPopDoor()) {
            book.opening(
                    Opening.inFront(
                            Opening.Kind.POP_DOOR,
                            at.pop().from(),
                            at.pop().to(),
                            Length.ZERO,
                            at.popSill(),
                            at.popTop(),
                            at.deckTop()));
        }
        Length split = at.doorSplit().orElse(at.doorTop());
        doorway(at.doorBottom(), split);
        if (split.compareTo(at.doorTop()) < 0) {
            doorway(split, at.doorTop());
        }
    }

    private void doorway(Length from, Length to) {
        book.opening(
                Opening.inFront(
                        Opening.Kind.CLEAN_OUT_DOOR,
                        at.door().from(),
                        at.door().to(),
                        Length.ZERO,
                        from,
                        to,
                        at.deckTop()));
    }

    private Needs needs() {
        return at.needs;
    }

    private static boolean within(ShedLayout.Between opening, Length x0, Length x1) {
        return opening.from().atLeast(x0) && opening.to().atMost(x1);
    }
}
