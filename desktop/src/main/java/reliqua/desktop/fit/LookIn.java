package reliqua.desktop.fit;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.util.StringConverter;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.drawing.Cutaway;
import reliqua.core.drawing.Dwellers;
import reliqua.core.flock.Flock;
import reliqua.desktop.Texts;

/**
 * How one looks into a coop: not at all, with the roof off, or cut open as far as a slider says.
 */
final class LookIn extends HBox {
    private enum Way {
        CLOSED,
        ROOF_OFF,
        FRONT,
        SIDE,
        ABOVE
    }

    /** Places for birds are sought once, not whenever the slider moves. */
    private record Peopled(Coop bare, Flock flock, Coop full) {}

    private static final double HALF = 0.5;
    private static final double WIDE = 96;

    private final ComboBox<Way> way = new ComboBox<>();
    private final Slider slider = new Slider(0, 1, HALF);
    private Optional<Peopled> peopled = Optional.empty();

    /** {@code changed} is run whenever another is chosen or the slider moves. */
    LookIn(Runnable changed) {
        super(8);
        way.setId("look-in");
        way.setAccessibleText(Texts.get("fit.lookIn"));
        way.getItems().setAll(Way.values());
        way.setValue(Way.CLOSED);
        way.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(Way each) {
                        return Texts.get("fit.lookIn." + each.name());
                    }

                    @Override
                    public Way fromString(String words) {
                        throw new UnsupportedOperationException("nothing is typed here");
                    }
                });
        slider.setId("cut-at");
        slider.setAccessibleText(Texts.get("fit.cutAt"));
        slider.setPrefWidth(WIDE);
        slider.setMinWidth(WIDE);
        way.setMinWidth(USE_PREF_SIZE);
        slider.setVisible(false);
        slider.managedProperty().bind(slider.visibleProperty());
        managedProperty().bind(visibleProperty());
        setAlignment(Pos.CENTER);
        getChildren().addAll(slider, way);
        way.valueProperty()
                .addListener(
                        (_, _, _) -> {
                            slider.setVisible(cut().isPresent());
                            changed.run();
                        });
        slider.valueProperty().addListener((_, _, _) -> changed.run());
    }

    /** The plane it is cut open at. */
    Optional<Cutaway> cut() {
        return switch (way.getValue()) {
            case CLOSED, ROOF_OFF -> Optional.empty();
            case FRONT -> Optional.of(new Cutaway(Cutaway.From.FRONT, slider.getValue()));
            case SIDE -> Optional.of(new Cutaway(Cutaway.From.SIDE, slider.getValue()));
            case ABOVE -> Optional.of(new Cutaway(Cutaway.From.ABOVE, slider.getValue()));
        };
    }

    /** Whether a part is drawn in a picture: from outside only what is seen there. */
    boolean isShown(Part part) {
        return way.getValue() == Way.CLOSED ? part.role().is(Duty.Trait.SHOWN) : isSolid(part);
    }

    /** With the birds in it, where one can look in. */
    Coop peopled(Coop coop, Flock flock) {
        if (way.getValue() == Way.CLOSED) {
            return coop;
        }
        if (peopled.filter(p -> p.bare() == coop && p.flock().equals(flock)).isEmpty()) {
            peopled = Optional.of(new Peopled(coop, flock, Dwellers.in(coop, flock)));
        }
        return peopled.orElseThrow().full();
    }

    /** Whether a part is there at all. */
    boolean isSolid(Part part) {
        return switch (way.getValue()) {
            case CLOSED -> true;
            case ROOF_OFF -> !part.role().is(Duty.Trait.OVERHEAD) && !liesOut(part);
            case FRONT, SIDE, ABOVE -> !liesOut(part);
        };
    }

    private static boolean liesOut(Part part) {
        return part.role().is(Duty.Trait.LIES_OUT);
    }
}
