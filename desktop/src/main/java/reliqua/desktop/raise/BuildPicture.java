package reliqua.desktop.raise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import reliqua.core.build.Frame;
import reliqua.core.build.FrameWords;
import reliqua.core.build.Frames;
import reliqua.core.build.Step;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Role;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Exploded;
import reliqua.core.drawing.FramePicture;
import reliqua.core.drawing.FromCorner;
import reliqua.core.drawing.Oblique;
import reliqua.core.drawing.Picture;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Background;
import reliqua.desktop.work.Reasons;

/**
 * A step of the build: what stands, what goes on lit up, from the corner that shows it best or from
 * any other; or flat, with its measures. A slider plays the build from bare ground to the roof.
 */
final class BuildPicture extends VBox {
    private static final Duration FRAME = Duration.millis(650);

    private final PictureView picture = new PictureView();
    private final Slider slider = new Slider(0, 1, 0);
    private final Consumer<Step> onStep;
    private final Background background;
    private final Consumer<String> told;
    private final Button play = Parts.button("play-build", "", this::play, "small");
    private final ToggleButton flat =
            Parts.toggle("build-measures", Texts.get("raise.measures"), false, _ -> draw());
    private final ToggleButton layout =
            Parts.toggle("build-layout", Texts.get("raise.layout"), false, _ -> draw());
    private final ToggleButton apart =
            Parts.toggle("build-apart", Texts.get("raise.apart"), false, _ -> draw());
    private final Label words = Parts.text("", "soft");
    private final Timeline film = new Timeline(new KeyFrame(FRAME, _ -> next()));
    private Optional<Design> design = Optional.empty();
    private List<Frame> frames = List.of();
    private Optional<Step> step = Optional.empty();
    private Optional<FromCorner> turned = Optional.empty();
    private int frame;
    private Tape tape = Tape.METRIC;
    private boolean showing;

    /** Pictures drawn beside the window so far: one that was overtaken is not shown. */
    private int asked;

    /**
     * Nothing yet.
     *
     * @param onStep hears of the step the slider is moved to
     * @param background where pictures are drawn that take their time
     * @param told hears why one could not be drawn
     */
    BuildPicture(Consumer<Step> onStep, Background background, Consumer<String> told) {
        super(8);
        this.onStep = onStep;
        this.background = background;
        this.told = told;
        picture.setId("raise-picture");
        setVgrow(picture, Priority.ALWAYS);
        slider.setId("build-slider");
        slider.setAccessibleText(Texts.get("raise.slider"));
        slider.setMajorTickUnit(1);
        slider.setMinorTickCount(0);
        slider.setSnapToTicks(true);
        slider.setBlockIncrement(1);
        HBox.setHgrow(slider, Priority.ALWAYS);
        slider.valueProperty().addListener((_, _, _) -> slid());
        HBox looks =
                Parts.row(
                        6,
                        arrow("turn-left", "\u25c0", "raise.turnLeft", false),
                        arrow("turn-right", "\u25b6", "raise.turnRight", true),
                        Parts.spring(),
                        apart,
                        layout,
                        flat);
        words.setId("build-words");
        words.setWrapText(true);
        words.managedProperty().bind(words.visibleProperty());
        getChildren().addAll(looks, picture, words, Parts.row(8, play, slider));
        film.setCycleCount(Timeline.INDEFINITE);
        caption();
    }

    private Button arrow(String id, String sign, String name, boolean right) {
        Button arrow = Parts.button(id, sign, () -> turn(right), "small");
        arrow.setAccessibleText(Texts.get(name));
        arrow.setTooltip(new Tooltip(Texts.get(name)));
        return arrow;
    }

    /** Shows a step of a design. */
    void show(Design now, Step wanted, Tape measure) {
        boolean other = step.filter(wanted::equals).isEmpty();
        if (!design.equals(Optional.of(now))) {
            frames = Frames.of(now.candidate().coop());
        }
        design = Optional.of(now);
        step = Optional.of(wanted);
        tape = measure;
        if (other && film.getStatus() != Timeline.Status.RUNNING) {
            turned = Optional.empty();
            frame = 0;
        }
        showing = true;
        slider.setMax(Math.max(1, now.steps().size()));
        slider.setValue(now.steps().stream().map(Step::key).toList().indexOf(wanted.key()) + 1.0);
        showing = false;
        draw();
    }

    /** Nothing is built. */
    void clear() {
        asked++;
        design = Optional.empty();
        film.stop();
        caption();
        picture.picture().set(new Picture(List.of(), 0, 0, 1, 1));
    }

    private void slid() {
        int n = (int) Math.round(slider.getValue());
        List<Step> steps = design.map(Design::steps).orElse(List.of());
        if (!showing && n >= 1 && n <= steps.size()) {
            onStep.accept(steps.get(n - 1));
        }
    }

    private void play() {
        if (film.getStatus() == Timeline.Status.RUNNING) {
            film.stop();
        } else {
            turned = Optional.of(FromCorner.FRONT_RIGHT);
            design.map(Design::steps)
                    .filter(s -> !s.isEmpty())
                    .ifPresent(s -> onStep.accept(s.getFirst()));
            film.playFromStart();
        }
        caption();
    }

    private void next() {
        if (slider.getValue() >= slider.getMax() || getScene() == null) {
            film.stop();
            caption();
        } else {
            slider.setValue(slider.getValue() + 1);
        }
    }

    private void caption() {
        boolean runs = film.getStatus() == Timeline.Status.RUNNING;
        play.setText(Texts.get(runs ? "raise.pause" : "raise.play"));
    }

    private void turn(boolean right) {
        if (layout.isSelected() && !apart.isSelected()) {
            frame += right ? 1 : -1;
            draw();
            return;
        }
        FromCorner now = corner();
        turned = Optional.of(right ? now.next() : now.before());
        flat.setSelected(false);
        draw();
    }

    private FromCorner corner() {
        return turned.orElseGet(this::best);
    }

    private FromCorner best() {
        Coop coop = design.orElseThrow().candidate().coop();
        Bounds all = coop.bounds();
        Set<String> lit = step.map(s -> Set.copyOf(s.marks())).orElse(Set.of());
        return FromCorner.nearest(coop.parts(), lit, all);
    }

    private void draw() {
        if (design.isEmpty() || step.isEmpty()) {
            return;
        }
        asked++;
        List<Frame> mine = framesOfStep();
        layout.setDisable(mine.isEmpty());
        boolean marked = layout.isSelected() && !mine.isEmpty();
        words.setVisible(marked);
        if (apart.isSelected() && !step.orElseThrow().marks().isEmpty()) {
            words.setVisible(true);
            words.setText(Texts.get("raise.apart.how"));
            takeApart();
        } else if (marked) {
            laidOut(mine.get(Math.floorMod(frame, mine.size())));
        } else {
            picture.picture().set(standing());
        }
    }

    /** The frames the parts of the step belong to, that of most of them first. */
    private List<Frame> framesOfStep() {
        List<String> marks = step.orElseThrow().marks();
        return frames.stream()
                .filter(f -> held(f, marks) > 0)
                .sorted(
                        Comparator.comparing(
                                f -> step.orElseThrow().role().isPresent() ? 0 : -held(f, marks)))
                .toList();
    }

    private static long held(Frame frame, List<String> marks) {
        return marks.stream().filter(frame::holds).count();
    }

    private void laidOut(Frame shown) {
        picture.picture()
                .set(FramePicture.of(shown, tape, new HashSet<>(step.orElseThrow().marks())));
        List<String> lines = new ArrayList<>();
        lines.add(FrameWords.name(shown, tape) + Texts.get("raise.layout.how"));
        lines.addAll(
                step.orElseThrow()
                        .role()
                        .map(role -> FrameWords.of(shown, tape, role))
                        .orElseGet(() -> FrameWords.of(shown, tape)));
        lines.addAll(FrameWords.rafters(shown, tape));
        words.setText(String.join("\n", lines));
    }

    /** The parts of the step alone, drawn apart beside the window; what is asked for last stays. */
    private void takeApart() {
        Coop coop = design.orElseThrow().candidate().coop();
        Set<String> marks = Set.copyOf(step.orElseThrow().marks());
        FromCorner corner = corner();
        int mine = ++asked;
        background.run(
                () -> Exploded.of(coop, marks, corner),
                drawn -> {
                    if (mine == asked) {
                        picture.picture().set(drawn);
                    }
                },
                e -> told.accept(Reasons.of(e)));
    }

    private Picture standing() {
        Coop coop = design.orElseThrow().candidate().coop();
        Step now = step.orElseThrow();
        Set<String> lit = new HashSet<>(now.marks());
        Set<String> standing = design.orElseThrow().standing(now);
        if (standing.isEmpty()) {
            // Nothing stands yet: where it will.
            return Elevation.of(coop, Elevation.View.PLAN, tape, lit);
        }
        return flat.isSelected()
                ? Elevation.of(
                        coop,
                        now.role().map(BuildPicture::side).orElseGet(() -> wallSide(coop, lit)),
                        tape,
                        lit)
                : Oblique.of(coop, corner(), p -> standing.contains(p.mark()), lit);
    }

    /** A wall is looked at from before it. */
    private static Elevation.View wallSide(Coop coop, Set<String> lit) {
        return coop.parts().stream()
                .filter(part -> lit.contains(part.mark()))
                .map(part -> part.solid().bounds())
                .reduce(Bounds::with)
                .filter(all -> all.depth().compareTo(all.width()) > 0)
                .map(_ -> Elevation.View.SIDE)
                .orElse(Elevation.View.FRONT);
    }

    /** The side from which such parts are seen best. */
    private static Elevation.View side(Role role) {
        return switch (role.duty().side()) {
            case FRONT -> Elevation.View.FRONT;
            case SIDE -> Elevation.View.SIDE;
            case PLAN -> Elevation.View.PLAN;
        };
    }
}
