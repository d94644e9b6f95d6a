package reliqua.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import reliqua.files.InputException;
import reliqua.files.LogFile;

/** Explains what went wrong in the keeper's words; what nobody foresaw goes to the log. */
final class Faults {
    private static final Logger LOG = LoggerFactory.getLogger(Faults.class);

    private Faults() {}

    static void tell(Throwable fault, PrintWriter err) {
        switch (fault) {
            case InputException refused -> refused.faults().forEach(err::println);
            case IOException io -> err.println(explain(io));
            case OutOfMemoryError _ ->
                    err.println("there is not enough memory for this; make the input smaller");
            default -> {
                LOG.error("A fault in the program", fault);
                err.println(
                        "a fault in the program, not in what you gave it; what happened is written in "
                                + LogFile.place());
            }
        }
    }

    private static String explain(IOException e) {
        return switch (e) {
            case NoSuchFileException missing ->
                    missing.getFile() + ": there is no such file or folder; check the name";
            case AccessDeniedException denied ->
                    denied.getFile() + ": this must not be read or written; check its permissions";
            case FileSystemException fault ->
                    Optional.ofNullable(fault.getFile()).orElse("file")
                            + ": cannot be read or written ("
                            + Optional.ofNullable(fault.getReason()).orElse("no reason is given")
                            + ")";
            default ->
                    "cannot read or write: "
                            + Optional.ofNullable(e.getMessage()).orElse("no reason is given");
        };
    }
}
