package reliqua.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.family.Finds;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a design uses whole, in a project file; nothing is written where it uses nothing whole. */
final class FindsJson {
    private static final List<String> SIZES = List.of("width", "height", "depth");

    private FindsJson() {}

    static void write(ObjectNode node, Finds finds) {
        if (!finds.things().isEmpty()) {
            ArrayNode things = node.putArray("things");
            finds.things().forEach(t -> write(things.addObject(), t));
        }
        finds.hoops()
                .ifPresent(
                        h ->
                                node.putObject("hoops")
                                        .put("arc", JsonWords.mm(h.arc()))
                                        .put("thick", JsonWords.mm(h.thick()))
                                        .put("count", h.count()));
        finds.panels()
                .ifPresent(
                        p -> {
                            ObjectNode panels =
                                    node.putObject("panels")
                                            .put("width", JsonWords.mm(p.width()))
                                            .put("height", JsonWords.mm(p.height()))
                                            .put("thick", JsonWords.mm(p.thick()))
                                            .put("count", p.count());
                            part(panels.putObject("part"), p.part());
                        });
        finds.pallet().ifPresent(p -> write(node.putObject("pallet"), p));
        if (finds.pallets().size() > 1) {
            ArrayNode more = node.putArray("morePallets");
            finds.pallets().stream().skip(1).forEach(p -> write(more.addObject(), p));
        }
        finds.footing()
                .ifPresent(
                        f ->
                                node.putObject("block")
                                        .put("height", JsonWords.mm(f.block().height()))
                                        .put("width", JsonWords.mm(f.block().width()))
                                        .put("length", JsonWords.mm(f.block().length()))
                                        .put("count", f.count()));
    }

    private static void write(ObjectNode node, Finds.WholePallet pallet) {
        node.put("length", JsonWords.mm(pallet.length()))
                .put("width", JsonWords.mm(pallet.width()))
                .put("thickness", JsonWords.mm(pallet.thickness()))
                .put("stringers", pallet.stringers())
                .put("stringer", JsonWords.mm(pallet.stringer()))
                .put("boards", pallet.boards())
                .put("board", JsonWords.mm(pallet.board()))
                .put("boardThickness", JsonWords.mm(pallet.boardThickness()))
                .put("count", pallet.count());
    }

    private static Finds.WholePallet pallet(JsonReader in) {
        return new Finds.WholePallet(
                in.mm("length"),
                in.mm("width"),
                in.mm("thickness"),
                in.whole("stringers", 3),
                in.mm("stringer"),
                in.whole("boards", 7),
                in.mm("board"),
                in.mm("boardThickness"),
                in.whole("count", 0));
    }

    private static void write(ObjectNode node, Finds.Thing thing) {
        node.put("use", thing.use().name());
        part(node, thing.part());
        node.put("count", thing.count());
    }

    private static void part(ObjectNode node, FoundPart part) {
        node.put("kind", part.kind().name());
        List<Length> sizes = part.sizes();
        for (int n = 0; n < sizes.size(); n++) {
            node.put(SIZES.get(n), JsonWords.mm(sizes.get(n)));
        }
    }

    private static FoundPart part(JsonReader in) {
        return new FoundPart(
                in.choice("kind", FoundPart.Kind.class, FoundPart.Kind.DOOR),
                SIZES.stream().flatMap(side -> in.maybeMm(side).stream()).toList());
    }

    private static Finds.Thing thing(JsonReader in) {
        return new Finds.Thing(
                in.choice("use", FoundPart.Use.class, FoundPart.Use.DOOR),
                part(in),
                in.whole("count", 1));
    }

    private static Optional<Finds.Panels> panels(JsonReader in) {
        return in.inner("panels").flatMap(p -> p.inner("part").map(part -> panels(p, part(part))));
    }

    private static Finds.Panels panels(JsonReader in, FoundPart part) {
        return new Finds.Panels(
                in.mm("width"), in.mm("height"), in.mm("thick"), part, in.whole("count", 0));
    }

    private static Optional<Finds.Hoops> hoops(JsonReader in) {
        return in.inner("hoops")
                .map(h -> new Finds.Hoops(h.mm("arc"), h.mm("thick"), h.whole("count", 0)));
    }

    static Finds read(JsonReader in) {
        List<Finds.WholePallet> pallets =
                new ArrayList<>(in.inner("pallet").map(FindsJson::pallet).stream().toList());
        pallets.addAll(in.list("morePallets", FindsJson::pallet));
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
        return new Finds(
                pallets, footing, hoops(in), panels(in), in.list("things", FindsJson::thing));
    }
}
