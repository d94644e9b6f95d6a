package reliqua.core.fit;

import java.util.Optional;
import reliqua.core.check.Findings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.addon.CoopBuilder;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;

/**
 * Draws up houses with a back that opens, where the door leaves corners out of the keeper's reach
 * and the keeper wants them reached.
 */
final class OpeningBack {
    private final FitRequest request;

    OpeningBack(FitRequest request) {
        this.request = request;
    }

    /** A coop that no rule has looked at yet. */
    record Built(DesignSpec spec, Coop coop) {}

    /** The house, with a back that opens where that brings every corner within reach. */
    Built built(DesignSpec spec) throws Unbuildable {
        Built plain = new Built(spec, CoopBuilder.build(spec, request.brief()));
        if (!opens(spec) || !leavesCorners(plain.coop())) {
            return plain;
        }
        return with(spec, AddOn.BACK_HATCH).filter(b -> !leavesCorners(b.coop())).orElse(plain);
    }

    /** From both sides an arm reaches no deeper than twice its length. */
    private boolean opens(DesignSpec spec) {
        Length both = request.keeper().body().reach().times(2);
        return request.practice().cleaning() == Practice.Cleaning.REACHED
                && request.family().addOns().contains(AddOn.BACK_HATCH)
                && !spec.addOns().contains(AddOn.BACK_HATCH)
                && spec.depth().atMost(both);
    }

    boolean leavesCorners(Coop coop) {
        return Findings.leavesCorners(coop, request.needs(), request.keeper());
    }

    /** With something more built on; nothing where there is no room for it. */
    Optional<Built> with(DesignSpec before, AddOn more) {
        try {
            DesignSpec spec = before.with(more);
            return Optional.of(new Built(spec, CoopBuilder.build(spec, request.brief())));
        } catch (Unbuildable e) {
            return Optional.empty();
        }
    }
}
