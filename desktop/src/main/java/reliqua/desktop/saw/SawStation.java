package reliqua.desktop.saw;

import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.drawing.Picture;
import reliqua.core.drawing.TicketPicture;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.project.Project;
import reliqua.core.project.SawLog;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.HeldKey;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Seen;
import reliqua.desktop.shell.Station;
import reliqua.desktop.shell.WholeWindow;
import reliqua.desktop.work.Workspace;

/** The cutting tickets, one a stick, sheet, roofing sheet or roll, with running tape marks. */
public final class SawStation implements Station {
    private static final double STRIP = 0.165;
    private static final double SHEET = 0.12;

    /** A long roll is drawn smaller, so that all of it is seen. */
    private static final double WIDEST = 640;

    private final Workspace workspace;
    private final TicketBook book;
    private final PieceWishes wishes;
    private final WholeWindow whole;
    private final ObservableList<Ticket> tickets = FXCollections.observableArrayList();
    private final ListView<Ticket> list = new ListView<>(tickets);
    private final HeldKey held = new HeldKey(list);
    private final Label summary = Parts.text("", "soft");
    private final PlanCard card;
    private final YieldView yields;
    private final StoryView story = new StoryView();
    private final ToggleGroup instead = new ToggleGroup();
    private final ToggleButton given = instead("yield", "yield.show");
    private final ToggleButton told = instead("told", "story.show");
    private final VBox bench = new VBox(10);
    private final VBox slip = new VBox(10);
    private long shownCut;
    private final Seen seen = new Seen();
    private @Nullable AtTheSaw mode;

    /** Over the workspace; {@code whole} gives the whole window to a node, and takes it back. */
    public SawStation(Workspace workspace, WholeWindow whole) {
        this.workspace = workspace;
        this.book = new TicketBook(workspace);
        this.wishes = new PieceWishes(book, this::showSlip);
        this.card = new PlanCard(workspace);
        this.yields = new YieldView(card);
        this.whole = whole;
        list.setId("tickets");
        list.getStyleClass().add("rack");
        list.setCellFactory(_ -> new TicketCell());
        list.setPlaceholder(Parts.text(Texts.get("saw.empty"), "soft", "placeholder"));
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox.setVgrow(yields, Priority.ALWAYS);
        VBox.setVgrow(story, Priority.ALWAYS);
        VBox caution = new VBox(Parts.text(Texts.get("saw.caution"), "note-ink"));
        caution.getStyleClass().add("caution");
        caution.setMinHeight(Region.USE_PREF_SIZE);
        bench.getChildren()
                .addAll(
                        Parts.row(
                                12,
                                whole(Parts.text(Texts.get("station.saw"), "headline")),
                                summary,
                                Parts.spring(),
                                told,
                                given,
                                whole(
                                        Parts.button(
                                                "at-saw",
                                                Texts.get("saw.mode"),
                                                this::atTheSaw,
                                                "plain"))),
                        caution,
                        list);
        list.getSelectionModel().selectedItemProperty().addListener((_, _, _) -> showSlip());
        list.setOnKeyPressed(this::key);
    }

    private void key(KeyEvent event) {
        if (event.getCode() != KeyCode.SPACE) {
            return;
        }
        event.consume();
        if (!held.repeats(event)) {
            held.heed(event);
            Optional.ofNullable(list.getSelectionModel().getSelectedItem()).ifPresent(book::toggle);
        }
    }

    /** Never squeezed by what stands beside it. */
    private static <R extends Region> R whole(R region) {
        region.setMinWidth(Region.USE_PREF_SIZE);
        return region;
    }

    /** One of the views that stand in place of the tickets while it is pressed. */
    private ToggleButton instead(String id, String text) {
        ToggleButton button = Parts.toggle(id, Texts.get(text), false, _ -> showInstead());
        button.setToggleGroup(instead);
        return button;
    }

    private void showInstead() {
        Node shown = given.isSelected() ? yields : told.isSelected() ? story : list;
        bench.getChildren().set(bench.getChildren().size() - 1, shown);
        refreshInstead();
    }

    private void refreshInstead() {
        if (given.isSelected()) {
            yields.show(book.yields(), workspace.tape());
        } else if (told.isSelected()) {
            story.show(workspace.project().story());
        }
    }

    private void atTheSaw() {
        int first = Math.max(0, list.getSelectionModel().getSelectedIndex());
        AtTheSaw opened = new AtTheSaw(book, first, this::leaveTheSaw);
        mode = opened;
        whole.take(opened);
        opened.requestFocus();
    }

    private void leaveTheSaw() {
        mode = null;
        whole.giveBack();
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

    @Override
    public String line() {
        return Texts.get("saw.line", book.cutCount(), book.tickets().size());
    }

    @Override
    public void refresh() {
        Project project = workspace.project();
        if (seen.isAll(
                workspace.designs().state().get().design(),
                project.cuts(),
                project.wishes(),
                project.story(),
                project.keeper())) {
            return;
        }
        List<Ticket> now = book.tickets();
        if (!now.equals(tickets)) {
            int was = Math.max(0, list.getSelectionModel().getSelectedIndex());
            // What is cut goes to the front, so the ticket after it is one further on.
            long further = Math.max(0, book.cutCount() - shownCut);
            shownCut = book.cutCount();
            tickets.setAll(now);
            if (!now.isEmpty()) {
                list.getSelectionModel().select((int) Math.min(was + further, now.size() - 1));
            }
        }
        list.refresh();
        refreshInstead();
        if (mode != null) {
            mode.show();
        }
        summary.setText(
                now.isEmpty()
                        ? ""
                        : Texts.get(
                                "saw.summary",
                                now.size(),
                                now.stream().mapToInt(t -> t.marks().size()).sum(),
                                workspace.tape().say(workspace.project().keeper().kerf())));
        showSlip();
    }

    @Override
    public void reviewed() {
        card.reviewed();
    }

    private void showSlip() {
        slip.getChildren().clear();
        showSpares();
        slip.getChildren().addAll(wishes.all());
        Ticket ticket = list.getSelectionModel().getSelectedItem();
        if (ticket == null) {
            slip.getChildren().add(Parts.text(Texts.get("saw.none"), "soft"));
            return;
        }
        Tape tape = workspace.tape();
        slip.getChildren()
                .addAll(
                        Parts.text(Describe.size(ticket.material(), tape), "title"),
                        Parts.text(book.where(ticket), "soft"),
                        Parts.button(
                                "cut-done",
                                Texts.get(book.isCut(ticket) ? "saw.uncut" : "saw.cut"),
                                () -> book.toggle(ticket),
                                "main-button"));
        for (Ticket.Cut cut : ticket.cuts()) {
            for (Part part : cut.parts()) {
                slip.getChildren().add(piece(part));
                String notes = book.notes(ticket, part);
                if (!notes.isEmpty()) {
                    slip.getChildren().add(Parts.text(notes, "note"));
                }
                if (part instanceof Part.StickPart && !book.isCut(ticket)) {
                    slip.getChildren().add(wishes.buttons(part, ticket));
                }
            }
        }
        PictureView place = new PictureView();
        book.place(ticket).ifPresent(place.picture()::set);
        place.setPrefHeight(150);
        place.setMinHeight(150);
        slip.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("saw.goes"), "strong"), place);
    }

    private Node piece(Part part) {
        Label mark = Parts.text(part.mark(), "strong");
        mark.setMinWidth(34);
        String words = Words.say("role." + part.role().name());
        return Parts.row(8, mark, Parts.text(words + ", " + book.size(part), "note-ink"));
    }

    /** Cut, and of no use in the house as it is now: kept in mind until they are wood again. */
    private void showSpares() {
        List<SawLog.Spare> spares = book.spares();
        if (spares.isEmpty()) {
            return;
        }
        VBox box =
                new VBox(
                        4,
                        Parts.text(Texts.get("saw.before"), "danger", "strong"),
                        Parts.text(Texts.get("saw.before.why"), "note-ink"));
        for (SawLog.Spare spare : spares) {
            box.getChildren()
                    .add(
                            Parts.row(
                                    8,
                                    Parts.text(book.words(spare), "note-ink"),
                                    Parts.spring(),
                                    Parts.button(
                                            "to-heap-" + spare.piece().marks(),
                                            Texts.get("saw.toHeap"),
                                            () -> book.toHeap(spare),
                                            "small")));
        }
        box.getStyleClass().add("caution");
        slip.getChildren().add(box);
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
            Label note = Parts.text(book.where(ticket), "note");
            title.setWrapText(false);
            title.setMinWidth(Region.USE_PREF_SIZE);
            note.setWrapText(false);
            boolean cut = book.isCut(ticket);
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
                            + TicketBook.marks(ticket)
                            + (cut ? ", " + Texts.get("saw.isCut") : ""));
            setGraphic(face);
        }
    }
}
