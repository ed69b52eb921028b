package ostium.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ostium.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreKnowsNoFramework = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "java.sql..", "gg.jte..", "ostium.render..", "ostium.app..");

    @ArchTest
    static final ArchRule clockAndRandomnessArePassedIn = noClasses()
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callConstructor(java.util.Random.class);

    @ArchTest
    static final ArchRule roomsDoNotGoInCircles =
            slices().matching("ostium.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule factsKnowNothingOfJson = noClasses()
            .that()
            .resideInAnyPackage("ostium.core.fact..", "ostium.core.hours..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("com.fasterxml..");

    @ArchTest
    static final ArchRule filesBelongToTheShell =
            noClasses().should().dependOnClassesThat().haveFullyQualifiedName("java.nio.file.Files");
}
