package reliqua.files;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import reliqua.core.keep.Entry;
import reliqua.core.measure.UnitSystem;
import reliqua.core.project.Project;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Photo;
import reliqua.files.disk.Generations;
import reliqua.files.disk.SafeFile;

/**
 * The project file: a zip with {@code project.json}, {@code heap.csv}, {@code prices.csv}, {@code
 * cut.csv} with what has been cut, {@code log.csv} with the logbook, and the photos. Saving never
 * leaves half a file ({@link SafeFile}), and the versions before are kept ({@link Generations}).
 */
public final class ProjectFile {
    /** Ending of project files. */
    public static final String ENDING = ".reliqua";

    private static final String JSON = "project.json";
    private static final String HEAP = "heap.csv";
    private static final String PRICES = "prices.csv";
    private static final String CUT = "cut.csv";
    private static final String LOG = "log.csv";
    private static final String PHOTOS = "photos/";
    private static final String JPEG = ".jpg";

    private ProjectFile() {}

    /**
     * A project as it was read.
     *
     * @param missing what of it is lost, a line each; where it is not empty, the file is for
     *     reading only, so that what it still holds is not written over
     */
    public record Opened(Project project, List<String> missing) {
        /** Copies the list. */
        public Opened {
            missing = List.copyOf(missing);
        }
    }

    /** Saves a project in place of what was there. */
    public static void save(Path path, Project project) throws IOException {
        SafeFile.writeKeeping(path, bytes(project));
    }

    /** Saves a copy; versions of it before are not kept. */
    public static void saveCopy(Path path, Project project) throws IOException {
        SafeFile.write(path, bytes(project));
    }

    static byte[] bytes(Project project) throws IOException {
        Archive.Maker zip = new Archive.Maker();
        zip.text(JSON, ProjectJson.write(project));
        zip.text(HEAP, HeapCsv.write(project.heap()));
        zip.text(PRICES, HeapCsv.write(PriceCsv.asLots(project.prices().offers())));
        Heap cut = CutsJson.things(project.cuts());
        zip.text(CUT, HeapCsv.write(cut));
        zip.text(LOG, LogCsv.write(project.book().log()));
        for (Photo photo : photos(project, cut)) {
            zip.packed(PHOTOS + photo.name() + JPEG, photo.jpeg());
        }
        return zip.bytes();
    }

    /** Every picture once, however many lots, steps and days it shows. */
    private static Iterable<Photo> photos(Project project, Heap cut) {
        Map<String, Photo> photos = new TreeMap<>();
        Stream<Photo> ofLots =
                Stream.concat(project.heap().lots().stream(), cut.lots().stream())
                        .flatMap(lot -> lot.provenance().photos().stream());
        Stream<Photo> ofSteps =
                project.notes().values().stream().flatMap(note -> note.photos().stream());
        Stream<Photo> ofDays = project.book().log().stream().flatMap(e -> e.photos().stream());
        Stream.concat(Stream.concat(ofLots, ofSteps), ofDays)
                .forEach(photo -> photos.put(photo.name(), photo));
        return photos.values();
    }

    /**
     * Reads a project that is whole.
     *
     * @throws InputException when the file is damaged or of another kind; says which versions of
     *     before are there
     */
    public static Project load(Path path) throws IOException, InputException {
        Opened opened = open(path);
        if (!opened.missing().isEmpty()) {
            List<String> faults = new ArrayList<>();
            opened.missing().forEach(line -> faults.add(path.getFileName() + ": " + line));
            throw withVersions(new InputException(faults), path);
        }
        return opened.project();
    }

    /**
     * Reads what there is of a project.
     *
     * @throws InputException when too little is left to show, or it is another kind of file
     */
    public static Opened open(Path path) throws IOException, InputException {
        try {
            return new Reading(Archive.read(path, name(path)), name(path)).opened();
        } catch (InputException e) {
            throw withVersions(e, path);
        }
    }

    private static String name(Path path) {
        return String.valueOf(path.getFileName());
    }

    private static InputException withVersions(InputException fault, Path path) throws IOException {
        List<Path> versions = Generations.of(path);
        if (versions.isEmpty()) {
            return fault;
        }
        List<String> lines = new ArrayList<>(fault.faults());
        lines.add(
                "Versions of before are kept beside it: "
                        + String.join(", ", versions.stream().map(ProjectFile::name).toList())
                        + ". Open one of them and save it under a new name.");
        return new InputException(lines);
    }

    /** One reading of an archive, and what it finds missing. */
    private static final class Reading {
        private final Archive archive;
        private final String name;
        private final List<String> missing = new ArrayList<>();

        Reading(Archive archive, String name) {
            this.archive = archive;
            this.name = name;
        }

        Opened opened() throws InputException {
            missing.addAll(archive.damage());
            byte[] json =
                    archive.entry(JSON)
                            .orElseThrow(
                                    () ->
                                            new InputException(
                                                    name
                                                            + ": this is not a whole project file; "
                                                            + JSON
                                                            + " is missing in it"));
            Heap heap = table(HEAP, true);
            Heap cut = table(CUT, false);
            Heap prices = table(PRICES, true);
            Project project =
                    ProjectJson.read(
                            TextFile.decode(json, name + " > " + JSON),
                            name + " > " + JSON,
                            new ProjectJson.Tables(heap, cut, PriceCsv.asOffers(prices), log()),
                            photos());
            return new Opened(project, missing);
        }

        /** A project of before keeping has none. */
        private List<Entry> log() throws InputException {
            Optional<byte[]> bytes = archive.entry(LOG);
            if (bytes.isEmpty()) {
                return List.of();
            }
            String where = name + " > " + LOG;
            return LogCsv.read(TextFile.decode(bytes.get(), where), where, photos());
        }

        private Heap table(String entry, boolean needed) throws InputException {
            Optional<byte[]> bytes = archive.entry(entry);
            if (bytes.isEmpty()) {
                if (needed) {
                    missing.add(entry + " is missing");
                }
                return Heap.EMPTY;
            }
            String where = name + " > " + entry;
            return HeapCsv.read(
                    TextFile.decode(bytes.get(), where), where, UnitSystem.MILLIMETRES, photos());
        }

        /** A picture is named by what it shows, so one that shows something else is not it. */
        private Function<String, Optional<Photo>> photos() {
            return photo -> {
                Optional<Photo> found =
                        archive.entry(PHOTOS + photo + JPEG)
                                .map(Photo::new)
                                .filter(p -> p.name().equals(photo));
                if (found.isEmpty()) {
                    String line = "photo " + photo + " is missing";
                    if (!missing.contains(line)) {
                        missing.add(line);
                    }
                }
                return found;
            };
        }
    }
}
