package reliqua.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import reliqua.core.cutting.Bevel;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.OwnSheet;
import reliqua.core.cutting.OwnStick;
import reliqua.core.cutting.PanelOutline;
import reliqua.core.cutting.WantedPanel;
import reliqua.core.cutting.WantedPiece;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.SheetOutline;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads cut jobs of versions 1 to 4; writes the lowest that can say what the job says. */
public final class CutJobJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private CutJobJson() {}

    /**
     * Reads a job.
     *
     * @param name how the text is called in messages, usually the file's name
     * @throws InputException with every fault found
     */
    public static CutJob read(String text, String name) throws InputException {
        List<String> faults = new ArrayList<>();
        JsonReader root = JsonReader.of(text, name, faults);
        if (!root.text("format", "").equals("reliqua-cut-job")) {
            root.fault("format must be \"reliqua-cut-job\"");
        }
        int version = root.whole("version", 0);
        if (version < 1 || version > 4) {
            root.fault("version must be 1, 2, 3 or 4");
        }
        try {
            CutJob job = job(root, version);
            if (faults.isEmpty()) {
                return job;
            }
        } catch (IllegalArgumentException e) {
            root.fault(e.getMessage());
        }
        throw new InputException(faults);
    }

    private static CutJob job(JsonReader root, int version) {
        return new CutJob(
                root.mm("kerf"),
                root.list("sticks", CutJobJson::stick),
                version == 1 ? List.of() : root.list("workables", CutJobJson::workable),
                root.list("sheets", CutJobJson::sheet),
                root.list("shop", CutJobJson::item),
                root.list("pieces", CutJobJson::piece),
                root.list("panels", CutJobJson::panel),
                root.has("hour") ? root.money("hour") : Money.ZERO);
    }

    private static OwnStick stick(JsonReader in) {
        return new OwnStick(
                in.text("id", ""),
                in.mm("thickness"),
                in.mm("width"),
                in.mm("length"),
                in.whole("quantity", 1),
                in.list("flaws", f -> new CutJob.Stretch(f.mm("from"), f.mm("to"))),
                in.maybeMm("bow").orElse(Length.ZERO),
                in.maybeMm("tip"),
                in.whole("looks", 0));
    }

    private static CutJob.Workable workable(JsonReader in) {
        return new CutJob.Workable(
                in.text("id", ""),
                in.whole("quantity", 1),
                in.list(
                        "ways",
                        w ->
                                new CutJob.Way(
                                        w.text("id", ""),
                                        w.whole("minutes", 0),
                                        w.list("gives", CutJobJson::stick))));
    }

    private static OwnSheet sheet(JsonReader in) {
        return new OwnSheet(
                in.text("id", ""),
                in.mm("thickness"),
                in.mm("width"),
                in.mm("length"),
                in.whole("quantity", 1),
                in.list(
                        "flaws",
                        f -> new CutJob.Box(f.mm("x"), f.mm("y"), f.mm("width"), f.mm("length"))),
                outline(in),
                in.flag("grain", false));
    }

    private static Optional<SheetOutline> outline(JsonReader in) {
        return in.has("outline")
                ? Optional.of(new SheetOutline(in.list("outline", CutJobJson::corner)))
                : Optional.empty();
    }

    private static SheetOutline.Corner corner(JsonReader in) {
        return new SheetOutline.Corner(in.mm("x"), in.mm("y"));
    }

    private static PanelOutline panelOutline(JsonReader in, SheetOutline edge) {
        return new PanelOutline(
                edge,
                in.list("openings", o -> new SheetOutline(o.list("corners", CutJobJson::corner))));
    }

    private static void write(ArrayNode array, SheetOutline outline) {
        outline.corners()
                .forEach(c -> array.addObject().put("x", near(c.x())).put("y", near(c.y())));
    }

    private static CutJob.ShopItem item(JsonReader in) {
        String kind = in.text("kind", "");
        if (!kind.equals("stick") && !kind.equals("sheet")) {
            in.fault("kind must be \"stick\" or \"sheet\"");
        }
        return new CutJob.ShopItem(
                in.text("id", ""),
                kind.equals("sheet"),
                in.mm("thickness"),
                in.mm("width"),
                in.mm("length"),
                in.money("price"),
                in.flag("grain", false));
    }

    private static WantedPiece piece(JsonReader in) {
        return new WantedPiece(
                in.text("id", ""),
                in.mm("thickness"),
                in.mm("width"),
                in.mm("length"),
                in.whole("quantity", 1),
                in.maybeMm("maxBow"),
                Set.copyOf(in.texts("only")),
                Set.copyOf(in.texts("never")),
                new Latitude(
                        in.maybeMm("thicker").orElse(Length.ZERO),
                        in.maybeMm("wider").orElse(Length.ZERO),
                        in.inner("round").map(CutJobJson::round)),
                in.inner("bevel").map(CutJobJson::bevel),
                in.flag("seen", false),
                in.maybeMm("covered").orElse(Length.ZERO));
    }

    private static Bevel bevel(JsonReader in) {
        int ends = in.whole("ends", 2);
        if (ends != 1 && ends != 2) {
            in.fault("ends must be 1 or 2");
        }
        String across = in.text("across", "width");
        if (!across.equals("width") && !across.equals("thickness")) {
            in.fault("across must be \"width\" or \"thickness\"");
        }
        return new Bevel(in.mm("run"), across.equals("width"), ends == 2);
    }

    private static Latitude.Round round(JsonReader in) {
        return new Latitude.Round(in.mm("from"), in.mm("to"));
    }

    private static WantedPanel panel(JsonReader in) {
        return new WantedPanel(
                in.text("id", ""),
                in.mm("thickness"),
                in.mm("width"),
                in.mm("length"),
                in.whole("quantity", 1),
                in.flag("turn", false),
                outline(in).map(edge -> panelOutline(in, edge)),
                in.flag("grain", false));
    }

    /**
     * Writes a job; lengths that are no whole micrometres are rounded (parts up, material down).
     */
    public static String write(CutJob job) {
        ObjectNode root = MAPPER.createObjectNode();
        int version = version(job);
        root.put("format", "reliqua-cut-job").put("version", version);
        if (!job.hour().isZero()) {
            root.put("hour", money(job.hour()));
        }
        root.put("kerf", up(job.kerf()));
        ArrayNode sticks = root.putArray("sticks");
        job.sticks().forEach(stick -> write(stick, sticks.addObject()));
        if (version > 1) {
            ArrayNode workables = root.putArray("workables");
            job.workables().forEach(thing -> write(thing, workables.addObject()));
        }
        ArrayNode sheets = root.putArray("sheets");
        for (OwnSheet sheet : job.sheets()) {
            ObjectNode node = sheets.addObject().put("id", sheet.id());
            node.put("thickness", near(sheet.thickness())).put("width", down(sheet.width()));
            node.put("length", down(sheet.length())).put("quantity", sheet.quantity());
            sheet.outline().ifPresent(o -> write(node.putArray("outline"), o));
            grain(node, sheet.grain());
            ArrayNode flaws = node.putArray("flaws");
            sheet.flaws()
                    .forEach(
                            f ->
                                    flaws.addObject()
                                            .put("x", near(f.x()))
                                            .put("y", near(f.y()))
                                            .put("width", up(f.width()))
                                            .put("length", up(f.length())));
        }
        ArrayNode shop = root.putArray("shop");
        for (CutJob.ShopItem item : job.shop()) {
            ObjectNode node =
                    shop.addObject()
                            .put("id", item.id())
                            .put("kind", item.sheet() ? "sheet" : "stick");
            node.put("thickness", near(item.thickness()));
            node.put("width", item.sheet() ? down(item.width()) : near(item.width()));
            node.put("length", down(item.length())).put("price", money(item.price()));
            grain(node, item.grain());
        }
        ArrayNode pieces = root.putArray("pieces");
        for (WantedPiece piece : job.pieces()) {
            ObjectNode node = pieces.addObject().put("id", piece.id());
            sizes(node, piece.thickness(), piece.width(), up(piece.length()));
            node.put("quantity", piece.quantity());
            piece.maxBow().ifPresent(bow -> node.put("maxBow", down(bow)));
            sources(node, "only", piece.only());
            sources(node, "never", piece.never());
            latitude(node, piece.latitude());
            piece.bevel()
                    .ifPresent(
                            b ->
                                    node.putObject("bevel")
                                            .put("run", down(b.run()))
                                            .put("across", b.acrossWidth() ? "width" : "thickness")
                                            .put("ends", b.bothEnds() ? 2 : 1));
            if (piece.seen()) {
                node.put("seen", true);
            }
            if (piece.covered().isPositive()) {
                node.put("covered", down(piece.covered()));
            }
        }
        ArrayNode panels = root.putArray("panels");
        for (WantedPanel panel : job.panels()) {
            ObjectNode node = panels.addObject().put("id", panel.id());
            node.put("thickness", near(panel.thickness())).put("width", up(panel.width()));
            node.put("length", up(panel.length())).put("quantity", panel.quantity());
            node.put("turn", panel.turn());
            panel.outline().ifPresent(o -> write(node, o));
            grain(node, panel.grain());
        }
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void write(ObjectNode node, PanelOutline outline) {
        write(node.putArray("outline"), outline.edge());
        if (!outline.openings().isEmpty()) {
            ArrayNode openings = node.putArray("openings");
            outline.openings().forEach(o -> write(openings.addObject().putArray("corners"), o));
        }
    }

    private static void grain(ObjectNode node, boolean there) {
        if (there) {
            node.put("grain", true);
        }
    }

    private static void sources(ObjectNode node, String field, Set<String> sources) {
        if (!sources.isEmpty()) {
            ArrayNode array = node.putArray(field);
            sources.forEach(array::add);
        }
    }

    private static void latitude(ObjectNode node, Latitude latitude) {
        if (latitude.thicker().isPositive()) {
            node.put("thicker", down(latitude.thicker()));
        }
        if (latitude.wider().isPositive()) {
            node.put("wider", down(latitude.wider()));
        }
        latitude.round()
                .ifPresent(
                        r ->
                                node.putObject("round")
                                        .put("from", up(r.from()))
                                        .put("to", down(r.to())));
    }

    private static int version(CutJob job) {
        boolean first =
                job.workables().isEmpty()
                        && job.pieces().stream()
                                .allMatch(p -> p.only().isEmpty() && p.never().isEmpty());
        boolean second =
                job.hour().isZero()
                        && job.sticks().stream().allMatch(s -> s.tip().isEmpty())
                        && job.pieces().stream().allMatch(p -> p.latitude().equals(Latitude.NONE));
        boolean fourth =
                job.pieces().stream()
                                .anyMatch(
                                        p ->
                                                p.bevel().isPresent()
                                                        || p.seen()
                                                        || p.covered().isPositive())
                        || job.sticks().stream().anyMatch(s -> s.looks() > 0)
                        || job.sheets().stream().anyMatch(s -> s.outline().isPresent())
                        || job.panels().stream()
                                .anyMatch(p -> p.outline().isPresent() || p.grain());
        return fourth ? 4 : !second ? 3 : first ? 1 : 2;
    }

    private static void write(OwnStick stick, ObjectNode node) {
        node.put("id", stick.id());
        sizes(node, stick.thickness(), stick.width(), down(stick.length()));
        node.put("quantity", stick.quantity()).put("bow", up(stick.bow()));
        stick.tip().ifPresent(tip -> node.put("tip", down(tip)));
        if (stick.looks() > 0) {
            node.put("looks", stick.looks());
        }
        ArrayNode flaws = node.putArray("flaws");
        stick.flaws()
                .forEach(f -> flaws.addObject().put("from", down(f.from())).put("to", up(f.to())));
    }

    private static void write(CutJob.Workable thing, ObjectNode node) {
        node.put("id", thing.id()).put("quantity", thing.quantity());
        ArrayNode ways = node.putArray("ways");
        for (CutJob.Way way : thing.ways()) {
            ObjectNode each = ways.addObject().put("id", way.id()).put("minutes", way.minutes());
            ArrayNode gives = each.putArray("gives");
            way.gives().forEach(stick -> write(stick, gives.addObject()));
        }
    }

    private static void sizes(ObjectNode node, Length thickness, Length width, double length) {
        node.put("thickness", near(thickness)).put("width", near(width)).put("length", length);
    }

    private static double near(Length length) {
        return Math.round(length.nm() / 1000.0) / 1000.0;
    }

    private static double up(Length length) {
        return Math.ceilDiv(length.nm(), 1000L) / 1000.0;
    }

    private static double down(Length length) {
        return Math.floorDiv(length.nm(), 1000L) / 1000.0;
    }

    private static double money(Money money) {
        return money.amount();
    }
}
