package reliqua.cli;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import reliqua.files.InputException;

/** Reads text files and explains what went wrong in the keeper's words. */
final class Files {
    private Files() {}

    static String read(Path path) throws IOException, InputException {
        try {
            return java.nio.file.Files.readString(path);
        } catch (CharacterCodingException e) {
            throw new InputException(path + ": this is not UTF-8 text; save it as UTF-8");
        }
    }

    static String explain(IOException e) {
        return switch (e) {
            case NoSuchFileException missing ->
                    missing.getFile() + ": there is no such file; check the name";
            case java.nio.file.FileSystemException fault ->
                    fault.getFile() + ": cannot be read or written (" + fault.getReason() + ")";
            default -> "cannot read or write: " + e.getMessage();
        };
    }
}
