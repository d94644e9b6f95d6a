package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/**
 * Which sections a group of parts could have: those of the heap with most clear length first, then
 * what is sold.
 */
final class SectionOptions {
    private static final int MOST_OWN = 4;

    private final CoopFamily family;
    private final Map<Section, Double> clear = new TreeMap<>();
    private final Map<Section, Double> sold = new TreeMap<>();

    SectionOptions(CoopFamily family, Heap heap, PriceBook prices) {
        this.family = family;
        heap.lots()
                .forEach(
                        lot -> {
                            if (lot.material() instanceof Stick s) {
                                double metres =
                                        s.clearSpans().stream()
                                                .mapToDouble(span -> span.length().toMetres())
                                                .sum();
                                clear.merge(s.section(), metres * lot.quantity(), Double::sum);
                            }
                        });
        prices.offers()
                .forEach(
                        offer -> {
                            if (offer.material() instanceof Stick s) {
                                sold.merge(
                                        s.section(),
                                        offer.price().amount() / s.length().toMetres(),
                                        Math::min);
                            }
                        });
    }

    /** Every section of the heap a group could have, and what is sold. */
    List<Section> all(Choices.Group group) {
        return of(group, Integer.MAX_VALUE);
    }

    /** Whether the heap has any of it. */
    boolean lies(Section section) {
        return clear.containsKey(section);
    }

    /** Options of a group, most promising first; empty when nothing serves. */
    List<Section> of(Choices.Group group) {
        return of(group, MOST_OWN);
    }

    private List<Section> of(Choices.Group group, int own) {
        List<Section> options = new ArrayList<>();
        clear.entrySet().stream()
                .filter(e -> suits(group, e.getKey()))
                .sorted(Map.Entry.<Section, Double>comparingByValue().reversed())
                .limit(own)
                .forEach(e -> options.add(e.getKey()));
        List<Section> shop =
                sold.entrySet().stream()
                        .filter(e -> suits(group, e.getKey()) && !options.contains(e.getKey()))
                        .sorted(Map.Entry.comparingByValue())
                        .map(Map.Entry::getKey)
                        .toList();
        shop.stream().limit(2).forEach(options::add);
        if (CARRIES.contains(group)) {
            // What the two cheapest cannot carry, the deepest may.
            shop.stream()
                    .skip(2)
                    .max(Comparator.comparing(Section::width).thenComparing(Section::thickness))
                    .ifPresent(options::add);
        }
        if (group == Choices.Group.PURLINS && shop.containsAll(options)) {
            // Laid flat they bend by their thickness; the cheapest of the thickest is enough.
            shop.stream()
                    .skip(2)
                    .max(Comparator.comparing(Section::thickness))
                    .ifPresent(options::add);
        }
        return options;
    }

    /**
     * A section for every group, so that the heap goes round: the group that needs most chooses
     * first, each takes the section with most left over, and what it needs is taken off. Empty when
     * a group finds nothing that serves.
     */
    java.util.Optional<List<Section>> shared() {
        Map<Section, Double> left = new TreeMap<>(clear);
        Map<Choices.Group, Section> taken = new java.util.EnumMap<>(Choices.Group.class);
        for (Choices.Group group : hungriestFirst()) {
            List<Section> options = of(group);
            if (options.isEmpty() && !OPTIONAL.contains(group)) {
                return java.util.Optional.empty();
            }
            Section best =
                    options.stream()
                            .max(
                                    Comparator.comparingDouble(
                                            s ->
                                                    Math.min(
                                                            left.getOrDefault(s, 0.0),
                                                            metres(group))))
                            .orElse(group.least());
            taken.put(group, best);
            if (family.groups().contains(group)) {
                left.merge(best, -metres(group), Double::sum);
            }
        }
        return java.util.Optional.of(List.copyOf(taken.values()));
    }

    /** What a family is made of before what it does not know. */
    private List<Choices.Group> hungriestFirst() {
        return HUNGRIEST_FIRST.stream()
                .sorted(
                        Comparator.<Choices.Group, Boolean>comparing(
                                        g -> !family.ownGroups().contains(g))
                                .thenComparing(g -> !family.groups().contains(g)))
                .toList();
    }

    /** What bends under birds, litter and snow. */
    private static final Set<Choices.Group> CARRIES =
            Set.of(Choices.Group.FLOOR, Choices.Group.RAFTERS);

    /** What only some designs need; where nothing serves, those fall out as they lack parts. */
    private static final Set<Choices.Group> OPTIONAL =
            Set.of(Choices.Group.RUN, Choices.Group.BOARDS);

    private static final List<Choices.Group> HUNGRIEST_FIRST =
            List.of(
                    Choices.Group.LEGS,
                    Choices.Group.WALLS,
                    Choices.Group.TRIM,
                    Choices.Group.FLOOR,
                    Choices.Group.PURLINS,
                    Choices.Group.RAFTERS,
                    Choices.Group.ROOSTS,
                    Choices.Group.RUN,
                    Choices.Group.BOARDS);

    /**
     * About how many metres a house for a dozen birds takes of each group; only to share out the
     * heap at the start.
     */
    private static double metres(Choices.Group group) {
        return switch (group) {
            case LEGS -> 3;
            case FLOOR -> 12;
            case WALLS -> 40;
            case RAFTERS -> 9;
            case PURLINS -> 16;
            case TRIM -> 32;
            case ROOSTS -> 7;
            case RUN -> 40;
            case BOARDS -> 60;
        };
    }

    private boolean suits(Choices.Group group, Section section) {
        return section.serves(family.least(group))
                && section.thickness().atMost(most(group).thickness())
                && section.width().atMost(most(group).width());
    }

    /** Larger sections would only waste wood, or be too wide for a bird's foot. */
    private static Section most(Choices.Group group) {
        return switch (group) {
            case LEGS -> Section.mm(125, 150);
            case FLOOR -> Section.mm(52, 160);
            case WALLS -> Section.mm(52, 102);
            case RAFTERS -> Section.mm(52, 160);
            case PURLINS -> Section.mm(52, 152);
            case TRIM -> Section.mm(26, 76);
            case ROOSTS -> Section.mm(52, 91);
            case RUN -> Section.mm(52, 102);
            case BOARDS -> Section.mm(27, 170);
        };
    }

    /** Sticks of a section that are long enough to matter, longest clear stretch each. */
    static List<Length> lengths(Heap heap, PriceBook prices, Section section) {
        List<Length> lengths = new ArrayList<>();
        heap.lots()
                .forEach(
                        lot -> {
                            if (lot.material() instanceof Stick s && s.section().equals(section)) {
                                s.clearSpans().forEach(span -> lengths.add(span.length()));
                            }
                        });
        prices.offers()
                .forEach(
                        offer -> {
                            if (offer.material() instanceof Stick s
                                    && s.section().equals(section)) {
                                lengths.add(s.length());
                            }
                        });
        return lengths.stream().distinct().sorted(Comparator.reverseOrder()).toList();
    }
}
