package velvetkettle.server.cut;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;

/**
 * Where a piece is moved to.
 *
 * @param mat from 0
 * @param x of its left upper corner, mm
 */
public record MoveForm(
    @Min(0) @Max(500) int mat,
    @Min(-5000) @Max(5000) double x,
    @Min(-5000) @Max(5000) double y,
    boolean turned,
    @Min(0) int version) {}
