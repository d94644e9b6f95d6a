package reliqua.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import reliqua.core.build.Frame;
import reliqua.core.build.Frames;
import reliqua.core.coop.Coop;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.FramePicture;
import reliqua.core.drawing.Oblique;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;

/**
 * Everything of a design in open formats, by the names of its files; window and commands write it.
 */
public final class Exports {
    private static final String FRIEND = "for-a-friend.reliqua";
    private static final String MATERIALS = "coop.mtl";

    private Exports() {}

    /**
     * All files.
     *
     * @param today from when on the work is spread
     */
    public static Map<String, byte[]> all(Project project, Design design, LocalDate today)
            throws IOException {
        Coop coop = design.candidate().coop();
        WorkPlan plan = design.candidate().plan();
        Tape tape = project.keeper().tape();
        Map<String, byte[]> files = new LinkedHashMap<>(drawings(design, tape));
        put(files, "heap.csv", HeapCsv.write(project.heap()));
        put(files, "pieces.csv", PlanCsv.pieces(coop, plan, tape));
        put(files, "layout.csv", PlanCsv.layout(coop, tape));
        put(files, "cuts.csv", PlanCsv.cuts(plan, tape));
        put(files, "prices.csv", PriceCsv.write(project.prices()));
        put(files, "buy.csv", PlanCsv.bill(design.bill()));
        put(files, "buy.txt", Shopping.text(design, tape));
        put(files, "log.csv", LogCsv.write(project.book().log()));
        put(
                files,
                "build.ics",
                WorkCalendar.write(
                        project.name(), design.schedule(project, today), today.atStartOfDay()));
        put(files, "coop.obj", ModelObj.write(coop, MATERIALS));
        put(files, MATERIALS, ModelObj.materials());
        put(files, "coop.json", coop(project, design, Optional.of(plan)));
        files.put(FRIEND, ProjectFile.bytes(project.forFriend(design.candidate().spec())));
        return files;
    }

    /**
     * What one gives to a friend: the design for another heap, with its pictures and the coop in
     * the open format.
     */
    public static Map<String, byte[]> friend(Project project, Design design) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>(drawings(design, project.keeper().tape()));
        files.put(FRIEND, ProjectFile.bytes(project.forFriend(design.candidate().spec())));
        put(files, "coop.json", coop(project, design, Optional.empty()));
        return files;
    }

    private static String coop(Project project, Design design, Optional<WorkPlan> plan) {
        return CoopJson.write(
                project.name(),
                design.candidate().spec(),
                design.candidate().coop(),
                plan,
                project.flock().housed());
    }

    /** The views and the coop in space. */
    public static Map<String, byte[]> drawings(Design design, Tape tape) {
        Coop coop = design.candidate().coop();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (Elevation.View view : Elevation.View.values()) {
            put(
                    files,
                    view.name().toLowerCase(Locale.ROOT) + ".svg",
                    SvgDrawing.write(Elevation.of(coop, view, tape, Set.of())));
        }
        put(files, "house.svg", SvgDrawing.write(Oblique.of(coop)));
        int number = 0;
        for (Frame frame : Frames.of(coop)) {
            put(
                    files,
                    "layout-%02d.svg".formatted(++number),
                    SvgDrawing.write(FramePicture.of(frame, tape, Set.of())));
        }
        return files;
    }

    private static void put(Map<String, byte[]> files, String name, String text) {
        files.put(name, text.getBytes(StandardCharsets.UTF_8));
    }
}
