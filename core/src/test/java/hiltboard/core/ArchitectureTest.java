package hiltboard.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final String CUTTING = "hiltboard.core.stock.cutting..";
    private static final String INSET = "hiltboard.core.blade.inset..";
    private static final String NESTING = "hiltboard.core.sheath.nesting..";
    private static final String STAGGER = "hiltboard.core.etch.stagger..";
    private static final String SEARCH = "hiltboard.core.search..";
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("hiltboard.core");

    @Test
    void core_knows_nothing_but_java() {
        classes()
                .that()
                .resideOutsideOfPackages(CUTTING, INSET, STAGGER, NESTING, SEARCH)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "hiltboard.core..",
                        "java.lang..",
                        "java.util..",
                        "java.math..",
                        "java.text..",
                        "java.time..",
                        "org.jspecify..")
                .check(CORE);
    }

    @Test
    void cutting_and_insets_alone_touch_the_geometry_library_and_long_searches_the_solver() {
        classes()
                .that()
                .resideInAnyPackage(CUTTING, INSET, STAGGER, NESTING, SEARCH)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "hiltboard.core..",
                        "java.lang..",
                        "java.util..",
                        "java.math..",
                        "java.time..",
                        "org.jspecify..",
                        "org.locationtech.jts..",
                        "com.google.ortools..",
                        "com.google.protobuf..")
                .check(CORE);
    }

    @Test
    void packages_do_not_hang_on_each_other_in_a_circle() {
        slices().matching("hiltboard.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void core_reads_no_clock() {
        noClasses()
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(java.time.LocalDate.class, "now")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .check(CORE);
    }

    @Test
    void the_solvers_own_code_is_loaded_in_one_place() {
        noClasses()
                .that()
                .resideOutsideOfPackage("hiltboard.core.search")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("com.google.ortools.Loader")
                .check(CORE);
    }
}
