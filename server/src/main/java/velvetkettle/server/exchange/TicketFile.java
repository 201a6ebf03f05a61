package velvetkettle.server.exchange;

import com.fasterxml.jackson.databind.JsonNode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.server.plan.TicketForm;

/**
 * A ticket with its newest plan, to be kept or taken elsewhere; described in docs/formats.
 *
 * @param format always {@value #FORMAT}
 * @param version of this format; the plan has its own schema number inside
 * @param named what the ids in the ticket are called, for a shop that does not know them
 * @param plan null where none was made
 */
record TicketFile(
    String format,
    int version,
    @NotNull @Valid TicketForm ticket,
    @NotNull @Valid Named named,
    @Nullable KeptPlan plan) {
  static final String FORMAT = "velvet-kettle-ticket";
  static final int VERSION = 1;

  /**
   * @param press the press of the ticket
   * @param materials each with its id
   */
  record Named(@NotNull String press, List<NamedMaterial> materials) {
    Named {
      materials = materials == null ? List.of() : List.copyOf(materials);
    }
  }

  record NamedMaterial(UUID id, String name) {}

  /** A plan with what it was made from, as they are stored. */
  record KeptPlan(int number, Instant createdAt, JsonNode request, JsonNode plan) {}
}
