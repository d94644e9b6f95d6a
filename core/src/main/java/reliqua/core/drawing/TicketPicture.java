package reliqua.core.drawing;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Part;
import reliqua.core.cutting.Ticket;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Block;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Hardware;
import reliqua.core.stock.Mesh;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Pole;
import reliqua.core.stock.Roofing;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

/**
 * What is cut from one thing, drawn to scale: strips with running tape marks, sheets with their
 * panels.
 */
public final class TicketPicture {
    private TicketPicture() {}

    /** The drawing of a ticket. */
    public static Picture of(Ticket ticket, Tape tape) {
        return switch (ticket.material()) {
            case Stick s ->
                    StripPicture.of(ticket, s.length(), s.flaws(), Ink.WOOD, Ink.WOOD_EDGE, tape);
            case Pole p ->
                    StripPicture.of(ticket, p.length(), List.of(), Ink.WOOD, Ink.WOOD_EDGE, tape);
            case Roofing r ->
                    StripPicture.of(ticket, r.length(), r.flaws(), Ink.METAL, Ink.METAL_EDGE, tape);
            case Sheet s -> SheetPicture.of(ticket, s, Ink.SHEET, tape);
            case Mesh m ->
                    SheetPicture.of(
                            ticket,
                            new Sheet(
                                    Sheet.Kind.BOARD,
                                    m.aperture(),
                                    m.width(),
                                    m.length(),
                                    List.of()),
                            Ink.MESH,
                            tape);
            case Pallet _, FoundPart _, Block _, Hardware _ -> LotPicture.of(ticket.material());
        };
    }

    /** The part a piece becomes; none for one that serves nothing any more. */
    static Optional<Part> first(Ticket.Cut cut) {
        return cut.parts().stream().findFirst();
    }

    static String tag(Ticket.Cut cut) {
        return first(cut).map(Part::mark).orElse("");
    }
}
