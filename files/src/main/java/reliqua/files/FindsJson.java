package reliqua.files;

import java.util.Optional;
import reliqua.core.coop.family.Finds;
import reliqua.core.stock.Block;
import tools.jackson.databind.node.ObjectNode;

/** What a design uses whole, in a project file; nothing is written where it uses nothing whole. */
final class FindsJson {
    private FindsJson() {}

    static void write(ObjectNode node, Finds finds) {
        finds.hoops()
                .ifPresent(
                        h ->
                                node.putObject("hoops")
                                        .put("arc", JsonWords.mm(h.arc()))
                                        .put("thick", JsonWords.mm(h.thick()))
                                        .put("count", h.count()));
        finds.pallet()
                .ifPresent(
                        p ->
                                node.putObject("pallet")
                                        .put("length", JsonWords.mm(p.length()))
                                        .put("width", JsonWords.mm(p.width()))
                                        .put("thickness", JsonWords.mm(p.thickness()))
                                        .put("stringers", p.stringers())
                                        .put("stringer", JsonWords.mm(p.stringer()))
                                        .put("boards", p.boards())
                                        .put("board", JsonWords.mm(p.board()))
                                        .put("boardThickness", JsonWords.mm(p.boardThickness()))
                                        .put("count", p.count()));
        finds.footing()
                .ifPresent(
                        f ->
                                node.putObject("block")
                                        .put("height", JsonWords.mm(f.block().height()))
                                        .put("width", JsonWords.mm(f.block().width()))
                                        .put("length", JsonWords.mm(f.block().length()))
                                        .put("count", f.count()));
    }

    private static Optional<Finds.Hoops> hoops(JsonReader in) {
        return in.inner("hoops")
                .map(h -> new Finds.Hoops(h.mm("arc"), h.mm("thick"), h.whole("count", 0)));
    }

    static Finds read(JsonReader in) {
        Optional<Finds.WholePallet> pallet =
                in.inner("pallet")
                        .map(
                                p ->
                                        new Finds.WholePallet(
                                                p.mm("length"),
                                                p.mm("width"),
                                                p.mm("thickness"),
                                                p.whole("stringers", 3),
                                                p.mm("stringer"),
                                                p.whole("boards", 7),
                                                p.mm("board"),
                                                p.mm("boardThickness"),
                                                p.whole("count", 0)));
        Optional<Finds.Footing> footing =
                in.inner("block")
                        .map(
                                b ->
                                        new Finds.Footing(
                                                Block.of(
                                                        b.mm("height"),
                                                        b.mm("width"),
                                                        b.mm("length")),
                                                b.whole("count", 0)));
        return new Finds(pallet, footing, hoops(in));
    }
}
