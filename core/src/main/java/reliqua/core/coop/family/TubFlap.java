package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * A flap low in the right side of a pole house that lets down outward, held by a bolt, and behind
 * it the tub the birds drink from: emptied and filled without going in. It lies before the roosts,
 * so that nothing falls into the water.
 */
final class TubFlap {
    private static final Length WIDE = Length.mm(600);
    private static final Length HIGH = Length.mm(450);

    /** A bucket goes in over the rim of a tub that is so much lower than the opening. */
    private static final Length OVER_RIM = Length.mm(80);

    private static final Length LOWEST = Length.mm(250);

    private final PoleLayout at;
    private final PartsBook book;
    private final Section girt;
    private final Length st;
    private final Length t;
    private final Length rim = ShedLayout.DOOR_STOP;
    private final Optional<Finds.Thing> tub;
    private final Length y0;
    private final Length y1;
    private final Length z0;
    private final Length z1;

    TubFlap(PoleLayout at, PartsBook book) throws Unbuildable {
        this.at = at;
        this.book = book;
        this.girt = at.girt();
        this.st = girt.thickness();
        this.t = at.board().thickness();
        this.tub = at.c.finds().thing(FoundPart.Use.WATERER);
        Length post = st.plus(at.post().width());
        this.y0 = post.plus(girt.width());
        this.y1 = y0.plus(wide());
        this.z0 = at.doorBottom();
        this.z1 = z0.plus(HIGH.ceilTo(at.c.step())).min(at.middleGirt().minus(st));
        Unbuildable.unless(z1.minus(z0).atLeast(LOWEST), Sum.of("family.flapLow", z1.minus(z0)));
        RoostBuilder roosts = at.roosts(at.pens().getLast());
        Length end = roosts.bars() == 0 ? at.depth.minus(post) : roosts.front();
        Unbuildable.unless(
                y1.plus(girt.width()).atMost(end), Sum.of("family.flapDeep", wide(), at.depth));
    }

    private Length wide() {
        return tub.map(f -> f.size(0, WIDE)).orElse(WIDE).ceilTo(at.c.step());
    }

    /** Jambs, header, leaf, and the tub where the heap has one. */
    void build() throws Unbuildable {
        for (Length y : List.of(y0.minus(girt.width()), y1)) {
            Length low = at.lowGirtTop();
            book.stick(
                    Role.PEN_POST,
                    girt,
                    at.middleGirt().minus(low),
                    Solid.box(
                            at.width.minus(st),
                            at.width,
                            y,
                            y.plus(girt.width()),
                            low,
                            at.middleGirt()));
        }
        Length x = at.width.minus(girt.width());
        Solid header = Solid.box(x, at.width, y0, y1, z1, z1.plus(st));
        book.stick(Role.HEADER, girt, y1.minus(y0), header);
        leaf();
        book.opening(
                Opening.inSide(Opening.Kind.HAND_HATCH, at.width, y0, y1, z0, z1, Length.ZERO));
        if (tub.isPresent()) {
            tub(tub.get());
        }
    }

    private void leaf() {
        Length inset = rim.minus(ShedLayout.DOOR_GAP);
        Length from = y0.minus(inset);
        Length to = y1.plus(inset);
        Length low = z0.minus(inset);
        Length high = z1.plus(inset);
        for (BoardRow.Board row : BoardRow.of(from, to, at.board().width())) {
            book.stick(
                    Role.HATCH_BOARD,
                    Section.of(t, row.width()),
                    high.minus(low),
                    Solid.box(at.width, at.width.plus(t), row.from(), row.to(), low, high));
        }
        Section trim = at.c.section(Choices.Group.TRIM);
        Length face = at.width.plus(t);
        for (Length z : List.of(low, high.minus(trim.width()))) {
            Solid rail =
                    Solid.box(face, face.plus(trim.thickness()), from, to, z, z.plus(trim.width()));
            book.stick(Role.HATCH_RAIL, trim, to.minus(from), rail);
        }
    }

    private void tub(Finds.Thing found) throws Unbuildable {
        Length wide = found.size(0, WIDE);
        Length deep = found.size(1, wide);
        Length high = found.size(2, wide);
        Unbuildable.unless(high.plus(OVER_RIM).atMost(z1), Sum.of("family.tubHigh", high, z1));
        Length x1 = at.room().x1();
        Solid place = Solid.box(x1.minus(deep), x1, y0, y0.plus(wide), Length.ZERO, high);
        book.whole(Role.WATER_TUB, found.find(), List.of(), place);
    }

    /** The boards of the wall, parted at the flap. */
    void boards() {
        Length low = PoleLayout.BOARDS_FROM;
        Length left = y0.minus(rim);
        Length right = y1.plus(rim);
        SlopedBoards wall = new SlopedBoards(at, book, at.width);
        wall.row(t.negated(), left, low);
        for (BoardRow.Board each : BoardRow.of(left, right, at.board().width())) {
            below(each, low, z0.minus(rim));
            wall.board(each, z1.plus(rim));
        }
        wall.row(right, at.depth.plus(t), low);
    }

    private void below(BoardRow.Board row, Length low, Length high) {
        book.stick(
                Role.BOARD,
                Section.of(t, row.width()),
                high.minus(low),
                Solid.box(at.width, at.width.plus(t), row.from(), row.to(), low, high));
    }
}
