package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.flock.BirdClass;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** A small yard and its shop, for tests. */
public final class Yards {
    private Yards() {}

    /** A sound pallet of a common size, heat-treated. */
    public static Pallet pallet() {
        return new Pallet(
                Pallet.Kind.STRINGER,
                Length.mm(1200),
                Length.mm(1000),
                Pallet.USUAL_DECK,
                Pallet.USUAL_BEARERS,
                Pallet.Stamp.HT,
                0);
    }

    public static PriceBook shop() {
        List<Offer> offers = new ArrayList<>();
        for (Section s :
                List.of(
                        Section.mm(89, 89),
                        Section.mm(38, 89),
                        Section.mm(38, 64),
                        Section.mm(19, 64),
                        Section.mm(19, 38))) {
            for (int length : new int[] {2400, 3600}) {
                double price = s.thickness().toMm() * s.width().toMm() * length / 1.6e6;
                offers.add(offer(Stick.sound(s, Length.mm(length)), Math.round(price * 20) / 20.0));
            }
        }
        offers.add(offer(sheet(12, 1220, 2440), 31.8));
        offers.add(
                offer(new Roofing(Length.mm(2400), Length.mm(840), Length.mm(762), List.of()), 19));
        offers.add(offer(mesh(12.7, 6000), 30));
        offers.add(offer(mesh(25.4, 6000), 20));
        return new PriceBook(
                "made up",
                offers,
                new TreeMap<>(Map.of(Hardware.Kind.SCREWS, new PriceBook.Pack(500, Money.of(9)))));
    }

    private static Offer offer(Material material, double price) {
        return new Offer(
                "shop " + material.hashCode(),
                material.getClass().getSimpleName(),
                material,
                Money.of(price));
    }

    private static Sheet sheet(long thickness, long width, long length) {
        return new Sheet(
                Sheet.Kind.PLYWOOD,
                Length.mm(thickness),
                Length.mm(width),
                Length.mm(length),
                List.of());
    }

    private static Mesh mesh(double aperture, long length) {
        return new Mesh(Mesh.Kind.WELDED, Length.ofMm(aperture), Length.mm(900), Length.mm(length));
    }

    /** Wood for about half a house. */
    public static Heap heap() {
        Heap heap = Heap.EMPTY;
        for (Material material :
                List.of(
                        Stick.sound(Section.mm(38, 89), Length.mm(2400)),
                        Stick.sound(Section.mm(38, 89), Length.mm(1800)),
                        Stick.sound(Section.mm(19, 64), Length.mm(2100)),
                        Stick.sound(Section.mm(19, 38), Length.mm(1500)),
                        sheet(12, 1220, 1830),
                        new Roofing(Length.mm(2400), Length.mm(840), Length.mm(762), List.of()),
                        mesh(12.7, 4000))) {
            heap = heap.plus(new Lot(heap.freshId(material), 6, material, Lot.Provenance.UNKNOWN));
        }
        return heap;
    }

    public static Project project(int hens) {
        Flock flock =
                Flock.of(BirdClass.STANDARD, hens)
                        .with(Practice.DEFAULT.withSpace(Practice.Space.TIGHT));
        return Project.start("Yard", Keeper.with(Tape.METRIC), flock, heap(), shop());
    }

    private static final Map<Integer, Design> FITTED = new ConcurrentHashMap<>();

    /** The design that is fitted to the yard of so many hens; found once, for all tests. */
    public static Design fitted(int hens) {
        return FITTED.computeIfAbsent(
                hens,
                _ -> {
                    try {
                        return Design.derive(
                                        project(hens), Optional.empty(), Progress.NONE, _ -> {})
                                .design()
                                .orElseThrow();
                    } catch (Unbuildable e) {
                        throw new AssertionError(e);
                    }
                });
    }
}
