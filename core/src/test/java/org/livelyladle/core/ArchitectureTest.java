package org.livelyladle.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.livelyladle.core.heat.BoilingPoint;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepTask;

@AnalyzeClasses(packages = "org.livelyladle.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_NO_FRAMEWORK = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "org.livelyladle.core..",
                    "java..",
                    "javax.measure..",
                    "org.hipparchus..",
                    "tech.units..",
                    "systems.uom..",
                    "org.apache.commons.csv..",
                    "org.snakeyaml..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule PACKAGES_FORM_NO_CYCLE =
            slices().matching("org.livelyladle.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule AUDIT_SEES_ONLY_RECORDS = noClasses()
            .that()
            .resideInAPackage("..audit..")
            .should()
            .dependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                    "make the sequence or the schedule, or are of safety",
                    c -> c.getPackageName().endsWith(".safety")
                            || c.getPackageName().endsWith(".sequence")
                            || c.getPackageName().endsWith(".kettle")
                            || c.getPackageName().endsWith(".prep")
                                    && !c.getName().startsWith(PrepTask.class.getName())
                                    && !c.getName().equals(Prep.class.getName())
                                    && !c.getName().startsWith(Prep.class.getName() + "$")));

    @ArchTest
    static final ArchRule REHEARSAL_SHARES_NO_SIMULATOR_WITH_THE_PLANNER = noClasses()
            .that()
            .resideInAPackage("..rehearsal..")
            .should()
            .dependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                    "foresee or sequence the evening",
                    c -> c.getPackageName().endsWith(".core.evening")
                            || c.getPackageName().endsWith(".kettle")
                            || c.getPackageName().endsWith(".sequence")
                            || c.getPackageName().endsWith(".running")
                            || c.getPackageName().endsWith(".core.heat")
                                    && !c.getName().equals(BoilingPoint.class.getName())));

    @ArchTest
    static final ArchRule TABLE_HOLDS_RECORDS_ONLY = classes()
            .that()
            .resideInAPackage("..core.table")
            .should()
            .beRecords()
            .orShould()
            .beEnums()
            .orShould()
            .haveSimpleName("package-info");

    @ArchTest
    static final ArchRule CORE_HAS_NO_CLOCK_OR_CHANCE = noClasses()
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(Math.class, "random")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(java.util.Random.class);
}
