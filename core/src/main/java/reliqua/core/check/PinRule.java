package reliqua.core.check;

import java.util.List;
import reliqua.core.coop.Part;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Condition;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Lot;

/** Whether the things are in the coop that the keeper says must go in. */
final class PinRule implements Rule {
    @Override
    public List<Finding> check(Subject subject) {
        return subject.heap().lots().stream()
                .filter(l -> l.condition().verdict() == Condition.Verdict.MUST)
                .filter(l -> l.material() instanceof FoundPart)
                .map(l -> finding(l, subject))
                .toList();
    }

    private static Finding finding(Lot lot, Subject subject) {
        boolean in =
                subject.coop().parts().stream()
                        .anyMatch(
                                p ->
                                        p instanceof Part.WholePart w
                                                && w.find().takes(lot.material()));
        Sum thing = Sum.of("found." + ((FoundPart) lot.material()).kind().name());
        Sum sum = Sum.of(in ? "check.pinned" : "check.pinned.not", thing, lot.id());
        return Finding.of("pinned", in, Finding.Severity.FAULT, sum);
    }
}
