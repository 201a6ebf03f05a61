package velvetkettle.server.plan;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.plan.trial.WhatIf;

/** Settings tried before they are kept; nothing is stored. */
@RestController
@RequestMapping("/api/trials")
public class TrialController {
  private final TrialComputing trials;

  TrialController(TrialComputing trials) {
    this.trials = trials;
  }

  /** All settings of one decoration at once, and the one that forgives most. */
  @PostMapping("/window")
  public Trials.PressWindow window(@Valid @RequestBody TrialForm form) {
    return trials.window(form);
  }

  /** One setting, with its margins and its heat story. */
  @PostMapping("/setting")
  public Trials.TriedSetting setting(@Valid @RequestBody TrialForm form) {
    return trials.setting(form);
  }

  /** What would be if one thing were otherwise. */
  @PostMapping("/what-ifs")
  public List<WhatIf> whatIfs(@Valid @RequestBody TrialForm form) {
    return trials.whatIfs(form);
  }
}
