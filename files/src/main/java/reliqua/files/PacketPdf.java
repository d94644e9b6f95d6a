package reliqua.files;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.build.Step;
import reliqua.core.buy.Bill;
import reliqua.core.check.Finding;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.TicketNotes;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Oblique;
import reliqua.core.drawing.SitePicture;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.flock.Advice;
import reliqua.core.flock.Need;
import reliqua.core.flock.Reminder;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.stock.Lot;

/**
 * The packet: everything needed at the saw and in the yard without the computer, in black and
 * white.
 */
public final class PacketPdf {
    private static final double STRIP_SCALE = 0.22;
    private static final double SHEET_SCALE = 0.12;
    private static final float SHEET_HIGH = 170;

    /** Room of the small drawing that shows where pieces go. */
    private static final float PLACE_WIDE = 110;

    private static final float PLACE_HIGH = 70;

    /** Height of a line of words. */
    private static final float LINE = 14;

    private final Project project;
    private final Design design;
    private final Tape tape;

    private PacketPdf(Project project, Design design) {
        this.project = project;
        this.design = design;
        this.tape = project.keeper().tape();
    }

    /** The bytes of the PDF; the same project gives the same pages. */
    public static byte[] write(Project project, Design design) throws IOException {
        return new PacketPdf(project, design).write();
    }

    private byte[] write() throws IOException {
        return PdfFlow.document(
                project,
                flow -> {
                    summary(flow);
                    drawings(flow);
                    tickets(flow);
                    bill(flow);
                    steps(flow);
                });
    }

    private void summary(PdfFlow flow) {
        Coop.Measures m = design.candidate().coop().measures();
        flow.heading(project.name());
        flow.line(
                Words.say(
                        "packet.size",
                        tape.say(m.width()),
                        tape.say(m.depth()),
                        tape.say(m.height()),
                        tape.say(m.weight())));
        flow.picture(Oblique.of(design.candidate().coop()), 250, 1);
        flow.subheading(Words.say("packet.needs"));
        for (Need need : project.needs().lines()) {
            flow.line(
                    Words.say("need." + need.kind().name())
                            + ": "
                            + tape.word(need.value())
                            + " - "
                            + need.sum().words(tape));
        }
        flow.subheading(Words.say("packet.findings"));
        design.candidate().findings().stream()
                .sorted(Comparator.comparing(Finding::severity))
                .forEach(
                        f ->
                                flow.line(
                                        (f.severity() == Finding.Severity.GOOD
                                                        ? "  ok  "
                                                        : "  !!  ")
                                                + f.sum().words(tape)));
        ground(flow);
        flow.subheading(Words.say("packet.cautions"));
        for (String key : List.of("saw", "dust", "paint", "lift", "structure")) {
            flow.line("- " + Words.say("packet.caution." + key));
        }
    }

    /** Where and how it stands, and what must be asked first, with boxes to tick. */
    private void ground(PdfFlow flow) {
        Coop.Measures m = design.candidate().coop().measures();
        Siting siting = Siting.of(project.site());
        String best = siting.best().point();
        flow.subheading(Words.say("needs.siting.head", best, project.site().facing().point()));
        flow.picture(
                SitePicture.of(
                        project.site(),
                        new SitePicture.Footprint(m.width(), m.depth()),
                        Optional.empty(),
                        tape),
                260,
                1);
        siting.reasons().forEach(r -> flow.line("- " + r.words(tape)));
        siting.faults().forEach(f -> flow.line("  !!  " + f.words(tape)));
        List<String> advice = Advice.words(project.flock(), project.site(), project.keeper());
        advice.forEach(a -> flow.line("- " + a));
        flow.subheading(Words.say("needs.ask.head"));
        for (Reminder each : Reminder.of(project.flock())) {
            var day = project.site().asked().get(each);
            String box = day == null ? "[   ]  " : "[x]  " + day + "  ";
            flow.line(box + each.sum().words(tape));
        }
    }

    private void drawings(PdfFlow flow) {
        for (Elevation.View view : Elevation.View.values()) {
            flow.newPage();
            flow.heading(Words.say("view." + view.name()));
            flow.picture(Elevation.of(design.candidate().coop(), view, tape, Set.of()), 600, 1);
        }
    }

    private void tickets(PdfFlow flow) {
        flow.newPage();
        flow.heading(Words.say("packet.tickets"));
        flow.line(Words.say("packet.tickets.how", tape.say(project.keeper().kerf())));
        int number = 0;
        for (Ticket ticket : design.candidate().plan().tickets()) {
            ticket(flow, ++number, ticket);
        }
    }

    /** One ticket: what is cut, how it lies, what is written on each piece, and where they go. */
    private void ticket(PdfFlow flow, int number, Ticket ticket) {
        List<String> pieces = pieces(ticket);
        float high = ticket.isLinear() ? PLACE_HIGH : SHEET_HIGH;
        flow.need(high + LINE * (2 + pieces.size()));
        flow.space(6);
        flow.tick(Words.say("packet.ticket", number, title(ticket)), "");
        flow.pictures(
                TicketPicture.of(ticket, tape),
                ticket.isLinear() ? STRIP_SCALE : SHEET_SCALE,
                Elevation.lit(design.candidate().coop(), tape, ticket.marks()),
                PLACE_WIDE,
                high);
        pieces.forEach(flow::under);
    }

    private List<String> pieces(Ticket ticket) {
        List<String> lines = new ArrayList<>();
        for (Ticket.Cut cut : ticket.cuts()) {
            for (Part part : cut.parts()) {
                StringBuilder line =
                        new StringBuilder(part.mark() + "   " + Describe.piece(part, tape))
                                .append(", ")
                                .append(Words.say("role." + part.role().name()));
                TicketNotes.of(design.candidate().plan(), ticket, part)
                        .forEach(note -> line.append("; ").append(note.words(tape)));
                lines.add(line.toString());
            }
        }
        return lines;
    }

    private String title(Ticket ticket) {
        String size = Describe.size(ticket.material(), tape);
        String place =
                project.heap()
                        .find(ticket.source())
                        .map(Lot::provenance)
                        .map(p -> p.source() + (p.place().isEmpty() ? "" : ", " + p.place()))
                        .orElse(Words.say("packet.bought"));
        String first = ticket.made().map(m -> Describe.making(m, tape) + "; ").orElse("");
        return ticket.source() + " (" + ticket.copy() + ")  " + first + size + "  " + place;
    }

    private void bill(PdfFlow flow) {
        flow.newPage();
        flow.heading(Words.say("packet.bill"));
        Bill bill = design.bill();
        flow.line(bill.merchant());
        for (Bill.Line line : bill.lines()) {
            String name =
                    line.hardware()
                            .map(
                                    h ->
                                            Words.say(
                                                    "packet.hardware",
                                                    line.units(),
                                                    Words.say("hardware." + h.name()),
                                                    line.needed()))
                            .orElseGet(() -> line.units() + " x " + line.name());
            flow.tick(name, tape.say(line.total()));
        }
        flow.space(6);
        flow.bold(
                Words.say(
                        "packet.total",
                        tape.say(bill.total()),
                        tape.say(project.keeper().budget())));
        flow.line(
                Words.say(
                        "packet.fromHeap",
                        tape.say(bill.fromHeap()),
                        Math.round(bill.heapShare() * 100)));
    }

    private void steps(PdfFlow flow) {
        flow.newPage();
        flow.heading(Words.say("packet.steps"));
        for (Step step : design.steps()) {
            flow.need(50);
            flow.tick(
                    Words.say("step." + step.role().name()),
                    Words.say("packet.minutes", step.minutes()));
            flow.line("      " + String.join(", ", step.marks()));
            step.check()
                    .ifPresent(
                            check ->
                                    flow.line(
                                            "      "
                                                    + Words.say(
                                                            "packet.check", check.words(tape))));
            step.caution().ifPresent(key -> flow.bold("      " + Words.say(key)));
            if (step.twoPeople()) {
                flow.bold("      " + Words.say("packet.twoPeople"));
            }
        }
    }
}
