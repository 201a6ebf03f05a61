package velvetkettle.server.log;

import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.server.Owner;
import velvetkettle.server.plan.Logbook;

/** Reads the logged outcomes for the planner. */
@Component
class OutcomeLogbook implements Logbook {
  private final OutcomeMapper outcomes;
  private final Owner owner;

  OutcomeLogbook(OutcomeMapper outcomes, Owner owner) {
    this.outcomes = outcomes;
    this.owner = owner;
  }

  @Override
  public Experience learnt() {
    return new Experience(
        outcomes.learnt(owner.name()).stream()
            .map(c -> new Experience.Result(c.medium(), c.kind(), c.good(), c.bad()))
            .toList());
  }

  @Override
  public int logged(UUID ticketId) {
    return outcomes.logged(owner.name(), ticketId);
  }
}
