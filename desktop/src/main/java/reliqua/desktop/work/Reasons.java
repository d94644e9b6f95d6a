package reliqua.desktop.work;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Optional;
import reliqua.desktop.Texts;
import reliqua.files.InputException;

/** What the disk or a reader objects to, in a keeper's words. */
public final class Reasons {
    private Reasons() {}

    /** Of anything that reading or writing throws. */
    public static String of(Exception fault) {
        return switch (fault) {
            case InputException refused -> refused.getMessage();
            case NoSuchFileException _ -> Texts.get("reason.missing");
            case AccessDeniedException _ -> Texts.get("reason.denied");
            case FileSystemException system ->
                    Optional.ofNullable(system.getReason()).orElse(Texts.get("reason.none"));
            case IOException io ->
                    Optional.ofNullable(io.getMessage()).orElse(Texts.get("reason.none"));
            default -> Texts.get("reason.fault");
        };
    }
}
