package reliqua.files;

import static reliqua.files.JsonWords.lower;
import static reliqua.files.JsonWords.mm;

import java.util.EnumSet;
import java.util.Set;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Tool;
import reliqua.core.flock.Wish;
import reliqua.core.measure.Tape;
import reliqua.core.measure.UnitSystem;
import reliqua.core.measure.Weight;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The keeper in the project file. Fields of older files that are missing are as usual. */
final class KeeperJson {
    private static final Keeper USUAL = Keeper.with(Tape.METRIC);

    private KeeperJson() {}

    static void write(ObjectNode node, Keeper keeper) {
        Keeper.Body body = keeper.body();
        node.put("height", mm(body.height())).put("reach", mm(body.reach()));
        node.put("lift", body.lift().toKilograms()).put("helper", body.helper());
        node.put("units", lower(keeper.tape().system()));
        node.put("fraction", keeper.tape().denominator());
        node.put("currency", keeper.tape().currency());
        node.put("budget", JsonWords.amount(keeper.budget()));
        node.put("kerf", mm(keeper.kerf()));
        node.put("trim", mm(keeper.trim()));
        node.put("hoursAWeek", keeper.hoursAWeek());
        node.put("hour", JsonWords.amount(keeper.hour()));
        ArrayNode tools = node.putArray("tools");
        keeper.tools().forEach(t -> tools.add(lower(t)));
        ArrayNode wishes = node.putArray("wishes");
        keeper.wishes().forEach(w -> wishes.add(lower(w)));
        Keeper.Limits limits = keeper.limits();
        limits.width().ifPresent(l -> node.put("mostWidth", mm(l)));
        limits.depth().ifPresent(l -> node.put("mostDepth", mm(l)));
        limits.height().ifPresent(l -> node.put("mostHeight", mm(l)));
    }

    static Keeper read(JsonReader in) {
        Tape tape =
                new Tape(
                        in.choice("units", UnitSystem.class, UnitSystem.MILLIMETRES),
                        in.whole("fraction", 16),
                        in.text("currency", ""));
        Keeper.Body usual = USUAL.body();
        Keeper.Body body =
                new Keeper.Body(
                        in.mm("height"),
                        in.maybeMm("reach").orElse(usual.reach()),
                        Weight.ofKilograms(in.number("lift", usual.lift().toKilograms())),
                        in.flag("helper", usual.helper()));
        Set<Tool> tools = EnumSet.noneOf(Tool.class);
        tools.addAll(in.has("tools") ? in.choices("tools", Tool.class) : USUAL.tools());
        Set<Wish> wishes = EnumSet.noneOf(Wish.class);
        wishes.addAll(in.has("wishes") ? in.choices("wishes", Wish.class) : USUAL.wishes());
        return new Keeper(
                body,
                tape,
                in.money("budget"),
                in.mm("kerf"),
                tools,
                wishes,
                in.whole("hoursAWeek", USUAL.hoursAWeek()),
                new Keeper.Limits(
                        in.maybeMm("mostWidth"), in.maybeMm("mostDepth"), in.maybeMm("mostHeight")),
                in.maybeMm("trim").orElse(USUAL.trim()),
                in.has("hour") ? in.money("hour") : USUAL.hour());
    }
}
