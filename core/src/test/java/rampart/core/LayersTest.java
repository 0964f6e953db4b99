package rampart.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The walls between the areas of core, as docs/architecture.md draws them. */
class LayersTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("rampart.core");

    @Test
    void coreKnowsNoFrameworkNoFilesNoClockNoChance() {
        noClasses()
                .that()
                .doNotHaveSimpleName("StandardCatalogue")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "javax.xml..", "org.w3c..")
                .because("one file alone is read: the catalogue that ships")
                .check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "java.sql..",
                        "javax.sql..",
                        "java.nio..",
                        "java.time..",
                        "java.util.concurrent..",
                        "rampart.formats..",
                        "rampart.server..")
                .because("core is plain computation")
                .check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
        noClasses().should().callMethod(Math.class, "random").check(CORE);
    }

    @Test
    void areasHaveNoCycles() {
        slices().matching("rampart.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void eachAreaSeesOnlyThoseBeneathIt() {
        layered(
                "rampart.core.pack..",
                "rampart.core.drop..",
                "rampart.core.check..",
                "rampart.core.evaluation..",
                "rampart.core.search..",
                "rampart.core.explain..");
    }

    /** From the bottom up: none depends on one above it. */
    private static void layered(String... areas) {
        for (int i = 0; i < areas.length; i++) {
            for (int above = i + 1; above < areas.length; above++) {
                noClasses()
                        .that()
                        .resideInAPackage(areas[i])
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage(areas[above])
                        .check(CORE);
            }
        }
    }

    @Test
    void cushionsBoxesAndQuantitiesStandByThemselves() {
        noClasses()
                .that()
                .resideInAPackage("rampart.core.cushion..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("rampart.core.layout..", "rampart.core.box..")
                .check(CORE);
        noClasses()
                .that()
                .resideInAPackage("rampart.core.box..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("rampart.core.layout..", "rampart.core.cushion..")
                .check(CORE);
        noClasses()
                .that()
                .resideInAPackage("rampart.core.quantity..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "rampart.core.item..",
                        "rampart.core.journey..",
                        "rampart.core.material..",
                        "rampart.core.layout..",
                        "rampart.core.cushion..",
                        "rampart.core.box..")
                .check(CORE);
    }
}
