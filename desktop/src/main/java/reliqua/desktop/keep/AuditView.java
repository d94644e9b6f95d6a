package reliqua.desktop.keep;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.Coop;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Picture;
import reliqua.core.flock.Siting;
import reliqua.core.keep.After;
import reliqua.core.keep.SideSaid;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.Edit;
import reliqua.core.project.Keeping;
import reliqua.core.project.PricedSpots;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.PricedLater;
import reliqua.desktop.work.Workspace;

/** Where an animal may come in, the weakest place first, each lit up in the picture. */
final class AuditView implements KeepView {
    private static final int MOST_MARKS = 14;

    private final Workspace workspace;
    private final VBox list = new VBox(2);
    private final PictureView picture = new PictureView();
    private final HBox node;
    private final VBox slip = new VBox(10);
    private final PricedLater<PricedSpots.Priced> prices;
    private int selected;

    /** Where something happened, while one looks for it. */
    private Optional<Siting.Wall> side = Optional.empty();

    private List<WeakSpot> spots = List.of();
    private Optional<Coop> coop = Optional.empty();

    AuditView(Workspace workspace) {
        this.workspace = workspace;
        prices = new PricedLater<>(PricedSpots::of, this::show);
        picture.setId("audit-picture");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        scroll.setMinWidth(330);
        scroll.setPrefWidth(390);
        HBox.setHgrow(picture, Priority.ALWAYS);
        node = new HBox(14, scroll, picture);
    }

    @Override
    public String id() {
        return "audit";
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public void refresh(Keeping now) {
        spots = now.audit();
        coop = now.coop();
        selected = Math.min(selected, Math.max(0, spots.size() - 1));
        list.getChildren().clear();
        ToggleGroup group = new ToggleGroup();
        WeakSpot.Grade grade = null;
        for (int n = 0; n < spots.size(); n++) {
            if (spots.get(n).grade() != grade) {
                grade = spots.get(n).grade();
                list.getChildren()
                        .add(Parts.text(Texts.get("grade." + grade.name()), "strong", "stage"));
            }
            list.getChildren().add(line(n, group));
        }
        if (spots.isEmpty()) {
            list.getChildren().add(Parts.text(Texts.get("audit.none"), "soft"));
        }
        show();
    }

    /**
     * The weakest place against what came, on the side that the log names, is looked at first; its
     * parts on that side alone are lit.
     */
    void after(After after) {
        Optional<Siting.Wall> named =
                SideSaid.of(after.entry().said(), workspace.project().site().facing());
        side = named;
        Optional<Integer> both = first(n -> lets(n, after) && isAt(n, named));
        Optional<Integer> found = both.or(() -> first(n -> lets(n, after)));
        selected = found.or(() -> first(n -> isAt(n, named))).orElse(selected);
        mark(selected);
        show();
    }

    private Optional<Integer> first(IntPredicate which) {
        return IntStream.range(0, spots.size()).filter(which).boxed().findFirst();
    }

    private boolean lets(int n, After after) {
        return after.animal().map(a -> spots.get(n).lets().contains(a)).orElse(true);
    }

    private boolean isAt(int n, Optional<Siting.Wall> wall) {
        return wall.isPresent() && !there(spots.get(n), wall.get()).isEmpty();
    }

    /** Marks of what a weak spot is about on one side. */
    private List<String> there(WeakSpot spot, Siting.Wall wall) {
        return coop.stream()
                .flatMap(c -> spot.marks().stream().filter(m -> isAt(c, m, wall)))
                .toList();
    }

    private static boolean isAt(Coop coop, String mark, Siting.Wall wall) {
        return coop.find(mark).filter(p -> SideSaid.isAt(p, coop, wall)).isPresent();
    }

    /** Lit: on the side the log names, else all. */
    private List<String> lit(WeakSpot spot) {
        List<String> there = side.map(s -> there(spot, s)).orElse(List.of());
        return there.isEmpty() ? spot.marks() : there;
    }

    private String sideWords(Siting.Wall wall) {
        return Texts.get("audit.side", Words.say("audit.at." + wall.name()));
    }

    private void mark(int n) {
        if (list.lookup("#spot-" + n) instanceof ToggleButton line) {
            line.setSelected(true);
        }
    }

    private Node line(int n, ToggleGroup group) {
        WeakSpot spot = spots.get(n);
        ToggleButton line = new ToggleButton(spot.what().words(workspace.tape()));
        line.setId("spot-" + n);
        line.setToggleGroup(group);
        line.setSelected(n == selected);
        line.setWrapText(true);
        line.setMaxWidth(Double.MAX_VALUE);
        line.getStyleClass().add("buy-line");
        if (spot.grade() == WeakSpot.Grade.OPEN) {
            line.getStyleClass().add("danger");
        }
        line.setOnAction(
                _ -> {
                    line.setSelected(true);
                    selected = n;
                    side = Optional.empty();
                    show();
                });
        return line;
    }

    private void show() {
        slip.getChildren().clear();
        picture.picture().set(new Picture(List.of(), 0, 0, 1, 1));
        if (spots.isEmpty() || coop.isEmpty()) {
            return;
        }
        WeakSpot spot = spots.get(selected);
        picture.picture()
                .set(Elevation.lit(coop.get(), workspace.tape(), new HashSet<>(lit(spot))));
        String lets =
                spot.lets().stream()
                        .map(p -> p.sum().words(workspace.tape()))
                        .collect(Collectors.joining(", "));
        boolean open = spot.grade() == WeakSpot.Grade.OPEN;
        slip.getChildren().add(Parts.text(spot.what().words(workspace.tape()), "title"));
        side.filter(s -> !there(spot, s).isEmpty())
                .ifPresent(s -> slip.getChildren().add(Parts.text(sideWords(s), "danger")));
        if (!lets.isEmpty()) {
            slip.getChildren().add(Parts.fact(Texts.get("audit.lets"), lets));
        }
        if (!spot.marks().isEmpty()) {
            String marks =
                    spot.marks().stream().limit(MOST_MARKS).collect(Collectors.joining(", "));
            slip.getChildren().add(Parts.fact(Texts.get("audit.parts"), marks));
        }
        slip.getChildren()
                .addAll(
                        Parts.text(Texts.get(open ? "audit.mend" : "audit.hold"), "strong"),
                        Parts.text(spot.mend().words(workspace.tape())));
        mendings(spot);
        slip.getChildren().addAll(Parts.rule(), Parts.text(Texts.get("audit.advice"), "note"));
        if (workspace.project().site().predators().isEmpty()) {
            slip.getChildren().add(Parts.text(Texts.get("audit.usual"), "note"));
        }
    }

    /** What mending it takes, and what that adds to the bill. */
    private void mendings(WeakSpot spot) {
        Optional<Design> design = workspace.designs().state().get().design();
        if (design.isEmpty()) {
            return;
        }
        if (workspace.designs().progress().get() >= 1) {
            prices.price(workspace.project(), design.get());
        }
        List<PricedSpots.Priced> known = prices.of(design.get());
        if (known.isEmpty() && !spot.mending().isFree()) {
            slip.getChildren().add(Parts.text(Texts.get("audit.pricing"), "soft"));
        }
        known.stream()
                .filter(p -> p.spot().what().equals(spot.what()))
                .forEach(p -> slip.getChildren().add(mending(p)));
    }

    private Node mending(PricedSpots.Priced priced) {
        Tape tape = workspace.tape();
        String what =
                priced.what().stream().map(w -> w.words(tape)).collect(Collectors.joining(", "));
        String price =
                priced.missing() ? Texts.get("audit.notSold") : Parts.more(priced.more(), tape);
        if (priced.edit().isEmpty()) {
            Label line = Parts.text(what + "  " + price, "strong");
            line.setId("mending");
            return line;
        }
        Edit edit = priced.edit().get();
        Button button =
                Parts.button(
                        "mend-" + priced.spot().what().key(),
                        what + "  " + price,
                        () -> workspace.edit(edit.name(), edit.change()),
                        "pill");
        button.setWrapText(true);
        button.setMinHeight(Region.USE_PREF_SIZE);
        return button;
    }
}
