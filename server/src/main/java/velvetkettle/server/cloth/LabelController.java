package velvetkettle.server.cloth;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;

/** Reads a sewn-in label while it is being typed. */
@RestController
@RequestMapping("/api/labels")
public class LabelController {
  @GetMapping("/reading")
  public LabelReading read(@RequestParam String label) {
    return LabelReader.read(label);
  }
}
