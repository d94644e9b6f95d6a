package reliqua.files;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.project.Project;
import reliqua.core.stock.Section;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A design, and the joints its plan asked for, in project files and lists of designs. */
final class DesignJson {
    /** Of projects saved before there were several. */
    static final String FIRST_FAMILY = "raised";

    private DesignJson() {}

    static void write(ObjectNode node, Project.Chosen chosen) {
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

    private static Choices.Group older(Choices.Group group) {
        return switch (group) {
            case RUN -> Choices.Group.WALLS;
            case BOARDS -> Choices.Group.TRIM;
            case LEGS, FLOOR, WALLS, RAFTERS, PURLINS, TRIM, ROOSTS -> group;
        };
    }

    static Project.Chosen read(JsonReader in) {
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
        return new Project.Chosen(spec, in.list("seams", DesignJson::seam));
    }

    static void addOns(ArrayNode list, Set<AddOn> addOns) {
        addOns.forEach(a -> list.add(a.id()));
    }

    static Set<AddOn> addOns(JsonReader in) {
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
    static void lengths(JsonReader in, Map<String, Length> lengths) {
        in.names().forEach(key -> in.maybeMm(key).ifPresent(length -> lengths.put(key, length)));
    }

    private static IllegalArgumentException missing(JsonReader in, String field) {
        return new IllegalArgumentException(in.place() + ": " + field + " is missing");
    }
}
