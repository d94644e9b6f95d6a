package reliqua.desktop.shell;

import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Spinner;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.util.StringConverter;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Climate;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.desktop.Texts;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * What somebody new is asked before anything else: which birds, which tape, where. Then a coop
 * stands there, bought new; whatever is put on the heap makes it cheaper.
 */
public final class FirstQuestions {
    private static final int MOST_BIRDS = 60;
    private static final int USUAL_BIRDS = 6;
    private static final double WIDE = 520;
    private static final double PLACE_WIDE = 170;
    private static final double GAP = 14;

    private final Stage stage = new Stage();
    private final Consumer<Project> then;
    private final Spinner<Integer> count = new Spinner<>(1, MOST_BIRDS, USUAL_BIRDS);
    private final ComboBox<BirdClass> kind = new ComboBox<>();
    private final ComboBox<Climate> where = new ComboBox<>();
    private UnitSystem system = UnitSystem.INCHES;

    private FirstQuestions(Consumer<Project> then) {
        this.then = then;
    }

    /** Shows them over a window; {@code then} hears of the project, unless they are closed. */
    public static void show(Window over, Consumer<Project> then) {
        new FirstQuestions(then).show(over);
    }

    private void show(Window over) {
        VBox all =
                new VBox(
                        GAP,
                        Parts.text(Texts.get("first.title"), "headline"),
                        Parts.text(Texts.get("first.note"), "soft"),
                        question("first.birds", birds()),
                        question("first.tape", tape()),
                        question("first.where", where()),
                        answers());
        all.setId("first-questions");
        all.setPrefWidth(WIDE);
        Overlay.show(stage, over, all, Texts.get("window.title"));
    }

    private static VBox question(String key, HBox answer) {
        return new VBox(4, Parts.text(Texts.get(key), "strong"), answer);
    }

    private HBox birds() {
        count.setId("first-count");
        count.setEditable(true);
        count.setPrefWidth(90);
        count.setAccessibleText(Texts.get("first.birds"));
        kind.setId("first-kind");
        kind.getItems().setAll(BirdClass.values());
        kind.setValue(BirdClass.STANDARD);
        kind.setConverter(named(each -> Needs.name(each, 2).words(Tape.METRIC)));
        return Parts.row(8, count, kind);
    }

    private HBox tape() {
        ToggleGroup group = new ToggleGroup();
        HBox row = Parts.row(6);
        for (UnitSystem each : UnitSystem.values()) {
            row.getChildren()
                    .add(
                            Parts.choice(
                                    "first-" + each.name(),
                                    Texts.get("first.tape." + each.name()),
                                    group,
                                    each == system,
                                    () -> system = each,
                                    "pill"));
        }
        return row;
    }

    private HBox where() {
        where.setId("first-where");
        where.setMinWidth(PLACE_WIDE);
        where.getItems().setAll(new Climates().regions());
        where.getSelectionModel().selectFirst();
        where.setConverter(named(Climate::region));
        return Parts.row(8, where, Parts.text(Texts.get("first.where.note"), "note"));
    }

    private HBox answers() {
        Button show =
                Parts.button("first-show", Texts.get("first.show"), this::answer, "main-button");
        show.setDefaultButton(true);
        Button demo = Parts.button("first-demo", Texts.get("first.demo"), stage::close);
        HBox row = Parts.row(8, show, demo);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void answer() {
        stage.close();
        then.accept(project(count.getValue(), kind.getValue(), system, where.getValue()));
    }

    private static Project project(int birds, BirdClass kind, UnitSystem system, Climate where) {
        Tape tape = system == UnitSystem.INCHES ? Tape.INCH : Tape.METRIC;
        Project fresh =
                Project.start(
                        Texts.get("new.name"),
                        Keeper.with(tape),
                        Flock.of(kind, birds),
                        Heap.EMPTY,
                        Merchants.priceBook(system));
        return fresh.withSite(fresh.site().withClimate(where)).seekingAny();
    }

    private static <E> StringConverter<E> named(Function<E, String> name) {
        return new StringConverter<>() {
            @Override
            public String toString(E each) {
                return name.apply(each);
            }

            @Override
            public E fromString(String words) {
                throw new UnsupportedOperationException("nothing is typed here");
            }
        };
    }
}
