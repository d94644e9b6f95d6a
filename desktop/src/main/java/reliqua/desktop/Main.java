package reliqua.desktop;

import javafx.application.Application;
import reliqua.files.LogFile;

/**
 * One launcher for window and command line: a known command runs without a display, anything else
 * opens the window.
 */
public final class Main {
    private Main() {}

    /** Entry point. */
    public static void main(String[] args) {
        if (args.length > 0 && reliqua.cli.Main.knows(args[0])) {
            reliqua.cli.Main.main(args);
        } else {
            LogFile.announce();
            Application.launch(ReliquaApp.class, args);
        }
    }
}
