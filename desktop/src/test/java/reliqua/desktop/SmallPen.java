package reliqua.desktop;

import java.util.Optional;
import reliqua.core.coop.family.Unbuildable;
import reliqua.core.cutting.Progress;
import reliqua.core.project.Design;
import reliqua.core.project.Project;
import reliqua.files.Examples;
import reliqua.standins.Merchants;

/** An example of a pen that is moved: all a coop has, in few pieces. */
final class SmallPen {
    private SmallPen() {}

    /** The house is still to be sought, which takes a moment. */
    static Project sought() {
        return Examples.find("coal-lane").orElseThrow().project(Merchants::priceBook);
    }

    /** What is found for it. */
    static Design design() {
        try {
            return Design.derive(sought(), Optional.empty(), Progress.NONE, _ -> {})
                    .design()
                    .orElseThrow();
        } catch (Unbuildable e) {
            throw new IllegalStateException(e);
        }
    }
}
