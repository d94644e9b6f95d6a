package reliqua.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The look is the stylesheet's alone, and the window does not plan. */
class ScreenArchitectureTest {
    private static final JavaClasses WINDOW =
            new ClassFileImporter()
                    .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                    .importPackages("reliqua.desktop");

    @Test
    void noViewSetsItsOwnStyle() {
        noClasses()
                .should()
                .callMethod(javafx.scene.Node.class, "setStyle", String.class)
                .check(WINDOW);
    }

    @Test
    void onlyTheWorkOfTheWindowStartsPlanners() {
        noClasses()
                .that()
                .resideOutsideOfPackage("reliqua.desktop.work..")
                .should()
                .dependOnClassesThat()
                .haveNameMatching(
                        "reliqua\\.core\\.(cutting\\.(CutPlanner|CoopPlanner)|fit\\.Fitter)")
                .check(WINDOW);
    }
}
