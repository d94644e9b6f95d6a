package reliqua.cli;

import java.io.FileDescriptor;
import java.io.PrintWriter;
import java.util.stream.Stream;
import picocli.CommandLine;
import reliqua.core.measure.Language;
import reliqua.core.measure.Words;
import reliqua.files.LogFile;

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
            CommandLine.HelpCommand.class,
            PlanCommand.class,
            NewCommand.class,
            SayCommand.class,
            ProjectCommands.Needs.class,
            ProjectCommands.Fit.class,
            ProjectCommands.KindsCommand.class,
            ProjectCommands.Check.class,
            ProjectCommands.Report.class,
            ProjectCommands.Export.class,
            ProjectCommands.Import.class,
            KeepCommands.Log.class,
            KeepCommands.AuditCommand.class,
            KeepCommands.DueCommand.class,
            KeepCommands.KeepCommand.class
        })
public final class Main {
    private Main() {}

    /** Whether a word is one of the commands or an option, and not a file. */
    public static boolean knows(String word) {
        return word.startsWith("-")
                || Stream.of(Main.class.getAnnotation(CommandLine.Command.class).subcommands())
                        .map(c -> c.getAnnotation(CommandLine.Command.class).name())
                        .anyMatch(word::equals);
    }

    /** Runs one command and returns its exit code. */
    public static int run(String[] args, PrintWriter out, PrintWriter err) {
        CommandLine line =
                new CommandLine(new Main())
                        .setOut(out)
                        .setErr(err)
                        .setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler(
                (e, command, _) -> {
                    Faults.tell(e, command.getErr());
                    return 1;
                });
        int exit = outcome(line, args);
        if (out.checkError()) {
            err.println(
                    "the output could not be written to the end: what reads it has stopped, or the"
                            + " disk is full");
            return 1;
        }
        return exit;
    }

    private static int outcome(CommandLine line, String... args) {
        try {
            return line.execute(args);
        } catch (OutOfMemoryError | StackOverflowError | LinkageError e) {
            Faults.tell(e, line.getErr());
            return 1;
        }
    }

    /** Entry point. */
    public static void main(String[] args) {
        LogFile.announce();
        // The texts that the commands share with the window; their own stay as scripts expect them.
        Language.find(System.getenv().getOrDefault("RELIQUA_LANGUAGE", "en"))
                .ifPresent(Words::speak);
        System.exit(
                run(
                        args,
                        Output.console(FileDescriptor.out, "stdout.encoding"),
                        Output.console(FileDescriptor.err, "stderr.encoding")));
    }
}
