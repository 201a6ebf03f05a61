package velvetkettle.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;

@ExtendWith(OutputCaptureExtension.class)
class FaultsTest {
  private final Faults faults = new Faults();

  private static Exception slip(int n) {
    return new IllegalStateException("slip " + n);
  }

  @Test
  void theSameFaultIsToldAtLengthOnce(CapturedOutput output) {
    for (int n = 0; n < 50; n++) {
      faults.tell(slip(n));
    }
    String last = faults.tell(new IllegalStateException("another"));
    assertThat(output.getOut().split("at velvetkettle.server.problem.FaultsTest", -1).length)
        .isLessThan(8);
    assertThat(output.getOut()).contains("Fault " + last).contains(", as ");
    assertThat(output.getOut().lines().filter(line -> line.contains("Fault ")).count())
        .isEqualTo(51);
  }
}
