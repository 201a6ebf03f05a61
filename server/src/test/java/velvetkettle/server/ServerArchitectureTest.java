package velvetkettle.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

/** One package a room; a controller asks a service, a service is a transaction. */
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
