package reliqua.core.build;

import java.util.List;
import java.util.Map;

/**
 * How fast this keeper works beside the figures of a step's time, learnt from the steps whose
 * minutes were written down.
 *
 * @param taken minutes that those steps took
 * @param planned minutes they were thought to take
 */
public record Pace(int taken, int planned) {
    /** So many minutes at the figures' own pace are taken as seen before the first step. */
    private static final int BEFORE = 60;

    private static final double LEAST = 1 / 3.0;
    private static final double MOST = 3;

    /** What is learnt from the notes of a build. */
    public static Pace of(List<Step> steps, Map<String, StepNote> notes) {
        int taken = 0;
        int planned = 0;
        for (Step step : steps) {
            int minutes = minutes(step, notes);
            if (minutes > 0) {
                taken += minutes;
                planned += step.minutes();
            }
        }
        return new Pace(taken, planned);
    }

    private static int minutes(Step step, Map<String, StepNote> notes) {
        return notes.getOrDefault(step.key(), StepNote.NONE).minutes();
    }

    /** Whether anything has been learnt. */
    public boolean isKnown() {
        return taken > 0;
    }

    /**
     * Above one for a keeper who takes longer. One quick step does not turn everything round: an
     * hour at the plan's pace counts beside it, and nobody is three times as fast or as slow.
     */
    public double factor() {
        double factor = (taken + BEFORE) / (double) (planned + BEFORE);
        return Math.clamp(factor, LEAST, MOST);
    }

    /** The steps with the minutes they took, and the others at this pace. */
    public List<Step> paced(List<Step> steps, Map<String, StepNote> notes) {
        return steps.stream()
                .map(
                        s -> {
                            int took = minutes(s, notes);
                            return s.taking(
                                    took > 0 ? took : (int) Math.ceil(s.minutes() * factor()));
                        })
                .toList();
    }
}
