package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Length;

/** The doors of the front: birds' and keeper's, and the board that holds the litter in. */
final class DoorBuilder {
    private final ShedLayout at;
    private final PartsBook book;
    private final Length t;
    private final Length tt;

    DoorBuilder(ShedLayout at, PartsBook book) {
        this.at = at;
        this.book = book;
        this.t = at.skin();
        this.tt = at.trim().thickness();
    }

    void build(String doorPanel) throws Unbuildable {
        if (at.half.hasPopDoor()) {
            new PopDoorBuilder(at.popHole(), book).build();
        }
        door(doorPanel);
        litterBoard();
    }

    private void door(String doorPanel) throws Unbuildable {
        Length inset = ShedLayout.DOOR_STOP.minus(ShedLayout.DOOR_GAP);
        Length x0 = at.door().from().minus(inset);
        Length x1 = at.door().to().plus(inset);
        Length z0 = at.doorBottom().minus(inset);
        Length z1 = at.doorTop().plus(inset);
        if (at.leaf.isPresent()) {
            Length out = at.leaf.get().thick().negated();
            Solid leaf = Solid.box(x0, x1, out, Length.ZERO, z0, z1);
            book.whole(Role.FOUND_LEAF, at.leaf.get().thing().find(), List.of(), leaf);
            return;
        }
        Optional<Length> split = at.doorSplit();
        for (TwoLeaves.Leaf leaf : TwoLeaves.leaves(z0, z1, split)) {
            leaf(doorPanel, x0, x1, leaf.from(), leaf.to());
        }
        if (split.isPresent()) {
            TwoLeaves.lap(book, at.trim(), at.door().from(), at.door().to(), split.get());
        }
    }

    private void leaf(String doorPanel, Length x0, Length x1, Length z0, Length z1) {
        book.cutOut(
                Role.DOOR_LEAF,
                t,
                x1.minus(x0),
                z1.minus(z0),
                doorPanel,
                Solid.box(x0, x1, t.negated(), Length.ZERO, z0, z1));
        new BracedLeaf(book, at.trim(), at.c.step())
                .build(Role.DOOR_FRAME, x0, x1, z0, z1, t.negated().minus(tt));
    }

    private void litterBoard() {
        Length st = at.wall().thickness();
        Length sd = at.wall().width();
        Length x0 = at.door().from().minus(st);
        Length x1 = at.door().to().plus(st).min(at.d.width().minus(sd));
        Length z1 = at.deckTop().plus(at.needs.litterSill());
        book.panel(
                Role.LITTER_BOARD,
                t,
                x1.minus(x0),
                at.needs.litterSill(),
                Solid.box(x0, x1, sd, sd.plus(t), at.deckTop(), z1));
    }
}
