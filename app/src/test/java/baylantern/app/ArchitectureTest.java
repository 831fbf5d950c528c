package baylantern.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "baylantern.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule featuresDoNotGoInCircles =
            slices().matching("baylantern.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule mappersStayAtHome =
            classes().that().haveSimpleNameEndingWith("Mapper").should().bePackagePrivate();

    @ArchTest
    static final ArchRule controllersStayAtHome =
            classes().that().haveSimpleNameEndingWith("Controller").should().bePackagePrivate();

    @ArchTest
    static final ArchRule controllersAskServices = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Mapper");

    @ArchTest
    static final ArchRule onlyTheFarmsClockTellsTheDay = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Clock")
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now");
}
