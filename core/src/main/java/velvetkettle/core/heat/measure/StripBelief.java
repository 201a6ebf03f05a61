package velvetkettle.core.heat.measure;

/**
 * What strips alone say of a display.
 *
 * @param offset by how much the platen is hotter than its display, K; 0 where no strip was pressed
 * @param weight one over its variance, 1/K2; 0 where no strip was pressed
 */
record StripBelief(double offset, double weight) {}
