package reliqua.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Find;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Finds;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * The heap that a coop leaves when it is taken apart: every part back to a stick, a sheet or a find
 * a little longer than it needs, and a tenth of clutter.
 */
final class TakenApart {
    private static final double CLUTTER = 0.1;

    private final Random random;
    private final DesignSpec spec;
    private final List<Lot> lots = new ArrayList<>();

    private TakenApart(DesignSpec spec, Random random) {
        this.spec = spec;
        this.random = random;
    }

    static Heap of(Coop coop, DesignSpec spec, Random random) {
        TakenApart heap = new TakenApart(spec, random);
        coop.parts().forEach(heap::add);
        int clutter = (int) Math.ceil(coop.parts().size() * CLUTTER);
        for (int n = 0; n < clutter; n++) {
            heap.lot(heap.clutter());
        }
        return new Heap(heap.lots);
    }

    private void add(Part part) {
        switch (part) {
            case Part.StickPart stick ->
                    lot(Stick.sound(stick.section(), stick.length().plus(little())));
            case Part.PanelPart panel -> panel(panel);
            case Part.RoofPart roof ->
                    lot(
                            new Roofing(
                                    roof.length().plus(little()),
                                    spec.choices().roofing().fullWidth(),
                                    spec.choices().roofing().coverWidth(),
                                    List.of()));
            case Part.MeshPart mesh ->
                    lot(
                            new Mesh(
                                    Mesh.Kind.WELDED,
                                    mesh.aperture(),
                                    mesh.width().plus(little()),
                                    mesh.length().plus(little())));
            case Part.WholePart whole -> whole(whole.find()).ifPresent(this::lot);
        }
    }

    /** What was cut out of another panel comes out of it again. */
    private void panel(Part.PanelPart panel) {
        if (panel.cutFrom().isEmpty()) {
            lot(
                    new Sheet(
                            Sheet.Kind.PLYWOOD,
                            panel.thickness(),
                            panel.width().plus(little()),
                            panel.height().plus(little()),
                            // The grain of a floor runs from joist to joist.
                            panel.role().is(Duty.Trait.WALKED_ON)
                                    ? Sheet.Grain.ACROSS
                                    : Sheet.Grain.LENGTHWAYS,
                            Optional.empty(),
                            List.of()));
        }
    }

    /** A sawn pallet gives less than a whole one, but only whole ones are found. */
    private Optional<Material> whole(Find find) {
        Finds finds = spec.choices().finds();
        return switch (find) {
            case Find.OfPallet _ -> finds.pallet().map(TakenApart::pallet);
            case Find.OfBlock _, Find.OfSlab _ -> finds.footing().map(f -> (Material) f.block());
            case Find.OfArch _ ->
                    finds.hoops()
                            .map(
                                    h ->
                                            new FoundPart(
                                                    FoundPart.Kind.PIPE,
                                                    List.of(h.thick(), h.arc())));
            case Find.OfCover cover ->
                    Optional.of(
                            new FoundPart(
                                    FoundPart.Kind.TARP,
                                    List.of(
                                            cover.side().plus(little()),
                                            cover.other().plus(little()))));
            case Find.OfThing thing -> Optional.of(new FoundPart(thing.kind(), thing.sizes()));
        };
    }

    private static Material pallet(Finds.WholePallet p) {
        return new Pallet(
                Pallet.Kind.STRINGER,
                p.length(),
                p.width(),
                // The upper deck has two boards more than the lower one.
                new Pallet.Boards(p.boards() * 2 - 2, Section.of(p.boardThickness(), p.board())),
                new Pallet.Boards(
                        p.stringers(),
                        Section.of(p.stringer(), p.thickness().minus(p.boardThickness().times(2)))),
                Pallet.Stamp.HT,
                0);
    }

    private Stick clutter() {
        Choices.Group[] groups = Choices.Group.values();
        Section section = spec.choices().section(groups[random.nextInt(groups.length)]);
        return Stick.sound(section, Length.mm(300 + random.nextInt(900)));
    }

    private Length little() {
        return Length.mm(8 + random.nextInt(60));
    }

    private void lot(Material material) {
        lots.add(new Lot("L" + (lots.size() + 1), 1, material, Lot.Provenance.UNKNOWN));
    }
}
