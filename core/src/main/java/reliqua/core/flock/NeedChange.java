package reliqua.core.flock;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Volume;
import reliqua.core.measure.Weight;
import reliqua.core.measure.Words;

/**
 * A need that is another than before.
 *
 * @param kind which
 * @param difference signed, in words once the tape is known
 * @param more whether it asks for more than before
 */
public record NeedChange(Need.Kind kind, Sum difference, boolean more) {

    /** What changed from one set of needs to another, in the order of the kinds. */
    public static List<NeedChange> between(Needs before, Needs after) {
        List<NeedChange> changes = new ArrayList<>();
        for (Need now : after.lines()) {
            Object then = before.line(now.kind()).value();
            if (!then.equals(now.value())) {
                changes.add(of(now.kind(), then, now.value()));
            }
        }
        return changes;
    }

    /** The difference with the name of what differs: {@code house floor +1.9 sq ft}. */
    public String words(Tape tape) {
        return Words.say("need." + kind.name()) + " " + difference.words(tape);
    }

    private static NeedChange of(Need.Kind kind, Object then, Object now) {
        return switch (now) {
            case Length l when then instanceof Length old ->
                    signed(kind, !old.atLeast(l), l.minus(old).max(old.minus(l)));
            case Area a when then instanceof Area old ->
                    signed(kind, !old.atLeast(a), old.atLeast(a) ? old.minus(a) : a.minus(old));
            case Integer n when then instanceof Integer old ->
                    signed(kind, n > old, Math.abs(n - old));
            case Weight w when then instanceof Weight old ->
                    signed(
                            kind,
                            w.grams() > old.grams(),
                            new Weight(Math.abs(w.grams() - old.grams())));
            case Volume v when then instanceof Volume old ->
                    signed(
                            kind,
                            v.litres() > old.litres(),
                            new Volume(Math.abs(v.litres() - old.litres())));
            case Pressure p when then instanceof Pressure old ->
                    signed(
                            kind,
                            p.kiloPascals() > old.kiloPascals(),
                            new Pressure(Math.abs(p.kiloPascals() - old.kiloPascals())));
            default -> new NeedChange(kind, Sum.of("needs.now", now), true);
        };
    }

    private static NeedChange signed(Need.Kind kind, boolean more, Object size) {
        return new NeedChange(kind, Sum.of(more ? "needs.plus" : "needs.minus", size), more);
    }
}
