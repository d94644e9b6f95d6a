package reliqua.desktop.shell;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import reliqua.desktop.Texts;

/** The path: a stack of boards, one a station; the one in use is pulled out. */
final class PathBar extends VBox {
    private final ToggleGroup group = new ToggleGroup();
    private final Map<Station, Label> lines = new HashMap<>();
    private final Map<Station, ToggleButton> boards = new HashMap<>();

    PathBar(List<Station> stations, Consumer<Station> go) {
        getStyleClass().add("path");
        for (int i = 0; i < stations.size(); i++) {
            getChildren().add(board(stations.get(i), i + 1, go));
        }
    }

    private ToggleButton board(Station station, int number, Consumer<Station> go) {
        String name = Texts.get("station." + station.id());
        Label title = Parts.text(name, "board-title");
        Label line = Parts.text("", "board-line");
        line.setWrapText(false);
        line.setMaxWidth(138);
        SVGPath sign = new SVGPath();
        sign.setContent(station.pictogram());
        sign.getStyleClass().add("board-sign");
        BorderPane face = new BorderPane();
        face.setLeft(new VBox(2, title, line));
        face.setRight(sign);
        ToggleButton board = new ToggleButton();
        board.setGraphic(face);
        board.setId("go-" + station.id());
        board.setToggleGroup(group);
        board.getStyleClass().add("board");
        board.setAccessibleText(name);
        board.setTooltip(new Tooltip(Texts.get("path.hint", name, number)));
        board.setOnAction(
                _ -> {
                    board.setSelected(true);
                    go.accept(station);
                });
        board.setMaxWidth(Double.MAX_VALUE);
        lines.put(station, line);
        boards.put(station, board);
        return board;
    }

    /** Pictograms alone, where there is little room; names are on hover and for readers. */
    void compact(boolean now) {
        boards.values()
                .forEach(
                        board -> {
                            BorderPane face = (BorderPane) board.getGraphic();
                            face.getLeft().setVisible(!now);
                            face.getLeft().setManaged(!now);
                        });
    }

    void select(Station station) {
        java.util.Objects.requireNonNull(boards.get(station)).setSelected(true);
    }

    void refresh() {
        lines.forEach(
                (station, label) -> {
                    label.setText(station.line());
                    java.util.Objects.requireNonNull(boards.get(station))
                            .setAccessibleHelp(station.line());
                });
    }
}
