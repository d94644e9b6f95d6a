package reliqua.files;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import reliqua.core.build.Frame;
import reliqua.core.build.FrameWords;
import reliqua.core.build.Frames;
import reliqua.core.buy.Bill;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.WorkPlan;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;

/** Pieces, cuts and bill as tables, measured by the keeper's tape. */
public final class PlanCsv {
    private PlanCsv() {}

    private interface Rows {
        void write(CSVPrinter printer) throws IOException;
    }

    private static String table(List<String> header, Rows rows) {
        StringWriter out = new StringWriter();
        CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setHeader(header.toArray(String[]::new))
                        .setRecordSeparator('\n')
                        .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            rows.write(printer);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** Every part: mark, what it is, its size, and what it comes from. */
    public static String pieces(Coop coop, WorkPlan plan, Tape tape) {
        Map<String, String> sources = new HashMap<>();
        plan.tickets()
                .forEach(
                        t ->
                                t.cuts()
                                        .forEach(
                                                c ->
                                                        c.parts()
                                                                .forEach(
                                                                        p ->
                                                                                sources.put(
                                                                                        p.mark(),
                                                                                        t
                                                                                                .source()))));
        return table(
                List.of("mark", "part", "section", "length", "ends", "from"),
                printer -> {
                    for (Part part : coop.parts()) {
                        String from = Cells.safe(sources.getOrDefault(part.mark(), ""));
                        printer.printRecord(
                                part.mark(),
                                role(part),
                                section(part, tape),
                                length(part, tape),
                                ends(part, tape),
                                from);
                    }
                });
    }

    /** Every stick in its floor, wall or roof, by its distances from the lower left corner. */
    public static String layout(Coop coop, Tape tape) {
        return table(
                List.of("frame", "mark", "part", "from left", "to", "up", "top"),
                printer -> {
                    for (Frame frame : Frames.of(coop)) {
                        for (Frame.Member member : frame.members()) {
                            printer.printRecord(
                                    FrameWords.name(frame, tape),
                                    member.part().mark(),
                                    role(member.part()),
                                    tape.say(member.left()),
                                    tape.say(member.right()),
                                    tape.say(member.low()),
                                    tape.say(member.high()));
                        }
                    }
                });
    }

    private static String role(Part part) {
        return Words.say("role." + part.role().name());
    }

    private static String section(Part part, Tape tape) {
        return switch (part) {
            case Part.StickPart s -> tape.section(s.section().thickness(), s.section().width());
            case Part.PanelPart p ->
                    tape.mark(p.thickness()) + " sheet, " + tape.mark(p.width()) + " wide";
            case Part.RoofPart r -> "roofing " + tape.mark(r.fullWidth());
            case Part.WholePart _ -> "whole";
            case Part.MeshPart m ->
                    "mesh " + tape.mark(m.aperture()) + ", " + tape.mark(m.width()) + " wide";
        };
    }

    private static String length(Part part, Tape tape) {
        return switch (part) {
            case Part.StickPart s -> tape.mark(s.length());
            case Part.PanelPart p -> tape.mark(p.height());
            case Part.RoofPart r -> tape.mark(r.length());
            case Part.MeshPart m -> tape.mark(m.length());
            case Part.WholePart w -> Describe.whole(w, tape);
        };
    }

    private static String ends(Part part, Tape tape) {
        if (part instanceof Part.StickPart s) {
            String rise = s.endCut().degrees() == 0 ? "" : " (" + tape.rise(s.endCut()) + ")";
            return tape.say(s.startCut()) + " / " + tape.say(s.endCut()) + rise;
        }
        return part instanceof Part.PanelPart p
                ? p.lowSide().map(low -> "sloped to " + tape.mark(low)).orElse("")
                : "";
    }

    /** One line a cut: from what, which piece, where the tape is marked. */
    public static String cuts(WorkPlan plan, Tape tape) {
        return table(
                List.of(
                        "from",
                        "copy",
                        "worked",
                        "buy",
                        "pieces",
                        "at",
                        "to",
                        "across_at",
                        "across_to"),
                printer -> {
                    for (Ticket ticket : plan.tickets()) {
                        for (Ticket.Cut cut : ticket.cuts()) {
                            boolean linear = ticket.isLinear();
                            printer.printRecord(
                                    Cells.safe(ticket.source()),
                                    ticket.copy(),
                                    ticket.made().map(m -> Describe.making(m, tape)).orElse(""),
                                    ticket.bought() ? "yes" : "no",
                                    cut.marks(),
                                    tape.mark(linear ? cut.x() : cut.y()),
                                    tape.mark(linear ? cut.end() : cut.y().plus(cut.along())),
                                    linear ? "" : tape.mark(cut.x()),
                                    linear ? "" : tape.mark(cut.end()));
                        }
                    }
                });
    }

    /** What to buy, in shop units. */
    public static String bill(Bill bill) {
        return table(
                List.of("what", "needed", "units", "price", "total"),
                printer -> {
                    for (Bill.Line line : bill.lines()) {
                        String name =
                                line.hardware()
                                        .map(h -> Words.say("hardware." + h.name()))
                                        .orElse(line.name());
                        printer.printRecord(
                                Cells.safe(name),
                                line.needed(),
                                line.units(),
                                line.price().amount(),
                                line.total().amount());
                    }
                    printer.printRecord("total", "", "", "", bill.total().amount());
                });
    }
}
