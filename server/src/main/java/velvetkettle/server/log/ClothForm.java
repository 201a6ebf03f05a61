package velvetkettle.server.log;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import velvetkettle.server.cloth.GarmentForm;

/**
 * A garment that the shop presses often.
 *
 * @param version the version it was read at; 0 for a new one
 */
public record ClothForm(@NotNull @Valid GarmentForm garment, @Min(0) int version) {}
