package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;

class MigrationShareTest {
  @ParameterizedTest
  @EnumSource(Fabric.class)
  @DisplayName("for one film a higher share of polyester never lowers what migrates into it")
  void morePolyesterNeverMigratesLess(Fabric fabric) {
    double before = 0;
    for (int share = 5; share < 100; share += 5) {
      double tint = tint(fabric, Blend.of(Fibre.POLYESTER, share, Fibre.COTTON));
      assertThat(tint).as("%s %% polyester", share).isGreaterThanOrEqualTo(before);
      before = tint;
    }
    assertThat(tint(fabric, Blend.of(Fibre.POLYESTER))).isGreaterThanOrEqualTo(before);
  }

  private static double tint(Fabric fabric, Blend blend) {
    Pressing pressing =
        PressingBuilder.film().on(fabric, blend).dyed(DyeKind.DISPERSE, Depth.DARK).build();
    return Reading.of(
            pressing,
            PressSimulation.of(pressing, pressing.phases(), ParameterSample.NOMINAL, Detail.FINE))
        .tint();
  }
}
