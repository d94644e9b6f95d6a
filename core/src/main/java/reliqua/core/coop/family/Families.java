package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Coop;
import reliqua.core.measure.Sum;

/** The kinds of coop there are. */
public final class Families {
    private static final List<CoopFamily> ALL =
            List.of(
                    new RaisedHouse(),
                    new WalkInHouse(),
                    new PalletHouse(),
                    new AFramePen(),
                    new BoxPen(),
                    new PoleHouse(),
                    new HoopPen());

    private Families() {}

    /** All of them; the first is taken where nobody has chosen. */
    public static List<CoopFamily> all() {
        return ALL;
    }

    /** The one of this id, if there is one. */
    public static Optional<CoopFamily> find(String id) {
        return ALL.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /**
     * Draws up a design.
     *
     * @throws Unbuildable when its family is not known here, or refuses it
     */
    public static Coop build(DesignSpec spec, Brief brief) throws Unbuildable {
        CoopFamily family = find(spec.family()).orElse(null);
        if (family == null) {
            throw new Unbuildable(Sum.of("family.unknown", spec.family()));
        }
        return family.build(spec, brief);
    }
}
