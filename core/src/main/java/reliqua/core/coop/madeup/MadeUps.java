package reliqua.core.coop.madeup;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.coop.Contact;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/** All ways in which the parts of a house can be made up of several pieces. */
public final class MadeUps {
    /** Contact of faces is no collision, nor are roundings of sloped cuts: in mm³. */
    private static final double TOUCH = 20_000;

    private final Coop coop;
    private final Map<Seam.Kind, Maker> makers = new EnumMap<>(Seam.Kind.class);

    /** Of this house; the heap says where joints would be of use. */
    public MadeUps(Coop coop, Heap heap) {
        this(coop, heap, PriceBook.EMPTY);
    }

    /** The same; where the heap has nothing, sheets of the shop say it. */
    public MadeUps(Coop coop, Heap heap, PriceBook shop) {
        this.coop = coop;
        Supply supply = new Supply(heap, shop);
        Maker tiled = new TiledPanel(coop, supply);
        makers.put(Seam.Kind.LAPPED, new LappedStick(coop, supply));
        makers.put(Seam.Kind.SCABBED, new ScabbedStick(supply));
        makers.put(Seam.Kind.BUTTED, new ButtedPlate(coop, supply));
        makers.put(Seam.Kind.COURSES, new CoursedRoof(coop));
        makers.put(Seam.Kind.BESIDE, new PairedColumn(supply));
        makers.put(Seam.Kind.TILED_ACROSS, tiled);
        makers.put(Seam.Kind.TILED_UP, tiled);
        makers.put(Seam.Kind.TILED, tiled);
        makers.put(Seam.Kind.BOARDED, new BoardedPanel(coop, supply));
        makers.put(Seam.Kind.WEATHERBOARDED, new LappedBoards(coop, supply));
        Maker laced = new LacedMesh(supply);
        makers.put(Seam.Kind.LACED_LONG, laced);
        makers.put(Seam.Kind.LACED_WIDE, laced);
    }

    /** How a part could be made up; pieces that would lie in another part's place are left out. */
    public List<MadeUp> options(Part part) {
        List<MadeUp> options = new ArrayList<>();
        if (coop.parts().stream().anyMatch(p -> isCutFrom(p, part))) {
            return options;
        }
        makers.values().stream()
                .distinct()
                .flatMap(maker -> maker.options(part).stream())
                .flatMap(seam -> of(seam).stream())
                .filter(made -> isFree(made, part))
                .forEach(options::add);
        return options;
    }

    private static boolean isCutFrom(Part p, Part from) {
        return p instanceof Part.PanelPart panel
                && panel.cutFrom().filter(from.mark()::equals).isPresent();
    }

    private boolean isFree(MadeUp made, Part whole) {
        // Mesh lies on framing and is bent round it.
        return whole instanceof Part.MeshPart
                || made.parts().stream().allMatch(piece -> isFree(piece, whole));
    }

    private boolean isFree(Part piece, Part whole) {
        return coop.parts().stream()
                .filter(p -> !p.mark().equals(whole.mark()))
                .allMatch(p -> isClear(p, piece));
    }

    /**
     * Whether the pieces of new seams keep clear of one another and of those of other seams: a
     * block and a scab, say. What the others are to each other is not asked again.
     */
    public boolean keepClear(Collection<Seam> fresh, Collection<Seam> others) {
        List<MadeUp> made = of(fresh);
        List<MadeUp> rest = new ArrayList<>(of(others));
        for (MadeUp one : made) {
            if (!rest.stream().allMatch(other -> isClear(one, other))) {
                return false;
            }
            rest.add(one);
        }
        return true;
    }

    private static boolean isClear(MadeUp one, MadeUp other) {
        return one.parts().stream()
                .allMatch(a -> other.parts().stream().allMatch(b -> isClear(a, b)));
    }

    private static boolean isClear(Part a, Part b) {
        return a instanceof Part.MeshPart
                || b instanceof Part.MeshPart
                || Contact.overlap(a.solid(), b.solid()) < TOUCH;
    }

    /** The parts of a seam; nothing where the house no longer has a part that it suits. */
    public Optional<MadeUp> of(Seam seam) {
        return coop.find(seam.mark()).flatMap(part -> makers.get(seam.kind()).make(part, seam));
    }

    /** The parts of all seams that suit. */
    public List<MadeUp> of(Collection<Seam> seams) {
        return seams.stream().flatMap(s -> of(s).stream()).toList();
    }
}
