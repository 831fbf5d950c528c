package baylantern.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "baylantern.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule noFramework = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "org.apache.ibatis..", "jakarta..", "baylantern.app..");

    @ArchTest
    static final ArchRule noFilesNorClocks = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.nio.file..", "java.sql..", "java.net..");

    @ArchTest
    static final ArchRule todayIsAlwaysAParameter = noClasses()
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule featuresDoNotGoInCircles =
            slices().matching("baylantern.core.(*)..").should().beFreeOfCycles();
}
