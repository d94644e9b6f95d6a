package reliqua.desktop.shell;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Trouble;
import reliqua.desktop.work.Workspace;
import reliqua.files.disk.Generations;

/** Why the file does not hold the work, where it is kept meanwhile, and what can be done. */
final class TroubleBar extends VBox {
    private final Workspace workspace;
    private final Runnable saveAs;
    private final Label words = Parts.text("", "strong");
    private final Label kept = Parts.text("");
    private final FlowPane ways = new FlowPane(8, 6);

    TroubleBar(Workspace workspace, Runnable saveAs) {
        super(6);
        this.workspace = workspace;
        this.saveAs = saveAs;
        getStyleClass().add("trouble");
        setId("trouble");
        words.setId("trouble-words");
        kept.managedProperty().bind(kept.visibleProperty());
        getChildren().addAll(words, kept, ways);
        managedProperty().bind(visibleProperty());
        workspace.trouble().addListener((_, _, now) -> show(now));
        show(workspace.trouble().get());
    }

    private void show(Optional<Trouble> trouble) {
        setVisible(trouble.isPresent());
        trouble.ifPresent(this::show);
    }

    private void show(Trouble trouble) {
        words.setText(
                Texts.get(
                        "trouble." + trouble.kind(),
                        trouble.file().getFileName(),
                        String.join("; ", trouble.why())));
        boolean unsaved = !workspace.saved().get();
        kept.setVisible(unsaved);
        kept.setText(
                trouble.rescue()
                        .map(copy -> Texts.get("trouble.rescue", copy))
                        .orElse(Texts.get("trouble.noRescue")));
        ways.getChildren().setAll(ways(trouble));
    }

    private List<Node> ways(Trouble trouble) {
        List<Node> all = new ArrayList<>();
        switch (trouble.kind()) {
            case FAILED -> all.add(way("retry", workspace::save));
            case CHANGED -> {
                all.add(way("mine", workspace::insist));
                all.add(way("theirs", () -> workspace.reopen(trouble.file())));
            }
            case GONE -> all.add(way("anew", workspace::insist));
            case TAKEN_OVER -> all.add(way("back", workspace::insist));
            case HELD_ELSEWHERE -> all.add(way("over", workspace::insist));
            case DAMAGED ->
                    before(trouble.file())
                            .ifPresent(
                                    version ->
                                            all.add(
                                                    way(
                                                            "before",
                                                            () ->
                                                                    workspace.openVersion(
                                                                            version,
                                                                            trouble.file()))));
        }
        all.add(way("elsewhere", saveAs));
        if (trouble.waiting() && trouble.rescue().isPresent()) {
            all.add(way("goOn", workspace::goOn));
        }
        if (trouble.waiting()) {
            all.add(way("stay", workspace::stay));
        }
        return all;
    }

    private static Optional<Path> before(Path file) {
        return Optional.of(Generations.place(file, 1)).filter(Files::exists);
    }

    private static Node way(String id, Runnable action) {
        return Parts.button("trouble-" + id, Texts.get("trouble." + id), action, "small");
    }
}
