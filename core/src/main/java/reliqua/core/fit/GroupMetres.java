package reliqua.core.fit;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Finds;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * About how many metres a coop of a kind takes of each group of sticks: one is drawn up of common
 * sections, no two alike, and measured. Where none can be, a raised house for a dozen birds has to
 * serve.
 */
final class GroupMetres {
    private static final List<Section> COMMON =
            List.of(
                    Section.mm(75, 75),
                    Section.mm(38, 89),
                    Section.mm(38, 64),
                    Section.mm(38, 90),
                    Section.mm(22, 63),
                    Section.mm(19, 38),
                    Section.mm(38, 63),
                    Section.mm(25, 50),
                    Section.mm(18, 100));

    private static final int[] RAISED = {3, 12, 40, 9, 16, 32, 7, 40, 60};
    private static final Length[] WIDTHS = {
        Length.mm(1800), Length.mm(2400), Length.mm(1500), Length.mm(3000), Length.mm(3600)
    };

    private GroupMetres() {}

    /**
     * For the birds and the keeper of a request; {@code whole} is what is used whole, if anything.
     */
    static Map<Choices.Group, Double> of(FitRequest request, Finds whole) {
        CoopFamily family = request.family();
        Choices choices =
                new Choices(
                                COMMON,
                                Length.mm(15),
                                Length.mm(12),
                                Length.mm(1220),
                                new Choices.RoofingChoice(
                                        Length.mm(840), Length.mm(760), Length.mm(3000)),
                                request.underside(),
                                Length.mm(1))
                        .with(whole)
                        .with(family.claddings().getFirst());
        for (Length width : WIDTHS) {
            try {
                Length depth =
                        family.leastOther(width, choices, request.brief())
                                .max(family.depth(choices).least());
                DesignSpec spec =
                        family.sized(choices, request.brief(), request.held(), width, depth);
                return measured(CoopBuilder.build(spec, request.brief()));
            } catch (Unbuildable e) {
                continue;
            }
        }
        return raised();
    }

    private static Map<Choices.Group, Double> measured(Coop coop) {
        Map<Choices.Group, Double> metres = new EnumMap<>(Choices.Group.class);
        for (Choices.Group group : Choices.Group.values()) {
            Section section = COMMON.get(group.ordinal());
            metres.put(
                    group,
                    coop.parts().stream()
                            .filter(
                                    p ->
                                            p instanceof Part.StickPart s
                                                    && s.section()
                                                            .thickness()
                                                            .equals(section.thickness())
                                                    && isOf(s.section(), section, group))
                            .mapToDouble(p -> ((Part.StickPart) p).length().toMetres())
                            .sum());
        }
        return metres;
    }

    /** The last board of a row is ripped narrower. */
    private static boolean isOf(Section has, Section of, Choices.Group group) {
        return group == Choices.Group.BOARDS
                ? has.width().atMost(of.width())
                : has.width().equals(of.width());
    }

    static Map<Choices.Group, Double> raised() {
        Map<Choices.Group, Double> metres = new EnumMap<>(Choices.Group.class);
        for (Choices.Group group : Choices.Group.values()) {
            metres.put(group, (double) RAISED[group.ordinal()]);
        }
        return metres;
    }
}
