package reliqua.core.flock;

import java.util.List;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Temperature;
import reliqua.core.measure.Words;

/**
 * The weather of a place.
 *
 * @param region where the figures come from; empty when typed by the keeper
 * @param snow load on the ground
 * @param wind strongest gust to reckon with
 * @param coldest of a usual winter
 * @param hottest of a usual summer
 * @param rain millimetres of each month, January first
 * @param frost depth to which the ground freezes
 */
public record Climate(
        String region,
        Pressure snow,
        Speed wind,
        Temperature coldest,
        Temperature hottest,
        List<Integer> rain,
        Length frost) {
    /** A mild place inland: little snow, a gale now and then. */
    public static final Climate MILD =
            new Climate(
                    "",
                    new Pressure(0.5),
                    new Speed(22),
                    new Temperature(-8),
                    new Temperature(29),
                    List.of(60, 50, 50, 45, 50, 55, 55, 60, 60, 70, 70, 65),
                    Length.mm(450));

    /** From here up hens need more air and shade than floor alone asks for. */
    public static final Temperature HOT = new Temperature(32);

    /** Refuses a year that has not twelve months of rain, or a summer colder than its winter. */
    public Climate {
        rain = List.copyOf(rain);
        if (rain.size() != 12 || rain.stream().anyMatch(mm -> mm < 0)) {
            throw new IllegalArgumentException(Words.say("climate.rain"));
        }
        if (hottest.celsius() < coldest.celsius()) {
            throw new IllegalArgumentException(Words.say("climate.order"));
        }
    }

    /** Whether summers are hot. */
    public boolean hot() {
        return hottest.celsius() >= HOT.celsius();
    }

    /**
     * How deep the ground freezes, as a keeper with that tape would name it. A figure that lies on
     * the tape's steps stays as it is: it may have been typed.
     */
    public Length frost(Tape tape) {
        return frost.floorTo(tape.step()).equals(frost) ? frost : tape.system().natural(frost);
    }

    public Climate withSnow(Pressure other) {
        return new Climate("", other, wind, coldest, hottest, rain, frost);
    }

    public Climate withWind(Speed other) {
        return new Climate("", snow, other, coldest, hottest, rain, frost);
    }

    public Climate withColdest(Temperature other) {
        return new Climate("", snow, wind, other, hottest, rain, frost);
    }

    public Climate withHottest(Temperature other) {
        return new Climate("", snow, wind, coldest, other, rain, frost);
    }

    public Climate withRain(List<Integer> other) {
        return new Climate("", snow, wind, coldest, hottest, other, frost);
    }

    public Climate withFrost(Length other) {
        return new Climate("", snow, wind, coldest, hottest, rain, other);
    }
}
