package reliqua.core.build;

import java.util.List;
import java.util.Optional;
import reliqua.core.buy.Coats;
import reliqua.core.buy.Fixing;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Stage;
import reliqua.core.coop.Zone;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Hardware;

/** Work at a coop that puts no part on. */
enum Task {
    /** Cleared, levelled and set out with string. */
    SITE(Stage.FLOOR, true, false) {
        @Override
        int minutes(Coop coop) {
            return (int) Math.ceil(SET_OUT + coop.measures().floor().toSquareMetres() * LEVEL);
        }

        /** What two people still carry is set down where it is wanted. */
        @Override
        boolean isFor(Coop coop, List<Fixing> fixings) {
            return coop.measures().weight().toKilograms() > CARRIED
                    && coop.that(Duty.Trait.ROLLS).isEmpty();
        }

        @Override
        Optional<Sum> check(Coop coop) {
            Length w = coop.measures().width();
            Length d = coop.measures().depth();
            return Optional.of(Sum.of("task.SITE.check", w, d, Steps.diagonal(w, d)));
        }
    },
    /** Preserver on what was cut, before it is closed in. */
    PRIME(Stage.SKINS, true, true) {
        @Override
        int minutes(Coop coop) {
            return (int) Math.ceil(BRUSH + Coats.preserved(coop).size() * END);
        }

        @Override
        boolean isFor(Coop coop, List<Fixing> fixings) {
            return !brushed(fixings).isEmpty();
        }

        @Override
        List<Fixing> brushed(List<Fixing> fixings) {
            return of(fixings, Hardware.Kind.PRESERVER);
        }
    },
    /** Before mesh is in the way of the brush. */
    PAINT(Stage.MESH, true, true) {
        @Override
        int minutes(Coop coop) {
            return (int) Math.ceil(BRUSH + Coats.outside(Coats.painted(coop)) * PAINTED);
        }

        @Override
        boolean isFor(Coop coop, List<Fixing> fixings) {
            return !brushed(fixings).isEmpty();
        }

        @Override
        List<Fixing> brushed(List<Fixing> fixings) {
            return of(fixings, Hardware.Kind.PAINT);
        }
    },
    /** The birds' first night. */
    MOVE_IN(Stage.MESH, false, false) {
        @Override
        int minutes(Coop coop) {
            return LITTER;
        }

        @Override
        boolean isFor(Coop coop, List<Fixing> fixings) {
            return coop.zones().stream().anyMatch(z -> z.kind() == Zone.Kind.HOUSE);
        }
    };

    private static final double SET_OUT = 20;
    private static final double LEVEL = 12;
    private static final double CARRIED = 150;
    private static final double BRUSH = 10;

    /** Two ends of a stick, with brush and rag. */
    private static final double END = 0.4;

    /** A square metre, two coats. */
    private static final double PAINTED = 14;

    private static final int LITTER = 30;

    private final Stage stage;
    private final boolean first;
    private final boolean dries;

    Task(Stage stage, boolean first, boolean dries) {
        this.stage = stage;
        this.first = first;
        this.dries = dries;
    }

    abstract int minutes(Coop coop);

    abstract boolean isFor(Coop coop, List<Fixing> fixings);

    Optional<Sum> check(Coop coop) {
        return Optional.empty();
    }

    /** What of all there is to put on is brushed on now. */
    List<Fixing> brushed(List<Fixing> fixings) {
        return List.of();
    }

    /** Whether it is done before parts of a stage go on; what is not comes at the end. */
    boolean isBefore(Stage other) {
        return first && stage.compareTo(other) <= 0;
    }

    /** It is left alone until the day after. */
    Step step(Coop coop, List<Fixing> fixings) {
        return new Step(
                name(),
                Optional.empty(),
                stage,
                List.of(),
                brushed(fixings),
                minutes(coop),
                false,
                dries,
                check(coop),
                Optional.of("task." + name() + ".caution"));
    }

    private static List<Fixing> of(List<Fixing> fixings, Hardware.Kind kind) {
        return fixings.stream().filter(f -> f.kind() == kind).toList();
    }
}
