package app.kehre.core;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

class ArchitectureTest {

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("app.kehre.core");

    @Test
    void theCoreKnowsNothingButItself() {
        classes().should().onlyDependOnClassesThat().resideInAnyPackage("app.kehre.core..", "java.lang..",
                "java.util..", "java.time..", "java.text..", "org.jspecify..").check(core);
    }

    @Test
    void itsPackagesFormNoCircle() {
        slices().matching("app.kehre.core.(*)..").should().beFreeOfCycles().check(core);
    }
}
