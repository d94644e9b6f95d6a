package reliqua.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Section;

/**
 * Turns the parts of a coop that are still to be cut into cut jobs. Equal needs are grouped under
 * one id, and {@link #marks} gives the parts back.
 *
 * <p>Roofing is linear ({@link RoofDemand}). Mesh is flat: a strip is a rectangle of a roll. So one
 * planner serves all materials.
 */
final class Demand {
    private final List<Part> wanted;
    private final Openings openings;
    private final Decided decided;
    private final Heap heap;
    private final PriceBook prices;
    private final Workshop workshop;
    private final Workables workables;
    private final YardStock stock;
    private final Map<String, Deque<List<Part>>> parts = new LinkedHashMap<>();
    private final Map<PanelOutline, Integer> outlines = new HashMap<>();

    Demand(
            List<Part> wanted,
            Heap heap,
            PriceBook prices,
            Workshop workshop,
            Workables workables,
            Decided decided) {
        this.wanted = List.copyOf(wanted);
        this.openings = new Openings(this.wanted);
        this.decided = decided;
        this.heap = heap;
        this.prices = prices;
        this.workshop = workshop;
        this.workables = workables;
        this.stock = new YardStock(heap, prices);
    }

    /**
     * The parts behind one id of a job, in the order in which they are to be taken; two when they
     * share a rectangle.
     */
    Map<String, Deque<List<Part>>> marks() {
        return parts;
    }

    Workables workables() {
        return workables;
    }

    /** The same with no part given out yet. */
    Demand again() {
        return new Demand(wanted, heap, prices, workshop, workables, decided);
    }

    /** The sections of the sticks among them. */
    static Set<Section> sections(List<Part> wanted) {
        return wanted.stream()
                .filter(p -> p instanceof Part.StickPart)
                .map(p -> ((Part.StickPart) p).section())
                .collect(Collectors.toSet());
    }

    /** What comes out of the openings of what is wanted. */
    Openings openings() {
        return openings;
    }

    private int number(PanelOutline outline) {
        outlines.putIfAbsent(outline, outlines.size() + 1);
        return outlines.get(outline);
    }

    private void remember(String id, List<Part> made) {
        parts.computeIfAbsent(id, _ -> new ArrayDeque<>()).add(made);
    }

    /** Sticks. */
    CutJob sticks() {
        Map<String, WantedPiece> pieces = new LinkedHashMap<>();
        for (Part part : wanted) {
            if (part instanceof Part.StickPart stick) {
                addPiece(pieces, stick);
            }
        }
        return new CutJob(
                workshop.kerf(),
                stock.sticks().stream()
                        .filter(s -> !workables.contains(s.id()))
                        .map(s -> YardStock.trimmed(s, workshop.trim()))
                        .toList(),
                workables.jobs(),
                List.of(),
                stock.timberShop(),
                List.copyOf(pieces.values()),
                List.of(),
                workshop.hour());
    }

    /** Sheets. {@code pairs} tells whether sloped panels share a rectangle two by two. */
    CutJob sheets(boolean pairs) {
        Map<String, WantedPanel> panels = new LinkedHashMap<>();
        Map<List<Object>, List<Part.PanelPart>> sloped = new LinkedHashMap<>();
        for (Part part : wanted) {
            if (part instanceof Part.PanelPart panel && !openings.comesOut(panel)) {
                boolean whole = openings.outOf(panel).isEmpty();
                if (panel.lowSide().isPresent() && pairs && whole) {
                    sloped.computeIfAbsent(alike(panel), _ -> new ArrayList<>()).add(panel);
                } else {
                    addPanel(panels, panel.height(), List.of(panel));
                }
            }
        }
        sloped.values().forEach(group -> addPaired(panels, group));
        return new CutJob(
                workshop.kerf(),
                List.of(),
                stock.sheets(),
                stock.timberShop(),
                List.of(),
                List.copyOf(panels.values()));
    }

    private static List<Object> alike(Part.PanelPart panel) {
        return List.of(panel.thickness(), panel.width(), panel.height(), panel.lowSide());
    }

    private void addPiece(Map<String, WantedPiece> pieces, Part.StickPart stick) {
        Length bow = stick.role().straightness().allowedBow(stick.length());
        String id =
                "stick "
                        + stick.section().thickness().nm()
                        + " x "
                        + stick.section().width().nm()
                        + " x "
                        + stick.length().nm()
                        + " bow "
                        + bow.nm()
                        + " "
                        + stick.role().latitude()
                        + Slants.of(stick).map(b -> " " + b).orElse("")
                        + (stick.role().hidden() ? "" : " seen");
        Set<String> only = wished(stick, true);
        Set<String> never = wished(stick, false);
        if (!only.isEmpty() || !never.isEmpty()) {
            // A piece with a wish of its own is no longer like the others of its size.
            id += " " + stick.mark();
        }
        WantedPiece before = pieces.get(id);
        pieces.put(
                id,
                new WantedPiece(
                        id,
                        stick.section().thickness(),
                        stick.section().width(),
                        stick.length(),
                        before == null ? 1 : before.quantity() + 1,
                        Optional.of(bow),
                        only,
                        never,
                        stick.role().latitude(),
                        Slants.of(stick),
                        !stick.role().hidden(),
                        Length.ZERO));
        remember(id, List.of(stick));
    }

    private Set<String> wished(Part.StickPart stick, boolean on) {
        return decided.wishes().stream()
                .filter(w -> w.mark().equals(stick.mark()) && w.on() == on)
                .map(CutWish::source)
                .collect(Collectors.toSet());
    }

    private void addPanel(
            Map<String, WantedPanel> panels, Length height, List<Part.PanelPart> made) {
        Part.PanelPart first = made.getFirst();
        Optional<PanelOutline> outline =
                made.size() == 1 ? PanelFace.of(first, openings.outOf(first)) : Optional.empty();
        String id =
                "panel "
                        + first.thickness().nm()
                        + " x "
                        + first.width().nm()
                        + " x "
                        + height.nm()
                        + (made.size() == 2 ? " pair" : "")
                        + (first.role().is(Duty.Trait.WALKED_ON) ? " floor" : "")
                        + outline.map(o -> " shape " + number(o)).orElse("");
        // A floor bends from joist to joist, across its width: there its grain must run. The other
        // way ply and strand board have a tenth to a fifth of their stiffness, and the usual decks
        // on the usual joists would sag even under birds.
        boolean grain = first.role().is(Duty.Trait.WALKED_ON) && outline.isEmpty();
        WantedPanel before = panels.get(id);
        panels.put(
                id,
                new WantedPanel(
                        id,
                        first.thickness(),
                        grain ? height : first.width(),
                        grain ? first.width() : height,
                        before == null ? 1 : before.quantity() + 1,
                        true,
                        outline,
                        grain));
        remember(id, List.copyOf(made));
    }

    /**
     * Two equal sloped panels, one turned end for end, part along one sloped cut: high + low + the
     * kerf on the slope.
     */
    private void addPaired(Map<String, WantedPanel> panels, List<Part.PanelPart> group) {
        Part.PanelPart first = group.getFirst();
        Length low = first.lowSide().orElseThrow();
        double fall = first.height().minus(low).ratio(first.width());
        Length both = first.height().plus(low).plus(workshop.kerf().scaled(Math.hypot(1, fall)));
        int n = 0;
        for (; n + 1 < group.size(); n += 2) {
            addPanel(panels, both, group.subList(n, n + 2));
        }
        if (n < group.size()) {
            addPanel(panels, first.height(), List.of(group.get(n)));
        }
    }

    /** Roofing. */
    CutJob roofing() {
        return new RoofDemand(heap, prices).job(wanted, decided.windward(), this::remember);
    }

    /**
     * Mesh for the parts that ask for one of these apertures, from mesh that serves for the finest
     * of them in lots still free.
     */
    CutJob mesh(List<Length> apertures, Predicate<Lot> free) {
        Length aperture = apertures.getFirst();
        List<OwnSheet> own = new ArrayList<>();
        Length alike = Length.mm(1);
        for (Lot lot : heap.lots()) {
            if (lot.material() instanceof Mesh m && m.serves(aperture) && free.test(lot)) {
                own.add(
                        new OwnSheet(
                                lot.id(), alike, m.width(), m.length(), lot.quantity(), List.of()));
            }
        }
        List<CutJob.ShopItem> shop = new ArrayList<>();
        for (Offer offer : prices.offers()) {
            if (offer.material() instanceof Mesh m && m.serves(aperture)) {
                shop.add(
                        new CutJob.ShopItem(
                                offer.id(), true, alike, m.width(), m.length(), offer.price()));
            }
        }
        Map<String, WantedPanel> panels = new LinkedHashMap<>();
        for (Part part : wanted) {
            if (part instanceof Part.MeshPart mesh && apertures.contains(mesh.aperture())) {
                String id =
                        "mesh "
                                + aperture.nm()
                                + " "
                                + mesh.width().nm()
                                + " x "
                                + mesh.length().nm();
                WantedPanel before = panels.get(id);
                int quantity = before == null ? 1 : before.quantity() + 1;
                panels.put(
                        id,
                        new WantedPanel(id, alike, mesh.width(), mesh.length(), quantity, true));
                remember(id, List.of(mesh));
            }
        }
        return new CutJob(
                Length.ZERO, List.of(), own, shop, List.of(), List.copyOf(panels.values()));
    }

    /** The apertures asked for, finest first. */
    List<Length> apertures() {
        return wanted.stream()
                .filter(p -> p instanceof Part.MeshPart)
                .map(p -> ((Part.MeshPart) p).aperture())
                .distinct()
                .sorted()
                .toList();
    }

    /** The material behind a source of a plan. */
    Material material(String source) {
        return heap.find(source)
                .map(Lot::material)
                .orElseGet(
                        () ->
                                prices.offers().stream()
                                        .filter(o -> o.id().equals(source))
                                        .map(Offer::material)
                                        .findFirst()
                                        .orElseThrow());
    }
}
