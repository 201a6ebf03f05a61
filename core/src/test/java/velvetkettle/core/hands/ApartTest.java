package velvetkettle.core.hands;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.junit.jupiter.api.Test;
import velvetkettle.core.work.Bench;

/** Who judges a plan must not know how it was made. */
@AnalyzeClasses(packages = "velvetkettle.core.hands")
class ApartTest {
  @ArchTest
  static final ArchRule knowsNoBenchAndNoWriter =
      noClasses()
          .that()
          .doNotHaveSimpleName("ApartTest")
          .should()
          .dependOnClassesThat()
          .haveNameMatching(
              "velvetkettle\\.core\\.(work\\.(Bench|Column|WorkPiece|Pose.*|Fillings|LaidPiece|Tool)"
                  + "|plan\\.(order|rule)\\..*"
                  + "|plan\\.recipe\\..*(Writer|Acts).*"
                  + "|plan\\.(Planner|StepWriter|Instructions|Move|SettingSelection)"
                  + "|place\\.(PlatenOnGarment|PressPositions|CoverSearch|WeakestPosition).*)");

  @Test
  void wouldSeeSomebodyWhoDoes() {
    JavaClass knowing = new ClassFileImporter().importClass(ApartTest.class);
    assertThat(
            knowing.getDirectDependenciesFromSelf().stream()
                .map(dependency -> dependency.getTargetClass().getName()))
        .contains(Bench.class.getName());
  }
}
