package velvetkettle.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The rooms of the craft and which way they may look. */
@AnalyzeClasses(
    packages = "velvetkettle.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule plainJava =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideOutsideOfPackages(
              "velvetkettle.core..",
              "java..",
              "javax.xml.stream..",
              "javax.imageio..",
              "org.jspecify..",
              "com.github.benmanes.caffeine..",
              "org.locationtech.jts..")
          .because(
              "the craft knows no framework, no database and no JSON; it may remember and measure");

  @ArchTest
  static final ArchRule noDatabaseNoNetNoFiles =
      noClasses()
          .that()
          .resideOutsideOfPackage("..cut.svg..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "java.sql..", "javax..", "java.net..", "java.nio.file..", "java.io..");

  /** Drawings come as bytes, and are read with the JDK's readers of XML and of pictures. */
  @ArchTest
  static final ArchRule drawingsAreReadFromMemory =
      noClasses()
          .that()
          .resideInAPackage("..cut.svg..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("java.sql..", "java.net..", "java.nio.file..", "javax.xml.parsers..")
          .orShould()
          .dependOnClassesThat()
          .haveNameMatching("java\\.io\\.File.*");

  @ArchTest
  static final ArchRule noClock =
      noClasses()
          .should()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(System.class, "nanoTime")
          .orShould()
          .callMethod(java.time.Instant.class, "now")
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(java.time.Clock.class);

  @ArchTest
  static final ArchRule roomsLookOneWay =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("quantity")
          .definedBy("..core.quantity..")
          .layer("colour")
          .definedBy("..core.colour..")
          .layer("cloth")
          .definedBy("..core.cloth..")
          .layer("press")
          .definedBy("..core.press..")
          .layer("art")
          .definedBy("..core.art..")
          .layer("school")
          .definedBy("..core.school..")
          .layer("media")
          .definedBy("..core.media..")
          .layer("shelf")
          .definedBy("..core.shelf..")
          .layer("place")
          .definedBy("..core.place..")
          .layer("work")
          .definedBy("..core.work..")
          .layer("cut")
          .definedBy("..core.cut..")
          .layer("heat")
          .definedBy("..core.heat..")
          .layer("plan")
          .definedBy("..core.plan..")
          .layer("run")
          .definedBy("..core.run..")
          .layer("day")
          .definedBy("..core.day..")
          .layer("log")
          .definedBy("..core.log..")
          .layer("practice")
          .definedBy("..core.practice..")
          .whereLayer("colour")
          .mayOnlyAccessLayers("quantity")
          .whereLayer("log")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("day")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("practice")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("run")
          .mayOnlyBeAccessedByLayers("day", "log", "practice")
          .whereLayer("plan")
          .mayOnlyBeAccessedByLayers("run", "day", "log", "practice")
          .whereLayer("cut")
          .mayOnlyBeAccessedByLayers("plan", "run", "day", "log", "practice")
          .whereLayer("work")
          .mayOnlyBeAccessedByLayers("heat", "plan", "run", "day", "log", "practice")
          .whereLayer("work")
          .mayOnlyAccessLayers("quantity", "cloth", "press", "media", "place")
          .whereLayer("place")
          .mayOnlyBeAccessedByLayers("work", "plan", "run", "day", "log", "practice")
          .whereLayer("heat")
          .mayOnlyBeAccessedByLayers("plan", "run", "day", "log", "practice")
          .whereLayer("shelf")
          .mayOnlyBeAccessedByLayers("cut", "heat", "plan", "run", "day", "log", "practice")
          .whereLayer("media")
          .mayOnlyBeAccessedByLayers(
              "shelf", "place", "work", "cut", "heat", "plan", "run", "day", "log", "practice")
          .whereLayer("art")
          .mayOnlyAccessLayers("quantity", "cloth", "press")
          .whereLayer("school")
          .mayOnlyAccessLayers("quantity")
          .whereLayer("quantity")
          .mayNotAccessAnyLayer();

  @ArchTest
  static final ArchRule clothAndPressStandSideBySide =
      noClasses()
          .that()
          .resideInAPackage("..core.press..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("..core.cloth..");

  @ArchTest
  static final ArchRule noCycles =
      slices().matching("velvetkettle.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule marginsStandOnWhatHeatDoes =
      noClasses()
          .that()
          .resideInAnyPackage("..heat.phase..", "..heat.conduction..", "..heat.dose..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("velvetkettle.core.heat", "..heat.story..", "..heat.certainty..");

  @ArchTest
  static final ArchRule noCyclesWithinHeat =
      slices().matching("velvetkettle.core.heat.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule aPlanIsMadeOfItsRooms =
      noClasses()
          .that()
          .resideInAnyPackage(
              "..plan.job..",
              "..plan.recipe..",
              "..plan.option..",
              "..plan.rule..",
              "..plan.order..",
              "..plan.together..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("velvetkettle.core.plan", "..plan.trial..");

  @ArchTest
  static final ArchRule noCyclesWithinPlan =
      slices().matching("velvetkettle.core.plan.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule namesOfTheTrade =
      noClasses().should().haveNameMatching(".*(Util|Utils|Manager|Helper|Impl)");

  @ArchTest
  static final ArchRule rulesAreFinal =
      classes()
          .that()
          .areAssignableTo(velvetkettle.core.plan.rule.Rule.class)
          .and()
          .doNotHaveModifier(com.tngtech.archunit.core.domain.JavaModifier.ABSTRACT)
          .should()
          .haveModifier(com.tngtech.archunit.core.domain.JavaModifier.FINAL);
}
