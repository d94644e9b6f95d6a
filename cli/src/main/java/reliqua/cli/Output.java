package reliqua.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import reliqua.files.disk.SafeFile;

/** Where commands write: the console in its own letters, JSON and files in UTF-8. */
final class Output {
    /** Signs of ours that a console may not have, and what is read the same. */
    private static final Map<Character, String> PLAIN =
            Map.of(
                    '\u2212', "-", '\u2013', "-", '\u00d7', "x", '\u00b7', "-", '\u00b2', "2",
                    '\u00b0', " deg", '\u20ac', "EUR ", '\u00a3', "GBP ");

    private Output() {}

    /** Standard output or error; what cannot be written is remembered ({@code checkError}). */
    static PrintWriter console(FileDescriptor where, String property) {
        Charset letters = Charset.forName(System.getProperty(property, "UTF-8"));
        return new PrintWriter(spelled(new FileOutputStream(where), letters), true);
    }

    /** A writer in which signs that the letters lack are spelled otherwise. */
    static Writer spelled(OutputStream out, Charset letters) {
        Writer writer = new OutputStreamWriter(out, letters);
        CharsetEncoder encoder = letters.newEncoder();
        return new java.io.FilterWriter(writer) {
            @Override
            public void write(int c) throws IOException {
                String instead = encoder.canEncode((char) c) ? null : PLAIN.get((char) c);
                if (instead == null) {
                    out.write(c);
                } else {
                    out.write(instead);
                }
            }

            @Override
            public void write(char[] letters, int from, int length) throws IOException {
                for (int n = from; n < from + length; n++) {
                    write(letters[n]);
                }
            }

            @Override
            public void write(String text, int from, int length) throws IOException {
                write(text.toCharArray(), from, length);
            }
        };
    }

    /** JSON as it is for every program: other letters than ASCII are escaped. */
    static String ascii(String json) {
        StringBuilder plain = new StringBuilder(json.length());
        for (char c : json.toCharArray()) {
            if (c < 0x80) {
                plain.append(c);
            } else {
                plain.append(String.format("\\u%04x", (int) c));
            }
        }
        return plain.toString();
    }

    /** Writes a text to a file, whole or not at all; a pipe or a device is simply written to. */
    static void write(Path path, String text) throws IOException {
        write(path, text.getBytes(StandardCharsets.UTF_8));
    }

    /** Writes a file, whole or not at all; a pipe or a device is simply written to. */
    static void write(Path path, byte[] bytes) throws IOException {
        if (Files.exists(path) && !Files.isRegularFile(path)) {
            Files.write(path, bytes);
        } else {
            SafeFile.write(path, bytes);
        }
    }
}
