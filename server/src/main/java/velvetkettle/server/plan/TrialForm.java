package velvetkettle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * What is tried before it is kept: a ticket as it stands in the browser, with one of its
 * decorations.
 *
 * @param decoration the id of one of the ticket's
 * @param medium the key of the medium that is tried for it
 */
public record TrialForm(
    @NotNull @Valid TicketForm ticket,
    @NotBlank @Size(max = 40) String decoration,
    @NotBlank @Size(max = 40) String medium) {}
