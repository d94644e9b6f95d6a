package reliqua.desktop.saw;

import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;
import reliqua.core.project.Told;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;

/** What happened at the saw, the latest first: it can be read back whatever was undone since. */
final class StoryView extends ScrollPane {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT);

    private static final Set<Told.What> LOSSES = EnumSet.of(Told.What.SPOILED, Told.What.FLAWED);

    /** Days before months in English too. */
    private static Locale locale() {
        return Words.language() == Language.ENGLISH ? Locale.UK : Words.language().locale();
    }

    StoryView() {
        setId("story");
        setFitToWidth(true);
        getStyleClass().add("bare");
    }

    void show(List<Told> story) {
        VBox all = new VBox(6);
        all.getStyleClass().add("ledger");
        if (story.isEmpty()) {
            all.getChildren().add(Parts.text(Texts.get("story.empty"), "soft"));
        }
        story.reversed().forEach(told -> all.getChildren().add(row(told)));
        setContent(all);
    }

    private static Node row(Told told) {
        Label when = Parts.text(WHEN.withLocale(locale()).format(told.at()), "note");
        when.setMinWidth(150);
        when.setWrapText(false);
        String marks = String.join(", ", told.marks());
        Label words =
                Parts.text(
                        Texts.get("story." + told.what().name(), told.thing(), marks), "note-ink");
        if (LOSSES.contains(told.what())) {
            words.getStyleClass().add("danger");
        }
        return Parts.row(10, when, words);
    }
}
