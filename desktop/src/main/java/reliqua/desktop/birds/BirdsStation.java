package reliqua.desktop.birds;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import reliqua.core.flock.Flock;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;

/**
 * The birds, how they are kept, their ground, the animals about and the keeper: pictures first,
 * with the needs that follow beside them.
 */
public final class BirdsStation implements Station {
    private final Workspace workspace;
    private final List<BirdsView> views;
    private final ScrollPane room = new ScrollPane();
    private final NeedsSlip slip;
    private final VBox bench = new VBox(10);
    private final Label summary = Parts.text("", "soft");
    private BirdsView shown;

    /** Over the workspace. */
    public BirdsStation(Workspace workspace) {
        this.workspace = workspace;
        this.slip = new NeedsSlip(workspace);
        this.views =
                List.of(
                        new FlockView(workspace),
                        new WaysView(workspace),
                        new GroundView(workspace),
                        new PredatorsView(workspace),
                        new KeeperView(workspace),
                        new AskView(workspace));
        this.shown = views.getFirst();
        Label headline = Parts.text(Texts.get("station.birds"), "headline");
        headline.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = Parts.row(6, headline, summary, Parts.spring());
        summary.setWrapText(false);
        ToggleGroup group = new ToggleGroup();
        for (BirdsView view : views) {
            head.getChildren().add(choice(view, group));
        }
        VBox.setVgrow(room, Priority.ALWAYS);
        room.setContent(shown.node());
        room.setFitToWidth(true);
        room.setFitToHeight(true);
        room.getStyleClass().add("bare");
        bench.getChildren().addAll(head, room);
    }

    private ToggleButton choice(BirdsView view, ToggleGroup group) {
        return Parts.choice(
                "side-" + view.id(),
                Texts.get("side." + view.id()),
                group,
                view == shown,
                () -> show(view),
                "pill");
    }

    private void show(BirdsView view) {
        shown = view;
        room.setContent(view.node());
        room.setVvalue(0);
        view.refresh();
    }

    @Override
    public String id() {
        return "birds";
    }

    @Override
    public Node bench() {
        return bench;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public String pictogram() {
        return "M3 9 L6 12 L10 12 L13 9 L14 5 L17 5 L20 7 L17 9 L17 13 L14 17 L14 21 M11 17 L11 21 M6 12 L8 16 L14 17";
    }

    @Override
    public String line() {
        Flock flock = workspace.project().flock();
        int coming = flock.housed() - flock.total();
        return coming > 0
                ? Texts.get("birds.line.coming", flock.total(), coming)
                : Texts.get("birds.line", flock.total());
    }

    @Override
    public void refresh() {
        Flock flock = workspace.project().flock();
        summary.setText(flock.total() == 0 ? Texts.get("birds.empty") : line());
        shown.refresh();
        slip.refresh();
    }
}
