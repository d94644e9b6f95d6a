package reliqua.desktop.birds;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.drawing.ProofPicture;
import reliqua.core.flock.Predator;
import reliqua.core.flock.Proof;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;

/** The animals about, and a slice through everything that keeps them out. */
final class PredatorsView implements BirdsView {
    private static final double FACE = 138;

    private final Workspace workspace;
    private final PictureView picture = new PictureView();
    private final Map<Predator, ToggleButton> animals = new EnumMap<>(Predator.class);
    private final VBox node = new VBox(10);
    private @Nullable Tape labelled;

    PredatorsView(Workspace workspace) {
        this.workspace = workspace;
        VBox.setVgrow(picture, Priority.ALWAYS);
        picture.setMinHeight(150);
        FlowPane tiles = new FlowPane(6, 6);
        for (Predator each : Predator.values()) {
            ToggleButton tile = tile(each);
            animals.put(each, tile);
            tiles.getChildren().add(tile);
        }
        node.getChildren().addAll(picture, Parts.text(Texts.get("predators.how"), "strong"), tiles);
    }

    private ToggleButton tile(Predator animal) {
        String name = animal.sum().words(workspace.tape());
        ToggleButton tile =
                Parts.toggle(
                        "animal-" + animal.name(),
                        "",
                        false,
                        about ->
                                workspace.edit(
                                        Texts.get(about ? "edit.animal" : "edit.animal.none", name),
                                        p -> p.withSite(p.site().with(animal, about))));
        tile.getStyleClass().setAll("toggle-button", "school");
        return tile;
    }

    private static void label(ToggleButton tile, Predator animal, Tape tape) {
        String name = animal.sum().words(tape);
        String asks = asks(animal, tape);
        tile.setGraphic(Parts.face(name, asks, FACE));
        tile.setAccessibleText(name + ": " + asks);
    }

    /** What keeping this animal out takes, by itself. */
    private static String asks(Predator animal, Tape tape) {
        Proof proof = Proof.against(Set.of(animal));
        StringBuilder words =
                new StringBuilder(
                        Texts.get("predators.mesh", tape.mark(animal.apertureNearBirds())));
        if (proof.apron().value()) {
            words.append(Texts.get("predators.apron"));
        }
        if (proof.latch().value()) {
            words.append(Texts.get("predators.latch"));
        }
        if (proof.cover().value()) {
            words.append(Texts.get("predators.cover"));
        }
        if (proof.fence().value()) {
            words.append(Texts.get("predators.fence"));
        }
        return words.toString();
    }

    @Override
    public String id() {
        return "predators";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void refresh() {
        Tape tape = workspace.tape();
        if (!tape.equals(labelled)) {
            animals.forEach((animal, tile) -> label(tile, animal, tape));
            labelled = tape;
        }
        picture.picture().set(ProofPicture.of(workspace.project().needs(), workspace.tape()));
        Set<Predator> about = workspace.project().site().predators();
        animals.forEach((animal, tile) -> tile.setSelected(about.contains(animal)));
    }
}
