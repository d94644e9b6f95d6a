package reliqua.core.keep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;

/** Lines of the logbook in words, as they were understood. */
public final class Wording {
    private Wording() {}

    /** What happened, in the keeper's units. */
    public static String of(Happening what, Tape tape) {
        return switch (what) {
            case Happening.Eggs e ->
                    parts(
                            tape,
                            counted("entry.eggs", e.count()),
                            when(e.cracked() > 0, Sum.of("entry.cracked", e.cracked())));
            case Happening.Fed f -> parts(tape, Sum.of("entry.fed", f.feed()), paid(f.cost()));
            case Happening.Watered w -> parts(tape, Sum.of("entry.water", w.water()));
            case Happening.Bedding b ->
                    parts(tape, counted("entry.bedding", b.bales()), paid(b.cost()));
            case Happening.Paid p -> parts(tape, Sum.of("entry.paid", p.what(), p.cost()));
            case Happening.Sold s -> parts(tape, counted("entry.sold", s.eggs(), s.taken()));
            case Happening.Lost l -> lost(l, tape);
            case Happening.Joined j ->
                    parts(tape, Sum.of("entry.joined", birds(j.birds())), paid(j.cost()));
            case Happening.Left l ->
                    parts(tape, Sum.of("entry.left", birds(l.birds())), paid(l.taken()));
            case Happening.Mended m ->
                    parts(
                            tape,
                            Sum.of("entry.mended", m.what()),
                            when(m.minutes() > 0, Sum.of("entry.minutes", m.minutes())),
                            paid(m.cost()));
            case Happening.Worked w ->
                    parts(
                            tape,
                            Sum.of("chore." + w.chore().id()),
                            when(w.minutes() > 0, Sum.of("entry.minutes", w.minutes())));
            case Happening.Weather w ->
                    parts(
                            tape,
                            w.low().map(t -> Sum.of("entry.low", t)),
                            w.high().map(t -> Sum.of("entry.high", t)),
                            text(w.what()));
            case Happening.Seen s ->
                    parts(
                            tape,
                            s.animal()
                                    .map(a -> Sum.of("entry.animal", a.sum()))
                                    .or(() -> Optional.of(Sum.of("entry.animal.none"))),
                            when(s.attack(), Sum.of("entry.attack")),
                            text(s.what()));
            case Happening.Note n -> n.text();
            case Happening.NextTime n -> Words.say("entry.next", n.text());
        };
    }

    private static String lost(Happening.Lost lost, Tape tape) {
        Sum cause =
                lost.animal()
                        .map(a -> Sum.of("entry.to", a.sum()))
                        .orElseGet(() -> Sum.of("entry.cause." + lost.cause().name()));
        return parts(
                tape,
                Optional.of(Sum.of("entry.lost", birds(lost.birds()))),
                Optional.of(cause),
                text(lost.who()));
    }

    private static Sum birds(Birds birds) {
        return birds.cocks()
                ? counted("entry.cocks", birds.count())
                : Sum.of("entry.birds", birds.count(), Needs.name(birds.kind(), birds.count()));
    }

    private static Sum counted(String key, int count, Object... more) {
        List<Object> terms = new ArrayList<>(List.of(count));
        terms.addAll(List.of(more));
        return new Sum(key + (count == 0 ? ".none" : count == 1 ? ".one" : ".many"), terms);
    }

    private static Optional<Sum> paid(Money cost) {
        return when(!cost.isZero(), Sum.of("entry.money", cost));
    }

    private static Optional<Sum> text(String text) {
        return when(!text.isBlank(), Sum.of("entry.text", text));
    }

    private static Optional<Sum> when(boolean holds, Sum sum) {
        return holds ? Optional.of(sum) : Optional.empty();
    }

    @SafeVarargs
    private static String parts(Tape tape, Sum first, Optional<Sum>... more) {
        List<String> words = new ArrayList<>(List.of(first.words(tape)));
        List.of(more).forEach(m -> m.ifPresent(s -> words.add(s.words(tape))));
        return String.join(", ", words);
    }

    @SafeVarargs
    private static String parts(Tape tape, Optional<Sum>... all) {
        List<String> words = new ArrayList<>();
        List.of(all).forEach(m -> m.ifPresent(s -> words.add(s.words(tape))));
        return String.join(", ", words);
    }
}
