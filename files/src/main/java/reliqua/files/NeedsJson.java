package reliqua.files;

import java.util.Locale;
import reliqua.core.flock.Need;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes needs: lengths in millimetres, areas in square metres, counts as they are, each with its
 * sum in words.
 */
public final class NeedsJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private NeedsJson() {}

    /** The needs as JSON. */
    public static String write(Needs needs, Tape tape) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "reliqua-needs").put("version", 1).put("birds", needs.birds());
        ArrayNode lines = root.putArray("needs");
        for (Need need : needs.lines()) {
            ObjectNode node =
                    lines.addObject().put("kind", need.kind().name().toLowerCase(Locale.ROOT));
            switch (need.value()) {
                case Length length -> node.put("mm", length.toMm());
                case Area area -> node.put("m2", area.toSquareMetres());
                case Integer count -> node.put("count", count);
                default -> node.put("text", need.value().toString());
            }
            node.put("sum", need.sum().words(tape));
        }
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }
}
