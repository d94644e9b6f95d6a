package reliqua.desktop.trial;

import java.util.List;
import java.util.Random;
import reliqua.desktop.work.Workspace;

/** A keeper who says one thing after another and takes lots away again. */
final class RandomLines {
    private static final List<String> LINES =
            List.of(
                    "# 2x4 at 8ft",
                    "# of 47x100 at 2400 bow 6",
                    "# pallets 1200x1000 HT",
                    "# sheets 12 x 1220 x 2440",
                    "# hens",
                    "width 6#",
                    "foxes",
                    "# 1x3 6 ft",
                    "tin 26in x 8ft",
                    "wind 9#");

    private final Random random;

    RandomLines(Random random) {
        this.random = random;
    }

    /** One edit: mostly a line, else the last lot goes, so that the heap stays as it was. */
    void edit(Workspace workspace) {
        if (random.nextInt(2) == 0 && workspace.project().heap().lots().size() > 1) {
            workspace.edit("take", p -> p.withHeap(p.heap().minus(p.heap().lots().getLast().id())));
        } else {
            workspace.say(
                    LINES.get(random.nextInt(LINES.size()))
                            .replace("#", String.valueOf(1 + random.nextInt(9))));
        }
    }
}
