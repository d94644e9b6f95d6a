package reliqua.core.flock;

import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.UnitSystem;

/** The lines of the needs that keep animals out, each naming the animal that asks for the most. */
final class ProofLines {
    private final Proof proof;
    private final Practice.Apron apron;
    private final UnitSystem system;
    private final List<Need> lines;

    ProofLines(Proof proof, Practice.Apron apron, UnitSystem system, List<Need> lines) {
        this.system = system;
        this.proof = proof;
        this.apron = apron;
        this.lines = lines;
    }

    void add() {
        Length near = proof.nearBirds().value();
        add(
                Need.Kind.MESH,
                near,
                Sum.of("needs.mesh", near, proof.elsewhere().value()),
                proof.nearBirds());
        add(Need.Kind.GAP, proof.gap().value(), Sum.of("needs.gap"), proof.gap());
        Length wide =
                system.natural(
                        apron == Practice.Apron.BURIED
                                ? Needs.APRON_BURIED
                                : apron == Practice.Apron.PAVED
                                        ? Needs.APRON_PAVED
                                        : Needs.APRON_FLAT);
        lines.add(
                new Need(
                        Need.Kind.APRON,
                        wide,
                        Sum.of("needs.apron." + apron.name(), wide),
                        standing(proof.apron()),
                        source(proof.apron())));
        flag(Need.Kind.LATCH, "needs.latch", proof.latch());
        flag(Need.Kind.COVER, "needs.cover", proof.cover());
    }

    private void add(Need.Kind kind, Length value, Sum sum, Proof.Demand<?> demand) {
        lines.add(new Need(kind, value, sum, Need.Standing.MUST, source(demand)));
    }

    private void flag(Need.Kind kind, String key, Proof.Demand<Boolean> demand) {
        String asked = demand.value() ? ".asked" : ".usual";
        lines.add(
                new Need(
                        kind,
                        Sum.of(key + asked + ".value"),
                        Sum.of(key + asked),
                        standing(demand),
                        source(demand)));
    }

    private static Need.Standing standing(Proof.Demand<Boolean> demand) {
        return demand.value() ? Need.Standing.MUST : Need.Standing.WISH;
    }

    private static Sum source(Proof.Demand<?> demand) {
        return demand.by().isEmpty()
                ? Sum.of("source.common")
                : Sum.of("source.animals", NeedsReckoning.names(demand.by()));
    }
}
