package reliqua.core.project;

import java.util.List;
import java.util.Optional;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.buy.Fixings;
import reliqua.core.coop.Part;
import reliqua.core.measure.Money;
import reliqua.core.stock.Material;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.PriceBook;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * A coop that stands, or as far as it does, in figures.
 *
 * @param paid for things of the heap and the shop
 * @param toBuy what is still to be bought
 * @param asNew what all of it would cost from the price book: pieces by what there is to buy of
 *     their kind, small hardware in packs; finds used whole are not reckoned
 * @param minutes of the steps that are done, as written down, else as planned
 * @param left minutes of work to come
 */
public record Finished(Money paid, Money toBuy, Money asNew, int minutes, int left) {
    /** The figures of a design as far as it is built. */
    public static Finished of(Project project, Design design) {
        int minutes =
                design.steps().stream()
                        .filter(s -> project.done().contains(s.key()))
                        .mapToInt(s -> taken(project, s))
                        .sum();
        return new Finished(
                Shopping.spent(project),
                design.bill().total(),
                asNew(design, project.prices()),
                minutes,
                design.minutesLeft(project));
    }

    private static int taken(Project project, Step step) {
        StepNote note = project.note(step.key());
        return note.minutes() > 0 ? note.minutes() : step.minutes();
    }

    /** Paid and still to buy together. */
    public Money cost() {
        return paid.plus(toBuy);
    }

    /** What the heap spared. */
    public Money spared() {
        return Money.max(Money.ZERO, asNew.minus(cost()));
    }

    private static Money asNew(Design design, PriceBook prices) {
        Money all = Money.ZERO;
        for (Part part : design.candidate().coop().parts()) {
            all = all.plus(material(part).map(prices::worth).orElse(Money.ZERO));
        }
        return all.plus(prices.packs(Fixings.counts(design.bill().fixings())));
    }

    private static Optional<Material> material(Part part) {
        return switch (part) {
            case Part.StickPart s -> Optional.of(Stick.sound(s.section(), s.length()));
            case Part.PanelPart p when p.cutFrom().isEmpty() ->
                    Optional.of(
                            new Sheet(
                                    Sheet.Kind.PLYWOOD,
                                    p.thickness(),
                                    p.width(),
                                    p.height(),
                                    List.of()));
            case Part.RoofPart r ->
                    Optional.of(new Roofing(r.length(), r.fullWidth(), r.fullWidth(), List.of()));
            case Part.MeshPart m ->
                    Optional.of(new Mesh(Mesh.Kind.WELDED, m.aperture(), m.width(), m.length()));
            case Part.PanelPart _, Part.WholePart _ -> Optional.empty();
        };
    }
}
