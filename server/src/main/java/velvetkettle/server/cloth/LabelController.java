package velvetkettle.server.cloth;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;
import velvetkettle.core.plan.rule.DyeIsASlip;
import velvetkettle.core.quantity.Sentence;

/** Reads a sewn-in label while it is being typed, and the dye beside it. */
@RestController
@RequestMapping("/api/labels")
public class LabelController {
  @GetMapping("/reading")
  public LabelReading read(@RequestParam String label) {
    return LabelReader.read(label);
  }

  /** What is to be asked about a dye; empty where cloth of this label can have it. */
  @GetMapping("/dye")
  public List<Sentence> dye(
      @RequestParam String label, @RequestParam DyeKind dye, @RequestParam Depth depth) {
    Blend blend = LabelReader.read(label).blend();
    if (blend == null) {
      return List.of();
    }
    Colour colour = new Colour("cloth", depth, Hue.NEUTRAL);
    ClothSpec cloth =
        new ClothSpec(blend, Fabric.JERSEY, colour, dye, Finish.NONE, IronMark.UNKNOWN);
    return DyeIsASlip.question(cloth).stream().toList();
  }
}
