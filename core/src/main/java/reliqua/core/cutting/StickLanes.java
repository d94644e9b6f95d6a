package reliqua.core.cutting;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Length;

/** Which pieces a stick can give. */
final class StickLanes {
    private StickLanes() {}

    /**
     * Of an own stick: from there, of a section that serves, and straight enough over its length.
     */
    static StickProblem.Lane own(String source, OwnStick stick, List<WantedPiece> wanted) {
        List<Boolean> allowed = new ArrayList<>();
        List<Double> excess = new ArrayList<>();
        for (WantedPiece piece : wanted) {
            boolean serves = takes(piece, stick) && gives(source, stick, piece);
            allowed.add(serves);
            excess.add(serves ? excess(stick.thickness(), stick.width(), piece) : 0);
        }
        return new StickProblem.Lane(List.copyOf(allowed), List.copyOf(excess));
    }

    /** Whether a stick is sawn and its section serves. */
    static boolean takes(WantedPiece piece, OwnStick stick) {
        return stick.tip().isEmpty() && takes(piece, stick.thickness(), stick.width());
    }

    /** Whether a section serves. */
    static boolean takes(WantedPiece piece, Length thickness, Length width) {
        return piece.latitude().takes(piece.thickness(), piece.width(), thickness, width);
    }

    /** Whether source, length and bow allow the piece, whatever the section. */
    private static boolean gives(String source, OwnStick stick, WantedPiece piece) {
        double ratio = piece.length().ratio(stick.length());
        double most = piece.maxBow().map(b -> (double) b.nm()).orElse(Double.POSITIVE_INFINITY);
        return piece.from(source) && ratio <= 1 && stick.bow().nm() * ratio * ratio <= most + 1;
    }

    /** Of something the shop sells, which is straight. */
    static StickProblem.Lane bought(CutJob.ShopItem item, List<WantedPiece> wanted) {
        List<Boolean> allowed = new ArrayList<>();
        List<Double> excess = new ArrayList<>();
        for (WantedPiece piece : wanted) {
            boolean serves =
                    !item.sheet()
                            && piece.from(item.id())
                            && takes(piece, item.thickness(), item.width());
            allowed.add(serves);
            excess.add(serves ? excess(item.thickness(), item.width(), piece) : 0);
        }
        return new StickProblem.Lane(List.copyOf(allowed), List.copyOf(excess));
    }

    private static double excess(Length thickness, Length width, WantedPiece piece) {
        return (double) thickness.nm() * width.nm()
                - (double) piece.thickness().nm() * piece.width().nm();
    }

    /** Whether a pole serves a piece somewhere along it. */
    static boolean round(String source, OwnStick pole, WantedPiece piece) {
        return pole.tip().isPresent()
                && piece.latitude().round().isPresent()
                && gives(source, pole, piece);
    }
}
