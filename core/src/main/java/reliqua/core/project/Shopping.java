package reliqua.core.project;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import reliqua.core.buy.Bill;
import reliqua.core.buy.Fixing;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Stage;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Words;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Offer;
import reliqua.core.stock.PriceBook;

/** What is done with a line of the bill: another price, brought home, put off. */
public final class Shopping {
    private Shopping() {}

    /** The offer of a line that is no hardware. */
    private static Optional<Offer> offer(Bill.Line line, PriceBook prices) {
        return line.hardware().isPresent()
                ? Optional.empty()
                : prices.offers().stream().filter(o -> o.id().equals(line.id())).findFirst();
    }

    /** With another price of a shop unit, and of what comes in a pack how many are in it. */
    public static Project priced(Project project, Bill.Line line, Money price, int inPack) {
        PriceBook prices = project.prices();
        if (line.hardware().isPresent()) {
            TreeMap<Hardware.Kind, PriceBook.Pack> packs = new TreeMap<>(prices.hardware());
            packs.put(line.hardware().get(), new PriceBook.Pack(inPack, price));
            return project.withPrices(new PriceBook(prices.merchant(), prices.offers(), packs));
        }
        List<Offer> offers =
                prices.offers().stream()
                        .map(
                                o ->
                                        o.id().equals(line.id())
                                                ? new Offer(o.id(), o.name(), o.material(), price)
                                                : o)
                        .toList();
        return project.withPrices(new PriceBook(prices.merchant(), offers, prices.hardware()));
    }

    /** How many are in a pack; one where it comes singly. */
    public static int inPack(Bill.Line line, PriceBook prices) {
        return line.hardware()
                .map(kind -> prices.hardware().get(kind))
                .map(PriceBook.Pack::count)
                .orElse(1);
    }

    /**
     * With a line brought home: its things are lots of the heap, with where they come from and what
     * they cost, so that the bill falls by them and the plan goes on with them.
     *
     * @param paid for all of the line
     */
    public static Project fetched(Project project, Bill.Line line, Money paid, LocalDate day) {
        PriceBook prices = project.prices();
        int things = line.units() * inPack(line, prices);
        Money each = Money.of(paid.amount() / Math.max(1, line.units()));
        Lot.Provenance from =
                new Lot.Provenance(
                        Words.say("fetch.place"),
                        prices.merchant(),
                        line.hardware().isPresent() ? "" : line.name(),
                        line.hardware().isPresent() ? Money.of(paid.amount() / things) : each,
                        Optional.of(day));
        return line.hardware()
                .<reliqua.core.stock.Material>map(kind -> new Hardware(kind, Optional.empty()))
                .or(() -> offer(line, prices).map(Offer::material))
                .map(
                        material ->
                                project.adding(
                                        List.of(
                                                new Lot(
                                                        project.freshId(material),
                                                        things,
                                                        material,
                                                        from))))
                .orElse(project);
    }

    /** What has been paid for what lies on the heap or has been cut from it. */
    public static Money spent(Project project) {
        Stream<Money> here =
                project.heap().lots().stream().map(l -> l.provenance().paid().times(l.quantity()));
        Stream<Money> cut = project.cuts().stream().map(c -> c.taken().provenance().paid());
        return Stream.concat(here, cut).reduce(Money.ZERO, Money::plus);
    }

    /** The stage of the build at which a line is needed first: until then it can wait. */
    public static Optional<Stage> neededFor(Bill.Line line, Design design, PriceBook prices) {
        Stream<Part> parts =
                line.hardware()
                        .map(kind -> parts(kind, design))
                        .orElseGet(
                                () ->
                                        offer(line, prices).stream()
                                                .flatMap(o -> cutFrom(o.id(), design)));
        return parts.map(p -> p.role().stage()).min(Comparator.naturalOrder());
    }

    private static Stream<Part> cutFrom(String offer, Design design) {
        return design.candidate().plan().tickets().stream()
                .filter(t -> t.bought() && t.source().equals(offer))
                .flatMap(t -> t.cuts().stream())
                .map(Ticket.Cut::parts)
                .flatMap(List::stream);
    }

    private static Stream<Part> parts(Hardware.Kind kind, Design design) {
        Coop coop = design.candidate().coop();
        return design.bill().fixings().stream()
                .filter(f -> f.kind() == kind)
                .flatMap(f -> f.marks().stream())
                .flatMap(mark -> coop.find(mark).stream());
    }

    /** What the hardware of a line holds; nothing for lines of timber, sheets and the like. */
    public static List<Fixing> fixings(Bill.Line line, Design design, UnitSystem system) {
        List<Fixing> all =
                design.bill().fixings().stream()
                        .filter(f -> line.hardware().equals(Optional.of(f.kind())))
                        .toList();
        return Fixings.byLength(all, system);
    }

    /** The small things of a step: how many, how long, what. */
    public static String step(Fixing fixing, Tape tape) {
        String kind = Words.say("hardware." + fixing.kind().name());
        return fixing.length(tape.system())
                .map(l -> Words.say("fixing.step.long", fixing.count(), kind, tape.say(l)))
                .orElseGet(() -> Words.say("fixing.step", fixing.count(), kind));
    }

    /** Marks of the parts that a line of the bill becomes. */
    public static List<String> becomes(Bill.Line line, Design design, PriceBook prices) {
        return offer(line, prices).stream()
                .flatMap(o -> cutFrom(o.id(), design))
                .map(Part::mark)
                .distinct()
                .toList();
    }

    /** The list as a text for the pocket: a line each, with a box to tick. */
    public static String text(Design design, Tape tape) {
        List<String> lines = new ArrayList<>();
        lines.add(design.bill().merchant());
        for (Bill.Line line : design.bill().lines()) {
            lines.add("[ ] " + name(line) + "  " + tape.say(line.total()));
            fixings(line, design, tape.system()).stream()
                    .filter(f -> f.length(tape.system()).isPresent())
                    .forEach(f -> lines.add("      " + f.words(tape)));
        }
        lines.add(Words.say("fetch.total", tape.say(design.bill().total())));
        return String.join("\n", lines) + "\n";
    }

    /** A line as it is asked for at the counter. */
    public static String name(Bill.Line line) {
        return line.hardware()
                .map(
                        kind ->
                                Words.say(
                                        "packet.hardware",
                                        line.units(),
                                        Words.say("hardware." + kind.name()),
                                        line.needed()))
                .orElseGet(() -> line.units() + " x " + line.name());
    }
}
