package reliqua.core.stock;

import java.util.Map;
import java.util.Optional;
import reliqua.core.measure.Length;

/**
 * True sections behind the yard names of North American sawn timber, dressed and dry: 2x4 is 1 1/2
 * x 3 1/2 in.
 */
public final class NominalSizes {
    private static final Map<String, Section> TRUE_SECTIONS =
            Map.ofEntries(
                    Map.entry("1x2", quarters(3, 6)),
                    Map.entry("1x3", quarters(3, 10)),
                    Map.entry("1x4", quarters(3, 14)),
                    Map.entry("1x6", quarters(3, 22)),
                    Map.entry("1x8", quarters(3, 29)),
                    Map.entry("1x10", quarters(3, 37)),
                    Map.entry("1x12", quarters(3, 45)),
                    Map.entry("5/4x6", quarters(4, 22)),
                    Map.entry("2x2", quarters(6, 6)),
                    Map.entry("2x3", quarters(6, 10)),
                    Map.entry("2x4", quarters(6, 14)),
                    Map.entry("2x6", quarters(6, 22)),
                    Map.entry("2x8", quarters(6, 29)),
                    Map.entry("2x10", quarters(6, 37)),
                    Map.entry("2x12", quarters(6, 45)),
                    Map.entry("4x4", quarters(14, 14)),
                    Map.entry("6x6", quarters(22, 22)));

    private NominalSizes() {}

    /** The true section of a yard name such as {@code 2x4}, written without spaces. */
    public static Optional<Section> find(String name) {
        return Optional.ofNullable(TRUE_SECTIONS.get(name));
    }

    private static Section quarters(int thickness, int width) {
        return new Section(Length.inches(thickness, 4), Length.inches(width, 4));
    }
}
