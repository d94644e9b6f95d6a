package reliqua.desktop.birds;

import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.drawing.SitePicture;
import reliqua.core.flock.Site;
import reliqua.core.flock.SiteMark;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Distance;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** The ground to scale: marks to drag, dials to turn, and what follows for the coop. */
final class GroundView implements BirdsView {
    private final Workspace workspace;
    private final PictureView picture = new PictureView();
    private final MarkHandles handles;
    private final Dial up;
    private final Dial downhill;
    private final Dial wind;
    private final Dial facing;
    private final Stepper slope;
    private final Button turnBest;
    private final HBox chosenBar = Parts.row(8);
    private final WeatherBar weather;
    private final VBox node = new VBox(8);
    private int chosen;
    private @Nullable Shown shown;

    /** What the bar of the chosen mark tells of. */
    private record Shown(Site site, int chosen, Tape tape) {}

    GroundView(Workspace workspace) {
        this.workspace = workspace;
        this.handles = new MarkHandles(this::choose, this::preview, this::move);
        this.weather = new WeatherBar(workspace);
        up = new Dial("up", b -> edit("dial.up", s -> s.withUp(b)));
        downhill =
                new Dial(
                        "downhill",
                        b -> edit("dial.downhill", s -> s.withSlope(b, Math.max(1, s.slope()))));
        wind = new Dial("wind", b -> edit("dial.wind", s -> s.withWindFrom(b)));
        facing = new Dial("facing", b -> edit("dial.facing", s -> s.withFacing(b)));
        slope =
                new Stepper(
                        "SLOPE",
                        Texts.get("ground.slope"),
                        n -> edit("ground.slope", s -> s.withSlope(s.downhill(), n)));
        turnBest = Parts.button("turn-best", "", this::turnToBest, "small");
        VBox dials = new VBox(8, up, facing, wind, downhill, slope);
        dials.setAlignment(Pos.TOP_CENTER);
        dials.setMinWidth(146);
        picture.onPlaced(this::placeHandles);
        StackPane plan = new StackPane(picture, handles);
        HBox.setHgrow(plan, Priority.ALWAYS);
        HBox middle = new HBox(8, plan, dials);
        VBox.setVgrow(middle, Priority.ALWAYS);
        plan.setMinHeight(160);
        chosenBar.setMinHeight(40);
        node.getChildren().addAll(middle, chosenBar, putDown(), weather);
        VBox.setVgrow(node, Priority.ALWAYS);
    }

    private Node putDown() {
        FlowPane kinds = new FlowPane(6, 6);
        for (SiteMark.Kind kind : SiteMark.Kind.values()) {
            if (kind != SiteMark.Kind.COOP) {
                String name = kind.sum().words(workspace.tape());
                kinds.getChildren()
                        .add(
                                Parts.button(
                                        "put-" + kind.name(),
                                        Texts.get("ground.put", name),
                                        () -> put(kind, name),
                                        "pill"));
            }
        }
        return kinds;
    }

    private Site site() {
        return workspace.project().site();
    }

    private void edit(String key, UnaryOperator<Site> change) {
        workspace.edit(
                Texts.get("edit.ground", Texts.get(key)), p -> p.withSite(change.apply(p.site())));
    }

    private void put(SiteMark.Kind kind, String name) {
        Site now = site();
        chosen = now.marks().size();
        SiteMark mark = SiteMark.at(kind, now.width().half(), now.depth().half());
        workspace.edit(Texts.get("edit.put", name), p -> p.withSite(p.site().plus(mark)));
    }

    private void choose(int index) {
        if (index != chosen) {
            chosen = index;
            draw(site());
            showChosen();
        }
    }

    private void preview(int index, SiteMark mark) {
        draw(site().withMark(index, mark));
    }

    private void move(int index, SiteMark mark) {
        String name = mark.kind().sum().words(workspace.tape());
        workspace.edit(
                Texts.get("edit.moved", name), p -> p.withSite(p.site().withMark(index, mark)));
        draw(site());
    }

    private void turnToBest() {
        edit("dial.facing", s -> s.withFacing(Siting.of(s).best()));
    }

    @Override
    public String id() {
        return "ground";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void refresh() {
        Site site = site();
        chosen = Math.min(chosen, site.marks().size() - 1);
        up.show(site.up());
        downhill.show(site.downhill());
        wind.show(site.windFrom());
        facing.show(site.facing());
        slope.show(site.slope());
        draw(site);
        // Also when the drawing is the same as the last preview and is not placed anew.
        placeHandles();
        showChosen();
        weather.refresh();
    }

    private void draw(Site site) {
        SitePicture.Footprint footprint =
                workspace
                        .designs()
                        .state()
                        .get()
                        .design()
                        .map(d -> SitePicture.Footprint.of(d.candidate().coop()))
                        .orElse(SitePicture.Footprint.USUAL);
        picture.picture()
                .set(SitePicture.of(site, footprint, Optional.of(chosen), workspace.tape()));
    }

    private void placeHandles() {
        handles.show(site(), picture.placement(), workspace.tape());
    }

    /** Not filled anew under the keeper's hands when a design comes in and nothing else changed. */
    private void showChosen() {
        Shown now = new Shown(site(), chosen, workspace.tape());
        if (!now.equals(shown)) {
            shown = now;
            Focus.keep(chosenBar, "chosen-", this::fillChosen);
        }
    }

    private void fillChosen() {
        Site site = site();
        SiteMark mark = site.marks().get(chosen);
        Tape tape = workspace.tape();
        chosenBar.getChildren().clear();
        Label name = Parts.text(mark.kind().sum().words(tape), "strong");
        name.setWrapText(false);
        chosenBar.getChildren().add(name);
        if (mark.kind() == SiteMark.Kind.COOP) {
            coopBar(site);
            return;
        }
        Label where =
                Parts.text(
                        Texts.get(
                                "ground.where",
                                tape.say(new Distance(site.coop().distance(mark))),
                                site.towards(mark).point()),
                        "soft");
        where.setWrapText(false);
        EntryField size =
                new EntryField("chosen-size", Texts.get("ground.size"), this::resize).wide(96);
        size.show(tape.say(mark.size()));
        chosenBar.getChildren().addAll(size, where, Parts.spring());
        if (mark.kind().runs()) {
            chosenBar
                    .getChildren()
                    .add(
                            bar(
                                    "chosen-turn",
                                    "ground.turn",
                                    s -> s.withMark(chosen, mark.turnedRound())));
        }
        chosenBar.getChildren().add(bar("chosen-remove", "ground.remove", s -> s.without(chosen)));
    }

    private Button bar(String id, String key, UnaryOperator<Site> change) {
        return Parts.button(id, Texts.get(key), () -> edit(key, change), "small");
    }

    /** What speaks for the best direction, or that it has been taken. */
    private void coopBar(Site site) {
        Siting siting = Siting.of(site);
        boolean there = siting.best().equals(site.facing());
        String best = siting.best().point();
        Label words =
                Parts.text(
                        there
                                ? Texts.get("ground.faces.best", best)
                                : Texts.get("ground.faces", site.facing().point(), best),
                        there ? "holds" : "soft");
        words.setWrapText(false);
        chosenBar.getChildren().addAll(words, Parts.spring());
        if (!there) {
            turnBest.setText(Texts.get("ground.turnBest", best));
            chosenBar.getChildren().add(turnBest);
        }
    }

    private String resize(String text) {
        try {
            Length size = workspace.tape().reader().read(text);
            SiteMark mark = site().marks().get(chosen).withSize(size);
            edit("ground.size", s -> s.withMark(chosen, mark));
            return "";
        } catch (IllegalArgumentException e) {
            return String.valueOf(e.getMessage());
        }
    }
}
