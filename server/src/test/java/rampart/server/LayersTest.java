package rampart.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The walls outside core. */
class LayersTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("rampart");

    @Test
    void formatsKnowNeitherSpringNorTheServer() {
        noClasses()
                .that()
                .resideInAPackage("rampart.formats..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "rampart.server..", "java.sql..")
                .check(ALL);
    }

    @Test
    void sqlStaysInTheStore() {
        noClasses()
                .that()
                .resideOutsideOfPackage("rampart.server.persistence..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc.core..", "java.sql..", "javax.sql..")
                .check(ALL);
    }

    @Test
    void controllersReachTheStoreOnlyForItsRecords() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Repository")
                .should()
                .onlyBeAccessed()
                .byAnyPackage(
                        "rampart.server.persistence..",
                        "rampart.server.history..",
                        "rampart.server.packs..",
                        "rampart.server.access..",
                        "rampart.server.house..",
                        "rampart.server.stores..",
                        "rampart.server.photographs..",
                        "rampart.server.releases..",
                        "rampart.server.packings..")
                .check(ALL);
    }

    /** What is kept has forms of its own, with versions: whoever writes plain JSON serves it, or could work it anew. */
    @Test
    void whatIsKeptIsWrittenInItsForm() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "rampart.server.history..",
                        "rampart.server.house..",
                        "rampart.server.stores..",
                        "rampart.server.releases..",
                        "rampart.server.consignments..",
                        "rampart.server.packings..",
                        "rampart.server.persistence..",
                        "rampart.server.photographs..")
                .should()
                .dependOnClassesThat()
                .haveSimpleName("JsonMapper")
                .check(ALL);
    }
}
