package reliqua.files;

import java.util.Locale;
import java.util.OptionalDouble;
import reliqua.core.cutting.CutPlan;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes cut plans, in the lowest version that can say what the plan says. */
public final class CutPlanJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private CutPlanJson() {}

    private static int version(CutPlan plan) {
        boolean nested =
                plan.sticks().stream()
                        .flatMap(s -> s.pieces().stream())
                        .anyMatch(CutPlan.PlacedPiece::nested);
        boolean plain = plan.sticks().stream().allMatch(s -> s.way().isEmpty());
        if (nested) {
            return 4;
        }
        return !plan.work().isZero() ? 3 : plain ? 1 : 2;
    }

    /** The plan as JSON; {@code seconds} is written when the planning was timed. */
    public static String write(CutPlan plan, OptionalDouble seconds) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "reliqua-cut-plan").put("version", version(plan));
        ArrayNode sticks = root.putArray("sticks");
        for (CutPlan.StickCut cut : plan.sticks()) {
            ObjectNode node =
                    sticks.addObject().put("source", cut.source()).put("copy", cut.copy());
            if (!cut.way().isEmpty()) {
                node.put("way", cut.way());
            }
            ArrayNode pieces = node.putArray("pieces");
            for (CutPlan.PlacedPiece piece : cut.pieces()) {
                ObjectNode placed =
                        pieces.addObject().put("id", piece.id()).put("at", piece.at().toMm());
                if (!cut.way().isEmpty()) {
                    placed.put("of", piece.of());
                }
                if (piece.turned()) {
                    placed.put("turned", true);
                }
                if (piece.nested()) {
                    placed.put("nested", true);
                }
            }
        }
        ArrayNode sheets = root.putArray("sheets");
        for (CutPlan.SheetCut cut : plan.sheets()) {
            ObjectNode node =
                    sheets.addObject().put("source", cut.source()).put("copy", cut.copy());
            ArrayNode panels = node.putArray("panels");
            for (CutPlan.PlacedPanel p : cut.panels()) {
                ObjectNode placed = panels.addObject().put("id", p.id());
                placed.put("x", p.x().toMm()).put("y", p.y().toMm()).put("turned", p.turned());
                if (p.half()) {
                    placed.put("half", true);
                }
            }
        }
        ArrayNode unplaced = root.putArray("unplaced");
        plan.unplaced().forEach((id, n) -> unplaced.addObject().put("id", id).put("quantity", n));
        root.put("cost", plan.cost().amount());
        if (!plan.work().isZero()) {
            root.put("work", plan.work().amount());
        }
        root.put("lowerBound", plan.lowerBound().amount());
        root.put("status", plan.status().name().toLowerCase(Locale.ROOT));
        seconds.ifPresent(s -> root.put("seconds", s));
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }
}
