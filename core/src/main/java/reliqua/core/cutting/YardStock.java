package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.measure.Length;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Looks;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Offer;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/** The timber of heap and shop in the words of a cut job. */
record YardStock(Heap heap, PriceBook prices) {

    List<OwnStick> sticks() {
        List<OwnStick> own = new ArrayList<>();
        for (Lot lot : heap.lots()) {
            if (lot.material() instanceof Stick s) {
                own.add(
                        looking(
                                ownStick(lot.id(), s, lot.quantity()),
                                Looks.of(s, lot.condition())));
            } else if (lot.material() instanceof Pole p) {
                own.add(
                        new OwnStick(
                                lot.id(),
                                p.butt(),
                                p.butt(),
                                p.length(),
                                lot.quantity(),
                                List.of(),
                                Length.ZERO,
                                Optional.of(p.tip())));
            }
        }
        return own;
    }

    /** The same of other looks. */
    static OwnStick looking(OwnStick stick, int looks) {
        return new OwnStick(
                stick.id(),
                stick.thickness(),
                stick.width(),
                stick.length(),
                stick.quantity(),
                stick.flaws(),
                stick.bow(),
                stick.tip(),
                looks);
    }

    /** The same without so much of either end. */
    static OwnStick trimmed(OwnStick stick, Length trim) {
        if (!trim.isPositive()) {
            return stick;
        }
        List<CutJob.Stretch> flaws = new ArrayList<>(stick.flaws());
        flaws.add(new CutJob.Stretch(Length.ZERO, trim));
        flaws.add(new CutJob.Stretch(stick.length().minus(trim), stick.length()));
        return new OwnStick(
                stick.id(),
                stick.thickness(),
                stick.width(),
                stick.length(),
                stick.quantity(),
                flaws,
                stick.bow(),
                stick.tip(),
                stick.looks());
    }

    /** So many equal sticks under an id. */
    static OwnStick ownStick(String id, Stick stick, int quantity) {
        return new OwnStick(
                id,
                stick.section().thickness(),
                stick.section().width(),
                stick.length(),
                quantity,
                stick.flaws().stream().map(f -> new CutJob.Stretch(f.from(), f.to())).toList(),
                stick.warp().bend());
    }

    /** Sheets, their grain along their length. */
    List<OwnSheet> sheets() {
        List<OwnSheet> own = new ArrayList<>();
        for (Lot lot : heap.lots()) {
            if (lot.material() instanceof Sheet s) {
                OwnSheet sheet = ownSheet(lot, s);
                own.add(SheetGrain.isTurned(s) ? SheetGrain.turned(sheet) : sheet);
            }
        }
        return own;
    }

    private static OwnSheet ownSheet(Lot lot, Sheet s) {
        return new OwnSheet(
                lot.id(),
                s.thickness(),
                s.width(),
                s.length(),
                lot.quantity(),
                s.flaws().stream()
                        .map(f -> new CutJob.Box(f.x(), f.y(), f.width(), f.length()))
                        .toList(),
                s.outline(),
                s.grain() != Sheet.Grain.NONE);
    }

    List<CutJob.ShopItem> timberShop() {
        List<CutJob.ShopItem> shop = new ArrayList<>();
        for (Offer offer : prices.offers()) {
            switch (offer.material()) {
                case Stick s ->
                        shop.add(
                                new CutJob.ShopItem(
                                        offer.id(),
                                        false,
                                        s.section().thickness(),
                                        s.section().width(),
                                        s.length(),
                                        offer.price()));
                case Sheet s ->
                        shop.add(
                                new CutJob.ShopItem(
                                        offer.id(),
                                        true,
                                        s.thickness(),
                                        s.width(),
                                        s.length(),
                                        offer.price(),
                                        s.grain() == Sheet.Grain.LENGTHWAYS));
                case Roofing _, Mesh _, Pole _, Pallet _, FoundPart _, Block _, Hardware _ -> {}
            }
        }
        return shop;
    }
}
