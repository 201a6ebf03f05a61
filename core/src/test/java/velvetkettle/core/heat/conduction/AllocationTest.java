package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.heat.dose.Adhesive;

class AllocationTest {
  private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

  @Test
  @DisplayName("a step allocates nothing: a run allocates its arrays and what it writes down")
  void innerLoop() {
    Phase phase = press();
    long few = allocated(phase, 0.05);
    long many = allocated(phase, 0.000001);
    int steps = Conduction.run(phase, 0.000001).trace().size();
    assertThat(steps).isGreaterThan(1000);
    // A moment in the trace is second, bond and platen, two faces and two waters of each of five
    // parts; the arrays double when full and are copied once.
    long written = steps * 8L * (3 + 4 * 5) * 4;
    assertThat(many - few).isLessThan(written);
  }

  private static long allocated(Phase phase, double tolerance) {
    for (int n = 0; n < 5; n++) {
      Conduction.run(phase, tolerance);
    }
    long before = THREADS.getThreadAllocatedBytes(Thread.currentThread().getId());
    Conduction.run(phase, tolerance);
    return THREADS.getThreadAllocatedBytes(Thread.currentThread().getId()) - before;
  }

  private static Phase press() {
    List<Part> parts =
        List.of(
            Layers.part(Layers.CARRIER).onto(),
            Layers.part(Layers.FILM).onto(),
            Layers.part(Layers.GLUE),
            Layers.part(Layers.JERSEY_150),
            Layers.part(Layers.FOAM));
    return new Phase(
        parts,
        new Boundary.Held(150, 2000),
        new Boundary.Held(30, 600),
        20,
        1,
        true,
        Layers.ROOM,
        Layers.HUMIDITY,
        15,
        new GlueLine(2, Adhesive.EVERYDAY, 0));
  }
}
