package reliqua.core.keep;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import reliqua.core.coop.Bounds;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.flock.Siting;
import reliqua.core.measure.Bearing;

/**
 * The side of a coop that a line of the log names: by the compass, or as one sees it from before
 * the front; in the words of both languages.
 */
public final class SideSaid {
    private static final Map<String, Bearing> COMPASS = compass();
    private static final Pattern POINT =
            Pattern.compile("\\b(" + String.join("|", COMPASS.keySet()) + ")\\b");

    /**
     * As one who stands before the front has them: his left is the right of a coop that looks out.
     */
    private static final Map<String, Siting.Wall> SIDES =
            Map.ofEntries(
                    Map.entry("front", Siting.Wall.FRONT),
                    Map.entry("frente", Siting.Wall.FRONT),
                    Map.entry("gate", Siting.Wall.FRONT),
                    Map.entry("back", Siting.Wall.BACK),
                    Map.entry("behind", Siting.Wall.BACK),
                    Map.entry("rear", Siting.Wall.BACK),
                    Map.entry("trasera", Siting.Wall.BACK),
                    Map.entry("left", Siting.Wall.RIGHT),
                    Map.entry("izquierda", Siting.Wall.RIGHT),
                    Map.entry("right", Siting.Wall.LEFT),
                    Map.entry("derecha", Siting.Wall.LEFT));

    private static final Pattern SIDE =
            Pattern.compile("\\b(" + String.join("|", SIDES.keySet()) + ")\\b");

    /** What lies so near an edge, as a share of the side, is on that side. */
    private static final double EDGE = 0.2;

    private SideSaid() {}

    private static Map<String, Bearing> compass() {
        Map<String, Bearing> all = new LinkedHashMap<>();
        String[] english = {"north", "east", "south", "west"};
        String[] spanish = {"norte", "este", "sur", "oeste"};
        for (int n = 0; n < english.length; n++) {
            all.put(english[n], new Bearing(n * 90.0));
            all.put(spanish[n], new Bearing(n * 90.0));
        }
        return all;
    }

    /** The side a line names, if it names one; nothing of what the compass calls between two. */
    public static Optional<Siting.Wall> of(String line, Bearing facing) {
        String lower = line.toLowerCase(Locale.ROOT);
        Matcher point = POINT.matcher(lower);
        if (point.find()) {
            Bearing to = COMPASS.getOrDefault(point.group(1), Bearing.NORTH);
            return Stream.of(Siting.Wall.values())
                    .max(Comparator.comparingDouble(w -> w.looks(facing).agreement(to)));
        }
        Matcher side = SIDE.matcher(lower);
        return side.find() ? Optional.ofNullable(SIDES.get(side.group(1))) : Optional.empty();
    }

    /** Whether a part is on a side of its coop. */
    public static boolean isAt(Part part, Coop coop, Siting.Wall wall) {
        Bounds b = part.solid().bounds();
        double across = b.x0().plus(b.x1()).half().ratio(coop.measures().width());
        double along = b.y0().plus(b.y1()).half().ratio(coop.measures().depth());
        return switch (wall) {
            case FRONT -> along < EDGE;
            case BACK -> along > 1 - EDGE;
            case RIGHT -> across < EDGE;
            case LEFT -> across > 1 - EDGE;
        };
    }
}
