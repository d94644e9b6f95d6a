package reliqua.files;

import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import reliqua.core.cutting.CutMade;
import reliqua.core.measure.Length;
import reliqua.core.project.Told;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What has been cut: pieces and off-cuts as JSON, the things themselves as lots of a table. In the
 * table the thing of the first cut is called 1; 1 made is what was cut across, where it was made of
 * the thing first.
 */
final class CutsJson {
    private static final String MADE = " made";

    private CutsJson() {}

    static void write(ArrayNode array, List<CutMade> cuts) {
        for (CutMade cut : cuts) {
            ObjectNode node = array.addObject();
            node.put("lot", cut.taken().id()).put("bought", cut.bought());
            ArrayNode pieces = node.putArray("pieces");
            cut.pieces().forEach(p -> piece(pieces.addObject(), p));
            ArrayNode lost = node.putArray("lost");
            cut.spoiled().forEach(p -> piece(lost.addObject(), p));
            ArrayNode uncut = node.putArray("uncut");
            cut.uncut().forEach(uncut::add);
            ArrayNode back = node.putArray("back");
            cut.back()
                    .forEach(
                            b ->
                                    back.addObject()
                                            .put("lot", b.lot())
                                            .put("quantity", b.quantity()));
        }
    }

    private static void piece(ObjectNode node, CutMade.Piece piece) {
        ArrayNode made = node.putArray("made");
        piece.made().forEach(m -> made.addObject().put("mark", m.mark()).put("shape", m.shape()));
        node.put("x", JsonWords.mm(piece.x())).put("y", JsonWords.mm(piece.y()));
        node.put("across", JsonWords.mm(piece.across())).put("along", JsonWords.mm(piece.along()));
        if (piece.quarters() != 0) {
            node.put("quarters", piece.quarters());
        }
        node.put("square", piece.square());
    }

    static void writeStory(ArrayNode array, List<Told> story) {
        for (Told told : story) {
            ObjectNode node = array.addObject().put("at", told.at().toString());
            node.put("what", JsonWords.lower(told.what())).put("thing", told.thing());
            ArrayNode marks = node.putArray("marks");
            told.marks().forEach(marks::add);
        }
    }

    static Told told(JsonReader in) {
        try {
            return new Told(
                    LocalDateTime.parse(in.text("at", "")),
                    in.choice("what", Told.What.class, Told.What.CUT),
                    in.text("thing", ""),
                    in.texts("marks"));
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException("at must be a time such as 2026-05-04T09:30:00", e);
        }
    }

    /** The things that were cut. */
    static Heap things(List<CutMade> cuts) {
        List<Lot> lots = new ArrayList<>();
        for (int n = 0; n < cuts.size(); n++) {
            CutMade cut = cuts.get(n);
            lots.add(cut.taken().withId(String.valueOf(n + 1)));
            if (!cut.material().equals(cut.taken().material())) {
                lots.add(new Lot(n + 1 + MADE, 1, cut.material(), Lot.Provenance.UNKNOWN));
            }
        }
        return new Heap(lots);
    }

    static List<CutMade> read(JsonReader root, Heap things) {
        List<CutMade> cuts = new ArrayList<>();
        root.list("cuts", in -> cuts.add(cut(in, things, String.valueOf(cuts.size() + 1))));
        return cuts;
    }

    private static CutMade cut(JsonReader in, Heap things, String number) {
        Lot taken =
                things.find(number)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "cut " + number + " has no thing in cut.csv"));
        Material material = things.find(number + MADE).map(Lot::material).orElse(taken.material());
        return new CutMade(
                taken.withId(in.text("lot", number)),
                in.flag("bought", false),
                material,
                in.list("pieces", CutsJson::piece),
                spoiled(in),
                in.texts("uncut"),
                in.list("back", b -> new CutMade.Back(b.text("lot", ""), b.whole("quantity", 1))));
    }

    /** Files used to hold the marks of spoiled pieces only, as {@code spoiled}. */
    private static List<CutMade.Piece> spoiled(JsonReader in) {
        List<CutMade.Piece> pieces = new ArrayList<>(in.list("lost", CutsJson::piece));
        for (String mark : in.texts("spoiled")) {
            pieces.add(
                    new CutMade.Piece(
                            List.of(new CutMade.Made(mark, "")),
                            Length.ZERO,
                            Length.ZERO,
                            Length.ZERO,
                            Length.ZERO,
                            0,
                            false));
        }
        return pieces;
    }

    private static CutMade.Piece piece(JsonReader in) {
        return new CutMade.Piece(
                in.list("made", m -> new CutMade.Made(m.text("mark", ""), m.text("shape", ""))),
                in.maybeMm("x").orElse(Length.ZERO),
                in.maybeMm("y").orElse(Length.ZERO),
                in.maybeMm("across").orElse(Length.ZERO),
                in.maybeMm("along").orElse(Length.ZERO),
                in.whole("quarters", 0),
                in.flag("square", true));
    }
}
