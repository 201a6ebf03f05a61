package velvetkettle.server.plan;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.core.plan.Plan;

/** A stored plan. */
public record PlanView(UUID id, UUID ticketId, int number, Instant createdAt, Plan plan) {}
