package reliqua.bench;

import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import reliqua.core.project.Edit;
import reliqua.core.project.History;
import reliqua.core.project.Project;
import reliqua.core.project.SayEdit;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/**
 * Edits a project without end, taking back and doing again at random: undo must lead back to
 * exactly what was there, and the memory in use must not grow. {@code soak [EDITS] [SEED]}.
 */
public final class SoakBench {
    private static final int USUAL_EDITS = 10_000;
    private static final int ROUNDS = 5;
    private static final double BACK = 0.35;
    private static final double FORTH = 0.15;
    private static final double MEGA = 1024 * 1024;

    private static final List<String> LINES =
            List.of(
                    "# 2x4 at 8ft",
                    "# of 47x100 at 2400 bow 6",
                    "# pallets 1200x1000 HT",
                    "# sheets 12 x 1220 x 2440",
                    "# hens",
                    "width 16#",
                    "budget 1#",
                    "foxes",
                    "# 1x3 6 ft",
                    "tin 26in x 8ft",
                    "wind 9#");

    private final Random random;
    private final Deque<Project> before = new ArrayDeque<>();
    private final Deque<Project> after = new ArrayDeque<>();
    private History history;
    private LocalDateTime at = LocalDateTime.of(2026, 5, 1, 8, 0);
    private int wrong;
    private int edits;

    private SoakBench(long seed) {
        this.random = new Random(seed);
        this.history = History.of(DemoProjects.ternLane(Merchants::priceBook, new Climates()));
    }

    /** Entry point. */
    public static void main(String[] args) {
        int edits = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_EDITS;
        SoakBench soak = new SoakBench(args.length > 1 ? Long.parseLong(args[1]) : 1);
        System.out.println("| steps | edits | undone to something else | MB in use |");
        System.out.println("|---|---|---|---|");
        for (int round = 1; round <= ROUNDS; round++) {
            for (int n = 0; n < edits / ROUNDS; n++) {
                soak.step();
            }
            System.out.println(
                    String.format(
                            Locale.ENGLISH,
                            "| %d | %d | %d | %.0f |",
                            edits / ROUNDS * round,
                            soak.edits,
                            soak.wrong,
                            used()));
        }
    }

    private static double used() {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        return (runtime.totalMemory() - runtime.freeMemory()) / MEGA;
    }

    private void step() {
        at = at.plusSeconds(1);
        double what = random.nextDouble();
        if (what < BACK && history.undoName().isPresent()) {
            undo();
        } else if (what < BACK + FORTH && history.redoName().isPresent()) {
            redo();
        } else {
            edit();
        }
    }

    private void undo() {
        after.addLast(history.now());
        history = history.undo(at);
        Project expected = before.pollLast();
        wrong += expected == null || expected.equals(history.now()) ? 0 : 1;
    }

    private void redo() {
        before.addLast(history.now());
        history = history.redo(at);
        Project expected = after.pollLast();
        wrong += expected == null || expected.equals(history.now()) ? 0 : 1;
    }

    private void edit() {
        if (random.nextInt(4) == 0 && !history.now().heap().lots().isEmpty()) {
            apply(new Edit("take", SoakBench::withoutLast));
            return;
        }
        String line =
                LINES.get(random.nextInt(LINES.size()))
                        .replace("#", String.valueOf(1 + random.nextInt(9)));
        for (Edit each : edits(SayEdit.read(line, history.now()))) {
            apply(each);
        }
    }

    private static List<Edit> edits(SayEdit.Said said) {
        return said instanceof SayEdit.Said.Change change ? List.of(change.edit()) : List.of();
    }

    /** As many lots as there were: a heap that grows would need more memory rightly. */
    private static Project withoutLast(Project project) {
        return project.withHeap(project.heap().minus(project.heap().lots().getLast().id()));
    }

    private void apply(Edit edit) {
        Project now = history.now();
        History next = history.apply(edit, at);
        if (next != history) {
            before.addLast(now);
            after.clear();
            history = next;
            edits++;
            while (before.size() > history.past().size()) {
                before.pollFirst();
            }
        }
    }
}
