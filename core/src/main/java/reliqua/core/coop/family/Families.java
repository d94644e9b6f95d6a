package reliqua.core.coop.family;

import java.util.List;
import java.util.Optional;

/** The kinds of coop there are. */
public final class Families {
    private static final List<CoopFamily> ALL =
            List.of(
                    new RaisedHouse(),
                    new WalkInHouse(),
                    new GableHouse(),
                    new SplitHouse(),
                    new PalletHouse(),
                    new AFramePen(),
                    new BoxPen(),
                    new PoleHouse(),
                    new HoopPen(),
                    new PanelPen(),
                    new WheeledHouse());

    private Families() {}

    /** All of them; the first is taken where nobody has chosen. */
    public static List<CoopFamily> all() {
        return ALL;
    }

    /** The one of this id, if there is one. */
    public static Optional<CoopFamily> find(String id) {
        return ALL.stream().filter(f -> f.id().equals(id)).findFirst();
    }
}
