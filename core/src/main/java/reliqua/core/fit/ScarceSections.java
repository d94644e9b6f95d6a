package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.Choices;
import reliqua.core.cutting.Ticket;
import reliqua.core.stock.Section;

/**
 * Other sections for what sticks are bought for: all that the heap has of, however little, since
 * one stick may be all a roost takes; and what another group has of the heap, which then takes
 * another. Neither is found by changing one group at a time to what there is most of.
 */
final class ScarceSections {
    private final SectionOptions sections;
    private final List<Choices.Group> groups;

    ScarceSections(SectionOptions sections, List<Choices.Group> groups) {
        this.sections = sections;
        this.groups = groups.stream().distinct().toList();
    }

    /** The choices worth trying; none where no stick is bought. */
    List<Choices> of(Candidate candidate) {
        Choices now = candidate.spec().choices();
        Set<Section> bought = bought(candidate);
        return groups.stream()
                .filter(g -> bought.contains(now.section(g)))
                .flatMap(g -> Stream.concat(others(now, g), exchanged(now, g)))
                .distinct()
                .toList();
    }

    /** Of the parts that come out of bought sticks. */
    private static Set<Section> bought(Candidate candidate) {
        return candidate.plan().tickets().stream()
                .filter(Ticket::bought)
                .flatMap(t -> t.cuts().stream())
                .flatMap(c -> c.parts().stream())
                .filter(Part.StickPart.class::isInstance)
                .map(p -> ((Part.StickPart) p).section())
                .collect(Collectors.toSet());
    }

    private Stream<Choices> others(Choices now, Choices.Group group) {
        return sections.all(group).stream()
                .filter(s -> !s.equals(now.section(group)))
                .map(s -> now.with(group, s));
    }

    private Stream<Choices> exchanged(Choices now, Choices.Group group) {
        List<Section> allowed = sections.all(group);
        List<Choices> all = new ArrayList<>();
        for (Choices.Group giver : groups) {
            Section given = now.section(giver);
            boolean other = giver != group && !given.equals(now.section(group));
            if (other && sections.lies(given) && allowed.contains(given)) {
                sections.of(giver).stream()
                        .filter(s -> !s.equals(given))
                        .forEach(s -> all.add(now.with(group, given).with(giver, s)));
            }
        }
        return all.stream();
    }
}
