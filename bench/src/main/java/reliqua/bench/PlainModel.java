package reliqua.bench;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.OptionalDouble;
import reliqua.core.cutting.CutJob;
import reliqua.core.cutting.OwnStick;
import reliqua.core.cutting.WantedPiece;
import reliqua.core.measure.Length;

/**
 * What one gets by writing the sticks of a job down as one model and leaving it to a solver: how
 * many of each piece come from each clear stretch, own or bought. The baseline to be beaten.
 */
final class PlainModel {
    private static final long MICROMETRE = 1_000;
    private static final long CENT = 10_000;

    private final CutJob job;
    private final CpModel model = new CpModel();
    private final LinearExprBuilder bill = LinearExpr.newBuilder();
    private final List<LinearExprBuilder> given = new ArrayList<>();
    private final BitSet possible = new BitSet();

    private PlainModel(CutJob job) {
        this.job = job;
        job.pieces().forEach(_ -> given.add(LinearExpr.newBuilder()));
    }

    /** The bill it finds within so many seconds; nothing when it finds no plan at all. */
    static OptionalDouble cost(CutJob job, double seconds) {
        PlainModel plain = new PlainModel(job);
        plain.own();
        plain.shop();
        for (int i = 0; i < job.pieces().size(); i++) {
            // What nothing can hold is missing from every plan.
            if (plain.possible.get(i)) {
                plain.model.addGreaterOrEqual(plain.given.get(i), job.pieces().get(i).quantity());
            }
        }
        plain.model.minimize(plain.bill);
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumSearchWorkers(2);
        CpSolverStatus status = solver.solve(plain.model);
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        return found
                ? OptionalDouble.of(solver.objectiveValue() * CENT / 1e6)
                : OptionalDouble.empty();
    }

    private void own() {
        for (OwnStick stick : job.sticks()) {
            for (int copy = 0; copy < stick.quantity(); copy++) {
                stick.clearSpans().forEach(span -> stretch(stick, span.length()));
            }
        }
    }

    private void stretch(OwnStick stick, Length room) {
        LinearExprBuilder filled = LinearExpr.newBuilder();
        for (int i = 0; i < job.pieces().size(); i++) {
            WantedPiece piece = job.pieces().get(i);
            double ratio = piece.length().ratio(stick.length());
            boolean straight =
                    piece.maxBow()
                            .map(most -> stick.bow().nm() * ratio * ratio <= most.nm())
                            .orElse(true);
            if (straight && alike(piece, stick.thickness(), stick.width())) {
                take(i, room, filled);
            }
        }
        model.addLessOrEqual(filled, size(room));
    }

    /** So many of each item as would hold every piece alone. */
    private void shop() {
        for (CutJob.ShopItem item : job.shop()) {
            int most =
                    job.pieces().stream()
                            .filter(p -> alike(p, item.thickness(), item.width()))
                            .mapToInt(WantedPiece::quantity)
                            .sum();
            for (int n = 0; n < most && !item.sheet(); n++) {
                IntVar bought = model.newBoolVar("");
                bill.addTerm(bought, item.price().micros() / CENT);
                LinearExprBuilder filled = LinearExpr.newBuilder();
                for (int i = 0; i < job.pieces().size(); i++) {
                    if (alike(job.pieces().get(i), item.thickness(), item.width())) {
                        take(i, item.length(), filled);
                    }
                }
                filled.addTerm(bought, -size(item.length()));
                model.addLessOrEqual(filled, 0);
            }
        }
    }

    private void take(int piece, Length room, LinearExprBuilder filled) {
        WantedPiece wanted = job.pieces().get(piece);
        long each = size(wanted.length());
        long most = Math.min(wanted.quantity(), size(room) / each);
        if (most > 0) {
            IntVar count = model.newIntVar(0, most, "");
            filled.addTerm(count, each);
            given.get(piece).addTerm(count, 1);
            possible.set(piece);
        }
    }

    private long size(Length length) {
        return length.plus(job.kerf()).nm() / MICROMETRE;
    }

    private static boolean alike(WantedPiece piece, Length thickness, Length width) {
        return piece.thickness().equals(thickness) && piece.width().equals(width);
    }
}
