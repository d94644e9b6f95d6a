package reliqua.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/**
 * Reads texts: bounded, in UTF-8 alone, and from ordinary files alone, so that nothing waits for
 * ever.
 */
public final class TextFile {
    /** A table of 30,000 lots with many flaws has about 70 MB. */
    public static final int MOST_BYTES = 128 << 20;

    private static final char BYTE_ORDER_MARK = '\uFEFF';

    private TextFile() {}

    /**
     * The text of a file.
     *
     * @throws InputException when it is no ordinary file, too large, or not UTF-8
     */
    public static String read(Path path) throws IOException, InputException {
        requireOrdinary(path);
        try (InputStream in = Files.newInputStream(path)) {
            byte[] bytes = in.readNBytes(MOST_BYTES + 1);
            if (bytes.length > MOST_BYTES) {
                throw new InputException(
                        path + ": this is larger than " + (MOST_BYTES >> 20) + " MB; split it");
            }
            return decode(bytes, path.toString());
        }
    }

    /** Refuses a folder, a pipe and a device; what is missing is left to the reader to tell. */
    public static void requireOrdinary(Path path) throws IOException, InputException {
        if (!Files.exists(path)) {
            throw new NoSuchFileException(path.toString());
        }
        if (!Files.isRegularFile(path)) {
            throw new InputException(path + ": this is not an ordinary file");
        }
    }

    /**
     * Bytes as a text; a mark of the byte order in front is left out.
     *
     * @param name how the text is called in messages
     * @throws InputException when they are not UTF-8; names the line
     */
    public static String decode(byte[] bytes, String name) throws InputException {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        try {
            String text =
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .onMalformedInput(CodingErrorAction.REPORT)
                            .onUnmappableCharacter(CodingErrorAction.REPORT)
                            .decode(in)
                            .toString();
            return text.indexOf(BYTE_ORDER_MARK) == 0 ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new InputException(
                    name
                            + ", line "
                            + line(bytes, in.position())
                            + ": a character here is not UTF-8; open the file where it was made and"
                            + " save it as UTF-8");
        }
    }

    private static long line(byte[] bytes, int position) {
        long line = 1;
        for (int n = 0; n < position; n++) {
            line += bytes[n] == '\n' ? 1 : 0;
        }
        return line;
    }
}
