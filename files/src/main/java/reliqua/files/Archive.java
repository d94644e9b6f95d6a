package reliqua.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * The entries of a zip, read whole and checked: the list of contents at its end, the checksum of
 * every entry, no name twice. Sizes and counts are bounded before anything is unpacked. Of a
 * damaged one what is whole is given, with the damage in words. Nothing is ever unpacked to the
 * disk.
 */
final class Archive {
    /** Of one entry. */
    static final int MOST_BYTES = TextFile.MOST_BYTES;

    private static final long MOST_IN_ALL = 512L << 20;
    private static final int MOST_ENTRIES = 20_000;

    private final Map<String, byte[]> entries = new LinkedHashMap<>();
    private final List<String> damage = new ArrayList<>();
    private final String name;
    private long bytesInAll;

    private Archive(String name) {
        this.name = name;
    }

    /**
     * Reads a zip.
     *
     * @throws InputException when it is no ordinary file or holds more than is ever written
     */
    static Archive read(Path path, String name) throws IOException, InputException {
        TextFile.requireOrdinary(path);
        Archive archive = new Archive(name);
        try (ZipFile zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8)) {
            archive.listed(zip);
        } catch (ZipException | IllegalArgumentException e) {
            archive.salvaged(path);
        }
        return archive;
    }

    private void listed(ZipFile zip) throws IOException, InputException {
        requireFew(zip.size());
        for (ZipEntry entry : Collections.list(zip.entries())) {
            try (InputStream in = zip.getInputStream(entry)) {
                byte[] bytes = bounded(in, entry.getName());
                if (checksum(bytes) != entry.getCrc() || bytes.length != entry.getSize()) {
                    damage.add(entry.getName() + " is damaged");
                } else {
                    put(entry.getName(), bytes);
                }
            } catch (ZipException | java.io.EOFException e) {
                damage.add(entry.getName() + " is damaged");
            }
        }
    }

    /** Without a list at the end: entry by entry from the beginning, as far as they are whole. */
    private void salvaged(Path path) throws IOException, InputException {
        damage.add("the end of the file is missing or damaged");
        try (ZipInputStream zip =
                new ZipInputStream(Files.newInputStream(path), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                requireFew(entries.size() + 1);
                put(entry.getName(), bounded(zip, entry.getName()));
            }
        } catch (ZipException | java.io.EOFException | IllegalArgumentException e) {
            // What came before is whole, for the stream checks each entry at its end.
            return;
        }
    }

    private void put(String entry, byte[] bytes) {
        if (entries.put(entry, bytes) != null) {
            damage.add(entry + " is there twice");
        }
    }

    private void requireFew(int number) throws InputException {
        if (number > MOST_ENTRIES) {
            throw new InputException(
                    name + ": more than " + MOST_ENTRIES + " entries; no project has as many");
        }
    }

    private byte[] bounded(InputStream in, String entry) throws IOException, InputException {
        byte[] bytes = in.readNBytes(MOST_BYTES + 1);
        bytesInAll += bytes.length;
        if (bytes.length > MOST_BYTES || bytesInAll > MOST_IN_ALL) {
            throw new InputException(
                    name + " > " + entry + ": this unpacks to more than any project holds");
        }
        return bytes;
    }

    private static long checksum(byte[] bytes) {
        CRC32 sum = new CRC32();
        sum.update(bytes);
        return sum.getValue();
    }

    /** An entry, if it is there and whole. */
    Optional<byte[]> entry(String entry) {
        return Optional.ofNullable(entries.get(entry));
    }

    boolean isEmpty() {
        return entries.isEmpty();
    }

    /** What is wrong, a line each; empty when everything is whole. */
    List<String> damage() {
        return List.copyOf(damage);
    }

    /** Makes a zip. */
    static final class Maker {
        private final ByteArrayOutputStream out = new ByteArrayOutputStream();
        private final ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        private long bytesInAll;

        /** Adds a text. */
        void text(String name, String text) throws IOException {
            add(name, text.getBytes(StandardCharsets.UTF_8));
        }

        /** Adds something that is packed already: trying again would only take time. */
        void packed(String name, byte[] bytes) throws IOException {
            zip.setLevel(Deflater.NO_COMPRESSION);
            add(name, bytes);
            zip.setLevel(Deflater.DEFAULT_COMPRESSION);
        }

        /** Refuses what could not be read again. */
        private void add(String name, byte[] bytes) throws IOException {
            bytesInAll += bytes.length;
            if (bytes.length > MOST_BYTES || bytesInAll > MOST_IN_ALL) {
                throw new IOException("the project has grown too large at " + name);
            }
            ZipEntry entry = new ZipEntry(name);
            entry.setTime(0);
            zip.putNextEntry(entry);
            zip.write(bytes);
            zip.closeEntry();
        }

        byte[] bytes() {
            try {
                zip.close();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return out.toByteArray();
        }
    }
}
