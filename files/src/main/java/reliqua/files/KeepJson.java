package reliqua.files;

import static reliqua.files.JsonWords.lower;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import reliqua.core.keep.Chore;
import reliqua.core.keep.Entry;
import reliqua.core.keep.KeepBook;
import reliqua.core.keep.Vessel;
import reliqua.core.measure.Volume;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is known of a coop in use, without its log, which is a table. */
final class KeepJson {
    private KeepJson() {}

    static void write(ObjectNode node, KeepBook book) {
        book.since().ifPresent(day -> node.put("since", day.toString()));
        ArrayNode vessels = node.putArray("vessels");
        for (Vessel vessel : book.vessels()) {
            vessels.addObject()
                    .put("kind", lower(vessel.kind()))
                    .put("litres", vessel.volume().litres())
                    .put("places", vessel.places());
        }
        ObjectNode off = node.putObject("putOff");
        book.putOff().forEach((chore, day) -> off.put(lower(chore), day.toString()));
        node.put("egg", JsonWords.amount(book.costing().boughtEgg()));
        node.put("years", book.costing().years());
        book.builtFor().ifPresent(birds -> FlockJson.write(node.putObject("builtFor"), birds));
    }

    static KeepBook read(JsonReader in, List<Entry> log) {
        Map<Chore, LocalDate> off = new EnumMap<>(Chore.class);
        in.inner("putOff").ifPresent(days -> putOff(days, off));
        KeepBook.Costing usual = KeepBook.Costing.USUAL;
        return new KeepBook(
                day(in, "since"),
                in.list("vessels", KeepJson::vessel),
                log,
                off,
                new KeepBook.Costing(
                        in.has("egg") ? in.money("egg") : usual.boughtEgg(),
                        in.whole("years", usual.years())),
                in.inner("builtFor").map(FlockJson::read));
    }

    private static Vessel vessel(JsonReader in) {
        return new Vessel(
                in.choice("kind", Vessel.Kind.class, Vessel.Kind.BUCKET),
                new Volume(in.number("litres", 10)),
                in.whole("places", 0));
    }

    private static void putOff(JsonReader days, Map<Chore, LocalDate> off) {
        for (Chore chore : Chore.values()) {
            day(days, lower(chore)).ifPresent(day -> off.put(chore, day));
        }
    }

    private static Optional<LocalDate> day(JsonReader in, String field) {
        if (!in.has(field)) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(in.text(field, "")));
        } catch (DateTimeParseException e) {
            in.fault(field + " must be a day like 2026-03-09");
            return Optional.empty();
        }
    }
}
