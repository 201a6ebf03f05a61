package velvetkettle.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.cut.letter.LetterSetting;
import velvetkettle.core.cut.print.CutLine;
import velvetkettle.core.cut.print.PrintPages;
import velvetkettle.core.cut.sum.LabelSum;
import velvetkettle.core.cut.sum.MotifSum;
import velvetkettle.core.cut.sum.PatchSum;
import velvetkettle.core.cut.sum.SlitSum;
import velvetkettle.core.cut.sum.StoneSum;
import velvetkettle.core.cut.sum.StripSum;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.cut.weed.Weeding;
import velvetkettle.core.heat.certainty.Certainty;
import velvetkettle.core.heat.measure.Measuring;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.trial.HeatStories;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.practice.Practice;
import velvetkettle.server.compute.Computing;

/**
 * One package a room; a controller asks a service or what computes; nothing computes inside a
 * transaction.
 */
@AnalyzeClasses(
    packages = "velvetkettle.server",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
  @ArchTest
  static final ArchRule controllersDoNotTouchTheDatabase =
      noClasses()
          .that()
          .areAnnotatedWith(RestController.class)
          .should()
          .dependOnClassesThat()
          .areAnnotatedWith(Mapper.class);

  @ArchTest
  static final ArchRule servicesAreTransactions =
      classes()
          .that()
          .haveSimpleNameEndingWith("Service")
          .should()
          .beAnnotatedWith(Transactional.class);

  /** Core's long work, by the classes that begin it. */
  private static final DescribedPredicate<JavaClass> LONG_WORK =
      belongToAnyOf(
          Planner.class,
          Trials.class,
          HeatStories.class,
          Measuring.class,
          Practice.class,
          Certainty.class,
          SvgReader.class,
          Weeding.class,
          LetterSetting.class,
          CutLine.class,
          PrintPages.class,
          LabelSum.class,
          PatchSum.class,
          StripSum.class,
          SlitSum.class,
          StoneSum.class,
          MotifSum.class);

  private static final DescribedPredicate<JavaClass> COMPUTES =
      DescribedPredicate.describe(
          "compute",
          one ->
              one.getPackageName().startsWith("velvetkettle.server")
                  && (one.isEquivalentTo(Computing.class)
                      || one.getMethodCallsFromSelf().stream()
                          .anyMatch(call -> LONG_WORK.test(call.getTargetOwner()))));

  private static final DescribedPredicate<JavaClass> TRANSACTIONS =
      DescribedPredicate.describe(
          "are transactions, or have methods that are",
          one ->
              one.isAnnotatedWith(Transactional.class)
                  || one.getMethods().stream()
                      .anyMatch(method -> method.isAnnotatedWith(Transactional.class)));

  @ArchTest
  static final ArchRule nothingComputesInsideATransaction =
      noClasses().that(TRANSACTIONS).should().transitivelyDependOnClassesThat(COMPUTES);

  @Test
  void theRuleKnowsWhatComputes() {
    JavaClasses all = new ClassFileImporter().importPackages("velvetkettle.server");
    assertThat(all.stream().filter(COMPUTES).map(JavaClass::getSimpleName))
        .contains(
            "PlanComputing", "TrialComputing", "Drawings", "DesignReader", "CutComputing", "Sums");
    assertThat(all.stream().filter(TRANSACTIONS).map(JavaClass::getSimpleName))
        .contains("TicketService", "PlanService", "CutService");
  }

  @ArchTest
  static final ArchRule roomsHaveNoCycles =
      slices().matching("velvetkettle.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule nobodyLooksIntoTheDemo =
      noClasses()
          .that()
          .resideOutsideOfPackage("..server.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("..server.demo..");

  @ArchTest
  static final ArchRule oneClock =
      noClasses()
          .that()
          .doNotHaveSimpleName("ShopClock")
          .should()
          .callMethod(java.time.Instant.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(java.time.Clock.class, "systemUTC");

  @ArchTest
  static final ArchRule namesOfTheTrade =
      noClasses().should().haveNameMatching(".*(Util|Utils|Manager|Helper|Impl)");
}
