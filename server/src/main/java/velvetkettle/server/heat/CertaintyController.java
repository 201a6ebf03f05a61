package velvetkettle.server.heat;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.heat.certainty.Certainty;
import velvetkettle.server.compute.Computing;

/** What the heat computation stands on, computed anew each time it is asked for. */
@RestController
@RequestMapping("/api/heat/certainty")
public class CertaintyController {
  private final Computing computing;

  CertaintyController(Computing computing) {
    this.computing = computing;
  }

  @GetMapping
  public Certainty certainty() {
    return computing.compute(Certainty.class, Certainty::now);
  }
}
