package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Opening;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.Strength;
import reliqua.core.flock.Needs;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Area;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Section;

/**
 * Two planes of one slope with a step between them: one falls to the front, the other, lower, to
 * the back. Half way along the depth a beam of two sticks lies across the house on doubled studs of
 * the side walls and on doubled posts between. Rafters of the low plane stand against the back of
 * the beam; on it stands a row of short studs under a plate that carries the heads of the high
 * plane. Between the roof below and the plate it is meshed: warm damp air goes out there, over the
 * birds, and light comes in.
 */
final class SplitRoof implements HouseRoof {
    /** Rain splashes up so far where it falls on a roof. */
    private static final Length UPSTAND = Length.mm(75);

    /** Less lets in no light worth the work. */
    private static final Length LEAST_BAND = Length.mm(90);

    private static final int MOST_BAYS = 4;

    private static final Length MESH = Length.mm(1);
    private static final Length MESH_LAP = Length.mm(50);

    private final SingleSlope high;
    private final SingleSlope low;
    private final Section stud;
    private final Length depth;
    private final Length rise;
    private final List<Length> joists;

    /**
     * A split roof.
     *
     * @param width outer, along the plates
     * @param depth outer, from plate to plate
     * @param frontTop top of the front plate, under the eaves of the high plane
     * @param backTop top of the back plate, under those of the low one
     * @param rise of each plane from its plate to the step
     * @param joists middles of the joists, over which posts stand
     */
    SplitRoof(
            Length width,
            Length depth,
            Length overhang,
            Length frontTop,
            Length backTop,
            Length rise,
            Length cladding,
            Length floor,
            Needs needs,
            Choices choices,
            List<Length> joists) {
        this.stud = choices.section(Choices.Group.WALLS);
        this.depth = depth;
        this.rise = rise;
        this.joists = joists;
        this.high =
                new SingleSlope(
                        width,
                        depth.half(),
                        overhang,
                        frontTop.plus(rise),
                        frontTop,
                        stud.width(),
                        cladding,
                        floor,
                        needs,
                        choices);
        this.low =
                new SingleSlope(
                        width,
                        depth.minus(depth.half()),
                        overhang,
                        backTop.plus(rise),
                        backTop,
                        stud.width(),
                        cladding,
                        floor,
                        needs,
                        choices,
                        Optional.of(
                                new SingleSlope.Head(Length.ZERO, choices.skin(), choices.skin())),
                        Optional.empty(),
                        false,
                        false);
    }

    /** How much higher the front plate has to be than the back one for so high a band of mesh. */
    static Length step(Choices choices, Length band, Angle pitch) {
        Section purlin = choices.section(Choices.Group.PURLINS);
        double cos = pitch.cos();
        Length rafter = choices.section(Choices.Group.RAFTERS).width().scaled(1 / cos);
        Length covered = purlin.thickness().times(2).plus(RoofBuilder.PROFILE).scaled(1 / cos);
        return rafter.plus(covered)
                .plus(UPSTAND)
                .plus(band)
                .plus(choices.section(Choices.Group.WALLS).thickness());
    }

    @Override
    public void check() throws Unbuildable {
        high.check();
        low.check();
        Length run = high.depth().minus(high.seat());
        Unbuildable.unless(rise.atMost(run), Sum.of("family.steep", rise, run));
        Unbuildable.unless(
                band().atLeast(LEAST_BAND),
                Sum.of(
                        "family.noStep",
                        high.backTop().minus(high.floor()),
                        low.backTop().minus(low.floor()),
                        high.backTop().minus(high.floor()).plus(LEAST_BAND).minus(band())));
    }

    /** Where the step is: the back of the beam and of the studs on it. */
    private Length step() {
        return depth.half();
    }

    @Override
    public Optional<Length> parting() {
        return Optional.of(step());
    }

    private Length rafterThick() {
        return high.rafter().thickness();
    }

    /** Front of whatever stands under the step. */
    private Length stepFrom() {
        return step().minus(rafterThick().max(stud.thickness()).times(2));
    }

    /** Of the planes, and of the beam between them. */
    @Override
    public Length rafterBottom(Length y) {
        if (y.atLeast(step())) {
            return low.rafterBottom(y.minus(step()));
        }
        return y.atLeast(stepFrom()) ? beamBottom() : high.rafterBottom(step().minus(y));
    }

    @Override
    public Length rafterTop(Length y) {
        return y.atLeast(step()) ? low.rafterTop(y.minus(step())) : high.rafterTop(step().minus(y));
    }

    @Override
    public Angle pitch() {
        return high.pitch();
    }

    @Override
    public List<Length> bends() {
        return List.of();
    }

    @Override
    public Area eaveVents() {
        return high.eaveVents().plus(low.eaveVents()).plus(Area.of(high.eaveWidth(), band()));
    }

    @Override
    public Length tie() {
        return beamBottom();
    }

    /** Half way from the front wall to the step: there one walks. */
    @Override
    public Length walking() {
        return high.rafterBottom(step().half());
    }

    private Length beamTop() {
        return low.rafterTop(Length.ZERO);
    }

    private Length beamBottom() {
        return beamTop().minus(high.rafter().width());
    }

    /** Top of the cap over the upper edge of the low roofing, where it meets the studs. */
    private Length capTop() {
        return RoofBuilder.capTop(low);
    }

    private Length sill() {
        return capTop().plus(UPSTAND);
    }

    private Length plateBottom() {
        return high.frontTop().minus(stud.thickness());
    }

    /** Clear height of the band of mesh. */
    private Length band() {
        return plateBottom().minus(sill());
    }

    @Override
    public void frame(PartsBook book) {
        posts(book);
        beam(book);
        band(book);
        high.frame(front(book));
        low.frame(back(book));
    }

    private PartsBook front(PartsBook book) {
        return book.from(true, step());
    }

    private PartsBook back(PartsBook book) {
        return book.from(false, step());
    }

    /** Middles of the posts between the side walls. */
    private List<Length> posts() {
        int bays = bays();
        List<Length> posts = new ArrayList<>();
        for (int n = 1; n < bays; n++) {
            Length even = high.width().times(n).dividedBy(bays);
            posts.add(nearestJoist(even));
        }
        return posts;
    }

    private Length nearestJoist(Length x) {
        return joists.stream()
                .reduce((a, b) -> b.minus(x).abs().compareTo(a.minus(x).abs()) < 0 ? b : a)
                .orElse(x);
    }

    /** So many that the beam carries half of both planes from post to post. */
    private int bays() {
        Length carried = depth.half().plus(high.overhang());
        double load =
                Strength.surfaceLoad(high.needs().weather().roof().kiloPascals(), carried) / 2;
        Section ply = high.rafter();
        int bays = 1;
        while (bays < MOST_BAYS
                && Strength.used(
                                ply.thickness(),
                                ply.width(),
                                high.width().dividedBy(bays),
                                load,
                                Strength.ROOF_SAG)
                        > 1) {
            bays++;
        }
        return bays;
    }

    /** Whether there are any that a bird's bar must stay behind. */
    @Override
    public Optional<Length> postsTo() {
        return posts().isEmpty() ? Optional.empty() : parting();
    }

    private void posts(PartsBook book) {
        for (Length middle : posts()) {
            for (Length x : List.of(middle.minus(stud.thickness()), middle)) {
                book.stick(
                        Role.BEAM_POST,
                        stud,
                        beamBottom().minus(high.floor()),
                        Solid.box(
                                x,
                                x.plus(stud.thickness()),
                                step().minus(stud.width()),
                                step(),
                                high.floor(),
                                beamBottom()));
            }
        }
    }

    /** Two sticks side by side, jointed over the posts. */
    private void beam(PartsBook book) {
        List<Length> joints = new ArrayList<>();
        joints.add(Length.ZERO);
        joints.addAll(posts());
        joints.add(high.width());
        Length thick = rafterThick();
        for (int ply = 2; ply > 0; ply--) {
            Length y = step().minus(thick.times(ply));
            for (int i = 0; i + 1 < joints.size(); i++) {
                Length x0 = joints.get(i);
                Length x1 = joints.get(i + 1);
                book.stick(
                        Role.ROOF_BEAM,
                        high.rafter(),
                        x1.minus(x0),
                        Solid.box(x0, x1, y, y.plus(thick), beamBottom(), beamTop()));
            }
        }
    }

    private void band(PartsBook book) {
        Length thick = stud.thickness();
        Length y0 = step().minus(stud.width());
        for (Length x : bandStuds()) {
            book.stick(
                    Role.BAND_STUD,
                    stud,
                    plateBottom().minus(beamTop()),
                    Solid.box(x, x.plus(thick), y0, step(), beamTop(), plateBottom()));
        }
        book.stick(
                Role.BAND_PLATE,
                stud,
                high.width(),
                Solid.box(Length.ZERO, high.width(), y0, step(), plateBottom(), high.frontTop()));
    }

    /** Left edges of the short studs, one under each rafter. */
    private List<Length> bandStuds() {
        Length last = high.width().minus(stud.thickness());
        return high.rafterEdges().stream().map(x -> x.min(last)).toList();
    }

    @Override
    public void cover(PartsBook book) {
        high.cover(front(book));
        low.cover(back(book));
        new RoofBuilder(low, back(book)).cap();
        upstand(book);
    }

    /** Against the studs of the band, where rain splashes up; its seams are on them. */
    private void upstand(PartsBook book) {
        Length skin = high.choices().skin();
        Length half = stud.thickness().half();
        List<Length> middles = bandStuds().stream().map(x -> x.plus(half)).toList();
        List<Length> seams =
                Spacing.seams(Length.ZERO, high.width(), middles, high.choices().widestPanel());
        for (int i = 0; i + 1 < seams.size(); i++) {
            Length x0 = seams.get(i);
            Length x1 = seams.get(i + 1);
            Length y = step();
            Solid solid = Solid.box(x0, x1, y, y.plus(skin), beamTop(), sill());
            book.panel(Role.SKIN, skin, x1.minus(x0), sill().minus(beamTop()), solid);
        }
    }

    @Override
    public void vents(PartsBook book, Length strip, Length plate) {
        RoofBuilder front = new RoofBuilder(high, front(book));
        RoofBuilder back = new RoofBuilder(low, back(book));
        front.vents();
        back.vents();
        if (strip.isPositive()) {
            front.backStrip(strip, plate);
            back.backStrip(strip, plate);
        }
        bandMesh(book);
    }

    private void bandMesh(PartsBook book) {
        book.mesh(
                Role.VENT_MESH,
                high.needs().meshAperture(),
                band().plus(MESH_LAP).ceilTo(high.choices().step()),
                high.width(),
                Solid.box(
                        Length.ZERO,
                        high.width(),
                        step(),
                        step().plus(MESH),
                        sill(),
                        plateBottom()));
        List<Length> studs = bandStuds();
        for (int i = 0; i + 1 < studs.size(); i++) {
            book.opening(
                    Opening.inFront(
                            Opening.Kind.WALL_VENT,
                            studs.get(i).plus(stud.thickness()),
                            studs.get(i + 1),
                            step(),
                            sill(),
                            plateBottom(),
                            high.floor()));
        }
    }
}
