package app.carder.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;

@AnalyzeClasses(packages = "app.carder.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {

    @ArchTest
    static final ArchRule CORE_IS_PURE = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "app.carder.core..",
                    "java..",
                    "org.jspecify.annotations..",
                    "org.apache.commons.csv..",
                    "org.locationtech.jts..",
                    "com.ibm.icu..",
                    "ai.timefold.solver..")
            .because("rules and computations must be testable and readable on their own");

    @ArchTest
    static final ArchRule ONLY_WHAT_IS_SAID_KNOWS_LANGUAGES = noClasses()
            .that()
            .resideOutsideOfPackage("app.carder.core.said..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("com.ibm.icu..")
            .because("the rest is translated to the device, which has no such library");

    @ArchTest
    static final ArchRule PACKAGES_FORM_NO_CYCLE = slices().matching("app.carder.core.(*)..")
            .should()
            .beFreeOfCycles()
            .because("each thing that people calculate with must be understandable by itself");

    @ArchTest
    static final ArchRule NO_NOW = noClasses()
            .should()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(LocalTime.class, "now")
            .orShould()
            .callMethod(Clock.class, "systemDefaultZone")
            .because("a computation gets its day and time handed in");
}
