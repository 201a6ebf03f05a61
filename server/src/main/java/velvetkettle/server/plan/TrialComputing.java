package velvetkettle.server.plan;

import java.util.List;
import org.springframework.stereotype.Component;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.plan.trial.WhatIf;
import velvetkettle.server.compute.Computing;

/** Tries settings on a ticket as it stands in the browser. */
@Component
class TrialComputing {
  private final TrialService tickets;
  private final Trials trials;
  private final Computing computing;

  TrialComputing(TrialService tickets, Trials trials, Computing computing) {
    this.tickets = tickets;
    this.trials = trials;
    this.computing = computing;
  }

  private enum Asked {
    WINDOW,
    SETTING,
    WHAT_IFS
  }

  private record Question(Asked asked, JobRequest job, String decoration, String medium) {}

  Trials.PressWindow window(TrialForm form) {
    Question question = question(Asked.WINDOW, form);
    return computing.compute(
        question, () -> trials.window(question.job, question.decoration, question.medium));
  }

  Trials.TriedSetting setting(TrialForm form) {
    Question question = question(Asked.SETTING, form);
    return computing.compute(
        question, () -> trials.tried(question.job, question.decoration, question.medium));
  }

  List<WhatIf> whatIfs(TrialForm form) {
    Question question = question(Asked.WHAT_IFS, form);
    return computing.compute(
        question, () -> trials.whatIfs(question.job, question.decoration, question.medium));
  }

  private Question question(Asked asked, TrialForm form) {
    return new Question(asked, tickets.job(form), form.decoration(), form.medium());
  }
}
