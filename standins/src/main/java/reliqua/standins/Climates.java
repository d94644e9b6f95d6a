package reliqua.standins;

import java.util.List;
import reliqua.core.flock.Climate;
import reliqua.core.flock.ClimateSource;
import reliqua.core.measure.Length;
import reliqua.core.measure.Pressure;
import reliqua.core.measure.Speed;
import reliqua.core.measure.Temperature;

/** A made-up weather service: six regions that are on no map. */
public final class Climates implements ClimateSource {
    private static final List<Climate> REGIONS =
            List.of(
                    region(
                            "Tern estuary",
                            new double[] {0.6, 40, -6, 27, 300},
                            68,
                            52,
                            55,
                            48,
                            46,
                            50,
                            48,
                            58,
                            64,
                            82,
                            84,
                            76),
                    region(
                            "Kerrin hills",
                            new double[] {1.6, 34, -14, 25, 700},
                            118,
                            92,
                            96,
                            70,
                            68,
                            72,
                            80,
                            94,
                            98,
                            124,
                            126,
                            122),
                    region(
                            "Hollin plain",
                            new double[] {0.4, 28, -5, 36, 250},
                            32,
                            30,
                            40,
                            44,
                            52,
                            46,
                            30,
                            28,
                            36,
                            44,
                            42,
                            36),
                    region(
                            "Sallow valley",
                            new double[] {0.8, 24, -11, 31, 600},
                            54,
                            46,
                            50,
                            56,
                            64,
                            70,
                            66,
                            62,
                            56,
                            58,
                            60,
                            56),
                    region(
                            "Fell country",
                            new double[] {3.2, 38, -24, 24, 1200},
                            90,
                            76,
                            70,
                            58,
                            56,
                            66,
                            74,
                            82,
                            80,
                            96,
                            98,
                            94),
                    region(
                            "Marram coast",
                            new double[] {0.3, 46, -2, 33, 100},
                            60,
                            48,
                            40,
                            30,
                            22,
                            12,
                            6,
                            8,
                            28,
                            58,
                            70,
                            68));

    private static Climate region(String name, double[] figures, Integer... rain) {
        return new Climate(
                name,
                new Pressure(figures[0]),
                new Speed(figures[1]),
                new Temperature(figures[2]),
                new Temperature(figures[3]),
                List.of(rain),
                Length.mm(Math.round(figures[4])));
    }

    @Override
    public List<Climate> regions() {
        return REGIONS;
    }
}
