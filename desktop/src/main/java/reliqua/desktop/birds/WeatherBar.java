package reliqua.desktop.birds;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiFunction;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import reliqua.core.drawing.RainPicture;
import reliqua.core.flock.Climate;
import reliqua.core.flock.ClimateSource;
import reliqua.core.measure.Tape;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.EntryField;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Workspace;
import reliqua.standins.Climates;

/** The weather of the place: a region from the weather service, or figures typed over it. */
final class WeatherBar extends HBox {
    private static final Map<String, BiFunction<Climate, Tape, String>> FIGURES =
            new LinkedHashMap<>();

    static {
        FIGURES.put("snow", (c, t) -> t.say(c.snow()));
        FIGURES.put("gusts", (c, t) -> t.say(c.wind()));
        FIGURES.put("coldest", (c, t) -> t.say(c.coldest()));
        FIGURES.put("hottest", (c, t) -> t.say(c.hottest()));
        FIGURES.put("frost", (c, t) -> t.say(c.frost(t)));
    }

    private final Workspace workspace;
    private final MenuButton region = new MenuButton();
    private final Map<String, EntryField> fields = new LinkedHashMap<>();
    private final PictureView rain = new PictureView();

    WeatherBar(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        region.setId("region");
        region.setMinWidth(USE_PREF_SIZE);
        ClimateSource service = new Climates();
        for (Climate each : service.regions()) {
            MenuItem item = new MenuItem(each.region());
            item.setOnAction(
                    _ ->
                            workspace.edit(
                                    Texts.get("edit.region", each.region()),
                                    p -> p.withSite(p.site().withClimate(each))));
            region.getItems().add(item);
        }
        VBox place = new VBox(1, Parts.text(Texts.get("weather.region"), "note"), region);
        getChildren().add(place);
        FIGURES.keySet().forEach(this::field);
        HBox.setHgrow(rain, Priority.ALWAYS);
        rain.setMinHeight(58);
        rain.setPrefHeight(58);
        getChildren().add(rain);
    }

    /** Typed as it would be said: the say line's words after the name of the figure. */
    private void field(String key) {
        String name = Texts.get("weather." + key);
        EntryField field =
                new EntryField("weather-" + key, name, text -> workspace.say(key + " " + text))
                        .wide(key.equals("frost") ? 112 : 86);
        fields.put(key, field);
        Label words = Parts.text(name, "note");
        words.setWrapText(false);
        getChildren().add(new VBox(1, words, field));
    }

    void refresh() {
        Climate climate = workspace.project().site().climate();
        Tape tape = workspace.tape();
        region.setText(climate.region().isEmpty() ? Texts.get("weather.own") : climate.region());
        region.setAccessibleText(Texts.get("weather.region") + " " + region.getText());
        fields.forEach(
                (key, field) -> {
                    BiFunction<Climate, Tape, String> figure = FIGURES.get(key);
                    if (figure != null) {
                        field.show(figure.apply(climate, tape));
                    }
                });
        rain.picture().set(RainPicture.of(climate, tape));
    }
}
