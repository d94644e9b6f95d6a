package reliqua.files;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import reliqua.core.build.StepNote;
import reliqua.core.cutting.CutWish;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Site;
import reliqua.core.keep.Entry;
import reliqua.core.keep.KeepBook;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Project;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Photo;
import reliqua.core.stock.PriceBook;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The part of a project file that is no table: keeper, birds, choices, progress. Lengths are exact
 * millimetres.
 */
final class ProjectJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final String FORMAT = "reliqua-project";
    private static final int VERSION = 1;

    private ProjectJson() {}

    static String write(Project project) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("name", project.name());
        KeeperJson.write(root.putObject("keeper"), project.keeper());
        FlockJson.write(root.putObject("flock"), project.flock());
        SiteJson.write(root.putObject("site"), project.site());
        prices(root.putObject("prices"), project.prices());
        root.put("family", project.family());
        DesignJson.addOns(root.putArray("addOns"), project.addOns());
        ObjectNode held = root.putObject("held");
        project.held().forEach((key, length) -> held.put(key, JsonWords.mm(length)));
        project.chosen().ifPresent(chosen -> DesignJson.write(root.putObject("chosen"), chosen));
        project.begun().ifPresent(begun -> standing(root.putObject("standing"), begun));
        ObjectNode variants = root.putObject("variants");
        project.variants()
                .forEach((name, kept) -> DesignJson.write(variants.putObject(name), kept));
        CutsJson.write(root.putArray("cuts"), project.cuts());
        CutsJson.writeStory(root.putArray("story"), project.story());
        ArrayNode wishes = root.putArray("wishes");
        project.wishes()
                .forEach(
                        w ->
                                wishes.addObject()
                                        .put("mark", w.mark())
                                        .put("lot", w.source())
                                        .put("on", w.on()));
        ArrayNode done = root.putArray("done");
        project.done().forEach(done::add);
        ObjectNode notes = root.putObject("notes");
        project.notes().forEach((key, note) -> note(notes.putObject(key), note));
        KeepJson.write(root.putObject("keep"), project.book());
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void note(ObjectNode node, StepNote note) {
        node.put("minutes", note.minutes()).put("words", note.words());
        ArrayNode photos = node.putArray("photos");
        note.photos().forEach(p -> photos.add(p.name()));
    }

    private static SortedMap<String, StepNote> notes(
            JsonReader root, Function<String, Optional<Photo>> photos) {
        SortedMap<String, StepNote> notes = new TreeMap<>();
        root.inner("notes")
                .ifPresent(
                        in ->
                                in.names()
                                        .forEach(
                                                key ->
                                                        in.inner(key)
                                                                .map(n -> note(n, photos))
                                                                .ifPresent(
                                                                        n -> notes.put(key, n))));
        return StepsOfBefore.notes(notes);
    }

    private static StepNote note(JsonReader in, Function<String, Optional<Photo>> photos) {
        return new StepNote(
                in.whole("minutes", 0),
                in.text("words", ""),
                in.texts("photos").stream().flatMap(p -> photos.apply(p).stream()).toList());
    }

    private static void prices(ObjectNode node, PriceBook prices) {
        node.put("merchant", prices.merchant());
        ObjectNode hardware = node.putObject("hardware");
        prices.hardware()
                .forEach(
                        (kind, pack) ->
                                hardware.putObject(JsonWords.lower(kind))
                                        .put("count", pack.count())
                                        .put("price", JsonWords.amount(pack.price())));
    }

    /** What lies beside it in the archive. */
    record Tables(Heap heap, Heap cut, List<Offer> offers, List<Entry> log) {
        /** Copies the lists. */
        Tables {
            offers = List.copyOf(offers);
            log = List.copyOf(log);
        }
    }

    /**
     * Reads it.
     *
     * @param photos the picture of a name, if there is one
     */
    static Project read(
            String text, String name, Tables tables, Function<String, Optional<Photo>> photos)
            throws InputException {
        List<String> faults = new ArrayList<>();
        JsonReader root = JsonReader.of(text, name, faults);
        if (!root.text("format", "").equals(FORMAT)) {
            throw new InputException(
                    name + ": format must be \"" + FORMAT + "\"; this is another kind of file");
        }
        if (root.whole("version", 0) != VERSION) {
            throw new InputException(
                    name
                            + ": version "
                            + root.whole("version", 0)
                            + " is not known here; open it with the Reliqua that wrote it");
        }
        Project project;
        try {
            project = project(root, tables, photos);
        } catch (IllegalArgumentException e) {
            throw new InputException(name + ": " + e.getMessage());
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return project;
    }

    private static SortedMap<String, Project.Chosen> variants(JsonReader root) {
        SortedMap<String, Project.Chosen> variants = new TreeMap<>();
        root.inner("variants")
                .ifPresent(
                        in ->
                                in.names()
                                        .forEach(
                                                name ->
                                                        in.inner(name)
                                                                .map(DesignJson::read)
                                                                .ifPresent(
                                                                        d ->
                                                                                variants.put(
                                                                                        name, d))));
        return variants;
    }

    private static void standing(ObjectNode node, Project.Standing begun) {
        DesignJson.write(node, begun.design());
        FlockJson.write(node.putObject("birds"), begun.birds());
    }

    /**
     * Files of before did not tell: what was built followed the design settled on, for the birds
     * the coop is built for.
     */
    private static Optional<Project.Standing> standing(
            JsonReader root, Optional<Project.Chosen> chosen, Flock flock) {
        Flock meant =
                root.inner("keep")
                        .flatMap(keep -> keep.inner("builtFor"))
                        .map(FlockJson::read)
                        .orElse(flock);
        if (root.inner("standing").isEmpty()) {
            boolean nothing = root.texts("done").isEmpty();
            return nothing
                    ? Optional.empty()
                    : chosen.map(design -> new Project.Standing(design, meant));
        }
        JsonReader in = root.inner("standing").get();
        Flock birds = in.inner("birds").map(FlockJson::read).orElse(meant);
        return Optional.of(new Project.Standing(DesignJson.read(in), birds));
    }

    private static Project project(
            JsonReader root, Tables tables, Function<String, Optional<Photo>> photos) {
        Map<String, Length> held = new TreeMap<>();
        root.inner("held").ifPresent(in -> DesignJson.lengths(in, held));
        Optional<Project.Chosen> chosen = root.inner("chosen").map(DesignJson::read);
        Flock flock =
                root.inner("flock")
                        .map(FlockJson::read)
                        .orElseGet(() -> Flock.of(BirdClass.STANDARD, 4));
        return new Project(
                root.text("name", "Coop"),
                root.inner("keeper")
                        .map(KeeperJson::read)
                        .orElseGet(() -> Keeper.with(Tape.METRIC)),
                flock,
                root.inner("site").map(SiteJson::read).orElse(Site.BARE),
                tables.heap(),
                root.inner("prices").map(in -> prices(in, tables.offers())).orElse(PriceBook.EMPTY),
                root.text("family", DesignJson.FIRST_FAMILY),
                DesignJson.addOns(root),
                held,
                chosen,
                standing(root, chosen, flock),
                variants(root),
                CutsJson.read(root, tables.cut()),
                new TreeSet<>(
                        root.list(
                                "wishes",
                                w ->
                                        new CutWish(
                                                w.text("mark", ""),
                                                w.text("lot", ""),
                                                w.flag("on", true)))),
                StepsOfBefore.done(new HashSet<>(root.texts("done"))),
                notes(root, photos),
                root.list("story", CutsJson::told),
                root.inner("keep")
                        .map(in -> KeepJson.read(in, tables.log()))
                        .orElseGet(() -> KeepBook.EMPTY.plus(tables.log())));
    }

    private static PriceBook prices(JsonReader in, List<Offer> offers) {
        Map<Hardware.Kind, PriceBook.Pack> hardware = new EnumMap<>(Hardware.Kind.class);
        in.inner("hardware")
                .ifPresent(
                        packs -> {
                            for (Hardware.Kind kind : Hardware.Kind.values()) {
                                packs.inner(JsonWords.lower(kind))
                                        .ifPresent(
                                                pack ->
                                                        hardware.put(
                                                                kind,
                                                                new PriceBook.Pack(
                                                                        pack.whole("count", 1),
                                                                        pack.money("price"))));
                            }
                        });
        return new PriceBook(in.text("merchant", ""), offers, new TreeMap<>(hardware));
    }
}
