package reliqua.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.SayLine;
import reliqua.files.InputException;
import reliqua.files.SaidJson;
import reliqua.files.TextFile;

/** Prints what the say line understands, one JSON object a line. */
@Command(
        name = "say",
        description = "Prints what the say line understands of each line.",
        mixinStandardHelpOptions = true)
final class SayCommand implements Callable<Integer> {
    @Option(
            names = "--file",
            paramLabel = "LINES",
            description = "read these lines instead of standard input")
    private @Nullable Path file;

    @Option(
            names = "--units",
            paramLabel = "inches|millimetres",
            description = "unit of bare numbers")
    private UnitSystem units = UnitSystem.INCHES;

    @Spec private @Nullable CommandSpec spec;

    @Override
    public Integer call() throws IOException, InputException {
        PrintWriter out = java.util.Objects.requireNonNull(spec).commandLine().getOut();
        SayLine line = new SayLine(units == UnitSystem.INCHES ? Tape.INCH : Tape.METRIC);
        for (String text : lines()) {
            if (!text.isBlank()) {
                out.println(Output.ascii(SaidJson.write(text, line.read(text))));
            }
        }
        return 0;
    }

    private List<String> lines() throws IOException, InputException {
        if (file != null) {
            return TextFile.read(file).lines().toList();
        }
        var in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        return in.lines().toList();
    }
}
