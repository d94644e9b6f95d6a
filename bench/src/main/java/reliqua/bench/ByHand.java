package reliqua.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.OwnStick;
import reliqua.core.cutting.WantedPiece;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;

/**
 * What a careful person does without a computer: longest piece first, into the shortest stretch
 * that takes it, else buy.
 */
final class ByHand {
    private static final class Stretch {
        private final OwnStick stick;
        private Length room;

        Stretch(OwnStick stick, Length room) {
            this.stick = stick;
            this.room = room;
        }
    }

    private final CutJob job;
    private final List<Stretch> stretches = new ArrayList<>();
    private Money cost = Money.ZERO;

    private ByHand(CutJob job) {
        this.job = job;
    }

    /** The bill for the sticks of a job. */
    static Money cost(CutJob job) {
        ByHand hand = new ByHand(job);
        job.sticks().forEach(hand::lay);
        job.pieces().stream()
                .sorted(Comparator.comparing(WantedPiece::length).reversed())
                .forEach(
                        piece -> {
                            for (int n = 0; n < piece.quantity(); n++) {
                                hand.cut(piece);
                            }
                        });
        return hand.cost;
    }

    private void lay(OwnStick stick) {
        for (int copy = 0; copy < stick.quantity(); copy++) {
            stick.clearSpans().forEach(s -> stretches.add(new Stretch(stick, s.length())));
        }
    }

    private boolean takes(Stretch stretch, WantedPiece piece) {
        OwnStick stick = stretch.stick;
        double ratio = piece.length().ratio(stick.length());
        boolean straight =
                piece.maxBow()
                        .map(most -> stick.bow().nm() * ratio * ratio <= most.nm())
                        .orElse(true);
        return stick.thickness().equals(piece.thickness())
                && stick.width().equals(piece.width())
                && straight
                && stretch.room.atLeast(piece.length());
    }

    private void cut(WantedPiece piece) {
        Optional<Stretch> best =
                stretches.stream()
                        .filter(s -> takes(s, piece))
                        .min(Comparator.comparing((Stretch s) -> s.room));
        Stretch from = best.orElseGet(() -> bought(piece));
        if (from != null) {
            from.room = from.room.minus(piece.length()).minus(job.kerf());
        }
    }

    private @org.jspecify.annotations.Nullable Stretch bought(WantedPiece piece) {
        Optional<CutJob.ShopItem> item =
                job.shop().stream()
                        .filter(
                                i ->
                                        !i.sheet()
                                                && i.thickness().equals(piece.thickness())
                                                && i.width().equals(piece.width())
                                                && i.length().atLeast(piece.length()))
                        .min(
                                Comparator.comparingDouble(
                                        i -> i.price().amount() / i.length().toMetres()));
        if (item.isEmpty()) {
            return null;
        }
        cost = cost.plus(item.get().price());
        CutJob.ShopItem i = item.get();
        Stretch fresh =
                new Stretch(
                        new OwnStick(
                                i.id(),
                                i.thickness(),
                                i.width(),
                                i.length(),
                                1,
                                List.of(),
                                Length.ZERO),
                        i.length());
        stretches.add(fresh);
        return fresh;
    }
}
