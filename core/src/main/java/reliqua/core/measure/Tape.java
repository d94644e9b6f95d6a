package reliqua.core.measure;

import java.util.Locale;

/**
 * Prints measures in the keeper's way: inches to a fraction, or millimetres, and areas, weights and
 * money to match.
 *
 * @param system the keeper's tape
 * @param denominator finest fraction of an inch that is shown: 16 or 32
 * @param currency the sign set before an amount of money
 */
public record Tape(UnitSystem system, int denominator, String currency) {
    private static final long NM_PER_INCH = 25_400_000L;
    private static final double LITRES_PER_GALLON = 3.785411784;

    /** Refuses a fraction other than sixteenths and thirty-seconds. */
    public Tape {
        if (denominator != 16 && denominator != 32) {
            throw new IllegalArgumentException(
                    "finest fraction 1/" + denominator + " is not offered; use 16 or 32");
        }
    }

    /** Inches to 1/16 and dollars. */
    public static final Tape INCH = new Tape(UnitSystem.INCHES, 16, "$");

    /** Millimetres and pounds. */
    public static final Tape METRIC = new Tape(UnitSystem.MILLIMETRES, 16, "£");

    /** Reads what this keeper types. */
    public TapeReader reader() {
        return new TapeReader(system);
    }

    /** Reads areas this keeper types. */
    public AreaReader areas() {
        return new AreaReader(system);
    }

    /** The smallest step this tape shows. */
    public Length step() {
        return system == UnitSystem.INCHES ? new Length(NM_PER_INCH / denominator) : Length.mm(1);
    }

    /** A length as read off the tape, without the unit: {@code 64 1/2} or {@code 1638}. */
    public String mark(Length length) {
        if (system == UnitSystem.MILLIMETRES) {
            return trimmed(length.toMm(), 1);
        }
        long parts = Math.round((double) length.nm() * denominator / NM_PER_INCH);
        String sign = parts < 0 ? "-" : "";
        long whole = Math.abs(parts) / denominator;
        long rest = Math.abs(parts) % denominator;
        if (rest == 0) {
            return sign + whole;
        }
        long divisor =
                java.math.BigInteger.valueOf(rest)
                        .gcd(java.math.BigInteger.valueOf(denominator))
                        .longValue();
        String fraction = rest / divisor + "/" + denominator / divisor;
        return whole == 0 ? sign + fraction : sign + whole + " " + fraction;
    }

    /** A length with its unit: {@code 64 1/2 in} or {@code 1638 mm}. */
    public String say(Length length) {
        return mark(length) + (system == UnitSystem.INCHES ? " in" : " mm");
    }

    /** A long length as feet and inches ({@code 6' 4 1/2"}) or millimetres. */
    public String sayLong(Length length) {
        if (system == UnitSystem.MILLIMETRES || length.nm() < 12 * NM_PER_INCH) {
            return say(length);
        }
        Length shown = Length.inches(Math.round(length.toInches() * denominator), denominator);
        long feet = shown.nm() / (12 * NM_PER_INCH);
        return feet + "' " + mark(shown.minus(Length.inches(12 * feet))) + "\"";
    }

    /** Section as thickness by width: {@code 1 1/2 x 3 1/2} or {@code 38 x 89}. */
    public String section(Length thickness, Length width) {
        return mark(thickness) + " x " + mark(width);
    }

    /** An area in square feet or square metres. */
    public String say(Area area) {
        return system == UnitSystem.INCHES
                ? trimmed(area.toSquareFeet(), 1) + " sq ft"
                : trimmed(area.toSquareMetres(), 2) + " m²";
    }

    /** A weight in pounds or kilograms. */
    public String say(Weight weight) {
        return system == UnitSystem.INCHES
                ? trimmed(weight.toPounds(), 0) + " lb"
                : trimmed(weight.toKilograms(), 0) + " kg";
    }

    /** A small weight to a tenth of a pound or kilogram. */
    public String fine(Weight weight) {
        return system == UnitSystem.INCHES
                ? trimmed(weight.toPounds(), 1) + " lb"
                : trimmed(weight.toKilograms(), 1) + " kg";
    }

    /** An amount of money with two decimals. */
    public String say(Money money) {
        String amount = String.format(Locale.ENGLISH, "%,.2f", Math.abs(money.amount()));
        return (money.micros() < 0 ? "-" : "") + currency + amount;
    }

    /** An angle as a square sets it: so much rise in a foot of run, or in a tenth of a metre. */
    public String rise(Angle angle) {
        boolean inch = system == UnitSystem.INCHES;
        Length run = inch ? Length.inches(12) : Length.mm(100);
        Length exact = run.scaled(Math.abs(angle.tan()));
        Length rounded = exact.plus(step().half()).floorTo(step());
        return Words.say("tape.rise", mark(rounded), mark(run));
    }

    /** An angle to a tenth of a degree. */
    public String say(Angle angle) {
        return trimmed(angle.degrees(), 1) + "°";
    }

    /** A load in pounds a square foot or kilonewtons a square metre. */
    public String say(Pressure pressure) {
        return system == UnitSystem.INCHES
                ? trimmed(pressure.toPoundsPerSquareFoot(), 0) + " psf"
                : trimmed(pressure.kiloPascals(), 2) + " kN/m²";
    }

    /** A wind in miles an hour or metres a second. */
    public String say(Speed speed) {
        return system == UnitSystem.INCHES
                ? trimmed(speed.toMilesPerHour(), 0) + " mph"
                : trimmed(speed.metresPerSecond(), 1) + " m/s";
    }

    /** A temperature in degrees Fahrenheit or Celsius. */
    public String say(Temperature temperature) {
        return system == UnitSystem.INCHES
                ? trimmed(temperature.toFahrenheit(), 0) + " °F"
                : trimmed(temperature.celsius(), 0) + " °C";
    }

    /** Water in gallons or litres. */
    public String say(Volume volume) {
        return system == UnitSystem.INCHES
                ? trimmed(volume.litres() / LITRES_PER_GALLON, 1) + " gal"
                : trimmed(volume.litres(), 1) + " l";
    }

    /** A distance over ground: {@code 28 ft} or {@code 8.6 m}. */
    public String say(Distance distance) {
        if (system == UnitSystem.INCHES) {
            return Math.round(distance.length().toInches() / 12) + " ft";
        }
        return trimmed(distance.length().toMetres(), 1) + " m";
    }

    /** Any measure or count, worded; texts pass through. */
    public String word(Object value) {
        return switch (value) {
            case Length length -> say(length);
            case Area area -> say(area);
            case Weight weight -> say(weight);
            case Money money -> say(money);
            case Angle angle -> say(angle);
            case Slope slope -> rise(slope.angle());
            case Marked mark -> say(mark.length().plus(step().half()).floorTo(step()));
            case Pressure pressure -> say(pressure);
            case Speed speed -> say(speed);
            case Temperature temperature -> say(temperature);
            case Volume volume -> say(volume);
            case Distance distance -> say(distance);
            case Sum sum -> sum.words(this);
            case Double number -> trimmed(number, 2);
            default -> value.toString();
        };
    }

    private static String trimmed(double value, int decimals) {
        String text = String.format(Locale.ENGLISH, "%." + decimals + "f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
