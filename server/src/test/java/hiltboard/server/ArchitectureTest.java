package hiltboard.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("hiltboard");

    @Test
    void core_never_looks_back_at_the_server() {
        noClasses()
                .that()
                .resideInAPackage("hiltboard.core..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("hiltboard.server..")
                .check(ALL);
    }

    @Test
    void features_do_not_hang_on_each_other_in_a_circle() {
        slices().matching("hiltboard.server.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void only_repositories_speak_sql() {
        noClasses()
                .that()
                .areNotAnnotatedWith(Repository.class)
                .should()
                .dependOnClassesThat()
                .areAssignableTo(JdbcClient.class)
                .check(ALL);
    }
}
