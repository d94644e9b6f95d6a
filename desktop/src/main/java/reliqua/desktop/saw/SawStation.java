package reliqua.desktop.saw;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Picture;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.stock.Lot;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.Workspace;

/** The cutting tickets, one a stick, sheet, roofing sheet or roll, with running tape marks. */
public final class SawStation implements Station {
    private static final double STRIP = 0.165;
    private static final double SHEET = 0.12;

    /** A long roll is drawn smaller, so that all of it is seen. */
    private static final double WIDEST = 640;

    private final Workspace workspace;
    private final ObservableList<Ticket> tickets = FXCollections.observableArrayList();
    private final ListView<Ticket> list = new ListView<>(tickets);
    private final Label summary = Parts.text("", "soft");
    private final VBox bench = new VBox(10);
    private final VBox slip = new VBox(10);

    /** Over the workspace. */
    public SawStation(Workspace workspace) {
        this.workspace = workspace;
        list.setId("tickets");
        list.getStyleClass().add("rack");
        list.setCellFactory(_ -> new TicketCell());
        list.setPlaceholder(Parts.text(Texts.get("saw.empty"), "soft", "placeholder"));
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox caution = new VBox(Parts.text(Texts.get("saw.caution"), "note-ink"));
        caution.getStyleClass().add("caution");
        bench.getChildren()
                .addAll(
                        Parts.row(12, Parts.text(Texts.get("station.saw"), "headline"), summary),
                        caution,
                        list);
        list.getSelectionModel().selectedItemProperty().addListener((_, _, _) -> showSlip());
        list.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.SPACE) {
                        Optional.ofNullable(list.getSelectionModel().getSelectedItem())
                                .ifPresent(this::toggle);
                        e.consume();
                    }
                });
    }

    @Override
    public String id() {
        return "saw";
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
        return "M3 16 L15 4 L20 9 L8 18 Z M5 18 L6 20 M8 18 L9 20 M11 16 L12 18 M14 13 L15 15";
    }

    private List<Ticket> all() {
        return workspace
                .designs()
                .state()
                .get()
                .design()
                .map(d -> d.candidate().plan().tickets())
                .orElse(List.of());
    }

    private boolean isCut(Ticket ticket) {
        return workspace.project().done().contains(Design.cutKey(ticket));
    }

    @Override
    public String line() {
        long cut = all().stream().filter(this::isCut).count();
        return Texts.get("saw.line", cut, all().size());
    }

    @Override
    public void refresh() {
        List<Ticket> now = all();
        if (!now.equals(tickets)) {
            tickets.setAll(now);
            if (!now.isEmpty()) {
                list.getSelectionModel().select(0);
            }
        }
        list.refresh();
        summary.setText(
                now.isEmpty()
                        ? ""
                        : Texts.get(
                                "saw.summary",
                                now.size(),
                                now.stream().mapToInt(t -> t.cuts().size()).sum(),
                                workspace.tape().say(workspace.project().keeper().kerf())));
        showSlip();
    }

    private void toggle(Ticket ticket) {
        boolean cut = isCut(ticket);
        String name = marks(ticket);
        workspace.edit(
                Texts.get(cut ? "edit.uncut" : "edit.cut", name),
                p -> p.tick(Design.cutKey(ticket), !cut));
    }

    private static String marks(Ticket ticket) {
        return String.join(", ", ticket.cuts().stream().map(Ticket.Cut::marks).toList());
    }

    private void showSlip() {
        slip.getChildren().clear();
        Ticket ticket = list.getSelectionModel().getSelectedItem();
        Optional<Design> design = workspace.designs().state().get().design();
        if (ticket == null || design.isEmpty()) {
            slip.getChildren().add(Parts.text(Texts.get("saw.none"), "soft"));
            return;
        }
        Tape tape = workspace.tape();
        slip.getChildren()
                .addAll(
                        Parts.text(Describe.size(ticket.material(), tape), "title"),
                        Parts.text(where(ticket), "soft"),
                        Parts.button(
                                "cut-done",
                                Texts.get(isCut(ticket) ? "saw.uncut" : "saw.cut"),
                                () -> toggle(ticket),
                                "main-button"));
        Set<String> lit = new TreeSet<>();
        for (Ticket.Cut cut : ticket.cuts()) {
            for (Part part : cut.parts()) {
                lit.add(part.mark());
                slip.getChildren().add(piece(part, tape));
            }
        }
        PictureView place = new PictureView();
        place.picture()
                .set(Elevation.of(design.get().candidate().coop(), Elevation.View.SIDE, tape, lit));
        place.setPrefHeight(150);
        place.setMinHeight(150);
        slip.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("saw.goes"), "strong"), place);
    }

    private static Node piece(Part part, Tape tape) {
        String words = Words.say("role." + part.role().name());
        String size =
                switch (part) {
                    case Part.StickPart s ->
                            tape.mark(s.length())
                                    + (s.endCut().degrees() == 0
                                            ? ""
                                            : ", " + Texts.get("saw.angle", tape.say(s.endCut())));
                    case Part.PanelPart p ->
                            tape.mark(p.width())
                                    + " x "
                                    + tape.mark(p.height())
                                    + p.lowSide()
                                            .map(low -> Texts.get("saw.slope", tape.mark(low)))
                                            .orElse("");
                    case Part.RoofPart r -> tape.mark(r.length());
                    case Part.MeshPart m -> tape.mark(m.width()) + " x " + tape.mark(m.length());
                };
        Label mark = Parts.text(part.mark(), "strong");
        mark.setMinWidth(34);
        return Parts.row(8, mark, Parts.text(words + ", " + size, "note-ink"));
    }

    private String where(Ticket ticket) {
        if (ticket.bought()) {
            return Texts.get("saw.bought", ticket.copy());
        }
        Lot lot = workspace.project().heap().worked().find(ticket.source()).orElseThrow();
        String from = lot.provenance().source();
        String place = lot.provenance().place();
        return Texts.get(
                        "saw.from",
                        from.isEmpty() ? ticket.source() : from,
                        ticket.copy(),
                        lot.quantity())
                + (place.isEmpty() ? "" : ", " + place);
    }

    private final class TicketCell extends ListCell<Ticket> {
        TicketCell() {
            getStyleClass().add("rack-cell");
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(@Nullable Ticket ticket, boolean empty) {
            super.updateItem(ticket, empty);
            setText(null);
            if (empty || ticket == null) {
                setGraphic(null);
                return;
            }
            Tape tape = workspace.tape();
            Picture drawn = TicketPicture.of(ticket, tape);
            double scale = Math.min(ticket.isLinear() ? STRIP : SHEET, WIDEST / drawn.width());
            PictureView picture = new PictureView(scale);
            picture.picture().set(drawn);
            Label title = Parts.text(Describe.size(ticket.material(), tape), "strong");
            Label note = Parts.text(where(ticket), "note");
            title.setWrapText(false);
            title.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
            note.setWrapText(false);
            boolean cut = isCut(ticket);
            Label state = Parts.text(cut ? Texts.get("saw.isCut") : "", "holds", "strong");
            HBox head = Parts.row(10, title, note, Parts.spring(), state);
            head.setMinHeight(24);
            VBox face = new VBox(4, head, picture);
            face.setOpacity(cut ? 0.55 : 1);
            face.setMinWidth(0);
            face.prefWidthProperty().bind(list.widthProperty().subtract(50));
            setAccessibleText(
                    title.getText()
                            + ": "
                            + marks(ticket)
                            + (cut ? ", " + Texts.get("saw.isCut") : ""));
            setGraphic(face);
        }
    }
}
