package reliqua.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Photo;

/**
 * The project file: a zip with {@code project.json}, {@code heap.csv}, {@code prices.csv}, {@code
 * cut.csv} with what has been cut, and the photos. Saving never leaves half a file: the new one is
 * written beside, forced to the disk and moved into place, and the version before is kept with a
 * tilde behind its name.
 */
public final class ProjectFile {
    /** Ending of project files. */
    public static final String ENDING = ".reliqua";

    private static final String JSON = "project.json";
    private static final String HEAP = "heap.csv";
    private static final String PRICES = "prices.csv";
    private static final String CUT = "cut.csv";
    private static final String PHOTOS = "photos/";
    private static final String JPEG = ".jpg";
    private static final int LARGEST = 64 << 20;

    private ProjectFile() {}

    /** Where the version before is kept. */
    public static Path previous(Path path) {
        return path.resolveSibling(path.getFileName() + "~");
    }

    /** Saves a project in place of what was there. */
    public static void save(Path path, Project project) throws IOException {
        Path target = path.toAbsolutePath();
        Path fresh = target.resolveSibling(target.getFileName() + ".new");
        try (FileChannel channel =
                FileChannel.open(
                        fresh,
                        StandardOpenOption.CREATE,
                        StandardOpenOption.WRITE,
                        StandardOpenOption.TRUNCATE_EXISTING)) {
            ByteBuffer bytes = ByteBuffer.wrap(bytes(project));
            while (bytes.hasRemaining()) {
                channel.write(bytes);
            }
            channel.force(true);
        }
        if (Files.exists(target)) {
            Files.copy(target, previous(target), StandardCopyOption.REPLACE_EXISTING);
        }
        Files.move(
                fresh, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static byte[] bytes(Project project) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            entry(zip, JSON, ProjectJson.write(project));
            entry(zip, HEAP, HeapCsv.write(project.heap()));
            entry(zip, PRICES, HeapCsv.write(asLots(project.prices().offers())));
            Heap cut = CutsJson.things(project.cuts());
            entry(zip, CUT, HeapCsv.write(cut));
            photos(zip, project.heap(), cut);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void entry(ZipOutputStream zip, String name, String text) throws IOException {
        entry(zip, name, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void entry(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /** Every picture once, however many lots it shows. */
    private static void photos(ZipOutputStream zip, Heap heap, Heap cut) throws IOException {
        Map<String, Photo> photos = new TreeMap<>();
        Stream.concat(heap.lots().stream(), cut.lots().stream())
                .flatMap(lot -> lot.provenance().photos().stream())
                .forEach(photo -> photos.put(photo.name(), photo));
        // A JPEG is packed already: trying again would only take time at every save.
        zip.setLevel(Deflater.NO_COMPRESSION);
        for (Photo photo : photos.values()) {
            entry(zip, PHOTOS + photo.name() + JPEG, photo.jpeg());
        }
    }

    /** Offers share the heap's table: the name is the note, the price is what one costs. */
    private static Heap asLots(List<Offer> offers) {
        return new Heap(
                offers.stream()
                        .map(
                                o ->
                                        new Lot(
                                                o.id(),
                                                1,
                                                o.material(),
                                                new Lot.Provenance("", "", o.name(), o.price())))
                        .toList());
    }

    private static List<Offer> asOffers(Heap heap) {
        return heap.lots().stream()
                .map(
                        l ->
                                new Offer(
                                        l.id(),
                                        l.provenance().note(),
                                        l.material(),
                                        l.provenance().paid()))
                .toList();
    }

    /**
     * Reads a project.
     *
     * @throws InputException when the file is damaged or of another kind; says where the version
     *     before lies
     */
    public static Project load(Path path) throws IOException, InputException {
        try {
            return read(path);
        } catch (InputException e) {
            Path before = previous(path.toAbsolutePath());
            if (Files.exists(before)) {
                throw new InputException(
                        e.getMessage()
                                + System.lineSeparator()
                                + "The version before lies in "
                                + before.getFileName()
                                + "; rename it to end in "
                                + ENDING
                                + " and open that.");
            }
            throw e;
        }
    }

    private static Project read(Path path) throws IOException, InputException {
        String name = String.valueOf(path.getFileName());
        Map<String, byte[]> entries = entries(path, name);
        for (String needed : List.of(JSON, HEAP, PRICES)) {
            if (!entries.containsKey(needed)) {
                throw new InputException(
                        name
                                + ": this is not a whole project file; "
                                + needed
                                + " is missing in it");
            }
        }
        Heap heap = table(entries, HEAP, name);
        Heap cut = entries.containsKey(CUT) ? table(entries, CUT, name) : Heap.EMPTY;
        Heap prices = table(entries, PRICES, name);
        return ProjectJson.read(
                text(entries.get(JSON)), name + " > " + JSON, heap, cut, asOffers(prices));
    }

    private static Heap table(Map<String, byte[]> entries, String entry, String name)
            throws InputException {
        return HeapCsv.read(
                text(entries.get(entry)),
                name + " > " + entry,
                UnitSystem.MILLIMETRES,
                photo -> Optional.ofNullable(entries.get(PHOTOS + photo + JPEG)).map(Photo::new));
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private static Map<String, byte[]> entries(Path path, String name)
            throws IOException, InputException {
        Map<String, byte[]> entries = new HashMap<>();
        try (ZipInputStream zip =
                new ZipInputStream(Files.newInputStream(path), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readNBytes(LARGEST));
            }
        } catch (java.util.zip.ZipException | java.io.EOFException e) {
            throw new InputException(name + ": the file is damaged (" + e.getMessage() + ")");
        }
        return entries;
    }
}
