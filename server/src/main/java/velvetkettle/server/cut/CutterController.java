package velvetkettle.server.cut;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.cut.wear.CutterPart;

/** The shop's cutter. */
@RestController
@RequestMapping("/api/cutter")
public class CutterController {
  private final CutterService cutter;

  CutterController(CutterService cutter) {
    this.cutter = cutter;
  }

  @GetMapping
  public CutterView view() {
    return cutter.view();
  }

  /** A new blade is fitted, or a mat that holds. */
  @PutMapping("/{part}/{id}")
  public CutterView fitted(@PathVariable CutterPart part, @PathVariable UUID id) {
    return cutter.fitted(part, id);
  }
}
