package velvetkettle.server.plan;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.plan.trial.WhatIf;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

/** Tries settings on a ticket as it stands in the browser. */
@Service
@Transactional(readOnly = true)
public class TrialService {
  private final JobRequests requests;
  private final Trials trials;
  private final MediaCatalogue media;

  TrialService(JobRequests requests, Trials trials, MediaCatalogue media) {
    this.media = media;
    this.requests = requests;
    this.trials = trials;
  }

  public Trials.PressWindow window(TrialForm form) {
    return trials.window(job(form), form.decoration(), form.medium());
  }

  public Trials.TriedSetting setting(TrialForm form) {
    return trials.tried(job(form), form.decoration(), form.medium());
  }

  public List<WhatIf> whatIfs(TrialForm form) {
    return trials.whatIfs(job(form), form.decoration(), form.medium());
  }

  /** What a trial is about; refuses a decoration that is not there and a medium that is none. */
  public JobRequest job(TrialForm form) {
    TicketForm ticket = form.ticket();
    if (ticket.decorations().stream().noneMatch(d -> d.id().equals(form.decoration()))) {
      throw new NotFoundException("decoration", form.decoration());
    }
    if (media.find(form.medium()).isEmpty()) {
      throw new RefusedException("medium", Sentence.of("plan.unknown-medium", form.medium()));
    }
    return requests.of(ticket.garment(), ticket.decorations(), ticket.pieces(), ticket.pressId());
  }
}
