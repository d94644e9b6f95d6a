package reliqua.desktop.fit;

import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.layout.StackPane;
import reliqua.core.check.Finding;
import reliqua.core.coop.Coop;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.Grip;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Design;
import reliqua.core.project.QuickDesign;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.work.Workspace;

/**
 * A dimensioned view whose lengths can be pulled: the picture follows the hand, the bill and the
 * findings follow the picture, and letting go holds the length and fits anew.
 */
final class PulledView extends StackPane {
    private static final Length MILLIMETRES = Length.mm(5);
    private static final Length INCHES = Length.inches(1, 4);

    private final Workspace workspace;
    private final PictureView picture;
    private final Consumer<String> words;
    private final PullHandles handles;
    private Optional<Design> design = Optional.empty();
    private Optional<Elevation.View> view = Optional.empty();
    private Optional<QuickDesign.Pulled> pulled = Optional.empty();
    private Optional<DesignSpec> priced = Optional.empty();
    private boolean pricing;
    private Optional<Coop> shown = Optional.empty();

    /** Over a picture; {@code words} says what a length would cost. */
    PulledView(Workspace workspace, PictureView picture, Consumer<String> words) {
        this.workspace = workspace;
        this.picture = picture;
        this.words = words;
        this.handles =
                new PullHandles(
                        new PullHandles.Pull() {
                            @Override
                            public void by(Grip grip, double right, double down, boolean done) {
                                pull(grip, right, down, done);
                            }

                            @Override
                            public void step(Grip grip, int steps) {
                                nudge(grip, steps);
                            }
                        });
        getChildren().addAll(picture, handles);
        picture.onPlaced(this::place);
    }

    /** A view of a design with some parts lit; without a view nothing can be pulled. */
    void show(Design now, Optional<Elevation.View> from, Set<String> lit) {
        design = Optional.of(now);
        view = from;
        pulled = Optional.empty();
        shown = Optional.of(now.candidate().coop());
        from.ifPresent(
                v ->
                        picture.picture()
                                .set(
                                        Elevation.of(
                                                now.candidate().coop(), v, workspace.tape(), lit)));
        handles.setVisible(from.isPresent());
        place();
    }

    private void place() {
        if (design.isPresent() && view.isPresent() && shown.isPresent()) {
            DesignSpec spec =
                    pulled.map(QuickDesign.Pulled::spec)
                            .orElseGet(() -> design.get().candidate().spec());
            handles.show(Grip.of(shown.get(), spec.lengths(), view.get()), picture.placement());
        }
    }

    private Length step() {
        return workspace.tape().system() == UnitSystem.INCHES ? INCHES : MILLIMETRES;
    }

    private Optional<Length> before(Grip grip) {
        return design.map(d -> d.candidate().spec().lengths().get(grip.key()));
    }

    private void nudge(Grip grip, int steps) {
        before(grip).ifPresent(b -> hold(grip, b.plus(step().times(steps)).max(step())));
    }

    private void pull(Grip grip, double right, double down, boolean done) {
        Optional<Length> to = before(grip).map(b -> grip.pulled(b, right, down, step()));
        if (to.isEmpty() || view.isEmpty()) {
            return;
        }
        picture.hold(!done);
        Design from = design.orElseThrow();
        QuickDesign.Pulled now =
                new QuickDesign(workspace.project())
                        .pulled(from.candidate().spec(), grip.key(), to.get());
        Tape tape = workspace.tape();
        if (now.coop().isEmpty()) {
            if (done) {
                show(from, view, Set.of());
            }
            words.accept(now.reason().map(r -> r.words(tape)).orElse(""));
            return;
        }
        if (done) {
            hold(grip, to.get());
            return;
        }
        pulled = Optional.of(now);
        shown = now.coop();
        picture.picture().set(Elevation.of(now.coop().get(), view.get(), tape, Set.of()));
        words.accept(Texts.get("fit.pulling", FitStation.name(grip.key()), tape.say(to.get())));
        price();
    }

    /** One plan at a time; what was pulled meanwhile comes next. */
    private void price() {
        Optional<DesignSpec> wanted = pulled.map(QuickDesign.Pulled::spec);
        if (pricing || wanted.isEmpty() || wanted.equals(priced)) {
            return;
        }
        pricing = true;
        priced = wanted;
        QuickDesign quick = new QuickDesign(workspace.project());
        workspace
                .background()
                .run(
                        () -> quick.of(wanted.get()),
                        done -> {
                            pricing = false;
                            done.filter(_ -> pulled.isPresent()).ifPresent(this::tell);
                            price();
                        },
                        _ -> pricing = false);
    }

    private void tell(Design would) {
        long warnings =
                would.candidate().findings().stream()
                        .filter(f -> f.severity() != Finding.Severity.GOOD)
                        .count();
        DesignSpec spec = would.candidate().spec();
        Tape tape = workspace.tape();
        words.accept(
                Texts.get(
                        "fit.pulled",
                        tape.mark(spec.width()),
                        tape.mark(spec.depth()),
                        tape.say(would.bill().total()),
                        warnings));
    }

    private void hold(Grip grip, Length length) {
        workspace.edit(
                Texts.get("edit.hold", FitStation.name(grip.key()), workspace.tape().say(length)),
                p -> p.hold(grip.key(), length).withChosen(Optional.empty()));
    }
}
