package reliqua.files;

import static reliqua.files.JsonWords.lower;

import java.util.List;
import java.util.Map;
import reliqua.core.flock.Need;
import reliqua.core.flock.NeedChange;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Reminder;
import reliqua.core.flock.Site;
import reliqua.core.flock.Siting;
import reliqua.core.flock.WhatIf;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;
import reliqua.core.project.Project;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes what birds and ground ask for: every need with its sum, where it comes from and whether it
 * is a must; how the coop should stand; what to ask; what would change. Lengths in millimetres,
 * areas in square metres, loads in kN/m², weights in kilograms, water in litres.
 */
public final class NeedsJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private NeedsJson() {}

    /** The needs of a project as JSON. */
    public static String write(Project project) {
        Tape tape = project.keeper().tape();
        Needs needs = project.needs();
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "reliqua-needs").put("version", 2).put("birds", needs.birds());
        ArrayNode lines = root.putArray("needs");
        needs.lines().forEach(need -> line(lines.addObject(), need, tape));
        siting(root.putObject("siting"), project.site(), tape);
        ArrayNode advice = root.putArray("advice");
        project.advice().forEach(a -> advice.add(a.words(project.keeper().tape())));
        whatIf(root.putObject("whatIf"), project, tape);
        ArrayNode ask = root.putArray("ask");
        for (Reminder each : Reminder.of(project.flock())) {
            ObjectNode node = ask.addObject().put("what", lower(each));
            node.put("question", each.sum().words(tape));
            if (project.site().asked().containsKey(each)) {
                node.put("asked", project.site().asked().get(each).toString());
            }
        }
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void line(ObjectNode node, Need need, Tape tape) {
        node.put("kind", lower(need.kind())).put("standing", lower(need.standing()));
        switch (need.value()) {
            case Length length -> node.put("mm", length.toMm());
            case Area area -> node.put("m2", area.toSquareMetres());
            case Integer count -> node.put("count", count);
            case Weight weight -> node.put("kg", weight.toKilograms());
            case Volume volume -> node.put("litres", volume.litres());
            case Pressure pressure -> node.put("kN/m2", pressure.kiloPascals());
            default -> node.put("text", tape.word(need.value()));
        }
        node.put("says", tape.word(need.value())).put("sum", need.sum().words(tape));
        node.put("source", need.source().words(tape));
    }

    private static void siting(ObjectNode node, Site site, Tape tape) {
        Siting siting = Siting.of(site);
        node.put("front", site.facing().point()).put("best", siting.best().point());
        ArrayNode reasons = node.putArray("reasons");
        siting.reasons().forEach(r -> reasons.add(r.words(tape)));
        ArrayNode faults = node.putArray("faults");
        siting.faults().forEach(f -> faults.add(f.words(tape)));
        ObjectNode walls = node.putObject("walls");
        for (Siting.Wall wall : Siting.Wall.values()) {
            ArrayNode duties = walls.putArray(lower(wall));
            siting.walls()
                    .getOrDefault(wall, List.of())
                    .forEach(d -> duties.add(d.sum().words(tape)));
        }
    }

    private static void whatIf(ObjectNode node, Project project, Tape tape) {
        for (Map.Entry<WhatIf, List<NeedChange>> each : project.whatIfs().entrySet()) {
            ObjectNode changes = node.putObject(lower(each.getKey()));
            each.getValue().forEach(c -> changes.put(lower(c.kind()), c.difference().words(tape)));
        }
    }
}
