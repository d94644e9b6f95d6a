package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/**
 * The ways in which a stick can be ripped or thinned into wanted sections over its whole length.
 * Only ways that leave no room for one more wanted lane are listed: the others give less.
 */
final class Ripping {
    /** More lanes than this leave sticks too springy to hold. */
    private static final int MOST_LANES = 4;

    private final Workshop workshop;
    private final Set<Section> wanted;

    Ripping(Workshop workshop, Set<Section> wanted) {
        this.workshop = workshop;
        this.wanted = new TreeSet<>(wanted);
    }

    /** The ways, by name; empty when the tools do not allow it or nothing wanted comes out. */
    Map<String, Making> ways(Stick stick) {
        Map<String, Making> ways = new LinkedHashMap<>();
        Section section = stick.section();
        if (workshop.rips()) {
            ripped(section.thickness(), section.width())
                    .forEach(
                            lanes ->
                                    add(
                                            ways,
                                            Making.How.RIPPED,
                                            lanes,
                                            cuts(lanes, section.width()),
                                            stick));
        }
        if (workshop.thins() && section.width().atMost(Workshop.DEEPEST)) {
            thinned(section)
                    .forEach(lanes -> add(ways, Making.How.THINNED, lanes, lanes.size(), stick));
            if (workshop.rips()) {
                both(ways, stick);
            }
        }
        return ways;
    }

    /** Thinned once to a wanted thickness, then ripped. */
    private void both(Map<String, Making> ways, Stick stick) {
        Section section = stick.section();
        wanted.stream()
                .map(Section::thickness)
                .distinct()
                .filter(t -> t.compareTo(section.thickness()) < 0)
                .forEach(
                        t ->
                                ripped(t, section.width())
                                        .forEach(
                                                lanes ->
                                                        add(
                                                                ways,
                                                                Making.How.THINNED_AND_RIPPED,
                                                                lanes,
                                                                1 + cuts(lanes, section.width()),
                                                                stick)));
    }

    /** Lanes side by side across the width; none as wide as the stick itself. */
    private List<List<Section>> ripped(Length thickness, Length width) {
        List<Section> sections =
                wanted.stream()
                        .filter(s -> s.thickness().equals(thickness))
                        .filter(s -> s.width().compareTo(width) < 0)
                        .filter(s -> s.width().atLeast(Workshop.NARROWEST))
                        .sorted(Collections.reverseOrder())
                        .toList();
        List<List<Section>> found = new ArrayList<>();
        lanes(sections, 0, width.minus(Workshop.LOST_EDGE), List.of(), found);
        return found;
    }

    private void lanes(
            List<Section> sections,
            int from,
            Length room,
            List<Section> taken,
            List<List<Section>> found) {
        boolean full = true;
        for (int i = 0; i < sections.size() && taken.size() < MOST_LANES; i++) {
            Length width = sections.get(i).width();
            if (!room.atLeast(width)) {
                continue;
            }
            full = false;
            if (i >= from) {
                List<Section> more = new ArrayList<>(taken);
                more.add(sections.get(i));
                lanes(sections, i, room.minus(width).minus(workshop.kerf()), more, found);
            }
        }
        if (full && !taken.isEmpty()) {
            found.add(taken);
        }
    }

    /** Lanes one behind the other in the thickness, all of one wanted section. */
    private List<List<Section>> thinned(Section section) {
        List<List<Section>> found = new ArrayList<>();
        for (Section thin : wanted) {
            if (thin.width().equals(section.width())
                    && thin.thickness().compareTo(section.thickness()) < 0) {
                int count = 0;
                Length room = section.thickness();
                while (room.atLeast(thin.thickness()) && count < MOST_LANES) {
                    count++;
                    room = room.minus(thin.thickness()).minus(workshop.kerf());
                }
                found.add(Collections.nCopies(count, thin));
            }
        }
        return found;
    }

    private int cuts(List<Section> lanes, Length width) {
        Length used = Workshop.LOST_EDGE;
        for (Section lane : lanes) {
            used = used.plus(lane.width()).plus(workshop.kerf());
        }
        // The last lane needs no cut of its own when nothing is left beside it.
        return used.minus(workshop.kerf()).atLeast(width) ? lanes.size() : lanes.size() + 1;
    }

    private void add(
            Map<String, Making> ways, Making.How how, List<Section> lanes, int cuts, Stick stick) {
        String name = how.name().toLowerCase(java.util.Locale.ROOT);
        for (Section lane : lanes) {
            name += " " + lane.thickness().nm() + "x" + lane.width().nm();
        }
        List<Stick> gives = lanes.stream().map(stick::with).toList();
        ways.put(name, new Making(how, gives, workshop.minutes(cuts, stick.length())));
    }
}
