package reliqua.standins;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.UnitSystem;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.NominalSizes;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.PriceBook.Pack;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** Made-up merchants, two for each tape. The keeper edits the prices. */
public final class Merchants {
    private Merchants() {}

    /** The price book for a keeper with this tape. */
    public static PriceBook priceBook(UnitSystem system) {
        return system == UnitSystem.INCHES ? saltmarsh() : stonegill();
    }

    /**
     * Another merchant for the same tape: second-hand wood and sheets, few lengths, dear screws.
     */
    public static PriceBook secondHand(UnitSystem system) {
        return system == UnitSystem.INCHES ? harbour() : quarry();
    }

    private static PriceBook harbour() {
        List<Offer> offers = new ArrayList<>();
        secondHand(offers, "1x4", 7, 0.3);
        secondHand(offers, "2x3", 7, 0.28);
        secondHand(offers, "2x4", 9, 0.36);
        secondHand(offers, "2x6", 9, 0.6);
        offers.add(
                new Offer(
                        "HS-ply-12",
                        "plywood 1/2 in, 4 x 4 ft, used",
                        new Sheet(
                                Sheet.Kind.PLYWOOD,
                                Length.inches(1, 2),
                                Length.inches(48),
                                Length.inches(48),
                                List.of()),
                        Money.of(9)));
        offers.add(
                new Offer(
                        "HS-tin-7",
                        "corrugated 26 in x 7 ft, used",
                        new Roofing(
                                Length.inches(84), Length.inches(26), Length.inches(24), List.of()),
                        Money.of(7.5)));
        return new PriceBook(
                "Harbour Salvage", offers, hardware(10.4, 9.2, 4.9, 3.1, 4.1, 2.1, 4.6, 5.4));
    }

    private static void secondHand(List<Offer> offers, String name, int feet, double perFoot) {
        Section section = NominalSizes.find(name).orElseThrow();
        offers.add(
                new Offer(
                        "HS-" + name + "-" + feet,
                        name + " x " + feet + " ft, used",
                        Stick.sound(section, Length.inches(12L * feet)),
                        Money.of(Math.round(perFoot * feet * 20) / 20.0)));
    }

    private static PriceBook quarry() {
        List<Offer> offers = new ArrayList<>();
        usedMetric(offers, 25, 50, 2100, 1.1);
        usedMetric(offers, 38, 38, 2100, 1.3);
        usedMetric(offers, 47, 50, 2100, 1.7);
        usedMetric(offers, 47, 75, 2700, 2.9);
        usedMetric(offers, 47, 100, 2700, 3.6);
        offers.add(
                new Offer(
                        "QY-ply-12",
                        "plywood 12, 1220 x 1220, used",
                        new Sheet(
                                Sheet.Kind.PLYWOOD,
                                Length.mm(12),
                                Length.mm(1220),
                                Length.mm(1220),
                                List.of()),
                        Money.of(8)));
        return new PriceBook(
                "Quarry Yard", offers, hardware(8.6, 7.9, 4.1, 2.8, 3.6, 1.8, 4.2, 5.1));
    }

    private static void usedMetric(
            List<Offer> offers, int thickness, int width, int length, double price) {
        offers.add(
                new Offer(
                        "QY-" + thickness + "x" + width + "-" + length,
                        thickness + " x " + width + " x " + length + ", used",
                        Stick.sound(Section.mm(thickness, width), Length.mm(length)),
                        Money.of(price)));
    }

    private static PriceBook saltmarsh() {
        List<Offer> offers = new ArrayList<>();
        for (int feet : List.of(8, 10, 12)) {
            nominal(offers, "1x2", feet, 0.29);
            nominal(offers, "1x3", feet, 0.41);
            nominal(offers, "1x4", feet, 0.56);
            nominal(offers, "2x2", feet, 0.52);
            nominal(offers, "2x3", feet, 0.47);
            nominal(offers, "2x4", feet, 0.62);
            nominal(offers, "2x6", feet, 0.98);
            nominal(offers, "4x4", feet, 1.72);
        }
        sheetInches(offers, 3, 8, 26.5);
        sheetInches(offers, 1, 2, 31.8);
        sheetInches(offers, 5, 8, 38.9);
        roofingInches(offers, 8, 19.6);
        roofingInches(offers, 10, 24.2);
        meshInches(offers, 1, 2, 36, 10, 21.9);
        meshInches(offers, 1, 2, 36, 25, 46.5);
        meshInches(offers, 1, 1, 24, 25, 27.4);
        meshInches(offers, 15, 64, 36, 10, 29.8);
        nettingInches(offers, 2, 48, 25, 16.4);
        return new PriceBook(
                "Saltmarsh Lumber & Feed",
                offers,
                hardware(8.9, 8.4, 4.2, 4.6, 4.9, 2.6, 5.9, 5.2));
    }

    private static void nominal(List<Offer> offers, String name, int feet, double perFoot) {
        Section section = NominalSizes.find(name).orElseThrow();
        Stick stick = Stick.sound(section, Length.inches(12L * feet));
        double price = Math.round(perFoot * feet * 20) / 20.0;
        offers.add(
                new Offer(
                        "SL-" + name + "-" + feet,
                        name + " x " + feet + " ft",
                        stick,
                        Money.of(price)));
    }

    private static void sheetInches(
            List<Offer> offers, int numerator, int denominator, double price) {
        Sheet sheet =
                new Sheet(
                        Sheet.Kind.PLYWOOD,
                        Length.inches(numerator, denominator),
                        Length.inches(48),
                        Length.inches(96),
                        List.of());
        String size = numerator + "/" + denominator;
        offers.add(
                new Offer(
                        "SL-ply-" + numerator + denominator,
                        "plywood " + size + " in, 4 x 8 ft",
                        sheet,
                        Money.of(price)));
    }

    private static void roofingInches(List<Offer> offers, int feet, double price) {
        Roofing roofing =
                new Roofing(
                        Length.inches(12L * feet), Length.inches(26), Length.inches(24), List.of());
        offers.add(
                new Offer(
                        "SL-tin-" + feet,
                        "corrugated 26 in x " + feet + " ft",
                        roofing,
                        Money.of(price)));
    }

    private static void meshInches(
            List<Offer> offers, int n, int d, int width, int feet, double price) {
        String size = d == 1 ? n + "" : n + "/" + d;
        rollInches(
                offers,
                Mesh.Kind.WELDED,
                Length.inches(n, d),
                width,
                feet,
                price,
                size,
                "mesh-" + n + d);
    }

    private static void nettingInches(
            List<Offer> offers, int aperture, int width, int feet, double price) {
        rollInches(
                offers,
                Mesh.Kind.HEX_NETTING,
                Length.inches(aperture),
                width,
                feet,
                price,
                aperture + "",
                "netting");
    }

    private static void rollInches(
            List<Offer> offers,
            Mesh.Kind kind,
            Length aperture,
            int width,
            int feet,
            double price,
            String size,
            String id) {
        Mesh mesh = new Mesh(kind, aperture, Length.inches(width), Length.inches(12L * feet));
        String name = kind == Mesh.Kind.WELDED ? "welded mesh " : "hex netting ";
        offers.add(
                new Offer(
                        "SL-" + id + "-" + width + "-" + feet,
                        name + size + " in, " + width + " in x " + feet + " ft",
                        mesh,
                        Money.of(price)));
    }

    private static PriceBook stonegill() {
        List<Offer> offers = new ArrayList<>();
        for (int length : List.of(2400, 3000, 3600)) {
            metric(offers, 19, 38, length, 0.85);
            metric(offers, 25, 50, length, 1.05);
            metric(offers, 22, 100, length, 1.75);
            metric(offers, 38, 38, length, 1.35);
            metric(offers, 47, 50, length, 1.55);
            metric(offers, 47, 75, length, 2.05);
            metric(offers, 47, 100, length, 2.55);
            metric(offers, 75, 75, length, 4.1);
            metric(offers, 100, 100, length, 6.4);
        }
        sheetMetric(offers, 9, 21.5);
        sheetMetric(offers, 12, 27.5);
        sheetMetric(offers, 18, 36);
        roofingMetric(offers, 2000, 13.4);
        roofingMetric(offers, 2500, 16.5);
        roofingMetric(offers, 3000, 19.6);
        meshMetric(offers, 12.7, 900, 3000, 18.5);
        meshMetric(offers, 12.7, 900, 6000, 33);
        meshMetric(offers, 25.4, 900, 6000, 23);
        meshMetric(offers, 6, 900, 3000, 26.5);
        nettingMetric(offers, 50, 1200, 10_000, 14.9);
        return new PriceBook(
                "Stonegill Stores", offers, hardware(7.4, 7.2, 3.4, 3.9, 4.2, 2.2, 5.2, 4.6));
    }

    private static void metric(
            List<Offer> offers, int thickness, int width, int length, double perMetre) {
        Stick stick = Stick.sound(Section.mm(thickness, width), Length.mm(length));
        double price = Math.round(perMetre * length / 50) / 20.0;
        offers.add(
                new Offer(
                        "SG-" + thickness + "x" + width + "-" + length,
                        thickness + " x " + width + " x " + length,
                        stick,
                        Money.of(price)));
    }

    private static void sheetMetric(List<Offer> offers, int thickness, double price) {
        Sheet sheet =
                new Sheet(
                        Sheet.Kind.PLYWOOD,
                        Length.mm(thickness),
                        Length.mm(1220),
                        Length.mm(2440),
                        List.of());
        offers.add(
                new Offer(
                        "SG-ply-" + thickness,
                        "plywood " + thickness + ", 1220 x 2440",
                        sheet,
                        Money.of(price)));
    }

    private static void roofingMetric(List<Offer> offers, int length, double price) {
        Roofing roofing = new Roofing(Length.mm(length), Length.mm(840), Length.mm(762), List.of());
        offers.add(
                new Offer(
                        "SG-tin-" + length,
                        "box profile 840 x " + length,
                        roofing,
                        Money.of(price)));
    }

    private static void meshMetric(
            List<Offer> offers, double aperture, int width, int length, double price) {
        Mesh mesh =
                new Mesh(
                        Mesh.Kind.WELDED,
                        Length.ofMm(aperture),
                        Length.mm(width),
                        Length.mm(length));
        String id = "mesh-" + Math.round(aperture) + "-" + length;
        rollMetric(offers, mesh, id, "welded mesh " + aperture, price);
    }

    private static void nettingMetric(
            List<Offer> offers, int aperture, int width, int length, double price) {
        Mesh mesh =
                new Mesh(
                        Mesh.Kind.HEX_NETTING,
                        Length.mm(aperture),
                        Length.mm(width),
                        Length.mm(length));
        rollMetric(offers, mesh, "netting-" + length, "hex netting " + aperture, price);
    }

    private static void rollMetric(
            List<Offer> offers, Mesh mesh, String id, String name, double price) {
        String sizes = Math.round(mesh.width().toMm()) + " x " + Math.round(mesh.length().toMm());
        offers.add(new Offer("SG-" + id, name + ", " + sizes, mesh, Money.of(price)));
    }

    private static TreeMap<Hardware.Kind, Pack> hardware(
            double screws,
            double roofing,
            double staples,
            double hinges,
            double latches,
            double strips,
            double paint,
            double preserver) {
        return new TreeMap<>(
                Map.of(
                        Hardware.Kind.SCREWS, new Pack(500, Money.of(screws)),
                        Hardware.Kind.ROOFING_SCREWS, new Pack(100, Money.of(roofing)),
                        Hardware.Kind.STAPLES, new Pack(1000, Money.of(staples)),
                        Hardware.Kind.HINGES, new Pack(2, Money.of(hinges)),
                        Hardware.Kind.LATCHES, new Pack(1, Money.of(latches)),
                        Hardware.Kind.STRIPS, new Pack(12, Money.of(strips)),
                        Hardware.Kind.PAINT, new Pack(1, Money.of(paint)),
                        Hardware.Kind.PRESERVER, new Pack(1, Money.of(preserver))));
    }
}
