package ostium.app;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ostium", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule arrowsPointDown = noClasses()
            .that()
            .resideInAnyPackage("ostium.core..", "ostium.render..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("ostium.app..");

    @ArchTest
    static final ArchRule renderKnowsNoFramework = noClasses()
            .that()
            .resideInAPackage("ostium.render..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "java.sql..");

    /** What draws pages uses scenes, signs and templates; these know nothing of it, or of one another. A template knows its view. */
    @ArchTest
    static final ArchRule roomsOfRenderDoNotGoInCircles = slices().matching("ostium.render.(*)..")
            .should()
            .notDependOnEachOther()
            .ignoreDependency(
                    resideInAPackage("ostium.render.page.booking.."), resideInAPackage("ostium.render.booking.."))
            .ignoreDependency(resideInAPackage("ostium.render.page.list.."), resideInAPackage("ostium.render.list.."))
            .ignoreDependency(resideInAPackage("ostium.render.page.mail.."), resideInAPackage("ostium.render.mail.."));

    @ArchTest
    static final ArchRule drawingsKnowNothingOfPages = noClasses()
            .that()
            .resideInAnyPackage("ostium.render.scene..", "ostium.render.sign..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("ostium.render");

    @ArchTest
    static final ArchRule featuresDoNotGoInCircles =
            slices().matching("ostium.app.(*)..").should().beFreeOfCycles();

    /** A feature's mapper and controller are its own: package-private, so others can only use its services. */
    @ArchTest
    static final ArchRule mappersAndControllersAreOfOneFeature = classes()
            .that()
            .haveSimpleNameEndingWith("Mapper")
            .or()
            .haveSimpleNameEndingWith("Controller")
            .and()
            .resideInAPackage("ostium.app..")
            .should()
            .bePackagePrivate();

    @ArchTest
    static final ArchRule sqlIsWrittenForMyBatisOnly = noClasses()
            .that()
            .resideInAPackage("ostium.app..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("java.sql..");

    @AnalyzeClasses(packages = "ostium.app", importOptions = ImportOption.OnlyIncludeTests.class)
    static class OfTests {
        /** Spring's extension needs a newer JUnit; tests start the real application instead. */
        @ArchTest
        static final ArchRule startTheRealApplication = noClasses()
                .should()
                .dependOnClassesThat()
                .haveSimpleName("SpringBootTest")
                .allowEmptyShould(true);
    }
}
