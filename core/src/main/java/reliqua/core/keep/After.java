package reliqua.core.keep;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Duty;
import reliqua.core.coop.Part.MeshPart;
import reliqua.core.flock.Predator;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * What to look at after something happened.
 *
 * @param entry what happened
 * @param look what to look at, by what the animal can do and what the coop has against it
 */
public record After(Entry entry, List<Sum> look) {
    private static final int DAYS = 14;
    private static final Pattern ILL =
            Pattern.compile(
                    "(?i)\\b(?:sick|ill|limp(?:ing|s)?|sneez\\w+|cough\\w*|hunched|lethargic|bloody|diarrh\\w+|swollen|pale comb|gasping)\\b");

    /** Copies the list. */
    public After {
        look = List.copyOf(look);
    }

    /** The animal it was, where that is known. */
    public Optional<Predator> animal() {
        return switch (entry.what()) {
            case Happening.Lost lost -> lost.animal();
            case Happening.Seen seen -> seen.animal();
            default -> Optional.empty();
        };
    }

    /** Whether it came from outside, so that one walks round the coop. */
    public boolean isAttack() {
        return switch (entry.what()) {
            case Happening.Lost lost -> lost.cause() == Happening.Cause.PREDATOR;
            case Happening.Seen seen -> seen.attack();
            default -> false;
        };
    }

    /** The last thing that happened within two weeks and asks for a look round. */
    public static Optional<After> of(KeepBook book, Coop coop, LocalDate today) {
        return book.log().reversed().stream()
                .takeWhile(e -> !e.day().isBefore(today.minusDays(DAYS)))
                .flatMap(e -> after(e, coop).stream())
                .findFirst();
    }

    private static Optional<After> after(Entry entry, Coop coop) {
        return switch (entry.what()) {
            case Happening.Lost lost when lost.cause() == Happening.Cause.PREDATOR ->
                    Optional.of(new After(entry, look(lost.animal(), coop)));
            case Happening.Seen seen when seen.attack() ->
                    Optional.of(new After(entry, look(seen.animal(), coop)));
            case Happening.Lost lost when lost.cause() == Happening.Cause.ILLNESS ->
                    Optional.of(new After(entry, illness()));
            case Happening.Note note when ILL.matcher(note.text()).find() ->
                    Optional.of(new After(entry, illness()));
            default -> Optional.empty();
        };
    }

    private static List<Sum> illness() {
        return List.of(
                Sum.of("after.isolate"),
                Sum.of("after.signs"),
                Sum.of("after.vet"),
                Sum.of("after.office"));
    }

    private static List<Sum> look(Optional<Predator> animal, Coop coop) {
        List<Sum> look = new ArrayList<>();
        if (animal.isEmpty() || animal.get().digs()) {
            look.add(
                    Sum.of(
                            coop.that(Duty.Trait.LIES_OUT).isEmpty()
                                    ? "after.noApron"
                                    : "after.apron"));
        }
        if (animal.isEmpty() || animal.get().opensLatches()) {
            look.add(Sum.of("after.latch"));
        }
        animal.flatMap(Predator::gap).ifPresent(gap -> look.add(Sum.of("after.gap", gap)));
        animal.ifPresent(a -> mesh(a, coop).ifPresent(look::add));
        if (animal.filter(Predator::comesFromAbove).isPresent()) {
            look.add(Sum.of("after.above"));
        }
        look.add(Sum.of("after.back"));
        return look;
    }

    /** Mesh that is too coarse for the animal. */
    private static Optional<Sum> mesh(Predator animal, Coop coop) {
        Length least = animal.apertureElsewhere();
        return coop.parts().stream()
                .filter(p -> p instanceof MeshPart)
                .map(p -> ((MeshPart) p))
                .filter(p -> !p.aperture().atMost(least))
                .map(p -> Sum.of("after.mesh", p.mark(), p.aperture(), least))
                .findFirst();
    }
}
