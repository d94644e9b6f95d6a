package reliqua.files;

import java.util.Locale;
import reliqua.core.stock.Flaw;
import reliqua.core.stock.Mesh;
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
            case Stick s -> {
                node.put("kind", "stick").put("thickness", s.section().thickness().toMm());
                node.put("width", s.section().width().toMm()).put("length", s.length().toMm());
                node.put("bow", s.bow().toMm())
                        .put("treatment", s.treatment().name().toLowerCase(Locale.ROOT));
                ArrayNode flaws = node.putArray("flaws");
                s.flaws().forEach(f -> flaw(flaws.addObject(), f));
            }
            case Sheet s -> {
                node.put("kind", "sheet").put("of", s.kind().name().toLowerCase(Locale.ROOT));
                node.put("thickness", s.thickness().toMm());
                node.put("width", s.width().toMm()).put("length", s.length().toMm());
            }
            case Roofing r -> {
                node.put("kind", "roofing").put("width", r.fullWidth().toMm());
                node.put("cover", r.coverWidth().toMm()).put("length", r.length().toMm());
                ArrayNode flaws = node.putArray("flaws");
                r.flaws().forEach(f -> flaw(flaws.addObject(), f));
            }
            case Mesh m -> {
                node.put("kind", "mesh").put("of", m.kind().name().toLowerCase(Locale.ROOT));
                node.put("aperture", m.aperture().toMm());
                node.put("width", m.width().toMm()).put("length", m.length().toMm());
            }
        }
        node.put("place", added.place());
        ArrayNode assumed = node.putArray("assumed");
        added.assumed().forEach(assumed::add);
    }

    private static void flaw(ObjectNode node, Flaw flaw) {
        node.put("kind", flaw.kind().name().toLowerCase(Locale.ROOT));
        node.put("from", flaw.from().toMm()).put("to", flaw.to().toMm());
    }
}
