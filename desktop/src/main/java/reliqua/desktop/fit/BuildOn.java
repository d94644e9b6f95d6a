package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Region;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.measure.Words;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/**
 * What is built on to the coop: named on a button, and ticked in the list it opens. A list longer
 * than a small screen is parted by what it is about.
 */
final class BuildOn {
    private static final int MOST_LETTERS = 24;
    private static final int LONGEST = 10;

    /** What an addition is about, in the order of the list. */
    private enum About {
        RUN,
        DOORS,
        NESTS,
        ROOSTS,
        FLOOR,
        ROOF,
        FOOD,
        GROUND,
        TWICE
    }

    private final MenuButton button = new MenuButton();
    private List<Object> shown = List.of();
    private final BiConsumer<AddOn, Boolean> onChange;

    BuildOn(BiConsumer<AddOn, Boolean> onChange) {
        this.onChange = onChange;
        button.setId("build-on");
        button.setMinWidth(Region.USE_PREF_SIZE);
    }

    Node node() {
        return button;
    }

    /** All that this kind has room for, with a tick at what is wanted. */
    void show(CoopFamily kind, Set<AddOn> wanted) {
        List<Object> now = List.of(kind.id(), Set.copyOf(wanted));
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        String names =
                kind.addOns().stream()
                        .filter(wanted::contains)
                        .map(a -> Words.say("addon." + a.id()))
                        .collect(Collectors.joining(", "));
        button.setText(
                names.isEmpty()
                        ? Texts.get("fit.buildOn")
                        : Texts.get("fit.builtOn", Parts.shortened(names, MOST_LETTERS)));
        button.getItems()
                .setAll(kind.addOns().size() > LONGEST ? parted(kind, wanted) : all(kind, wanted));
        button.setDisable(kind.addOns().isEmpty());
    }

    private List<MenuItem> all(CoopFamily kind, Set<AddOn> wanted) {
        return kind.addOns().stream().<MenuItem>map(a -> item(a, wanted)).toList();
    }

    private List<MenuItem> parted(CoopFamily kind, Set<AddOn> wanted) {
        List<MenuItem> parts = new ArrayList<>();
        for (About about : About.values()) {
            List<AddOn> these = kind.addOns().stream().filter(a -> about(a) == about).toList();
            if (!these.isEmpty()) {
                parts.add(part(about, these, wanted));
            }
        }
        return parts;
    }

    /** Named with what of it is wanted. */
    private Menu part(About about, List<AddOn> these, Set<AddOn> wanted) {
        String names =
                these.stream()
                        .filter(wanted::contains)
                        .map(a -> Words.say("addon." + a.id()))
                        .collect(Collectors.joining(", "));
        String name = Texts.get("fit.buildOn." + about);
        Menu menu = new Menu(names.isEmpty() ? name : Texts.get("fit.builtOn.part", name, names));
        menu.setId("build-on-" + about);
        menu.getItems().setAll(these.stream().map(a -> item(a, wanted)).toList());
        return menu;
    }

    private static About about(AddOn addOn) {
        return switch (addOn) {
            case RUN, YARD, PERCH, SECOND_MESH, WINDBREAK -> About.RUN;
            case WINDOW, DOOR_BAR, DOOR_OPENER, TWO_LEAF_DOOR, BACK_HATCH, BALCONY, PORCH ->
                    About.DOORS;
            case ROLL_AWAY_NESTS, NEST_DRAWER, WALL_NESTS -> About.NESTS;
            case DROPPINGS_BOARD, ROOST_LADDER, SWING_UP_ROOSTS, BROODER, DUST_BATH -> About.ROOSTS;
            case WIRE_FLOOR, FLOOR_VENT, SLATTED_FLOOR, PALLET_FLOOR -> About.FLOOR;
            case GUTTER, VENT_BOARDS, LIFTING_ROOF -> About.ROOF;
            case DRINKER_STAND, FEEDER_BAR, FEED_BOX, TUB_FLAP -> About.FOOD;
            case ANCHORS, WHEELS, GROUND_LEVEL -> About.GROUND;
            case DOUBLED, TWO_PENS -> About.TWICE;
        };
    }

    private CheckMenuItem item(AddOn each, Set<AddOn> wanted) {
        CheckMenuItem item = new CheckMenuItem(Words.say("addon." + each.id() + ".title"));
        item.setId("with-" + each.id());
        item.setSelected(wanted.contains(each));
        item.setOnAction(_ -> onChange.accept(each, item.isSelected()));
        return item;
    }
}
