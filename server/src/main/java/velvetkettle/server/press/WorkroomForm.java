package velvetkettle.server.press;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/**
 * The room as the maker reads it off a thermometer and a hygrometer.
 *
 * @param air °C
 * @param humidity relative, %
 * @param version 0 where none was kept
 */
public record WorkroomForm(
    @Min(0) @Max(45) double air, @Min(5) @Max(95) double humidity, @Min(0) int version) {}
