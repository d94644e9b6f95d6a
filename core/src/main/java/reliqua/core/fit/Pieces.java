package reliqua.core.fit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.Choices;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * The pieces of a house by what decides their section. Parts do not tell it; so the house is drawn
 * with sections, and a floor, a few nanometres apart for every group.
 */
record Pieces(
        Map<Choices.Group, List<Length>> sticks,
        List<Part.PanelPart> decks,
        List<Part.PanelPart> skins,
        List<Length> roofing) {
    private static final int DECK = 20;

    static Choices marked(Choices choices) {
        Choices marked = choices.withDeck(more(choices.deck(), DECK));
        for (Choices.Group group : Choices.Group.values()) {
            marked = marked.with(group, mark(choices.section(group), group));
        }
        return marked;
    }

    private static Section mark(Section section, Choices.Group group) {
        return new Section(section.thickness(), more(section.width(), 1 + group.ordinal()));
    }

    private static Length more(Length length, int nanometres) {
        return length.plus(new Length(nanometres));
    }

    static Pieces of(Coop coop, Choices choices) {
        Map<Section, Choices.Group> groups = new HashMap<>();
        for (Choices.Group group : Choices.Group.values()) {
            groups.put(mark(choices.section(group), group), group);
        }
        Length deck = more(choices.deck(), DECK);
        Map<Choices.Group, List<Length>> sticks = new EnumMap<>(Choices.Group.class);
        List<Part.PanelPart> decks = new ArrayList<>();
        List<Part.PanelPart> skins = new ArrayList<>();
        List<Length> roofing = new ArrayList<>();
        for (Part part : coop.parts()) {
            if (part instanceof Part.StickPart s && groups.containsKey(s.section())) {
                sticks.computeIfAbsent(groups.get(s.section()), _ -> new ArrayList<>())
                        .add(s.length());
            } else if (part instanceof Part.PanelPart p && p.cutFrom().isEmpty()) {
                (p.thickness().equals(deck) ? decks : skins).add(p);
            } else if (part instanceof Part.RoofPart r) {
                roofing.add(r.length());
            }
        }
        return new Pieces(sticks, decks, skins, roofing);
    }

    Set<Choices.Group> groups() {
        return sticks.keySet();
    }

    List<Length> of(Collection<Choices.Group> some) {
        return some.stream().flatMap(g -> sticks.get(g).stream()).toList();
    }
}
