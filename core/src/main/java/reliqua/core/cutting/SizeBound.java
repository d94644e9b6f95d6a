package reliqua.core.cutting;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.stock.Latitude;

/**
 * A lower bound on what a job costs, by length and by area alone, for any size of job.
 *
 * <p>Of every section: pieces and stretches of sticks grown by a kerf; what the own stretches
 * cannot hold together must be bought, at best at the lowest price per length. Of every thickness
 * the same with areas. Where sections serve one another, things are worked first, or pieces nest,
 * nothing is claimed of sticks; a panel that no sheet of the shop can hold is left out.
 */
final class SizeBound {
    private final CutJob job;

    SizeBound(CutJob job) {
        this.job = job;
    }

    Money value() {
        return sticks().plus(sheets());
    }

    private boolean isPlain() {
        return job.workables().isEmpty()
                && job.pieces().stream()
                        .allMatch(
                                p ->
                                        p.latitude().equals(Latitude.NONE)
                                                && p.bevel().isEmpty()
                                                && p.covered().equals(Length.ZERO));
    }

    private Money sticks() {
        if (!isPlain()) {
            return Money.ZERO;
        }
        Map<String, List<WantedPiece>> bySection =
                job.pieces().stream()
                        .collect(
                                Collectors.groupingBy(
                                        p -> p.thickness() + " x " + p.width(),
                                        TreeMap::new,
                                        Collectors.toList()));
        return bySection.values().stream().map(this::sticks).reduce(Money.ZERO, Money::plus);
    }

    private Money sticks(List<WantedPiece> pieces) {
        WantedPiece any = pieces.getFirst();
        List<CutJob.ShopItem> shop =
                job.shop().stream()
                        .filter(s -> !s.sheet() && s.thickness().equals(any.thickness()))
                        .filter(s -> s.width().equals(any.width()))
                        .toList();
        Length longest =
                shop.stream()
                        .map(CutJob.ShopItem::length)
                        .max(Length::compareTo)
                        .orElse(Length.ZERO);
        double wanted =
                pieces.stream()
                        .filter(p -> p.length().atMost(longest))
                        .mapToDouble(p -> (double) p.quantity() * grown(p.length()))
                        .sum();
        double own =
                job.sticks().stream()
                        .filter(s -> s.thickness().equals(any.thickness()))
                        .filter(s -> s.width().equals(any.width()))
                        .mapToDouble(s -> s.quantity() * clear(s))
                        .sum();
        return bought(wanted - own, shop, s -> (double) grown(s.length()));
    }

    private double clear(OwnStick stick) {
        return stick.clearSpans().stream().mapToDouble(s -> grown(s.to().minus(s.from()))).sum();
    }

    private long grown(Length length) {
        return length.nm() + job.kerf().nm();
    }

    private Money sheets() {
        Map<Length, List<WantedPanel>> byThickness =
                job.panels().stream()
                        .filter(p -> p.outline().isEmpty())
                        .collect(
                                Collectors.groupingBy(
                                        WantedPanel::thickness, TreeMap::new, Collectors.toList()));
        return byThickness.values().stream().map(this::sheets).reduce(Money.ZERO, Money::plus);
    }

    private Money sheets(List<WantedPanel> panels) {
        Length thickness = panels.getFirst().thickness();
        List<CutJob.ShopItem> shop =
                job.shop().stream()
                        .filter(s -> s.sheet() && s.thickness().equals(thickness))
                        .toList();
        double wanted =
                panels.stream()
                        .filter(p -> shop.stream().anyMatch(s -> holds(s, p)))
                        .mapToDouble(p -> p.quantity() * area(p.width(), p.length()))
                        .sum();
        double own =
                job.sheets().stream()
                        .filter(s -> s.thickness().equals(thickness))
                        .mapToDouble(s -> s.quantity() * area(s.width(), s.length()))
                        .sum();
        return bought(wanted - own, shop, s -> area(s.width(), s.length()));
    }

    private static boolean holds(CutJob.ShopItem sheet, WantedPanel panel) {
        return panel.width().atMost(sheet.width()) && panel.length().atMost(sheet.length());
    }

    private double area(Length width, Length length) {
        return (double) grown(width) * grown(length);
    }

    private static Money bought(
            double amount, List<CutJob.ShopItem> shop, Function<CutJob.ShopItem, Double> holding) {
        double rate =
                shop.stream()
                        .mapToDouble(s -> s.price().micros() / holding.apply(s))
                        .min()
                        .orElse(0);
        // Rounding of doubles must not lift the bound over a bill that meets it.
        return new Money((long) Math.floor(Math.max(0, amount) * rate * (1 - 1e-9)));
    }
}
