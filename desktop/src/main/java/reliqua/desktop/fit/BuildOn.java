package reliqua.desktop.fit;

import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.Region;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.measure.Words;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** What is built on to the coop: named on a button, and ticked in the list it opens. */
final class BuildOn {
    private static final int MOST_LETTERS = 24;

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
        button.getItems().setAll(kind.addOns().stream().map(a -> item(a, wanted)).toList());
        button.setDisable(kind.addOns().isEmpty());
    }

    private CheckMenuItem item(AddOn each, Set<AddOn> wanted) {
        CheckMenuItem item = new CheckMenuItem(Words.say("addon." + each.id() + ".title"));
        item.setId("with-" + each.id());
        item.setSelected(wanted.contains(each));
        item.setOnAction(_ -> onChange.accept(each, item.isSelected()));
        return item;
    }
}
