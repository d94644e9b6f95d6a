package reliqua.desktop.shell;

import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/**
 * A field that is committed by Enter or by leaving it; a wrong input stays and is marked with what
 * would be right.
 */
public final class EntryField extends VBox {
    private final TextField field = new TextField();
    private final Label fault = Parts.text("", "danger", "note");
    private Function<String, String> commit;
    private String shown = "";
    private boolean taking;

    /**
     * A field.
     *
     * @param id of the text field
     * @param name for those who hear the screen
     * @param commit takes a text and says what is wrong with it; an empty text when nothing is
     */
    public EntryField(String id, String name, Function<String, String> commit) {
        this.commit = commit;
        field.setId(id);
        field.setAccessibleText(name);
        field.getStyleClass().add("slip-field");
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        field.setOnAction(_ -> take());
        field.focusedProperty()
                .addListener(
                        (_, _, focused) -> {
                            if (!focused) {
                                take();
                            }
                        });
        getChildren().addAll(field, fault);
    }

    private void take() {
        if (!field.getText().equals(shown)) {
            taking = true;
            fault.setText(commit.apply(field.getText()));
            taking = false;
        }
    }

    /** From now on this takes what is typed. */
    public void commitTo(Function<String, String> other) {
        commit = other;
    }

    /**
     * The same field for another thing. What is still being typed goes to the one it was typed for,
     * after everything that is under way.
     */
    public void turnTo(String value, Function<String, String> other) {
        if (!field.getText().equals(shown) && fault.getText().isEmpty()) {
            Function<String, String> before = commit;
            String typed = field.getText();
            Platform.runLater(() -> before.apply(typed));
        }
        commit = other;
        shown = value;
        fault.setText("");
        field.setText(value);
    }

    /** What stands in the field when it is empty. */
    public EntryField prompt(String words) {
        field.setPromptText(words);
        return this;
    }

    /** So many pixels wide. */
    public EntryField wide(double pixels) {
        field.setPrefWidth(pixels);
        field.setMinWidth(pixels);
        field.setMaxWidth(pixels);
        setMaxWidth(pixels);
        return this;
    }

    /** Puts the cursor in it. */
    public void begin() {
        field.requestFocus();
    }

    /** Empties it, whatever was typed. */
    public void clear() {
        shown = "";
        fault.setText("");
        field.clear();
    }

    /** Shows a value; what is being typed is left alone until it has been taken. */
    public void show(String value) {
        if (!shown.equals(value) || fault.getText().isEmpty()) {
            shown = value;
            fault.setText("");
            if (taking || !field.isFocused() || field.getText().isEmpty()) {
                field.setText(value);
            }
        }
    }
}
