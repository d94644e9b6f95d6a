package reliqua.desktop.fetch;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import reliqua.core.buy.Bill;
import reliqua.core.cutting.Progress;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Design;
import reliqua.core.project.NoBuying;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;

/** What becomes of the project when nothing is bought: asked for, as it takes a search. */
final class NothingBought extends VBox {
    private final Workspace workspace;
    private List<Object> askedFor = List.of();

    NothingBought(Workspace workspace) {
        super(6);
        this.workspace = workspace;
    }

    /** The button again, once heap or bill have changed. */
    void refresh(Bill bill) {
        List<Object> now = List.of(workspace.project().heap(), bill);
        if (now.equals(askedFor)) {
            return;
        }
        askedFor = now;
        getChildren()
                .setAll(Parts.button("no-buying", Texts.get("fetch.nobuy"), this::seek, "small"));
    }

    /** Fits once more with nothing to buy, beside the window. */
    private void seek() {
        Optional<Design> design = workspace.designs().state().get().design();
        if (design.isEmpty()) {
            return;
        }
        Project project = workspace.project();
        List<Object> asked = askedFor;
        getChildren().setAll(Parts.text(Texts.get("fetch.nobuy.wait"), "soft"));
        workspace
                .background()
                .run(
                        () -> NoBuying.of(project, design.get(), Progress.NONE),
                        found -> {
                            if (asked == askedFor) {
                                show(found);
                            }
                        },
                        this::failed);
    }

    private void failed(Exception fault) {
        askedFor = List.of();
        workspace.designs().state().get().design().ifPresent(d -> refresh(d.bill()));
        workspace.tell(Reasons.of(fault));
    }

    private void show(NoBuying found) {
        Tape tape = workspace.tape();
        getChildren().clear();
        String head =
                found.holds()
                        ? Texts.get(
                                "fetch.nobuy.holds",
                                tape.say(found.design().orElseThrow().spec().width()),
                                tape.say(found.design().orElseThrow().spec().depth()),
                                tape.say(found.design().orElseThrow().coop().measures().floor()))
                        : Texts.get("fetch.nobuy.short");
        getChildren().add(Parts.text(head, found.holds() ? "holds" : "danger", "strong"));
        found.missing()
                .forEach(
                        (role, count) ->
                                getChildren()
                                        .add(
                                                Parts.text(
                                                        Texts.get(
                                                                "fetch.nobuy.missing",
                                                                count,
                                                                Words.say("role." + role.name())),
                                                        "note-ink")));
        found.instead()
                .forEach(i -> getChildren().add(Parts.text("\u00b7 " + i.words(tape), "note-ink")));
    }
}
