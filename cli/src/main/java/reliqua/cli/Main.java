package reliqua.cli;

import java.io.IOException;
import java.io.PrintWriter;
import picocli.CommandLine;
import reliqua.files.InputException;

/**
 * The command line: the same job without a window. Exit 0 done, 1 the input is refused, 2 wrong
 * usage.
 */
@CommandLine.Command(
        name = "reliqua",
        description =
                "Fits a poultry coop to the heap at hand. Without a command, or with demo or a project, opens the window.",
        mixinStandardHelpOptions = true,
        version = "Reliqua 0.1.0",
        subcommands = {
            PlanCommand.class,
            NewCommand.class,
            SayCommand.class,
            ProjectCommands.Needs.class,
            ProjectCommands.Fit.class,
            ProjectCommands.Check.class,
            ProjectCommands.Report.class,
            ProjectCommands.Export.class,
            ProjectCommands.Import.class
        })
public final class Main {
    private Main() {}

    /** Runs one command and returns its exit code. */
    public static int run(String[] args, PrintWriter out, PrintWriter err) {
        CommandLine line =
                new CommandLine(new Main())
                        .setOut(out)
                        .setErr(err)
                        .setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler(
                (e, command, _) -> {
                    switch (e) {
                        case InputException refused ->
                                refused.faults().forEach(command.getErr()::println);
                        case IOException io -> command.getErr().println(Files.explain(io));
                        default -> throw e;
                    }
                    return 1;
                });
        return line.execute(args);
    }

    /** Entry point. */
    public static void main(String[] args) {
        System.exit(
                run(args, new PrintWriter(System.out, true), new PrintWriter(System.err, true)));
    }
}
