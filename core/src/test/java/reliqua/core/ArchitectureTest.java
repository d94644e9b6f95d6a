package reliqua.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The order of the rooms of the core, and that it has no window, file or network. */
class ArchitectureTest {
    private static final List<String> ORDER =
            List.of(
                    "measure", "stock", "flock", "coop", "check", "cutting", "fit", "buy", "build",
                    "keep", "drawing", "project");
    private static final JavaClasses CORE =
            new ClassFileImporter()
                    .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                    .importPackages("reliqua.core");

    @Test
    void everyRoomUsesOnlyThoseBeforeIt() {
        for (int i = 0; i < ORDER.size(); i++) {
            String[] later =
                    ORDER.subList(i + 1, ORDER.size()).stream()
                            .map(name -> "reliqua.core." + name + "..")
                            .toArray(String[]::new);
            if (later.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("reliqua.core." + ORDER.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(later)
                        .check(CORE);
            }
        }
    }

    @Test
    void roomsDoNotGoInCircles() {
        slices().matching("reliqua.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void coreHasNoWindowFileOrNetwork() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..", "java.awt..", "javax.swing..", "java.nio.file..", "java.net..")
                .check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.io.File")
                .check(CORE);
    }

    /** What a part is, it says itself: no rule, plan, list, step or picture asks for its name. */
    @Test
    void nobodyDownstreamKnowsRolesOrFamiliesByName() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "reliqua.core.check..",
                        "reliqua.core.cutting..",
                        "reliqua.core.buy..",
                        "reliqua.core.build..",
                        "reliqua.core.keep..",
                        "reliqua.core.drawing..")
                .should()
                .accessFieldWhere(ofARole())
                .orShould()
                .dependOnClassesThat()
                .resideInAPackage("reliqua.core.coop.family")
                .check(CORE);
    }

    private static DescribedPredicate<JavaFieldAccess> ofARole() {
        return DescribedPredicate.describe(
                "of a role by its name",
                access -> access.getTargetOwner().isEquivalentTo(reliqua.core.coop.Role.class));
    }
}
