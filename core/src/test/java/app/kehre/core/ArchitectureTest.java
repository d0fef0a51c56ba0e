package app.kehre.core;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("app.kehre.core");

    @Test
    void theCoreKnowsNothingButItself() {
        classes().should().onlyDependOnClassesThat().resideInAnyPackage("app.kehre.core..", "java.lang..",
                "java.util..", "java.time..", "java.text..", "org.jspecify..").check(CORE);
    }

    @Test
    void itsPackagesFormNoCircle() {
        slices().matching("app.kehre.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
