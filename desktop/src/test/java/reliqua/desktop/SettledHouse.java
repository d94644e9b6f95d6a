package reliqua.desktop;

import java.util.Optional;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.files.DemoProjects;
import reliqua.standins.Climates;
import reliqua.standins.Merchants;

/** The demo settled on the house that is found for it, sought once for all tests that cut it. */
final class SettledHouse {
    private static final Project DEMO = DemoProjects.ternLane(Merchants::priceBook, new Climates());
    private static final Design FOUND = found();

    private SettledHouse() {}

    static Project ternLane() {
        return DEMO.settledOn(FOUND.candidate());
    }

    /** What was found, with its plan. */
    static Design design() {
        return FOUND;
    }

    private static Design found() {
        try {
            return Design.derive(DEMO, Optional.empty(), Progress.NONE, _ -> {})
                    .design()
                    .orElseThrow();
        } catch (Unbuildable e) {
            throw new IllegalStateException(e);
        }
    }
}
