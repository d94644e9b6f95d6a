package reliqua.desktop.shell;

import java.io.File;
import java.io.IOException;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import reliqua.core.project.Design;
import reliqua.desktop.Texts;
import reliqua.desktop.work.Reasons;
import reliqua.desktop.work.Workspace;
import reliqua.files.disk.SafeFile;

/** Asks for a place, makes pages of the design beside the window and writes them there. */
public final class PdfSaver {
    private PdfSaver() {}

    /** Makes the bytes of a PDF; takes a while. */
    @FunctionalInterface
    public interface Making {
        byte[] of(Design design) throws IOException;
    }

    /**
     * Saves pages.
     *
     * @param title of the window that asks
     * @param name of the file that is proposed
     */
    public static void save(
            Workspace workspace, Window window, String title, String name, Making making) {
        Optional<Design> design = workspace.designs().state().get().design();
        if (design.isEmpty()) {
            workspace.tell(Texts.get("export.nothing"));
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(Texts.get("file.pdf"), "*.pdf"));
        chooser.setInitialFileName(name);
        File file = chooser.showSaveDialog(window);
        if (file == null) {
            return;
        }
        workspace
                .background()
                .run(
                        () -> {
                            SafeFile.write(file.toPath(), making.of(design.get()));
                            return Texts.get("export.done");
                        },
                        workspace::tell,
                        e -> workspace.tell(Texts.get("file.cannotWrite", Reasons.of(e))));
    }
}
