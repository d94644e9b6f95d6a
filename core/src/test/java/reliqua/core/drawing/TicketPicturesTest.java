package reliqua.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.Role;
import reliqua.core.coop.Solid;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Making;
import reliqua.core.cutting.Ticket;
import reliqua.core.fit.Yards;
import reliqua.core.measure.Angle;
import reliqua.core.measure.Length;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Section;
import reliqua.core.stock.Stick;

/**
 * What a ticket shows: lanes with their rip lines, figures that can be read, parts lit in place.
 */
class TicketPicturesTest {
    private static final Section NARROW = Section.mm(38, 60);
    private static final Stick LANE = Stick.sound(NARROW, Length.mm(2000));
    private static final Stick WHOLE = Stick.sound(Section.mm(38, 150), Length.mm(2000));

    private static Ticket.Cut cut(String mark, long at, long length) {
        Solid solid =
                Solid.box(
                        Length.ZERO,
                        Length.mm(38),
                        Length.ZERO,
                        Length.mm(60),
                        Length.ZERO,
                        Length.mm(length));
        Part part =
                new Part.StickPart(
                        mark, Role.STUD, NARROW, Length.mm(length), Angle.ZERO, Angle.ZERO, solid);
        return new Ticket.Cut(
                List.of(part), Length.mm(at), Length.ZERO, Length.mm(length), Length.ZERO);
    }

    private static Ticket ripped(int lane) {
        Making making = new Making(Making.How.RIPPED, List.of(LANE, LANE), 12);
        return new Ticket(
                "S1",
                1,
                false,
                LANE,
                Optional.of(new Ticket.Made(WHOLE, making, lane)),
                List.of(cut("C1", 0, 900)));
    }

    private static Picture.Area piece(Picture picture, String tag) {
        return picture.shapes().stream()
                .filter(s -> s instanceof Picture.Area a && a.tag().equals(tag))
                .map(Picture.Area.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private static double top(Picture.Area area) {
        return area.outline().stream().mapToDouble(Picture.Point::y).min().orElseThrow();
    }

    private static double bottom(Picture.Area area) {
        return area.outline().stream().mapToDouble(Picture.Point::y).max().orElseThrow();
    }

    @Test
    void theLaneInHandIsDrawnWhereItComesOffAndTheFenceIsNamed() {
        Picture first = TicketPicture.of(ripped(1), Tape.METRIC);
        Picture second = TicketPicture.of(ripped(2), Tape.METRIC);
        double height = bottom(piece(first, "C1")) - top(piece(first, "C1"));
        assertThat(height / 150).isEqualTo(60 / 150.0);
        assertThat(top(piece(second, "C1"))).isEqualTo(bottom(piece(first, "C1")));
        assertThat(lines(first)).isEqualTo(2);
        assertThat(words(first)).contains("60");
        Ticket plain = new Ticket("S1", 1, false, LANE, List.of(cut("C1", 0, 900)));
        assertThat(lines(TicketPicture.of(plain, Tape.METRIC))).isZero();
    }

    /** Heavy lines that run along: where the saw goes. */
    private static long lines(Picture picture) {
        return picture.shapes().stream()
                .filter(s -> s instanceof Picture.Line l && l.heavy() && l.from().y() == l.to().y())
                .count();
    }

    private static List<String> words(Picture picture) {
        return labels(picture).map(Picture.Label::text).toList();
    }

    private static java.util.stream.Stream<Picture.Label> labels(Picture picture) {
        return picture.shapes().stream()
                .filter(Picture.Label.class::isInstance)
                .map(Picture.Label.class::cast);
    }

    @Test
    void figuresCloseToOneAnotherStandInRowsOfTheirOwn() {
        List<Ticket.Cut> cuts = new ArrayList<>();
        for (int n = 0; n < 4; n++) {
            cuts.add(cut("C" + n, 60L * n, 50));
        }
        Picture picture = TicketPicture.of(new Ticket("S1", 1, false, LANE, cuts), Tape.METRIC);
        List<Double> rows =
                labels(picture)
                        .filter(l -> l.text().matches("\\d+"))
                        .map(Picture.Label::away)
                        .toList();
        assertThat(rows.subList(0, 4)).doesNotHaveDuplicates();
    }

    @Test
    void litPartsAreSeenFromWhereTheyShowMost() throws Unbuildable {
        Coop coop = Yards.fitted(8).candidate().coop();
        for (Part part : coop.parts()) {
            Picture lit = Elevation.lit(coop, Tape.METRIC, Set.of(part.mark()));
            double shown = area(piece(lit, part.mark()));
            for (Elevation.View view : Elevation.View.values()) {
                Picture other = Elevation.of(coop, view, Tape.METRIC, Set.of(part.mark()));
                assertThat(shown)
                        .as("%s %s", part.mark(), view)
                        .isGreaterThanOrEqualTo(area(piece(other, part.mark())) - 100);
            }
        }
    }

    /** Seen from the front the two legs at an end stand behind one another. */
    @Test
    void partsBehindOneAnotherAreShownFromAside() throws Unbuildable {
        Coop coop = Yards.fitted(8).candidate().coop();
        Picture legs = Elevation.lit(coop, Tape.METRIC, Set.of("A1", "A2"));
        assertThat(piece(legs, "A1").outline()).isNotEqualTo(piece(legs, "A2").outline());
    }

    /** By the shoelace rule. */
    private static double area(Picture.Area area) {
        double sum = 0;
        List<Picture.Point> corners = area.outline();
        for (int n = 0; n < corners.size(); n++) {
            Picture.Point a = corners.get(n);
            Picture.Point b = corners.get((n + 1) % corners.size());
            sum += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(sum) / 2;
    }
}
