package reliqua.desktop;

import java.util.Set;
import javafx.application.Application;
import reliqua.files.LogFile;

/**
 * One launcher for window and command line: a known command runs without a display, anything else
 * opens the window.
 */
public final class Main {
    private static final Set<String> COMMANDS =
            Set.of(
                    "new",
                    "needs",
                    "plan",
                    "fit",
                    "check",
                    "export",
                    "report",
                    "say",
                    "import",
                    "--help",
                    "-h",
                    "--version",
                    "-V");

    private Main() {}

    /** Entry point. */
    public static void main(String[] args) {
        if (args.length > 0 && COMMANDS.contains(args[0])) {
            reliqua.cli.Main.main(args);
        } else {
            LogFile.announce();
            Application.launch(ReliquaApp.class, args);
        }
    }
}
