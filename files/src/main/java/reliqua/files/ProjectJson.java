package reliqua.files;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.CutWish;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.flock.Site;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.project.Project;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;
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

    /** Files from before there were others do not name it. */
    private static final String FIRST_FAMILY = "raised";

    private ProjectJson() {}

    static String write(Project project) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("name", project.name());
        KeeperJson.write(root.putObject("keeper"), project.keeper());
        FlockJson.write(root.putObject("flock"), project.flock());
        SiteJson.write(root.putObject("site"), project.site());
        prices(root.putObject("prices"), project.prices());
        root.put("family", project.family());
        addOns(root.putArray("addOns"), project.addOns());
        ObjectNode held = root.putObject("held");
        project.held().forEach((key, length) -> held.put(key, JsonWords.mm(length)));
        project.chosen().ifPresent(chosen -> chosen(root.putObject("chosen"), chosen));
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
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
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

    private static void chosen(ObjectNode node, Project.Chosen chosen) {
        node.put("family", chosen.spec().family());
        addOns(node.putArray("addOns"), chosen.spec().addOns());
        ObjectNode dimensions = node.putObject("dimensions");
        chosen.spec().lengths().forEach((key, length) -> dimensions.put(key, JsonWords.mm(length)));
        Choices choices = chosen.spec().choices();
        ObjectNode sections = node.putObject("sections");
        for (Choices.Group group : Choices.Group.values()) {
            sections.putObject(JsonWords.lower(group))
                    .put("thickness", JsonWords.mm(choices.section(group).thickness()))
                    .put("width", JsonWords.mm(choices.section(group).width()));
        }
        node.put("deck", JsonWords.mm(choices.deck())).put("skin", JsonWords.mm(choices.skin()));
        node.put("widestPanel", JsonWords.mm(choices.widestPanel()))
                .put("step", JsonWords.mm(choices.step()));
        node.put("underside", JsonWords.lower(choices.underside()));
        node.put("cladding", JsonWords.lower(choices.cladding()));
        FindsJson.write(node, choices.finds());
        node.putObject("roofing")
                .put("fullWidth", JsonWords.mm(choices.roofing().fullWidth()))
                .put("coverWidth", JsonWords.mm(choices.roofing().coverWidth()))
                .put("longest", JsonWords.mm(choices.roofing().longest()));
        ArrayNode seams = node.putArray("seams");
        for (Seam seam : chosen.seams()) {
            ArrayNode at =
                    seams.addObject()
                            .put("mark", seam.mark())
                            .put("kind", JsonWords.lower(seam.kind()))
                            .putArray("at");
            seam.at().forEach(length -> at.addObject().put("mm", JsonWords.mm(length)));
        }
    }

    private static Seam seam(JsonReader in) {
        return new Seam(
                in.text("mark", ""),
                in.choice("kind", Seam.Kind.class, Seam.Kind.LAPPED),
                in.list("at", at -> at.mm("mm")));
    }

    static Project read(String text, String name, Heap heap, Heap cut, List<Offer> offers)
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
            project = project(root, heap, cut, offers);
        } catch (IllegalArgumentException e) {
            throw new InputException(name + ": " + e.getMessage());
        }
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return project;
    }

    private static Project project(JsonReader root, Heap heap, Heap cut, List<Offer> offers) {
        Map<String, Length> held = new TreeMap<>();
        root.inner("held").ifPresent(in -> lengths(in, held));
        return new Project(
                root.text("name", "Coop"),
                root.inner("keeper")
                        .map(KeeperJson::read)
                        .orElseGet(() -> Keeper.with(Tape.METRIC)),
                root.inner("flock")
                        .map(FlockJson::read)
                        .orElseGet(() -> Flock.of(BirdClass.STANDARD, 4)),
                root.inner("site").map(SiteJson::read).orElse(Site.BARE),
                heap,
                root.inner("prices").map(in -> prices(in, offers)).orElse(PriceBook.EMPTY),
                root.text("family", FIRST_FAMILY),
                addOns(root),
                held,
                root.inner("chosen").map(ProjectJson::chosen),
                CutsJson.read(root, cut),
                new TreeSet<>(
                        root.list(
                                "wishes",
                                w ->
                                        new CutWish(
                                                w.text("mark", ""),
                                                w.text("lot", ""),
                                                w.flag("on", true)))),
                new HashSet<>(root.texts("done")),
                root.list("story", CutsJson::told));
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

    private static Choices.Group older(Choices.Group group) {
        return switch (group) {
            case RUN -> Choices.Group.WALLS;
            case BOARDS -> Choices.Group.TRIM;
            case LEGS, FLOOR, WALLS, RAFTERS, PURLINS, TRIM, ROOSTS -> group;
        };
    }

    private static Project.Chosen chosen(JsonReader in) {
        JsonReader lengths = in.inner("dimensions").orElseThrow(() -> missing(in, "dimensions"));
        JsonReader groups = in.inner("sections").orElseThrow(() -> missing(in, "sections"));
        JsonReader roofing = in.inner("roofing").orElseThrow(() -> missing(in, "roofing"));
        Map<String, Length> dimensions = new TreeMap<>();
        lengths(lengths, dimensions);
        List<Section> sections = new ArrayList<>();
        for (Choices.Group group : Choices.Group.values()) {
            // Older files know neither runs nor boards, and so have none.
            String name = JsonWords.lower(group);
            String known = groups.has(name) ? name : JsonWords.lower(older(group));
            sections.add(
                    groups.inner(known)
                            .map(s -> Section.of(s.mm("thickness"), s.mm("width")))
                            .orElseThrow(() -> missing(groups, name)));
        }
        Choices bare =
                new Choices(
                        sections,
                        in.mm("deck"),
                        in.mm("skin"),
                        in.mm("widestPanel"),
                        new Choices.RoofingChoice(
                                roofing.mm("fullWidth"),
                                roofing.mm("coverWidth"),
                                roofing.mm("longest")),
                        in.choice(
                                "underside",
                                Practice.Underside.class,
                                Practice.Underside.CLOSED_IN),
                        in.mm("step"));
        Choices choices =
                bare.with(FindsJson.read(in))
                        .with(
                                in.choice(
                                        "cladding",
                                        Choices.Cladding.class,
                                        Choices.Cladding.SHEETS));
        DesignSpec spec =
                new DesignSpec(in.text("family", FIRST_FAMILY), dimensions, choices, addOns(in));
        Families.find(spec.family())
                .ifPresent(
                        family ->
                                family.keys().stream()
                                        .filter(key -> !dimensions.containsKey(key))
                                        .forEach(key -> lengths.fault(key + " is missing")));
        return new Project.Chosen(spec, in.list("seams", ProjectJson::seam));
    }

    private static void addOns(ArrayNode list, Set<AddOn> addOns) {
        addOns.forEach(a -> list.add(a.id()));
    }

    private static Set<AddOn> addOns(JsonReader in) {
        Set<AddOn> addOns = EnumSet.noneOf(AddOn.class);
        for (String id : in.texts("addOns")) {
            Optional<AddOn> known =
                    Stream.of(AddOn.values()).filter(a -> a.id().equals(id)).findFirst();
            known.ifPresent(addOns::add);
            if (known.isEmpty()) {
                in.fault("addOns: \"" + id + "\" is unknown");
            }
        }
        return addOns;
    }

    /** Every length of an object, by its key. */
    private static void lengths(JsonReader in, Map<String, Length> lengths) {
        in.names().forEach(key -> in.maybeMm(key).ifPresent(length -> lengths.put(key, length)));
    }

    private static IllegalArgumentException missing(JsonReader in, String field) {
        return new IllegalArgumentException(in.place() + ": " + field + " is missing");
    }
}
