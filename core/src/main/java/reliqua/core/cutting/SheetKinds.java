package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The panels of a sheet problem grouped by what is equal, and its sheets by where they are from.
 */
final class SheetKinds {
    /**
     * Equal sheets.
     *
     * @param bin one of them
     * @param copies how many there are; unlimited in a shop
     * @param own whether they lie in the yard
     */
    record Kind(SheetProblem.Bin bin, int copies, boolean own) {}

    private final List<SheetProblem.PanelType> types = new ArrayList<>();
    private final List<List<Integer>> panels = new ArrayList<>();
    private final Map<String, Integer> typeById = new LinkedHashMap<>();
    private final int[] typeOf;
    private final List<Kind> kinds = new ArrayList<>();
    private final Map<SheetProblem.Bin, Integer> kindOf = new LinkedHashMap<>();

    SheetKinds(SheetProblem problem) {
        typeOf = new int[problem.panels().size()];
        for (int i = 0; i < typeOf.length; i++) {
            SheetProblem.PanelType panel = problem.panels().get(i);
            int type = typeById.computeIfAbsent(panel.id(), _ -> types.size());
            if (type == types.size()) {
                types.add(panel);
                panels.add(new ArrayList<>());
            }
            panels.get(type).add(i);
            typeOf[i] = type;
        }
        Map<SheetProblem.Bin, Integer> copies = new LinkedHashMap<>();
        problem.own().forEach(b -> copies.merge(b.alike(), 1, Integer::sum));
        problem.own().stream()
                .filter(b -> kindOf.putIfAbsent(b.alike(), kindOf.size()) == null)
                .forEach(b -> kinds.add(new Kind(b, copies.getOrDefault(b.alike(), 1), true)));
        for (SheetProblem.Bin bin : problem.shop()) {
            kindOf.put(bin, kinds.size());
            kinds.add(new Kind(bin, Integer.MAX_VALUE, false));
        }
    }

    List<SheetProblem.PanelType> types() {
        return types;
    }

    /** Indices of the panels of a type. */
    List<Integer> panels(int type) {
        return panels.get(type);
    }

    int demand(int type) {
        return panels.get(type).size();
    }

    List<Kind> kinds() {
        return kinds;
    }

    int kindOf(SheetProblem.Bin bin) {
        return kindOf.getOrDefault(bin, kindOf.getOrDefault(bin.alike(), -1));
    }

    /** Area of the panels of a pattern, in square nanometres. */
    double area(SheetPattern pattern) {
        double area = 0;
        for (SheetPattern.Spot spot : pattern.spots()) {
            SheetProblem.PanelType type = types.get(spot.type());
            area += (double) type.width() * type.length();
        }
        return area;
    }

    /** What is left of the problem when these patterns are cut. */
    SheetProblem without(SheetProblem problem, List<SheetPattern> cut) {
        int[] panelsCut = new int[types.size()];
        int[] sheetsCut = new int[kinds.size()];
        for (SheetPattern pattern : cut) {
            sheetsCut[pattern.bin()]++;
            pattern.spots().forEach(s -> panelsCut[s.type()]++);
        }
        List<SheetProblem.PanelType> wanted = new ArrayList<>();
        for (int i = 0; i < typeOf.length; i++) {
            if (panelsCut[typeOf[i]]-- <= 0) {
                wanted.add(problem.panels().get(i));
            }
        }
        List<SheetProblem.Bin> uncut =
                problem.own().stream().filter(b -> sheetsCut[kindOf(b)]-- <= 0).toList();
        return new SheetProblem(problem.kerf(), wanted, uncut, problem.shop());
    }

    /** A pattern of another grouping, of fewer panels and sheets, in terms of this one. */
    SheetPattern translated(SheetPattern pattern, SheetKinds from) {
        int kind = kindOf(from.kinds().get(pattern.bin()).bin());
        List<SheetPattern.Spot> spots =
                pattern.spots().stream()
                        .map(
                                s ->
                                        new SheetPattern.Spot(
                                                typeById.getOrDefault(
                                                        from.types().get(s.type()).id(), -1),
                                                s.x(),
                                                s.y(),
                                                s.turned()))
                        .toList();
        return SheetPattern.of(kind, spots, types.size());
    }

    /** What lies on a sheet, as a pattern. */
    SheetPattern pattern(SheetProblem.Bin bin, List<OpenSheet.Placed> placed) {
        return SheetPattern.of(
                kindOf(bin),
                placed.stream()
                        .map(
                                p ->
                                        new SheetPattern.Spot(
                                                typeOf[p.panel()], p.x(), p.y(), p.turned()))
                        .toList(),
                types.size());
    }
}
