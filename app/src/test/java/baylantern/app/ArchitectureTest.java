package baylantern.app;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import baylantern.app.platform.CheckReturnValue;
import baylantern.app.platform.Derived;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "baylantern", importOptions = ImportOption.DoNotIncludeTests.class)
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
    static final ArchRule whatAMapperAnswersIsLookedAt =
            classes().that().haveSimpleNameEndingWith("Mapper").should().beAnnotatedWith(CheckReturnValue.class);

    @ArchTest
    static final ArchRule whatIsKeptIsDerived = fields().that()
            .areDeclaredInClassesThat()
            .areMetaAnnotatedWith(org.springframework.stereotype.Component.class)
            .and()
            .areDeclaredInClassesThat()
            .resideOutsideOfPackages("baylantern.app.platform", "baylantern.app.device", "baylantern.app.demo")
            .and()
            // Work under way and uploads waiting for an answer are no knowledge of the farm.
            .areDeclaredInClassesThat()
            .haveSimpleNameNotEndingWith("Desk")
            .and()
            .areDeclaredInClassesThat()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            .areNotStatic()
            .should()
            .beFinal()
            .andShould()
            .notHaveRawType(assignableTo(java.util.Map.class)
                    .or(assignableTo(java.util.function.Supplier.class).and(not(type(Derived.class))))
                    .or(assignableTo(java.util.concurrent.atomic.AtomicReference.class)));

    /** The grower may change a figure at any time: who lives as long as the server looks it up each time. */
    @ArchTest
    static final ArchRule figuresAreLookedUpWhenTheyAreUsed = noClasses()
            .that()
            .areMetaAnnotatedWith(org.springframework.stereotype.Component.class)
            .should(new ArchCondition<>("look figures up while they are made") {
                @Override
                public void check(JavaClass type, com.tngtech.archunit.lang.ConditionEvents events) {
                    type.getConstructors().stream()
                            .flatMap(made -> made.getMethodCallsFromSelf().stream())
                            .filter(call ->
                                    call.getTargetOwner().getPackageName().equals("baylantern.core.rules"))
                            .filter(call -> java.util.Set.of("value", "figure", "figures", "now")
                                            .contains(call.getName())
                                    || call.getTarget().getRawParameterTypes().stream()
                                            .anyMatch(one -> one.getSimpleName().equals("FigureName")))
                            .forEach(call -> events.add(com.tngtech.archunit.lang.SimpleConditionEvent.satisfied(
                                    call, call.getDescription())));
                }
            });

    @ArchTest
    static final ArchRule onlyTheFarmsClockTellsTheDay = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Clock")
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule commasAreWrittenInOnePlace = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("CsvTable")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("CSVPrinter");

    /** Nobody keeps more than ten parts in order apart. */
    @ArchTest
    static final ArchRule recordsHaveTenPartsAtMost = classes()
            .that()
            .areRecords()
            .should(ArchCondition.from(DescribedPredicate.describe(
                    "have ten parts at most",
                    (JavaClass type) -> type.getFields().stream()
                                    .filter(field -> !field.getModifiers().contains(JavaModifier.STATIC))
                                    .count()
                            <= 10)));
}
