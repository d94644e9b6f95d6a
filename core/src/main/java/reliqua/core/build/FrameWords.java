package reliqua.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.measure.Length;
import reliqua.core.measure.Marked;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.stock.Section;

/** A frame as it is marked out with a tape and a pencil: a line for every kind of stick in it. */
public final class FrameWords {
    /** Nearer to the end of the frame than this is at the end. */
    private static final Length END = Length.mm(2);

    private final Frame frame;
    private final Tape tape;

    private FrameWords(Frame frame, Tape tape) {
        this.frame = frame;
        this.tape = tape;
    }

    /** Its name: which floor, wall or roof, and where one that stands within stands. */
    public static String name(Frame frame, Tape tape) {
        Sum name = Sum.of("frame." + frame.side().name(), new Marked(frame.off()));
        Sum whole = frame.building() == 0 ? name : Sum.of("frame.second", name);
        return whole.words(tape);
    }

    /**
     * Distances of all its sticks to their nearer edges, its openings, and how its rafters are cut.
     */
    public static List<String> of(Frame frame, Tape tape) {
        return new FrameWords(frame, tape).lines();
    }

    /** Distances of its sticks of one role. */
    public static List<String> of(Frame frame, Tape tape, Role role) {
        return new FrameWords(frame, tape).lines(role);
    }

    /**
     * How the rafters of a roof that sit on plates are marked out, like ones together; nothing for
     * other frames.
     */
    public static List<String> rafters(Frame frame, Tape tape) {
        Map<String, List<String>> marks = new LinkedHashMap<>();
        for (Frame.Member member : frame.members()) {
            if (isRoof(frame) && member.upright()) {
                RafterCut cut = RafterCut.of(member.part());
                if (!cut.seats().isEmpty()) {
                    marks.computeIfAbsent(words(cut, tape), _ -> new ArrayList<>())
                            .add(member.part().mark());
                }
            }
        }
        List<String> lines = new ArrayList<>();
        marks.forEach((cut, on) -> lines.add(String.join(", ", on) + ": " + cut));
        return lines;
    }

    private static boolean isRoof(Frame frame) {
        return frame.side() == Frame.Side.ROOF_FRONT || frame.side() == Frame.Side.ROOF_BACK;
    }

    private static String words(RafterCut cut, Tape tape) {
        String slope = Sum.of("frame.slope", cut.slope()).words(tape);
        String seats =
                cut.seats().stream()
                        .map(
                                s ->
                                        Sum.of(
                                                        "frame.seat",
                                                        new Marked(s.at()),
                                                        new Marked(s.plumb()),
                                                        new Marked(s.level()))
                                                .words(tape))
                        .collect(Collectors.joining("; "));
        return slope + "; " + seats;
    }

    private List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add(
                Sum.of("frame.size", new Marked(frame.width()), new Marked(frame.height()))
                        .words(tape));
        frame.roles().forEach(role -> lines.addAll(lines(role)));
        frame.holes().stream().map(this::hole).forEach(lines::add);
        lines.addAll(rafters(frame, tape));
        return lines;
    }

    private List<String> lines(Role role) {
        List<String> lines = new ArrayList<>();
        lines(lines, "frame.uprights", role, frame.uprights(role));
        lines(lines, levels(), role, frame.levels(role));
        return lines;
    }

    private String levels() {
        return switch (frame.side()) {
            case FLOOR -> "frame.levels.floor";
            case ROOF_FRONT, ROOF_BACK -> "frame.levels.roof";
            default -> "frame.levels.wall";
        };
    }

    private void lines(List<String> lines, String key, Role role, List<Frame.Member> members) {
        Map<Section, List<String>> places = new LinkedHashMap<>();
        for (Frame.Member member : members) {
            places.computeIfAbsent(member.part().section(), _ -> new ArrayList<>())
                    .add(place(member));
        }
        places.forEach(
                (section, at) ->
                        lines.add(
                                Words.say(
                                        key,
                                        Words.say("role." + role.name()),
                                        tape.say(section.thickness()),
                                        tape.say(section.width()),
                                        String.join(", ", at))));
    }

    /**
     * A mark and its distance; of what does not reach from end to end, also from where to where.
     */
    private String place(Frame.Member member) {
        boolean upright = member.upright();
        Length from = upright ? member.low() : member.left();
        Length to = upright ? member.high() : member.right();
        Length end = upright ? frame.height() : frame.width();
        String at = mark(member.part(), upright ? member.left() : member.low());
        boolean whole = from.atMost(END) && to.atLeast(end.minus(END));
        return upright || whole
                ? at
                : at + Sum.of("frame.fromTo", new Marked(from), new Marked(to)).words(tape);
    }

    private String mark(Part part, Length at) {
        return part.mark() + " " + Sum.of("frame.at", new Marked(at)).words(tape);
    }

    private String hole(Frame.Hole hole) {
        return Sum.of(
                        "frame.hole",
                        Sum.of("opening." + hole.kind().name()),
                        new Marked(hole.width()),
                        new Marked(hole.height()),
                        new Marked(hole.left()),
                        new Marked(hole.low()))
                .words(tape);
    }
}
