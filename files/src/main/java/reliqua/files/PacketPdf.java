package reliqua.files;

import java.io.IOException;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.build.Frame;
import reliqua.core.build.FrameWords;
import reliqua.core.build.Frames;
import reliqua.core.build.Step;
import reliqua.core.build.ToolNeed;
import reliqua.core.buy.Bill;
import reliqua.core.check.Finding;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.cutting.TicketNotes;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.FramePicture;
import reliqua.core.drawing.FromCorner;
import reliqua.core.drawing.Oblique;
import reliqua.core.drawing.Picture;
import reliqua.core.drawing.SitePicture;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.flock.Need;
import reliqua.core.flock.Reminder;
import reliqua.core.flock.Siting;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Upkeep;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.project.PlanReview;
import reliqua.core.project.Project;
import reliqua.core.project.Shopping;
import reliqua.core.stock.Lot;

/**
 * The packet: everything needed at the saw and in the yard without the computer, in black and
 * white.
 */
public final class PacketPdf {
    /** A strip comes out a little over a centimetre high, whatever is written above it. */
    private static final double STRIP_SCALE = 0.079;

    private static final double SHEET_SCALE = 0.12;
    private static final float SHEET_HIGH = 120;

    private static final float COVER_HIGH = 190;
    private static final float SITE_HIGH = 165;
    private static final float STRIP_HIGH = 60;
    private static final float STEP_HIGH = 58;
    private static final int STEP_COLUMNS = 4;
    private static final int LABEL_COLUMNS = 5;
    private static final float LABEL_HIGH = 38;
    private static final int LABEL_LETTERS = 27;
    private static final int VIEWS_A_PAGE = 2;
    private static final float VIEW_HEAD = 48;
    private static final float FRAME_HIGH = 140;
    private static final double POINTS_A_MM = 72 / 25.4;

    /** Scales of drawings that rulers have. */
    private static final List<Integer> SCALES = List.of(5, 10, 15, 20, 25, 30, 40, 50, 100);

    /** What the packet is made of, in this order; any of it can be had alone. */
    public enum Chapter {
        COVER,
        DRAWINGS,
        CUTTING,
        FETCHING,
        UPKEEP,
        STEPS,
        LABELS
    }

    private final Project project;
    private final Design design;
    private final PlanReview review;
    private final Set<Chapter> chapters;
    private final Tape tape;

    private PacketPdf(Project project, Design design, PlanReview review, Set<Chapter> chapters) {
        this.review = review;
        this.chapters = chapters;
        this.project = project;
        this.design = design;
        this.tape = project.keeper().tape();
    }

    /**
     * The bytes of the PDF; the same project gives the same pages.
     *
     * @param review what single finds and borrowed tools would spare
     */
    public static byte[] write(Project project, Design design, PlanReview review)
            throws IOException {
        return write(project, design, review, EnumSet.allOf(Chapter.class));
    }

    /** Some of it. */
    public static byte[] write(
            Project project, Design design, PlanReview review, Set<Chapter> chapters)
            throws IOException {
        PacketPdf packet = new PacketPdf(project, design, review, chapters);
        Map<String, Integer> contents = new LinkedHashMap<>();
        // Once to learn on which pages the headings come to stand.
        PdfFlow.document(
                project,
                flow -> {
                    packet.pages(flow, Map.of());
                    contents.putAll(flow.headings());
                });
        return PdfFlow.document(project, flow -> packet.pages(flow, contents));
    }

    private void pages(PdfFlow flow, Map<String, Integer> contents) {
        for (Chapter chapter : Chapter.values()) {
            if (chapters.contains(chapter)) {
                pages(flow, chapter, contents);
            }
        }
    }

    private void pages(PdfFlow flow, Chapter chapter, Map<String, Integer> contents) {
        switch (chapter) {
            case COVER -> cover(flow, contents);
            case DRAWINGS -> {
                if (chapters.contains(Chapter.COVER)) {
                    flow.newPage();
                }
                drawings(flow);
                layout(flow);
            }
            case CUTTING -> {
                inColumns(flow, Chapter.DRAWINGS);
                tickets(flow);
            }
            case FETCHING -> {
                inColumns(flow, Chapter.CUTTING);
                bill(flow);
                ScroungeList.write(flow, design, review, tape);
            }
            case UPKEEP -> {
                inColumns(flow, Chapter.FETCHING);
                upkeep(flow);
            }
            case STEPS -> steps(flow);
            case LABELS -> labels(flow);
        }
    }

    /** Goes on in the columns of the chapter before, where that is there. */
    private void inColumns(PdfFlow flow, Chapter before) {
        if (!chapters.contains(before)) {
            flow.columns(2);
        }
    }

    private void cover(PdfFlow flow, Map<String, Integer> contents) {
        Coop.Measures m = design.candidate().coop().measures();
        flow.heading(project.name());
        flow.line(
                Words.say(
                        "packet.size",
                        tape.say(m.width()),
                        tape.say(m.depth()),
                        tape.say(m.height()),
                        tape.say(m.weight())));
        flow.bold(
                Words.say(
                        "packet.figures",
                        tape.say(design.bill().total()),
                        Math.round(design.bill().heapShare() * 100),
                        Math.round(design.minutes() / 60.0),
                        tape.say(m.floor())));
        flow.picture(Oblique.of(design.candidate().coop()), COVER_HIGH, 1);
        flow.columns(2);
        flow.subheading(Words.say("packet.contents"));
        contents.entrySet().stream()
                .skip(1)
                .forEach(e -> flow.line(Words.say("packet.page", e.getKey(), e.getValue())));
        flow.subheading(Words.say("packet.findings"));
        design.candidate().findings().stream()
                .filter(f -> f.severity() != Finding.Severity.GOOD)
                .sorted(Comparator.comparing(Finding::severity))
                .forEach(f -> flow.line("!  " + f.sum().words(tape)));
        flow.line(Words.say("packet.good", good()));
        flow.subheading(Words.say("packet.needs"));
        for (Need need : project.needs().lines()) {
            flow.line(Words.say("need." + need.kind().name()) + ": " + tape.word(need.value()));
        }
        flow.subheading(Words.say("packet.cautions"));
        for (String key : List.of("saw", "dust", "paint", "lift", "structure")) {
            flow.line("- " + Words.say("packet.caution." + key));
        }
        ground(flow);
    }

    private long good() {
        return design.candidate().findings().stream()
                .filter(f -> f.severity() == Finding.Severity.GOOD)
                .count();
    }

    /** Where and how it stands, and what must be asked first, with boxes to tick. */
    private void ground(PdfFlow flow) {
        Siting siting = Siting.of(project.site());
        String best = siting.best().point();
        flow.subheading(Words.say("needs.siting.head", best, project.site().facing().point()));
        flow.picture(
                SitePicture.of(
                        project.site(),
                        SitePicture.Footprint.of(design.candidate().coop()),
                        Optional.empty(),
                        tape),
                SITE_HIGH,
                1);
        siting.reasons().forEach(r -> flow.line("- " + r.words(tape)));
        siting.faults().forEach(f -> flow.line("!  " + f.words(tape)));
        List<String> advice = project.advice().stream().map(a -> a.words(tape)).toList();
        advice.forEach(a -> flow.line("- " + a));
        flow.subheading(Words.say("needs.ask.head"));
        for (Reminder each : Reminder.of(project.flock())) {
            var day = project.site().asked().get(each);
            flow.tick(each.sum().words(tape), day == null ? "" : String.valueOf(day));
        }
    }

    /** At a scale that a ruler reads, named beside each view; two on a page where they fit. */
    private void drawings(PdfFlow flow) {
        flow.heading(Words.say("packet.drawings"));
        flow.columns(2);
        for (Elevation.View view : Elevation.View.values()) {
            Picture picture = Elevation.of(design.candidate().coop(), view, tape, Set.of());
            int scale = scale(flow, picture);
            String name = Words.say("packet.scale", Words.say("view." + view.name()), scale);
            flow.together(
                    () -> {
                        flow.subheading(name);
                        flow.drawn(picture, POINTS_A_MM / scale);
                    });
        }
    }

    /**
     * Floor, walls and roof with the distances of all their sticks, to mark out without a screen.
     */
    private void layout(PdfFlow flow) {
        List<Frame> frames = Frames.of(design.candidate().coop());
        if (frames.isEmpty()) {
            return;
        }
        flow.line(Words.say("packet.layout.how"));
        for (Frame frame : frames) {
            Picture picture = FramePicture.of(frame, tape, Set.of());
            flow.together(
                    () -> {
                        flow.subheading(FrameWords.name(frame, tape));
                        flow.picture(picture, FRAME_HIGH, POINTS_A_MM / SCALES.getFirst());
                        FrameWords.of(frame, tape).forEach(flow::line);
                    });
        }
    }

    /** The largest of the usual scales at which a view is no higher than half a page. */
    private static int scale(PdfFlow flow, Picture picture) {
        return SCALES.stream()
                .filter(
                        n ->
                                picture.width() * POINTS_A_MM / n <= flow.width()
                                        && picture.height() * POINTS_A_MM / n
                                                <= flow.pageHeight() / VIEWS_A_PAGE - VIEW_HEAD)
                .findFirst()
                .orElse(SCALES.getLast());
    }

    /** Of a coop that is cut out there are none. */
    private void tickets(PdfFlow flow) {
        if (design.candidate().plan().tickets().isEmpty()) {
            return;
        }
        flow.section(Words.say("packet.tickets"));
        flow.line(Words.say("packet.tickets.how", tape.say(project.keeper().kerf())));
        int number = 0;
        for (Ticket ticket : design.candidate().plan().tickets()) {
            String title = Words.say("packet.ticket", ++number, title(ticket));
            Picture picture = TicketPicture.of(ticket, tape);
            flow.together(() -> ticket(flow, title, ticket, picture));
        }
    }

    /** One ticket: what is cut, how it lies, and what is written on each piece. */
    private void ticket(PdfFlow flow, String title, Ticket ticket, Picture picture) {
        flow.space(4);
        flow.tick(title, "");
        flow.picture(
                picture,
                ticket.isLinear() ? STRIP_HIGH : SHEET_HIGH,
                ticket.isLinear() ? STRIP_SCALE : SHEET_SCALE);
        pieces(ticket).forEach(flow::under);
    }

    /** What needs no more words stands on one line, like pieces together; then what does. */
    private List<String> pieces(Ticket ticket) {
        Map<String, List<String>> plain = new LinkedHashMap<>();
        List<String> noted = new ArrayList<>();
        for (Ticket.Cut cut : ticket.cuts()) {
            for (Part part : cut.parts()) {
                String role = Words.say("role." + part.role().name());
                String words = Describe.piece(part, tape) + ", " + role;
                List<String> notes =
                        TicketNotes.of(design.candidate().plan(), ticket, part).stream()
                                .map(note -> note.words(tape))
                                .toList();
                if (notes.isEmpty()) {
                    plain.computeIfAbsent(words, _ -> new ArrayList<>()).add(part.mark());
                } else {
                    noted.add(part.mark() + " " + words + "; " + String.join("; ", notes));
                }
            }
        }
        String together =
                plain.entrySet().stream()
                        .map(e -> String.join(", ", e.getValue()) + " " + e.getKey())
                        .collect(Collectors.joining("  -  "));
        return Stream.concat(Stream.of(together), noted.stream())
                .filter(line -> !line.isEmpty())
                .toList();
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
        flow.section(Words.say("packet.bill"));
        Bill bill = design.bill();
        flow.line(bill.merchant());
        for (Bill.Line line : bill.lines()) {
            flow.tick(name(line), tape.say(line.total()));
            Shopping.fixings(line, design, tape.system()).stream()
                    .filter(f -> f.length(tape.system()).isPresent())
                    .forEach(f -> flow.under(f.words(tape)));
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
        flow.subheading(Words.say("packet.tools"));
        for (ToolNeed need : design.tools(project.keeper())) {
            String words = need.name().words(tape);
            flow.tick(need.there() ? words : Words.say("packet.borrow", words), "");
        }
    }

    private static String name(Bill.Line line) {
        return line.hardware()
                .map(
                        h ->
                                Words.say(
                                        "packet.hardware",
                                        line.units(),
                                        Words.say("hardware." + h.name()),
                                        line.needed()))
                .orElseGet(() -> line.units() + " x " + line.name());
    }

    /** Each with what stands, and what goes on lit up. */
    private void steps(PdfFlow flow) {
        flow.heading(Words.say("packet.steps"));
        flow.columns(STEP_COLUMNS);
        for (Step step : design.steps()) {
            Optional<Picture> picture = picture(step);
            flow.together(() -> step(flow, step, picture));
        }
    }

    /** What stands and what goes on, from the corner that shows it best. */
    private Optional<Picture> picture(Step step) {
        Coop coop = design.candidate().coop();
        Set<String> lit = Set.copyOf(step.marks());
        Set<String> standing = design.standing(step);
        if (standing.isEmpty()) {
            return Optional.empty();
        }
        FromCorner corner = FromCorner.nearest(coop.parts(), lit, coop.bounds());
        return Optional.of(Oblique.of(coop, corner, p -> standing.contains(p.mark()), lit));
    }

    private void step(PdfFlow flow, Step step, Optional<Picture> picture) {
        flow.space(4);
        flow.tick(Words.say("packet.step", step.words().words(tape), step.minutes()), "");
        picture.ifPresent(p -> flow.picture(p, STEP_HIGH, 1));
        if (!step.marks().isEmpty()) {
            flow.under(String.join(", ", step.marks()));
        }
        design.fixings(step, tape.system()).forEach(f -> flow.under(Shopping.step(f, tape)));
        step.check().ifPresent(c -> flow.under(Words.say("packet.check", c.words(tape))));
        step.caution().ifPresent(key -> flow.bold(Words.say(key)));
        if (step.twoPeople()) {
            flow.bold(Words.say("packet.twoPeople"));
        }
    }

    /** What comes round for this coop, for the inside of its door. */
    private void upkeep(PdfFlow flow) {
        flow.section(Words.say("packet.upkeep"));
        Coop coop = design.candidate().coop();
        for (Chore chore : Chore.values()) {
            if (chore.askedBy(coop, project.flock())) {
                flow.together(
                        () -> {
                            flow.tick(Words.say("chore." + chore.id()), rhythm(chore));
                            flow.under(Words.say("chore." + chore.id() + ".sign"));
                        });
            }
        }
    }

    private String rhythm(Chore chore) {
        int days = chore.rhythm().days();
        if (days > 0) {
            return Words.say("packet.every", days);
        }
        return Upkeep.months(chore, project.site().southern()).stream()
                .map(month -> month.getDisplayName(TextStyle.SHORT, Words.language().locale()))
                .collect(Collectors.joining(", "));
    }

    /** One for every lot, to cut out and stick on. */
    private void labels(PdfFlow flow) {
        flow.heading(Words.say("packet.labels"));
        flow.columns(LABEL_COLUMNS);
        for (Lot lot : project.heap().lots()) {
            String what = Describe.lot(lot.quantity(), lot.material(), tape);
            flow.label(
                    lot.id(),
                    List.of(shortened(what), shortened(lot.provenance().place())),
                    LABEL_HIGH);
        }
    }

    private static String shortened(String words) {
        return words.length() <= LABEL_LETTERS
                ? words
                : words.substring(0, LABEL_LETTERS - 3) + "...";
    }
}
