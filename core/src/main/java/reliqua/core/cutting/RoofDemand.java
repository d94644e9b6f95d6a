package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import reliqua.core.coop.Part;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;

/**
 * The roof as a cut job of sticks: a sheet of roofing is a length of its width. Thickness stands
 * for the cover width, width for the full width, and snips lose nothing. A wider sheet of the same
 * profile serves as well: it laps further over its neighbour. Rust and tears are flaws, but under
 * the sheet above they do no harm; rows of old holes are reused or sealed.
 */
final class RoofDemand {
    private static final Latitude WIDER = Latitude.mm(400, 400);

    private final Map<String, Roofing> own = new LinkedHashMap<>();
    private final Map<String, Roofing> offered = new LinkedHashMap<>();
    private final Heap heap;
    private final PriceBook prices;

    RoofDemand(Heap heap, PriceBook prices) {
        this.heap = heap;
        this.prices = prices;
        for (Lot lot : heap.lots()) {
            if (lot.material() instanceof Roofing r) {
                own.put(lot.id(), r);
            }
        }
        for (Offer offer : prices.offers()) {
            if (offer.material() instanceof Roofing r) {
                offered.put(offer.id(), r);
            }
        }
    }

    /**
     * The job.
     *
     * @param remember told the parts behind every id, from the weather side on
     */
    CutJob job(
            List<Part> wanted, Decided.Windward windward, BiConsumer<String, List<Part>> remember) {
        Comparator<Part.RoofPart> fromStart =
                Comparator.comparing(part -> part.solid().bounds().x0());
        List<Part.RoofPart> sheets =
                wanted.stream()
                        .filter(p -> p instanceof Part.RoofPart)
                        .map(Part.RoofPart.class::cast)
                        .sorted(
                                windward == Decided.Windward.START
                                        ? fromStart
                                        : fromStart.reversed())
                        .toList();
        Map<String, WantedPiece> pieces = new LinkedHashMap<>();
        for (Part.RoofPart roof : sheets) {
            String id =
                    "roofing "
                            + roof.fullWidth().nm()
                            + " x "
                            + roof.length().nm()
                            + " under "
                            + roof.covered().nm();
            WantedPiece before = pieces.get(id);
            pieces.put(id, piece(id, roof, before == null ? 1 : before.quantity() + 1));
            remember.accept(id, List.of(roof));
        }
        return new CutJob(
                Length.ZERO, sticks(), List.of(), shop(), List.copyOf(pieces.values()), List.of());
    }

    private WantedPiece piece(String id, Part.RoofPart roof, int quantity) {
        return new WantedPiece(
                id,
                cover(roof.fullWidth()),
                roof.fullWidth(),
                roof.length(),
                quantity,
                Optional.empty(),
                Set.of(),
                unlike(roof.fullWidth()),
                WIDER,
                Optional.empty(),
                false,
                roof.covered());
    }

    private Stream<Roofing> ofWidth(Length full) {
        return Stream.concat(own.values().stream(), offered.values().stream())
                .filter(r -> r.fullWidth().equals(full));
    }

    /** The least that a sheet of this width covers. */
    private Length cover(Length full) {
        return ofWidth(full).map(Roofing::coverWidth).reduce(Length::min).orElse(full);
    }

    /** Sheets of another profile than those of this width: their ribs do not lie in each other. */
    private Set<String> unlike(Length full) {
        List<Roofing> like = ofWidth(full).toList();
        Set<String> unlike = new TreeSet<>();
        own.forEach((id, r) -> addIf(unlike, id, like, r));
        offered.forEach((id, r) -> addIf(unlike, id, like, r));
        return unlike;
    }

    private static void addIf(Set<String> unlike, String id, List<Roofing> like, Roofing sheet) {
        if (!like.isEmpty() && like.stream().noneMatch(sheet::nestsWith)) {
            unlike.add(id);
        }
    }

    private List<OwnStick> sticks() {
        List<OwnStick> sticks = new ArrayList<>();
        own.forEach(
                (id, r) ->
                        sticks.add(
                                new OwnStick(
                                        id,
                                        r.coverWidth(),
                                        r.fullWidth(),
                                        r.length(),
                                        heap.find(id).orElseThrow().quantity(),
                                        r.flaws().stream()
                                                .map(f -> new CutJob.Stretch(f.from(), f.to()))
                                                .toList(),
                                        Length.ZERO)));
        return sticks;
    }

    private List<CutJob.ShopItem> shop() {
        return prices.offers().stream()
                .filter(o -> offered.containsKey(o.id()))
                .map(o -> item(o, offered.get(o.id())))
                .toList();
    }

    private static CutJob.ShopItem item(Offer offer, Roofing r) {
        return new CutJob.ShopItem(
                offer.id(), false, r.coverWidth(), r.fullWidth(), r.length(), offer.price());
    }
}
