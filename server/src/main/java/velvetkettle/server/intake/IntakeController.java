package velvetkettle.server.intake;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.intake.Template;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/** Reads orders while they are being typed, and gives garments to begin with. Keeps nothing. */
@RestController
@RequestMapping("/api/intake")
public class IntakeController {
  private final Speech speech;

  IntakeController(Speech speech) {
    this.speech = speech;
  }

  @PostMapping
  public IntakeView read(@Valid @RequestBody IntakeForm form) {
    return IntakeView.of(form, Units.asked().inches());
  }

  /** A garment of the trade with the cloth that it mostly has. */
  public record TemplateView(String key, Term name, GarmentForm garment) {}

  @GetMapping("/templates")
  public List<TemplateView> templates() {
    return Template.ALL.stream()
        .map(one -> new TemplateView(one.key(), one.name(), garment(one)))
        .toList();
  }

  /** In white, until its colour is known. */
  private GarmentForm garment(Template template) {
    return new GarmentForm(
        speech.say(template.name()),
        template.kind(),
        template.label(),
        template.fabric(),
        "white",
        Depth.WHITE,
        Hue.NEUTRAL,
        DyeKind.UNKNOWN,
        template.finish(),
        template.obstacles(),
        IronMark.UNKNOWN,
        template.fits(),
        null,
        List.of(),
        null,
        template.uses());
  }
}
