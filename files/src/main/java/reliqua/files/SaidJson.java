package reliqua.files;

import static reliqua.files.JsonWords.lower;

import java.util.List;
import reliqua.core.stock.Block;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.FlawArea;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.SayLine;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What the say line understood, as one line of JSON; lengths in millimetres. */
public final class SaidJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private SaidJson() {}

    /** The line and what it means, or why it means nothing. */
    public static String write(String line, SayLine.Understood understood) {
        ObjectNode node = MAPPER.createObjectNode().put("line", line);
        switch (understood) {
            case SayLine.Understood.Unclear unclear ->
                    node.put("understood", false).put("message", unclear.message());
            case SayLine.Understood.Added added -> added(node, added);
        }
        return MAPPER.writeValueAsString(node);
    }

    private static void added(ObjectNode node, SayLine.Understood.Added added) {
        node.put("understood", true).put("quantity", added.quantity());
        switch (added.material()) {
            case Stick s -> stick(node, s);
            case Sheet s -> {
                node.put("kind", "sheet").put("of", lower(s.kind()));
                node.put("thickness", s.thickness().toMm());
                node.put("width", s.width().toMm()).put("length", s.length().toMm());
                shape(node, s);
            }
            case Roofing r -> {
                node.put("kind", "roofing").put("width", r.fullWidth().toMm());
                node.put("cover", r.coverWidth().toMm()).put("length", r.length().toMm());
                node.put("profile", lower(r.profile()));
                r.ribPitch().ifPresent(p -> node.put("ribs", p.toMm()));
                ArrayNode holes = node.putArray("holes");
                r.holes().forEach(h -> holes.add(h.toMm()));
                flaws(node, r.flaws());
            }
            case Mesh m -> {
                node.put("kind", "mesh").put("of", lower(m.kind()));
                node.put("aperture", m.aperture().toMm());
                node.put("width", m.width().toMm()).put("length", m.length().toMm());
            }
            case Pole p -> {
                node.put("kind", "pole").put("butt", p.butt().toMm()).put("tip", p.tip().toMm());
                node.put("length", p.length().toMm()).put("treatment", lower(p.treatment()));
            }
            case Pallet p -> {
                node.put("kind", "pallet").put("of", lower(p.kind()));
                node.put("length", p.length().toMm()).put("width", p.width().toMm());
                node.put("stamp", lower(p.stamp())).put("broken", p.broken());
                node.put("breaking", lower(p.breaking()));
            }
            case FoundPart f -> {
                node.put("kind", "found").put("of", lower(f.kind()));
                ArrayNode sizes = node.putArray("sizes");
                f.sizes().forEach(l -> sizes.add(l.toMm()));
            }
            case Block b -> {
                node.put("kind", "block").put("height", b.height().toMm());
                node.put("width", b.width().toMm()).put("length", b.length().toMm());
            }
            case Hardware h -> {
                node.put("kind", "hardware").put("of", lower(h.kind()));
                h.size().ifPresent(l -> node.put("size", l.toMm()));
            }
        }
        remarks(node, added);
    }

    /** Grain, the corners of an edge that is no rectangle, and bad areas. */
    private static void shape(ObjectNode node, Sheet s) {
        node.put("grain", lower(s.grain()));
        ArrayNode outline = node.putArray("outline");
        s.outline()
                .ifPresent(
                        o ->
                                o.corners()
                                        .forEach(
                                                c ->
                                                        outline.addObject()
                                                                .put("x", c.x().toMm())
                                                                .put("y", c.y().toMm())));
        ArrayNode areas = node.putArray("areas");
        for (FlawArea f : s.flaws()) {
            ObjectNode area = areas.addObject().put("kind", lower(f.kind()));
            area.put("x", f.x().toMm()).put("y", f.y().toMm());
            area.put("width", f.width().toMm()).put("length", f.length().toMm());
        }
    }

    private static void stick(ObjectNode node, Stick s) {
        node.put("kind", "stick").put("thickness", s.section().thickness().toMm());
        node.put("width", s.section().width().toMm()).put("length", s.length().toMm());
        node.put("bow", s.warp().bow().toMm()).put("crook", s.warp().crook().toMm());
        node.put("twist", s.warp().twist().toMm()).put("cup", s.warp().cup().toMm());
        node.put("treatment", lower(s.treatment()));
        flaws(node, s.flaws());
    }

    private static void remarks(ObjectNode node, SayLine.Understood.Added added) {
        node.put("place", added.provenance().place()).put("source", added.provenance().source());
        node.put("paid", added.provenance().paid().amount());
        ArrayNode hazards = node.putArray("hazards");
        added.condition().hazards().forEach(h -> hazards.add(lower(h)));
        ArrayNode assumed = node.putArray("assumed");
        added.assumed().forEach(assumed::add);
    }

    private static void flaws(ObjectNode node, List<Flaw> flaws) {
        ArrayNode array = node.putArray("flaws");
        flaws.forEach(f -> flaw(array.addObject(), f));
    }

    private static void flaw(ObjectNode node, Flaw flaw) {
        node.put("kind", lower(flaw.kind()));
        node.put("from", flaw.from().toMm()).put("to", flaw.to().toMm());
    }
}
