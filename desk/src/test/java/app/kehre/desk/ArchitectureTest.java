package app.kehre.desk;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

class ArchitectureTest {

    private static final JavaClasses KEHRE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("app.kehre");

    @Test
    void onlyTheDeskSeesJavaFx() {
        noClasses().that().resideOutsideOfPackage("app.kehre.desk..").should().dependOnClassesThat()
                .resideInAPackage("javafx..").check(KEHRE);
    }

    @Test
    void formatsKnowOnlyTheCore() {
        noClasses().that().resideInAPackage("app.kehre.formats..").should().dependOnClassesThat()
                .resideInAPackage("app.kehre.desk..").check(KEHRE);
    }

    @Test
    void packagesFormNoCircle() {
        slices().matching("app.kehre.desk.(*)..").should().beFreeOfCycles().check(KEHRE);
        slices().matching("app.kehre.formats.(*)..").should().beFreeOfCycles().check(KEHRE);
    }

    @Test
    void viewModelsHaveNoNodes() {
        classes().that().haveSimpleNameEndingWith("ViewModel").should().onlyDependOnClassesThat()
                .resideOutsideOfPackages("javafx.scene..", "javafx.stage..").check(KEHRE);
    }
}
