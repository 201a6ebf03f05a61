package velvetkettle.core.plan.job;

import velvetkettle.core.cloth.Depth;

/** That something of a medium is on the shelf, and in which colour. */
public record Stock(String medium, String colour, Depth depth) {}
