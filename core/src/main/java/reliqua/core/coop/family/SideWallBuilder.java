package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import reliqua.core.coop.Axis;
import reliqua.core.coop.Corner;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;

/**
 * A side wall between front and back wall: a bottom plate, studs cut on the slope under the end
 * rafter, which is the wall's top plate, and a skin up to the purlins.
 */
final class SideWallBuilder {
    private static final Length NEXT_TO = new Length(1);

    private final ShedLayout at;
    private final PartsBook book;
    private final boolean right;
    private final int nests;
    private final Optional<WindowPlace> window;

    /** To the house beside it. */
    private final Optional<ShedLayout.Between> passage;

    private final Length st;
    private final Length sd;

    SideWallBuilder(ShedLayout at, PartsBook book, boolean right, int nests) throws Unbuildable {
        this.at = at;
        this.book = book;
        this.right = right;
        this.nests = nests;
        this.window = right ? Optional.empty() : at.window(nests);
        this.passage = right ? Optional.empty() : at.passage();
        this.st = at.wall().thickness();
        this.sd = at.wall().width();
    }

    private Length frameFrom() {
        return right ? at.d.width().minus(sd) : Length.ZERO;
    }

    private Length skinFrom() {
        return right ? at.d.width() : at.skin().negated();
    }

    /** Where the roof steps, two stand together under its beam and one behind them. */
    private List<Length> studs() {
        Length to = at.d.depth().minus(sd);
        if (at.roof.parting().isEmpty()) {
            return studs(to);
        }
        Length step = at.roof.parting().get();
        List<Length> studs = new ArrayList<>(studs(step.minus(st)));
        studs.add(step.minus(st));
        studs.addAll(Spacing.even(step, to, st, ShedLayout.MEMBERS_APART));
        return studs;
    }

    /** From the front corner. */
    private List<Length> studs(Length to) {
        Length from = sd;
        List<Length> studs = new ArrayList<>();
        if (nests > 0) {
            studs.addAll(beside(at.nestOpening(nests), from, to));
        } else if (window.isEmpty()) {
            studs.addAll(plain(from, to));
        } else {
            studs.add(from);
        }
        window.filter(w -> !isAboveNests(w))
                .ifPresent(
                        w -> {
                            studs.removeIf(y -> y.plus(st).compareTo(w.from()) > 0);
                            studs.addAll(Spacing.even(w.to(), to, st, ShedLayout.MEMBERS_APART));
                        });
        return studs;
    }

    /** As in a house by itself where the passage has room between two of them. */
    private List<Length> plain(Length from, Length to) {
        List<Length> even = Spacing.even(from, to, st, ShedLayout.MEMBERS_APART);
        return passage.isEmpty() || even.get(1).atLeast(passage.get().to())
                ? even
                : beside(passage.get(), from, to);
    }

    private boolean isAboveNests(WindowPlace place) {
        return nests > 0 && place.from().compareTo(at.nestOpening(nests).to()) < 0;
    }

    private List<Length> beside(ShedLayout.Between opening, Length from, Length to) {
        List<Length> studs = new ArrayList<>();
        studs.add(from);
        Length last = to.minus(st);
        if (opening.to().plus(st).atMost(last)) {
            studs.addAll(Spacing.even(opening.to(), to, st, ShedLayout.MEMBERS_APART));
        } else if (opening.to().compareTo(last) < 0) {
            // Too narrow for two studs: one stands beside the opening and reaches the corner.
            studs.add(opening.to());
        } else {
            studs.add(last);
        }
        return studs;
    }

    void frame() {
        Length deck = at.deckTop();
        Length x = frameFrom();
        Length from = sd;
        Length to = at.d.depth().minus(sd);
        book.stick(
                Role.PLATE,
                at.wall(),
                to.minus(from),
                Solid.box(x, x.plus(sd), from, to, deck, deck.plus(st)));
        for (Length y : studs()) {
            stud(x, y, at.deckTop().plus(st));
        }
        window.filter(this::isAboveNests)
                .ifPresent(w -> stud(x, w.to(), at.nestOpeningTop().plus(st)));
        if (nests > 0) {
            nestFraming(x);
        }
        window.ifPresent(w -> new WindowBuilder(at, book, w).frame(isAboveNests(w)));
        passage.ifPresent(p -> cross(Role.HEADER, x, bay(p), at.passageTop()));
    }

    private void stud(Length x, Length y, Length bottom) {
        List<Corner> profile = new ArrayList<>();
        profile.add(new Corner(y, bottom));
        profile.add(new Corner(y.plus(st), bottom));
        profile.addAll(under(at.roof::rafterBottom, y, y.plus(st)));
        book.stick(
                Role.STUD,
                at.wall(),
                highest(profile).minus(bottom).ceilTo(at.c.step()),
                Angle.ZERO,
                at.roof.pitch(),
                new Solid(Axis.X, profile, List.of(), x, x.plus(sd)));
    }

    /**
     * A line of the roof from a depth back to one before it, with its bends between. What ends
     * where the roof steps is under the plane before it.
     */
    private List<Corner> under(UnaryOperator<Length> line, Length y0, Length y1) {
        List<Corner> corners = new ArrayList<>();
        boolean atStep = at.roof.parting().filter(y1::equals).isPresent();
        corners.add(new Corner(y1, line.apply(atStep ? y1.minus(NEXT_TO) : y1)));
        for (Length bend : at.roof.bends().reversed()) {
            if (bend.compareTo(y0) > 0 && bend.compareTo(y1) < 0) {
                corners.add(new Corner(bend, line.apply(bend)));
            }
        }
        corners.add(new Corner(y0, line.apply(y0)));
        return corners;
    }

    private static Length highest(List<Corner> profile) {
        return profile.stream().map(Corner::v).reduce(Length::max).orElseThrow();
    }

    private void nestFraming(Length x) {
        ShedLayout.Between opening = at.nestOpening(nests);
        Length lip = at.nestSill();
        Length top = at.nestOpeningTop();
        opening(x, opening, lip, top);
        if (at.wallNests()) {
            return;
        }
        book.opening(
                Opening.inSide(
                        Opening.Kind.NEST_ENTRANCE,
                        right ? at.d.width() : Length.ZERO,
                        opening.from(),
                        opening.to(),
                        lip,
                        top,
                        at.deckTop()));
    }

    /** A sill below an opening and a header over it. */
    private void opening(Length x, ShedLayout.Between opening, Length sill, Length top) {
        cross(Role.SILL, x, opening, sill.minus(st));
        cross(Role.HEADER, x, opening, top);
    }

    /** From one stud beside an opening to the other. */
    private ShedLayout.Between bay(ShedLayout.Between opening) {
        Length to =
                studs().stream()
                        .filter(y -> y.atLeast(opening.to()))
                        .min(Comparator.naturalOrder())
                        .orElse(opening.to());
        return new ShedLayout.Between(opening.from(), to);
    }

    private void cross(Role role, Length x, ShedLayout.Between opening, Length bottom) {
        book.stick(
                role,
                at.wall(),
                opening.width(),
                Solid.box(x, x.plus(sd), opening.from(), opening.to(), bottom, bottom.plus(st)));
    }

    void skin() throws Unbuildable {
        if (!right && at.half == Half.SECOND) {
            // The skin of the house beside it is there.
            return;
        }
        Length t = at.skin();
        Length from = t.negated();
        Length to = at.d.depth().plus(t);
        Length half = st.half();
        List<Length> allowed =
                studs().stream()
                        .filter(y -> y.plus(half).atLeast(seamsFrom()))
                        .map(y -> y.plus(half))
                        .toList();
        if (at.roof.parting().isPresent()) {
            Length step = at.roof.parting().get();
            columns(from, step, allowed);
            columns(step, to, allowed);
        } else {
            columns(from, to, allowed);
        }
    }

    private void columns(Length from, Length to, List<Length> allowed) throws Unbuildable {
        List<Length> seams = Spacing.seams(from, to, allowed, at.c.widestPanel());
        Unbuildable.unless(!seams.isEmpty(), Sum.of("family.seams", at.c.widestPanel()));
        for (int i = 0; i + 1 < seams.size(); i++) {
            column(seams.get(i), seams.get(i + 1));
        }
    }

    /** No seam runs through an opening. */
    private Length seamsFrom() {
        Length nest = nests > 0 ? at.nestOpening(nests).to() : passageTo();
        return window.map(w -> w.to().max(nest)).orElse(nest);
    }

    private Length passageTo() {
        return passage.map(ShedLayout.Between::to).orElse(Length.ZERO);
    }

    private void column(Length y0, Length y1) {
        Length bottom = at.d.clear();
        List<Corner> profile = new ArrayList<>();
        profile.add(new Corner(y0, bottom));
        profile.add(new Corner(y1, bottom));
        List<Corner> top = under(at.roof::rafterTop, y0, y1);
        profile.addAll(top);
        List<List<Corner>> holes = new ArrayList<>();
        boolean withNests = nests > 0 && isWithin(at.nestOpening(nests), y0, y1);
        if (withNests) {
            holes.add(nestHole());
        }
        passage.filter(p -> isWithin(p, y0, y1))
                .ifPresent(
                        p ->
                                holes.add(
                                        Solid.rectangle(
                                                p.from(), p.to(), at.popSill(), at.passageTop())));
        boolean withWindow =
                window.filter(w -> w.from().atLeast(y0) && w.to().atMost(y1)).isPresent();
        window.filter(_ -> withWindow).ifPresent(w -> holes.add(WindowBuilder.hole(w)));
        Solid solid = new Solid(Axis.X, profile, holes, skinFrom(), skinFrom().plus(at.skin()));
        String mark = panel(y1.minus(y0), bottom, top, solid);
        window.filter(_ -> withWindow).ifPresent(w -> new WindowBuilder(at, book, w).fill(mark));
        if (withNests && at.wallNests()) {
            new WallNests(at, book, right, nests).build(mark);
        }
    }

    private static boolean isWithin(ShedLayout.Between opening, Length y0, Length y1) {
        return opening.from().atLeast(y0) && opening.to().atMost(y1);
    }

    private List<Corner> nestHole() {
        if (at.wallNests()) {
            return WallNests.hole(at, nests);
        }
        ShedLayout.Between opening = at.nestOpening(nests);
        return Solid.rectangle(opening.from(), opening.to(), at.nestLip(), at.nestOpeningTop());
    }

    /** With one slope a trapezoid, else what its least rectangle gives. */
    private String panel(Length wide, Length bottom, List<Corner> top, Solid solid) {
        Length high = highest(top).minus(bottom).ceilTo(at.c.step());
        if (top.size() > 2) {
            return book.panel(Role.SKIN, at.skin(), wide, high, solid);
        }
        Length low = top.getFirst().v().min(top.getLast().v());
        return book.sloped(
                Role.SKIN, at.skin(), wide, high, low.minus(bottom).ceilTo(at.c.step()), solid);
    }
}
