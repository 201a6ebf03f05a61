package velvetkettle.core.heat.conduction;

import velvetkettle.core.heat.dose.Adhesive;

/**
 * Which layer is the glue. Its line towards the cloth is below it, or above it where it lies face
 * down.
 */
public record Bonding(String glue, Adhesive adhesive) {}
