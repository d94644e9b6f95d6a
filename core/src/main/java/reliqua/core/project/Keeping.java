package reliqua.core.project;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import reliqua.core.check.WeakSpot;
import reliqua.core.coop.Coop;
import reliqua.core.flock.Flock;
import reliqua.core.keep.After;
import reliqua.core.keep.Capacities;
import reliqua.core.keep.Due;
import reliqua.core.keep.Forecast;
import reliqua.core.keep.KeepYears;
import reliqua.core.keep.LitterPlan;
import reliqua.core.keep.Losses;
import reliqua.core.keep.LowLaying;
import reliqua.core.keep.Moves;
import reliqua.core.keep.Outgrown;
import reliqua.core.keep.RainYear;
import reliqua.core.keep.Toil;
import reliqua.core.keep.Upkeep;
import reliqua.core.keep.Vessel;
import reliqua.core.keep.Warning;
import reliqua.core.measure.Area;
import reliqua.core.measure.Money;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Volume;

/**
 * All that follows from a coop in use on a day. Without a coop drawn up only the logbook tells.
 *
 * @param today the day
 * @param coop the coop, once one is drawn up
 * @param dues chores, the most urgent first
 * @param capacities feed, water and days away
 * @param litter what the floor takes
 * @param rain a year of rain from the roof
 * @param moves where a pen that is moved stands
 * @param toil what moving such a pen takes
 * @param years what the logbook adds up to
 * @param laying how the hens lay, where enough is written down
 * @param losses birds lost and what tried to come in
 * @param warnings weather to get ready for
 * @param after what to look at after something happened
 * @param outgrown what has become too small
 * @param audit places where an animal may come in, the weakest first
 */
public record Keeping(
        LocalDate today,
        Optional<Coop> coop,
        List<Due> dues,
        Capacities capacities,
        Optional<LitterPlan> litter,
        Optional<RainYear> rain,
        Optional<Moves> moves,
        Optional<Toil> toil,
        KeepYears years,
        Optional<LowLaying> laying,
        Losses losses,
        List<Warning> warnings,
        Optional<After> after,
        List<Sum> outgrown,
        List<WeakSpot> audit) {
    /** A barrel that is tried where the keeper has none. */
    public static final Volume USUAL_BARREL = new Volume(200);

    /** Of a project on a day, with the weather to come. */
    public static Keeping of(
            Project project, Optional<Design> design, LocalDate today, List<Forecast> weather) {
        Optional<Coop> coop = design.map(d -> d.candidate().coop());
        Flock flock = project.flock();
        boolean southern = project.site().southern();
        List<Due> dues = coop.map(c -> dues(project, c, today)).orElse(List.of());
        List<Vessel> vessels = project.book().vessels();
        Capacities capacities = Capacities.of(vessels, flock, project.site().climate(), coop);
        Money cost = design.map(d -> d.bill().total()).orElse(Money.ZERO);
        return new Keeping(
                today,
                coop,
                dues,
                capacities,
                coop.map(c -> LitterPlan.of(c, flock.practice().litter())),
                coop.map(c -> rain(c, project, capacities.water())),
                coop.filter(_ -> flock.style() == Flock.Style.MOVED_DAILY)
                        .map(c -> Moves.of(project.site(), c.bounds().width(), c.bounds().depth())),
                coop.filter(_ -> flock.style() == Flock.Style.MOVED_DAILY)
                        .map(c -> Toil.of(c, project.keeper())),
                KeepYears.of(project.book(), flock, cost, southern, today),
                LowLaying.of(project.book(), flock, dues, southern, today),
                Losses.of(project.book(), coop, project.site().predators()),
                coop.map(c -> Warning.of(weather, c, vessels)).orElse(List.of()),
                coop.flatMap(c -> After.of(project.book(), c, today)),
                coop.map(
                                c ->
                                        Outgrown.of(
                                                c,
                                                flock,
                                                project.site(),
                                                project.keeper().tape().system()))
                        .orElse(List.of()),
                coop.map(c -> WeakSpot.of(c, project.site().predators())).orElse(List.of()));
    }

    private static RainYear rain(Coop coop, Project project, Volume perDay) {
        double barrels =
                project.book().vessels().stream()
                        .filter(v -> v.kind() == Vessel.Kind.BARREL)
                        .mapToDouble(v -> v.volume().litres())
                        .sum();
        Area roof = RainYear.roof(coop);
        return RainYear.of(
                roof,
                project.site().climate(),
                perDay,
                barrels > 0 ? new Volume(barrels) : USUAL_BARREL);
    }

    /** The chores alone, where nothing else is asked. */
    public static List<Due> dues(Project project, Coop coop, LocalDate today) {
        return Upkeep.of(project.book(), coop, project.flock(), project.site().southern(), today);
    }

    /** Chores that wait to be done. */
    public List<Due> now() {
        return dues.stream().filter(Due::isNow).toList();
    }
}
