package velvetkettle.server.plan;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

/** What a trial of a setting is about. */
@Service
@Transactional(readOnly = true)
public class TrialService {
  private final JobRequests requests;
  private final MediaCatalogue media;

  TrialService(JobRequests requests, MediaCatalogue media) {
    this.media = media;
    this.requests = requests;
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
